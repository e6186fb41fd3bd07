import { m as manyFoundSchema } from '../../../chunks/manyFound_CuPrm3cC.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { r as requireMay } from '../../../chunks/admit_BJtN7GGf.mjs';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
import { f as requireContainers, j as readTables, W as readCardFacts } from '../../../chunks/database_CmGvnzKd.mjs';
import { a as addTreatment } from '../../../chunks/lotTreatments_DEMwmWaD.mjs';
import { l as lastCropsIn } from '../../../chunks/plantings_CWn0OEGU.mjs';
import { a as addIntakes, f as foundByLook } from '../../../chunks/intakes_BxtI8sir.mjs';
import { r as readSite } from '../../../chunks/rules_BOjb8_mp.mjs';
import { n as newFound } from '../../../chunks/newFound_DcdQ4iJ6.mjs';
import { R as Refused } from '../../../chunks/problem_BTADoVqZ.mjs';
import { n as newTransfer } from '../../../chunks/newTransfer_FdcnwSkX.mjs';
export { renderers } from '../../../renderers.mjs';

async function manyFound(db, { pots }, at) {
  const containers = await requireContainers(
    db,
    pots.map(({ potId }) => potId)
  );
  const byId = new Map(containers.map((one) => [one.id, one]));
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const rows = pots.map((pot, index) => {
    const container = byId.get(pot.potId);
    const lotId = container?.lotId ?? null;
    if (!container || lotId === null) {
      refuseAt(
        `pots.${index}`,
        `There is no mix in ${container?.code ?? "that pot"}: fill it first.`
      );
    }
    const unknown = pot.problems.find((problemId) => !tables.problems.has(problemId));
    if (unknown) refuseAt(`pots.${index}.problems`, "Choose what you saw from the list");
    return { ...pot, lotId };
  });
  const lastCrop = await lastCropsIn(
    db,
    rows.map(({ potId }) => potId)
  );
  const lotIds = await db.transaction(async (tx) => {
    const kept = await partAsked(tx, rows, byId, at);
    await addIntakes(
      tx,
      kept.map(({ lotId, potId, drop, roots, side, note, look }) => ({
        lotId,
        containerId: potId,
        at,
        levelDropCm: drop,
        rootMass: roots,
        runsDownSide: side === "yes",
        ...look,
        note: note.trim() || null
      }))
    );
    const told = /* @__PURE__ */ new Set();
    for (const { lotId, potId, problems, side, note, look } of kept) {
      const ofCrop = lastCrop.get(potId) ?? null;
      for (const problemId of /* @__PURE__ */ new Set([...problems, ...foundByLook(look, side === "yes")])) {
        const once = `${lotId} ${problemId}`;
        if (told.has(once) || !tables.problems.has(problemId)) continue;
        told.add(once);
        await newFound(tx, lotId, { problemId, note }, at, ofCrop);
      }
      if (look.debris === "left" || told.has(`${lotId} debris`)) continue;
      told.add(`${lotId} debris`);
      await addTreatment(tx, lotId, {
        at,
        kind: "debris",
        until: null,
        skimCm: null,
        note: DEBRIS_WENT[look.debris],
        problemIds: []
      });
    }
    return [...new Set(kept.map(({ lotId }) => lotId))];
  });
  const facts = await readCardFacts(db, await readTables(db, site.timeZone), lotIds);
  return {
    lots: facts.map(({ lot, triage }) => ({
      id: lot.id,
      name: lot.name,
      verdict: triage?.verdict ?? "reuse"
    }))
  };
}
const DEBRIS_WENT = {
  compost: "Debris went to the compost.",
  bin: "Debris went into the bin."
};
async function partAsked(db, rows, byId, at) {
  const kept = [];
  for (const row of rows) {
    const pot = byId.get(row.potId);
    if (!row.part || !pot) kept.push(row);
    else {
      const name = `${pot.code} ${pot.name}`.slice(0, 80);
      const to = { kind: "new", name, containerIds: [pot.id], storeBin: "" };
      const { toLotId } = await newTransfer(
        db,
        row.lotId,
        { litres: null, to, note: "", despite: "" },
        at
      );
      kept.push({ ...row, lotId: toLotId });
    }
  }
  return kept;
}
function refuseAt(field, message) {
  throw new Refused(422, "not-valid", message, [{ field, message }]);
}

const POST = defineEndpoint({
  body: manyFoundSchema,
  status: 201,
  needs: "log",
  handle: ({ db, body, now, visitor }) => {
    if (body.pots.some(({ part }) => part)) requireMay(visitor, "manage");
    return manyFound(db, body, now);
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
