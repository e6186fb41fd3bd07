import { and, eq, inArray, sql } from 'drizzle-orm'
import { type LoggedTrouble, occasions } from '../../core/recondition'
import { among } from '../among'
import type { Database } from '../database'
import { groupBy } from '../groupBy'
import { potLog } from './plantingTables'

/** What was logged at a pot of a lot. */
export interface TroubleAt extends LoggedTrouble {
  readonly containerId: number
}

const sinceMixing = sql`coalesce(${potLog.at} > (select mixed_at from lots where lots.id = ${potLog.lotId}), true)`

/**
 * How often each pot of these lots was seen too wet or too dry since its mix was made, by lot: on so many days, three at
 * least between two of them.
 * @param dayOf ISO day of a moment at the site
 */
export async function troubleInLots(
  db: Database,
  lotIds: readonly number[],
  dayOf: (at: Date) => string,
): Promise<ReadonlyMap<number | null, readonly TroubleAt[]>> {
  if (lotIds.length === 0) return new Map()
  const rows = await db
    .select({
      lotId: potLog.lotId,
      containerId: potLog.containerId,
      kind: potLog.kind,
      at: potLog.at,
    })
    .from(potLog)
    .where(
      and(
        among(potLog.lotId, lotIds),
        eq(potLog.takenBack, false),
        inArray(potLog.kind, ['stays wet', 'dries fast']),
        sinceMixing,
      ),
    )
    .orderBy(potLog.containerId)
  return new Map(
    [...groupBy(rows, ({ lotId }) => lotId)].map(([lotId, ofLot]) => [
      lotId,
      [...groupBy(ofLot, ({ containerId }) => containerId)].map(([containerId, seen]) => {
        const on = (kind: string) =>
          occasions(seen.filter((one) => one.kind === kind).map(({ at }) => dayOf(at)))
        return { containerId, staysWet: on('stays wet'), driesFast: on('dries fast') }
      }),
    ]),
  )
}
