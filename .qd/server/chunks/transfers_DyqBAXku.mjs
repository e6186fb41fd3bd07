import { eq, and, isNull } from 'drizzle-orm';
import { q as containersOfLot, aL as placeLot, aD as createLot, l as addFindings, aM as lotTransfers, aN as lots, ap as lockLot, aO as ledgerEntries, aP as requireBalanced, aQ as insertLines, aR as writeContents, aS as reversingLine, aT as giveBackMix, aB as lotFindings, ao as among } from './database_CmGvnzKd.mjs';
import { N as NotFound, C as Conflict } from './problem_BTADoVqZ.mjs';
import { c as copyHistory } from './innings_Cyiuz3MA.mjs';

async function bookTransfer(db, transfer) {
  const { fromLotId, to, lines, at, isAll, carried, heritage, found, despite } = transfer;
  const { partedIds = [] } = transfer;
  return db.transaction(async (tx) => {
    const from = await lotRow(tx, fromLotId);
    const isNew = !("lotId" in to);
    if (partedIds.length > 0) {
      const others = (await containersOfLot(tx, fromLotId)).filter((id) => !partedIds.includes(id));
      await placeLot(tx, fromLotId, others);
    }
    const toLotId = isNew ? await createLot(tx, {
      ...to,
      lines: [],
      at,
      mixed: { at: from.mixedAt, carried }
    }) : to.lotId;
    const target = await lotRow(tx, toLotId);
    if (isNew) await copyHistory(tx, fromLotId, toLotId);
    const findingIds = await addFindings(tx, toLotId, found);
    const containerIds = isAll ? await containersOfLot(tx, fromLotId) : partedIds;
    const undo = {
      isNew,
      heritage: target.heritage,
      findingIds,
      containerIds,
      storeBin: from.storeBin,
      ...partedIds.length > 0 ? { parted: true } : {}
    };
    const [made] = await tx.insert(lotTransfers).values({ fromLotId, toLotId, at, litres: lines.litres, despite, undo }).returning({ id: lotTransfers.id });
    if (!made) throw new Error("The transfer was not written.");
    await bookEnd(tx, fromLotId, lines.out, at, { transferId: made.id, otherLotId: toLotId });
    await bookEnd(tx, toLotId, lines.into, at, {
      transferId: made.id,
      otherLotId: fromLotId,
      carried,
      // A lot made of another was mixed when that one was.
      ...isNew ? { mixedAt: from.mixedAt ?? void 0 } : {}
    });
    await tx.update(lots).set({
      heritage: isNew ? from.heritage : heritage,
      ...isNew ? { mixedAt: from.mixedAt } : {}
    }).where(eq(lots.id, toLotId));
    if (isAll) {
      await placeLot(tx, fromLotId, []);
      await tx.update(lots).set({ storeBin: null }).where(eq(lots.id, fromLotId));
    }
    return { id: made.id, toLotId };
  });
}
async function bookEnd(db, lotId, line, at, links) {
  await lockLot(db, lotId);
  const before = await db.select().from(ledgerEntries).where(eq(ledgerEntries.lotId, lotId));
  requireBalanced(before, [line]);
  await insertLines(db, lotId, [line], at, links);
  await writeContents(db, lotId, [...before, line]);
}
async function undoTransfer(db, id, at) {
  await db.transaction(async (tx) => {
    const [transfer] = await tx.update(lotTransfers).set({ undoneAt: at }).where(and(eq(lotTransfers.id, id), isNull(lotTransfers.undoneAt))).returning();
    if (!transfer) throw new Conflict("This entry was reversed before.");
    const { fromLotId, toLotId, undo } = transfer;
    const ends = await tx.select().from(ledgerEntries).where(eq(ledgerEntries.transferId, id));
    for (const entry of ends) {
      const { lotId } = entry;
      await lockLot(tx, lotId);
      const before = await tx.select().from(ledgerEntries).where(eq(ledgerEntries.lotId, lotId));
      const line = reversingLine(entry, null);
      requireBalanced(before, [line]);
      await tx.insert(ledgerEntries).values({
        lotId,
        at,
        reversesId: entry.id,
        otherLotId: entry.otherLotId,
        ...line
      });
      await giveBackMix(tx, lotId, entry);
      await writeContents(tx, lotId, [...before, line]);
    }
    await tx.update(lots).set({ heritage: undo.heritage }).where(eq(lots.id, toLotId));
    if (undo.findingIds.length > 0) {
      await tx.update(lotFindings).set({ endedAt: at }).where(among(lotFindings.id, undo.findingIds));
    }
    if (undo.isNew) {
      await placeLot(tx, toLotId, []);
      await tx.update(lots).set({ putAwayAt: at }).where(eq(lots.id, toLotId));
    }
    const standsIn = await containersOfLot(tx, fromLotId);
    if (undo.containerIds.length > 0 && (standsIn.length === 0 || undo.parted)) {
      await placeLot(tx, fromLotId, [...standsIn, ...undo.containerIds]);
    }
    if (undo.storeBin !== null) {
      await tx.update(lots).set({ storeBin: undo.storeBin }).where(eq(lots.id, fromLotId));
    }
  });
}
async function lotRow(db, id) {
  const [row] = await db.select().from(lots).where(and(eq(lots.id, id), isNull(lots.putAwayAt)));
  if (!row) throw new NotFound(`There is no lot ${id}.`);
  return row;
}
async function placeWholeLot(db, lotId, {
  containerIds,
  storeBin,
  line,
  at
}) {
  await db.transaction(async (tx) => {
    await lockLot(tx, lotId);
    await placeLot(tx, lotId, containerIds);
    await tx.update(lots).set({ storeBin: containerIds.length > 0 ? null : storeBin }).where(eq(lots.id, lotId));
    await insertLines(tx, lotId, [line], at, {});
  });
}

export { bookTransfer as b, placeWholeLot as p, undoTransfer as u };
