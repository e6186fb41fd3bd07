import { asc, eq, sql } from 'drizzle-orm'
import type { Outcome } from '../../core/season'
import { containersOfLot } from '../containers/containers'
import type { Database } from '../database'
import { Conflict } from '../errors'
import { inTransaction } from '../inTransaction'
import { lockLot } from '../media/lots'
import { innings } from '../media/lotTables'
import { plantings } from './plantingTables'

/** A season that was over before the lot was written down: only its year is known. */
export interface EarlierSeason {
  readonly year: number
  readonly cropId: string
  readonly growth: number | null
  readonly outcome: Outcome | null
}

/** From the first day to the last of a year: what nobody knows better. */
export const wholeYear = (year: number) => ({
  startedOn: `${year}-01-01`,
  endedOn: `${year}-12-31`,
})

/**
 * Writes seasons down that a lot served in before it was written down, ahead of those that are known, in the containers it
 * stands in.
 * @throws Conflict where one would overlap a season that is written down
 */
export async function writeEarlierSeasons(
  db: Database,
  lotId: number,
  seasons: readonly EarlierSeason[],
): Promise<void> {
  await inTransaction(db, async (tx) => {
    await lockLot(tx, lotId)
    const known = await tx
      .select()
      .from(innings)
      .where(eq(innings.lotId, lotId))
      .orderBy(asc(innings.number))
    const sorted = [...seasons].sort((a, b) => a.year - b.year)
    const latest = sorted.at(-1)
    const [first] = known
    if (latest && first && wholeYear(latest.year).endedOn >= first.startedOn) {
      throw new Conflict(
        `A season of ${first.startedOn.slice(0, 4)} is written down already: only years before it can be added.`,
      )
    }
    // In two steps, since no two may have the same number in between.
    const moved = sorted.length
    await tx
      .update(innings)
      .set({ number: sql`-(${innings.number} + ${moved})` })
      .where(eq(innings.lotId, lotId))
    await tx
      .update(innings)
      .set({ number: sql`-${innings.number}`, version: sql`${innings.version} + 1` })
      .where(eq(innings.lotId, lotId))
    const pots = await containersOfLot(tx, lotId)
    for (const [index, { year, cropId, growth, outcome }] of sorted.entries()) {
      const [made] = await tx
        .insert(innings)
        .values({
          lotId,
          number: index + 1,
          cropId,
          outcome,
          ...wholeYear(year),
          plantedOn: wholeYear(year).startedOn,
        })
        .returning({ id: innings.id })
      if (!made || pots.length === 0) continue
      await tx.insert(plantings).values(
        pots.map((containerId) => ({
          containerId,
          lotId,
          inningsId: made.id,
          cropId,
          growth,
          how: 'planted' as const,
          endedWhy: 'season over' as const,
          ...wholeYear(year),
        })),
      )
    }
  })
}
