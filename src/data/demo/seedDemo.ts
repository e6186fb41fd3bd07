import { eq, sql } from 'drizzle-orm'
import type { LedgerComponent, LedgerLine } from '../../core/media'
import { DAY_MS } from '../../core/units'
import { amendments } from '../chemistry/tables'
import { placed } from '../containers'
import { containers } from '../containers/tables'
import type { Database } from '../database'
import { addFindings } from '../media/lotFindings'
import { appendLines, createLot } from '../media/lots'
import { innings, lots, measurements } from '../media/lotTables'
import { materials } from '../media/materialTables'
import { addMixVersion, createMix } from '../mixes/mixes'
import { potIntakes } from '../recondition/tables'
import { listCrops } from '../season'
import { plantings, potLog } from '../season/plantingTables'
import { siteSettings } from '../site/tables'
import { FLOWER_LOTS } from './demoFlowers'
import { KITCHEN_LOTS } from './demoKitchen'
import { type DemoLot, LOTS } from './demoLots'
import { MIXES } from './demoMixes'
import { AMENDMENT_STOCK, CONTAINERS, SITE, STOCK } from './scenario'
import { seedBench } from './seedBench'
import { seedTrials } from './seedTrials'

const YEAR_DAYS = 365
/** The last season was cleared three weeks ago, whenever the demo is made. */
const CLEARED_DAYS_AGO = 21
const SEASON_DAYS = 190

/** Fills an empty data folder with the made-up garden; one that holds lots is left alone. */
export async function seedDemo(db: Database, now: Date): Promise<void> {
  const [row] = await db.select({ count: sql<number>`count(*)`.mapWith(Number) }).from(lots)
  if ((row?.count ?? 0) > 0) return
  await db.transaction(async (tx) => {
    await tx
      .update(siteSettings)
      .set({ ...SITE, seededAt: now })
      .where(eq(siteSettings.id, 1))
    const idOf = await seedContainers(tx)
    for (const [id, [stockLitres, pricePerLitre]] of Object.entries(STOCK)) {
      await tx.update(materials).set({ stockLitres, pricePerLitre }).where(eq(materials.id, id))
    }
    for (const [id, [stockGrams, pricePerKg]] of Object.entries(AMENDMENT_STOCK)) {
      await tx.update(amendments).set({ stockGrams, pricePerKg }).where(eq(amendments.id, id))
    }
    for (const lot of [...LOTS, ...KITCHEN_LOTS, ...FLOWER_LOTS]) {
      await seedLot(tx, lot, idOf, now)
    }
    for (const mix of MIXES) await seedMix(tx, mix, now)
    await seedBench(tx, now)
    await seedTrials(tx, now)
  })
}

/** @returns ids by code */
async function seedContainers(db: Database): Promise<ReadonlyMap<string, number>> {
  const idOf = new Map<string, number>()
  for (const { place, exposure, ...container } of CONTAINERS) {
    const [made] = await db
      .insert(containers)
      .values({ ...container, ...(await placed(db, place, exposure)) })
      .returning({ id: containers.id })
    if (made) idOf.set(container.code, made.id)
  }
  return idOf
}

/** Its versions a season apart. */
async function seedMix(
  db: Database,
  { name, versions }: (typeof MIXES)[number],
  now: Date,
): Promise<void> {
  const [first, ...next] = versions
  if (!first) return
  const at = (index: number) => daysBefore(now, 40 + (versions.length - 1 - index) * YEAR_DAYS)
  const id = await createMix(db, { ...first, name, at: at(0) })
  for (const [index, version] of next.entries()) {
    await addMixVersion(db, id, { ...version, name, after: index + 1, at: at(index + 1) })
  }
}

const GROWTH = { well: 4, fair: 3, poor: 2 } as const

