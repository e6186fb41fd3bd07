import { eq, inArray, isNull } from 'drizzle-orm'
import { type ContainerShape, containerVolume } from '../../core/containers'
import type { Database } from '../database'
import { Conflict, NotFound } from '../errors'
import { lotPlaces } from '../media/lotTables'
import { containers } from './tables'

export interface StoredContainer {
  readonly id: number
  readonly code: string
  readonly name: string
  readonly place: string
  readonly shape: ContainerShape
  readonly headspaceCm: number
  readonly fillHeightCm: number
  /** When filled to its fill height, L. */
  readonly litres: number
  /** The lot that stands in it. */
  readonly lotId: number | null
}

export interface NewContainer {
  readonly name: string
  readonly place: string
  readonly shape: ContainerShape
  readonly headspaceCm: number
}

/** All containers that were not put away, by code. */
export async function listContainers(db: Database): Promise<StoredContainer[]> {
  const rows = await db
    .select({ container: containers, lotId: lotPlaces.lotId })
    .from(containers)
    .leftJoin(lotPlaces, eq(lotPlaces.containerId, containers.id))
    .where(isNull(containers.putAwayAt))
  return rows
    .map(({ container, lotId }) => {
      const fillHeightCm = container.shape.heightCm - container.headspaceCm
      return {
        id: container.id,
        code: container.code,
        name: container.name,
        place: container.place,
        shape: container.shape,
        headspaceCm: container.headspaceCm,
        fillHeightCm,
        litres: containerVolume({ shape: container.shape, fillHeightCm }),
        lotId,
      }
    })
    .sort((a, b) => a.code.localeCompare(b.code, undefined, { numeric: true }))
}

/** @throws NotFound when one of the containers does not exist or was put away */
export async function requireContainers(
  db: Database,
  ids: readonly number[],
): Promise<StoredContainer[]> {
  const all = await listContainers(db)
  return ids.map((id) => {
    const found = all.find((container) => container.id === id)
    if (!found) throw new NotFound('One of the containers does not exist any more.')
    return found
  })
}

/** Adds containers of one kind, coded by the next free numbers. */
export async function addContainers(
  db: Database,
  container: NewContainer,
  count: number,
): Promise<number[]> {
  const codes = await db.select({ code: containers.code }).from(containers)
  const highest = Math.max(0, ...codes.map(({ code }) => Number(/\d+$/.exec(code)?.[0] ?? 0)))
  const rows = Array.from({ length: count }, (_, i) => ({
    ...container,
    code: `P${String(highest + 1 + i).padStart(2, '0')}`,
  }))
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
          .where(inArray(lotPlaces.containerId, [...containerIds]))
  const other = taken.find((place) => place.lotId !== lotId)
  if (other) throw new Conflict(`Container ${other.code} holds lot ${other.lotId}: empty it first.`)
  await db.delete(lotPlaces).where(eq(lotPlaces.lotId, lotId))
  if (containerIds.length > 0) {
    await db.insert(lotPlaces).values(containerIds.map((containerId) => ({ lotId, containerId })))
  }
}
