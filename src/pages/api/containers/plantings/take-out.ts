import { takePlantingsOut } from '../../../../data/season'
import { takeOutSchema } from '../../../../messages/containers/pots'
import { defineEndpoint } from '../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  body: takeOutSchema,
  handle: ({ db, body }) => takePlantingsOut(db, body.ids),
})
