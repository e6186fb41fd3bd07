import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { readSite } from '../../data/site'
import { earlierYears } from '../containers'
import { lotPage, manyFound, newLot } from '../media'
import { readTables } from '../tables'
import { readLotFacts, summarizeChangedLots } from '.'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  process.env.INNINGS_NOW = NOW.toISOString()
  garden = await demoDatabase()
})
after(async () => {
  delete process.env.INNINGS_NOW
  await garden.close()
})

const later = new Date(NOW.getTime() + 60_000)
const SHAPE = { kind: 'round', topDiameterCm: 24, baseDiameterCm: 19, heightCm: 22.5 } as const

async function bagged(name: string, years: number | null = null) {
  const { id } = await newLot(
    garden.db,
    {
      name,
      origin: 'bag',
      years,
      components: [{ materialId: 'all-purpose-mix', litres: 7 }],
      place: 'Terrace',
      container: { shape: SHAPE, headspaceCm: 2.5, exposure: 'open', count: 1 },
    },
    NOW,
  )
  return id
}
async function factsOf(lotId: number) {
  const tables = await readTables(garden.db, (await readSite(garden.db)).timeZone)
  return readLotFacts(garden.db, tables, lotId)
}
const air = async (lotId: number) => (await factsOf(lotId)).air?.value ?? 0

test('a bag of three seasons has less air, no starter and fewer salts than a new one, as an estimate', async () => {
  const [young, old] = [await bagged('New bag'), await bagged('Old bag', 3)]
  assert.ok(
    (await air(old)) < (await air(young)) - 0.03,
    `${await air(old)} of ${await air(young)}`,
  )
  assert.ok((await air(old)) > (await air(young)) - 0.12)
  const [fresh, tired] = [await factsOf(young), await factsOf(old)]
  assert.ok((tired.ecSme?.value ?? 9) < 0.6 * (fresh.ecSme?.value ?? 0))
  assert.equal(tired.air?.measuredOn, null)
  assert.ok(tired.components.every(({ measured }) => measured?.starterNMgPerL === 0))
  assert.ok(tired.components.some(({ servedDays }) => (servedDays ?? 0) > 300))
  assert.ok(tired.components.some(({ material }) => material.id === 'humified-fines'))
  const page = await lotPage(garden.db, old, NOW)
  assert.equal(page.ph?.measuredOn, null)
})

test('told at intake, by roots or by crops before, it ages as well', async () => {
  const { db } = garden
  const look = {
    drop: 0,
    roots: 'fine' as const,
    side: 'no' as const,
    problems: [],
    note: '',
    look: {
      smell: null,
      life: null,
      mulchCm: 0,
      years: null,
      drains: true,
      debris: 'left' as const,
    },
  }
  const ways: readonly ((lotId: number, potId: number) => Promise<unknown>)[] = [
    (_, potId) =>
      manyFound(
        db,
        { pots: [{ ...look, potId, look: { ...look.look, years: 3 } }], parted: [] } as never,
        later,
      ),
    (_, potId) =>
      manyFound(db, { pots: [{ ...look, potId, roots: 'woody' }], parted: [] } as never, later),
    (_, potId) =>
      earlierYears(
        db,
        potId,
        {
          seasons: [2023, 2024, 2025].map((year) => ({
            year,
            cropId: 'chard',
            growth: null,
            problems: [],
          })),
        },
        NOW,
      ),
  ]
  for (const [at, tell] of ways.entries()) {
    const lotId = await bagged(`Told ${at}`)
    const before = await air(lotId)
    const potId = (await factsOf(lotId)).containers[0]?.id ?? 0
    await tell(lotId, potId)
    await summarizeChangedLots(db)
    assert.ok((await air(lotId)) < before - 0.02, `way ${at}: ${await air(lotId)} of ${before}`)
  }
})
