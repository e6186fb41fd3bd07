import { addPen, keepDraft, throwTestAway, writeKit } from '../../data/bench'
import { writeTapWater } from '../../data/site'
import { benchOperations } from '../../messages/bench/operations'
import { endpoints } from '../endpoints'
import {
  correct,
  correctTest,
  finishBenchTest,
  keepMoment,
  newCalibration,
  requireKit,
  sampleChoices,
  startBenchTest,
  testState,
} from '.'

export const benchEndpoints = endpoints(benchOperations, {
  'PUT /api/bench/kit': async ({ db, body: { kit, version } }) => {
    requireKit(kit)
    return { version: await writeKit(db, kit, version) }
  },
  'POST /api/bench/pens/[id]/calibrations': ({ db, params, body, now }) =>
    newCalibration(db, params.id, body, now),
  'POST /api/bench/pens': async ({ db, body, now }) => ({ id: await addPen(db, body.name, now) }),
  'GET /api/bench/samples': ({ db, query: { find = '' } }) => sampleChoices(db, find),
  'POST /api/bench/tests/[id]/correct': ({ db, params }) => correctTest(db, params.id),
  'PUT /api/bench/tests/[id]/draft': ({ db, params, body }) =>
    keepDraft(db, params.id, body.values),
  'POST /api/bench/tests/[id]/finish': ({ db, params, body, now }) =>
    finishBenchTest(db, params.id, body, now),
  'PUT /api/bench/tests/[id]/moments/[moment]': ({ db, params, body, now }) =>
    correct(db, params.id, params.moment, body, now),
  'POST /api/bench/tests/[id]/moments': ({ db, params, body, now }) =>
    keepMoment(db, params.id, body, now),
  'POST /api/bench/tests/[id]/set-aside': async ({ db, params, body, now }) => {
    await throwTestAway(db, params.id, now, body.reason)
    return null
  },
  'GET /api/bench/tests/[id]/state': ({ db, params, now }) => testState(db, params.id, now),
  'POST /api/bench/tests/[id]/take-up': ({ db, params }) => throwTestAway(db, params.id, null),
  'POST /api/bench/tests/[id]/throw-away': ({ db, params, now }) =>
    throwTestAway(db, params.id, now),
  'POST /api/bench/tests': async ({ db, body, now }) => ({
    id: await startBenchTest(db, body, now),
  }),
  'PUT /api/bench/water': async ({ db, body: { version, ...tapWater } }) => ({
    version: await writeTapWater(db, tapWater, version),
  }),
})
