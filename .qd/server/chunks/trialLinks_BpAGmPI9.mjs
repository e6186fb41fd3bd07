import { eq, and, isNotNull, isNull, sql, desc, asc, ne, or } from 'drizzle-orm';
import { d0 as trialPots, d1 as trials, d2 as trialTreatments } from './database_CmGvnzKd.mjs';

async function blindContainers(db) {
  const rows = await db.select({ id: trialPots.containerId }).from(trialPots).innerJoin(trials, eq(trials.id, trialPots.trialId)).where(
    and(
      eq(trials.isBlind, true),
      isNotNull(trials.plantedOn),
      isNull(trials.putAwayAt),
      isNull(trials.closedAt),
      isNotNull(trialPots.containerId)
    )
  );
  return new Set(rows.flatMap(({ id }) => id ?? []));
}
async function trialsInContainer(db, containerId) {
  return db.select({
    trialId: trials.id,
    name: trials.name,
    as: trialPots.code,
    verdict: sql`null`,
    isVoid: sql`false`
  }).from(trialPots).innerJoin(trials, eq(trials.id, trialPots.trialId)).where(
    and(
      eq(trialPots.containerId, containerId),
      isNull(trials.putAwayAt),
      isNull(trials.closedAt)
    )
  ).orderBy(desc(trials.id));
}
async function codesInUse(db) {
  const rows = await db.select({ code: trialPots.code }).from(trialPots);
  return new Set(rows.map(({ code }) => code));
}
async function trialsOfMix(db, mixId) {
  return trialsWhere(db, isMedium("mix", "mixId", mixId));
}
async function trialsOfLot(db, lotId) {
  return trialsWhere(
    db,
    sql`(${trialTreatments.lotId} = ${lotId} or ${isMedium("lot", "lotId", lotId)})`
  );
}
async function trialsOfMedia(db, {
  mixIds,
  lotIds,
  materialIds
}, limit) {
  const conditions = [
    ...mixIds.map((id) => isMedium("mix", "mixId", id)),
    ...lotIds.map(
      (id) => sql`(${trialTreatments.lotId} = ${id} or ${isMedium("lot", "lotId", id)})`
    ),
    ...materialIds.map((id) => isMedium("bag", "materialId", id))
  ];
  if (conditions.length === 0) return [];
  return db.select({ id: trials.id, version: trials.version }).from(trialTreatments).innerJoin(trials, eq(trials.id, trialTreatments.trialId)).where(
    and(
      isNull(trials.putAwayAt),
      isNotNull(trials.plantedOn),
      ne(trials.kind, "jar"),
      or(...conditions)
    )
  ).groupBy(trials.id).orderBy(desc(trials.id)).limit(limit);
}
function isMedium(kind, field, id) {
  const has = (medium) => sql`(${medium}->>'kind' = ${kind} and ${medium}->>${field} = ${String(id)})`;
  return sql`(${has(trialTreatments.medium)} or ${has(trialTreatments.added)})`;
}
async function trialsWhere(db, condition) {
  const rows = await db.select({
    trialId: trials.id,
    name: trials.name,
    as: trialTreatments.name,
    number: trialTreatments.number,
    outcome: trials.outcome
  }).from(trialTreatments).innerJoin(trials, eq(trials.id, trialTreatments.trialId)).where(and(isNull(trials.putAwayAt), condition)).orderBy(desc(trials.id), asc(trialTreatments.number));
  return rows.map(({ trialId, name, as, number, outcome }) => ({
    trialId,
    name,
    as,
    verdict: outcome?.treatments.find((one) => one.number === number)?.verdict ?? null,
    isVoid: outcome?.isVoid ?? false
  }));
}

export { trialsOfMix as a, blindContainers as b, codesInUse as c, trialsInContainer as d, trialsOfMedia as e, trialsOfLot as t };
