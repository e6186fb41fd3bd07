import { pastedPotsSchema } from '../../../messages/containers/pastedPots'
import { pastePots } from '../../../server/containers'
import { defineEndpoint } from '../../../server/defineEndpoint'

/** A table of pots pasted from a spreadsheet, looked at or taken. */
export const POST = defineEndpoint({
  body: pastedPotsSchema,
  handle: ({ db, body, now }) => pastePots(db, body, now),
})
