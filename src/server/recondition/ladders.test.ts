import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { writePractice } from '../../data/site'
import { jobs } from '../../workers/jobs'
import { ladderPage, laddersOf, planPage } from '.'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  process.env.INNINGS_NOW = NOW.toISOString()
  garden = await demoDatabase()
})
after(async () => {
  delete process.env.INNINGS_NOW
  await garden.close()
})

test('every lot that waits in a pot is planned, in its own pots, as its own page would', async () => {
  const { db } = garden
  const page = await planPage(db, {})
  const free = page.lots.filter(({ isGrowing }) => !isGrowing).map(({ id }) => id)
  assert.ok(free.length >= 3)
  assert.deepEqual(page.chosen, free, 'what still grows is planned only when it is asked for')
  const view = await laddersOf(db, { lots: page.chosen.join(','), crop: 'strawberry' }, NOW)
  assert.equal(view.lots.length + view.left.length, page.chosen.length)
  const told: number[] = []
  // As it comes from the endpoint.
  const { stock, lots } = JSON.parse(JSON.stringify(view)) as typeof view
  const answers = jobs.ladders({ stock, lots: lots.slice(0, 3) }, (share) => told.push(share))
  assert.deepEqual(told, [0, 1 / 3, 2 / 3])
  for (const { id, rungs, refusal } of answers) {
    assert.equal(refusal, null)
    const asked = lots.find((lot) => lot.id === id)?.answers
    assert.ok(asked)
    const own = await ladderPage(db, asked, NOW)
    for (const rung of rungs) {
      const there = own.rungs.find((one) => one.id === rung.id)
      assert.equal(rung.airFraction, there?.airFraction)
      assert.equal(rung.cost, there?.cost)
      assert.equal(rung.earliestPlanting, there?.earliestPlanting)
      assert.deepEqual(rung.warnings, there?.warnings)
    }
  }
})

test('what is ruled out for the garden is ruled out for all of them', async () => {
  const { db } = garden
  const priorities = { cost: 1, effort: 1, yield: 1, peatFree: true, noMineralFeed: true }
  await writePractice(db, { priorities })
  const { stock, lots } = await laddersOf(db, { lots: '6,7', crop: 'strawberry' }, NOW)
  const [answer] = jobs.ladders({ stock, lots }, () => {})
  const replace = answer?.rungs.find(({ id }) => id === 'replace')
  assert.equal(replace?.allowed, false)
  await writePractice(db, { priorities: { ...priorities, peatFree: false, noMineralFeed: false } })
})

test('a lot that cannot be worked out says why; the others are; a crop that is not there is refused', async () => {
  const { db } = garden
  const { stock, lots } = await laddersOf(db, { lots: '6,7,999999', crop: 'strawberry' }, NOW)
  assert.deepEqual(
    lots.map(({ id }) => id),
    [6, 7],
  )
  const broken = lots.map((lot, at) =>
    at === 0 ? { ...lot, input: { ...lot.input, litresWanted: -1 } } : lot,
  )
  const [first, second] = jobs.ladders({ stock, lots: broken }, () => {})
  assert.match(first?.refusal ?? '', /litres/i)
  assert.equal(second?.rungs.length, 5)
  await assert.rejects(laddersOf(db, { lots: '6', crop: 'nothing' }, NOW), /not in the list/)
})
