import { d as doubtfulPair, n as newHeapSchema } from '../../../chunks/batches_IyNPWlf5.mjs';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
import { j as readTables, o as readLotFacts, l as addFindings, bl as litresAtLevel, ad as appendLines, ag as proportionalLine } from '../../../chunks/database_CmGvnzKd.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { i as intakesOfPots, m as mixDropCm } from '../../../chunks/intakes_BxtI8sir.mjs';
import { r as readSite } from '../../../chunks/rules_BOjb8_mp.mjs';
import { k as keptFinding } from '../../../chunks/keptFinding_D26VaELX.mjs';
import { R as Refused } from '../../../chunks/problem_BTADoVqZ.mjs';
import { r as refuseHeld } from '../../../chunks/refuseHeld_BodKrGfd.mjs';
import { n as newTransfer } from '../../../chunks/newTransfer_FdcnwSkX.mjs';
export { renderers } from '../../../renderers.mjs';

const SAME_LITRES = 0.05;
async function newHeap(db, { lots, name, despite }, at) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  return db.transaction(async (tx) => {
    const all = [];
    for (const lotId of lots) all.push(await readLotFacts(tx, tables, lotId));
    for (const facts of all) refuseHeld(facts, "lots");
    refuseDoubtful(all, despite);
    const potIds = all.flatMap(({ lot }) => lot.containerIds);
    const conditions = all.flatMap((facts) => conditionsOf(facts, tables));
    for (const facts of all) await settleAsFound(tx, facts, at);
    const [first, ...others] = all;
    if (!first) throw new Error("A heap was asked for without lots.");
    const { toLotId, litres } = await newTransfer(
      tx,
      first.lot.id,
      {
        litres: null,
        to: { kind: "new", name, containerIds: [], storeBin: HEAP_BIN },
        note: "",
        despite: ""
      },
      at
    );
    let heapLitres = litres;
    for (const { lot } of others) {
      const to = { kind: "lot", lotId: toLotId };
      const moved = await newTransfer(tx, lot.id, { litres: null, to, note: "", despite }, at);
      heapLitres += moved.litres;
    }
    if (others.length > 0) {
      const after = new Date(at.getTime() + 1);
      const kept = [...new Map(conditions.map((one) => [one.problemId, one])).values()];
      await addFindings(
        tx,
        toLotId,
        kept.map((one) => ({ ...one, at: after }))
      );
    }
    return { lotId: toLotId, litres: heapLitres, potIds };
  });
}
const HEAP_BIN = "Heap";
function refuseDoubtful(all, despite) {
  const pair = doubtfulPair(
    all.map(({ lot, triage }) => ({ id: lot.id, litres: lot.contents.litres, triage }))
  );
  if (!pair || despite.trim() !== "") return;
  const nameOf = (id) => all.find(({ lot }) => lot.id === id)?.lot.name ?? "";
  const message = `What was found speaks against putting ${nameOf(pair[0].id)} and ${nameOf(pair[1].id)} together: keep them apart, or say why all the same.`;
  throw new Refused(422, "doubtful", message, [{ field: "despite", message }]);
}
function conditionsOf({ found }, { problems }) {
  return found.filter(
    ({ problemId, state }) => state === "trouble" && problemId !== null && problems.get(problemId)?.kind === "condition"
  ).map((one) => ({ ...keptFinding(one), kind: "problem" }));
}
async function settleAsFound(db, { lot, containers }, at) {
  const since = lot.mixedAt?.getTime() ?? 0;
  const looks = new Map(
    (await intakesOfPots(db, lot.containerIds)).filter((one) => one.lotId === lot.id && one.at.getTime() > since).map((one) => {
      const { containerId, levelDropCm } = one;
      return [containerId, levelDropCm === null ? null : mixDropCm(levelDropCm, one)];
    })
  );
  const isLooked = containers.length > 0 && containers.every(({ id }) => looks.get(id) != null);
  if (!isLooked) return;
  const there = containers.reduce(
    (sum, { id, shape, headspaceCm }) => sum + litresAtLevel(shape, headspaceCm, looks.get(id) ?? 0),
    0
  );
  const difference = there - lot.contents.litres;
  if (!(there > 0) || Math.abs(difference) <= SAME_LITRES) return;
  const kind = difference < 0 ? "settled" : "recounted";
  await appendLines(db, lot.id, [proportionalLine(lot.contents, kind, difference)], at);
}

const POST = defineEndpoint({
  body: newHeapSchema,
  status: 201,
  handle: ({ db, body, now }) => newHeap(db, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
