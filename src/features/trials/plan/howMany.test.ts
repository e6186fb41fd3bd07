import assert from 'node:assert/strict'
import { test } from 'node:test'
import { findable, replicatesNeeded } from '../../../core/trials'
import { rowsOf } from '../trialRows'
import { type HowMany, howManyQuestion, neededQuestion, wrongOf } from './howMany'
import { gardenSpreads, plansQuestion, unitOf } from './plansQuestion'

const VALUES: HowMany = {
  what: 'means',
  treatments: '1',
  pots: '6',
  cv: '20',
  differencePercent: '20',
  seeds: '10',
  expected: '80',
  crops: '5',
}

test('what is typed is asked of the core as it stands there', () => {
  const asked = neededQuestion(VALUES)
  assert.ok(asked)
  // 17 pots of each: as published for two groups, 20 % apart, with a variation of 20 %.
  assert.equal(replicatesNeeded(asked), 17)
  const two = neededQuestion({ ...VALUES, treatments: '2' })
  assert.equal(two && replicatesNeeded(two), 21)
  const by = (what: HowMany['what']) => {
    const question = howManyQuestion({ ...VALUES, what })
    return question && findable(question).by
  }
  assert.deepEqual([by('means'), by('counts'), by('signs')], ['means', 'means', 'signs'])
  const seeds = (more: Partial<HowMany>) => {
    const question = howManyQuestion({ ...VALUES, what: 'counts', ...more })
    return question && findable(question).by
  }
  assert.deepEqual([seeds({ pots: '2' }), seeds({ seeds: '1' })], ['few-trays', 'counts'])
})

test('a number that cannot be is told at its field, and only its own question waits for it', () => {
  const wrong = (more: Partial<HowMany>) => Object.keys(wrongOf({ ...VALUES, ...more }))
  assert.deepEqual(wrong({}), [])
  assert.deepEqual(wrong({ cv: 'much' }), ['cv'])
  assert.deepEqual(wrong({ pots: '2.5', treatments: '0' }), ['treatments', 'pots'])
  assert.deepEqual(wrong({ cv: '0,2' }), ['cv'])
  assert.equal(howManyQuestion({ ...VALUES, cv: 'much' }), null)
  assert.ok(howManyQuestion({ ...VALUES, cv: 'much', what: 'signs' }))
  assert.equal(neededQuestion({ ...VALUES, differencePercent: '0' }), null)
})

test('pots stand block by block in the order of their places', () => {
  const pot = (id: number, block: number | null, position: number) => ({
    id,
    block,
    position,
    code: `A${id}`,
    row: 0,
    column: 0,
    treatment: 0,
    cropName: block === 1 ? 'Basil' : null,
    containerId: null,
    leftOut: null,
    diedOn: null,
  })
  const rows = rowsOf([pot(1, 1, 3), pot(2, 0, 1), pot(3, 0, 0)])
  assert.deepEqual(
    rows.map(({ block, cropName, pots }) => [block, cropName, pots.map(({ id }) => id)]),
    [
      [0, null, [3, 2]],
      [1, 'Basil', [1]],
    ],
  )
  assert.equal(rowsOf([pot(1, null, 0), pot(2, null, 1)]).length, 1)
})

test('what is grown on paper is the plan and more of what replicates it, with the garden’s own spreads', () => {
  const question = howManyQuestion(VALUES)
  assert.ok(question)
  const { plan, more } = plansQuestion(question, { blockCv: 30 })
  assert.deepEqual([plan.pots, plan.blocks, plan.blockCv, plan.share], [6, true, 30, null])
  assert.deepEqual([unitOf(question), more], ['blocks', [8, 10, 12]])
  const trays = howManyQuestion({ ...VALUES, what: 'counts' })
  assert.ok(trays)
  assert.deepEqual([unitOf(trays), plansQuestion(trays, {}).plan.share], ['trays', 0.8])
  const crops = howManyQuestion({ ...VALUES, what: 'signs' })
  assert.ok(crops)
  assert.deepEqual([unitOf(crops), plansQuestion(crops, {}).more], ['crops', [7, 9, 10]])
  const varied = (cropId: string, blockCv: number | null, trayCv: number | null) => ({
    trialId: 1,
    name: 'Before',
    cropId,
    measure: 'height' as const,
    cv: 18,
    blockCv,
    trayCv,
  })
  const known = [varied('kale', 9.4, null), varied('chard', 22.2, null), varied('kale', null, 31)]
  assert.deepEqual(gardenSpreads(known, 'chard'), { blockCv: 22, trayCv: 31 })
  assert.deepEqual(gardenSpreads([], 'chard'), {})
})
