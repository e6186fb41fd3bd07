import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { endFinding } from '../../data/media'
import { finishBenchTest, startBenchTest } from '../bench'
import { fillPot, morePots } from '../containers'
import { lotPage, newLot, newTransfer } from '../media'
import { newFound, summarizeChangedLots } from '.'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const daysLater = (days: number) => new Date(NOW.getTime() + 86_400_000 * days)

async function store(name: string, days: number): Promise<number> {
  const { id } = await newLot(
    garden.db,
    {
      name,
      origin: 'own recipe',
      components: [{ materialId: 'all-purpose-mix', litres: 20 }],
      place: 'Shed',
      container: null,
    },
    daysLater(days),
  )
  return id
}

const into = (lotId: number) => ({
  litres: null,
  to: { kind: 'lot' as const, lotId },
  note: '',
  despite: '',
})

const troubles = async (lotId: number) =>
  (await lotPage(garden.db, lotId, daysLater(60))).found.filter(({ state }) => state === 'trouble')

test('clubroot written on a lot after it went into a heap reaches the heap and the pot filled from it', async () => {
  const { db } = garden
  const [ill, other] = [await store('Cabbage tub', 0), await store('Chard tub', 0)]
  await newTransfer(db, ill, into(other), daysLater(1))
  const [potId] = (await morePots(db, 11, 1)).ids
  assert.ok(potId)
  const { lotId: pot } = await fillPot(
    db,
    potId,
    { source: { kind: 'lot', lotId: other }, litres: 8, fillerCm: null, name: '', check: false },
    daysLater(2),
  )
  assert.ok(pot)
  await summarizeChangedLots(db)
  assert.deepEqual(await troubles(pot), [])

  // Nobody knew that morning: the day it counts from is that of its innings, or of the look.
  const { id } = await newFound(db, ill, { problemId: 'clubroot' }, NOW)
  await summarizeChangedLots(db)
  for (const lot of [other, pot]) {
    const [told] = await troubles(lot)
    assert.equal(told?.problemName, 'Clubroot')
    assert.deepEqual([told?.from?.name, told?.from?.certainty], ['Cabbage tub', 'carried'])
    assert.ok((told?.from?.share ?? 0) > 0.45 && (told?.from?.share ?? 1) < 0.55)
    const page = await lotPage(db, lot, daysLater(60))
    assert.equal(page.triage?.verdict, 'discard')
    const [fault] = page.faults
    assert.ok(fault?.kind === 'found' && fault.from?.name === 'Cabbage tub')
  }
  // What it was moved into is refused to be filled from.
  const [next] = (await morePots(db, 11, 1)).ids
  assert.ok(next)
  const looked = await fillPot(
    db,
    next,
    { source: { kind: 'lot', lotId: other }, litres: 4, fillerCm: null, name: '', check: true },
    daysLater(3),
  )
  assert.equal(looked.plan.isDoubtful, true)

  await endFinding(db, ill, id, daysLater(4))
  await summarizeChangedLots(db)
  assert.deepEqual(await troubles(other), [])
  assert.deepEqual(await troubles(pot), [])
  await endFinding(db, ill, id, null)
  await summarizeChangedLots(db)
  assert.equal((await troubles(pot)).length, 1)
})

test('what it came from is asked for, and bars nothing', async () => {
  const { db } = garden
  const [giver, taker] = [await store('Old heap', 0), await store('New tub', 0)]
  await newTransfer(db, giver, { ...into(taker), litres: 5 }, daysLater(1))
  await newFound(db, taker, { problemId: 'clubroot' }, daysLater(20))
  await summarizeChangedLots(db)
  const page = await lotPage(db, giver, daysLater(60))
  assert.deepEqual(await troubles(giver), [])
  assert.equal(page.triage, null)
  assert.ok(page.faults.some((fault) => fault.kind === 'look-for' && fault.from === 'New tub'))
})

test('heat of the heap ends it for what was filled after', async () => {
  const { db } = garden
  const [ill, heap] = [await store('Weevil tub', 0), await store('Weevil heap', 0)]
  await newFound(db, ill, { problemId: 'vine-weevil' }, NOW)
  await newTransfer(db, ill, { ...into(heap), despite: 'to be heated' }, daysLater(1))
  await summarizeChangedLots(db)
  const beforeHeat = await troubles(heap)
  assert.equal(beforeHeat[0]?.problemName, 'Vine weevil')
  const id = await startBenchTest(
    db,
    { kind: 'heat', sample: { kind: 'lot', id: heap } },
    daysLater(2),
  )
  await finishBenchTest(
    db,
    id,
    {
      observation: {
        kind: 'heat',
        problemId: 'vine-weevil',
        readings: [
          { minute: 0, tempC: 66 },
          { minute: 60, tempC: 66 },
        ],
      },
      place: '',
      judge: '',
      note: '',
      water: null,
    } as never,
    daysLater(2),
  )
  await summarizeChangedLots(db)
  const [potId] = (await morePots(db, 11, 1)).ids
  assert.ok(potId)
  const { lotId: pot } = await fillPot(
    db,
    potId,
    { source: { kind: 'lot', lotId: heap }, litres: 8, fillerCm: null, name: '', check: false },
    daysLater(4),
  )
  assert.ok(pot)
  await summarizeChangedLots(db)
  const carried = (await lotPage(db, pot, daysLater(60))).found.filter(({ from }) => from !== null)
  assert.deepEqual(carried, [])
})
