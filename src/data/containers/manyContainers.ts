import { eq, sql } from 'drizzle-orm'
import type { Exposure } from '../../core/season'
import { among } from '../among'
import type { Database } from '../database'
import { Conflict } from '../errors'
import { inTransaction } from '../inTransaction'
import { requireContainers } from './containers'
import { placeNamed } from './places'
import { containers, places } from './tables'

/** What many containers have in common after a change; what is left out stays. */
export interface CommonChange {
  readonly place?: string
  readonly name?: string
  readonly exposure?: Exposure
}

/** As it was, so that a change of many can be taken back. */
export interface ContainerBefore {
  readonly id: number
  readonly place: string
  readonly name: string
  readonly exposure: Exposure
}

/**
 * Changes many containers alike; what was worked out of the lots in them has to be told by the caller.
 * @returns how each was before, and the lots in them
 * @throws NotFound where one of them is not there
 */
export async function changeContainers(
  db: Database,
  ids: readonly number[],
  change: CommonChange,
): Promise<{ readonly before: ContainerBefore[]; readonly lotIds: number[] }> {
  const found = await requireContainers(db, ids)
  const { name, place, exposure } = change
  const there = found[0]?.exposure ?? 'open'
  const placeId = place ? (await placeNamed(db, place, exposure ?? there)).id : undefined
  await db
    .update(containers)
    .set({
      ...(name ? { name } : {}),
      ...(placeId ? { placeId } : {}),
      version: sql`${containers.version} + 1`,
    })
    .where(among(containers.id, ids))
  if (exposure) await setExposure(db, ids, exposure)
  return {
    before: found.map(({ id, place, name, exposure }) => ({ id, place, name, exposure })),
    lotIds: [...new Set(found.flatMap(({ lotId }) => lotId ?? []))],
  }
}

/** Sets how much sun and wind reaches containers; what was worked out of the lots in them has to be told by the caller. */
export async function changeExposure(
  db: Database,
  ids: readonly number[],
  exposure: Exposure,
): Promise<void> {
  await db
    .update(containers)
    .set({ version: sql`${containers.version} + 1` })
    .where(among(containers.id, ids))
  await setExposure(db, ids, exposure)
}

/** Where it is that of their place they have none of their own: they go on with the place. */
async function setExposure(
  db: Database,
  ids: readonly number[],
  exposure: Exposure,
): Promise<void> {
  const ofPlace = db
    .select({ exposure: places.exposure })
    .from(places)
    .where(eq(places.id, containers.placeId))
  await db
    .update(containers)
    .set({ exposure: sql`nullif(${exposure}::text, (${ofPlace}))` })
    .where(among(containers.id, ids))
}

/**
 * Puts empty containers away: they are in no list any more, and what grew in them stays known.
 * @throws Conflict where one holds a mix
 */
export async function putContainersAway(
  db: Database,
  ids: readonly number[],
  at: Date,
): Promise<void> {
  await inTransaction(db, async (tx) => {
    const full = (await requireContainers(tx, ids)).filter(({ lotId }) => lotId !== null)
    if (full.length > 0) {
      const codes = full.map(({ code }) => code).join(', ')
      throw new Conflict(`A mix stands in ${codes}: move it out or empty it first.`)
    }
    await tx
      .update(containers)
      .set({ putAwayAt: at, version: sql`${containers.version} + 1` })
      .where(among(containers.id, ids))
  })
}

/** Takes containers up again that were put away. */
export async function takeContainersUp(db: Database, ids: readonly number[]): Promise<void> {
  await db
    .update(containers)
    .set({ putAwayAt: null, version: sql`${containers.version} + 1` })
    .where(among(containers.id, ids))
}
