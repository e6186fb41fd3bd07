import { c as containerVolume, ay as blendEc, $ as blendMedia, U as containerCapacity, av as convertEc, au as volumeYield, at as componentShares, aw as blendPh, bX as weeklyTemperatures, bQ as cleaningLoss, bY as DEFAULT_SCHOOLS, aJ as isNeverPlanted, bW as EXPOSURE_FACTORS, bZ as aggregateHabit, ar as DEFAULT_LIMITS, as as feedLeftOf, aH as listFindings, J as listMaterials, bz as listAmendments } from './database_CmGvnzKd.mjs';
import { D as DomainError } from './problem_BTADoVqZ.mjs';
import { b as requireNumber } from './rules_BOjb8_mp.mjs';
import { p as plantsIn, a as plantsInPlace, r as referenceEvapotranspiration, w as waterLoss } from './growing_CG8kV1Dv.mjs';
import { p as phAfterDoses } from './phOutcome_CK9jV_8z.mjs';
import { n as nitrogenBudget, a as nitrogenSpanWeeks, w as worstMonth } from './nitrogenBudget_B8Lf_znj.mjs';
import { d as dayAt } from './passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { p as plantingDay } from './plantingDay_BdODOoHK.mjs';

const PASSES = 3;
function leach({
  ec,
  target,
  mediaLitres,
  waterFraction,
  waterEc = 0,
  efficiency = 0.5
}) {
  requireNumber("The conductivity", ec, { min: 0 });
  requireNumber("The conductivity wanted", target, { above: 0 });
  requireNumber("The litres of media", mediaLitres, { above: 0 });
  requireNumber("The water held", waterFraction, { above: 0, below: 1 });
  requireNumber("The conductivity of the water", waterEc, { min: 0 });
  requireNumber("The efficiency", efficiency, { above: 0, max: 1 });
  if (target >= ec) return { litres: 0, passes: 0, litresPerPass: 0 };
  if (target <= waterEc) {
    throw new DomainError("out-of-range", "This water is as salty as the target: use rain water.");
  }
  const volumes = Math.log((ec - waterEc) / (target - waterEc));
  const litres = volumes * mediaLitres * waterFraction / efficiency;
  return { litres, passes: PASSES, litresPerPass: litres / PASSES };
}

function potDemand({
  nSeasonMgPerL,
  litresPerPlant,
  potLitres,
  plants
}) {
  requireNumber("The nitrogen of a season in mg/L", nSeasonMgPerL, { min: 0 });
  const crowding = plantsIn({ litresPerPlant, potLitres, plants }) * litresPerPlant / potLitres;
  return nSeasonMgPerL * (crowding <= 1 ? crowding : Math.cbrt(crowding));
}

function cropInPot(crop, container) {
  const nSeasonMgPerL = potDemand({ ...crop, potLitres: containerVolume(container) });
  return { ...crop, nSeasonMgPerL };
}

const LEFT_OVER_LITRES = 0.5;
function whyTipped({
  inOwnPots,
  rootMass,
  actions,
  roots
}) {
  if (!inOwnPots) return "other-pots";
  if (actions.includes("heat") || actions.includes("aerate")) return "treatment";
  if (rootMass === "bound" || rootMass === "woody") return "roots";
  return roots === "sieve" ? "sieve" : null;
}
function shareInPlace(share, usableLitres, litresWanted, settlingShare) {
  const mixLitres = litresWanted / (1 - settlingShare);
  return Math.min(share, Math.max(0, 1 - usableLitres / mixLitres));
}
function isTooFull({ leftoverLitres }) {
  return leftoverLitres > LEFT_OVER_LITRES;
}

function notLeached(lot, ecBefore = blendEc({ components: lot }).ecSme) {
  return { components: lot, isLeached: false, ecBefore, waterFor: () => 0 };
}
function leachOldMix(lot, crop, container, waterEc = 0) {
  const { ecSme } = blendEc({ components: lot });
  const ceiling = crop.ecMaxSme;
  if (ecSme <= ceiling || waterEc >= ceiling) return notLeached(lot, ecSme);
  const { curve } = blendMedia({ components: lot });
  const { waterFraction } = containerCapacity({ curve, ...container });
  const ec1to2 = convertEc({ value: ceiling, from: "SME", to: "1:2" }) * volumeYield(componentShares(lot));
  return {
    components: lot.map((component) => ({
      ...component,
      measured: { ...component.measured, ec1to2, starterNMgPerL: 0 }
    })),
    isLeached: true,
    ecBefore: ecSme,
    waterFor: (mediaLitres) => mediaLitres > 0 ? leach({ ec: ecSme, target: ceiling, mediaLitres, waterFraction, waterEc }).litres : 0
  };
}

function waterLostIn(crop, container, weather, exposureFactor) {
  const plants = plantsInPlace({ crop }, container);
  const et0MmPerDay = referenceEvapotranspiration(weather);
  const { shape } = container;
  return {
    ...plants,
    et0MmPerDay,
    lossLPerDay: waterLoss({ ...plants, et0MmPerDay, exposureFactor, shape })
  };
}

