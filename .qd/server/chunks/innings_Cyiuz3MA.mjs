import { sql, and, eq, isNull } from 'drizzle-orm';
import { g as readLot, aq as innings, az as measurements, aA as lotTreatments, aB as lotFindings } from './database_CmGvnzKd.mjs';

async function openNextInnings(db, lotId, next) {
  const [closed] = await db.update(innings).set({ endedOn: next.startedOn, version: sql`${innings.version} + 1` }).where(and(eq(innings.lotId, lotId), isNull(innings.endedOn))).returning({ id: innings.id });
  const [last] = await db.select({ number: sql`coalesce(max(${innings.number}), 0)`.mapWith(Number) }).from(innings).where(eq(innings.lotId, lotId));
  const [opened] = await db.insert(innings).values({ lotId, number: (last?.number ?? 0) + 1, ...next }).returning({ id: innings.id });
  if (!opened) throw new Error("The innings was not opened.");
  return { id: opened.id, closedId: closed?.id ?? null };
}
async function copyHistory(db, fromLotId, toLotId) {
  const from = await readLot(db, fromLotId);
  if (from.innings.length > 0) {
    await db.insert(innings).values(
      from.innings.map(({ id: _, lotId: __, version: ___, workOrderId: ____, ...one }) => ({
        ...one,
        lotId: toLotId,
        endedOn: one.endedOn ?? one.startedOn,
        litres: 0
      }))
    );
  }
  const read = from.newest.filter(({ at }) => from.mixedAt === null || at > from.mixedAt);
  if (read.length > 0) {
    await db.insert(measurements).values(read.map(({ id: _, lotId: __, ...one }) => ({ ...one, lotId: toLotId })));
  }
  if (from.treatments.length > 0) {
    await db.insert(lotTreatments).values(from.treatments.map(({ id: _, lotId: __, ...one }) => ({ ...one, lotId: toLotId })));
  }
  if (from.seen.length > 0) {
    await db.insert(lotFindings).values(from.seen.map(({ id: _, lotId: __, ...one }) => ({ ...one, lotId: toLotId })));
  }
}

export { copyHistory as c, openNextInnings as o };
