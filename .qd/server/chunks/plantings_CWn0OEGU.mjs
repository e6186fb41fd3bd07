import { isNull, desc, eq, sql, and } from 'drizzle-orm';
import { an as plantings, ao as among, f as requireContainers, ap as lockLot, aq as innings } from './database_CmGvnzKd.mjs';
import { N as NotFound, C as Conflict } from './problem_BTADoVqZ.mjs';
import { k as keep, f as forget } from './passphrase_DS02Zua_.mjs';
import { o as openNextInnings } from './innings_Cyiuz3MA.mjs';
import { o as outcomeOf } from './growth_CSSsG3vP.mjs';

async function plantingsIn(db, containerIds) {
  if (containerIds.length === 0) return [];
  return db.select().from(plantings).where(among(plantings.containerId, containerIds)).orderBy(desc(plantings.startedOn), desc(plantings.id));
}
const openPlantings = keep(
  "plantings",
  (db) => db.select().from(plantings).where(isNull(plantings.endedOn)).orderBy(plantings.id)
);
async function lastCropsIn(db, containerIds) {
  if (containerIds.length === 0) return /* @__PURE__ */ new Map();
  return lastCropsWhere(db, among(plantings.containerId, containerIds));
}
const lastCropsInAll = keep(
  "plantings",
  (db) => lastCropsWhere(db)
);
async function lastCropsWhere(db, where) {
  const { containerId, cropId, startedOn, id } = plantings;
  const rows = await db.selectDistinctOn([containerId], { containerId, cropId }).from(plantings).where(where).orderBy(containerId, desc(startedOn), desc(id));
  return new Map(rows.map((row) => [row.containerId, row.cropId]));
}
async function readPlanting(db, id) {
  const [found] = await db.select().from(plantings).where(eq(plantings.id, id));
  if (!found) throw new NotFound(`There is no planting ${id}.`);
  return found;
}
async function plant(db, containerIds, planting) {
  return db.transaction(async (tx) => {
    const found = await requireContainers(tx, containerIds);
    const inningsOf = /* @__PURE__ */ new Map();
    for (const { code, lotId } of found) {
      if (lotId === null) {
        throw new Conflict(`There is no mix in ${code}: put a lot into it first.`);
      }
      if (!inningsOf.has(lotId)) inningsOf.set(lotId, await inningsToPlant(tx, lotId, planting));
    }
    const rows = found.flatMap(({ id, lotId }) => {
      const inningsId = lotId === null ? void 0 : inningsOf.get(lotId);
      return lotId === null || inningsId === void 0 ? [] : [{ ...planting, containerId: id, lotId, inningsId }];
    });
    forget("plantings");
    const made = await tx.insert(plantings).values(rows).returning({ id: plantings.id });
    return made.map(({ id }) => id);
  });
}
async function inningsToPlant(db, lotId, { cropId, startedOn }) {
  await lockLot(db, lotId);
  const [open] = await db.select().from(innings).where(and(eq(innings.lotId, lotId), isNull(innings.endedOn)));
  if (!open) {
    const opened = await openNextInnings(db, lotId, {
      cropId,
      startedOn,
      plantedOn: startedOn,
      predicted: null,
      workOrderId: null,
      readyOn: null,
      litres: null
    });
    return opened.id;
  }
  if (open.plantedOn === null) {
    await db.update(innings).set({ cropId, plantedOn: startedOn, version: sql`${innings.version} + 1` }).where(eq(innings.id, open.id));
  }
  return open.id;
}
async function endPlanting(db, id, end) {
  return db.transaction(async (tx) => {
    const { lotId, inningsId, startedOn } = await readPlanting(tx, id);
    await lockLot(tx, lotId);
    if (end.endedOn < startedOn) {
      throw new Conflict(`It was planted on ${startedOn}: it cannot end before that.`);
    }
    forget("plantings");
    const ended = await tx.update(plantings).set({ ...end, version: sql`${plantings.version} + 1` }).where(and(eq(plantings.id, id), isNull(plantings.endedOn))).returning({ id: plantings.id });
    if (ended.length === 0) throw new Conflict("This planting was ended before.");
    return { lotId, seasonOver: await closeInnings(tx, inningsId, end.endedOn) };
  });
}
async function closeInnings(db, inningsId, on) {
  const all = await db.select().from(plantings).where(eq(plantings.inningsId, inningsId));
  if (all.some(({ endedOn }) => endedOn === null)) return false;
  const latest = all.reduce((last, { endedOn }) => endedOn && endedOn > last ? endedOn : last, on);
  await db.update(innings).set({ endedOn: latest, outcome: outcomeOf(all), version: sql`${innings.version} + 1` }).where(and(eq(innings.id, inningsId), isNull(innings.endedOn)));
  return true;
}
async function takeEndBack(db, id) {
  await db.transaction(async (tx) => {
    const { lotId, inningsId, endedOn, endedWhy } = await readPlanting(tx, id);
    await lockLot(tx, lotId);
    if (endedOn === null) return;
    if (await tx.$count(plantings, eq(plantings.movedFromId, id)) > 0) {
      throw new Conflict("These plants go on in another pot: take the move back there.");
    }
    const [last] = await tx.select({ id: innings.id }).from(innings).where(eq(innings.lotId, lotId)).orderBy(desc(innings.number)).limit(1);
    const isOver = endedWhy === "turned over" || endedWhy === "emptied";
    if (isOver || last?.id !== inningsId) {
      throw new Conflict("Its mix has gone on since: this cannot be taken back.");
    }
    forget("plantings");
    await tx.update(plantings).set({ endedOn: null, endedWhy: null, version: sql`${plantings.version} + 1` }).where(eq(plantings.id, id));
    await tx.update(innings).set({ endedOn: null, outcome: null, version: sql`${innings.version} + 1` }).where(eq(innings.id, inningsId));
  });
}
async function takePlantingsOut(db, ids) {
  await db.transaction(async (tx) => {
    for (const id of ids) {
      const { lotId, inningsId, endedOn } = await readPlanting(tx, id);
      await lockLot(tx, lotId);
      if (endedOn !== null) throw new Conflict("This planting was ended: take its end back first.");
      forget("plantings");
      await tx.delete(plantings).where(eq(plantings.id, id));
      await unplantInnings(tx, inningsId);
    }
  });
}
async function unplantInnings(db, inningsId) {
  const rest = await db.$count(plantings, eq(plantings.inningsId, inningsId));
  if (rest > 0) {
    await closeInnings(db, inningsId, "");
    return;
  }
  const [one] = await db.select().from(innings).where(eq(innings.id, inningsId));
  if (one?.workOrderId === null && one.predicted === null) {
    await db.delete(innings).where(eq(innings.id, inningsId));
  } else {
    await db.update(innings).set({ plantedOn: null, version: sql`${innings.version} + 1` }).where(eq(innings.id, inningsId));
  }
}
async function endAllIn(db, lotId, end) {
  forget("plantings");
  await db.update(plantings).set({ ...end, version: sql`${plantings.version} + 1` }).where(and(eq(plantings.lotId, lotId), isNull(plantings.endedOn)));
}
async function growAgain(db, workOrderId) {
  forget("plantings");
  await db.update(plantings).set({
    endedOn: null,
    endedWhy: null,
    workOrderId: null,
    version: sql`${plantings.version} + 1`
  }).where(eq(plantings.workOrderId, workOrderId));
}

export { plant as a, endPlanting as b, takeEndBack as c, lastCropsInAll as d, endAllIn as e, growAgain as g, lastCropsIn as l, openPlantings as o, plantingsIn as p, readPlanting as r, takePlantingsOut as t };
