import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { TROUGH_TO_STRAWBERRY } from '../../../../testing/answers'
import { demoDatabase, NOW } from '../../../../testing/database'
import { solveRecipe } from '../../../core/recondition'
import {
  addFinding,
  endFindingOfTrial,
  findTrials,
  listFindings,
  readTrial,
} from '../../../data/trials'
import { fillChoices } from '../../containers'
import { mixDesignPage } from '../../mixes'
import { ladderPage, recipePage } from '../../recondition'
import { askedRecipe } from '../../recondition/buildRecipe'
import { handOn, newTrialPage, resultsPage, trialsPage, variedTrials } from '..'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

/** Trials of the made-up garden by a word of their name. */
async function trialOf(word: string) {
  const { rows } = await findTrials(garden.db, { find: word, offset: 0, limit: 1 })
  const [found] = rows
  if (!found) throw new Error(`The demo has no trial called ${word}.`)
  return readTrial(garden.db, found.id)
}

test('every trial of the made-up garden comes to what it is there to show', async () => {
  const chard = await resultsPage(garden.db, (await trialOf('spring')).id)
  const verdicts = (page: typeof chard) =>
    page.results
      .filter(({ measure }) => measure === page.measure)
      .flatMap((view) =>
        view.by === 'means' ? view.groups.treatments.map((one) => one.verdict) : [],
      )
  assert.deepEqual(verdicts(chard), ['better', 'no-difference'])
  assert.equal(chard.treatments[1]?.used, 5)
  const beans = await resultsPage(garden.db, (await trialOf('beans')).id)
  assert.equal(beans.noEffectUpTo, 25)
  const weeds = await resultsPage(garden.db, (await trialOf('weeds')).id)
  assert.deepEqual(verdicts(weeds), ['better', 'better'])
  assert.ok((weeds.treatments[0]?.weedsPerM2 ?? 0) > 200)
  const celery = await resultsPage(garden.db, (await trialOf('celery')).id)
  assert.equal(celery.isVoid, true)
  const five = await resultsPage(garden.db, (await trialOf('five crops')).id)
  const side = five.results.find((view) => view.by === 'sides')
  assert.equal(side?.by === 'sides' && side.sides[0]?.result.verdict, 'cannot-tell')
  assert.equal(side?.by === 'sides' && side.sides[0]?.result.missing, 1)
  const { trials } = await trialsPage(garden.db)
  const running = trials.find(({ state }) => state === 'running')
  assert.ok((running?.lateLooks ?? 0) >= 1)
  assert.equal(trials.find(({ name }) => name.startsWith('Celery'))?.isVoid, true)
})

test('a winner made the standard is named where pots are filled and on its mix; the next one takes its place', async () => {
  const trial = await trialOf('spring')
  const [control, winner] = trial.treatments
  const standard = (treatmentId: number | undefined) =>
    handOn(
      garden.db,
      trial.id,
      { kind: 'standard', treatmentId: treatmentId ?? 0, cropId: 'chard', maxPercent: null },
      NOW,
    )
  await standard(winner?.id)
  const mixId = winner?.medium.kind === 'mix' ? winner.medium.mixId : 0
  const mix = await mixDesignPage(garden.db, { mix: mixId })
  assert.deepEqual(
    mix.standardFor.map(({ cropName, version }) => [cropName, version]),
    [['Chard', 3]],
  )
  assert.equal(mix.trials.find(({ trialId }) => trialId === trial.id)?.verdict, 'better')
  const filled = await fillChoices(garden.db)
  assert.deepEqual(filled.mixes.find(({ id }) => id === mixId)?.standardFor, ['Chard'])
  // A new mix for that crop is this one from now on.
  const asked = { ...TROUGH_TO_STRAWBERRY, crop: 'chard' }
  const { newMix } = (await askedRecipe(garden.db, asked, NOW)).input.school
  assert.deepEqual(Array.isArray(newMix) && newMix.map(({ material }) => material.id).sort(), [
    'all-purpose-mix',
    'bark-fine',
    'garden-compost',
    'perlite-coarse',
  ])
  // The ways to go on say what it is and where it was found.
  assert.deepEqual((await ladderPage(garden.db, asked, NOW)).standard, {
    name: 'Trough mix for strawberries, version 3',
    trialId: trial.id,
    trialName: trial.name,
  })
  const { id } = await standard(control?.id)
  const after = await fillChoices(garden.db)
  assert.deepEqual(after.mixes.find(({ id }) => id === mixId)?.standardFor, [])
  assert.deepEqual(after.bags.find(({ id }) => id === 'all-purpose-mix')?.standardFor, ['Chard'])
  await endFindingOfTrial(garden.db, trial.id, id, NOW)
  assert.equal((await ladderPage(garden.db, asked, NOW)).standard, null)
  assert.deepEqual(await listFindings(garden.db, { kind: 'standard' }), [])
})

