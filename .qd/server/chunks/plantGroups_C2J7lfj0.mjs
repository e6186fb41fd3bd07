import { a as requireObject, b as requireNumber } from './rules_BOjb8_mp.mjs';
import { a as plantsInPlace, Y as YOUNG_SHARE } from './growing_CG8kV1Dv.mjs';
import { $ as blendMedia, U as containerCapacity, aw as blendPh, c as containerVolume, i as areaAt, ay as blendEc, h as heightForVolume } from './database_CmGvnzKd.mjs';
import { w as waterGiven } from './waterGiven_CpS89VjH.mjs';
import { d as dryDown } from './dryDown_BCFsFjG-.mjs';
import { a as ageMedia } from './ageMedia_CoEq8njY.mjs';
import { n as nitrogenBudget } from './nitrogenBudget_B8Lf_znj.mjs';

const SEASONS = 4;
const MONTHS_PER_SEASON = 7;
function mixInPlace({
  components,
  container,
  crop,
  groupId = null,
  place,
  containerKg = 0,
  humifiedFines
}) {
  requireObject("The container", container);
  requireObject("The place", place);
  const { shape, fillHeightCm } = container;
  requireNumber("The fill height in cm", fillHeightCm, { above: 0 });
  const blend = blendMedia({ components });
  const capacity = containerCapacity({ curve: blend.curve, shape, fillHeightCm });
  const standing = { container, place, containerKg };
  const plants = plantsInPlace({ crop, groupId }, container);
  const dry = dryDownOf(blend, standing, plants);
  const young = dryDownOf(blend, standing, plantsInPlace({ crop, groupId }, container, YOUNG_SHARE));
  const { ph, buffer, freeLimeGPerL } = blendPh({ components });
  const fillLitres = containerVolume({ shape, fillHeightCm });
  const rimCm2 = areaAt({ shape, zCm: shape.heightCm });
  return {
    blend,
    capacity,
    dry,
    daysYoung: young.days,
    plants,
    waterGivenLitres: waterGiven({
      ...plants,
      months: place.growing,
      latitudeDeg: place.latitudeDeg,
      rimCm2,
      exposureFactor: place.exposureFactor
    }),
    saturatedKgPerM2: 1e4 * dry.saturatedKg / rimCm2,
    ph,
    buffer,
    freeLimeGPerL,
    ecSme: blendEc({ components }).ecSme,
    nitrogen: nitrogenOf(components, crop, place.seasonMeanTempC),
    fillLitres,
    seasons: seasonsOf(
      components,
      shape,
      fillHeightCm,
      fillLitres,
      place.seasonMeanTempC,
      humifiedFines
    )
  };
}
function dryDownOf({ curve, bulkDensity }, { container, place, containerKg = 0 }, { canopyCm2, kc, refillSuctionCm }) {
  const { seasonMeanTempC: _mean, growing: _growing, ...weather } = place;
  return dryDown({
    ...weather,
    ...container,
    curve,
    bulkDensity,
    canopyCm2,
    kc,
    refillSuctionCm,
    containerKg
  });
}
function nitrogenOf(components, crop, tempC) {
  if (!crop) return null;
  const { weeks, releasedMgPerL } = nitrogenBudget({ components, crop, weeklyMeanTempC: tempC });
  const tiedUpMgPerL = weeks.reduce((sum, { immobilisable }) => sum + immobilisable, 0);
  return { tiedUpMgPerL, releasedMgPerL };
}
function seasonsOf(components, shape, fillHeightCm, fillLitres, meanTempC, humifiedFines) {
  return Array.from({ length: SEASONS }, (_, season) => {
    const { curve, volumeRatio } = ageMedia({
      components,
      months: season * MONTHS_PER_SEASON,
      meanTempC,
      humifiedFines
    });
    const heightCm = heightForVolume({ shape, litres: fillLitres * Math.min(1, volumeRatio) });
    const { airFraction } = containerCapacity({ curve, shape, fillHeightCm: heightCm });
    return { air: airFraction, downCm: Math.max(0, fillHeightCm - heightCm) };
  });
}

function mixWish({
  crop,
  group
}) {
  if (crop) {
    return {
      airMin: crop.airMinPercent / 100,
      airMax: crop.airMaxPercent / 100,
      pHLow: crop.pHLow,
      pHHigh: crop.pHHigh,
      ecMaxSme: crop.ecMaxSme,
      rootDepthCm: crop.rootDepthCm
    };
  }
  if (!group) return null;
  const { airMin, airMax, pHLow, pHHigh } = group;
  return { airMin, airMax, pHLow, pHHigh, ecMaxSme: null, rootDepthCm: null };
}

const groups = {
  most: {
    name: "Most plants",
    why: "One good base serves nearly everything; change it only for a reason."
  },
  seedlings: {
    name: "Seedlings and cuttings",
    why: "Fine, low in salts, clean. A shallow tray is always wetter than a pot."
  },
  "likes-dry": {
    name: "Plants that like to dry out",
    why: "Forgives too much water; in a windy pot it is thirsty every day."
  },
  succulents: {
    name: "Succulents and cacti",
    why: "Roots spread flat and drink what passes. A mix that keeps its shape when squeezed is too fine, whatever its label says."
  },
  "airy-moist": {
    name: "Plants of airy, wet places",
    why: "No lime, no feed, rain water. The open mix of a cactus can serve here: the watering makes the difference."
  },
  epiphytes: {
    name: "Epiphytes",
    why: "Roots want air within minutes. Fines kill; replace it when the chips soften."
  },
  "lime-haters": {
    name: "Lime haters",
    why: "Hard water limes them slowly. No lime, ash or limey compost; never bury the stem."
  },
  "hungry-edibles": {
    name: "Hungry edibles in big pots",
    why: "Feed and water together; too much compost closes the mix and salts it."
  },
  baskets: {
    name: "Hanging baskets, small and windy pots",
    why: "Drying out is the danger: little that drains, more that holds."
  },
  "long-stay": {
    name: "Shrubs and trees that stay",
    why: "Structure that lasts: bark and minerals, little compost; heavy enough to stand."
  }
};

export { mixInPlace as a, groups as g, mixWish as m };
