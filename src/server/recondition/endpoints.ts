import {
  createWorkOrder,
  putAwayWorkOrder,
  takeUpWorkOrder,
  undoFinish,
} from '../../data/recondition'
import { reconditionOperations } from '../../messages/recondition/operations'
import { requireMay } from '../access'
import { endpoints } from '../endpoints'
import { manyFound } from '../media'
import {
  buildRecipe,
  finishOrder,
  laddersOf,
  orderState,
  scheduleOf,
  stillWaiting,
  tickStep,
} from '.'

export const reconditionEndpoints = endpoints(reconditionOperations, {
  'POST /api/recondition/found': ({ db, body, now, visitor }) => {
    // What was seen anybody may say; a lot is parted by those who manage them.
    if (body.pots.some(({ part }) => part)) requireMay(visitor, 'manage')
    return manyFound(db, body, now)
  },
  'GET /api/recondition/ladders': ({ db, query, now }) => laddersOf(db, query, now),
  'GET /api/recondition/waiting': ({ db, query }) => stillWaiting(db, query),
  'POST /api/recondition/work-orders/[id]/finish': ({ db, params, now }) =>
    finishOrder(db, params.id, now),
  'POST /api/recondition/work-orders/[id]/put-away': ({ db, params }) =>
    putAwayWorkOrder(db, params.id),
  'GET /api/recondition/work-orders/[id]/state': ({ db, params }) => orderState(db, params.id),
  'PATCH /api/recondition/work-orders/[id]/steps/[stepId]': ({ db, params, body, now }) =>
    tickStep(db, params, body, now),
  'POST /api/recondition/work-orders/[id]/take-up': ({ db, params }) =>
    takeUpWorkOrder(db, params.id),
  'POST /api/recondition/work-orders/[id]/undo-finish': async ({ db, params, now }) => {
    await undoFinish(db, params.id, now)
    return null
  },
  'POST /api/recondition/work-orders': async ({ db, body, now }) => {
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
