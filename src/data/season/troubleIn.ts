import { and, eq, gt, inArray, sql } from 'drizzle-orm'
import type { LoggedTrouble } from '../../core/recondition'
import type { Database } from '../database'
import { potLog } from './plantingTables'

/** What was logged at a pot of a lot. */
export interface TroubleAt extends LoggedTrouble {
  readonly containerId: number
}

/** How often each pot of a lot was seen too wet or too dry since its mix was made. */
export async function troubleIn(
  db: Database,
  { id, mixedAt }: { readonly id: number; readonly mixedAt: Date | null },
): Promise<TroubleAt[]> {
  const rows = await db
    .select({
      containerId: potLog.containerId,
      staysWet: sql<number>`count(*) filter (where ${potLog.kind} = 'stays wet')`.mapWith(Number),
      driesFast: sql<number>`count(*) filter (where ${potLog.kind} = 'dries fast')`.mapWith(Number),
    })
    .from(potLog)
    .where(
      and(
        eq(potLog.lotId, id),
        eq(potLog.takenBack, false),
        inArray(potLog.kind, ['stays wet', 'dries fast']),
        mixedAt === null ? undefined : gt(potLog.at, mixedAt),
      ),
    )
    .groupBy(potLog.containerId)
    .orderBy(potLog.containerId)
  return rows
}
