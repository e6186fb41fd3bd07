import { putContainersAway, putPlaceAway, takeContainersUp } from '../../data/containers'
import { movePlantingBack, readPhoto, takeEndBack, takePlantingsOut } from '../../data/season'
import { containersOperations } from '../../messages/containers/operations'
import { Picture } from '../answerKinds'
import { endpoints } from '../endpoints'
import { newPhoto } from '../photos'
import {
  changePots,
  correctPlace,
  correctPot,
  earlierYears,
  endMany,
  endOfPlanting,
  fillPot,
  letEntryCount,
  morePots,
  movePlants,
  newLogEntry,
  newPlace,
  newPlantings,
  pastePots,
  potOnInto,
  putPotsBack,
  stillStanding,
  topDress,
} from '.'

export const containersEndpoints = endpoints(containersOperations, {
  'POST /api/containers/[id]/dress': ({ db, params, body, now }) =>
    topDress(db, params.id, body, now),
  'POST /api/containers/[id]/earlier': ({ db, params, body, now }) =>
    earlierYears(db, params.id, body, now),
  'POST /api/containers/[id]/fill': ({ db, params, body, now }) =>
    fillPot(db, params.id, body, now),
  'PATCH /api/containers/[id]': ({ db, params, body }) => correctPot(db, params.id, body),
  'POST /api/containers/[id]/log': ({ db, params, body, now }) =>
    newLogEntry(db, params.id, body, now),
  'POST /api/containers/[id]/more': ({ db, params, body }) => morePots(db, params.id, body.count),
  'POST /api/containers/[id]/photos': ({ db, params, body, now }) =>
    newPhoto(db, params.id, body, now),
  'POST /api/containers/[id]/pot-on': ({ db, params, body, now }) =>
    potOnInto(db, params.id, body, now),
  'PATCH /api/containers': ({ db, body }) => changePots(db, body),
  'POST /api/containers/log/[id]/counts': ({ db, params, body, now }) =>
    letEntryCount(db, params.id, body.counts, now),
  'POST /api/containers/pasted': ({ db, body, now }) => pastePots(db, body, now),
  'POST /api/containers/plantings/[id]/end': ({ db, params, body, now }) =>
    endOfPlanting(db, params.id, body, now),
  'POST /api/containers/plantings/[id]/move-back': ({ db, params }) =>
    movePlantingBack(db, params.id),
  'POST /api/containers/plantings/[id]/move': ({ db, params, body, now }) =>
    movePlants(db, params.id, body, now),
  'POST /api/containers/plantings/[id]/take-end-back': ({ db, params }) =>
    takeEndBack(db, params.id),
  'POST /api/containers/plantings/end': ({ db, body, now }) => endMany(db, body, now),
  'POST /api/containers/plantings': ({ db, body, now }) => newPlantings(db, body, now),
  'POST /api/containers/plantings/take-out': ({ db, body }) => takePlantingsOut(db, body.ids),
  'POST /api/containers/put-away': ({ db, body, now }) => putContainersAway(db, body.ids, now),
  'POST /api/containers/put-back': ({ db, body }) => putPotsBack(db, body),
  'GET /api/containers/standing': ({ db, query }) => stillStanding(db, query),
  'POST /api/containers/take-up': ({ db, body }) => takeContainersUp(db, body.ids),
  'GET /api/photos/[id]': async ({ db, params }) =>
    new Picture(await readPhoto(db, params.id), 'image/jpeg'),
  'PATCH /api/places/[id]': ({ db, params, body }) => correctPlace(db, params.id, body),
  'POST /api/places/[id]/put-away': ({ db, params, now }) => putPlaceAway(db, params.id, now),
  'POST /api/places': ({ db, body }) => newPlace(db, body),
})
