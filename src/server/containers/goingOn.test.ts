import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { close as near } from '../../../testing/tables'
import { changeContainers, listContainers } from '../../data/containers'
import { readLot } from '../../data/media'
import { openPlantings } from '../../data/season'
import type { PotOnBody } from '../../messages/containers/goingOn'
import { newFound } from '../lots'
import { auditPage } from '../media'
import { Refused } from '../problem'
import { potOnInto } from './potOnInto'
import { potPage } from './potPage'
import { topDress } from './topDress'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const BAG: PotOnBody = {
  code: 'P57',
  source: { kind: 'bag', materialId: 'all-purpose-mix' },
  on: '2026-11-02',
  despite: '',
  check: false,
}
const pot = async (code: string) => {
  const found = (await listContainers(garden.db)).find((one) => one.code === code)
  assert.ok(found, code)
  return found
}
const pageOf = async (code: string) => potPage(garden.db, (await pot(code)).id)
const refusedAt = (field: string) => (error: unknown) =>
  error instanceof Refused && error.fields[0]?.field === field

test('looking tells how deep and how much, and changes nothing', async () => {
  const { id, lotId } = await pot('P14')
  const { plan, containerId } = await potOnInto(garden.db, id, { ...BAG, check: true }, NOW)
  assert.equal(containerId, null)
  assert.ok(plan.gapCm >= 3 && plan.gapCm <= 5 && plan.underlayCm > 0)
  assert.ok(plan.isMuchWider, 'eight centimetres wider is more than two sizes')
  assert.ok(plan.litres > plan.settledLitres - 3.8)
  assert.equal((await pot('P57')).lotId, null)
  assert.equal((await pot('P14')).lotId, lotId)
})

test('one of six pots of a lot: the ball becomes a lot with its past, the plant keeps its first day', async () => {
  const { db } = garden
  const from = await pot('P14')
  const lot = await readLot(db, from.lotId ?? 0)
  const [grown] = (await pageOf('P14')).growing
  const { plan, containerId } = await potOnInto(db, from.id, BAG, NOW)
  const target = await pageOf('P57')
  assert.equal(containerId, target.id)
  assert.equal(target.growing[0]?.cropName, 'Strawberry')
  assert.deepEqual(target.growing[0]?.movedFrom, {
    id: from.id,
    code: 'P14',
    firstOn: grown?.startedOn,
  })
  assert.ok(target.lot && target.lot.id !== lot.id)
  near(target.lot.litres, plan.settledLitres, 1e-6)
  assert.ok(
    target.families.some(({ rotationGroup }) => rotationGroup === 'rosaceae'),
    'families go along',
  )
  const rest = await readLot(db, lot.id)
  assert.ok(!rest.containerIds.includes(from.id))
  near(rest.contents.litres, lot.contents.litres * (5 / 6), 1e-6)
  const old = await pageOf('P14')
  assert.equal(old.lot, null)
  assert.deepEqual(old.growing, [])
  assert.equal((await pageOf('P13')).growing.length, 1, 'the others grow on')
  near((await auditPage(db)).unaccountedLitres, 0, 1e-6)
})

test('a lot that stood in one pot alone stays the same lot, with its innings and readings', async () => {
  const { db } = garden
  const from = await pot('P35')
  const lot = await readLot(db, from.lotId ?? 0)
  const wide = { kind: 'round', topDiameterCm: 50, baseDiameterCm: 42, heightCm: 46 }
  const { id: into } = await pot('P60')
  await db.execute(`update containers set shape = '${JSON.stringify(wide)}' where id = ${into}`)
  await changeContainers(db, [into], { name: 'Large pot' })
  const { plan } = await potOnInto(
    db,
    from.id,
    { ...BAG, code: 'p60', source: { kind: 'bag', materialId: 'acid-mix' } },
    NOW,
  )
  assert.equal(plan.isMuchWider, false)
  const page = await pageOf('P60')
  assert.equal(page.lot?.id, lot.id)
  assert.equal(page.growing[0]?.cropName, 'Hydrangea')
  const after = await readLot(db, lot.id)
  assert.deepEqual(after.containerIds, [into])
  assert.equal(after.innings.length, lot.innings.length)
  assert.equal(after.innings.at(-1)?.endedOn, null, 'its season goes on')
  near(after.contents.litres, plan.settledLitres, 1e-6)
  assert.equal((await pot('P35')).lotId, null)
  near((await auditPage(db)).unaccountedLitres, 0, 1e-6)
})

