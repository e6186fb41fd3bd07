import { j as readTables, bj as readTrial, d3 as requireUnplanted, cx as changeTrial, d9 as groupBy, d4 as changeTrialPots, k as keepDraft, f as requireContainers, da as setTreatmentLot, cK as looseLitres, a7 as readLotCards, ad as appendLines, ag as proportionalLine, cL as knownMedium, cN as blended, aD as createLot, ar as DEFAULT_LIMITS, o as readLotFacts, db as plantTrialSchema, cu as trialParamsSchema } from '../../../../chunks/database_CmGvnzKd.mjs';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import { d as dayAt } from '../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import 'papaparse';
import { o as openPlantings } from '../../../../chunks/plantings_CWn0OEGU.mjs';
import { r as readSite } from '../../../../chunks/rules_BOjb8_mp.mjs';
import { r as refuseField } from '../../../../chunks/problem_BTADoVqZ.mjs';
import { r as refuseHeld } from '../../../../chunks/refuseHeld_BodKrGfd.mjs';
import { s as startBenchTest } from '../../../../chunks/startBenchTest_BWoa_ORQ.mjs';
import { n as newTransfer } from '../../../../chunks/newTransfer_FdcnwSkX.mjs';
import { t as topUp } from '../../../../chunks/newEntry_CCqOn3qZ.mjs';
import { n as newPlantings } from '../../../../chunks/newPlantings_CDIwyR-v.mjs';
import { a as addMissing } from '../../../../chunks/setPots_C4HnyvQ4.mjs';
export { renderers } from '../../../../renderers.mjs';

