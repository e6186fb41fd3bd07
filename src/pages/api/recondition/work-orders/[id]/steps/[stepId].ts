import { changeStep } from '../../../../../../data/recondition'
import { readSite } from '../../../../../../data/site'
import { stepBodySchema, stepParamsSchema } from '../../../../../../messages/recondition/turnover'
import { defineEndpoint } from '../../../../../../server/defineEndpoint'
import { stepView } from '../../../../../../server/recondition'

export const PATCH = defineEndpoint({
  params: stepParamsSchema,
  body: stepBodySchema,
  handle: async ({ db, params, body, now }) => {
    const step = await changeStep(db, params.id, {
      stepId: params.stepId,
      version: body.version,
      ...(body.done === undefined ? {} : { doneAt: body.done ? now : null }),
      ...(body.actuals === undefined ? {} : { actuals: body.actuals }),
    })
    const { timeZone } = await readSite(db)
    return stepView(step, timeZone)
  },
})
