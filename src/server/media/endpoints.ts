import {
  changeTreatment,
  endFinding,
  putAwayLot,
  renameLot,
  reverseEntry,
  seeMends,
  takeUpLot,
} from '../../data/media'
import { mediaOperations } from '../../messages/media/operations'
import { endpoints } from '../endpoints'
import { newFound } from '../lots'
import {
  moveLot,
  newEntry,
  newExposure,
  newHeap,
  newLot,
  newReading,
  newTransfer,
  newTreatment,
  planted,
  transferTargets,
} from '.'

export const mediaEndpoints = endpoints(mediaOperations, {
  'POST /api/media/heaps': ({ db, body, now }) => newHeap(db, body, now),
  'POST /api/media/lots/[id]/entries/[entryId]/reverse': ({ db, params, body, now }) =>
    reverseEntry(db, params.id, params.entryId, now, body.note?.trim() || null),
  'POST /api/media/lots/[id]/entries': ({ db, params, body, now }) =>
    newEntry(db, params.id, body, now),
  'PUT /api/media/lots/[id]/exposure': ({ db, params, body }) =>
    newExposure(db, params.id, body.exposure),
  'POST /api/media/lots/[id]/findings/[findingId]/counts': async ({ db, params, body, now }) => {
    await endFinding(db, params.id, params.findingId, body.counts ? null : now)
    return { counts: body.counts }
  },
  'POST /api/media/lots/[id]/findings': ({ db, params, body, now }) =>
    newFound(db, params.id, body, now),
  'PATCH /api/media/lots/[id]': ({ db, params, body }) => renameLot(db, params.id, body),
  'PUT /api/media/lots/[id]/place': ({ db, params, body, now }) =>
    moveLot(db, params.id, body, now),
  'POST /api/media/lots/[id]/planted': ({ db, params, body, now }) =>
    planted(db, params.id, body, now),
  'POST /api/media/lots/[id]/put-away': ({ db, params, now }) => putAwayLot(db, params.id, now),
  'POST /api/media/lots/[id]/readings': ({ db, params, body, now }) =>
    newReading(db, params.id, body, now),
  'POST /api/media/lots/[id]/take-up': ({ db, params, body }) =>
    takeUpLot(db, params.id, body.containerIds),
  'GET /api/media/lots/[id]/transfers': ({ db, params, query: { find = '' } }) =>
    transferTargets(db, params.id, find),
  'POST /api/media/lots/[id]/transfers': ({ db, params, body, now }) =>
    newTransfer(db, params.id, body, now),
  'PUT /api/media/lots/[id]/treatments/[treatmentId]': async ({ db, params, body, now }) => {
    const { counts, goesOn } = body
    await changeTreatment(
      db,
      params.id,
      params.treatmentId,
      counts === undefined
        ? { endedAt: goesOn ? null : now }
        : { takenBackAt: counts ? null : now },
    )
    return body
  },
  'POST /api/media/lots/[id]/treatments': ({ db, params, body, now }) =>
    newTreatment(db, params.id, body, now),
  'POST /api/media/lots': ({ db, body, now }) => newLot(db, body, now),
  'POST /api/media/mends/seen': async ({ db, body, now }) => {
    await seeMends(db, body.ids, now)
    return body
  },
})
