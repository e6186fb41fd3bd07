import type { BenchOutcome } from '../../core/bench'
import { answers, operation } from '../operation'
import { nothing } from '../rules'
import type { SampleChoices, TestState } from './benchViews'
import { finishSchema } from './observations'
import {
  correctionSchema,
  draftSchema,
  kitSchema,
  momentParamsSchema,
  momentSchema,
  newCalibrationSchema,
  newPenSchema,
  samplesQuerySchema,
  setAsideSchema,
  startSchema,
  tapWaterSchema,
  testParamsSchema,
} from './tests'

export const benchOperations = {
  'PUT /api/bench/kit': operation({
    body: kitSchema,
    answer: answers<{ readonly version: number }>(),
  }),
  'POST /api/bench/pens/[id]/calibrations': operation({
    params: testParamsSchema,
    body: newCalibrationSchema,
    status: 201,
    needs: 'log',
    answer: answers<null>(),
  }),
  'POST /api/bench/pens': operation({
    body: newPenSchema,
    status: 201,
    answer: answers<{ readonly id: number }>(),
  }),
  /** What can be tested, by its name. */
  'GET /api/bench/samples': operation({
    query: samplesQuerySchema,
    answer: answers<SampleChoices>(),
  }),
  'POST /api/bench/tests/[id]/correct': operation({
    params: testParamsSchema,
    body: nothing,
    status: 201,
    needs: 'log',
    answer: answers<{ readonly id: number }>(),
  }),
  'PUT /api/bench/tests/[id]/draft': operation({
    params: testParamsSchema,
    body: draftSchema,
    needs: 'log',
    answer: answers<null>(),
  }),
  'POST /api/bench/tests/[id]/finish': operation({
    params: testParamsSchema,
    body: finishSchema,
    needs: 'log',
    answer: answers<BenchOutcome>(),
  }),
  'PUT /api/bench/tests/[id]/moments/[moment]': operation({
    params: momentParamsSchema,
    body: correctionSchema,
    needs: 'log',
    answer: answers<TestState>(),
  }),
  'POST /api/bench/tests/[id]/moments': operation({
    params: testParamsSchema,
    body: momentSchema,
    needs: 'log',
    answer: answers<TestState>(),
  }),
  'POST /api/bench/tests/[id]/set-aside': operation({
    params: testParamsSchema,
    body: setAsideSchema,
    needs: 'log',
    answer: answers<null>(),
  }),
  'GET /api/bench/tests/[id]/state': operation({
    params: testParamsSchema,
    answer: answers<TestState>(),
  }),
  'POST /api/bench/tests/[id]/take-up': operation({
    params: testParamsSchema,
    body: nothing,
    needs: 'log',
    answer: answers<null>(),
  }),
  'POST /api/bench/tests/[id]/throw-away': operation({
    params: testParamsSchema,
    body: nothing,
    answer: answers<null>(),
  }),
  'POST /api/bench/tests': operation({
    body: startSchema,
    status: 201,
    needs: 'log',
    answer: answers<{ readonly id: number }>(),
  }),
  'PUT /api/bench/water': operation({
    body: tapWaterSchema,
    needs: 'log',
    answer: answers<{ readonly version: number }>(),
  }),
} as const
