import { eq, or } from 'drizzle-orm'
import { among } from '../among'
import { requireContainers } from '../containers/containers'
import type { Database } from '../database'
import { Conflict } from '../errors'
import { inTransaction } from '../inTransaction'
import {
  endPlanting,
  type Planting,
  plant,
  readPlanting,
  takeEndBack,
  takePlantingsOut,
} from './plantings'
import { plantings } from './plantingTables'

/**
 * The same plants go on in another container: here their planting ends, there one begins that knows where they came from.
 * @throws Conflict where they were ended, stand there already, no mix is there, or they would leave before they came
 */
export async function movePlanting(
  db: Database,
  id: number,
  {
    containerId,
    on,
    despite,
  }: { readonly containerId: number; readonly on: string; readonly despite: string | null },
): Promise<{ readonly id: number; readonly lotId: number; readonly seasonOver: boolean }> {
  return inTransaction(db, async (tx) => {
    const { cropId, cultivar, how, count, ...from } = await readPlanting(tx, id)
    if (from.containerId === containerId) throw new Conflict('They stand in that pot already.')
    await requireContainers(tx, [containerId])
    const [made] = await plant(tx, [containerId], {
      cropId,
      cultivar,
      how,
      count,
      startedOn: on,
      despite: despite ?? from.despite,
      movedFromId: id,
    })
    if (made === undefined) throw new Error('The planting was not made.')
    // After the other: what moves within one lot does not end its season.
    const ended = await endPlanting(tx, id, {
      endedOn: on,
      growth: null,
      harvestG: null,
      endedWhy: 'moved',
      note: null,
    })
    return { id: made, ...ended }
  })
}

/**
 * Takes a move back.
 * @param id the planting that the move made
 * @throws Conflict where it was no move, or the mix has gone on since
 */
export async function movePlantingBack(db: Database, id: number): Promise<void> {
  await inTransaction(db, async (tx) => {
    const { movedFromId } = await readPlanting(tx, id)
    if (movedFromId === null) throw new Conflict('These plants were not moved here.')
    await takePlantingsOut(tx, [id])
    await takeEndBack(tx, movedFromId)
  })
}

/** The plantings that these came from and went on in. */
export async function movesOf(db: Database, all: readonly Planting[]): Promise<Planting[]> {
  const came = all.flatMap(({ movedFromId }) => movedFromId ?? [])
  const left = all.filter(({ endedWhy }) => endedWhy === 'moved').map(({ id }) => id)
  if (came.length + left.length === 0) return []
  return db
    .select()
    .from(plantings)
    .where(or(among(plantings.id, came), among(plantings.movedFromId, left)))
}

/** When plants first went in, however often they were moved since. */
export async function firstPlanted(db: Database, planting: Planting): Promise<string> {
  let one = planting
  const seen = new Set<number>()
  while (one.movedFromId !== null && !seen.has(one.id)) {
    seen.add(one.id)
    const [before] = await db.select().from(plantings).where(eq(plantings.id, one.movedFromId))
    if (!before) break
    one = before
  }
  return one.startedOn
}
