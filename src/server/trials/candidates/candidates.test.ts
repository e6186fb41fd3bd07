import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { eq } from 'drizzle-orm'
import { demoDatabase, NOW } from '../../../../testing/database'
import { addMixVersion, readMix } from '../../../data/mixes'
import { openPlantings } from '../../../data/season'
import { findTrials, readTrial } from '../../../data/trials'
import { trials } from '../../../data/trials/tables'
import { candidatesQuerySchema } from '../../../messages/trials/candidates'
import { handOn, resultsPage } from '..'
import { treatmentOf } from './candidateKeys'
import { candidatesPage } from './candidatesPage'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const BAG = 'material:all-purpose-mix'

async function trialOf(word: string) {
  const { rows } = await findTrials(garden.db, { find: word, offset: 0, limit: 1 })
  const [found] = rows
  if (!found) throw new Error(`The demo has no trial called ${word}.`)
  return readTrial(garden.db, found.id)
}

test('of a mix, a bag and a lot it tells price, parts, what they do in the pot, tests and trials', async () => {
  const page = await candidatesPage(garden.db, { of: `mix:1,${BAG},lot:1`, crop: 'chard' })
  assert.deepEqual(page.of, ['mix:1', BAG, 'lot:1'])
  const [mix, bag, lot] = page.candidates
  assert.ok(mix && bag && lot)
  assert.equal(mix.version, 3)
  assert.ok((mix.cost.perLitre ?? 0) > 0 && (bag.cost.perLitre ?? 0) > 0)
  assert.ok(mix.strata.length > 1 && bag.strata.length === 1)
  for (const { answer } of page.candidates) {
    const air = answer?.capacity.airFraction ?? -1
    assert.ok(air > 0 && air < 0.5)
  }
  assert.equal(page.wish?.airMin, 0.1)
  // The lot was tested and read since it was mixed: that goes before its recipe.
  assert.ok(lot.ph?.measuredOn)
  assert.ok(lot.tests.some(({ kind }) => kind === 'sieve'))
  assert.equal(mix.ph, null)
})

test('each check of a trial is told, with the pots that count and the verdict of the trial itself', async () => {
  const page = await candidatesPage(garden.db, { of: `mix:1,${BAG}`, crop: 'chard' })
  const { id } = await trialOf('spring')
  // The trial of that crop is what they are put in order by.
  assert.equal(page.by, `trial:${id}`)
  const [first] = page.trials
  assert.equal(first?.trialId, id)
  const height = first?.measures.find(({ measure }) => measure === 'height')
  const [mine, control] = height?.cells ?? []
  assert.deepEqual(
    mine?.points.map(({ day }) => day),
    [14, 28, 42, 56],
  )
  assert.equal(mine?.points.at(-1)?.n, 5, 'one pot was left out')
  assert.equal(first?.treatments[0]?.planted, 6)
  const results = await resultsPage(garden.db, id, { measure: 'height' })
  const shown = results.results.find(({ measure }) => measure === 'height')
  assert.ok(shown?.by === 'means')
  const [, treated] = shown.groups.groups
  assert.ok(Math.abs((mine?.points.at(-1)?.mean ?? 0) - (treated?.description?.mean ?? 9)) < 1e-9)
  assert.deepEqual([mine?.verdict, control?.verdict], [null, null], 'it was also seen')
  const decided = await resultsPage(garden.db, id)
  assert.equal(decided.measure, 'harvest')
  const named = decided.results.find(({ measure }) => measure === 'harvest')
  const harvest = first?.measures.find(({ measure }) => measure === 'harvest')
  assert.ok(named?.by === 'means' && named.groups.test === 'max-t-blocks')
  assert.equal(harvest?.cells[0]?.verdict, named.groups.treatments[0]?.verdict)
})

test('an older version that was tried is called so, and does not count as the newest recipe’s test', async () => {
  const { versions } = await readMix(garden.db, 1)
  const [{ parts, madeFor }] = versions
  const { number: before } = versions[0]
  const next = { name: 'Trough mix for strawberries', parts, madeFor, note: '' }
  await addMixVersion(garden.db, 1, { ...next, after: before, at: NOW })
  const page = await candidatesPage(garden.db, { of: 'mix:1', crop: 'chard' })
  const spring = page.trials.find(({ name }) => name.startsWith('Spring'))
  assert.equal(spring?.treatments[0]?.version, before)
  assert.equal(page.candidates[0]?.version, before + 1)
})

