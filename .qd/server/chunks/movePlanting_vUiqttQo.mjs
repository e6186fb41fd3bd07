import { or, eq } from 'drizzle-orm';
import { f as requireContainers, an as plantings, ao as among } from './database_CmGvnzKd.mjs';
import { C as Conflict } from './problem_BTADoVqZ.mjs';
import { r as readPlanting, a as plant, b as endPlanting, t as takePlantingsOut, c as takeEndBack } from './plantings_CWn0OEGU.mjs';

async function movePlanting(db, id, {
  containerId,
  on,
  despite
}) {
  return db.transaction(async (tx) => {
    const { cropId, cultivar, how, count, ...from } = await readPlanting(tx, id);
    if (from.containerId === containerId) throw new Conflict("They stand in that pot already.");
    await requireContainers(tx, [containerId]);
    const [made] = await plant(tx, [containerId], {
      cropId,
      cultivar,
      how,
      count,
      startedOn: on,
      despite: despite ?? from.despite,
      movedFromId: id
    });
    if (made === void 0) throw new Error("The planting was not made.");
    const ended = await endPlanting(tx, id, {
      endedOn: on,
      growth: null,
      harvestG: null,
      endedWhy: "moved",
      note: null
    });
    return { id: made, ...ended };
  });
}
async function movePlantingBack(db, id) {
  await db.transaction(async (tx) => {
    const { movedFromId } = await readPlanting(tx, id);
    if (movedFromId === null) throw new Conflict("These plants were not moved here.");
    await takePlantingsOut(tx, [id]);
    await takeEndBack(tx, movedFromId);
  });
}
async function movesOf(db, all) {
  const came = all.flatMap(({ movedFromId }) => movedFromId ?? []);
  const left = all.filter(({ endedWhy }) => endedWhy === "moved").map(({ id }) => id);
  if (came.length + left.length === 0) return [];
  return db.select().from(plantings).where(or(among(plantings.id, came), among(plantings.movedFromId, left)));
}
async function firstPlanted(db, planting) {
  let one = planting;
  const seen = /* @__PURE__ */ new Set();
  while (one.movedFromId !== null && !seen.has(one.id)) {
    seen.add(one.id);
    const [before] = await db.select().from(plantings).where(eq(plantings.id, one.movedFromId));
    if (!before) break;
    one = before;
  }
  return one.startedOn;
}

export { movePlantingBack as a, movesOf as b, firstPlanted as f, movePlanting as m };