test('from a lot in the store: no more than is there, and a doubtful one only with a reason', async () => {
  const { db } = garden
  const from = await pot('P15')
  const body: PotOnBody = { ...BAG, code: 'P58', source: { kind: 'lot', lotId: 8 } }
  await newFound(db, 8, { problemId: 'clubroot', note: '' }, NOW, 'kale')
  await assert.rejects(
    potOnInto(db, from.id, body, NOW),
    (error: unknown) => error instanceof Refused && error.code === 'doubtful',
  )
  assert.equal((await pot('P58')).lotId, null, 'nothing was written')
  assert.equal((await pageOf('P15')).growing.length, 1)
  const { containerId } = await potOnInto(db, from.id, { ...body, despite: 'a trial' }, NOW)
  assert.equal(containerId, (await pot('P58')).id)
  near((await auditPage(db)).unaccountedLitres, 0, 1e-6)
})

test('too small a pot, one that is not empty, one that is none, one where nothing grows: refused', async () => {
  const { db } = garden
  const { id } = await pot('P16')
  await assert.rejects(potOnInto(db, id, { ...BAG, code: 'P11' }, NOW), refusedAt('code'))
  await assert.rejects(potOnInto(db, id, { ...BAG, code: 'P01' }, NOW), refusedAt('code'))
  await assert.rejects(potOnInto(db, id, { ...BAG, code: 'P99' }, NOW), refusedAt('code'))
  await assert.rejects(
    potOnInto(db, (await pot('P28')).id, { ...BAG, code: 'P59' }, NOW),
    refusedAt('code'),
  )
  await assert.rejects(
    potOnInto(db, id, { ...BAG, code: 'P59', on: '2027-01-01' }, NOW),
    refusedAt('on'),
  )
  assert.equal((await pot('P59')).lotId, null)
})

test('a layer around plants that stay: its litres from the surface, booked into the lot, not above the rim', async () => {
  const { db } = garden
  const { id, lotId } = await pot('P36')
  const before = await readLot(db, lotId ?? 0)
  const body = { materialId: 'worm-castings', depthCm: 2, check: true }
  const { litres } = await topDress(db, id, body, NOW)
  assert.ok(litres > 3 && litres < 4, `${litres} L on half a metre`)
  assert.equal((await readLot(db, lotId ?? 0)).ledger.length, before.ledger.length)
  await topDress(db, id, { ...body, check: false }, NOW)
  const after = await readLot(db, lotId ?? 0)
  near(after.contents.litres, before.contents.litres + litres, 1e-9)
  assert.match(after.ledger.at(-1)?.note ?? '', /P36, 2 cm/)
  await topDress(db, id, { ...body, depthCm: 5, check: false }, NOW)
  await assert.rejects(topDress(db, id, { ...body, depthCm: 5 }, NOW), refusedAt('depthCm'))
  await assert.rejects(
    topDress(db, id, { ...body, materialId: 'stardust', depthCm: 1, check: false }, NOW),
    refusedAt('materialId'),
  )
  await assert.rejects(topDress(db, (await pot('P59')).id, body, NOW), refusedAt('materialId'))
})

test('mushroom compost around a camellia is asked about before it goes on, and stays written down', async () => {
  const { db } = garden
  const camellia = (await openPlantings(db)).find(({ cropId }) => cropId === 'camellia')
  assert.ok(camellia)
  const body = { materialId: 'mushroom-compost', depthCm: 1, check: true }
  const limed = (error: unknown) => error instanceof Refused && error.code === 'limed'
  await assert.rejects(topDress(db, camellia.containerId, body, NOW), limed)
  await assert.rejects(topDress(db, camellia.containerId, { ...body, check: false }, NOW), limed)
  await topDress(db, camellia.containerId, { ...body, materialId: 'acid-mix' }, NOW)
  const reason = { ...body, check: false, despite: 'it is going anyway' }
  await topDress(db, camellia.containerId, reason, NOW)
  const lot = await readLot(db, camellia.lotId)
  assert.match(lot.ledger.at(-1)?.note ?? '', /it is going anyway/)
})
