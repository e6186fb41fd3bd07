import { newCalibrationSchema, testParamsSchema } from '../../../../../messages/bench/tests'
import { newCalibration } from '../../../../../server/bench'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: testParamsSchema,
  body: newCalibrationSchema,
  status: 201,
  needs: 'log',
  handle: ({ db, params, body, now }) => newCalibration(db, params.id, body, now),
})