test('what a dose series found is kept to: mixes are warned, and recipes take no more', async () => {
  const trial = await trialOf('beans')
  const added = trial.treatments.find((one) => one.added)
  const asked = (more: object = {}) => ({
    kind: 'cap' as const,
    treatmentId: added?.id ?? 0,
    cropId: null,
    maxPercent: 10,
    ...more,
  })
  await assert.rejects(handOn(garden.db, trial.id, asked({ maxPercent: null }), NOW), /how much/)
  await assert.rejects(
    handOn(garden.db, trial.id, asked({ cropId: 'camellia' }), NOW),
    /did not grow/,
  )
  await assert.rejects(
    handOn(garden.db, trial.id, asked({ treatmentId: trial.treatments[0]?.id }), NOW),
    /Nothing was added/,
  )
  await handOn(garden.db, trial.id, asked(), NOW)
  const { caps } = await mixDesignPage(garden.db, {})
  assert.deepEqual(
    caps.map(({ materialId, maxPercent }) => [materialId, maxPercent]),
    [['green-waste-compost', 10]],
  )
  // The same of what this garden has in stock; its recipe was looked at before, and is asked for again.
  const compostRule = async () =>
    (await recipePage(garden.db, TROUGH_TO_STRAWBERRY, NOW)).recipe.why['part.compost']?.rule
  assert.notEqual(await compostRule(), 'compost.found')
  const { input: before } = await askedRecipe(garden.db, TROUGH_TO_STRAWBERRY, NOW)
  const composts = before.stock.materials.filter(({ material }) => material.group === 'compost')
  for (const { material } of composts) {
    await addFinding(garden.db, {
      trialId: trial.id,
      kind: 'cap',
      cropId: 'strawberry',
      medium: { kind: 'bag', materialId: material.id },
      maxPercent: 5,
      at: NOW,
    })
  }
  const { input } = await askedRecipe(garden.db, TROUGH_TO_STRAWBERRY, NOW)
  assert.equal(await compostRule(), 'compost.found', 'what was remembered does not stand before it')
  const usual = solveRecipe(before).why['part.compost']
  const held = solveRecipe(input)
  const part = held.parts.find(({ role }) => role === 'compost')
  assert.notEqual(usual?.rule, 'compost.found')
  assert.equal(held.why['part.compost']?.rule, 'compost.found')
  assert.ok(part && part.litres > 0 && part.litres / held.partLitres <= 0.05 + 1e-9)
})

test('nothing is handed on by a trial that runs, or that was void', async () => {
  for (const [word, pattern] of [
    ['strawberries', /goes on/],
    ['celery', /void/],
  ] as const) {
    const trial = await trialOf(word)
    const treatmentId = trial.treatments[0]?.id ?? 0
    await assert.rejects(
      handOn(
        garden.db,
        trial.id,
        { kind: 'standard', treatmentId, cropId: null, maxPercent: null },
        NOW,
      ),
      pattern,
    )
  }
})

test('the next trial is planned with the variation of the last, and a void run is planned again with why', async () => {
  const varied = await variedTrials(garden.db)
  const chard = varied.find(({ cropId, measure }) => cropId === 'chard' && measure === 'harvest')
  assert.ok(chard && chard.cv > 5 && chard.cv < 40, String(chard?.cv))
  assert.ok(!varied.some(({ name }) => name.startsWith('Celery')))
  const again = await newTrialPage(garden.db, { like: (await trialOf('celery')).id })
  assert.equal(again.rerunOf?.must, 'germination')
  assert.ok((again.rerunOf?.reached ?? 100) < 80)
  assert.equal(again.plan?.name, 'Celery seedlings in two seed mixes')
  const sound = await newTrialPage(garden.db, { like: (await trialOf('spring')).id })
  assert.equal(sound.rerunOf, null)
})
