import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { DEFAULT_KIT } from '../../core/bench'
import { startTest } from '../../data/bench/benchTests'
import { addContainers } from '../../data/containers'
import { createLot } from '../../data/media'
import { findItems } from './findItems'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

test('every kind of thing that has a name is found by it', async () => {
  const camellia = await findItems(garden.db, 'camellia')
  assert.deepEqual(
    camellia.lots.map(({ name }) => name),
    ['Camellia tub'],
  )
  assert.deepEqual(
    camellia.pots.map(({ code, lotName }) => [code, lotName]),
    [['P04', 'Camellia tub']],
  )
  assert.ok(camellia.mixes.some(({ name }) => name === 'Camellia tub'))
  assert.deepEqual((await findItems(garden.db, 'south wall')).places, ['South wall'])
  assert.ok((await findItems(garden.db, 'chard bag')).trials.some(({ id }) => id === 1))
  assert.ok((await findItems(garden.db, 'grit')).materials.some(({ id }) => id === 'grit'))
  const nothing = await findItems(garden.db, 'zeppelin')
  assert.equal(nothing.lots.length + nothing.pots.length + nothing.places.length, 0)
  assert.equal(nothing.mixes.length + nothing.materials.length, 0)
})

test('a pot is found first by its code, then by what it is called, where it stands or what is in it', async () => {
  const { pots } = await findItems(garden.db, 'p1')
  assert.ok(pots.length >= 3)
  assert.match(pots[0]?.code ?? '', /^P1/)
  const [byCode] = (await findItems(garden.db, 'p04')).pots
  assert.equal(byCode?.code, 'P04')
  const inTrough = await findItems(garden.db, 'long trough by the door')
  assert.ok(inTrough.pots.some(({ code }) => code === 'P01'))
})

test('a test that runs can be gone on with by the name of its sample', async () => {
  const id = await startTest(garden.db, {
    kind: 'look',
    sample: { kind: 'lot', id: 3 },
    setId: null,
    isReference: false,
    innings: null,
    place: '',
    judge: '',
    kit: DEFAULT_KIT,
    expected: null,
    at: NOW,
  })
  const found = (await findItems(garden.db, '')).tests.find((one) => one.id === id)
  assert.deepEqual(found, { id, kind: 'look', name: 'Camellia tub' })
})

test('of many that fit the first fifty come', async () => {
  const shape = { kind: 'round', topDiameterCm: 12, baseDiameterCm: 9, heightCm: 11 } as const
  await addContainers(
    garden.db,
    { name: 'Plug pot', place: 'Bench 9', shape, exposure: 'open' as const, headspaceCm: 1 },
    70,
  )
  for (let i = 0; i < 60; i++) {
    await createLot(garden.db, {
      name: `Plug ${i}`,
      origin: 'bag',
      storeBin: 'Bench 9',
      containerIds: [],
      lines: [],
      at: NOW,
    })
  }
  const { lots, pots } = await findItems(garden.db, 'plug')
  assert.equal(lots.length, 50)
  assert.equal(pots.length, 50)
  assert.ok(lots.every(({ name }) => /plug/i.test(name)))
})
