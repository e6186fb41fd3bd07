import { j as readTables, o as readLotFacts, f as requireContainers, ag as proportionalLine, aI as dosesIn, bs as lotParamsSchema } from '../../../../../chunks/database_CmGvnzKd.mjs';
import { m as moveSchema } from '../../../../../chunks/transfers_CcWRRxDo.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { b as bookTransfer, p as placeWholeLot } from '../../../../../chunks/transfers_DyqBAXku.mjs';
import { r as readOpenOrder } from '../../../../../chunks/readWorkOrders_B5k6F5lp.mjs';
import { r as readSite } from '../../../../../chunks/rules_BOjb8_mp.mjs';
import { R as Refused } from '../../../../../chunks/problem_BTADoVqZ.mjs';
import { l as litresThatFit, r as refuseTooMuch } from '../../../../../chunks/requireRoom_B5M50YYj.mjs';
import { u as unitedState } from '../../../../../chunks/unitedState_DbjiMmOC.mjs';
import { r as refuseStanding, t as transferLines } from '../../../../../chunks/newTransfer_FdcnwSkX.mjs';
export { renderers } from '../../../../../renderers.mjs';

async function moveLot(db, lotId, { containerIds, storeBin, rest }, at) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const facts = await readLotFacts(db, tables, lotId);
  const { lot, containers } = facts;
  if (await readOpenOrder(db, lotId) !== null) {
    throw new Refused(
      409,
      "order-open",
      "A work order is open on this lot: finish it or put it away first."
    );
  }
  const left = containers.filter(({ id }) => !containerIds.includes(id));
  await refuseStanding(db, { ...facts, containers: left });
  const pots = await requireContainers(db, containerIds);
  const fits = pots.length > 0 && facts.components.length > 0 ? litresThatFit(
    pots.map(({ shape }) => shape),
    facts.components
  ) : lot.contents.litres;
  const over = lot.contents.litres - fits;
  if (over > 0 && rest !== "store") {
    refuseTooMuch(
      "litres",
      lot.contents.litres,
      fits,
      "Take one more pot, or keep the rest as a lot in the store."
    );
  }
  const before = { containerIds: containers.map(({ id }) => id), storeBin: lot.storeBin ?? "" };
  const told = (codes, bin) => codes.length > 0 ? codes.join(", ") : bin || "Store";
  const note = `${told(
    containers.map(({ code }) => code),
    lot.storeBin
  )} → ${told(
    pots.map(({ code }) => code),
    storeBin
  )}`;
  const line = { ...proportionalLine(lot.contents, "moved", 0, note), components: [] };
  return db.transaction(async (tx) => {
    const restId = over > 0 ? (await bookTransfer(tx, {
      fromLotId: lotId,
      to: {
        name: `${lot.name}, left over`,
        origin: lot.origin,
        storeBin: "Store",
        containerIds: []
      },
      lines: transferLines({
        contents: lot.contents,
        litres: over,
        doses: dosesIn(lot.contents.litres, facts.doses, facts.asOf),
        isNew: true,
        note: null
      }),
      at,
      isAll: false,
      carried: lot.carried ?? unitedState([{ facts, litres: over }], site),
      heritage: lot.heritage,
      found: [],
      despite: null
    })).toLotId : null;
    await placeWholeLot(tx, lotId, { containerIds, storeBin: storeBin.trim() || "Store", line, at });
    return { before, restId };
  });
}

const PUT = defineEndpoint({
  params: lotParamsSchema,
  body: moveSchema,
  handle: ({ db, params, body, now }) => moveLot(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PUT
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
