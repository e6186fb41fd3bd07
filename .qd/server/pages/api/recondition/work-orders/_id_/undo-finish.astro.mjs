import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import { cr as reverseOrder, aN as lots, aL as placeLot, aq as innings, aB as lotFindings, ao as among, cs as giveToStock, ct as giveGramsToStock } from '../../../../../chunks/database_CmGvnzKd.mjs';
import { eq, sql } from 'drizzle-orm';
import { C as Conflict } from '../../../../../chunks/problem_BTADoVqZ.mjs';
import { g as growAgain } from '../../../../../chunks/plantings_CWn0OEGU.mjs';
import { l as lockOrder, v as versionOf, c as changeOrder } from '../../../../../chunks/lockedOrder_Dr0V06A_.mjs';
import { r as readOpenOrder } from '../../../../../chunks/readWorkOrders_B5k6F5lp.mjs';
import { o as orderParamsSchema } from '../../../../../chunks/turnover_COz_YGJm.mjs';
import { n as nothing } from '../../../../../chunks/rules_BOjb8_mp.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../renderers.mjs';

async function undoFinish(db, orderId, at) {
  await db.transaction(async (tx) => {
    const order = await lockOrder(tx, orderId);
    const { undo, lotId } = order;
    if (order.state !== "finished" || !undo) {
      throw new Conflict("This work order cannot be opened again.");
    }
    const isAsItWas = await versionOf(tx, lotId) === undo.lotVersion && (undo.leftoverLotId === null || await versionOf(tx, undo.leftoverLotId) === undo.leftoverVersion);
    if (!isAsItWas || await readOpenOrder(tx, lotId) !== null) {
      throw new Conflict("Something followed on this lot: enter what differs instead.");
    }
    await reverseOrder(tx, lotId, orderId, at);
    if (undo.leftoverLotId !== null) {
      await reverseOrder(tx, undo.leftoverLotId, orderId, at);
      await tx.update(lots).set({ putAwayAt: at }).where(eq(lots.id, undo.leftoverLotId));
    }
    const { mixedAt, carried } = undo.mixed;
    await tx.update(lots).set({
      mixedAt: mixedAt === null ? null : new Date(mixedAt),
      carried,
      storeBin: undo.storeBin
    }).where(eq(lots.id, lotId));
    await placeLot(tx, lotId, undo.containerIds);
    await tx.delete(innings).where(eq(innings.id, undo.inningsId));
    await growAgain(tx, orderId);
    if (undo.closedInningsId !== null) {
      await tx.update(innings).set({ endedOn: null, version: sql`${innings.version} + 1` }).where(eq(innings.id, undo.closedInningsId));
    }
    if (undo.stayingIds.length > 0) {
      await tx.update(lotFindings).set({ endedAt: at }).where(among(lotFindings.id, undo.stayingIds));
    }
    if (undo.endedFindingIds.length > 0) {
      await tx.update(lotFindings).set({ endedAt: null }).where(among(lotFindings.id, undo.endedFindingIds));
    }
    for (const { id, unit, amount } of undo.taken) {
      await (unit === "L" ? giveToStock : giveGramsToStock)(tx, id, amount);
    }
    await changeOrder(tx, order, { state: "open", finishedAt: null, undo: null });
  });
}

const POST = defineEndpoint({
  params: orderParamsSchema,
  body: nothing,
  handle: async ({ db, params, now }) => {
    await undoFinish(db, params.id, now);
    return null;
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
