import { endFindingOfTrial, putAwayTrial } from '../../data/trials'
import { trialsOperations } from '../../messages/trials/operations'
import { endpoints } from '../endpoints'
import {
  changePlan,
  closeTrial,
  handOn,
  importTrial,
  keepLessons,
  keepLook,
  keepPotEvent,
  leaveOut,
  newTrial,
  plantTrial,
  setPots,
  tickTrialStep,
  trialLayout,
  trialPackage,
  trialPage,
  trialReadings,
} from '.'

export const trialsEndpoints = endpoints(trialsOperations, {
  'PUT /api/trials/[id]/close': async ({ db, params, body, now }) => {
    await closeTrial(db, params.id, body, now)
    return trialPage(db, params.id)
  },
  'POST /api/trials/[id]/events': async ({ db, params, body, now }) =>
    keepPotEvent(db, params.id, body, now),
  'POST /api/trials/[id]/findings/[findingId]/end': ({ db, params, now }) =>
    endFindingOfTrial(db, params.id, params.findingId, now),
  'POST /api/trials/[id]/findings': async ({ db, params, body, now }) =>
    handOn(db, params.id, body, now),
  'PUT /api/trials/[id]': async ({ db, params, body }) => {
    await changePlan(db, params.id, body)
    return { id: params.id }
  },
  'PUT /api/trials/[id]/layout': async ({ db, params, body }) => {
    await trialLayout(db, params.id, body)
    return trialPage(db, params.id)
  },
  'PUT /api/trials/[id]/left-out': async ({ db, params, body, now }) => {
    await leaveOut(db, params.id, body, now)
    return trialPage(db, params.id)
  },
  'PUT /api/trials/[id]/lessons': async ({ db, params, body }) => {
    await keepLessons(db, params.id, body)
    return trialPage(db, params.id)
  },
  'POST /api/trials/[id]/looks': async ({ db, params, body, now }) =>
    keepLook(db, params.id, body, now),
  'GET /api/trials/[id]/package': async ({ db, params, now }) => trialPackage(db, params.id, now),
  'POST /api/trials/[id]/plant': async ({ db, params, body, now }) => {
    return plantTrial(db, params.id, body, now)
  },
  'POST /api/trials/[id]/pots': async ({ db, params, body }) => {
    await setPots(db, params.id, body.version)
    return trialPage(db, params.id)
  },
  'POST /api/trials/[id]/put-away': ({ db, params, now }) => putAwayTrial(db, params.id, now),
  'GET /api/trials/[id]/readings': async ({ db, params }) => trialReadings(db, params.id),
  'POST /api/trials/[id]/steps': async ({ db, params, body, now }) => {
    await tickTrialStep(db, params.id, body, now)
    return trialPage(db, params.id)
  },
  'POST /api/trials/[id]/take-up': ({ db, params }) => putAwayTrial(db, params.id, null),
  'POST /api/trials/import': async ({ db, body, now }) =>
    importTrial(db, new Uint8Array(Buffer.from(body.package, 'base64')), now),
  'POST /api/trials': async ({ db, body, now }) => ({ id: await newTrial(db, body, now) }),
})
