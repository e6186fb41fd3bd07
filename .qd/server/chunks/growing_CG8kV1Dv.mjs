import { b as requireNumber, d as requireWhole } from './rules_BOjb8_mp.mjs';
import { i as areaAt, c as containerVolume } from './database_CmGvnzKd.mjs';
import { g as groupById } from './plantGroups_xC5VMRhW.mjs';

function plantsIn({
  litresPerPlant,
  potLitres,
  plants
}) {
  requireNumber("The litres of a plant", litresPerPlant, { above: 0 });
  requireNumber("The litres of the container", potLitres, { above: 0 });
  if (plants !== void 0) return requireWhole("The plants", plants, { min: 1, max: 1e4 });
  return Math.max(1, Math.floor(potLitres / litresPerPlant + 1e-9));
}

const CROWD_RIMS = 5;
const AREA_OF_VOLUME = 2 / 3;
const YOUNG_SHARE = 0.3;
function canopyArea({
  canopyCm2,
  litresPerPlant,
  potLitres,
  plants,
  rimCm2,
  share = 1
}) {
  requireNumber("The rim in cm²", rimCm2, { above: 0 });
  requireNumber("The share of the canopy", share, { min: 0, max: 1 });
  const count = plantsIn({ litresPerPlant, potLitres, plants });
  if (canopyCm2 === null) return { canopyCm2: rimCm2, plants: count };
  requireNumber("The canopy in cm²", canopyCm2, { above: 0 });
  const room = Math.min(1, potLitres / (count * litresPerPlant));
  const one = canopyCm2 * room ** AREA_OF_VOLUME * share;
  const crowd = Math.min(count * one, Math.max(one, CROWD_RIMS * rimCm2));
  return { canopyCm2: Math.max(rimCm2, crowd), plants: count };
}

const SOLAR = 0.082;
const MM_PER_MJ = 0.408;
function extraterrestrialRadiation({
  latitudeDeg,
  dayOfYear
}) {
  requireNumber("The latitude in degrees", latitudeDeg, { min: -90, max: 90 });
  requireNumber("The day of the year", dayOfYear, { min: 1, max: 366 });
  const latitude = latitudeDeg * Math.PI / 180;
  const turn = 2 * Math.PI * dayOfYear / 365;
  const distance = 1 + 0.033 * Math.cos(turn);
  const declination = 0.409 * Math.sin(turn - 1.39);
  const sunset = Math.acos(Math.min(1, Math.max(-1, -Math.tan(latitude) * Math.tan(declination))));
  const mj = 24 * 60 / Math.PI * SOLAR * distance * (sunset * Math.sin(latitude) * Math.sin(declination) + Math.cos(latitude) * Math.cos(declination) * Math.sin(sunset));
  return Math.max(0, mj * MM_PER_MJ);
}
function referenceEvapotranspiration({
  latitudeDeg,
  dayOfYear,
  tMinC,
  tMaxC
}) {
  requireNumber("The lowest temperature", tMinC, { min: -60, max: 60 });
  requireNumber("The highest temperature", tMaxC, { min: tMinC, max: 60 });
  const mean = (tMinC + tMaxC) / 2;
  const radiation = extraterrestrialRadiation({ latitudeDeg, dayOfYear });
  return Math.max(0, 23e-4 * radiation * (mean + 17.8) * Math.sqrt(tMaxC - tMinC));
}

function waterLoss({
  et0MmPerDay,
  kc,
  exposureFactor,
  canopyCm2,
  shape
}) {
  const rimCm2 = areaAt({ shape, zCm: shape.heightCm });
  return et0MmPerDay * kc * exposureFactor * Math.max(rimCm2, canopyCm2) / 1e4;
}

const GROUP_CANOPY = {
  seedlings: null,
  most: 400,
  "hungry-edibles": 650,
  baskets: 650,
  "lime-haters": 450,
  "long-stay": 450,
  epiphytes: 300,
  "likes-dry": 250,
  "airy-moist": 250,
  succulents: 120
};
const DRY_LOVERS_REFILL_CM = 100;
const REFILL_CM = 50;
const LOSS_RANGE = 1.6;
function plantsInPlace({ crop, groupId = null }, { shape, fillHeightCm }, share = 1) {
  const rimCm2 = areaAt({ shape, zCm: shape.heightCm });
  const potLitres = containerVolume({ shape, fillHeightCm });
  const group = groupId ?? "most";
  const perSurface = GROUP_CANOPY[group];
  const canopy = crop ? canopyArea({ ...crop, potLitres, rimCm2, share }) : canopyArea({
    canopyCm2: perSurface === null ? null : perSurface * potLitres ** (2 / 3),
    litresPerPlant: potLitres,
    potLitres,
    rimCm2,
    share
  });
  const likesDry = (crop ? crop.waterPreference : groupById(group)?.waterPreference) === "dry-between";
  return {
    canopyCm2: canopy.canopyCm2,
    kc: crop?.kc ?? 1,
    refillSuctionCm: likesDry ? DRY_LOVERS_REFILL_CM : REFILL_CM,
    likesDry
  };
}

export { LOSS_RANGE as L, YOUNG_SHARE as Y, plantsInPlace as a, canopyArea as c, plantsIn as p, referenceEvapotranspiration as r, waterLoss as w };
