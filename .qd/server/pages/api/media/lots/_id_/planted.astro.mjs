import { ap as lockLot, aq as innings, an as plantings, ao as among, q as containersOfLot, bw as plantedSchema, bs as lotParamsSchema } from '../../../../../chunks/database_CmGvnzKd.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import { f as forget, d as dayAt } from '../../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { sql, and, eq, isNull, notInArray } from 'drizzle-orm';
import { C as Conflict, R as Refused } from '../../../../../chunks/problem_BTADoVqZ.mjs';
import { r as readSite } from '../../../../../chunks/rules_BOjb8_mp.mjs';
export { renderers } from '../../../../../renderers.mjs';

async function plantLot(db, lotId, on) {
  await db.transaction(async (tx) => {
    await lockLot(tx, lotId);
    const [open] = await tx.update(innings).set({ plantedOn: on, version: sql`${innings.version} + 1` }).where(and(eq(innings.lotId, lotId), isNull(innings.endedOn))).returning({ id: innings.id, cropId: innings.cropId });
    if (!open) throw new Conflict("This lot is in no innings: turn it over first.");
    const there = await tx.select().from(plantings).where(eq(plantings.inningsId, open.id));
    if (on === null) {
      await requireNotMovedOn(
        tx,
        there.map(({ id }) => id)
      );
      forget("plantings");
      await tx.delete(plantings).where(eq(plantings.inningsId, open.id));
      return;
    }
    if (there.length > 0) {
      forget("plantings");
      await tx.update(plantings).set({ startedOn: on }).where(eq(plantings.inningsId, open.id));
      return;
    }
    await insertForLot(tx, { lotId, inningsId: open.id, cropId: open.cropId, on });
  });
}
async function requireNotMovedOn(db, ids) {
  if (ids.length === 0) return;
  const elsewhere = await db.$count(
    plantings,
    and(among(plantings.movedFromId, ids), notInArray(plantings.id, [...ids]))
  );
  if (elsewhere > 0) {
    throw new Conflict("Plants of it were moved to another pot: take that back first.");
  }
}
async function insertForLot(db, {
  lotId,
  inningsId,
  cropId,
  on
}) {
  if (cropId === null) return;
  const standsIn = await containersOfLot(db, lotId);
  if (standsIn.length === 0) return;
  forget("plantings");
  await db.insert(plantings).values(
    standsIn.map((containerId) => ({
      containerId,
      lotId,
      inningsId,
      cropId,
      how: "planted",
      startedOn: on
    }))
  );
}

async function planted(db, lotId, { on }, at) {
  const today = dayAt((await readSite(db)).timeZone, at);
  if (on !== null && on > today) {
    const message = "That day has not come yet: say it when it is planted";
    throw new Refused(422, "not-valid", message, [{ field: "on", message }]);
  }
  await plantLot(db, lotId, on);
  return { on };
}

const POST = defineEndpoint({
  params: lotParamsSchema,
  body: plantedSchema,
  handle: ({ db, params, body, now }) => planted(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
