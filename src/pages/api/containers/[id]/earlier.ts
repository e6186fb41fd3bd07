import { earlierYearsSchema, potParamsSchema } from '../../../../messages/containers/pots'
import { earlierYears } from '../../../../server/containers'
import { defineEndpoint } from '../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: potParamsSchema,
  body: earlierYearsSchema,
  status: 201,
  handle: ({ db, params, body, now }) => earlierYears(db, params.id, body, now),
})
