import { createWorkOrder } from '../../../../data/recondition'
import { intakeBodySchema } from '../../../../messages/recondition/answers'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { buildRecipe, scheduleOf } from '../../../../server/recondition'

// The recipe is worked out here again from the answers: amounts are never taken from a page.
export const POST = defineEndpoint({
  body: intakeBodySchema,
  status: 201,
  handle: async ({ db, body, now }) => {
    const built = await buildRecipe(db, body, now)
    const { steps, readyOn } = scheduleOf(built, now)
    const id = await createWorkOrder(db, {
      lotId: body.lot,
      intake: built.intake,
      recipe: built.recipe,
      steps,
      readyOn,
      at: now,
    })
    return { id }
  },
})
