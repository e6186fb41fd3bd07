import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { Conflict, StaleWrite } from '../../data/errors'
import { presentInnings, readLot } from '../../data/media'
import { listCrops, setLogCounts, takeEndBack } from '../../data/season'
import type { NewPlantings } from '../../messages/containers/pots'
import { newFound } from '../lots'
import { lotPage, newEntry, planted } from '../media'
import { Refused } from '../problem'
import {
  correctPot,
  earlierYears,
  endOfPlanting,
  newLogEntry,
  newPlantings,
  potPage,
  potsPage,
} from '.'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const CHARD: NewPlantings = {
  pots: [1],
  cropId: 'chard',
  cultivar: 'red stem',
  how: 'sown',
  count: 6,
  on: '2026-10-20',
  despite: '',
}
const END = {
  on: '2026-11-01',
  growth: 4,
  harvestG: 900,
  why: 'harvested',
  problems: [],
  note: '',
} as const
const LOG = { value: null, problemId: null, note: '' }

const refusedAt = (field: string) => (error: unknown) => {
  assert.ok(error instanceof Refused, String(error))
  assert.deepEqual(
    error.fields.map((one) => one.field),
    [field],
  )
  return true
}

test('pots are listed with what grows in them, narrowed by place, state and any word', async () => {
  const { db } = garden
  const all = await potsPage(db)
  assert.equal(all.part.total, 60)
  assert.deepEqual(all.counts, { growing: 19, waiting: 35, empty: 6 })
  assert.equal(all.rows[0]?.code, 'P01')
  const lavender = await potsPage(db, { find: 'lavender stair' })
  assert.deepEqual(
    lavender.rows.map(({ code }) => code),
    ['P02', 'P03'],
  )
  const empty = await potsPage(db, { state: 'empty' })
  assert.deepEqual(
    empty.rows.map(({ code }) => code),
    ['P11', 'P12', 'P57', 'P58', 'P59', 'P60'],
  )
  assert.ok(all.places.length >= 5)
  const [place = ''] = all.places
  assert.ok((await potsPage(db, { place })).rows.every((row) => row.place === place))
  const [largest, next] = (await potsPage(db, { order: 'litres' })).rows
  assert.ok((largest?.litres ?? 0) >= (next?.litres ?? 0))
  assert.equal(
    (await potsPage(db, { order: 'crop' })).rows[0]?.plantings[0]?.cropName,
    'Apple (dwarfing rootstock)',
  )
})

test('from planted to over: the pot, its lot and the list say the same', async () => {
  const { db } = garden
  const { ids } = await newPlantings(db, CHARD, NOW)
  const grows = await potPage(db, 1)
  assert.deepEqual(
    grows.growing.map(({ cropName, cultivar, count }) => [cropName, cultivar, count]),
    [['Chard', 'red stem', 6]],
  )
  assert.ok(grows.water && grows.water.days > 0 && grows.water.wetKg > grows.water.thirstyKg)
  assert.ok(grows.water.low < grows.water.days && grows.water.days < grows.water.high)
  assert.equal((await lotPage(db, 1, NOW)).present?.cropName, 'Chard')
  assert.equal((await potsPage(db, { find: 'p01' })).rows[0]?.state, 'growing')

  const over = await endOfPlanting(db, ids[0] ?? 0, END, NOW)
  assert.deepEqual(over, { lotId: 1, seasonOver: true })
  const tired = await potPage(db, 1)
  assert.equal(tired.growing.length, 0)
  const [newest] = tired.past
  assert.equal(newest?.growth, 4)
  assert.equal(newest?.harvestG, 900)
  assert.equal(newest?.canReopen, true)
  assert.equal(tired.past[1]?.canReopen, false, 'a season before is over for good')
  assert.equal((await lotPage(db, 1, NOW)).state, 'turn-over', 'its lot waits for the turnover')
  await takeEndBack(db, newest.id)
  assert.equal((await potPage(db, 1)).growing.length, 1)
})

test('a family kept out of a mix is not planted into it without a reason that stays', async () => {
  const { db } = garden
  await newFound(db, 5, { problemId: 'clubroot' }, NOW)
  const cabbage = { ...CHARD, pots: [7], cropId: 'kale', cultivar: '' }
  await assert.rejects(newPlantings(db, cabbage, NOW), refusedAt('despite'))
  assert.equal((await potPage(db, 7)).growing.length, 0, 'nothing half written')
  await newPlantings(db, { ...cabbage, despite: 'to eat the leaves young' }, NOW)
  assert.equal((await potPage(db, 7)).growing[0]?.despite, 'to eat the leaves young')
})

test('a day to come, a crop that is not known', async () => {
  const { db } = garden
  await assert.rejects(newPlantings(db, { ...CHARD, on: '2027-01-01' }, NOW), refusedAt('on'))
  await assert.rejects(newPlantings(db, { ...CHARD, cropId: 'triffid' }, NOW), refusedAt('cropId'))
  const { ids } = await newPlantings(db, { ...CHARD, pots: [10] }, NOW)
  await assert.rejects(
    endOfPlanting(db, ids[0] ?? 0, { ...END, on: '2027-01-01' }, NOW),
    refusedAt('on'),
  )
})

