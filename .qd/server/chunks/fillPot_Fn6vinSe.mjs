import './passphrase_DS02Zua_.mjs';
import { f as requireContainers, aC as setFiller, aD as createLot, $ as blendMedia, a7 as readLotCards, ad as appendLines, ag as proportionalLine, c as containerVolume, U as containerCapacity, ar as DEFAULT_LIMITS, aE as findLotIds, aF as readLotStocks, H as findMixNames, ae as materialsById, aG as listCrops, aH as listFindings } from './database_CmGvnzKd.mjs';
import { r as refuseField } from './problem_BTADoVqZ.mjs';
import { l as litresThatFit, r as refuseTooMuch } from './requireRoom_B5M50YYj.mjs';
import { n as newTransfer } from './newTransfer_FdcnwSkX.mjs';
import { s as sourceOf, p as partsFor } from './fillSource_CiNujEb8.mjs';
import { s as shapeWithFiller } from './shapeWithFiller_V1sC1xLB.mjs';
import { e as emitters, d as drainHoles } from './drainHoles_DKhdcG9_.mjs';
import { s as settlingTopUp } from './filling_DpQa7vJD.mjs';

const FIRST = 50;
const PERCENT = 100;
async function fillPot(db, potId, body, at) {
  const [pot] = await requireContainers(db, [potId]);
  if (!pot) throw new Error("The container was required.");
  if (pot.lotId !== null) {
    refuseField("source", `A mix stands in ${pot.code}: empty it, or top it up by its ledger.`);
  }
  const source = await sourceOf(db, body.source);
  const fillerCm = body.fillerCm ?? pot.fillerCm;
  const plan = planOf(pot, fillerCm, source, body.litres);
  const fits = litresThatFit([plan.shape], source.components);
  if (plan.litres > fits) {
    refuseTooMuch("litres", plan.litres, fits, "Take so much, or a larger pot.");
  }
  const { shape: _, ...told } = plan;
  if (body.check) return { plan: told, lotId: null };
  const name = body.name.trim() || `${pot.name} ${pot.code}`;
  if (body.source.kind === "lot") {
    const fromLotId = body.source.lotId;
    const lotId2 = await db.transaction(async (tx) => {
      await setFiller(tx, potId, fillerCm);
      const { toLotId } = await newTransfer(
        tx,
        fromLotId,
        {
          litres: plan.litres,
          to: { kind: "new", name, containerIds: [potId], storeBin: "" },
          note: "",
          despite: ""
        },
        at
      );
      await settle(tx, toLotId, plan, at);
      return toLotId;
    });
    return { plan: told, lotId: lotId2 };
  }
  const total = source.components.reduce((sum, { parts }) => sum + parts, 0);
  const filled = {
    kind: "filled",
    litres: plan.litres,
    components: source.components.map(({ material, parts }) => ({
      materialId: material.id,
      litres: plan.litres * parts / total
    })),
    doses: [],
    note: source.note
  };
  const lotId = await db.transaction(async (tx) => {
    await setFiller(tx, potId, fillerCm);
    const made = await createLot(tx, {
      name,
      origin: source.origin,
      storeBin: null,
      containerIds: [potId],
      lines: [filled],
      at
    });
    await settle(tx, made, plan, at);
    return made;
  });
  return { plan: told, lotId };
}
async function settle(db, lotId, plan, at) {
  const [lot] = await readLotCards(db, [lotId]);
  const sunk = plan.litres - plan.settledLitres;
  if (!lot || !(sunk > 0)) return;
  await appendLines(db, lotId, [proportionalLine(lot.contents, "settled", -sunk)], at);
}
function planOf({ outerShape, headspaceCm }, fillerCm, source, asked) {
  const { components, there, isDoubtful } = source;
  const { settlingShare } = DEFAULT_LIMITS;
  const shape = shapeWithFiller(outerShape, fillerCm, headspaceCm);
  const full = litresAtGap(shape, headspaceCm);
  const wanted = asked ?? full / (1 - settlingShare);
  const loose = there === null ? wanted : Math.min(wanted, there);
  const { volumeYield } = blendMedia({ components });
  return {
    litres: loose,
    parts: partsFor(source, loose),
    volumeYield: there === null && components.length > 1 ? volumeYield : null,
    settledLitres: loose * (1 - settlingShare),
    topUpLitres: settlingTopUp(Math.min(loose, full), settlingShare * PERCENT),
    headspaceCm,
    filler: fillerCm > 0 ? {
      heightCm: fillerCm,
      savedLitres: litresAtGap(outerShape, headspaceCm) - full,
      air: airOf(components, shape, headspaceCm),
      airWithout: airOf(components, outerShape, headspaceCm)
    } : null,
    holes: drainHoles(outerShape),
    emitters: emitters(outerShape, 1).count,
    isDoubtful,
    shape
  };
}
function airOf(components, shape, headspaceCm) {
  const { curve } = blendMedia({ components });
  return containerCapacity({ curve, shape, fillHeightCm: shape.heightCm - headspaceCm }).airFraction;
}
function litresAtGap(shape, headspaceCm) {
  return containerVolume({ shape, fillHeightCm: shape.heightCm - headspaceCm });
}
async function fillChoices(db) {
  const ids = await findLotIds(db, { states: ["store"], offset: 0, limit: FIRST });
  const lots = await readLotStocks(db, ids);
  const { rows } = await findMixNames(db, "", FIRST);
  const materials = await materialsById(db);
  const standards = await standardMedia(db);
  return {
    lots: lots.filter(({ litres }) => litres > 0),
    mixes: rows.map(({ id, name }) => ({
      id,
      name,
      standardFor: standards.get(`mix:${id}`) ?? []
    })),
    bags: [...materials.values()].filter(({ group }) => group === "bagged mix").map(({ id, name }) => ({ id, name, standardFor: standards.get(`bag:${id}`) ?? [] }))
  };
}
async function standardMedia(db) {
  const crops = new Map((await listCrops(db)).map(({ id, name }) => [id, name]));
  const standards = /* @__PURE__ */ new Map();
  for (const { medium, cropId } of await listFindings(db, { kind: "standard" })) {
    if (medium.kind !== "mix" && medium.kind !== "bag") continue;
    const key = medium.kind === "mix" ? `mix:${medium.mixId}` : `bag:${medium.materialId}`;
    const name = cropId === null ? null : crops.get(cropId) ?? cropId;
    standards.set(key, [...standards.get(key) ?? [], name]);
  }
  return standards;
}

export { fillChoices as a, fillPot as f };
