import { R as Refused, D as DomainError } from './problem_BTADoVqZ.mjs';
import { Y as readMix, $ as blendMedia, ae as materialsById, aD as createLot, bG as addMixVersion, J as listMaterials, ac as requireShape, aG as listCrops, bH as createMix } from './database_CmGvnzKd.mjs';
import './passphrase_DS02Zua_.mjs';
import { p as partsToComponents } from './mixSetting_D4EgIGnL.mjs';
import { g as groupById } from './plantGroups_xC5VMRhW.mjs';

async function saveMix(db, body, at) {
  return createMix(db, { ...await checked(db, body, []), name: body.name, at });
}
async function saveNextVersion(db, id, { after, ...body }, at) {
  const { versions } = await readMix(db, id);
  const kept = versions[0].parts.map(({ materialId }) => materialId);
  return addMixVersion(db, id, { ...await checked(db, body, kept), name: body.name, after, at });
}
async function checked(db, { parts, madeFor, note }, kept) {
  const known = /* @__PURE__ */ new Set([...(await listMaterials(db)).map(({ material }) => material.id), ...kept]);
  const wrong = parts.findIndex(({ materialId }) => !known.has(materialId));
  if (wrong >= 0) {
    const message = "This material was put away: take it out, or take it up again first.";
    throw new Refused(422, "not-valid", message, [{ field: `parts.${wrong}.materialId`, message }]);
  }
  const measured = parts.filter(({ litres }) => litres > 0);
  if (measured.length === 0) {
    throw new DomainError("too-few", "Measure out at least one material: all parts are 0.", {
      field: "parts"
    });
  }
  await requireKnown(db, madeFor);
  const { shape, headspaceCm } = madeFor.container;
  requireShape(shape);
  if (headspaceCm >= shape.heightCm) {
    const message = "The headspace must be less than the height.";
    throw new Refused(422, "not-valid", message, [
      { field: "madeFor.container.headspaceCm", message }
    ]);
  }
  return { parts: measured, madeFor, note: note.trim() || null };
}
async function requireKnown(db, { cropId, groupId }) {
  const refuse = (field, message) => {
    throw new Refused(422, "not-valid", message, [{ field: `madeFor.${field}`, message }]);
  };
  if (cropId !== null && !(await listCrops(db)).some(({ id }) => id === cropId)) {
    refuse("cropId", "There is no such crop in the list.");
  }
  if (groupId !== null && !groupById(groupId)) {
    refuse("groupId", "There is no such group of plants.");
  }
}
async function mixToLot(db, id, { litres, name, storeBin }, at) {
  const mix = await readMix(db, id);
  const [{ number, parts }] = mix.versions;
  const { volumeYield } = blendMedia({
    components: partsToComponents(parts, await materialsById(db))
  });
  const total = parts.reduce((sum, part) => sum + part.litres, 0);
  const components = parts.map((part) => ({
    materialId: part.materialId,
    litres: litres * part.litres / total
  }));
  const line = {
    kind: "filled",
    litres,
    components,
    doses: [],
    note: `${mix.name}, version ${number}: ${(litres / volumeYield).toFixed(1)} L measured out`
  };
  return createLot(db, {
    name,
    origin: "own recipe",
    storeBin,
    containerIds: [],
    lines: [line],
    at
  });
}

export { saveMix as a, mixToLot as m, saveNextVersion as s };
