import { and, asc, desc, eq, isNull, sql } from 'drizzle-orm'
import type { LotContents } from '../../core/media'
import type { Heritage, MixState } from '../../core/recondition'
import { among } from '../among'
import type { Database } from '../database'
import { NotFound } from '../errors'
import { groupBy } from '../groupBy'
import { potIntakes } from '../recondition/tables'
import {
  innings,
  type LotOrigin,
  ledgerEntries,
  lotContents,
  lotFindings,
  lotPlaces,
  lots,
  lotTreatments,
  measurements,
} from './lotTables'
import { reachedLots } from './reached'
import type { ReachedBy } from './workedOutTables'

export type Innings = typeof innings.$inferSelect
export type Measurement = typeof measurements.$inferSelect
export type StoredFinding = typeof lotFindings.$inferSelect
export type StoredTreatment = typeof lotTreatments.$inferSelect
export type LedgerEntry = typeof ledgerEntries.$inferSelect

/** A lot as lists show it: without its ledger. */
export interface LotCard {
  readonly id: number
  readonly name: string
  readonly origin: LotOrigin
  readonly storeBin: string | null
  readonly createdAt: Date
  readonly version: number
  readonly contents: LotContents
  readonly containerIds: readonly number[]
  /** Oldest first. */
  readonly innings: readonly Innings[]
  /** The newest of each quantity, newest first. */
  readonly newest: readonly Measurement[]
  /** When something was last filled or mixed in. */
  readonly mixedAt: Date | null
  /** What its mix was worked out to be then. */
  readonly carried: MixState | null
  /** What it went through before it was last united with another lot; null where it never was. */
  readonly heritage: Heritage | null
  /** What people saw in it, newest first; what was taken back or dealt with is left out. */
  readonly seen: readonly StoredFinding[]
  /** What was done with it or decided of it, newest first; what was taken back is left out. */
  readonly treatments: readonly StoredTreatment[]
  /** Seasons it had served when it was written down, as told. */
  readonly yearsTold: number | null
  /** What was seen of its pots since it was last mixed: the most of each. */
  readonly looked: LookedAt | null
  /** What was found in other lots and reaches this one. */
  readonly reached: readonly ReachedBy[]
}

/** A lot with everything that is known of it. */
export interface Lot extends LotCard {
  /** Newest first. */
  readonly measurements: readonly Measurement[]
  /** Oldest first. */
  readonly ledger: readonly LedgerEntry[]
}

/** Which lots there are by these ids, and how often each was changed; put away ones are not. */
export async function readLotVersions(
  db: Database,
  ids: readonly number[],
): Promise<ReadonlyMap<number, number>> {
  if (ids.length === 0) return new Map()
  const rows = await db
    .select({ id: lots.id, version: lots.version })
    .from(lots)
    .where(and(among(lots.id, ids), isNull(lots.putAwayAt)))
  return new Map(rows.map(({ id, version }) => [id, version]))
}

/** A reading of a test that was set aside does not count. */
const countsStill = sql`(${measurements.testId} is null or not exists (select 1 from bench_tests where bench_tests.id = ${measurements.testId} and bench_tests.thrown_away_at is not null))`

/** Lots by their ids, as lists show them, in the order asked for; what was put away is left out. */
export async function readLotCards(db: Database, ids: readonly number[]): Promise<LotCard[]> {
  if (ids.length === 0) return []
  const asked = [...ids]
  const rows = await db
    .select()
    .from(lots)
    .where(and(among(lots.id, asked), isNull(lots.putAwayAt)))
  const contents = await db
    .select()
    .from(lotContents)
    .where(among(lotContents.lotId, asked))
    // What is as much as another stands in the same place each time.
    .orderBy(desc(lotContents.litres), asc(lotContents.materialId))
  const places = await db
    .select()
    .from(lotPlaces)
    .where(among(lotPlaces.lotId, asked))
    .orderBy(asc(lotPlaces.containerId))
  const seasons = await db
    .select()
    .from(innings)
    .where(among(innings.lotId, asked))
    .orderBy(asc(innings.number))
  const newest = await db
    .selectDistinctOn([measurements.lotId, measurements.quantity])
    .from(measurements)
    .where(and(among(measurements.lotId, asked), countsStill))
    .orderBy(
      measurements.lotId,
      measurements.quantity,
      desc(measurements.at),
      desc(measurements.id),
    )
  const seen = await db
    .select()
    .from(lotFindings)
    .where(and(among(lotFindings.lotId, asked), isNull(lotFindings.endedAt)))
    .orderBy(desc(lotFindings.at), desc(lotFindings.id))
  const treated = await db
    .select()
    .from(lotTreatments)
    .where(and(among(lotTreatments.lotId, asked), isNull(lotTreatments.takenBackAt)))
    .orderBy(desc(lotTreatments.at), desc(lotTreatments.id))
  const reached = await reachedLots(db, asked)
  const looks = await db.select().from(potIntakes).where(among(potIntakes.lotId, asked))
  const lotId = (row: { readonly lotId: number }) => row.lotId
  const byContents = groupBy(contents, lotId)
  const byPlace = groupBy(places, lotId)
  const bySeason = groupBy(seasons, lotId)
  const byReading = groupBy(newest, lotId)
  const bySeen = groupBy(seen, lotId)
  const byTreated = groupBy(treated, lotId)
  const byLook = groupBy(looks, lotId)
  const byId = new Map(rows.map((row) => [row.id, row]))
  return asked.flatMap((id): LotCard[] => {
    const row = byId.get(id)
    if (!row) return []
    const components = (byContents.get(id) ?? []).map(({ materialId, litres }) => ({
      materialId,
      litres,
    }))
    return [
      {
        id,
        name: row.name,
        origin: row.origin,
        storeBin: row.storeBin,
        createdAt: row.createdAt,
        version: row.version,
        contents: { components, litres: components.reduce((sum, one) => sum + one.litres, 0) },
        containerIds: (byPlace.get(id) ?? []).map(({ containerId }) => containerId),
        innings: bySeason.get(id) ?? [],
        newest: [...(byReading.get(id) ?? [])].sort((a, b) => b.at.getTime() - a.at.getTime()),
        mixedAt: row.mixedAt,
        carried: row.carried,
        heritage: row.heritage,
        seen: bySeen.get(id) ?? [],
        treatments: byTreated.get(id) ?? [],
        yearsTold: row.yearsTold,
        looked: lookedAt(row.mixedAt, byLook.get(id) ?? []),
        reached: reached.get(id) ?? [],
      },
    ]
  })
}

