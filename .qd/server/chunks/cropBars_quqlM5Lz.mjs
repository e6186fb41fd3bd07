import { p as plantingDay } from './plantingDay_BdODOoHK.mjs';

function seasonOf(crop, today, latitudeDeg) {
  return Number(plantingDay(crop, today, latitudeDeg).slice(0, 4));
}
const FOOD = ["vegetable", "herb", "fruit"];
function cropBars(judged, crop) {
  if (!judged) return [];
  const { verdict, notFor, forFood, forSeedlings, hold } = judged;
  if (verdict === "compost" || verdict === "discard") return [{ kind: "given-up", verdict }];
  return [
    ...hold ? [{ kind: "held", why: hold.kind, until: hold.until }] : [],
    ...notFor.filter(({ rotationGroup }) => rotationGroup === crop.rotationGroup).map((bar) => ({ kind: "family", ...bar })),
    ...!forFood && FOOD.includes(crop.kind) ? [{ kind: "food" }] : [],
    ...!forSeedlings && crop.kind === "seedling" ? [{ kind: "seedlings" }] : []
  ];
}

export { cropBars as c, seasonOf as s };