test('what is void is not judged, what goes on is not either, and what is scored blind is not told', async () => {
  const celery = await trialOf('celery')
  const { id, closedAt, isBlind, version } = await trialOf('spring')
  const sheet = async (trialId: number) => {
    const page = await candidatesPage(garden.db, { of: 'mix:1', by: `trial:${trialId}` })
    // Nothing can be put in order by it.
    assert.notEqual(page.by, `trial:${trialId}`)
    const one = page.trials.find((trial) => trial.trialId === trialId)
    return {
      one,
      figures: one?.measures.flatMap(({ cells }) => cells.flatMap((cell) => cell ?? [])),
    }
  }
  const none = await sheet(celery.id)
  assert.equal(none.one?.isVoid, true)
  assert.ok(none.figures?.length && none.figures.every(({ verdict }) => verdict === null))
  await garden.db
    .update(trials)
    .set({ closedAt: null, isBlind: false, version: version + 1 })
    .where(eq(trials.id, id))
  const running = await sheet(id)
  assert.equal(running.one?.state, 'running')
  assert.ok(running.figures?.length && running.figures.every(({ verdict }) => verdict === null))
  await garden.db.update(trials).set({ isBlind: true }).where(eq(trials.id, id))
  const blind = await sheet(id)
  assert.equal(blind.one?.isHidden, true)
  assert.deepEqual([blind.one?.measures, blind.one?.treatments], [[], [null]])
  await garden.db
    .update(trials)
    .set({ isBlind, closedAt, version: version + 2 })
    .where(eq(trials.id, id))
})

test('without any trial it still tells all the rest, in the order of what the crop wants', async () => {
  const page = await candidatesPage(garden.db, { of: 'mix:2,material:acid-mix', crop: 'camellia' })
  assert.deepEqual(page.trials, [])
  assert.equal(page.by, 'air')
  assert.equal(page.candidates.length, 2)
  const none = await candidatesPage(garden.db, { of: 'mix:2', crop: 'none' })
  assert.equal(none.wish, null)
  assert.equal(none.by, 'cost')
})

test('what is not there is counted, what is asked twice stands once, and six are the most', async () => {
  const page = await candidatesPage(garden.db, {
    of: `mix:1,mix:1,mix:999999,lot:888888,material:nothing,what,${BAG}`,
  })
  assert.deepEqual(page.of, ['mix:1', BAG])
  assert.equal(page.missing, 4)
  const many = await candidatesPage(garden.db, {
    of: [1, 2, 3]
      .map((id) => `mix:${id}`)
      .concat([1, 2, 3, 4, 5].map((id) => `lot:${id}`))
      .join(','),
  })
  assert.deepEqual([many.candidates.length, many.missing], [6, 0])
})

test('asked for nothing, it shows the mixes that were tried last, in the crop’s terms', async () => {
  const page = await candidatesPage(garden.db, {})
  assert.ok(page.of.includes(BAG) && page.of.includes('mix:1'))
  assert.ok(page.cropId === null || page.crops.some(({ id }) => id === page.cropId))
})

test('a pot that is asked for is the pot, with what grows in it and where it stands', async () => {
  const [growing] = await openPlantings(garden.db)
  assert.ok(growing)
  const pot = growing.containerId
  const page = await candidatesPage(garden.db, { of: BAG, pot })
  assert.equal(page.potId, pot)
  assert.ok(page.pots.some(({ id }) => id === pot))
  assert.equal(page.cropId, growing.cropId)
  const gone = await candidatesPage(garden.db, { of: BAG, pot: 99_999 })
  assert.notEqual(gone.potId, 99_999)
})

test('a standard that a trial handed on is told at its mix', async () => {
  const trial = await trialOf('spring')
  const winner = trial.treatments.find(({ name }) => name === 'Trough mix')
  assert.ok(winner)
  await handOn(
    garden.db,
    trial.id,
    { kind: 'standard', treatmentId: winner.id, cropId: 'chard', maxPercent: null },
    NOW,
  )
  const { candidates } = await candidatesPage(garden.db, { of: `mix:1,${BAG}` })
  assert.deepEqual(
    candidates.map(({ standardFor }) => standardFor.map(({ cropName }) => cropName)),
    [['Chard'], []],
  )
})

test('a trial of feeds or pots in one mix says nothing of the mix', () => {
  const medium = { kind: 'bag', materialId: 'seed-mix' } as const
  const treatment = { medium, added: null, dose: 0, lotId: null }
  const sample = { kind: 'material', id: 'seed-mix' } as const
  assert.equal(treatmentOf({ treatments: [treatment, { ...treatment }] }, sample), null)
  assert.equal(treatmentOf({ treatments: [treatment] }, sample), treatment)
  // Half of it is something else; all of it is that.
  const compost = { kind: 'bag', materialId: 'compost' } as const
  const half = { ...treatment, added: compost, dose: 50 }
  const all = { ...treatment, added: compost, dose: 100 }
  const added = { kind: 'material', id: 'compost' } as const
  assert.equal(treatmentOf({ treatments: [treatment, half] }, added), null)
  assert.equal(treatmentOf({ treatments: [treatment, half, all] }, added), all)
})

test('an address that asks nonsense is refused at its field', () => {
  const wrong = (query: Record<string, unknown>) => candidatesQuerySchema.validate(query).error
  assert.equal(wrong({ of: 'mix:1', pot: 3, crop: 'chard', by: 'trial:4' }), undefined)
  assert.match(wrong({ pot: 'x' })?.message ?? '', /pot/)
  assert.match(wrong({ crop: '<b>' })?.message ?? '', /crop/)
  assert.match(wrong({ of: 'x'.repeat(501) })?.message ?? '', /candidates/)
})
