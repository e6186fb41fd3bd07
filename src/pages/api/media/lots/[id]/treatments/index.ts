import { lotParamsSchema } from '../../../../../../messages/media/lots'
import { newTreatmentSchema } from '../../../../../../messages/media/treatments'
import { defineEndpoint } from '../../../../../../server/defineEndpoint'
import { newTreatment } from '../../../../../../server/media'

export const POST = defineEndpoint({
  params: lotParamsSchema,
  body: newTreatmentSchema,
  status: 201,
  handle: ({ db, params, body, now }) => newTreatment(db, params.id, body, now),
})
