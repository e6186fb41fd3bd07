import { b as requireNumber, a as requireObject } from './rules_BOjb8_mp.mjs';
import { at as componentShares, $ as blendMedia } from './database_CmGvnzKd.mjs';

function joinParts(components, added) {
  const { material, parts } = added;
  const index = components.findIndex((one) => one.material.id === material.id && !one.measured);
  const there = components[index];
  if (!there) return [...components, added];
  const total = there.parts + parts;
  const between = (old, fresh) => old === fresh || !(total > 0) ? old : Math.exp((there.parts * Math.log(old) + parts * Math.log(fresh)) / total);
  const { curve, ksCmPerS } = there.material;
  const joined = {
    parts: total,
    material: {
      ...there.material,
      curve: { ...curve, alpha: between(curve.alpha, material.curve.alpha) },
      ksCmPerS: between(ksCmPerS, material.ksCmPerS)
    }
  };
  return components.map((one, at) => at === index ? { ...one, ...joined } : one);
}

const HUMIFIED_SHARE = 0.45;
const Q10 = 2;
function ageMedia({
  components,
  months,
  meanTempC,
  humifiedFines
}) {
  requireNumber("The months", months, { min: 0, max: 600 });
  requireNumber("The mean temperature in °C", meanTempC, { min: -10, max: 45 });
  requireObject("The humified fines", humifiedFines);
  componentShares(components);
  const years = months / 12 * Q10 ** ((meanTempC - 20) / 10);
  let fines = 0;
  const left = components.map((component) => {
    const { material, parts } = component;
    const rotted = material.decayPerYear * years;
    const lost = parts * (1 - Math.exp(-rotted));
    fines += HUMIFIED_SHARE * lost * material.bulkDensity / humifiedFines.bulkDensity;
    return { ...component, material: broken(material, rotted), parts: parts - lost };
  });
  const aged = withFines(left, humifiedFines, fines);
  const before = blendMedia({ components });
  const after = blendMedia({ components: aged });
  const total = (parts) => parts.reduce((sum, { parts: p }) => sum + p, 0);
  return {
    ...after,
    components: aged,
    volumeRatio: total(aged) * after.volumeYield / (total(components) * before.volumeYield)
  };
}
function withFines(components, humifiedFines, fines) {
  if (!(fines > 0)) return [...components];
  return joinParts(components, { material: humifiedFines, parts: fines });
}
function broken(material, rotted) {
  if (rotted === 0) return material;
  const { curve, ksCmPerS } = material;
  const narrower = Math.exp(-1.5 * rotted);
  return {
    ...material,
    curve: { ...curve, alpha: curve.alpha * narrower },
    ksCmPerS: ksCmPerS * narrower ** 2
  };
}

export { ageMedia as a, joinParts as j };
