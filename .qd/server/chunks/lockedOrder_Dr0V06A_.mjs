import { eq, and } from 'drizzle-orm';
import { N as NotFound, C as Conflict, S as StaleWrite } from './problem_BTADoVqZ.mjs';
import { aU as workOrders, aN as lots } from './database_CmGvnzKd.mjs';

async function versionOf(db, lotId) {
  const [lot] = await db.select({ version: lots.version }).from(lots).where(eq(lots.id, lotId));
  return lot?.version ?? -1;
}
async function changeOrder(db, { id, version }, change) {
  const changed = await db.update(workOrders).set({ ...change, version: version + 1 }).where(and(eq(workOrders.id, id), eq(workOrders.version, version))).returning({ id: workOrders.id });
  if (changed.length === 0) {
    throw new StaleWrite("This work order was changed on another page meanwhile.", { id });
  }
}
async function lockOrder(db, id) {
  const [order] = await db.select().from(workOrders).where(eq(workOrders.id, id)).for("update");
  if (!order) throw new NotFound(`There is no work order ${id}.`);
  return order;
}
function requireOpen(order) {
  if (order.state === "finished") {
    throw new Conflict("This work order was finished before: nothing was booked twice.", {
      finishedAt: order.finishedAt?.toISOString()
    });
  }
  if (order.state === "put-away") throw new Conflict("This work order was put away.");
}

export { changeOrder as c, lockOrder as l, requireOpen as r, versionOf as v };
