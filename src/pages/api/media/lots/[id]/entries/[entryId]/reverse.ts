import Joi from 'joi'
import { reverseEntry } from '../../../../../../../data/media/lots'
import { entryParamsSchema } from '../../../../../../../messages/media/lots'
import { defineEndpoint } from '../../../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: entryParamsSchema,
  body: Joi.object<{ note?: string }>({ note: Joi.string().allow('').max(500) }),
  status: 201,
  handle: ({ db, params, body, now }) =>
    reverseEntry(db, params.id, params.entryId, now, body.note?.trim() || null),
})
