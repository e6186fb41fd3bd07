import type { Exposure } from '../../core/season'
import { answers, operation } from '../operation'
import { type HeapAnswer, newHeapSchema } from '../recondition/batches'
import { nothing } from '../rules'
import { type SeenMends, seenMendsSchema } from './audit'
import { foundCountsSchema, foundParamsSchema, newFoundSchema } from './found'
import {
  entryParamsSchema,
  exposureSchema,
  lotParamsSchema,
  type NewLotAnswer,
  newEntrySchema,
  newLotSchema,
  type Planted,
  plantedSchema,
  renameLotSchema,
  reverseSchema,
  takeUpLotSchema,
} from './lots'
import { newReadingSchema, type ReadingAnswer } from './readings'
import {
  type MoveAnswer,
  moveSchema,
  type TransferAnswer,
  type TransferTargets,
  targetsQuerySchema,
  transferSchema,
} from './transfers'
import {
  newTreatmentSchema,
  type TreatmentAnswer,
  treatmentChangeSchema,
  treatmentParamsSchema,
} from './treatments'

export const mediaOperations = {
  'POST /api/media/heaps': operation({
    body: newHeapSchema,
    status: 201,
    answer: answers<HeapAnswer>(),
  }),
  'POST /api/media/lots/[id]/entries/[entryId]/reverse': operation({
    params: entryParamsSchema,
    body: reverseSchema,
    status: 201,
    answer: answers<null>(),
  }),
  'POST /api/media/lots/[id]/entries': operation({
    params: lotParamsSchema,
    body: newEntrySchema,
    status: 201,
    answer: answers<null>(),
  }),
  'PUT /api/media/lots/[id]/exposure': operation({
    params: lotParamsSchema,
    body: exposureSchema,
    answer: answers<{ readonly before: Exposure }>(),
  }),
  // What was seen stays written down: it only stops counting, or counts again.
  'POST /api/media/lots/[id]/findings/[findingId]/counts': operation({
    params: foundParamsSchema,
    body: foundCountsSchema,
    needs: 'log',
    answer: answers<{ readonly counts: boolean }>(),
  }),
  'POST /api/media/lots/[id]/findings': operation({
    params: lotParamsSchema,
    body: newFoundSchema,
    status: 201,
    needs: 'log',
    answer: answers<{ readonly id: number }>(),
  }),
  'PATCH /api/media/lots/[id]': operation({
    params: lotParamsSchema,
    body: renameLotSchema,
    answer: answers<{ readonly version: number }>(),
  }),
  'PUT /api/media/lots/[id]/place': operation({
    params: lotParamsSchema,
    body: moveSchema,
    answer: answers<MoveAnswer>(),
  }),
  'POST /api/media/lots/[id]/planted': operation({
    params: lotParamsSchema,
    body: plantedSchema,
    answer: answers<Planted>(),
  }),
  'POST /api/media/lots/[id]/put-away': operation({
    params: lotParamsSchema,
    body: nothing,
    answer: answers<{ readonly containerIds: readonly number[] }>(),
  }),
  'POST /api/media/lots/[id]/readings': operation({
    params: lotParamsSchema,
    body: newReadingSchema,
    status: 201,
    needs: 'log',
    answer: answers<ReadingAnswer>(),
  }),
  'POST /api/media/lots/[id]/take-up': operation({
    params: lotParamsSchema,
    body: takeUpLotSchema,
    answer: answers<null>(),
  }),
  /** Where litres of the lot can go. */
  'GET /api/media/lots/[id]/transfers': operation({
    params: lotParamsSchema,
    query: targetsQuerySchema,
    answer: answers<TransferTargets>(),
  }),
  'POST /api/media/lots/[id]/transfers': operation({
    params: lotParamsSchema,
    body: transferSchema,
    status: 201,
    answer: answers<TransferAnswer>(),
  }),
  // What was done stays written down: it only stops counting, or counts again; what goes on is ended, or goes on again.
  'PUT /api/media/lots/[id]/treatments/[treatmentId]': operation({
    params: treatmentParamsSchema,
    body: treatmentChangeSchema,
    answer: answers<{ readonly counts?: boolean; readonly goesOn?: boolean }>(),
  }),
  'POST /api/media/lots/[id]/treatments': operation({
    params: lotParamsSchema,
    body: newTreatmentSchema,
    status: 201,
    answer: answers<TreatmentAnswer>(),
  }),
  'POST /api/media/lots': operation({
    body: newLotSchema,
    status: 201,
    answer: answers<NewLotAnswer>(),
  }),
  'POST /api/media/mends/seen': operation({ body: seenMendsSchema, answer: answers<SeenMends>() }),
} as const
