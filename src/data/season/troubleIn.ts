import { and, eq, inArray, sql } from 'drizzle-orm'
import type { LoggedTrouble } from '../../core/recondition'
import { among } from '../among'
import type { Database } from '../database'
import { groupBy } from '../groupBy'
import { potLog } from './plantingTables'

/** What was logged at a pot of a lot. */
export interface TroubleAt extends LoggedTrouble {
  readonly containerId: number
}

const sinceMixing = sql`coalesce(${potLog.at} > (select mixed_at from lots where lots.id = ${potLog.lotId}), true)`

/** How often each pot of these lots was seen too wet or too dry since its mix was made, by lot. */
export async function troubleInLots(
  db: Database,
  lotIds: readonly number[],
): Promise<ReadonlyMap<number | null, readonly TroubleAt[]>> {
  if (lotIds.length === 0) return new Map()
  const rows = await db
    .select({
      lotId: potLog.lotId,
      containerId: potLog.containerId,
      staysWet: sql<number>`count(*) filter (where ${potLog.kind} = 'stays wet')`.mapWith(Number),
      driesFast: sql<number>`count(*) filter (where ${potLog.kind} = 'dries fast')`.mapWith(Number),
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
    .groupBy(potLog.lotId, potLog.containerId)
    .orderBy(potLog.containerId)
  return groupBy(rows, ({ lotId }) => lotId)
}
