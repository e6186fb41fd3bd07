import { and, eq, isNull, ne, sql } from 'drizzle-orm'
import type { Exposure } from '../../core/season'
import { byName } from '../byName'
import type { Database } from '../database'
import { Conflict, NotFound, StaleWrite } from '../errors'
import { keep } from '../kept'
import { lotPlaces } from '../media/lotTables'
import { containers, places } from './tables'

export interface Place {
  readonly id: number
  readonly name: string
  readonly exposure: Exposure
  readonly version: number
}

export interface NewPlace {
  readonly name: string
  readonly exposure: Exposure
}

const COLUMNS = {
  id: places.id,
  name: places.name,
  exposure: places.exposure,
  version: places.version,
}

/** All places that were not put away, by name. */
export const listPlaces = keep('containers', async (db): Promise<readonly Place[]> => {
  const rows = await db.select(COLUMNS).from(places).where(isNull(places.putAwayAt))
  return rows.sort((a, b) => byName(a.name, b.name))
})

/**
 * The place of that name, in capitals or not; made where there is none, and taken up where it was put away.
 * @param exposure of a place that is made
 */
export async function placeNamed(db: Database, name: string, exposure: Exposure): Promise<Place> {
  const [known] = await db
    .select({ ...COLUMNS, putAwayAt: places.putAwayAt })
    .from(places)
    .where(eq(sql`lower(${places.name})`, name.toLowerCase()))
  if (known && !known.putAwayAt) return known
  const [place] = known
    ? await db
        .update(places)
        .set({ name, exposure, putAwayAt: null, version: known.version + 1 })
        .where(eq(places.id, known.id))
        .returning(COLUMNS)
    : await db.insert(places).values({ name, exposure }).returning(COLUMNS)
  if (!place) throw new Error('The place was not made.')
  return place
}

/** Where a container stands; its own sun and wind are kept only where they are not those of the place. */
export async function placed(
  db: Database,
  name: string,
  exposure: Exposure,
): Promise<{ readonly placeId: number; readonly exposure: Exposure | null }> {
  const place = await placeNamed(db, name, exposure)
  return { placeId: place.id, exposure: place.exposure === exposure ? null : exposure }
}

/** @throws Conflict where a place has that name */
export async function addPlace(db: Database, { name, exposure }: NewPlace): Promise<Place> {
  await refuseTaken(db, name, 0)
  return placeNamed(db, name, exposure)
}

/**
 * Gives a place another name, or puts its sun and wind right: for all pots there but those that have their own.
 * @returns the lots in those pots: what was worked out of them has to be told by the caller
 * @throws StaleWrite when it was changed since it was read, Conflict where another place has that name
 */
export async function changePlace(
  db: Database,
  id: number,
  { name, exposure, version }: NewPlace & { readonly version: number },
): Promise<{ readonly lotIds: readonly number[] }> {
  await refuseTaken(db, name, id)
  // One that was put away and has the name already is in nobody's way.
  await db
    .update(places)
    .set({ name: sql`${places.name} || ' (' || ${places.id} || ')'` })
    .where(and(eq(sql`lower(${places.name})`, name.toLowerCase()), ne(places.id, id)))
  const [changed] = await db
    .update(places)
    .set({ name, exposure, version: version + 1 })
    .where(and(eq(places.id, id), eq(places.version, version), isNull(places.putAwayAt)))
    .returning({ id: places.id })
  if (!changed) {
    const [now] = await db
      .select(COLUMNS)
      .from(places)
      .where(and(eq(places.id, id), isNull(places.putAwayAt)))
    if (!now) throw new NotFound('There is no such place any more.')
    throw new StaleWrite('This place was changed on another page meanwhile.', { place: now })
  }
  const rows = await db
    .selectDistinctOn([lotPlaces.lotId], { lotId: lotPlaces.lotId })
    .from(lotPlaces)
    .innerJoin(containers, eq(containers.id, lotPlaces.containerId))
    .where(eq(containers.placeId, id))
  return { lotIds: rows.map(({ lotId }) => lotId) }
}

/**
 * Puts a place away where no pot stands; named again, it is there again.
 * @throws Conflict while a pot stands there
 */
export async function putPlaceAway(db: Database, id: number, at: Date): Promise<void> {
  const standing = await db
    .select({ code: containers.code })
    .from(containers)
    .where(and(eq(containers.placeId, id), isNull(containers.putAwayAt)))
  if (standing.length > 0) {
    const codes = standing.map(({ code }) => code).sort(byName)
    throw new Conflict(
      `${codes.slice(0, 5).join(', ')} stand there: give them another place first.`,
    )
  }
  const [away] = await db
    .update(places)
    .set({ putAwayAt: at, version: sql`${places.version} + 1` })
    .where(and(eq(places.id, id), isNull(places.putAwayAt)))
    .returning({ id: places.id })
  if (!away) throw new NotFound('There is no such place any more.')
}

async function refuseTaken(db: Database, name: string, except: number): Promise<void> {
  const other = (await listPlaces(db)).find(
    (place) => place.id !== except && place.name.toLowerCase() === name.toLowerCase(),
  )
  if (other) throw new Conflict(`A place is called "${other.name}" already: take another name.`)
}
