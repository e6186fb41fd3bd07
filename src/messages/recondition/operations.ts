import { rowsAskedSchema, type StandingRows } from '../list'
import { answers, operation } from '../operation'
import { nothing } from '../rules'
import { intakeBodySchema } from './answers'
import { type ManyFoundAnswer, manyFoundSchema } from './manyFound'
import { type LaddersView, laddersQuerySchema } from './plan'
import {
  type OrderState,
  type OrderStepView,
  orderParamsSchema,
  stepBodySchema,
  stepParamsSchema,
} from './turnover'

export const reconditionOperations = {
  'POST /api/recondition/found': operation({
    body: manyFoundSchema,
    status: 201,
    needs: 'log',
    answer: answers<ManyFoundAnswer>(),
  }),
  'GET /api/recondition/ladders': operation({
    query: laddersQuerySchema,
    answer: answers<LaddersView>(),
  }),
  /** Which of some lots still wait for their turnover, by their numbers, and what is left of each. */
  'GET /api/recondition/waiting': operation({
    query: rowsAskedSchema('The lots'),
    answer: answers<StandingRows>(),
  }),
  'POST /api/recondition/work-orders/[id]/finish': operation({
    params: orderParamsSchema,
    body: nothing,
    answer: answers<{ readonly leftoverLotId: number | null }>(),
  }),
  'POST /api/recondition/work-orders/[id]/put-away': operation({
    params: orderParamsSchema,
    body: nothing,
    answer: answers<null>(),
  }),
  'GET /api/recondition/work-orders/[id]/state': operation({
    params: orderParamsSchema,
    answer: answers<OrderState>(),
  }),
  'PATCH /api/recondition/work-orders/[id]/steps/[stepId]': operation({
    params: stepParamsSchema,
    body: stepBodySchema,
    needs: 'log',
    answer: answers<OrderStepView>(),
  }),
  'POST /api/recondition/work-orders/[id]/take-up': operation({
    params: orderParamsSchema,
    body: nothing,
    answer: answers<null>(),
  }),
  'POST /api/recondition/work-orders/[id]/undo-finish': operation({
    params: orderParamsSchema,
    body: nothing,
    answer: answers<null>(),
  }),
  // The recipe is worked out here again from the answers: amounts are never taken from a page.
  'POST /api/recondition/work-orders': operation({
    body: intakeBodySchema,
    status: 201,
    answer: answers<{ readonly id: number }>(),
  }),
} as const
