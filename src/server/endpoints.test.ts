import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { TRIAL_OF_TWO_BAGS, TROUGH_TO_STRAWBERRY } from '../../testing/answers'
import { callEndpoint } from '../../testing/callEndpoint'
import { endpointDatabase, NOW } from '../../testing/database'
import { listEndpoints, type Route } from '../../testing/fuzz/routes'
import { PACKED_TRIAL } from '../../testing/packedTrial'
import { SMALL_JPEG } from '../../testing/smallJpeg'
import { DEFAULT_KIT } from '../core/bench'
import { DEFAULT_PRIORITIES, DEFAULT_SCHOOLS } from '../core/recondition'
import { readWorkOrder } from '../data/recondition'
import { readSite } from '../data/site'
import { batchesPage } from './recondition'

let garden: Awaited<ReturnType<typeof endpointDatabase>>
before(async () => {
  garden = await endpointDatabase()
})
after(() => garden.close())

type Params = Readonly<Record<string, string | number>>

/** What one endpoint takes and refuses. */
interface Row {
  readonly params?: () => Params
  /** Taken. */
  readonly body?: () => object | Promise<object>
  /** Refused at this field. */
  readonly wrong?: readonly [body: object, field: string]
  /** Of nothing that is there: 404. */
  readonly unknown?: Params | { readonly body: object }
  /** Read before somebody else wrote: 409. */
  readonly stale?: object
  /** Keeps what a later row needs. */
  readonly keep?: (answer: Record<string, unknown>) => void
}

const NOBODY = 999_999
const ids = {
  pen: 0,
  test: 0,
  lot: 0,
  entry: 0,
  mix: 0,
  order: 0,
  step: 0,
  finding: 0,
  treatment: 0,
  planting: 0,
  place: 0,
  moved: 0,
  trial: 0,
  trialPot: 0,
  treatmentOfTrial: 0,
  trialFinding: 0,
  log: 0,
}
const shape = { kind: 'round', topDiameterCm: 30, baseDiameterCm: 24, heightCm: 30 }
const mix = {
  name: 'Mix of the table',
  parts: [{ materialId: 'peat-medium', litres: 4 }],
  note: '',
  madeFor: {
    container: { shape, headspaceCm: 2 },
    containerName: '',
    cropId: 'strawberry',
    groupId: null,
    exposure: 'open',
    everyDays: 2,
  },
}
const pot = {
  code: 'T12',
  name: 'Tall pot',
  place: 'Yard',
  shape,
  headspaceCm: 2,
  exposure: 'open',
}
const planting = { cropId: 'chard', how: 'sown', on: '2026-11-01' }
const look = { kind: 'look', smell: 'none', sights: [] }
const said = { place: '', judge: '', note: '', water: null }
const water = { ph: 7.4, ecDsPerM: 0.5, alkalinityMgPerL: 150 }
const place = { timeZone: 'Europe/London', southern: false }
const trial = TRIAL_OF_TWO_BAGS
const ofTrial = () => ({ id: ids.trial })
const ofTest = () => ({ id: ids.test })
const ofLot = () => ({ id: ids.lot })
const ofMix = () => ({ id: ids.mix })
const ofOrder = () => ({ id: ids.order })
const nothing = () => ({})