test('a problem written down at a pot is found in its mix, until it is taken back', async () => {
  const { db } = garden
  const { id } = await newLogEntry(
    db,
    9,
    { ...LOG, kind: 'problem', problemId: 'vine-weevil' },
    NOW,
  )
  const { lot } = await potPage(db, 9)
  const names = async () =>
    (await lotPage(db, lot?.id ?? 0, NOW)).found.map(({ problemName }) => problemName)
  assert.ok((await names()).includes('Vine weevil'))
  assert.equal((await potPage(db, 9)).log[0]?.problemName, 'Vine weevil')
  await setLogCounts(db, id, false, NOW)
  assert.ok(!(await names()).includes('Vine weevil'))
  assert.equal((await potPage(db, 9)).log.length, 0)
  await setLogCounts(db, id, true, NOW)
  assert.ok((await names()).includes('Vine weevil'))
})

test('what was seen is of the family that grows in that very pot', async () => {
  const { db } = garden
  await newPlantings(db, { ...CHARD, pots: [5], cropId: 'dwarf-bean', despite: 'to see' }, NOW)
  await newPlantings(db, { ...CHARD, pots: [6], cropId: 'celery', despite: 'to see' }, NOW)
  await newLogEntry(db, 6, { ...LOG, kind: 'problem', problemId: 'vine-weevil' }, NOW)
  const { seen } = await readLot(db, 4)
  const celery = (await listCrops(db)).find(({ id }) => id === 'celery')
  assert.equal(seen.at(-1)?.rotationGroup, celery?.rotationGroup)
})

test('scores and weights are numbers that can be; the second time of a trouble is counted', async () => {
  const { db } = garden
  const write = (
    kind: 'growth' | 'harvest' | 'problem' | 'dries fast',
    more: object = {},
    daysAgo = 0,
  ) => newLogEntry(db, 4, { ...LOG, kind, ...more }, new Date(NOW.getTime() - 86_400_000 * daysAgo))
  await newPlantings(db, { ...CHARD, pots: [4], on: '2026-10-01', despite: 'to see' }, NOW)
  await assert.rejects(write('growth', { value: 6 }), refusedAt('value'))
  await assert.rejects(write('growth'), refusedAt('value'))
  await assert.rejects(write('harvest', { value: 0 }), refusedAt('value'))
  await assert.rejects(write('problem'), refusedAt('problemId'))
  await assert.rejects(write('problem', { problemId: 'gremlins' }), refusedAt('problemId'))
  await write('growth', { value: 3 })
  await write('dries fast')
  await write('dries fast', {}, 5)
  const page = await potPage(db, 4)
  assert.equal(page.ways?.kind, 'dry')
  assert.equal(page.ways?.times, 2)
  assert.deepEqual(
    page.log.map(({ kind }) => kind),
    ['dries fast', 'growth', 'dries fast'],
  )
})

test('an emptied pot grows nothing', async () => {
  const { db } = garden
  const lotId = (await potPage(db, 8)).lot?.id ?? 0
  await newPlantings(db, { ...CHARD, pots: [8], despite: 'to see' }, NOW)
  await newEntry(db, lotId, { kind: 'emptied', litres: 0 }, NOW)
  const page = await potPage(db, 8)
  assert.equal(page.growing.length, 0)
  assert.equal(page.past[0]?.endedWhy, 'emptied')
  assert.equal(page.past[0]?.canReopen, false)
})

test('years before a pot was written down go ahead of what is known, by their year alone', async () => {
  const { db } = garden
  const before = await readLot(db, 4)
  const write = (seasons: readonly { year: number; cropId: string; growth: 2 | 4 | null }[]) =>
    earlierYears(db, 5, { seasons: seasons.map((one) => ({ ...one, problems: [] })) }, NOW)
  await write([
    { year: 2024, cropId: 'celery', growth: null },
    { year: 2023, cropId: 'endive', growth: 4 },
  ])
  const { innings } = await readLot(db, 4)
  assert.deepEqual(
    innings.slice(0, 2).map(({ number, cropId, outcome }) => [number, cropId, outcome]),
    [
      [1, 'endive', 'well'],
      [2, 'celery', null],
    ],
  )
  assert.deepEqual(
    innings.slice(2).map(({ number, cropId }) => [number, cropId]),
    before.innings.map(({ number, cropId }) => [number + 2, cropId]),
  )
  const { past } = await potPage(db, 6)
  const oldest = past.at(-1)
  assert.equal(oldest?.cropName, 'Endive and escarole')
  assert.equal(oldest?.yearOnly, true)
  assert.equal(past[0]?.yearOnly, false)
  await assert.rejects(write([{ year: 2024, cropId: 'chard', growth: 2 }]), Conflict)
  await assert.rejects(
    write([{ year: 2026, cropId: 'chard', growth: 2 }]),
    refusedAt('seasons.0.year'),
  )
  await assert.rejects(
    write([{ year: 2020, cropId: 'triffid', growth: 2 }]),
    refusedAt('seasons.0.cropId'),
  )
  await assert.rejects(
    earlierYears(
      db,
      11,
      { seasons: [{ year: 2020, cropId: 'chard', growth: null, problems: [] }] },
      NOW,
    ),
    Conflict,
  )
})

