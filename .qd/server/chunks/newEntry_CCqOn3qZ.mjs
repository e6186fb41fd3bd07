import { d as dayAt } from './passphrase_DS02Zua_.mjs';
import { g as readLot, ad as appendLines, j as readTables, o as readLotFacts, ae as materialsById, l as addFindings, f as requireContainers, af as USUAL_COLUMN, ag as proportionalLine } from './database_CmGvnzKd.mjs';
import { e as endAllIn } from './plantings_CWn0OEGU.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';
import { R as Refused } from './problem_BTADoVqZ.mjs';
import { l as litresThatFit, r as refuseTooMuch } from './requireRoom_B5M50YYj.mjs';
import { p as problemsThatStay } from './unitedState_DbjiMmOC.mjs';
import { l as lotComponents } from './phOutcome_CK9jV_8z.mjs';
import { m as mixStateOf } from './keptFinding_D26VaELX.mjs';

async function newEntry(db, lotId, entry, at) {
  const known = entry.kind === "topped-up" ? await knownOf(db, lotId) : null;
  const lot = known?.facts.lot ?? await readLot(db, lotId);
  const line = await lineOf(db, lot, entry);
  if (known) return add(db, known, line, at);
  if (line.litres > 0) await requireRoom(db, lot, line);
  await appendLines(db, lotId, [line], at);
  if (entry.kind === "emptied") {
    const { timeZone } = await readSite(db);
    await endAllIn(db, lotId, { endedOn: dayAt(timeZone, at), endedWhy: "emptied" });
  }
}
async function topUp(db, lotId, line, at) {
  await add(db, await knownOf(db, lotId), line, at);
}
async function add(db, known, line, at) {
  const { lot } = known.facts;
  await requireRoom(db, lot, line);
  const carried = mixedWith(known, line);
  await db.transaction(async (tx) => {
    await addFindings(tx, lot.id, toldProblems(known));
    await appendLines(tx, lot.id, [line], at, carried ? { carried } : {});
  });
}
async function knownOf(db, lotId) {
  const tables = await readTables(db, (await readSite(db)).timeZone);
  return { tables, facts: await readLotFacts(db, tables, lotId) };
}
function toldProblems({ facts, tables }) {
  const told = facts.found.filter(({ origin }) => origin.kind === "test");
  return problemsThatStay({ found: told }, tables);
}
function mixedWith({ facts, tables }, line) {
  const { components, container, surfaceCm, lot } = facts;
  if (components.length === 0) return void 0;
  const old = lotComponents(components, { ...facts.measured, ...facts.measuredWater });
  const added = line.components.flatMap(({ materialId, litres }) => {
    const material = tables.materials.get(materialId);
    return material ? [{ material, parts: litres }] : [];
  });
  const share = lot.contents.litres / (lot.contents.litres + line.litres);
  return {
    ...mixStateOf({
      components: [
        ...old.map((one) => ({ ...one, parts: one.parts * lot.contents.litres })),
        ...added
      ],
      doses: [],
      container: container && surfaceCm ? { shape: container.shape, fillHeightCm: Math.min(surfaceCm, container.shape.heightCm) } : USUAL_COLUMN
    }),
    // What was weighed in before is thinner now.
    doses: (lot.carried?.doses ?? []).map((dose) => ({ ...dose, gPerL: dose.gPerL * share }))
  };
}
async function requireRoom(db, { contents, containerIds }, line) {
  if (containerIds.length === 0) return;
  const shapes = (await requireContainers(db, containerIds)).map(({ shape }) => shape);
  const materials = await materialsById(db);
  const components = line.components.flatMap(({ materialId, litres }) => {
    const material = materials.get(materialId);
    return material && litres > 0 ? [{ material, parts: litres }] : [];
  });
  const fits = Math.max(0, litresThatFit(shapes, components) - contents.litres);
  if (line.litres <= fits) return;
  refuseTooMuch("litres", line.litres, fits, "Keep the rest as a lot of its own.");
}
async function lineOf(db, { contents }, entry) {
  const note = entry.note?.trim() || null;
  if (entry.kind === "topped-up") {
    const materialId = entry.materialId ?? "";
    if (!(await materialsById(db)).has(materialId)) {
      throw new Refused(422, "not-valid", "Choose a material from the list.", [
        { field: "materialId", message: "Choose a material from the list." }
      ]);
    }
    const { litres: litres2 } = entry;
    return { kind: "topped-up", litres: litres2, components: [{ materialId, litres: litres2 }], doses: [], note };
  }
  if (entry.kind === "emptied") return proportionalLine(contents, "emptied", -contents.litres, note);
  const litres = entry.kind === "recounted" ? entry.litres : -entry.litres;
  return proportionalLine(contents, entry.kind, litres, note);
}

export { newEntry as n, topUp as t };
