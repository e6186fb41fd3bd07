import { listCalibrationsOfLots, listTestsSinceMixing } from '../../data/bench'
import type { Database } from '../../data/database'
import { keepEach } from '../../data/kept'
import { readLot, readLotCards, readLots, readLotVersions } from '../../data/media'
import { type CardFacts, cardFacts, type LotFacts, lotFacts, type Tables } from './lotFacts'

/** A lot with its history, and all that is worked out of it. @throws NotFound */
export async function readLotFacts(db: Database, tables: Tables, lotId: number): Promise<LotFacts> {
  const lot = await readLot(db, lotId)
  const calibrations = await listCalibrationsOfLots(db, [lotId])
  return lotFacts(lot, tables, calibrations, await listTestsSinceMixing(db, [lotId]))
}

/** The same of many lots, in the order asked for; put away ones are left out. */
export async function readManyLotFacts(
  db: Database,
  tables: Tables,
  ids: readonly number[],
): Promise<LotFacts[]> {
  const calibrations = await listCalibrationsOfLots(db, ids)
  const tests = await listTestsSinceMixing(db, ids)
  return (await readLots(db, ids)).map((lot) => lotFacts(lot, tables, calibrations, tests))
}

/** What the facts of a lot rest on besides the lot. */
export const LOT_TOPICS = ['materials', 'crops', 'problems', 'site'] as const

/** So many lots are kept: a nursery's list leafed through from one end to the other. */
const keptFacts = keepEach<number, CardFacts>(LOT_TOPICS, 2000)

/**
 * Facts of lots as lists show them, in the order asked for; put away lots are left out.
 *
 * What was worked out is kept until the lot's version, the tables it was worked out from or the day change. Whoever
 * changes a container raises the version of the lot in it.
 */
export async function readCardFacts(
  db: Database,
  tables: Tables,
  ids: readonly number[],
): Promise<CardFacts[]> {
  const versions = await readLotVersions(db, ids)
  const versionOf = (id: number) => versionOfLot(versions.get(id), tables)
  const kept = await keptFacts(db)
  const found = new Map<number, CardFacts>()
  for (const id of versions.keys()) {
    const facts = kept.read(id, versionOf(id))
    if (facts) found.set(id, facts)
  }
  const missing = ids.filter((id) => versions.has(id) && !found.has(id))
  for (const facts of await freshCardFacts(db, tables, missing)) {
    const { id } = facts.lot
    kept.write(id, versionOf(id), facts)
    found.set(id, facts)
  }
  return ids.flatMap((id) => found.get(id) ?? [])
}

/** The same worked out anew and kept for nobody: a round over all lots would push out what pages ask for. */
export async function freshCardFacts(
  db: Database,
  tables: Tables,
  ids: readonly number[],
): Promise<CardFacts[]> {
  const cards = await readLotCards(db, ids)
  const calibrations = await listCalibrationsOfLots(db, ids)
  const tests = await listTestsSinceMixing(db, ids)
  return cards.map((card) => cardFacts(card, tables, calibrations, tests))
}

/** Changes with the lot and with the day. */
export function versionOfLot(version: number | undefined, { today, timeZone }: Tables): string {
  return [version, today, timeZone].join(' ')
}
