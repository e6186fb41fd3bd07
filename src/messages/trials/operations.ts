import { answers, type FileAnswer, operation } from '../operation'
import { nothing } from '../rules'
import {
  closeTrialSchema,
  findingParamsSchema,
  findingSchema,
  leaveOutSchema,
  lookBodySchema,
  potEventSchema,
} from './looks'
import { PACKAGE_BODY_BYTES, packageSchema } from './packages'
import {
  layoutSchema,
  lessonsSchema,
  plantTrialSchema,
  setPotsSchema,
  trialParamsSchema,
  trialStepSchema,
} from './trialSteps'
import { changeTrialSchema, newTrialSchema } from './trials'
import type { TrialPage } from './trialViews'

export const trialsOperations = {
  'PUT /api/trials/[id]/close': operation({
    params: trialParamsSchema,
    body: closeTrialSchema,
    answer: answers<TrialPage>(),
  }),
  'POST /api/trials/[id]/events': operation({
    params: trialParamsSchema,
    body: potEventSchema,
    status: 201,
    needs: 'log',
    answer: answers<{ readonly id: number; readonly potId: number; readonly pots: number }>(),
  }),
  'POST /api/trials/[id]/findings/[findingId]/end': operation({
    params: findingParamsSchema,
    body: nothing,
    answer: answers<null>(),
  }),
  'POST /api/trials/[id]/findings': operation({
    params: trialParamsSchema,
    body: findingSchema,
    status: 201,
    answer: answers<{ readonly id: number }>(),
  }),
  'PUT /api/trials/[id]': operation({
    params: trialParamsSchema,
    body: changeTrialSchema,
    limitBytes: 64_000,
    answer: answers<{ readonly id: number }>(),
  }),
  'PUT /api/trials/[id]/layout': operation({
    params: trialParamsSchema,
    body: layoutSchema,
    answer: answers<TrialPage>(),
  }),
  'PUT /api/trials/[id]/left-out': operation({
    params: trialParamsSchema,
    body: leaveOutSchema,
    needs: 'log',
    answer: answers<TrialPage>(),
  }),
  'PUT /api/trials/[id]/lessons': operation({
    params: trialParamsSchema,
    body: lessonsSchema,
    answer: answers<TrialPage>(),
  }),
  'POST /api/trials/[id]/looks': operation({
    params: trialParamsSchema,
    body: lookBodySchema,
    status: 201,
    needs: 'log',
    answer: answers<{ readonly potId: number }>(),
  }),
  'GET /api/trials/[id]/package': operation({
    params: trialParamsSchema,
    answer: answers<FileAnswer>(),
  }),
  'POST /api/trials/[id]/plant': operation({
    params: trialParamsSchema,
    body: plantTrialSchema,
    answer: answers<null>(),
  }),
  'POST /api/trials/[id]/pots': operation({
    params: trialParamsSchema,
    body: setPotsSchema,
    answer: answers<TrialPage>(),
  }),
  'POST /api/trials/[id]/put-away': operation({
    params: trialParamsSchema,
    body: nothing,
    answer: answers<null>(),
  }),
  'GET /api/trials/[id]/readings': operation({
    params: trialParamsSchema,
    answer: answers<FileAnswer>(),
  }),
  'POST /api/trials/[id]/steps': operation({
    params: trialParamsSchema,
    body: trialStepSchema,
    needs: 'log',
    answer: answers<TrialPage>(),
  }),
  'POST /api/trials/[id]/take-up': operation({
    params: trialParamsSchema,
    body: nothing,
    answer: answers<null>(),
  }),
  'POST /api/trials/import': operation({
    body: packageSchema,
    limitBytes: PACKAGE_BODY_BYTES,
    status: 201,
    answer: answers<{ readonly id: number }>(),
  }),
  'POST /api/trials': operation({
    body: newTrialSchema,
    limitBytes: 64_000,
    status: 201,
    answer: answers<{ readonly id: number }>(),
  }),
} as const
