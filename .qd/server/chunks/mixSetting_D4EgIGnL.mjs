import { a0 as listCalibrationsOfMixes, a1 as withMeasuredWater, U as containerCapacity, a2 as listCalibrationsOf } from './database_CmGvnzKd.mjs';
import './passphrase_DS02Zua_.mjs';

const USUAL_POT = {
  name: "",
  shape: { kind: "round", topDiameterCm: 28, baseDiameterCm: 21, heightCm: 26 },
  headspaceCm: 2.5
};
const keptSizes = /* @__PURE__ */ new WeakMap();
function sizesOf(containers) {
  const known = keptSizes.get(containers);
  if (known) return known;
  const sizes = /* @__PURE__ */ new Map();
  for (const { name, place, shape, headspaceCm, exposure } of containers) {
    const key = JSON.stringify([name, shape, headspaceCm, exposure]);
    const count = (sizes.get(key)?.count ?? 0) + 1;
    sizes.set(key, { name, place, count, shape, headspaceCm, exposure });
  }
  const made = [...sizes.values()].sort((a, b) => b.count - a.count);
  keptSizes.set(containers, made);
  return made;
}
function materialsAsTested(parts, materials, tested) {
  const components = partsToComponents(parts, materials).filter((one) => one.parts > 0);
  if (!tested || components.length === 0) return /* @__PURE__ */ new Map();
  const { curve, ksCmPerS } = tested.measured;
  const total = components.reduce((sum, one) => sum + one.parts, 0);
  const shifted = withMeasuredWater(
    components.map((one) => ({ ...one, parts: one.parts / total })),
    {
      ...tested.from.includes("porosity") ? {
        airFraction: containerCapacity({ curve, ...TEST_COLUMN }).airFraction,
        columnShape: TEST_COLUMN.shape,
        fillHeightCm: TEST_COLUMN.fillHeightCm,
        totalPorosity: curve.thetaS
      } : {},
      ...tested.from.includes("drain") ? { ksCmPerS } : {}
    }
  );
  return new Map(shifted.map(({ material }) => [material.id, material]));
}
const TEST_COLUMN = {
  shape: { kind: "round", topDiameterCm: 14, baseDiameterCm: 14, heightCm: 15 },
  fillHeightCm: 13
};
async function testOfMix(db, mixId, writtenAt) {
  return newestOf(await listCalibrationsOf(db, { kind: "mix", id: mixId }), writtenAt);
}
async function testsOfMixes(db, mixes) {
  const all = await listCalibrationsOfMixes(
    db,
    mixes.map(({ id }) => id)
  );
  return new Map(
    mixes.flatMap(({ id, writtenAt }) => {
      const newest = newestOf(
        all.filter(({ mixId }) => mixId === id),
        writtenAt
      );
      return newest ? [[id, newest]] : [];
    })
  );
}
function newestOf([found], writtenAt) {
  return found && found.at >= writtenAt && found.from.length > 0 ? found : null;
}
function partsToComponents(parts, materials) {
  return parts.flatMap(({ materialId, litres }) => {
    const material = materials.get(materialId);
    return material ? [{ material, parts: litres }] : [];
  });
}

export { USUAL_POT as U, testOfMix as a, materialsAsTested as m, partsToComponents as p, sizesOf as s, testsOfMixes as t };
