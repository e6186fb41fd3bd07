import { manyFoundSchema } from '../../../messages/recondition/manyFound'
import { requireMay } from '../../../server/access'
import { defineEndpoint } from '../../../server/defineEndpoint'
import { manyFound } from '../../../server/media'

export const POST = defineEndpoint({
  body: manyFoundSchema,
  status: 201,
  needs: 'log',
  handle: ({ db, body, now, visitor }) => {
    // What was seen anybody may say; a lot is parted by those who manage them.
    if (body.pots.some(({ part }) => part)) requireMay(visitor, 'manage')
    return manyFound(db, body, now)
  },
})
