import { addCalibration } from '../../../../../data/bench'
import { newCalibrationSchema, testParamsSchema } from '../../../../../messages/bench/tests'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: testParamsSchema,
  body: newCalibrationSchema,
  status: 201,
  handle: ({ db, params, body, now }) => addCalibration(db, params.id, { ...body, at: now }),
})
