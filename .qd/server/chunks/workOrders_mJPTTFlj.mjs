import { and, eq } from 'drizzle-orm';
import { N as NotFound, S as StaleWrite, C as Conflict } from './problem_BTADoVqZ.mjs';
import { l as lockOrder, r as requireOpen, c as changeOrder } from './lockedOrder_Dr0V06A_.mjs';
import { r as readOpenOrder } from './readWorkOrders_B5k6F5lp.mjs';
import { aV as workOrderSteps, aU as workOrders } from './database_CmGvnzKd.mjs';

async function createWorkOrder(db, order) {
  return db.transaction(async (tx) => {
    const [made] = await tx.insert(workOrders).values({
      lotId: order.lotId,
      state: "open",
      createdAt: order.at,
      intake: order.intake,
      recipe: order.recipe,
      readyOn: order.readyOn
    }).onConflictDoNothing().returning({ id: workOrders.id });
    if (!made) {
      throw new Conflict("This lot has an open work order: finish it or put it away first.", {
        workOrderId: (await readOpenOrder(tx, order.lotId))?.id ?? null
      });
    }
    await tx.insert(workOrderSteps).values(
      order.steps.map((step, position) => ({
        workOrderId: made.id,
        position,
        plan: step,
        amounts: step.amounts
      }))
    );
    return made.id;
  });
}
async function changeStep(db, orderId, change) {
  return db.transaction(async (tx) => {
    const order = await lockOrder(tx, orderId);
    requireOpen(order);
    const [step] = await tx.select().from(workOrderSteps).where(and(eq(workOrderSteps.id, change.stepId), eq(workOrderSteps.workOrderId, orderId)));
    if (!step) throw new NotFound("There is no such step in this work order.");
    if (step.version !== change.version) {
      throw new StaleWrite("This step was changed on another page meanwhile.", { step });
    }
    const { actuals } = change;
    const [changed] = await tx.update(workOrderSteps).set({
      doneAt: change.doneAt === void 0 ? step.doneAt : change.doneAt,
      earlyFor: change.earlyFor === void 0 ? step.earlyFor : change.earlyFor,
      amounts: step.amounts.map(
        (amount) => actuals && amount.id in actuals ? { ...amount, actual: actuals[amount.id] ?? null } : amount
      ),
      version: step.version + 1
    }).where(and(eq(workOrderSteps.id, step.id), eq(workOrderSteps.version, change.version))).returning();
    if (!changed) {
      throw new StaleWrite("This step was changed on another page meanwhile.", { step });
    }
    return changed;
  });
}
async function putAwayWorkOrder(db, orderId) {
  await db.transaction(async (tx) => {
    const order = await lockOrder(tx, orderId);
    requireOpen(order);
    await changeOrder(tx, order, { state: "put-away" });
  });
}
async function takeUpWorkOrder(db, orderId) {
  await db.transaction(async (tx) => {
    const order = await lockOrder(tx, orderId);
    if (order.state !== "put-away") throw new Conflict("This work order was not put away.");
    if (await readOpenOrder(tx, order.lotId) !== null) {
      throw new Conflict("This lot has another open work order by now.");
    }
    await changeOrder(tx, order, { state: "open" });
  });
}

export { createWorkOrder as a, changeStep as c, putAwayWorkOrder as p, takeUpWorkOrder as t };
