import { putAwayMix } from '../../data/mixes'
import { mixesOperations } from '../../messages/mixes/operations'
import { endpoints } from '../endpoints'
import { mixToLot, saveMix, saveNextVersion } from '.'

export const mixesEndpoints = endpoints(mixesOperations, {
  'POST /api/mixes/[id]/lots': async ({ db, params, body, now }) => ({
    id: await mixToLot(db, params.id, body, now),
  }),
  'POST /api/mixes/[id]/put-away': ({ db, params, now }) => putAwayMix(db, params.id, now),
  'POST /api/mixes/[id]/take-up': ({ db, params }) => putAwayMix(db, params.id, null),
  'POST /api/mixes/[id]/versions': async ({ db, params, body, now }) => ({
    version: await saveNextVersion(db, params.id, body, now),
  }),
  'POST /api/mixes': async ({ db, body, now }) => ({ id: await saveMix(db, body, now) }),
})