/** In an order in which each finds what it needs. */
const ROWS: Readonly<Record<string, Row>> = {
  'POST /api/containers/plantings': {
    body: () => ({ ...planting, pots: [1] }),
    wrong: [{ ...planting, pots: [] }, 'pots'],
    unknown: { body: { ...planting, pots: [NOBODY] } },
    keep: (answer) => {
      ids.planting = Number((answer.ids as number[])[0])
    },
  },
  'POST /api/containers/[id]/log': {
    params: () => ({ id: 1 }),
    body: () => ({ kind: 'growth', value: 4 }),
    wrong: [{ kind: 'growth', value: 9 }, 'value'],
    unknown: { id: NOBODY },
    keep: ({ id }) => {
      ids.log = Number(id)
    },
  },
  'POST /api/containers/log/[id]/counts': {
    params: () => ({ id: ids.log }),
    body: () => ({ counts: false }),
    wrong: [{ counts: 'perhaps' }, 'counts'],
    unknown: { id: NOBODY },
  },
  'POST /api/containers/plantings/[id]/end': {
    params: () => ({ id: ids.planting }),
    body: () => ({ on: planting.on, why: 'harvested', growth: 4, harvestG: 1200 }),
    wrong: [{ on: planting.on, why: 'bored' }, 'why'],
    unknown: { id: NOBODY },
  },
  'POST /api/containers/plantings/[id]/take-end-back': {
    params: () => ({ id: ids.planting }),
    body: nothing,
    unknown: { id: NOBODY },
  },
  'POST /api/containers/plantings/[id]/move': {
    params: () => ({ id: ids.planting }),
    body: () => ({ code: 'P02', on: planting.on }),
    wrong: [{ code: 'P99', on: planting.on }, 'code'],
    unknown: { id: NOBODY },
    keep: ({ id }) => {
      ids.moved = Number(id)
    },
  },
  'POST /api/containers/plantings/[id]/move-back': {
    params: () => ({ id: ids.moved }),
    body: nothing,
    unknown: { id: NOBODY },
  },
  'POST /api/containers/plantings/take-out': {
    body: () => ({ ids: [ids.planting] }),
    wrong: [{ ids: [] }, 'ids'],
    unknown: { body: { ids: [NOBODY] } },
  },
  'POST /api/containers/[id]/earlier': {
    params: () => ({ id: 10 }),
    body: () => ({ seasons: [{ year: 2019, cropId: 'chard', growth: 3 }] }),
    wrong: [{ seasons: [{ year: 1850, cropId: 'chard' }] }, 'seasons.0.year'],
    unknown: { id: NOBODY },
  },
  'PATCH /api/containers/[id]': {
    params: () => ({ id: 12 }),
    body: () => ({ ...pot, version: 1 }),
    wrong: [{ ...pot, shape: { ...shape, heightCm: 0 }, version: 1 }, 'shape.heightCm'],
    unknown: { id: NOBODY },
    stale: { ...pot, version: 77 },
  },
  'PATCH /api/containers': {
    body: () => ({ ids: [5, 6], place: 'Lower flight' }),
    wrong: [{ ids: [5, 6] }, 'place'],
    unknown: { body: { ids: [NOBODY], place: 'Lower flight' } },
  },
  'POST /api/containers/put-back': {
    body: () => ({ pots: [{ id: 5, place: 'Crane deck', name: 'Grow bag', exposure: 'open' }] }),
    wrong: [{ pots: [] }, 'pots'],
    unknown: { body: { pots: [{ id: NOBODY, place: 'a', name: 'b', exposure: 'open' }] } },
  },
  'POST /api/containers/pasted': {
    body: () => ({ text: 'name,place,top,height\nTub,Yard,30,30', check: true }),
    wrong: [{ text: 'one cell', check: true }, 'text'],
  },
  'POST /api/containers/plantings/end': {
    body: () => ({ pots: [2], on: planting.on, why: 'harvested', growth: 3 }),
    wrong: [{ pots: [11], on: planting.on, why: 'harvested' }, 'pots'],
    unknown: { body: { pots: [NOBODY], on: planting.on, why: 'harvested' } },
  },
  'POST /api/containers/[id]/fill': {
    params: () => ({ id: 11 }),
    body: () => ({ source: { kind: 'bag', materialId: 'all-purpose-mix' }, check: true }),
    wrong: [
      { source: { kind: 'bag', materialId: 'all-purpose-mix' }, litres: 900, check: true },
      'litres',
    ],
    unknown: { id: NOBODY },
  },
  'POST /api/containers/[id]/pot-on': {
    params: () => ({ id: 13 }),
    body: () => ({
      code: 'P57',
      source: { kind: 'bag', materialId: 'all-purpose-mix' },
      on: planting.on,
      check: true,
    }),
    wrong: [
      {
        code: 'P01',
        source: { kind: 'bag', materialId: 'all-purpose-mix' },
        on: planting.on,
        check: true,
      },
      'code',
    ],
    unknown: { id: NOBODY },
  },
  'POST /api/containers/[id]/dress': {
    params: () => ({ id: 13 }),
    body: () => ({ materialId: 'worm-castings', depthCm: 2, check: true }),
    wrong: [{ materialId: 'worm-castings', depthCm: 9, check: true }, 'depthCm'],
    unknown: { id: NOBODY },
  },
  'POST /api/containers/put-away': {
    body: () => ({ ids: [11] }),
    wrong: [{ ids: [] }, 'ids'],
    unknown: { body: { ids: [NOBODY] } },
  },
  'POST /api/containers/take-up': {
    body: () => ({ ids: [11] }),
    wrong: [{ ids: [] }, 'ids'],
  },
  'POST /api/places': {
    body: () => ({ name: 'Cold frame', exposure: 'shade' }),
    wrong: [{ name: 'by the DOOR', exposure: 'shade' }, 'name'],
    keep: ({ id }) => {
      ids.place = Number(id)
    },
  },
  'PATCH /api/places/[id]': {
    params: () => ({ id: ids.place }),
    body: () => ({ name: 'Cold frames', exposure: 'open', version: 1 }),
    wrong: [{ name: 'By the door', exposure: 'open', version: 1 }, 'name'],
    unknown: { id: NOBODY },
    stale: { name: 'Cold frames', exposure: 'open', version: 77 },
  },
  'POST /api/places/[id]/put-away': {
    params: () => ({ id: ids.place }),
    body: nothing,
    unknown: { id: NOBODY },
  },
  'POST /api/containers/[id]/more': {
    params: () => ({ id: 1 }),
    body: () => ({ count: 2 }),
    wrong: [{ count: 0 }, 'count'],
    unknown: { id: NOBODY },
  },
  'POST /api/containers/[id]/photos': {
    params: () => ({ id: 1 }),
    body: () => ({ jpeg: SMALL_JPEG }),
    wrong: [{ jpeg: 'bm8gcGljdHVyZQ==' }, 'jpeg'],
    unknown: { id: NOBODY },
  },
  'GET /api/photos/[id]': { params: () => ({ id: 1 }), unknown: { id: NOBODY } },
  'GET /api/health': {},
  'GET /api/find': {},
  'GET /api/bench/samples': {},
  'GET /api/instruments/balance': {},
  'GET /api/containers/standing': {
    body: () => ({ ids: `5,${NOBODY}` }),
    wrong: [{ ids: '5,x' }, 'ids'],
  },
  'GET /api/recondition/waiting': {
    body: () => ({ ids: `6,${NOBODY}` }),
    wrong: [{ ids: Array.from({ length: 501 }, (_, at) => at + 1).join(',') }, 'ids'],
  },
  'GET /api/recondition/ladders': {
    body: () => ({ lots: '6,7', crop: 'strawberry' }),
    wrong: [{ lots: '', crop: 'strawberry' }, 'lots'],
    unknown: { body: { lots: '6', crop: 'no-such-crop' } },
  },
  'PUT /api/bench/kit': {
    body: () => ({ kit: DEFAULT_KIT, version: 0 }),
    wrong: [{ kit: { ...DEFAULT_KIT, mixLitres: 150 }, version: 0 }, 'kit.mixLitres'],
    stale: { kit: DEFAULT_KIT, version: 7 },
  },
  'PUT /api/bench/water': {
    body: async () => ({ ...water, version: (await readSite(garden.db)).version }),
    wrong: [{ ...water, ph: 0, version: 1 }, 'ph'],
    stale: { ...water, version: 99 },
  },
  'PUT /api/site/ppm': {
    body: () => ({ ppmPerDsM: 640 }),
    wrong: [{ ppmPerDsM: 3 }, 'ppmPerDsM'],
  },
  'POST /api/media/heaps': {
    body: async () => {
      const { lots } = await batchesPage(garden.db, {})
      const free = lots.filter(({ stands, triage }) => stands === null && !triage?.hold)
      return { lots: free.slice(-2).map(({ id }) => id), name: 'Heap', despite: 'tried here' }
    },
    wrong: [{ lots: [8], name: 'Heap', despite: '' }, 'lots'],
  },
  'POST /api/recondition/found': {
    body: () => ({
      pots: [
        { potId: 1, drop: 6, roots: 'dense', side: 'no', problems: ['salt-crust'], note: '' },
        { potId: 2, drop: null, roots: 'fine', side: 'yes', problems: [], note: '' },
      ],
    }),
    wrong: [
      { pots: [{ potId: 1, drop: -1, roots: 'fine', side: 'no', problems: [], note: '' }] },
      'pots.0.drop',
    ],
  },
  'PUT /api/site/practice': {
    body: () => ({ priorities: { ...DEFAULT_PRIORITIES, cost: 2 }, schools: DEFAULT_SCHOOLS }),
    wrong: [{ schools: { ...DEFAULT_SCHOOLS, heat: 'sometimes' } }, 'schools.heat'],
  },
  'PUT /api/site/place': {
    body: async () => ({ ...place, version: (await readSite(garden.db)).version }),
    wrong: [{ ...place, timeZone: 'Moon/Crater', version: 1 }, 'timeZone'],
    stale: { ...place, version: 99 },
  },
  'POST /api/bench/pens': {
    body: () => ({ name: 'Pen of the table' }),
    wrong: [{ name: ' ' }, 'name'],
    keep: ({ id }) => {
      ids.pen = Number(id)
    },
  },
  'POST /api/bench/pens/[id]/calibrations': {
    params: () => ({ id: ids.pen }),
    body: () => ({ tempC: 20, buffers: [{ ph: 7, millivolts: null }] }),
    wrong: [{ tempC: 20, buffers: [] }, 'buffers'],
    unknown: { id: NOBODY },
  },
  'POST /api/bench/tests': {
    body: () => ({ kind: 'look', sample: { kind: 'lot', id: 2 } }),
    wrong: [{ kind: 'taste', sample: { kind: 'lot', id: 2 } }, 'kind'],
    unknown: { body: { kind: 'look', sample: { kind: 'lot', id: NOBODY } } },
    keep: ({ id }) => {
      ids.test = Number(id)
    },
  },
  'PUT /api/bench/tests/[id]/draft': {
    params: ofTest,
    body: () => ({ values: { note: 'half a word' } }),
    wrong: [{ values: 5 }, 'values'],
    unknown: { id: NOBODY },
  },
  'POST /api/bench/tests/[id]/moments': {
    params: ofTest,
    body: () => ({ id: 'tap-1', key: 'start', at: NOW.toISOString(), value: null }),
    wrong: [{ id: 'tap-2', key: 'start', at: 'soon', value: null }, 'at'],
    unknown: { id: NOBODY },
  },
  'PUT /api/bench/tests/[id]/moments/[moment]': {
    params: () => ({ id: ids.test, moment: 'tap-1' }),
    body: () => ({ value: 21 }),
    wrong: [{ at: '1899-12-31T00:00:00Z' }, 'at'],
    unknown: { id: NOBODY, moment: 'tap-1' },
  },
  'GET /api/bench/tests/[id]/state': { params: ofTest, unknown: { id: NOBODY } },
  'POST /api/bench/tests/[id]/throw-away': {
    params: ofTest,
    body: nothing,
    unknown: { id: NOBODY },
  },
  'POST /api/bench/tests/[id]/take-up': { params: ofTest, body: nothing, unknown: { id: NOBODY } },
  'POST /api/bench/tests/[id]/finish': {
    params: ofTest,
    body: () => ({ observation: { ...look, smell: 'sour' }, ...said }),
    wrong: [{ observation: { ...look, smell: 'of roses' }, ...said }, 'observation.smell'],
    unknown: { id: NOBODY },
  },
  'POST /api/bench/tests/[id]/correct': {
    params: ofTest,
    body: nothing,
    unknown: { id: NOBODY },
  },
  'POST /api/bench/tests/[id]/set-aside': {
    params: ofTest,
    body: () => ({ reason: 'the wrong bucket' }),
    wrong: [{ reason: '' }, 'reason'],
    unknown: { id: NOBODY },
  },
  'POST /api/media/mends/seen': {
    body: () => ({ ids: [1] }),
    wrong: [{ ids: [] }, 'ids'],
  },
  'POST /api/media/lots': {
    body: () => ({
      name: 'Lot of the table',
      place: 'Yard',
      origin: 'bag',
      components: [{ materialId: 'all-purpose-mix', litres: 12 }],
      container: { shape, headspaceCm: 2, count: 1 },
    }),
    wrong: [
      { name: '', place: 'Yard', origin: 'bag', components: [], container: null },
      'components',
    ],
    keep: ({ id }) => {
      ids.lot = Number(id)
    },
  },
  'PATCH /api/media/lots/[id]': {
    params: ofLot,
    body: () => ({ name: 'Renamed', version: 1 }),
    wrong: [{ name: '', version: 1 }, 'name'],
    unknown: { id: NOBODY },
    stale: { name: 'Too late', version: 44 },
  },
  'POST /api/media/lots/[id]/entries': {
    params: ofLot,
    body: () => ({ kind: 'lost', litres: 1 }),
    wrong: [{ kind: 'lost', litres: -1 }, 'litres'],
    unknown: { id: NOBODY },
  },
  'POST /api/media/lots/[id]/entries/[entryId]/reverse': {
    params: () => ({ id: ids.lot, entryId: ids.entry }),
    body: nothing,
    wrong: [{ note: 'x'.repeat(501) }, 'note'],
    unknown: { id: 1, entryId: NOBODY },
  },
  'POST /api/media/lots/[id]/findings': {
    params: ofLot,
    body: () => ({ problemId: 'vine-weevil', note: 'at the rim' }),
    wrong: [{ problemId: '' }, 'problemId'],
    unknown: { id: NOBODY },
    keep: ({ id }) => {
      ids.finding = Number(id)
    },
  },
  'POST /api/media/lots/[id]/findings/[findingId]/counts': {
    params: () => ({ id: ids.lot, findingId: ids.finding }),
    body: () => ({ counts: false }),
    wrong: [{ counts: 'maybe' }, 'counts'],
    unknown: { id: 1, findingId: NOBODY },
  },
  'POST /api/media/lots/[id]/treatments': {
    params: ofLot,
    body: () => ({ kind: 'quarantine', until: '2026-12-24', note: 'asked a laboratory' }),
    wrong: [{ kind: 'skim' }, 'skimCm'],
    unknown: { id: NOBODY },
    keep: ({ id }) => {
      ids.treatment = Number(id)
    },
  },
  'PUT /api/media/lots/[id]/treatments/[treatmentId]': {
    params: () => ({ id: ids.lot, treatmentId: ids.treatment }),
    body: () => ({ counts: false }),
    wrong: [{ counts: 'maybe' }, 'counts'],
    unknown: { id: 1, treatmentId: NOBODY },
  },
  'PUT /api/media/lots/[id]/exposure': {
    params: () => ({ id: 3 }),
    body: () => ({ exposure: 'shade' }),
    wrong: [{ exposure: 'on the moon' }, 'exposure'],
    unknown: { id: NOBODY },
  },
  'POST /api/media/lots/[id]/planted': {
    params: () => ({ id: 3 }),
    body: () => ({ on: '2026-10-01' }),
    wrong: [{ on: 'soon' }, 'on'],
    unknown: { id: NOBODY },
  },
  'POST /api/media/lots/[id]/readings': {
    params: ofLot,
    body: () => ({ kind: 'ph', value: 6.1, method: '1:2' }),
    wrong: [{ kind: 'ph', value: 15, method: '1:2' }, 'value'],
    unknown: { id: NOBODY },
  },
  'GET /api/media/lots/[id]/transfers': { params: () => ({ id: 3 }) },
  'POST /api/media/lots/[id]/transfers': {
    params: () => ({ id: 3 }),
    body: () => ({ litres: 2, to: { kind: 'new', name: 'Of the table', containerIds: [] } }),
    wrong: [{ litres: 2, to: { kind: 'lot', lotId: 3 } }, 'to.lotId'],
    unknown: { id: NOBODY },
  },
  'PUT /api/media/lots/[id]/place': {
    params: ofLot,
    body: () => ({ containerIds: [], storeBin: 'Bin 4' }),
    wrong: [{ containerIds: [1, 1] }, 'containerIds.1'],
    unknown: { id: NOBODY },
  },
  'POST /api/media/lots/[id]/put-away': { params: ofLot, body: nothing, unknown: { id: NOBODY } },
  'POST /api/media/lots/[id]/take-up': {
    params: ofLot,
    body: () => ({ containerIds: [] }),
    wrong: [{ containerIds: [0] }, 'containerIds.0'],
  },
  'POST /api/mixes': {
    body: () => mix,
    wrong: [{ ...mix, name: '' }, 'name'],
    keep: ({ id }) => {
      ids.mix = Number(id)
    },
  },
  'POST /api/mixes/[id]/versions': {
    params: ofMix,
    body: () => ({ ...mix, after: 1 }),
    wrong: [{ ...mix, parts: [], after: 1 }, 'parts'],
    unknown: { id: NOBODY },
    stale: { ...mix, after: 9 },
  },
  'POST /api/mixes/[id]/lots': {
    params: ofMix,
    body: () => ({ litres: 5, name: 'Batch', storeBin: 'Bin 3' }),
    wrong: [{ litres: 0, name: 'Batch', storeBin: 'Bin 3' }, 'litres'],
    unknown: { id: NOBODY },
  },
  'POST /api/mixes/[id]/put-away': { params: ofMix, body: nothing, unknown: { id: NOBODY } },
  'POST /api/mixes/[id]/take-up': { params: ofMix, body: nothing, unknown: { id: NOBODY } },
  'POST /api/trials': {
    body: () => trial,
    wrong: [{ ...trial, cropId: null }, 'cropId'],
    unknown: { body: { ...trial, potIds: [NOBODY] } },
    keep: ({ id }) => {
      ids.trial = Number(id)
    },
  },
  'PUT /api/trials/[id]': {
    params: ofTrial,
    body: () => ({ ...trial, pots: 3, version: 1 }),
    wrong: [{ ...trial, pots: 0, version: 1 }, 'pots'],
    unknown: { id: NOBODY },
    stale: { ...trial, version: 9 },
  },
  'PUT /api/trials/[id]/layout': {
    params: ofTrial,
    body: () => ({ version: 2, swap: null }),
    wrong: [{ version: 1, swap: [3, 3] }, 'swap.1'],
    unknown: { id: NOBODY },
    stale: { version: 9, swap: null },
  },
  'POST /api/trials/[id]/pots': {
    params: ofTrial,
    body: () => ({ version: 3 }),
    wrong: [{ version: 'two' }, 'version'],
    unknown: { id: NOBODY },
    stale: { version: 9 },
    keep: ({ potList, treatments }) => {
      ids.trialPot = (potList as { id: number }[])[0]?.id ?? 0
      ids.treatmentOfTrial = (treatments as { id: number }[])[0]?.id ?? 0
    },
  },
  'POST /api/trials/[id]/plant': {
    params: ofTrial,
    body: () => ({ version: 4, on: planting.on }),
    wrong: [{ version: 4, on: '2099-01-01' }, 'on'],
    unknown: { id: NOBODY },
    stale: { version: 9, on: planting.on },
  },
  'POST /api/trials/[id]/steps': {
    params: ofTrial,
    body: () => ({ step: 'label', done: true }),
    wrong: [{ step: 'label', done: 'perhaps' }, 'done'],
    unknown: { id: NOBODY },
  },
  'POST /api/trials/[id]/looks': {
    params: ofTrial,
    body: () => ({ potId: ids.trialPot, values: { height: 12.5 } }),
    wrong: [{ potId: 1, values: { height: 'tall' } }, 'values.height'],
    unknown: { id: NOBODY },
  },
  'PUT /api/instruments/balance/pan': {
    body: () => ({ pot: { trialId: ids.trial, potId: ids.trialPot } }),
    wrong: [{ pot: { trialId: 1 } }, 'pot.potId'],
    unknown: { body: { pot: { trialId: NOBODY, potId: 1 } } },
  },
  'POST /api/trials/[id]/events': {
    params: ofTrial,
    body: () => ({ potId: ids.trialPot, kind: 'animal', isLeftOut: true }),
    wrong: [{ potId: 1, kind: 'eclipse' }, 'kind'],
    unknown: { id: NOBODY },
  },
  'PUT /api/trials/[id]/left-out': {
    params: ofTrial,
    body: () => ({ potId: ids.trialPot, leftOut: null }),
    wrong: [{ potId: 1, leftOut: { on: planting.on, why: '' } }, 'leftOut.why'],
    unknown: { id: NOBODY },
  },
  'PUT /api/trials/[id]/lessons': {
    params: ofTrial,
    body: () => ({ version: 5, lessons: 'Net it.' }),
    wrong: [{ version: 5, lessons: 'x'.repeat(1001) }, 'lessons'],
    unknown: { id: NOBODY },
    stale: { version: 9, lessons: 'Net it.' },
  },
  'PUT /api/trials/[id]/close': {
    params: ofTrial,
    body: () => ({ version: 6, isClosed: true }),
    wrong: [{ version: 6, isClosed: 'yes, please' }, 'isClosed'],
    unknown: { id: NOBODY },
    stale: { version: 9, isClosed: true },
  },
  'POST /api/trials/import': {
    body: () => ({ package: PACKED_TRIAL }),
    wrong: [{ package: 'bm8gYXJjaGl2ZQ==' }, 'package'],
  },
  'GET /api/trials/[id]/readings': { params: ofTrial, unknown: { id: NOBODY } },
  'GET /api/trials/[id]/package': { params: ofTrial, unknown: { id: NOBODY } },
  'POST /api/trials/[id]/findings': {
    params: ofTrial,
    body: () => ({ kind: 'standard', treatmentId: ids.treatmentOfTrial, cropId: 'chard' }),
    wrong: [{ kind: 'cap', treatmentId: 1, maxPercent: 400 }, 'maxPercent'],
    unknown: { id: NOBODY },
    keep: ({ id }) => {
      ids.trialFinding = Number(id)
    },
  },
  'POST /api/trials/[id]/findings/[findingId]/end': {
    params: () => ({ ...ofTrial(), findingId: ids.trialFinding }),
    body: nothing,
    unknown: { id: NOBODY, findingId: NOBODY },
  },
  'POST /api/trials/[id]/put-away': { params: ofTrial, body: nothing, unknown: { id: NOBODY } },
  'POST /api/trials/[id]/take-up': { params: ofTrial, body: nothing, unknown: { id: NOBODY } },
  'POST /api/recondition/work-orders': {
    body: () => TROUGH_TO_STRAWBERRY,
    wrong: [{ ...TROUGH_TO_STRAWBERRY, crop: '' }, 'crop'],
    unknown: { body: { ...TROUGH_TO_STRAWBERRY, lot: NOBODY } },
    keep: ({ id }) => {
      ids.order = Number(id)
    },
  },
  'GET /api/recondition/work-orders/[id]/state': { params: ofOrder, unknown: { id: NOBODY } },
  'PATCH /api/recondition/work-orders/[id]/steps/[stepId]': {
    params: () => ({ id: ids.order, stepId: ids.step }),
    body: () => ({ version: 1, done: true }),
    wrong: [{ version: 1, actuals: { 'garden-compost': -1 } }, 'actuals.garden-compost'],
    unknown: { id: NOBODY, stepId: 1 },
    stale: { version: 12, done: true },
  },
  'POST /api/recondition/work-orders/[id]/put-away': {
    params: ofOrder,
    body: nothing,
    unknown: { id: NOBODY },
  },
  'POST /api/recondition/work-orders/[id]/take-up': {
    params: ofOrder,
    body: nothing,
    unknown: { id: NOBODY },
  },
  'POST /api/recondition/work-orders/[id]/finish': {
    params: ofOrder,
    body: nothing,
    unknown: { id: NOBODY },
  },
  'POST /api/recondition/work-orders/[id]/undo-finish': {
    params: ofOrder,
    body: nothing,
    unknown: { id: NOBODY },
  },
}