test('a pot put right: its litres, its mix and the list follow; what cannot be is refused', async () => {
  const { db } = garden
  const before = await potPage(db, 3)
  const { code, name, place, shape, headspaceCm, exposure, version } = before
  const right = { code, name, place, shape, headspaceCm, fillerCm: null, exposure, version }
  assert.ok(shape.kind === 'round')
  const taller = { ...shape, heightCm: shape.heightCm + 12 }
  const told = await correctPot(db, 3, { ...right, code: 'S3', place: 'Stair foot', shape: taller })
  const after = await potPage(db, 3)
  assert.ok(after.litres > before.litres)
  assert.equal(told.litres, after.litres)
  assert.ok(told.air !== null)
  assert.equal((await potsPage(db, { find: 'stair foot' })).rows[0]?.code, 'S3')
  assert.ok((after.section?.airFraction ?? 0) !== before.section?.airFraction, 'its air follows')

  const now = { ...right, code: 'S3', version: version + 1 }
  await assert.rejects(correctPot(db, 3, { ...now, code: 'P04' }), Conflict)
  await assert.rejects(correctPot(db, 3, right), StaleWrite)
  await assert.rejects(
    correctPot(db, 3, { ...now, headspaceCm: shape.heightCm }),
    refusedAt('headspaceCm'),
  )
  const thimble = { ...shape, topDiameterCm: 4, baseDiameterCm: 4, heightCm: 5 }
  await assert.rejects(
    correctPot(db, 4, { ...(await asItIs(4)), shape: thimble }),
    refusedAt('shape.heightCm'),
  )

  async function asItIs(id: number) {
    const page = await potPage(db, id)
    return {
      code: page.code,
      name: page.name,
      place: page.place,
      shape: page.shape,
      headspaceCm: page.headspaceCm,
      fillerCm: null,
      exposure: page.exposure,
      version: page.version,
    }
  }
})

test('said on the lot that it is planted: its pots know', async () => {
  const { db } = garden
  const lot = await readLot(db, 2)
  assert.ok(presentInnings(lot))
  await planted(db, 2, { on: null }, NOW)
  assert.equal((await potPage(db, 2)).growing.length, 0)
  await planted(db, 2, { on: '2026-10-25' }, NOW)
  assert.equal((await potPage(db, 2)).growing[0]?.startedOn, '2026-10-25')
  assert.equal((await potPage(db, 3)).growing[0]?.startedOn, '2026-10-25')
})

test('what went wrong is told with the end: it stands in the log and counts in the mix, with the family that was ill', async () => {
  const { db } = garden
  const { ids } = await newPlantings(
    db,
    { ...CHARD, pots: [25], cropId: 'kale', despite: 'to see' },
    NOW,
  )
  const id = ids[0] ?? 0
  await assert.rejects(endOfPlanting(db, id, { ...END, problems: ['gremlins'] }, NOW), Refused)
  assert.equal((await potPage(db, 25)).growing.length, 1, 'refused whole')
  await endOfPlanting(db, id, { ...END, problems: ['clubroot', 'vine-weevil'] }, NOW)
  const page = await potPage(db, 25)
  assert.equal(page.growing.length, 0)
  assert.deepEqual(page.log.filter(({ kind }) => kind === 'problem').length, 2)
  const { seen } = await readLot(db, page.lot?.id ?? 0)
  assert.equal(seen.find(({ problemId }) => problemId === 'clubroot')?.rotationGroup, 'brassica')
  await assert.rejects(
    newPlantings(db, { ...CHARD, pots: [25], cropId: 'cabbage', despite: '' }, NOW),
    (error: unknown) => error instanceof Refused && error.code === 'barred',
  )
})

test('a trouble of years ago counts from its year: what is over by now keeps nobody out', async () => {
  const { db } = garden
  const year = (year: number) =>
    earlierYears(
      db,
      45,
      { seasons: [{ year, cropId: 'kale', growth: 2, problems: ['clubroot'] }] },
      NOW,
    )
  await assert.rejects(
    earlierYears(
      db,
      45,
      { seasons: [{ year: 2019, cropId: 'kale', growth: 2, problems: ['gremlins'] }] },
      NOW,
    ),
    refusedAt('seasons.0.problems'),
  )
  await year(2023)
  const page = await potPage(db, 45)
  const { seen } = await readLot(db, page.lot?.id ?? 0)
  const [clubroot] = seen.filter(({ problemId }) => problemId === 'clubroot')
  assert.equal(clubroot?.season, 2023)
  assert.equal(clubroot?.rotationGroup, 'brassica')
  const bar = page.triage?.reasons.length ?? 0
  assert.ok(bar > 0, 'the mix is known to have had it')
})
