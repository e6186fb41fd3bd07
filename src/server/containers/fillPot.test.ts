import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { close as near } from '../../../testing/tables'
import { requireContainers } from '../../data/containers'
import { createLot, readLot } from '../../data/media'
import { listMixes } from '../../data/mixes'
import type { FillPot } from '../../messages/containers/fillPot'
import { auditPage } from '../media'
import { Refused } from '../problem'
import { fillPot } from './fillPot'
import { morePots } from './morePots'
import { newPlantings } from './newPlantings'
import { potPage } from './potPage'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const BAG: FillPot = {
  source: { kind: 'bag', materialId: 'all-purpose-mix' },
  litres: null,
  fillerCm: null,
  name: '',
  check: false,
}

async function emptyPot(): Promise<number> {
  const { ids } = await morePots(garden.db, 11, 1)
  return ids[0] ?? 0
}

test('looking tells what it takes and writes nothing down', async () => {
  const { db } = garden
  const pot = await emptyPot()
  const [container] = await requireContainers(db, [pot])
  const { plan, lotId } = await fillPot(db, pot, { ...BAG, check: true }, NOW)
  assert.equal(lotId, null)
  assert.equal((await requireContainers(db, [pot]))[0]?.lotId, null)
  near(plan.settledLitres, container?.litres ?? 0, 1e-9)
  near(plan.litres * 0.91, plan.settledLitres, 1e-9)
  assert.ok(plan.topUpLitres > 0 && plan.topUpLitres < plan.litres * 0.1)
  assert.ok(plan.holes.count >= 1 && plan.emitters >= 1)
  const page = await potPage(db, pot)
  assert.ok(page.fill && page.fill.bags.length >= 3 && page.fill.mixes.length > 0)
  assert.equal(page.lot, null)
})

test('a pot filled from a bag holds a lot of its own, settled, and can be planted at once', async () => {
  const { db } = garden
  const pot = await emptyPot()
  const { plan, lotId } = await fillPot(db, pot, BAG, NOW)
  assert.ok(lotId)
  const lot = await readLot(db, lotId)
  near(lot.contents.litres, plan.settledLitres, 1e-9)
  assert.deepEqual(
    lot.ledger.map(({ kind }) => kind),
    ['filled', 'settled'],
  )
  assert.equal(lot.origin, 'bag')
  const { ids } = await newPlantings(
    db,
    {
      pots: [pot],
      cropId: 'chard',
      cultivar: '',
      how: 'planted',
      count: 2,
      on: '2026-11-01',
      despite: '',
    },
    NOW,
  )
  assert.equal(ids.length, 1)
  const page = await potPage(db, pot)
  assert.equal(page.growing[0]?.cropName, 'Chard')
  assert.equal(page.fill, null)
  await assert.rejects(fillPot(db, pot, BAG, NOW), /A mix stands in/)
})

test('of an own mix the parts are told that make so much: mixing shrinks them', async () => {
  const { db } = garden
  const [mix] = await listMixes(db)
  assert.ok(mix)
  const pot = await emptyPot()
  const body: FillPot = { ...BAG, source: { kind: 'mix', mixId: mix.id }, name: 'Herbs' }
  const { plan, lotId } = await fillPot(db, pot, body, NOW)
  const measured = plan.parts.reduce((sum, { litres }) => sum + litres, 0)
  assert.ok(measured >= plan.litres, `${measured} L of parts make ${plan.litres} L`)
  near(measured * (plan.volumeYield ?? 0), plan.litres, 1e-9)
  const lot = await readLot(db, lotId ?? 0)
  assert.equal(lot.name, 'Herbs')
  assert.match(lot.ledger[0]?.note ?? '', /version \d/)
})

test('of a lot in the store no more is taken than there is; the rest stays, every litre accounted for', async () => {
  const { db } = garden
  const heap = await createLot(db, {
    name: 'Old heap',
    origin: 'unknown',
    storeBin: 'Bin 1',
    containerIds: [],
    lines: [
      {
        kind: 'filled',
        litres: 8,
        components: [{ materialId: 'peat-medium', litres: 8 }],
        doses: [],
        note: null,
      },
    ],
    at: NOW,
  })
  const pot = await emptyPot()
  const body: FillPot = { ...BAG, source: { kind: 'lot', lotId: heap }, litres: 5 }
  const { lotId } = await fillPot(db, pot, body, NOW)
  near((await readLot(db, heap)).contents.litres, 3, 1e-9)
  near((await readLot(db, lotId ?? 0)).contents.litres, 5 * 0.92, 1e-3)
  const second = await emptyPot()
  const { plan } = await fillPot(db, second, { ...body, litres: null }, NOW)
  assert.equal(plan.litres, 3)
  near((await readLot(db, heap)).contents.litres, 0, 1e-9)
  await assert.rejects(fillPot(db, await emptyPot(), body, NOW), /This lot is empty/)
  near((await auditPage(db)).unaccountedLitres, 0, 1e-6)
})

test('more than goes in is refused with what would, and so is what is not there', async () => {
  const { db } = garden
  const pot = await emptyPot()
  await assert.rejects(
    fillPot(db, pot, { ...BAG, litres: 500 }, NOW),
    (error: unknown) =>
      error instanceof Refused && error.code === 'too-much' && Number(error.current?.fits) > 5,
  )
  await assert.rejects(
    fillPot(db, pot, { ...BAG, source: { kind: 'bag', materialId: 'moon-dust' } }, NOW),
    /Choose a bag from the list/,
  )
  await assert.rejects(
    fillPot(db, pot, { ...BAG, source: { kind: 'mix', mixId: 999_999 } }, NOW),
    /There is no mix/,
  )
  assert.equal((await potPage(db, pot)).lot, null)
})

test('a filler on the base saves mix and costs air, and all that is worked out of the pot knows it', async () => {
  const { db } = garden
  const pot = await emptyPot()
  const bare = await fillPot(db, pot, { ...BAG, check: true }, NOW)
  assert.equal(bare.plan.filler, null)
  const body: FillPot = { ...BAG, fillerCm: 5 }
  const { plan, lotId } = await fillPot(db, pot, body, NOW)
  assert.ok(plan.filler && lotId)
  near(bare.plan.settledLitres - plan.settledLitres, plan.filler.savedLitres, 1e-9)
  assert.ok(plan.filler.air < plan.filler.airWithout, 'a shorter column holds less air')
  near((await readLot(db, lotId)).contents.litres, plan.settledLitres, 1e-9)
  const page = await potPage(db, pot)
  near(page.litres, plan.settledLitres, 1e-6)
  assert.equal(page.fillerCm, 5)
  assert.equal(page.section?.fillerCm, 5, 'it is drawn')
  near(page.section?.airFraction ?? 0, plan.filler.air, 0.01)
  assert.equal(
    page.shape.heightCm,
    page.section?.shape.heightCm,
    'from outside it is as high as before',
  )
})

test('a filler that leaves no room, or lies in a basket, is refused at its field and nothing is filled', async () => {
  const { db } = garden
  const pot = await emptyPot()
  const refusedAtFiller = (error: unknown) =>
    error instanceof Refused && error.fields[0]?.field === 'fillerCm'
  await assert.rejects(fillPot(db, pot, { ...BAG, fillerCm: 13 }, NOW), refusedAtFiller)
  const { ids } = await morePots(db, 9, 1)
  await assert.rejects(fillPot(db, ids[0] ?? 0, { ...BAG, fillerCm: 2 }, NOW), refusedAtFiller)
  const page = await potPage(db, pot)
  assert.deepEqual([page.fillerCm, page.lot], [0, null])
})