/** Lots by their ids with all that is known of them, in the order asked for; what was put away is left out. */
export async function readLots(db: Database, ids: readonly number[]): Promise<Lot[]> {
  const cards = await readLotCards(db, ids)
  if (cards.length === 0) return []
  const asked = [...ids]
  const readings = await db
    .select()
    .from(measurements)
    .where(and(among(measurements.lotId, asked), countsStill))
    .orderBy(desc(measurements.at), desc(measurements.id))
  const entries = await db
    .select()
    .from(ledgerEntries)
    .where(among(ledgerEntries.lotId, asked))
    .orderBy(asc(ledgerEntries.at), asc(ledgerEntries.id))
  const byReading = groupBy(readings, ({ lotId }) => lotId)
  const byEntry = groupBy(entries, ({ lotId }) => lotId)
  return cards.map((card) => ({
    ...card,
    measurements: byReading.get(card.id) ?? [],
    ledger: byEntry.get(card.id) ?? [],
  }))
}

/** What went into lots and out of them, oldest first, also of those that were put away. */
export async function ledgerEver(db: Database, lotId: number): Promise<LedgerEntry[]> {
  return db
    .select()
    .from(ledgerEntries)
    .where(eq(ledgerEntries.lotId, lotId))
    .orderBy(asc(ledgerEntries.at), asc(ledgerEntries.id))
}

/** @throws NotFound */
export async function readLot(db: Database, id: number): Promise<Lot> {
  const [lot] = await readLots(db, [id])
  if (!lot) throw new NotFound(`There is no lot ${id}.`)
  return lot
}

/** The innings a lot is in, if any. */
export function presentInnings(lot: Pick<LotCard, 'innings'>): Innings | null {
  return lot.innings.find(({ endedOn }) => endedOn === null) ?? null
}

/** What people saw when they looked at its pots. */
export interface LookedAt {
  /** Seasons in use, as told; null where nobody said. */
  readonly years: number | null
  /** When that was told. */
  readonly at: Date
  readonly roots: Look['rootMass']
  readonly life: Look['life']
  readonly smell: Look['smell']
  readonly runsDownSide: boolean
  readonly drains: boolean
  readonly mulchCm: number
  /** Mean drop of the surface, cm; null where it was not measured. */
  readonly dropCm: number | null
}

type Look = typeof potIntakes.$inferSelect
const ROOTS = ['fine', 'dense', 'bound', 'woody'] as const

/** What was seen before something was mixed in is of another mix. */
function lookedAt(mixedAt: Date | null, all: readonly Look[]): LookedAt | null {
  const looks = all.filter(({ at }) => mixedAt === null || at > mixedAt)
  const last = looks.reduce<Look | null>(
    (newest, one) => (!newest || one.at > newest.at ? one : newest),
    null,
  )
  if (!last) return null
  const yearsTold = looks.flatMap(({ years }) => years ?? [])
  const drops = looks.flatMap(({ levelDropCm }) => levelDropCm ?? [])
  return {
    years: yearsTold.length > 0 ? Math.max(...yearsTold) : null,
    at: last.at,
    roots: ROOTS.findLast((roots) => looks.some(({ rootMass }) => rootMass === roots)) ?? 'fine',
    life: looks.some(({ life }) => life === 'much') ? 'much' : last.life,
    smell: looks.some(({ smell }) => smell === 'sour') ? 'sour' : last.smell,
    runsDownSide: looks.some((one) => one.runsDownSide),
    drains: looks.every(({ drains }) => drains),
    mulchCm: Math.max(...looks.map(({ mulchCm }) => mulchCm)),
    dropCm: drops.length > 0 ? drops.reduce((sum, cm) => sum + cm, 0) / drops.length : null,
  }
}