test('every endpoint takes what it should, refuses at the field, knows what is not there and what is stale', async (t) => {
  const routes = new Map(
    // Who may come in is tried apart: with a passphrase set, none of these rows would be let in.
    listEndpoints()
      .filter(({ endpoint }) => !endpoint.operation.besideGarden)
      .map((route) => [`${route.method} ${route.pattern}`, route]),
  )
  assert.deepEqual(Object.keys(ROWS).sort(), [...routes.keys()].sort(), 'a row for each endpoint')
  for (const [name, row] of Object.entries(ROWS)) {
    await t.test(name, () => tryRow(routes.get(name) as Route, row))
  }
})

async function tryRow({ method, endpoint }: Route, row: Row): Promise<void> {
  await findRows()
  const params = row.params?.() ?? {}
  const call = (body: object, of: Params = params) =>
    callEndpoint(endpoint, body, { params: of, method })
  if (row.wrong) {
    const [body, field] = row.wrong
    const refused = await call(body)
    assert.equal(refused.status, 422, JSON.stringify(refused.problem))
    assert.match(refused.fields[field] ?? '', /^[A-Z].*\.$/, `a sentence at ${field}`)
  }
  if (row.stale) assert.equal((await call(row.stale)).status, 409)
  const body = (await row.body?.()) ?? {}
  if (row.unknown) {
    const elsewhere =
      'body' in row.unknown
        ? await call(row.unknown.body as object)
        : await call(body, row.unknown as Params)
    assert.equal(elsewhere.status, 404, JSON.stringify(elsewhere.problem))
    assert.match(elsewhere.problem.detail, /^(There is no|That|One of)/)
  }
  const taken = await call(body)
  assert.ok(taken.status < 300, JSON.stringify(taken.problem))
  row.keep?.(taken.answer)
}

/** The numbers of rows that no answer tells. */
async function findRows(): Promise<void> {
  if (ids.order > 0 && ids.step === 0) {
    ids.step = (await readWorkOrder(garden.db, ids.order)).steps[0]?.id ?? 0
  }
  if (ids.lot > 0) {
    const { rows } = await garden.client.query<{ id: number }>(
      `select id from ledger_entries where lot_id = $1 and kind = 'lost' order by id desc limit 1`,
      [ids.lot],
    )
    ids.entry = rows[0]?.id ?? 0
  }
}