const WATER_KG_PER_L = 1;
function predictMix({
  components,
  doses,
  crop,
  container,
  season,
  cost,
  settledLitres,
  feedLeft
}) {
  const blend = blendMedia({ components });
  const { volumeYield } = blend;
  const capacity = containerCapacity({ curve: blend.curve, ...container });
  const { buffer } = blendPh({ components, volumeYield });
  const budget = nitrogenBudget({
    components,
    volumeYield,
    amendments: doses,
    feedLeft,
    crop: cropInPot(crop, container),
    weeks: season?.weeks,
    weeklyMeanTempC: season?.weeklyMeanTempC
  });
  return {
    volumeYield,
    airFraction: capacity.airFraction,
    waterFraction: capacity.waterFraction,
    availableLitres: capacity.availableLitres,
    ph: phAfterDoses(components, volumeYield, doses).ph,
    buffer,
    ecSme: blendEc({ components, volumeYield, amendments: doses }).ecSme,
    nCoverage: budget.coverage,
    firstShortWeek: budget.firstShortWeek,
    kgPerLWet: blend.bulkDensity + capacity.waterFraction * WATER_KG_PER_L,
    costPerL: settledLitres > 0 ? cost / settledLitres : 0
  };
}

function recipeInput(facts, intake, crop, container, stock, site, at, triage = null, newMix = {}) {
  const monthlyMeanTempC = site.climateByMonth.map(({ tMinC, tMaxC }) => (tMinC + tMaxC) / 2);
  return {
    lot: {
      id: String(facts.lot.id),
      components: facts.components,
      litres: intake.litresNow,
      triage,
      measured: { ...facts.measured, ...facts.measuredWater, ...sieved(facts) },
      feedLeft: earlierFeed(facts, intake.litresNow, site),
      neverPlanted: isNeverPlanted(facts.lot)
    },
    litresWanted: intake.litresWanted,
    container: { shape: container.shape, fillHeightCm: container.fillHeightCm },
    crop,
    school: {
      compostShare: compostFor(intake, facts),
      feed: intake.feed,
      ...aggregateShareOf(site),
      ...newMix
    },
    stock,
    limits: {
      cleaningLossShare: intake.cleaningLossShare ?? cleaningLoss(intake.rootMass, DEFAULT_SCHOOLS),
      ...settled(facts)
    },
    season: {
      weeklyMeanTempC: weeklyTemperatures({
        monthlyMeanTempC,
        startDate: plantingDay(crop, dayAt(site.timeZone, at), site.latitudeDeg),
        weeks: Math.ceil(nitrogenSpanWeeks(crop))
      }),
      waterEc: site.tapWater.ecDsPerM
    },
    measures: site.measures,
    watering: wateringHabit(intake.everyDays ?? null, crop, container, site)
  };
}
function compostFor(intake, facts) {
  const { place, compostShare, litresNow, litresWanted } = intake;
  if (place !== "in-place") return compostShare;
  const usable = litresNow * (1 - lossOf(facts, intake));
  const settling = settled(facts).settlingShare ?? DEFAULT_LIMITS.settlingShare;
  return shareInPlace(compostShare, usable, litresWanted, settling);
}
function aggregateShareOf({ practice }) {
  const share = aggregateHabit({ ...DEFAULT_SCHOOLS, ...practice.schools });
  return share === void 0 ? {} : { aggregateShare: share };
}
function earlierFeed({ doses, lot, asOf }, litresNow, site) {
  return feedLeftOf(doses, asOf, site).map((dose) => ({
    ...dose,
    gPerL: dose.gPerL * lot.contents.litres / litresNow
  }));
}
function wateringHabit(everyDays, crop, container, site) {
  if (everyDays === null) return void 0;
  const { place } = worstMonth(site);
  const { lossLPerDay, refillSuctionCm } = waterLostIn(
    crop,
    container,
    place,
    EXPOSURE_FACTORS[container.exposure]
  );
  return { everyDays, lossLPerDay, refillSuctionCm };
}
function sieved({ found }) {
  const share = found.find(({ kind }) => kind === "cleaning")?.numbers.lossShare;
  return share === void 0 ? {} : { sieveLossShare: share };
}
const MOST_SETTLING = 0.5;
function settled({ found }) {
  const share = found.find(({ kind }) => kind === "settling")?.numbers.settledShare;
  return share === void 0 ? {} : { settlingShare: Math.min(MOST_SETTLING, share) };
}
function lossOf(facts, intake) {
  return sieved(facts).sieveLossShare ?? intake.cleaningLossShare ?? cleaningLoss(intake.rootMass, DEFAULT_SCHOOLS);
}

const PERCENT = 100;
async function stockOf(db) {
  const caps = await listFindings(db, { kind: "cap" });
  const materials = (await listMaterials(db)).map((row) => {
    const found = mostFound(caps, row.material.id);
    return found.length > 0 ? { ...row, mostFound: found } : row;
  });
  const amendments = await listAmendments(db);
  return {
    materials: entered(
      materials,
      ({ material }) => material.group,
      ({ litres, pricePerLitre }) => litres > 0 || pricePerLitre !== null
    ),
    amendments: entered(
      amendments,
      ({ amendment }) => amendment.kind,
      ({ grams, pricePerKg }) => grams > 0 || pricePerKg !== null
    )
  };
}
function entered(rows, groupOf, isEntered) {
  const known = new Set(rows.filter(isEntered).map(groupOf));
  return rows.filter((row) => isEntered(row) || !known.has(groupOf(row)));
}
function mostFound(caps, materialId) {
  return caps.flatMap(
    ({ medium, cropId, maxPercent }) => medium.kind === "bag" && medium.materialId === materialId && maxPercent !== null ? [{ cropId, share: maxPercent / PERCENT }] : []
  );
}

export { wateringHabit as a, waterLostIn as b, cropInPot as c, settled as d, lossOf as e, earlierFeed as f, isTooFull as i, leachOldMix as l, notLeached as n, predictMix as p, recipeInput as r, stockOf as s, whyTipped as w };
