import { and, asc, eq, isNull, ne, sql } from 'drizzle-orm'
import { aboveFiller, type ContainerShape, containerVolume } from '../../core/containers'
import type { Exposure } from '../../core/season'
import { among } from '../among'
import { byName } from '../byName'
import type { Database } from '../database'
import { Conflict, NotFound, StaleWrite } from '../errors'
import { groupBy } from '../groupBy'
import { keep } from '../kept'
import { lotPlaces } from '../media/lotTables'
import { nextCodes } from './nextCodes'
import { placed } from './places'
import { containers, places } from './tables'

export interface StoredContainer {
  readonly id: number
  readonly code: string
  readonly name: string
  readonly place: string
  /** Where mix can stand: above the filler, if there is any. */
  readonly shape: ContainerShape
  /** As it is measured from outside. */
  readonly outerShape: ContainerShape
  /** Height of an inert filler on its base. */
  readonly fillerCm: number
  readonly headspaceCm: number
  /** Its own, or that of its place. */
  readonly exposure: Exposure
  readonly fillHeightCm: number
  /** When filled to its fill height, L. */
  readonly litres: number
  /** The lot that stands in it. */
  readonly lotId: number | null
  readonly version: number
}

export interface NewContainer {
  readonly name: string
  readonly place: string
  readonly shape: ContainerShape
  readonly headspaceCm: number
  readonly exposure: Exposure
}

/** All containers that were not put away, by code, and by their ids. */
const readContainers = keep('containers', async (db) => {
  const rows = await db
    .select({
      container: containers,
      place: places.name,
      exposure: places.exposure,
      lotId: lotPlaces.lotId,
    })
    .from(containers)
    .innerJoin(places, eq(places.id, containers.placeId))
    .leftJoin(lotPlaces, eq(lotPlaces.containerId, containers.id))
    .where(isNull(containers.putAwayAt))
  const all = rows.map(storedContainer).sort((a, b) => byName(a.code, b.code))
  return { all, byId: new Map(all.map((container) => [container.id, container])) }
})

function storedContainer({
  container: { id, code, name, shape: outerShape, fillerCm, headspaceCm, exposure: own, version },
  place,
  exposure,
  lotId,
}: {
  readonly container: typeof containers.$inferSelect
  readonly place: string
  readonly exposure: Exposure
  readonly lotId: number | null
}): StoredContainer {
  const shape = aboveFiller(outerShape, fillerCm)
  const fillHeightCm = shape.heightCm - headspaceCm
  const litres = containerVolume({ shape, fillHeightCm })
  return {
    id,
    code,
    name,
    place,
    shape,
    outerShape,
    fillerCm,
    headspaceCm,
    exposure: own ?? exposure,
    fillHeightCm,
    litres,
    lotId,
    version,
  }
}

/** All containers that were not put away, by code. */
export async function listContainers(db: Database): Promise<readonly StoredContainer[]> {
  return (await readContainers(db)).all
}

/** All containers that were not put away, by id. */
export async function containersById(db: Database): Promise<ReadonlyMap<number, StoredContainer>> {
  return (await readContainers(db)).byId
}

/** @throws NotFound when one of the containers does not exist or was put away */
export async function requireContainers(
  db: Database,
  ids: readonly number[],
): Promise<StoredContainer[]> {
  const byId = await containersById(db)
  return ids.map((id) => {
    const found = byId.get(id)
    if (!found) throw new NotFound('One of the containers does not exist any more.')
    return found
  })
}

/** Ids of the containers a lot stands in. */
export async function containersOfLot(db: Database, lotId: number): Promise<readonly number[]> {
  const rows = await db
    .select({ id: lotPlaces.containerId })
    .from(lotPlaces)
    .where(eq(lotPlaces.lotId, lotId))
    .orderBy(asc(lotPlaces.containerId))
  return rows.map(({ id }) => id)
}

/**
 * Adds containers of one kind, coded by the next free numbers.
 * @param own codes of their own instead, one each
 */
export async function addContainers(
  db: Database,
  { place, exposure, ...container }: NewContainer,
  count: number,
  own: readonly string[] = [],
): Promise<number[]> {
  const where = await placed(db, place, exposure)
  const given = await db.select({ code: containers.code }).from(containers)
  const codes = nextCodes(new Set(given.map(({ code }) => code)), count - own.length)
  const rows = [...own, ...codes].map((code) => ({ ...container, ...where, code }))
  const added = await db.insert(containers).values(rows).returning({ id: containers.id })
  return added.map(({ id }) => id)
}

/**
 * Puts a lot into exactly these containers.
 * @throws Conflict when one of them holds another lot
 */
export async function placeLot(
  db: Database,
  lotId: number,
  containerIds: readonly number[],
): Promise<void> {
  const taken =
    containerIds.length === 0
      ? []
      : await db
          .select({ lotId: lotPlaces.lotId, code: containers.code })
          .from(lotPlaces)
          .innerJoin(containers, eq(containers.id, lotPlaces.containerId))
          .where(among(lotPlaces.containerId, containerIds))
  const other = taken.find((place) => place.lotId !== lotId)
  if (other) throw new Conflict(`Container ${other.code} holds lot ${other.lotId}: empty it first.`)
  await db.delete(lotPlaces).where(eq(lotPlaces.lotId, lotId))
  if (containerIds.length > 0) {
    await db.insert(lotPlaces).values(containerIds.map((containerId) => ({ lotId, containerId })))
  }
}

/** Takes lots out of all their containers. @returns where each stood */
export async function emptyLots(
  db: Database,
  lotIds: readonly number[],
): Promise<ReadonlyMap<number, readonly number[]>> {
  const left = await db
    .delete(lotPlaces)
    .where(among(lotPlaces.lotId, lotIds))
    .returning({ lotId: lotPlaces.lotId, containerId: lotPlaces.containerId })
  return new Map(
    [...groupBy(left, ({ lotId }) => lotId)].map(([lotId, places]) => [
      lotId,
      places.map(({ containerId }) => containerId).sort((a, b) => a - b),
    ]),
  )
}

/** Puts a filler on the base of a container, of another height, or takes it out: 0. */
export async function setFiller(db: Database, id: number, fillerCm: number): Promise<void> {
  await db
    .update(containers)
    .set({ fillerCm, version: sql`${containers.version} + 1` })
    .where(eq(containers.id, id))
}

/**
 * Puts a container right; what was worked out of the lot in it has to be told by the caller.
 * @throws StaleWrite when it was changed since it was read, Conflict where another container has that code
 */
export async function correctContainer(
  db: Database,
  id: number,
  {
    version,
    code,
    place,
    exposure,
    ...right
  }: NewContainer & {
    readonly code: string
    readonly fillerCm: number
    readonly version: number
  },
): Promise<void> {
  const [taken] = await db
    .select({ id: containers.id })
    .from(containers)
    .where(and(eq(containers.code, code), ne(containers.id, id)))
  if (taken) throw new Conflict(`Another pot is called ${code}: take another code.`)
  const [changed] = await db
    .update(containers)
    .set({ ...right, ...(await placed(db, place, exposure)), code, version: version + 1 })
    .where(and(eq(containers.id, id), eq(containers.version, version)))
    .returning({ id: containers.id })
  if (changed) return
  const [now] = await requireContainers(db, [id])
  throw new StaleWrite('This pot was changed on another page meanwhile.', { container: now })
}
