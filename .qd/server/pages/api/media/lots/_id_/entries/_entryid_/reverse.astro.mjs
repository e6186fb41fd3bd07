import { ap as lockLot, aO as ledgerEntries, aS as reversingLine, aP as requireBalanced, aT as giveBackMix, aR as writeContents, bp as reverseSchema, bq as entryParamsSchema } from '../../../../../../../chunks/database_CmGvnzKd.mjs';
import '../../../../../../../chunks/passphrase_DS02Zua_.mjs';
import { eq } from 'drizzle-orm';
import { N as NotFound, C as Conflict } from '../../../../../../../chunks/problem_BTADoVqZ.mjs';
import { u as undoTransfer } from '../../../../../../../chunks/transfers_DyqBAXku.mjs';
import { d as defineEndpoint } from '../../../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../../../renderers.mjs';

async function reverseEntry(db, lotId, entryId, at, note) {
  await db.transaction(async (tx) => {
    await lockLot(tx, lotId);
    const before = await tx.select().from(ledgerEntries).where(eq(ledgerEntries.lotId, lotId));
    const entry = before.find(({ id }) => id === entryId);
    if (!entry) throw new NotFound("There is no such entry in this lot.");
    if (entry.reversesId !== null)
      throw new Conflict("A reversal cannot be reversed: enter it anew.");
    if (before.some(({ reversesId }) => reversesId === entryId)) {
      throw new Conflict("This entry was reversed before.");
    }
    if (entry.workOrderId !== null) {
      throw new Conflict("This entry belongs to a finished turnover: enter the difference instead.");
    }
    if (entry.kind === "moved") throw new Conflict("Nothing was counted by it: move the lot back.");
    if (entry.transferId !== null) {
      await undoTransfer(tx, entry.transferId, at);
      return;
    }
    const line = reversingLine(entry, note);
    requireBalanced(before, [line]);
    await tx.insert(ledgerEntries).values({ lotId, at, reversesId: entryId, ...line });
    await giveBackMix(tx, lotId, entry);
    await writeContents(tx, lotId, [...before, line]);
  });
}

const POST = defineEndpoint({
  params: entryParamsSchema,
  body: reverseSchema,
  status: 201,
  handle: ({ db, params, body, now }) => reverseEntry(db, params.id, params.entryId, now, body.note?.trim() || null)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
