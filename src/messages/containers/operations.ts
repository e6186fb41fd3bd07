import type { Exposure } from '../../core/season'
import { rowsAskedSchema, type StandingRows } from '../list'
import { foundCountsSchema } from '../media/found'
import { answers, type FileAnswer, operation } from '../operation'
import { nothing } from '../rules'
import { type FillAnswer, fillPotSchema } from './fillPot'
import {
  type DressAnswer,
  dressSchema,
  goingOnParams,
  type PotOnAnswer,
  potOnSchema,
} from './goingOn'
import { changeManySchema, endManySchema, manyPotsSchema, putBackManySchema } from './manyPots'
import { movePlantsSchema, type PlantsMoved } from './movePlants'
import { type PastedTable, pastedPotsSchema } from './pastedPots'
import { newPhotoSchema, PHOTO_BODY_BYTES, photoParamsSchema } from './photos'
import { newPlaceSchema, placeCorrectionSchema, placeParamsSchema } from './places'
import {
  earlierYearsSchema,
  endOfPlantingSchema,
  logParamsSchema,
  morePotsSchema,
  newLogEntrySchema,
  newPlantingsSchema,
  type PotCorrected,
  plantingParamsSchema,
  potCorrectionSchema,
  potParamsSchema,
  takeOutSchema,
} from './pots'

export const containersOperations = {
  'POST /api/containers/[id]/dress': operation({
    params: goingOnParams,
    body: dressSchema,
    answer: answers<DressAnswer>(),
  }),
  'POST /api/containers/[id]/earlier': operation({
    params: potParamsSchema,
    body: earlierYearsSchema,
    status: 201,
    answer: answers<null>(),
  }),
  /** An empty pot filled, or only looked at what it would take. */
  'POST /api/containers/[id]/fill': operation({
    params: potParamsSchema,
    body: fillPotSchema,
    answer: answers<FillAnswer>(),
  }),
  'PATCH /api/containers/[id]': operation({
    params: potParamsSchema,
    body: potCorrectionSchema,
    answer: answers<PotCorrected>(),
  }),
  'POST /api/containers/[id]/log': operation({
    params: potParamsSchema,
    body: newLogEntrySchema,
    status: 201,
    needs: 'log',
    answer: answers<{ readonly id: number }>(),
  }),
  'POST /api/containers/[id]/more': operation({
    params: potParamsSchema,
    body: morePotsSchema,
    status: 201,
    answer: answers<{ readonly ids: readonly number[] }>(),
  }),
  'POST /api/containers/[id]/photos': operation({
    params: potParamsSchema,
    body: newPhotoSchema,
    limitBytes: PHOTO_BODY_BYTES,
    status: 201,
    needs: 'log',
    answer: answers<{ readonly id: number }>(),
  }),
  'POST /api/containers/[id]/pot-on': operation({
    params: goingOnParams,
    body: potOnSchema,
    answer: answers<PotOnAnswer>(),
  }),
  /** Many pots changed alike. */
  'PATCH /api/containers': operation({
    body: changeManySchema,
    answer: answers<{
      readonly before: readonly {
        readonly id: number
        readonly place: string
        readonly name: string
        readonly exposure: Exposure
      }[]
    }>(),
  }),
  'POST /api/containers/log/[id]/counts': operation({
    params: logParamsSchema,
    body: foundCountsSchema,
    needs: 'log',
    answer: answers<null>(),
  }),
  /** A table of pots pasted from a spreadsheet, looked at or taken. */
  'POST /api/containers/pasted': operation({
    body: pastedPotsSchema,
    answer: answers<PastedTable>(),
  }),
  'POST /api/containers/plantings/[id]/end': operation({
    params: plantingParamsSchema,
    body: endOfPlantingSchema,
    answer: answers<{ readonly lotId: number; readonly seasonOver: boolean }>(),
  }),
  'POST /api/containers/plantings/[id]/move-back': operation({
    params: plantingParamsSchema,
    body: nothing,
    answer: answers<null>(),
  }),
  /** The same plants in another pot. */
  'POST /api/containers/plantings/[id]/move': operation({
    params: plantingParamsSchema,
    body: movePlantsSchema,
    answer: answers<PlantsMoved>(),
  }),
  'POST /api/containers/plantings/[id]/take-end-back': operation({
    params: plantingParamsSchema,
    body: nothing,
    answer: answers<null>(),
  }),
  /** All that grows in many pots, ended alike. */
  'POST /api/containers/plantings/end': operation({
    body: endManySchema,
    answer: answers<{ readonly ids: readonly number[]; readonly lotIds: readonly number[] }>(),
  }),
  'POST /api/containers/plantings': operation({
    body: newPlantingsSchema,
    status: 201,
    answer: answers<{ readonly ids: readonly number[] }>(),
  }),
  'POST /api/containers/plantings/take-out': operation({
    body: takeOutSchema,
    answer: answers<null>(),
  }),
  'POST /api/containers/put-away': operation({ body: manyPotsSchema, answer: answers<null>() }),
  'POST /api/containers/put-back': operation({ body: putBackManySchema, answer: answers<null>() }),
  /** Which of some containers still stand in the garden, by their numbers, and what stands in each. */
  'GET /api/containers/standing': operation({
    query: rowsAskedSchema('The containers'),
    answer: answers<StandingRows>(),
  }),
  'POST /api/containers/take-up': operation({ body: manyPotsSchema, answer: answers<null>() }),
  'GET /api/photos/[id]': operation({ params: photoParamsSchema, answer: answers<FileAnswer>() }),
  'PATCH /api/places/[id]': operation({
    params: placeParamsSchema,
    body: placeCorrectionSchema,
    answer: answers<null>(),
  }),
  'POST /api/places/[id]/put-away': operation({
    params: placeParamsSchema,
    body: nothing,
    answer: answers<null>(),
  }),
  'POST /api/places': operation({
    body: newPlaceSchema,
    status: 201,
    answer: answers<{ readonly id: number }>(),
  }),
} as const