const PERCENT = 100;
const LONGEST_NAME = 80;
const LETTERS = "ABCDEFGHIJKL";
async function plantTrial(db, id, { version, on, despite }, at) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const trial = await readTrial(db, id);
  requireUnplanted(trial);
  if (on > dayAt(site.timeZone, at)) {
    refuseField("on", "That day has not come yet: say it when it is planted.");
  }
  if (trial.kind === "jar") {
    const benchTestId = await startJars(db, trial, at);
    await changeTrial(db, id, version, { plantedOn: on, benchTestId });
    return { benchTestId };
  }
  await changeTrial(db, id, version, { plantedOn: on });
  const containerOf = await addMissing(db, trial);
  const pots = await requireFree(db, trial, containerOf);
  for (const treatment of trial.treatments) {
    const mine = trial.potList.flatMap((pot) => {
      const container = pot.treatmentId === treatment.id ? pots.get(pot.id) : void 0;
      return container ? [container] : [];
    });
    await fillTreatment(db, { trial, treatment, pots: mine, tables, despite, at });
  }
  if (trial.perPot > 0) {
    for (const [cropId, same] of groupBy(trial.potList, (pot) => pot.cropId ?? trial.cropId)) {
      if (cropId === null) continue;
      const { ids } = await newPlantings(
        db,
        {
          pots: same.map((pot) => containerOf.get(pot.id)),
          cropId,
          cultivar: "",
          how: trial.how,
          count: trial.perPot,
          on,
          despite
        },
        at
      );
      await changeTrialPots(
        db,
        same.map((pot, index) => ({ id: pot.id, plantingId: ids[index] }))
      );
    }
  }
  return { benchTestId: null };
}
async function startJars(db, trial, at) {
  const [control] = trial.treatments;
  if (!control || !trial.jars) throw new Error("A jar test has a control and what is weighed in.");
  const { medium } = control;
  if (medium.kind === "named") throw new Error("Jars hold something of this garden.");
  const sample = medium.kind === "lot" ? { kind: "lot", id: medium.lotId } : medium.kind === "mix" ? { kind: "mix", id: medium.mixId } : { kind: "material", id: medium.materialId };
  const testId = await startBenchTest(db, { kind: "jar", sample }, at);
  const doses = trial.treatments.map(({ dose }, index) => [`dose${index}`, String(dose)]);
  await keepDraft(db, testId, {
    amendmentId: trial.jars.amendmentId,
    target: String(trial.jars.targetPh),
    ...Object.fromEntries(doses)
  });
  return testId;
}
async function requireFree(db, trial, containerOf) {
  const containers = await requireContainers(db, [...containerOf.values()]);
  const byId = new Map(containers.map((one) => [one.id, one]));
  const growing = new Set((await openPlantings(db)).map(({ containerId }) => containerId));
  const taken = containers.find(({ id }) => growing.has(id));
  if (taken) refuseField("on", `Something grows in ${taken.code} by now: end it there first.`);
  const treatments = new Map(trial.treatments.map((one) => [one.id, one]));
  for (const pot of trial.potList) {
    const container = byId.get(containerOf.get(pot.id) ?? 0);
    const treatment = treatments.get(pot.treatmentId);
    const own = treatment?.medium.kind === "lot" && !treatment.added ? treatment.medium.lotId : null;
    if (container && container.lotId !== null && container.lotId !== own) {
      refuseField("on", `Another mix stands in ${container.code} by now: empty it first.`);
    }
  }
  return new Map(
    [...containerOf].map(([pot, id]) => [pot, byId.get(id)])
  );
}
async function fillTreatment(db, filling) {
  const { treatment, pots } = filling;
  const empty = pots.filter(({ lotId: lotId2 }) => lotId2 === null);
  if (empty.length === 0) {
    if (treatment.medium.kind === "lot")
      await setTreatmentLot(db, treatment.id, treatment.medium.lotId);
    return;
  }
  const litres = empty.reduce((sum, pot) => sum + looseLitres(pot), 0);
  const lotId = await fill(db, { ...filling, pots: empty }, litres);
  await setTreatmentLot(db, treatment.id, lotId);
  const [lot] = await readLotCards(db, [lotId]);
  if (!lot) return;
  const sunk = -litres * DEFAULT_LIMITS.settlingShare;
  await appendLines(db, lotId, [proportionalLine(lot.contents, "settled", sunk)], filling.at);
}
async function fill(db, filling, litres) {
  const { trial, treatment, pots, tables, at } = filling;
  const share = treatment.added ? treatment.dose / PERCENT : 0;
  const base = await knownMedium(db, tables, treatment.medium);
  const added = treatment.added ? await knownMedium(db, tables, treatment.added) : null;
  const parts = [
    { medium: treatment.medium, known: base, litres: litres * (1 - share) },
    ...treatment.added && added ? [{ medium: treatment.added, known: added, litres: litres * share }] : []
  ].filter((part) => part.litres > 0);
  for (const part of parts) await requireEnough(db, filling, part);
  const name = lotName(trial, treatment);
  const containerIds = pots.map(({ id }) => id);
  if (parts.every(({ medium }) => medium.kind !== "lot")) {
    const line = filledWith(blended(base.components, added?.components ?? [], share), litres);
    const note2 = parts.map((part) => part.known.name).join(", ");
    return createLot(db, {
      name,
      origin: line.components.length > 1 ? "own recipe" : "bag",
      storeBin: null,
      containerIds,
      lines: [{ ...line, note: note2 }],
      at
    });
  }
  const [first, second] = parts.sort(
    (a, b) => Number(b.medium.kind === "lot") - Number(a.medium.kind === "lot")
  );
  if (first?.medium.kind !== "lot") throw new Error("A lot comes first.");
  const note = trial.name;
  const { toLotId } = await newTransfer(
    db,
    first.medium.lotId,
    {
      litres: first.litres,
      to: { kind: "new", name, containerIds, storeBin: "" },
      note,
      despite: filling.despite
    },
    at
  );
  if (second?.medium.kind === "lot") {
    await newTransfer(
      db,
      second.medium.lotId,
      {
        litres: second.litres,
        to: { kind: "lot", lotId: toLotId },
        note,
        // That a doubtful lot comes into a sound one is what the trial asks: its name is the reason.
        despite: filling.despite || note
      },
      at
    );
  } else if (second) {
    const line = filledWith(second.known.components, second.litres);
    await topUp(db, toLotId, { ...line, kind: "topped-up", note }, at);
  }
  return toLotId;
}
async function requireEnough(db, { tables, treatment }, part) {
  if (part.known.components.length === 0) {
    refuseField("on", `Nothing is left of ${part.known.name}: change what the trial compares.`);
  }
  if (part.medium.kind !== "lot") return;
  refuseHeld(await readLotFacts(db, tables, part.medium.lotId), "on");
  const there = part.known.there ?? 0;
  if (part.litres <= there) return;
  refuseField(
    "on",
    `${treatment.name} takes ${part.litres.toFixed(1)} L of ${part.known.name}, and ${there.toFixed(1)} L are left of it.`
  );
}
function filledWith(components, litres) {
  const total = components.reduce((sum, { parts }) => sum + parts, 0);
  const byId = /* @__PURE__ */ new Map();
  for (const { material, parts } of components) {
    byId.set(material.id, (byId.get(material.id) ?? 0) + litres * parts / total);
  }
  return {
    kind: "filled",
    litres,
    components: [...byId].map(([materialId, amount]) => ({ materialId, litres: amount })),
    doses: [],
    note: null
  };
}
function lotName(trial, { number, name }) {
  const count = trial.treatments.length;
  const letter = LETTERS[(number + trial.seed) % count] ?? "A";
  const tail = trial.isBlind ? `mix ${letter}` : name;
  return `${trial.name.slice(0, LONGEST_NAME - tail.length - 2)}: ${tail}`;
}

const POST = defineEndpoint({
  params: trialParamsSchema,
  body: plantTrialSchema,
  handle: async ({ db, params, body, now }) => {
    return plantTrial(db, params.id, body, now);
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
