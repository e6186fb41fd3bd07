import { and, eq, sql, inArray, desc, asc } from 'drizzle-orm';
import { aU as workOrders, ao as among, aN as lots, aV as workOrderSteps, I as wordsOf, aW as likeWord, aX as naturally } from './database_CmGvnzKd.mjs';
import { N as NotFound } from './problem_BTADoVqZ.mjs';

async function readWorkOrder(db, id) {
  const [order] = await db.select().from(workOrders).where(eq(workOrders.id, id));
  if (!order) throw new NotFound(`There is no work order ${id}.`);
  const steps = await db.select().from(workOrderSteps).where(eq(workOrderSteps.workOrderId, id)).orderBy(asc(workOrderSteps.position));
  return { ...order, steps };
}
async function listWorkOrders(db, state, { find = "", order, offset, limit }) {
  const words = wordsOf(find);
  const named = words.map((word) => sql`lower(${lots.name}) like ${likeWord(word)}`);
  const inState = eq(workOrders.state, state);
  const condition = words.length === 0 ? inState : and(
    inState,
    inArray(
      workOrders.lotId,
      db.select({ id: lots.id }).from(lots).where(and(...named))
    )
  );
  const newest = [desc(workOrders.createdAt), desc(workOrders.id)];
  const byDay = order === "oldest" ? [asc(workOrders.createdAt), asc(workOrders.id)] : newest;
  const part = db.select({ id: workOrders.id }).from(workOrders).where(condition).orderBy(...byDay).limit(limit).offset(offset);
  const rows = order === "name" ? await orderRows(db, condition).orderBy(naturally(lots.name), ...newest).limit(limit).offset(offset) : await orderRows(db, inArray(workOrders.id, part)).orderBy(...byDay);
  return { rows, total: await db.$count(workOrders, condition) };
}
async function readOpenOrders(db, lotIds) {
  if (lotIds.length === 0) return /* @__PURE__ */ new Map();
  const rows = await orderRows(
    db,
    and(eq(workOrders.state, "open"), among(workOrders.lotId, lotIds))
  );
  return new Map(rows.map((row) => [row.lotId, row]));
}
async function readOpenOrder(db, lotId) {
  return (await readOpenOrders(db, [lotId])).get(lotId) ?? null;
}
async function lastHabit(db, lotId) {
  return (await lastHabits(db, [lotId])).get(lotId) ?? null;
}
async function lastHabits(db, lotIds) {
  if (lotIds.length === 0) return /* @__PURE__ */ new Map();
  const rows = await db.selectDistinctOn([workOrders.lotId], { lotId: workOrders.lotId, intake: workOrders.intake }).from(workOrders).where(among(workOrders.lotId, lotIds)).orderBy(workOrders.lotId, desc(workOrders.id));
  return new Map(rows.map(({ lotId, intake }) => [lotId, intake.everyDays ?? null]));
}
function orderRows(db, condition) {
  const stepsOf = (done) => sql`(select count(*) from ${workOrderSteps} where ${workOrderSteps.workOrderId} = ${workOrders.id}${done})`.mapWith(
    Number
  );
  return db.select({
    id: workOrders.id,
    lotId: workOrders.lotId,
    lotName: lots.name,
    cropId: sql`${workOrders.intake} ->> 'cropId'`,
    state: workOrders.state,
    createdAt: workOrders.createdAt,
    finishedAt: workOrders.finishedAt,
    readyOn: workOrders.readyOn,
    stepsDone: stepsOf(sql` and ${workOrderSteps.doneAt} is not null`),
    steps: stepsOf(sql``)
  }).from(workOrders).innerJoin(lots, eq(lots.id, workOrders.lotId)).where(condition);
}

export { lastHabits as a, lastHabit as b, readWorkOrder as c, readOpenOrders as d, listWorkOrders as l, readOpenOrder as r };