async function seedLot(
  db: Database,
  lot: DemoLot,
  idOf: ReadonlyMap<string, number>,
  now: Date,
): Promise<void> {
  const seasons = lot.seasons.length
  const startOf = (season: number) =>
    daysBefore(now, CLEARED_DAYS_AGO + SEASON_DAYS + (seasons - 1 - season) * YEAR_DAYS)
  const endOf = (season: number) =>
    daysBefore(now, CLEARED_DAYS_AGO + (seasons - 1 - season) * YEAR_DAYS)
  const id = await createLot(db, {
    name: lot.name,
    origin: lot.origin,
    storeBin: lot.storeBin,
    containerIds: lot.codes.map((code) => idOf.get(code) ?? 0),
    lines: [lineOf('filled', lot.filled)],
    at: seasons > 0 ? startOf(0) : daysBefore(now, 95),
  })
  let litres = litresOf(lot.filled)
  let present: readonly { readonly id: number; readonly containerId: number }[] = []
  for (const [index, season] of lot.seasons.entries()) {
    const growing = lot.stillGrowing && index === seasons - 1
    const [made] = await db
      .insert(innings)
      .values({
        lotId: id,
        number: index + 1,
        cropId: season.cropId,
        startedOn: isoDay(startOf(index)),
        endedOn: growing ? null : isoDay(endOf(index)),
        outcome: growing ? null : season.outcome,
        readyOn: isoDay(startOf(index)),
        plantedOn: isoDay(startOf(index)),
        litres,
      })
      .returning({ id: innings.id })
    const grown = lot.codes.map((code) => ({
      containerId: idOf.get(code) ?? 0,
      lotId: id,
      inningsId: made?.id ?? 0,
      cropId: season.cropId,
      how: season.how ?? ('planted' as const),
      startedOn: isoDay(startOf(index)),
      endedOn: growing ? null : isoDay(endOf(index)),
      growth: growing ? null : GROWTH[season.outcome],
      harvestG: growing ? null : (season.harvestG ?? null),
      endedWhy: growing ? null : ('season over' as const),
    }))
    if (grown.length > 0) {
      present = await db
        .insert(plantings)
        .values(grown)
        .returning({ id: plantings.id, containerId: plantings.containerId })
    }
    litres += litresOf(season.ageing)
    const aged = lineOf('settled', season.ageing)
    if (aged.components.length > 0) await appendLines(db, id, [aged], endOf(index))
  }
  const log = (lot.log ?? []).map(({ code, kind, value, daysAgo }) => {
    const containerId = idOf.get(code) ?? 0
    const planting = present.find((one) => one.containerId === containerId)
    const at = daysBefore(now, daysAgo)
    const plantingId = planting?.id ?? null
    return { containerId, plantingId, lotId: id, at, kind, value: value ?? null }
  })
  if (log.length > 0) await db.insert(potLog).values(log)
  await seedLooks(db, id, lot, idOf, now)
  if (lot.measured.length > 0) {
    await db.insert(measurements).values(
      lot.measured.map(({ quantity, value, method, daysAgo }) => ({
        lotId: id,
        at: daysBefore(now, daysAgo),
        quantity,
        value,
        method,
      })),
    )
  }
}

/** What was found at the end of the season: pots looked at, problems seen in them. */
async function seedLooks(
  db: Database,
  lotId: number,
  { looked = [], seasons }: DemoLot,
  idOf: ReadonlyMap<string, number>,
  now: Date,
): Promise<void> {
  if (looked.length === 0) return
  await db.insert(potIntakes).values(
    looked.map(({ code, daysAgo, dropCm, rootMass, problemIds = [], note, smell, mulchCm }) => ({
      lotId,
      containerId: idOf.get(code) ?? 0,
      at: daysBefore(now, daysAgo),
      levelDropCm: dropCm,
      rootMass,
      runsDownSide: problemIds.includes('water-repellent'),
      smell: smell ?? null,
      mulchCm: mulchCm ?? 0,
      note: note ?? null,
    })),
  )
  const last = seasons.at(-1)?.cropId
  const crop = (await listCrops(db)).find(({ id }) => id === last)
  const seen = looked.flatMap(({ problemIds = [], daysAgo, note }) =>
    problemIds.map((problemId) => ({
      kind: 'problem' as const,
      state: 'trouble' as const,
      problemId,
      numbers: {},
      at: daysBefore(now, daysAgo),
      word: null,
      families: [],
      season: daysBefore(now, daysAgo).getUTCFullYear(),
      rotationGroup: crop?.rotationGroup ?? null,
      source: 'seen' as const,
      testId: null,
      note: note ?? null,
    })),
  )
  await addFindings(db, lotId, seen)
}

function litresOf(amounts: Readonly<Record<string, number>>): number {
  return Object.values(amounts).reduce((sum, one) => sum + one, 0)
}

function lineOf(kind: LedgerLine['kind'], amounts: Readonly<Record<string, number>>): LedgerLine {
  const components: LedgerComponent[] = Object.entries(amounts).map(([materialId, litres]) => ({
    materialId,
    litres,
  }))
  return {
    kind,
    components,
    litres: components.reduce((sum, { litres }) => sum + litres, 0),
    doses: [],
    note: null,
  }
}

function daysBefore(now: Date, days: number): Date {
  return new Date(now.getTime() - days * DAY_MS)
}

function isoDay(at: Date): string {
  return at.toISOString().slice(0, 10)
}
