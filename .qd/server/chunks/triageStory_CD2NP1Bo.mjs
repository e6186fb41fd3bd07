import { P as PH_WEEKS, l as lotComponents, p as phAfterDoses } from './phOutcome_CK9jV_8z.mjs';
import { b_ as looseningEffect, b$ as wallEffect, c0 as EC_PER_SALT_INDEX, c1 as saltsReleased, av as convertEc, ay as blendEc, at as componentShares, c2 as materialDraws, c3 as rangeOf, $ as blendMedia, aw as blendPh, c4 as packedYield, ac as requireShape, c5 as DEFAULT_COMPOST_SHARE, ar as DEFAULT_LIMITS, c6 as blendedCurve, U as containerCapacity, c7 as nitrogenLeft, c8 as addMonths, c9 as triageOfLot, ca as inForce, bm as TRIAGE_VERDICTS, cb as treatmentsOf, cc as triageOptions } from './database_CmGvnzKd.mjs';
import { a as limeDose } from './limeDose_D78XuWgn.mjs';
import { D as DRIES_OUT_PAST, s as sulfurDose, g as groupOfCrop } from './groupOfCrop_E1frUvNE.mjs';
import { r as refeed, i as isNeverFed, n as nitrogenBudget, a as nitrogenSpanWeeks } from './nitrogenBudget_B8Lf_znj.mjs';
import { u as usableWater } from './usableWater_BivWjehH.mjs';
import { a as ageMedia } from './ageMedia_CoEq8njY.mjs';
import { D as DomainError } from './problem_BTADoVqZ.mjs';
import { a as requireObject, b as requireNumber, c as requireOneOf } from './rules_BOjb8_mp.mjs';
import { g as groupById } from './plantGroups_xC5VMRhW.mjs';
import { c as cropInPot, l as leachOldMix, n as notLeached, p as predictMix } from './stockOf_Cz_mLk4l.mjs';
import { r as roundLitres, a as roundGrams } from './rounding_DxPFcphE.mjs';
import { w as whyInput } from './why_5zXUPwGj.mjs';
import { d as dayAt } from './passphrase_DS02Zua_.mjs';

const HUMIFIED_FINES = {
  id: "humified-fines",
  name: "Humified fines",
  group: "breakdown product",
  bulkDensity: 0.45,
  totalPorosity: 0.78,
  interPorosity: 0.38,
  grainMm: 0.4,
  curve: { thetaS: 0.78, thetaR: 0.32, alpha: 0.05, n: 1.35 },
  ksCmPerS: 3e-3,
  decayPerYear: 0.08,
  pH: 6.4,
  limeBuffer: 2.6,
  freeLimeGPerL: 0,
  ec1to2: 0.6,
  cToN: 15,
  nPercentDry: 1.8,
  nReleaseSeason: 0.03,
  starterNMgPerL: 0,
  dustHazard: "low",
  peat: false,
  note: "What decomposed organic matter turns into"
};

function thresholdProportion({
  fine,
  coarse
}) {
  requireObject("The fine material", fine);
  requireObject("The coarse material", coarse);
  if (coarse.grainMm < fine.grainMm) {
    throw new DomainError("bad-argument", `${coarse.name} is finer than ${fine.name}.`);
  }
  if (coarse.grainMm === fine.grainMm) return null;
  const loosening = looseningEffect(fine.grainMm, coarse.grainMm);
  const wall = wallEffect(fine.grainMm, coarse.grainMm);
  const ratio = (1 - loosening) / ((1 - wall) * coarse.interPorosity);
  return ratio / (1 + ratio);
}

const STRENGTH_STEP = 25;
const EC_PER_SALT_INDEX_IN_WATER = 0.02;
function feedPlan({
  budget,
  mediaLitres,
  litresPerFeed,
  feedsPerWeek = 1,
  product,
  canLitres = 10,
  stopWeeksBeforeEnd = 2,
  maxMgNPerL = 200,
  targetCoverage = 0.95,
  waterEc = 0
}) {
  requireObject("The nitrogen budget", budget);
  requireObject("The product", product);
  requireNumber("The litres of media", mediaLitres, { above: 0 });
  requireNumber("The litres of feed", litresPerFeed, { above: 0 });
  requireNumber("The feeds a week", feedsPerWeek, { above: 0, max: 14 });
  requireNumber("The can in L", canLitres, { above: 0 });
  requireNumber("The weeks without feed at the end", stopWeeksBeforeEnd, { min: 0 });
  requireNumber("The strongest feed in mg N/L", maxMgNPerL, { min: STRENGTH_STEP });
  requireNumber("The coverage wanted", targetCoverage, { above: 0, max: 1 });
  requireNumber("The conductivity of the water", waterEc, { min: 0 });
  if (!(product.nPercent > 0)) {
    throw new DomainError("bad-argument", `${product.name} brings no nitrogen.`);
  }
  const startWeek = budget.firstShortWeek;
  const endWeek = budget.weeks.length - stopWeeksBeforeEnd;
  if (startWeek === null || startWeek > endWeek) {
    return {
      startWeek: null,
      endWeek: null,
      nMgPerL: 0,
      feeds: 0,
      gPerLitre: 0,
      gPerCan: 0,
      productG: 0,
      feedEc: waterEc,
      givenMgPerL: 0,
      coverageAfter: budget.coverage,
      reached: budget.coverage >= targetCoverage
    };
  }
  const weeksFed = endWeek - startWeek + 1;
  const perWeek = (nMgPerL2) => nMgPerL2 * litresPerFeed * feedsPerWeek / mediaLitres;
  const coverageWith = (nMgPerL2) => refeed(
    budget,
    budget.weeks.map(({ week }) => week >= startWeek && week <= endWeek ? perWeek(nMgPerL2) : 0)
  ).coverage;
  const strongest = STRENGTH_STEP * Math.floor(maxMgNPerL / STRENGTH_STEP + 1e-9);
  let nMgPerL = STRENGTH_STEP;
  while (nMgPerL < strongest && coverageWith(nMgPerL) < targetCoverage) nMgPerL += STRENGTH_STEP;
  const coverageAfter = coverageWith(nMgPerL);
  const gPerLitre = nMgPerL / (10 * product.nPercent);
  return {
    startWeek,
    endWeek,
    nMgPerL,
    feeds: Math.ceil(feedsPerWeek * weeksFed - 1e-9),
    gPerLitre,
    gPerCan: gPerLitre * canLitres,
    productG: gPerLitre * litresPerFeed * feedsPerWeek * weeksFed,
    feedEc: waterEc + EC_PER_SALT_INDEX_IN_WATER * product.saltIndex * gPerLitre,
    givenMgPerL: perWeek(nMgPerL) * weeksFed,
    coverageAfter,
    reached: coverageAfter >= targetCoverage
  };
}

const SALT_WEEKS = 4;
const SALT_TEMP_C = 20;
const DOSE_TOLERANCE_G_PER_L = 1e-6;
function fertilizerDose({
  fertilizer,
  targetCoverage = 0.95,
  ecCeilingSme,
  ...budgetInput
}) {
  requireObject("The fertilizer", fertilizer);
  requireObject("The crop", budgetInput.crop);
  requireNumber("The coverage wanted", targetCoverage, { above: 0, max: 1 });
  if (!(fertilizer.rateHighGPerL > 0) || !(fertilizer.nPercent > 0)) {
    throw new DomainError("bad-argument", `${fertilizer.name} is not a fertilizer to mix in.`);
  }
  const amendments = budgetInput.amendments ?? [];
  const labelGPerL = fertilizer.rateHighGPerL;
  const saltGPerL = saltLimit();
  const budgetWith = (gPerL) => nitrogenBudget({
    ...budgetInput,
    amendments: gPerL > 0 ? [...amendments, { amendment: fertilizer, gPerL }] : amendments
  });
  const before = budgetWith(0);
  const outcome = (limitedBy, gPerL) => {
    const after = gPerL > 0 ? budgetWith(gPerL) : before;
    return {
      gPerL,
      limitedBy,
      labelGPerL,
      saltGPerL,
      coverage: after.coverage,
      coverageBefore: before.coverage,
      firstShortWeek: after.firstShortWeek,
      missingMgPerL: after.missingMgPerL
    };
  };
  if (isNeverFed(budgetInput.crop)) return outcome("never-feed", 0);
  if (before.coverage >= targetCoverage) return outcome("none-needed", 0);
  const most = Math.min(labelGPerL, saltGPerL ?? Number.POSITIVE_INFINITY);
  if (budgetWith(most).coverage < targetCoverage) {
    return outcome(saltGPerL !== null && saltGPerL < labelGPerL ? "salt" : "label", most);
  }
  let low = 0;
  let high = most;
  while (high - low > DOSE_TOLERANCE_G_PER_L) {
    const middle = (low + high) / 2;
    if (budgetWith(middle).coverage < targetCoverage) low = middle;
    else high = middle;
  }
  return outcome("need", high);
  function saltLimit() {
    const perGram = EC_PER_SALT_INDEX * fertilizer.saltIndex * saltsReleased(fertilizer.releaseDays50, SALT_WEEKS, SALT_TEMP_C);
    if (!(perGram > 0)) return null;
    const ceiling = convertEc({
      value: ecCeilingSme ?? budgetInput.crop.ecMaxSme,
      from: "SME",
      to: "1:2"
    });
    const present = blendEc({
      components: budgetInput.components,
      volumeYield: budgetInput.volumeYield,
      amendments
    });
    return Math.max(0, (ceiling - present.ec1to2) / perGram);
  }
}

const DRAWS = 200;
function phWidth(components, seed = 1) {
  const present = components.filter((one) => one.parts > 0);
  const parts = componentShares(components).map(({ material, share }, index) => ({
    share,
    of: materialDraws(material, present[index]?.measured ?? {}, DRAWS, seed)
  }));
  const ph = Float64Array.from({ length: DRAWS }, (_, i) => {
    let [acidity, buffer] = [0, 0];
    for (const { share, of } of parts) {
      const weight = share * of.buffer[i];
      acidity += weight * of.ph[i];
      buffer += weight;
    }
    return acidity / buffer;
  });
  const { p10, p90 } = rangeOf(ph, new Float64Array(DRAWS).fill(1 / DRAWS));
  return p90 - p10;
}

function feedLeftIn({
  shares,
  volumeYield
}, lotFeed) {
  return lotFeed.map(({ amendment, gPerL }) => ({
    amendment,
    gPerL: gPerL * shares.lot / volumeYield
  }));
}

function listParts(batch, input, compost, fresh) {
  const rows = [
    ...startOf(input, batch.shares.lot),
    [compost?.material.id, "compost", batch.shares.compost],
    [batch.aggregate?.id, "aggregate", batch.shares.aggregate],
    [batch.holder?.id, "water-holding", batch.shares.holder],
    [fresh?.material.id, "fresh", batch.shares.fresh]
  ];
  return rows.flatMap(([id, role, share]) => {
    if (id === void 0 || share <= 1e-9) return [];
    const litres = share * batch.partLitres;
    return [{ id, role, litres, share, rounded: roundLitres(litres, input.measures) }];
  });
}
function startOf({ lot, base }, startShare) {
  if (lot) return [[lot.id, "lot", startShare]];
  return componentShares(base ?? []).map(({ material, share }) => [
    material.id,
    "fresh",
    share * startShare
  ]);
}
function listDoses(acidity, feeding, mixLitres, minerals) {
  const doses = [];
  if (acidity.stock && acidity.role && acidity.firstGPerL > 0) {
    const firstGrams = acidity.firstGPerL * mixLitres;
    const label = acidity.stock.amendment.rateHighGPerL;
    const bound = acidity.gPerL > acidity.firstGPerL || acidity.firstGPerL >= label - 1e-9;
    const rounded = roundGrams(firstGrams, bound);
    if (rounded.grams > 0) {
      doses.push({
        id: acidity.stock.amendment.id,
        role: acidity.role,
        gPerL: acidity.gPerL,
        apart: acidity.isApart,
        grams: acidity.gPerL * mixLitres,
        firstGrams,
        rounded
      });
    }
  }
  if (feeding.stock && feeding.dose && feeding.dose.gPerL > 0) {
    const grams = feeding.dose.gPerL * mixLitres;
    doses.push({
      id: feeding.stock.amendment.id,
      role: "fertilizer",
      gPerL: feeding.dose.gPerL,
      apart: false,
      grams,
      firstGrams: grams,
      rounded: roundGrams(grams, feeding.reason === "label" || feeding.reason === "salt")
    });
  }
  if (minerals) {
    const gPerL = minerals.amendment.rateLowGPerL;
    const grams = gPerL * mixLitres;
    doses.push({
      id: minerals.amendment.id,
      role: "mineral",
      gPerL,
      apart: false,
      grams,
      firstGrams: grams,
      rounded: roundGrams(grams, false)
    });
  }
  return doses;
}
function componentsAsMeasured(parts, old, input) {
  return parts.flatMap((part) => {
    if (part.role === "lot") {
      return old.map((component) => ({
        ...component,
        parts: component.parts * part.rounded.litres
      }));
    }
    const row = materialOf(part.id, input);
    return row ? [{ material: row, parts: part.rounded.litres }] : [];
  });
}
function materialOf(id, { stock, base = [] }) {
  return [...stock.materials, ...base].find(({ material }) => material.id === id)?.material;
}

function waterWanted({ everyDays, lossLPerDay }) {
  return everyDays / DRIES_OUT_PAST * lossLPerDay;
}
function daysOf(components, container, { lossLPerDay, refillSuctionCm }) {
  if (!(lossLPerDay > 0)) return null;
  const { curve } = blendMedia({ components });
  return usableWater({ curve, ...container, refillSuctionCm }) / lossLPerDay;
}

const EVENTUAL_MARGIN_PH = 0.3;
const TAPER_PH = 0.3;
const CAUSTIC_CCE = 1.2;
const SLOWEST_LIME_DAYS50 = 90;
function planAcidity(batch, crop, amendments, priceOf, phWidth) {
  const { ph } = blendPh(batch);
  if (ph >= crop.pHLow && ph <= crop.pHHigh) return noCorrection("inside-band", null);
  return ph < crop.pHLow ? planLime(batch, crop, pickLime(amendments, priceOf), phWidth) : planSulfur(batch, crop, pickSulfur(amendments, priceOf), phWidth);
}
function pickLime(amendments, priceOf) {
  const limes = amendments.filter(
    ({ amendment }) => amendment.kind === "liming" && amendment.cce > 0 && amendment.nPercent === 0 && amendment.rateHighGPerL > 0 && amendment.releaseDays50 <= SLOWEST_LIME_DAYS50
  );
  return cheapest(
    limes.filter((one) => !actsApart(one)),
    priceOf
  ) ?? cheapest(limes, priceOf);
}
function pickSulfur(amendments, priceOf) {
  return cheapest(
    amendments.filter(({ amendment }) => amendment.cce < -1 && amendment.rateHighGPerL > 0),
    priceOf
  );
}
function actsApart({ amendment }) {
  return amendment.cce > CAUSTIC_CCE || amendment.k2oPercent > 0;
}
function planLime(batch, crop, stock, phWidth) {
  const target = crop.limeHater ? crop.pHLow : crop.pHLow + TAPER_PH;
  if (!stock) return noCorrection("nothing-in-stock", "lime");
  const { ph, buffer, freeLimeGPerL } = blendPh(batch);
  const material = stock.amendment;
  const given = { ph, buffer, freeLimeGPerL, material, weeks: PH_WEEKS };
  const { neededGPerL, reactiveShare } = limeDose({ ...given, target });
  const plan = { stock, role: "lime", targetPh: target, reactiveShare };
  const isApart = actsApart(stock);
  if (neededGPerL === 0) return { ...plan, ...nothing("free-lime-enough") };
  const tapered = neededGPerL * ramp(crop.pHLow - ph);
  const sure = surety(target - ph, phWidth);
  const portion = inPortions(tapered * sure, material.rateHighGPerL);
  const bearable = ((crop.pHHigh + EVENTUAL_MARGIN_PH - ph) * buffer - freeLimeGPerL) / material.cce;
  const toBand = ((crop.pHLow - ph) * buffer - 0.5 * freeLimeGPerL) / (material.cce * reactiveShare);
  const most = Math.max(0, bearable, toBand * sure);
  const ifSureGPerL = sure < 1 ? Math.min(tapered, Math.max(0, bearable, toBand)) : null;
  if (portion.firstGPerL > most + 1e-9) {
    return { ...plan, isApart, ifSureGPerL, reason: "lime-cut", gPerL: most, firstGPerL: most };
  }
  const reason = sure === 0 ? "test-first" : portion.reason;
  return { ...plan, ...portion, isApart, ifSureGPerL, reason };
}
function planSulfur(batch, crop, stock, phWidth) {
  const target = crop.pHHigh - TAPER_PH;
  if (!stock) return noCorrection("nothing-in-stock", "sulfur");
  const { ph, buffer, freeLimeGPerL } = blendPh(batch);
  const material = stock.amendment;
  const dose = sulfurDose({ ph, target, buffer, freeLimeGPerL, weeks: PH_WEEKS, material });
  const plan = {
    stock,
    role: "sulfur",
    targetPh: target,
    reactiveShare: dose.reactiveShare
  };
  if (!dose.reachable || dose.gPerL === 0) return { ...plan, ...nothing(dose.reason) };
  const tapered = dose.gPerL * ramp(ph - crop.pHHigh);
  const sure = surety(ph - target, phWidth);
  const portion = inPortions(tapered * sure, material.rateHighGPerL);
  const reason = sure === 0 ? "test-first" : portion.reason;
  return { ...plan, ...portion, isApart: false, ifSureGPerL: sure < 1 ? tapered : null, reason };
}
function ramp(outsidePh) {
  return Math.min(1, Math.max(0, outsidePh / TAPER_PH));
}
function surety(correctionPh, phWidth) {
  return phWidth > 0 ? ramp(correctionPh - phWidth) : 1;
}
function inPortions(neededGPerL, rateHighGPerL) {
  if (neededGPerL > 2 * rateHighGPerL) {
    return { gPerL: rateHighGPerL, firstGPerL: rateHighGPerL, reason: "too-weak" };
  }
  const firstGPerL = neededGPerL > rateHighGPerL ? neededGPerL / 2 : neededGPerL;
  return { gPerL: neededGPerL, firstGPerL, reason: "needed" };
}
function cheapest(stock, priceOf) {
  const perUnit = (row) => priceOf(row) / Math.abs(row.amendment.cce);
  return [...stock].sort((a, b) => perUnit(a) - perUnit(b))[0] ?? null;
}
function nothing(reason) {
  return { reason, gPerL: 0, firstGPerL: 0, isApart: false, ifSureGPerL: null };
}
function noCorrection(reason, role) {
  return { ...nothing(reason), stock: null, role, targetPh: null, reactiveShare: 0 };
}

function fillBatch(sources, wanted) {
  const { limits } = sources;
  const aggregate = wanted.aggregate?.share ?? 0;
  const holder = wanted.holder?.share ?? 0;
  const open = 1 - aggregate - holder;
  const maxFresh = sources.fresh ? limits.maxFreshShare : 0;
  const yieldOf = yieldsOf(sources, wanted);
  let compost = wanted.compost;
  let fresh = settle(wanted.freshAtLeast, (share) => {
    const partLitres2 = sources.mixLitres / yieldOf(compost, share);
    return Math.max(wanted.freshAtLeast, open - compost - sources.usableLitres / partLitres2);
  });
  if (fresh > maxFresh) {
    fresh = maxFresh;
    const mostCompost = compost > 0 ? Math.max(compost, limits.maxCompostShare) : compost;
    compost = settle(compost, (share) => {
      const partLitres2 = sources.mixLitres / yieldOf(share, fresh);
      const missing = open - fresh - sources.usableLitres / partLitres2;
      return Math.max(wanted.compost, Math.min(mostCompost, missing));
    });
  }
  const components = componentsOf(sources, wanted, compost, fresh);
  const yieldOfMix = yieldOf(compost, fresh);
  const lot = Math.max(0, open - compost - fresh);
  const enough = sources.mixLitres / yieldOfMix;
  const partLitres = lot > 0 ? Math.min(enough, sources.usableLitres / lot) : enough;
  return {
    components,
    volumeYield: yieldOfMix,
    partLitres,
    shares: { lot, compost, aggregate, holder, fresh },
    aggregate: aggregate > 0 ? wanted.aggregate?.material ?? null : null,
    holder: holder > 0 ? wanted.holder?.material ?? null : null
  };
}
const SETTLED = 1e-13;
const SECANT_STEPS = 12;
function settle(start, next) {
  let before = start;
  let changeBefore = next(before) - before;
  let share = before + changeBefore;
  if (Math.abs(changeBefore) < SETTLED) return share;
  for (let round = 0; round < 100; round++) {
    const change = next(share) - share;
    if (Math.abs(change) < SETTLED) return share + change;
    const slope = (change - changeBefore) / (share - before);
    const isSteady = round < SECANT_STEPS && Number.isFinite(slope) && slope < -0.1;
    before = share;
    changeBefore = change;
    share = isSteady ? share - change / slope : share + change;
  }
  return share;
}
function yieldsOf({ lot, compost: compostMaterial, fresh: freshMaterial }, { aggregate, holder }) {
  const grains = [];
  const add = (material, share) => {
    const { grainMm = 1, interPorosity = 0 } = material ?? {};
    grains.push({ sizeMm: grainMm, interPorosity, share: material ? share : 0 });
  };
  for (const { material } of lot) add(material, 0);
  const compostAt = grains.length;
  add(compostMaterial, 0);
  const freshAt = grains.length;
  add(freshMaterial, 0);
  add(aggregate?.material, aggregate?.share ?? 0);
  add(holder?.material, holder?.share ?? 0);
  const set = (at, share) => {
    const grain = grains[at];
    if (grain) grain.share = share;
  };
  const added = (aggregate?.share ?? 0) + (holder?.share ?? 0);
  return (compost, fresh) => {
    const lotShare = lotShareOf(compost, fresh, aggregate, holder);
    const compostThere = compostMaterial ? compost : 0;
    const freshThere = freshMaterial ? fresh : 0;
    let lotTotal = 0;
    for (const { parts } of lot) lotTotal += parts;
    const total = lotShare * lotTotal + compostThere + freshThere + added;
    for (let at = 0; at < lot.length; at++) {
      set(at, lot[at].parts * lotShare / total);
    }
    set(compostAt, compostThere / total);
    set(freshAt, freshThere / total);
    if (aggregate) set(freshAt + 1, aggregate.share / total);
    if (holder) set(freshAt + 2, holder.share / total);
    return packedYield(grains);
  };
}
function componentsOf(sources, { aggregate, holder }, compost, fresh) {
  const lotShare = lotShareOf(compost, fresh, aggregate, holder);
  const added = [
    [sources.compost, compost],
    [aggregate?.material, aggregate?.share ?? 0],
    [holder?.material, holder?.share ?? 0],
    [sources.fresh, fresh]
  ];
  return [
    ...sources.lot.map((component) => ({ ...component, parts: component.parts * lotShare })),
    ...added.flatMap(([material, parts]) => material && parts > 0 ? [{ material, parts }] : [])
  ];
}
function lotShareOf(compost, fresh, aggregate, holder) {
  return Math.max(0, 1 - compost - fresh - (aggregate?.share ?? 0) - (holder?.share ?? 0));
}

const STEP = 0.05;
const RICHEST_SUPPLY = 1.2;
const ABOVE_BAND_PH = 0.3;
const SALT_ROOM = 0.8;
function compostBan({ pH, freeLimeGPerL }, { limeHater, pHHigh }) {
  if (limeHater && freeLimeGPerL > 0) return "lime-hater";
  return pH > pHHigh + ABOVE_BAND_PH ? "ph" : null;
}
function compostShare(sources, crop, school, season, lotFeed = []) {
  const { compost } = sources;
  if (!compost) return { share: 0, reason: "none-in-stock" };
  const ban = compostBan(compost, crop);
  if (ban) return { share: 0, reason: ban };
  const batchWith = (share2) => fillBatch(sources, { compost: share2, aggregate: null, freshAtLeast: 0 });
  let share = school;
  let reason = "school";
  while (share > 0) {
    const batch = batchWith(share);
    const lower = Math.max(0, Math.round((share - STEP) * 1e6) / 1e6);
    const ecSme = ecSmeOf(batch);
    const salty = ecSme > SALT_ROOM * crop.ecMaxSme && ecSmeOf(batchWith(lower)) < ecSme;
    if (!salty && nitrogenSupplyRatio(batch, crop, season, lotFeed) <= RICHEST_SUPPLY) break;
    reason = salty ? "salt" : "rich";
    share = lower;
  }
  return { share, reason };
}
function ecSmeOf({ components, volumeYield }) {
  return blendEc({ components, volumeYield }).ecSme;
}
function nitrogenSupplyRatio(batch, crop, season, lotFeed) {
  const { components, volumeYield } = batch;
  const budget = nitrogenBudget({
    components,
    volumeYield,
    feedLeft: feedLeftIn(batch, lotFeed),
    crop,
    weeks: season?.weeks,
    weeklyMeanTempC: season?.weeklyMeanTempC
  });
  if (!(budget.demandMgPerL > 0)) return 0;
  const given = budget.initialMgPerL + budget.releasedMgPerL - budget.immobilisedMgPerL;
  return given / budget.demandMgPerL;
}
function heldByTrial(compost, { isHeldByTrial }) {
  return isHeldByTrial && compost.reason === "school" ? { ...compost, reason: "found" } : compost;
}

const WOODIEST_C_TO_N = 150;
const LIME_HATER_MAX_PH$1 = 7.5;
const NEAR_CHEAPEST = 1.2;
function pickFresh(materials, crop, limits, priceOf) {
  const outsideBand = ({ material }) => Math.max(0, crop.pHLow - material.pH, material.pH - crop.pHHigh);
  const isLimed = ({ material }) => crop.limeHater && !isAcidFor(material, crop) ? 1 : 0;
  return materials.filter(({ material }) => material.group === "bagged mix").filter(({ material }) => !limits.peatFree || !material.peat).sort(
    (a, b) => isLimed(a) - isLimed(b) || outsideBand(a) - outsideBand(b) || priceOf(a.material.id) - priceOf(b.material.id)
  )[0] ?? null;
}
function pickMinerals(amendments, perKgOf) {
  const perLitre = (row) => perKgOf(row) * row.amendment.rateLowGPerL;
  return amendments.filter(({ amendment }) => amendment.kind === "trace minerals" && amendment.rateLowGPerL > 0).sort((a, b) => perLitre(a) - perLitre(b))[0] ?? null;
}
function isAcidFor({ pH }, { pHLow, pHHigh }) {
  return pH <= (pHLow + pHHigh) / 2;
}
function pickCompost(materials, crop, priceOf) {
  const composts = materials.filter(({ material }) => material.group === "compost");
  const bearable = composts.filter(({ material }) => compostBan(material, crop) === null);
  const from = bearable.length > 0 ? bearable : composts;
  const cheapest = Math.min(...from.map(({ material }) => priceOf(material.id)));
  const richest = crop.feeder === "light" ? -1 : 1;
  return from.filter(({ material }) => priceOf(material.id) <= NEAR_CHEAPEST * cheapest + 1e-12).sort(
    (a, b) => richest * (nitrogenOf(b.material) - nitrogenOf(a.material)) || priceOf(a.material.id) - priceOf(b.material.id)
  )[0] ?? null;
}
function nitrogenOf({ bulkDensity, nPercentDry, nReleaseSeason }) {
  return 10 * bulkDensity * nPercentDry * nReleaseSeason;
}
function aggregateCandidates(materials, crop) {
  return materials.filter(({ material }) => {
    const opens = material.group === "aggregate" || material.group === "coarse organic";
    const woody = material.group === "coarse organic" && material.cToN > WOODIEST_C_TO_N;
    const limey = crop.limeHater && (material.pH > LIME_HATER_MAX_PH$1 || material.freeLimeGPerL > 0);
    return opens && !woody && !limey;
  });
}

const HALVINGS = 20;
function acidMixShare(sources, crop, compost) {
  const { fresh, limits } = sources;
  if (!crop.limeHater || !fresh || !isAcidFor(fresh, crop)) return 0;
  const phWith = (freshAtLeast) => blendPh(fillBatch(sources, { compost, aggregate: null, freshAtLeast })).ph;
  const most = Math.min(limits.maxFreshShare, 1 - compost);
  const now = phWith(0);
  if (now <= crop.pHHigh || phWith(most) >= now) return 0;
  if (phWith(most) > crop.pHHigh) return most;
  let [low, high] = [0, most];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (phWith(middle) > crop.pHHigh) low = middle;
    else high = middle;
  }
  return high;
}

const LOW_END_MARGIN = 0.02;
const SHORT_BY = 0.015;
const OVER_BY = 0.03;
const TOO_HEAVY_BY_KG = 0.02;
const SHARE_WEIGHT = 0.5;
const DRY_WEIGHT = 10;
const MINERAL_CREDIT = 0.3;
const LONG_STAY_WEEKS = 40;
function aggregateScore({ lowAir, highAir, loss, weeksInPot, freshPrice, maxKgPerL, waterWanted }, aggregate, { air, share, costPerL, kgPerLWet, usableLitres, holderShare }) {
  const short = Math.max(0, lowAir + LOW_END_MARGIN + loss - air) / SHORT_BY;
  const over = Math.max(0, air - highAir) / OVER_BY;
  const heavy = maxKgPerL === null ? 0 : Math.max(0, kgPerLWet - maxKgPerL) / TOO_HEAVY_BY_KG;
  const money = freshPrice === null ? 0 : costPerL / freshPrice;
  const dry = waterWanted > 0 ? Math.max(0, 1 - usableLitres / waterWanted) : 0;
  return short ** 2 + over ** 2 + heavy ** 2 + DRY_WEIGHT * dry ** 2 + weightOf(aggregate, weeksInPot) * share + SHARE_WEIGHT * holderShare + money;
}
function weightOf(aggregate, weeksInPot) {
  const lasts = aggregate?.decayPerYear === 0 && weeksInPot > LONG_STAY_WEEKS;
  return SHARE_WEIGHT - (lasts ? MINERAL_CREDIT : 0);
}
function mostAggregate({ kind }, usual) {
  if (kind === "epiphyte") return 0.8;
  if (kind === "succulent") return 0.65;
  return usual;
}

function checkRecipeInput(input) {
  requireObject("The recipe", input);
  requireNumber("The litres wanted", input.litresWanted, { above: 0, max: 1e5 });
  requireObject("The container", input.container);
  requireShape(input.container.shape);
  requireNumber("The fill height in cm", input.container.fillHeightCm, {
    above: 0,
    max: input.container.shape.heightCm
  });
  requireObject("The crop", input.crop);
  requireObject("The school", input.school);
  requireOneOf("The kind of feed", input.school.feed, ["organic", "coated", "soluble"]);
  requireNumber("The compost share", input.school.compostShare ?? DEFAULT_COMPOST_SHARE, {
    min: 0,
    max: 0.9
  });
  requireObject("The stock", input.stock);
  const limits = {
    ...DEFAULT_LIMITS,
    maxAggregateShare: mostAggregate(input.crop, DEFAULT_LIMITS.maxAggregateShare),
    ...input.limits
  };
  requireNumber("The settling share", limits.settlingShare, { min: 0, below: 0.9 });
  requireNumber("The share lost in cleaning", limits.cleaningLossShare, { min: 0, below: 1 });
  if (input.school.aggregateShare !== void 0) {
    requireNumber("The aggregate share", input.school.aggregateShare, { min: 0, max: 0.9 });
  }
  for (const key of ["maxCompostShare", "maxAggregateShare", "maxFreshShare"]) {
    requireNumber(`The limit ${key}`, limits[key], { min: 0, max: 0.95 });
  }
  if (input.watering) {
    const { everyDays, lossLPerDay, refillSuctionCm } = input.watering;
    requireNumber("The days between waterings", everyDays, { above: 0, max: 365 });
    requireNumber("The water lost in L a day", lossLPerDay, { min: 0, max: 1e4 });
    requireNumber("The refill suction in cm", refillSuctionCm, { above: 0, max: 15e3 });
  }
  if (!input.lot && !input.base) {
    throw new DomainError("too-few", "Choose a lot to recondition, or a base to start from.");
  }
  if (input.lot) {
    requireMeasured(input.lot.measured ?? {});
    requireNumber("The litres of the lot", input.lot.litres, { above: 0, max: 1e5 });
    if (input.crop.freshOnly) {
      const group = groupOfCrop(input.crop);
      throw new DomainError(
        "unsuitable",
        `${input.crop.name} does not grow in used mix: not from this lot. Make a fresh mix for it from its plant group’s own start.`,
        { field: "crop", plantGroup: group, startsFrom: groupById(group)?.starts ?? [] }
      );
    }
    if (input.crop.kind === "seedling" && input.lot.triage?.forSeedlings === false) {
      throw new DomainError(
        "unsuitable",
        "What was found in this lot harms seedlings: not from this lot. Make a fresh mix for them from their plant group’s own start.",
        {
          field: "crop",
          plantGroup: "seedlings",
          startsFrom: groupById("seedlings")?.starts ?? []
        }
      );
    }
    const verdict = input.lot.triage?.verdict;
    if (verdict === "compost" || verdict === "discard") {
      throw new DomainError("bad-argument", "This lot was given up: it gets no recipe.", {
        verdict
      });
    }
  }
  return limits;
}
function requireMeasured(measured) {
  const { airFraction, columnShape, fillHeightCm, totalPorosity, ksCmPerS, sieveLossShare } = measured;
  if (airFraction !== void 0) {
    requireNumber("The air measured", airFraction, { above: 0, below: 0.98 });
    requireObject("The column of the test", columnShape);
    requireShape(columnShape);
    requireNumber("The fill height of the test in cm", fillHeightCm, { above: 0, max: 500 });
  }
  if (totalPorosity !== void 0) {
    requireNumber("The pores measured", totalPorosity, { above: airFraction ?? 0.05, below: 0.99 });
  }
  if (ksCmPerS !== void 0) requireNumber("The conductivity measured", ksCmPerS, { above: 0 });
  if (sieveLossShare !== void 0) {
    requireNumber("The share held back by the sieve", sieveLossShare, { min: 0, below: 1 });
  }
}

function pricePerLitreOf(materials) {
  const byId = new Map(materials.map((row) => [row.material.id, row]));
  const known = (rows) => rows.flatMap((row) => row.pricePerLitre ?? []);
  const all = median(known(materials)) ?? 0;
  return (id) => {
    const row = id === void 0 ? void 0 : byId.get(id);
    if (!row) return 0;
    if (row.pricePerLitre !== null) return row.pricePerLitre;
    const kind = materials.filter(({ material }) => material.group === row.material.group);
    return median(known(kind)) ?? all;
  };
}
function pricePerKgOf(amendments) {
  const known = (rows) => rows.flatMap((row) => row.pricePerKg ?? []);
  const all = median(known(amendments)) ?? 0;
  return ({ amendment, pricePerKg }) => pricePerKg ?? median(known(amendments.filter((row) => row.amendment.kind === amendment.kind))) ?? all;
}
function freshMixPrice(materials, fresh) {
  const above = (price) => price && price > 0 ? price : null;
  const known = (rows) => rows.flatMap((row) => above(row.pricePerLitre) ?? []);
  return above(fresh?.pricePerLitre) ?? median(known(materials.filter(({ material }) => material.group === "bagged mix"))) ?? median(known(materials));
}
function median(values) {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length / 2;
  if (sorted.length === 0) return null;
  return Number.isInteger(middle) ? (sorted[middle - 1] + sorted[middle]) / 2 : sorted[Math.floor(middle)];
}

const USUAL_TEMP_C = 20;
function oldMix({ lot, base }) {
  if (lot) return lotComponents(lot.components, lot.measured);
  return componentShares(base ?? []).map(({ material, share }) => ({ material, parts: share }));
}
function unplanted({ lot }) {
  return lot === null || lot.neverPlanted === true;
}
function basePrice({ base }, priceOf) {
  return componentShares(base ?? []).reduce(
    (sum, { material, share }) => sum + share * priceOf(material.id),
    0
  );
}
function meanTempC(weekly, crop) {
  if (weekly === void 0) return USUAL_TEMP_C;
  if (typeof weekly === "number") return weekly;
  const weeks = weekly.slice(0, Math.ceil(nitrogenSpanWeeks(crop)));
  return weeks.length > 0 ? weeks.reduce((sum, tempC) => sum + tempC, 0) / weeks.length : USUAL_TEMP_C;
}

function recipeSetting(input, washes = true) {
  const asked = checkRecipeInput(input);
  const { container, litresWanted, season, stock } = input;
  const crop = cropInPot(input.crop, container);
  const priceOf = pricePerLitreOf(stock.materials);
  const old = oldMix(input);
  const leached = washes ? leachOldMix(old, crop, container, season?.waterEc) : notLeached(old);
  const usableLitres = input.lot ? input.lot.litres * (1 - (input.lot.measured?.sieveLossShare ?? asked.cleaningLossShare)) : Number.POSITIVE_INFINITY;
  const fresh = pickFresh(stock.materials, crop, asked, priceOf);
  const compost = pickCompost(stock.materials, crop, priceOf);
  const school = input.school.compostShare ?? DEFAULT_COMPOST_SHARE;
  const found = mostFoundFor(compost, input.crop);
  const limits = { ...asked, maxCompostShare: Math.min(asked.maxCompostShare, found) };
  return {
    input,
    limits,
    crop,
    priceOf,
    perKgOf: pricePerKgOf(stock.amendments),
    leached,
    lotFeed: input.lot?.feedLeft ?? [],
    usableLitres,
    school,
    isHeldByTrial: found < Math.min(school, asked.maxCompostShare),
    fresh,
    compost,
    sources: {
      lot: leached.components,
      usableLitres,
      lotPricePerLitre: input.lot ? 0 : basePrice(input, priceOf),
      mixLitres: litresWanted / (1 - limits.settlingShare),
      compost: compost?.material ?? null,
      fresh: fresh?.material ?? null,
      limits
    }
  };
}
function mostFoundFor(stock, { id }) {
  const found = (stock?.mostFound ?? []).filter(({ cropId }) => cropId === null || cropId === id);
  return Math.min(1, ...found.map(({ share }) => share));
}

const LONGEST_AGEING_WEEKS = 30;
const MONTHS_PER_WEEK = 12 / 52.1775;
class MixTrials {
  constructor(setting) {
    this.setting = setting;
  }
  known = /* @__PURE__ */ new Map();
  losses = /* @__PURE__ */ new Map();
  /** A mix with so much of an aggregate, kept: the same shares are asked for again beside the recipe. */
  at(shares, stock, share) {
    const id = share > 0 ? stock?.material.id ?? "" : "";
    const { holder } = shares;
    const held = holder ? `${holder.material.id} ${holder.share}` : "";
    const key = `${shares.compost} ${shares.freshAtLeast} ${id} ${held}`;
    const kept = this.known.get(key) ?? /* @__PURE__ */ new Map();
    this.known.set(key, kept);
    const before = kept.get(share);
    if (before) return { ...before, stock };
    const tried = this.workOut(shares, stock, share);
    kept.set(share, tried);
    return tried;
  }
  workOut(shares, stock, share) {
    const wanted = stock ? withAggregate(shares, stock, share) : shares;
    const { crop, container, priceOf, freshPrice, sources, watering } = this.setting;
    const { components, volumeYield, shares: of } = fillBatch(sources, wanted);
    const bare = bareShares(components);
    const curve = blendedCurve(bare, volumeYield);
    const { airFraction, waterFraction } = containerCapacity({ curve, ...container });
    const dry = bare.reduce((sum, one) => sum + one.share * one.material.bulkDensity, 0);
    const { limits, lotPricePerLitre } = sources;
    const perPart = of.lot * lotPricePerLitre + of.compost * priceOf(sources.compost?.id) + of.aggregate * priceOf(stock?.material.id) + of.holder * priceOf(wanted.holder?.material.id) + of.fresh * priceOf(sources.fresh?.id);
    const setting = {
      lowAir: crop.airMinPercent / 100,
      highAir: crop.airMaxPercent / 100,
      loss: this.lossOf(shares),
      weeksInPot: crop.weeksInPot,
      freshPrice,
      maxKgPerL: limits.maxKgPerL ?? null,
      waterWanted: watering ? waterWanted(watering) : 0
    };
    const usableLitres = watering ? usableWater({ curve, ...container, refillSuctionCm: watering.refillSuctionCm }) : 0;
    const score = aggregateScore(setting, stock?.material ?? null, {
      air: airFraction,
      share,
      costPerL: perPart / (volumeYield * (1 - limits.settlingShare)),
      kgPerLWet: dry / volumeYield + waterFraction,
      usableLitres,
      holderShare: of.holder
    });
    return { stock, share, air: airFraction, usableLitres, score };
  }
  /** Air that ageing takes from the batch without aggregate over the crop's weeks. */
  lossOf(shares) {
    const key = `${shares.compost} ${shares.freshAtLeast}`;
    const known = this.losses.get(key);
    if (known !== void 0) return known;
    const { sources, container, crop, meanTempC, humifiedFines } = this.setting;
    const { components } = fillBatch(sources, { ...shares, aggregate: null, holder: null });
    const air = (curve) => containerCapacity({ curve, ...container }).airFraction;
    const months = Math.min(LONGEST_AGEING_WEEKS, crop.weeksInPot) * MONTHS_PER_WEEK;
    const aged = ageMedia({ components, months, meanTempC, humifiedFines });
    const loss = Math.max(0, air(blendMedia({ components }).curve) - air(aged.curve));
    this.losses.set(key, loss);
    return loss;
  }
}
function withAggregate(shares, stock, share) {
  return { ...shares, aggregate: share > 0 ? { material: stock.material, share } : null };
}
function bareShares(components) {
  let total = 0;
  for (const { parts } of components) total += parts;
  return components.map(({ material, parts }) => ({ material, share: parts / total }));
}

const SCAN_STEP = 0.035;
const DIP = 0.4;
const REFINED_TO$1 = 5e-4;
const GOLDEN$1 = 0.5 * (Math.sqrt(5) - 1);
const PATH_STEP = 0.01;
const REACHED = 1e-9;
const LEAST_SHARE$1 = 5e-3;
class AggregateSearch {
  constructor(setting) {
    this.setting = setting;
    this.lowAir = setting.crop.airMinPercent / 100;
    this.trials = new MixTrials(setting);
  }
  lowAir;
  trials;
  choose(compost) {
    const { freshAtLeast } = this.setting;
    const first = { compost, aggregate: null, freshAtLeast };
    const found = this.least(first);
    if (this.reaches(found)) return this.outcome(first, found, compost);
    const path = this.path(compost);
    const last = path.at(-1) ?? first;
    const isOpen = (step) => this.canReach(path[step] ?? last);
    if (path.length > 0 && isOpen(path.length - 1)) {
      let [closed, open] = [-1, path.length - 1];
      while (open - closed > 1) {
        const middle = Math.floor((open + closed) / 2);
        if (isOpen(middle)) open = middle;
        else closed = middle;
      }
      const shares = path[open] ?? last;
      return this.outcome(shares, this.least(shares), compost);
    }
    const ends = [
      first,
      { ...first, compost: 0 },
      { ...first, freshAtLeast: Math.max(freshAtLeast, this.mostFresh() / 2) },
      { ...first, freshAtLeast: Math.max(freshAtLeast, this.mostFresh()) },
      last
    ].filter((shares) => shares.compost + shares.freshAtLeast <= 1);
    const tried = ends.map((shares) => ({ shares, best: this.least(shares) }));
    const best = tried.reduce((least, one) => one.best.score < least.best.score ? one : least);
    return this.outcome(best.shares, best.best, compost);
  }
  /** What each aggregate does beside the same compost and fresh mix: for the comparison beside the recipe. */
  options(shares) {
    const plain = { ...shares, aggregate: null };
    const without = this.trials.at(plain, null, 0);
    const scanned = this.setting.candidates.map((stock) => ({
      stock,
      near: this.scan(plain, stock, Number.POSITIVE_INFINITY)
    }));
    const least = Math.min(...scanned.map(({ near }) => near.score));
    return scanned.map(({ stock, near }) => {
      const best = near.score <= least + DIP ? this.refined(plain, stock, near) : near;
      const reaches = this.reaches(best);
      const most = reaches ? best : this.airiest(plain, stock);
      const batch = fillBatch(this.setting.sources, withAggregate(plain, stock, best.share));
      return {
        id: stock.material.id,
        airPerTenth: this.trials.at(plain, stock, 0.1).air - without.air,
        share: reaches ? best.share : null,
        bestAir: most.air,
        cost: best.share * batch.partLitres * (stock.pricePerLitre ?? 0),
        score: best.score
      };
    });
  }
  /** Air against the share of one aggregate, from none to the most. */
  curve(shares, stock) {
    const plain = { ...shares, aggregate: null };
    const most = this.roomFor(plain);
    return Array.from({ length: 15 }, (_, step) => {
      const share = step / 14 * most;
      return { share, air: this.trials.at(plain, stock, share).air };
    });
  }
  outcome(shares, best, compost) {
    const worth = best.stock && best.share >= LEAST_SHARE$1;
    const wanted = worth ? withAggregate(shares, best.stock, best.share) : shares;
    const loss = this.trials.lossOf(shares);
    return {
      batch: fillBatch(this.setting.sources, wanted),
      shares,
      reach: !this.reaches(best) ? "short" : best.air >= this.lowAir + loss ? "lasting" : "low",
      compostLowered: shares.compost < compost - 1e-9,
      freshRaised: shares.freshAtLeast > this.setting.freshAtLeast + 1e-9,
      loss,
      score: best.score
    };
  }
  reaches({ air }) {
    return air >= this.lowAir - REACHED;
  }
  /** First less compost, down to none; then more fresh mix, up to the most. */
  path(compost) {
    const { freshAtLeast } = this.setting;
    const path = [];
    for (let less = PATH_STEP; less < compost + PATH_STEP - 1e-9; less += PATH_STEP) {
      path.push({ compost: Math.max(0, compost - less), aggregate: null, freshAtLeast });
    }
    for (let more = PATH_STEP; freshAtLeast + more <= this.mostFresh() + 1e-9; more += PATH_STEP) {
      const raised = Math.min(this.mostFresh(), freshAtLeast + more);
      path.push({ compost: 0, aggregate: null, freshAtLeast: raised });
    }
    return path;
  }
  mostFresh() {
    const { fresh, limits } = this.setting.sources;
    return fresh ? limits.maxFreshShare : 0;
  }
  roomFor({ compost, freshAtLeast, holder }) {
    return Math.max(
      0,
      Math.min(
        this.setting.sources.limits.maxAggregateShare,
        1 - compost - freshAtLeast - (holder?.share ?? 0)
      )
    );
  }
  /** A mix with just so much of an aggregate. */
  withShare(shares, stock, share) {
    return this.trials.at(shares, stock, share);
  }
  /** The least score of all kinds and shares. */
  least(shares, from = this.setting.candidates) {
    const none = this.trials.at(shares, null, 0);
    const candidates = from.filter(({ material }) => material !== shares.holder?.material);
    const { fixedShare } = this.setting;
    if (candidates.length === 0) return none;
    if (fixedShare !== null) {
      const share = Math.min(fixedShare, 1 - shares.compost - shares.freshAtLeast);
      return candidates.map((stock) => this.trials.at(shares, stock, share)).reduce(lesser);
    }
    let best = none;
    const coarse = candidates.map((stock) => {
      const found = this.scan(shares, stock, best.score);
      best = lesser(best, found);
      return found;
    });
    const near = coarse.filter(({ score }) => score <= best.score + DIP).sort((a, b) => a.score - b.score);
    for (const found of near) {
      if (found.stock) best = lesser(best, this.refined(shares, found.stock, found));
    }
    return best;
  }
  /** The best of the scanned shares of one aggregate; shares that cost more than the best so far are passed over. */
  scan(shares, stock, sofar) {
    const room = this.roomFor(shares);
    const weight = weightOf(stock.material, this.setting.crop.weeksInPot);
    let best = this.trials.at(shares, stock, 0);
    const steps = Math.ceil(room / SCAN_STEP - 1e-9);
    for (let step = 1; step <= steps; step++) {
      const share = Math.min(room, step * SCAN_STEP);
      if (weight * share > Math.min(best.score, sofar) + DIP) break;
      best = lesser(best, this.trials.at(shares, stock, share));
    }
    return best;
  }
  /** Golden sections around a scanned share. */
  refined(shares, stock, near) {
    let low = Math.max(0, near.share - SCAN_STEP);
    let high = Math.min(this.roomFor(shares), near.share + SCAN_STEP);
    if (!(high > low)) return near;
    let a = this.trials.at(shares, stock, high - GOLDEN$1 * (high - low));
    let b = this.trials.at(shares, stock, low + GOLDEN$1 * (high - low));
    while (high - low > REFINED_TO$1) {
      if (a.score <= b.score) {
        high = b.share;
        b = a;
        a = this.trials.at(shares, stock, high - GOLDEN$1 * (high - low));
      } else {
        low = a.share;
        a = b;
        b = this.trials.at(shares, stock, low + GOLDEN$1 * (high - low));
      }
    }
    return [a, b].reduce(lesser, near);
  }
  airiest(shares, stock) {
    const room = this.roomFor(shares);
    return Array.from(
      { length: 8 },
      (_, i) => this.trials.at(shares, stock, i / 7 * room)
    ).reduce((most, one) => one.air > most.air ? one : most);
  }
  canReach(shares) {
    const { candidates, fixedShare } = this.setting;
    if (this.reaches(this.trials.at(shares, null, 0))) return true;
    return candidates.some(
      (stock) => this.reaches(
        fixedShare === null ? this.airiest(shares, stock) : this.trials.at(
          shares,
          stock,
          Math.min(fixedShare, 1 - shares.compost - shares.freshAtLeast)
        )
      )
    );
  }
}
function lesser(a, b) {
  return b.score < a.score ? b : a;
}

function fitsAsItIs({ components, volumeYield }, crop, container) {
  const { ph } = blendPh({ components, volumeYield });
  const { ecSme } = blendEc({ components, volumeYield });
  const { airFraction } = containerCapacity({
    curve: blendMedia({ components }).curve,
    ...container
  });
  return ph >= crop.pHLow && ph <= crop.pHHigh && ecSme <= crop.ecMaxSme && airFraction >= crop.airMinPercent / 100 && airFraction <= crop.airMaxPercent / 100;
}

const ENOUGH_COVERAGE$1 = 0.95;
function planFeeding(batch, crop, feed, amendments, priceOf, dosesBefore, season, feedLeft) {
  if (feed === "soluble") return { stock: null, dose: null, reason: "soluble-school" };
  const kind = feed === "organic" ? "organic fertilizer" : "coated fertilizer";
  const options = amendments.filter(({ amendment }) => amendment.kind === kind && amendment.nPercent > 0).filter(({ amendment }) => amendment.rateHighGPerL > 0).map((stock) => ({
    stock,
    dose: fertilizerDose({
      components: batch.components,
      volumeYield: batch.volumeYield,
      amendments: dosesBefore,
      feedLeft,
      crop,
      weeks: season?.weeks,
      weeklyMeanTempC: season?.weeklyMeanTempC,
      fertilizer: stock.amendment,
      ecCeilingSme: SALT_ROOM * crop.ecMaxSme
    })
  }));
  if (options.length === 0) return { stock: null, dose: null, reason: "nothing-in-stock" };
  const cost = ({ stock, dose }) => dose.gPerL * priceOf(stock);
  const met = options.filter(({ dose }) => dose.coverage >= ENOUGH_COVERAGE$1 - 1e-6);
  const best = met.sort((a, b) => cost(a) - cost(b))[0] ?? options.sort((a, b) => b.dose.coverage - a.dose.coverage || cost(a) - cost(b))[0];
  if (!best) return { stock: null, dose: null, reason: "nothing-in-stock" };
  return { ...best, reason: best.dose.limitedBy };
}

const MOST_SHARE = 0.3;
const ROOM_PER_SHORT = 2;
const STEPS = 5;
const TURNS = 2;
const A_TENTH = 0.1;
const REFINED_TO = 2e-3;
const GOLDEN = 0.5 * (Math.sqrt(5) - 1);
const LEAST_SHARE = 0.01;
const WORTH_IT = 0.01;
const FINE_PEAT_MM = 1;
const COARSEST_MM = 4;
const LIME_HATER_MAX_PH = 7.5;
function holderCandidates(materials, crop, { peatFree }) {
  const stays = crop.weeksInPot > LONG_STAY_WEEKS || groupOfCrop(crop) === "epiphytes";
  return materials.filter(({ material }) => {
    const { group: kind, grainMm, peat, pH, freeLimeGPerL } = material;
    if (kind !== "organic base" && kind !== "aggregate") return false;
    if (grainMm > COARSEST_MM || peat && peatFree) return false;
    if (peat && stays && grainMm < FINE_PEAT_MM) return false;
    return !(crop.limeHater && (pH > LIME_HATER_MAX_PH || freeLimeGPerL > 0));
  });
}
function holdWater(search, chosen, habit, candidates, compost) {
  const { shares } = chosen;
  if (!shares) return chosen;
  const without = search.least(shares);
  const short = 1 - without.usableLitres / waterWanted(habit);
  if (!(short > 0)) return chosen;
  const room = Math.min(
    MOST_SHARE,
    ROOM_PER_SHORT * short,
    1 - shares.compost - shares.freshAtLeast
  );
  const beside = (stock, share) => ({
    ...shares,
    holder: share > 0 ? { material: stock.material, share } : null
  });
  const plain = search.withShare(shares, null, 0);
  const holding = candidates.filter((stock) => {
    const { usableLitres } = search.withShare(beside(stock, A_TENTH), null, 0);
    return usableLitres > plain.usableLitres * (1 + WORTH_IT);
  });
  let best = { shares, found: without };
  for (let turn = 0; turn < TURNS; turn++) {
    const { stock: aggregate, share: open } = best.found;
    const others = holding.filter(({ material }) => material !== aggregate?.material);
    const scoreOf = (stock) => (share) => {
      const most = 1 - shares.compost - shares.freshAtLeast - share;
      return search.withShare(beside(stock, share), aggregate, Math.min(open, most)).score;
    };
    const tried = others.map((stock) => ({ stock, ...leastShare(scoreOf(stock), room) }));
    const [least] = tried.sort((a, b) => a.score - b.score);
    if (!least || least.share < LEAST_SHARE) break;
    const held = beside(least.stock, least.share);
    const found = search.least(held);
    if (found.score >= best.found.score) break;
    best = { shares: held, found };
  }
  return best.found === without ? chosen : search.outcome(best.shares, best.found, compost);
}
function leastShare(scoreAt, room) {
  const step = room / STEPS;
  const steps = Array.from({ length: STEPS + 1 }, (_, i) => ({
    share: i * step,
    score: scoreAt(i * step)
  }));
  const near = steps.reduce((least, one) => one.score < least.score ? one : least);
  let low = Math.max(0, near.share - step);
  let high = Math.min(room, near.share + step);
  const at = (share) => ({ share, score: scoreAt(share) });
  let a = at(high - GOLDEN * (high - low));
  let b = at(low + GOLDEN * (high - low));
  while (high - low > REFINED_TO) {
    if (a.score <= b.score) {
      high = b.share;
      b = a;
      a = at(high - GOLDEN * (high - low));
    } else {
      low = a.share;
      a = b;
      b = at(low + GOLDEN * (high - low));
    }
  }
  return [near, a, b].reduce((least, one) => one.score < least.score ? one : least);
}

const FEED_PER_LITRE = 0.1;
const STRONGEST = { seedling: 75, epiphyte: 100, other: 200 };
const MOST_FEEDS_A_WEEK = 3;
const WEAKEST_MG_PER_L = 50;
const LEAST_MISSING_SHARE = 0.03;
const ENOUGH_COVERAGE = 0.9;
function planSolubleFeed({
  batch,
  crop,
  season,
  amendments,
  priceOf,
  doses,
  feedLeft,
  settledLitres
}) {
  const budget = nitrogenBudget({
    components: batch.components,
    volumeYield: batch.volumeYield,
    amendments: doses,
    feedLeft,
    crop,
    weeks: season?.weeks,
    weeklyMeanTempC: season?.weeklyMeanTempC
  });
  const product = cheapestNitrogen(amendments, priceOf);
  if (budget.firstShortWeek === null || !product || !(settledLitres > 0)) return null;
  if (budget.missingMgPerL < LEAST_MISSING_SHARE * budget.demandMgPerL) return null;
  const litresPerFeed = FEED_PER_LITRE * settledLitres;
  const planned = (feedsPerWeek2) => feedPlan({
    budget,
    mediaLitres: settledLitres,
    litresPerFeed,
    feedsPerWeek: feedsPerWeek2,
    product: product.amendment,
    waterEc: season?.waterEc ?? 0,
    maxMgNPerL: crop.kind === "seedling" || crop.kind === "epiphyte" ? STRONGEST[crop.kind] : STRONGEST.other
  });
  let feedsPerWeek = 1;
  let plan = planned(feedsPerWeek);
  while (!plan.reached && plan.startWeek !== null && feedsPerWeek < MOST_FEEDS_A_WEEK) {
    feedsPerWeek++;
    plan = planned(feedsPerWeek);
  }
  if (plan.startWeek === null) return null;
  if (plan.nMgPerL < WEAKEST_MG_PER_L) {
    if (budget.coverage >= ENOUGH_COVERAGE) return null;
    feedsPerWeek = 0.5;
    plan = planned(feedsPerWeek);
    if (plan.nMgPerL < WEAKEST_MG_PER_L) return null;
  }
  return { ...plan, feedsPerWeek, productId: product.amendment.id, litresPerFeed };
}
function cheapestNitrogen(stock, priceOf) {
  const perNitrogen = (row) => priceOf(row) / row.amendment.nPercent;
  return stock.filter(({ amendment }) => amendment.kind === "soluble feed" && amendment.nPercent > 0).sort((a, b) => perNitrogen(a) - perNitrogen(b))[0] ?? null;
}

const TOLERANCE = 1e-6;
function checkRecipe({
  input,
  limits,
  predicted,
  settledLitres,
  parts,
  doses,
  nitrogenAfterFeeding,
  days
}) {
  const { crop, litresWanted } = input;
  const within = (id, value, low, high) => ({
    id,
    value,
    low,
    high,
    ok: (low === null || value >= low - TOLERANCE) && (high === null || value <= high + TOLERANCE)
  });
  return [
    within("litres", settledLitres, litresWanted, null),
    within("air", predicted.airFraction, crop.airMinPercent / 100, crop.airMaxPercent / 100),
    within("ph", predicted.ph, crop.pHLow, crop.pHHigh),
    within("ec", predicted.ecSme, null, crop.ecMaxSme),
    within("nitrogen", nitrogenAfterFeeding, ENOUGH_COVERAGE, null),
    within("weight", predicted.kgPerLWet, null, limits.maxKgPerL ?? null),
    within("label", highestLabelShare(input, doses), null, 1),
    within("stock", litresShort(input, parts), null, 0),
    ...input.watering && days !== null ? [within("water", days, input.watering.everyDays / DRIES_OUT_PAST, null)] : []
  ];
}
function highestLabelShare(input, doses) {
  const shares = doses.map(({ id, gPerL, grams, firstGrams }) => {
    const stock = input.stock.amendments.find(({ amendment }) => amendment.id === id);
    const first = grams > 0 ? gPerL * firstGrams / grams : 0;
    return stock ? first / stock.amendment.rateHighGPerL : 0;
  });
  return Math.max(0, ...shares);
}
function litresShort(input, parts) {
  return parts.reduce((sum, part) => {
    const stock = input.stock.materials.find(({ material }) => material.id === part.id);
    return part.role === "lot" || !stock ? sum : sum + Math.max(0, part.litres - stock.litres);
  }, 0);
}

function predictRounded({
  components,
  roundedTotal,
  doses,
  lotShare,
  input: { lot, crop, container, season, stock },
  limits,
  cost
}) {
  const setting = { components, crop, container, season, cost };
  const { volumeYield } = predictMix({ ...setting, doses: [], settledLitres: 1 });
  const roundedMix = roundedTotal * volumeYield;
  const roundedDoses = doses.flatMap((dose) => {
    const amendment = stock.amendments.find((row) => row.amendment.id === dose.id)?.amendment;
    return amendment ? [{ amendment, gPerL: dose.rounded.grams / roundedMix }] : [];
  });
  return predictMix({
    ...setting,
    doses: roundedDoses,
    settledLitres: roundedMix * (1 - limits.settlingShare),
    feedLeft: feedLeftIn({ shares: { lot: lotShare }, volumeYield }, lot?.feedLeft ?? [])
  });
}

const TALLEST_FACTOR = 2;
function tallerByCm(batch, { shape, fillHeightCm }, airWanted) {
  const { curve } = blendMedia({ components: batch.components });
  for (let extra = 1; extra <= fillHeightCm * (TALLEST_FACTOR - 1); extra++) {
    const taller = { ...shape, heightCm: shape.heightCm + extra };
    const { airFraction } = containerCapacity({
      curve,
      shape: taller,
      fillHeightCm: fillHeightCm + extra
    });
    if (airFraction >= airWanted) return extra;
  }
  return null;
}

function explainRecipe(facts) {
  const { input, crop, limits, batch, predicted, acidity, feeding, air } = facts;
  const { lot } = input;
  const airBand = [
    whyInput("airMin", crop.airMinPercent / 100, "share"),
    whyInput("airMax", crop.airMaxPercent / 100, "share")
  ];
  const { watering } = input;
  const habit = [
    whyInput(
      "usableWater",
      facts.days === null || !watering ? null : facts.days * watering.lossLPerDay,
      "L"
    ),
    whyInput("waterLost", watering?.lossLPerDay ?? null, "L"),
    whyInput("everyDays", watering?.everyDays ?? null, "days")
  ];
  const phBlend = blendPh(batch);
  const measuredPh = lot?.measured?.ph;
  return {
    "part.lot": {
      rule: "lot",
      source: "ledger",
      inputs: [
        whyInput("lotLitres", lot?.litres ?? null, "L"),
        whyInput("cleaningLoss", limits.cleaningLossShare, "share"),
        whyInput("usable", facts.usableLitres, "L"),
        whyInput("lotShare", batch.shares.lot, "share"),
        whyInput("partLitres", batch.partLitres, "L")
      ]
    },
    "part.compost": {
      rule: `compost.${air.compostLowered ? "air" : facts.compostReason}`,
      source: "school",
      inputs: [
        whyInput("school", facts.school, "share"),
        whyInput("compostShare", batch.shares.compost, "share"),
        whyInput("partLitres", batch.partLitres, "L"),
        whyInput("ecCeiling", crop.ecMaxSme, "dS/m")
      ]
    },
    "part.aggregate": {
      rule: `aggregate.${air.reach}`,
      source: "capacity",
      inputs: [
        whyInput("aggregateShare", batch.shares.aggregate, "share"),
        whyInput("airReached", predicted.airFraction, "share"),
        ...airBand,
        whyInput("airLoss", air.loss, "share"),
        whyInput("fillHeight", input.container.fillHeightCm, "cm"),
        whyInput("threshold", thresholdOf(batch), "share")
      ]
    },
    "part.water-holding": {
      rule: "water.held",
      source: "drift",
      inputs: [whyInput("holderShare", batch.shares.holder, "share"), ...habit]
    },
    water: {
      rule: waterRule(facts),
      source: "drift",
      inputs: habit
    },
    "part.fresh": {
      rule: air.freshRaised ? "fresh.air" : facts.acidFresh > 0 ? "fresh.acid" : "fresh.short",
      source: "ledger",
      inputs: [
        whyInput("usable", facts.usableLitres, "L"),
        whyInput("freshShare", batch.shares.fresh, "share"),
        whyInput("maxFresh", limits.maxFreshShare, "share")
      ]
    },
    litres: {
      rule: "litres",
      source: "packing",
      inputs: [
        whyInput("partLitres", batch.partLitres, "L"),
        whyInput("volumeYield", batch.volumeYield, "share"),
        whyInput("mixLitres", facts.mixLitres, "L"),
        whyInput("settling", limits.settlingShare, "share"),
        whyInput("settledLitres", facts.settledLitres, "L")
      ]
    },
    air: {
      rule: "air",
      source: "capacity",
      inputs: [
        whyInput("porosity", blendMedia(batch).totalPorosity, "share"),
        whyInput("waterHeld", predicted.waterFraction, "share"),
        whyInput("fillHeight", input.container.fillHeightCm, "cm"),
        ...airBand
      ]
    },
    ph: {
      rule: measuredPh === void 0 ? "ph.composition" : "ph.lot",
      source: "buffer",
      inputs: [
        whyInput("lotPh", measuredPh ?? null, "pH"),
        whyInput("blendPh", phBlend.ph, "pH"),
        whyInput("buffer", phBlend.buffer, "g/L/pH"),
        whyInput("phLow", crop.pHLow, "pH"),
        whyInput("phHigh", crop.pHHigh, "pH")
      ]
    },
    "dose.acidity": {
      rule: `acidity.${acidity.reason}`,
      source: "buffer",
      inputs: [
        whyInput("blendPh", phBlend.ph, "pH"),
        whyInput("phWidth", facts.phWidth, "pH"),
        whyInput("targetPh", acidity.targetPh, "pH"),
        whyInput("buffer", phBlend.buffer, "g/L/pH"),
        whyInput("freeLime", phBlend.freeLimeGPerL, "g/L"),
        whyInput("strength", acidity.stock?.amendment.cce ?? null, "share"),
        whyInput("reactiveShare", acidity.stock ? acidity.reactiveShare : null, "share"),
        whyInput("label", acidity.stock?.amendment.rateHighGPerL ?? null, "g/L"),
        whyInput("dose", acidity.firstGPerL, "g/L"),
        whyInput("mixLitres", facts.mixLitres, "L")
      ]
    },
    "dose.fertilizer": {
      rule: `feed.${feeding.reason}`,
      source: "nitrogen",
      inputs: [
        whyInput("demand", crop.nSeasonMgPerL / 1e3, "g/L"),
        whyInput("feedLeft", nitrogenLeft(facts.feedLeft) / 1e3 || null, "g/L"),
        whyInput("coverageBefore", feeding.dose?.coverageBefore ?? predicted.nCoverage, "share"),
        whyInput("coverageAfter", predicted.nCoverage, "share"),
        whyInput("coverageFed", facts.nitrogenAfterFeeding, "share"),
        whyInput("firstShortWeek", predicted.firstShortWeek, "weeks"),
        whyInput("label", feeding.dose?.labelGPerL ?? null, "g/L"),
        whyInput("saltLimit", feeding.dose?.saltGPerL ?? null, "g/L"),
        whyInput("dose", feeding.dose?.gPerL ?? 0, "g/L"),
        whyInput("mixLitres", facts.mixLitres, "L")
      ]
    },
    ...facts.minerals && {
      "dose.mineral": {
        rule: "minerals",
        source: "school",
        inputs: [
          whyInput("dose", facts.minerals.amendment.rateLowGPerL, "g/L"),
          whyInput("label", facts.minerals.amendment.rateHighGPerL, "g/L"),
          whyInput("mixLitres", facts.mixLitres, "L")
        ]
      }
    },
    ec: {
      rule: facts.leachLitres > 0 ? "ec.leach" : "ec.estimated",
      source: "salts",
      inputs: [
        whyInput("ecOfLot", lot ? facts.ecOfLot : null, "dS/m"),
        whyInput("ecPredicted", predicted.ecSme, "dS/m"),
        whyInput("ecCeiling", crop.ecMaxSme, "dS/m"),
        whyInput("leachLitres", facts.leachLitres, "L"),
        whyInput("leachPasses", facts.leachLitres > 0 ? 3 : 0, "text")
      ]
    },
    weight: {
      rule: "weight",
      source: "packing",
      inputs: [
        whyInput("waterHeld", predicted.waterFraction, "share"),
        whyInput("kgPerL", predicted.kgPerLWet, "kg/L"),
        whyInput("settledLitres", facts.settledLitres, "L")
      ]
    },
    cost: {
      rule: "cost",
      source: "prices",
      inputs: [
        whyInput("costPerL", predicted.costPerL, "per L"),
        whyInput("settledLitres", facts.settledLitres, "L")
      ]
    }
  };
}
function waterRule({ input: { watering }, days, batch }) {
  if (!watering || days === null) return "water.open";
  if (days >= watering.everyDays / DRIES_OUT_PAST) return "water.enough";
  return batch.holder ? "water.helped" : "water.short";
}
function thresholdOf(batch) {
  const { aggregate } = batch;
  if (!aggregate) return null;
  const rest = componentShares(batch.components).filter(({ material }) => material !== aggregate);
  const largest = rest.sort((a, b) => b.share - a.share)[0]?.material;
  if (!largest || largest.grainMm > aggregate.grainMm) return null;
  return thresholdProportion({ fine: largest, coarse: aggregate });
}

const WORTH_A_TEST = 0.5;
function writeRecipe(setting, choice) {
  const { input, limits, crop, leached, lotFeed, usableLitres, perKgOf } = setting;
  const { container, season, stock } = input;
  const { compost, air, acidity, feeding, acidFresh, width, minerals = null } = choice;
  const { batch } = air;
  const mixLitres = batch.partLitres * batch.volumeYield;
  const settledLitres = mixLitres * (1 - limits.settlingShare);
  const doses = [
    ...doseOf(acidity.stock, acidity.firstGPerL),
    ...doseOf(feeding.stock, feeding.dose?.gPerL ?? 0)
  ];
  const parts = listParts(batch, input, setting.compost, setting.fresh);
  const recipeDoses = listDoses(acidity, feeding, mixLitres, minerals);
  const { cost, unpriced } = costOf(stock, parts, recipeDoses);
  const feedLeft = feedLeftIn(batch, lotFeed);
  const predicted = predictMix({
    crop: input.crop,
    container,
    season,
    cost,
    components: batch.components,
    doses,
    settledLitres,
    feedLeft
  });
  const roundedTotal = parts.reduce((sum, part) => sum + part.rounded.litres, 0);
  const predictedRounded = roundedTotal > 0 ? predictRounded({
    components: componentsAsMeasured(parts, leached.components, input),
    roundedTotal,
    doses: recipeDoses,
    lotShare: (parts.find(({ role }) => role === "lot")?.rounded.litres ?? 0) / roundedTotal,
    input,
    limits,
    cost
  }) : predicted;
  const lotLitres = parts.find(({ role }) => role === "lot")?.litres ?? 0;
  const leachLitres = input.lot ? leached.waterFor(lotLitres) : 0;
  const outcome = phAfterDoses(batch.components, batch.volumeYield, doses);
  const feedPlan = planSolubleFeed({
    batch,
    crop,
    season,
    amendments: stock.amendments,
    priceOf: perKgOf,
    doses,
    feedLeft,
    settledLitres
  });
  const days = input.watering ? daysOf(batch.components, container, input.watering) : null;
  const nitrogenAfterFeeding = feedPlan?.coverageAfter ?? predicted.nCoverage;
  return {
    parts,
    doses: recipeDoses,
    leachLitres,
    score: air.score,
    partLitres: batch.partLitres,
    mixLitres,
    settledLitres,
    leftoverLitres: input.lot ? Math.max(0, usableLitres - lotLitres) : 0,
    predicted,
    predictedRounded,
    phEventual: outcome.phEventual,
    unreactedLimeGPerL: outcome.unreactedLimeGPerL,
    feedPlan,
    testFirst: testFirst(acidity, width, mixLitres),
    cost,
    unpriced,
    checks: checkRecipe({
      input,
      limits,
      predicted,
      settledLitres,
      parts,
      doses: recipeDoses,
      nitrogenAfterFeeding,
      days
    }),
    why: explainRecipe({
      input,
      crop,
      limits,
      batch,
      school: setting.school,
      compostReason: compost.reason,
      air,
      acidFresh,
      acidity,
      minerals,
      phWidth: width,
      feeding,
      feedLeft,
      predicted,
      nitrogenAfterFeeding,
      days,
      settledLitres,
      mixLitres,
      usableLitres,
      leachLitres,
      ecOfLot: leached.ecBefore}),
    ...aggregatesBeside(setting, choice),
    daysBetweenWaterings: days,
    tallerByCm: air.reach === "short" ? tallerByCm(batch, container, crop.airMinPercent / 100) : null
  };
}
function doseOf(stock, gPerL) {
  return stock && gPerL > 0 ? [{ amendment: stock.amendment, gPerL }] : [];
}
function costOf({ materials, amendments }, parts, doses) {
  const added = [
    ...parts.filter(({ role }) => role !== "lot").map(({ id, litres }) => ({
      id,
      amount: litres,
      price: materials.find(({ material }) => material.id === id)?.pricePerLitre
    })),
    ...doses.map(({ id, grams }) => ({
      id,
      amount: grams / 1e3,
      price: amendments.find(({ amendment }) => amendment.id === id)?.pricePerKg
    }))
  ];
  return {
    cost: added.reduce((sum, { amount, price }) => sum + amount * (price ?? 0), 0),
    unpriced: added.filter(({ price }) => price === null).map(({ id }) => id)
  };
}
function testFirst({ stock, role, ifSureGPerL }, phWidth, mixLitres) {
  if (!stock || !role || ifSureGPerL === null) return null;
  if (ifSureGPerL < WORTH_A_TEST * stock.amendment.rateLowGPerL) return null;
  const grams = ifSureGPerL * mixLitres;
  return { id: stock.amendment.id, role, gPerL: ifSureGPerL, grams, phWidth };
}
function aggregatesBeside({ input, crop }, { air, acidFresh, search }) {
  if (!search) return { aggregateOptions: [], airByShare: [] };
  const { batch } = air;
  const besides = {
    compost: batch.shares.compost,
    freshAtLeast: air.freshRaised || acidFresh > 0 ? batch.shares.fresh : 0,
    holder: air.shares?.holder ?? null
  };
  const candidates = aggregateCandidates(input.stock.materials, crop);
  const chosen = batch.aggregate ?? candidates[0]?.material;
  const row = candidates.find(({ material }) => material === chosen);
  return {
    aggregateOptions: search.options(besides),
    airByShare: row ? search.curve(besides, row) : []
  };
}

function solveRecipe(input) {
  const setting = recipeSetting(input);
  const { sources, crop } = setting;
  const asItIs = unplanted(input) ? fillBatch(sources, { compost: 0, aggregate: null, freshAtLeast: 0 }) : null;
  const choice = asItIs && fitsAsItIs(asItIs, crop, input.container) ? usedAsItIs(setting, asItIs) : reconditioned(setting);
  return writeRecipe(setting, choice);
}
function usedAsItIs(setting, batch) {
  return {
    compost: { share: 0, reason: "as-is" },
    air: {
      batch,
      shares: null,
      reach: "as-is",
      compostLowered: false,
      freshRaised: false,
      loss: 0,
      score: 0
    },
    acidity: noCorrection("as-is", null),
    feeding: { stock: null, dose: null, reason: "as-is" },
    search: searchFor(setting, 0),
    acidFresh: 0,
    width: phWidth(batch.components)
  };
}
function reconditioned(setting) {
  const { input, limits, crop, sources, school, lotFeed, perKgOf } = setting;
  const { season, stock, watering } = input;
  const compost = heldByTrial(
    compostShare(sources, crop, Math.min(school, limits.maxCompostShare), season, lotFeed),
    setting
  );
  const acidFresh = acidMixShare(sources, crop, compost.share);
  const search = searchFor(setting, acidFresh);
  const aired = search.choose(compost.share);
  const holders = watering ? holderCandidates(stock.materials, crop, limits) : [];
  const air = watering ? holdWater(search, aired, watering, holders, compost.share) : aired;
  const width = phWidth(air.batch.components);
  const acidity = planAcidity(air.batch, crop, stock.amendments, perKgOf, width);
  const feeding = planFeeding(
    air.batch,
    crop,
    input.school.feed,
    stock.amendments,
    perKgOf,
    doseOf(acidity.stock, acidity.firstGPerL),
    season,
    feedLeftIn(air.batch, lotFeed)
  );
  const minerals = input.school.minerals ? pickMinerals(stock.amendments, perKgOf) : null;
  return { compost, air, acidity, feeding, search, acidFresh, width, minerals };
}
function searchFor(setting, freshAtLeast) {
  const { input, crop, sources, priceOf, fresh } = setting;
  const { container, stock, season, school } = input;
  return new AggregateSearch({
    sources,
    container,
    crop,
    candidates: aggregateCandidates(stock.materials, crop),
    priceOf,
    freshPrice: freshMixPrice(stock.materials, fresh),
    fixedShare: school.aggregateShare ?? null,
    meanTempC: meanTempC(season?.weeklyMeanTempC, crop),
    humifiedFines: input.humifiedFines ?? HUMIFIED_FINES,
    freshAtLeast,
    watering: input.watering ?? null
  });
}

function triageHistory({
  found,
  treatments,
  mixedOn,
  mixedAt,
  problems,
  options = {},
  from,
  today
}) {
  const judgeOn = (day) => triageOfLot({
    found: inForce(
      found.filter(({ on }) => on <= day),
      mixedOn !== null && mixedOn <= day ? mixedAt : null,
      problems
    ),
    treatments: treatments.filter(({ on }) => on <= day).map((one) => ({
      ...one,
      endedOn: one.endedOn !== null && one.endedOn <= day ? one.endedOn : null
    })),
    problems,
    options,
    season: Number(day.slice(0, 4)),
    today: day
  });
  const days = [...new Set(eventDays(found, treatments, problems, today))].filter((day) => day > from && day <= today).sort();
  const changes = [];
  let before = judgeOn(from);
  for (const day of days) {
    const after = judgeOn(day);
    const change = changeBetween(before, after);
    if (change) {
      const worse = isStricter(change.after, change.before) || change.barred.length > 0;
      changes.push({ on: day, ...change, because: causeOn(day, found, treatments, worse) });
    }
    before = after;
  }
  return changes;
}
function eventDays(found, treatments, problems, today) {
  const starts = [...found.map(({ on }) => on), ...treatments.map(({ on }) => on)].sort();
  const first = Number((starts[0] ?? today).slice(0, 4));
  const years = Array.from(
    { length: Number(today.slice(0, 4)) - first },
    (_, year) => `${first + year + 1}-01-01`
  );
  const rests = treatments.filter(({ kind }) => kind === "rest");
  const months = [
    ...new Set(
      found.flatMap(({ problemId }) => {
        const problem = problemId === null ? void 0 : problems.get(problemId);
        return problem ? [problem.restMonths ?? Math.max(1, problem.survivalMonths ?? 0)] : [];
      })
    )
  ];
  const overs = rests.flatMap(
    (rest) => [rest.on, ...found.map(({ on }) => on).filter((on) => on > rest.on)].flatMap(
      (on) => months.map((count) => addMonths(on, count))
    )
  );
  return [
    ...starts,
    ...treatments.flatMap(({ endedOn, until }) => [
      ...endedOn ? [endedOn] : [],
      ...until ? [until] : []
    ]),
    ...years,
    ...overs
  ];
}
function changeBetween(before, after) {
  const verdictOf = (one) => one?.verdict ?? "reuse";
  const barsOf = (one) => (one?.notFor ?? []).map(({ rotationGroup }) => rotationGroup);
  const freed = barsOf(before).filter((group) => !barsOf(after).includes(group));
  const barred = barsOf(after).filter((group) => !barsOf(before).includes(group));
  const isHeldAnew = (before?.hold?.kind ?? null) !== (after?.hold?.kind ?? null);
  if (verdictOf(before) === verdictOf(after) && freed.length + barred.length === 0 && !isHeldAnew) {
    return null;
  }
  return { before: verdictOf(before), after: verdictOf(after), freed, barred };
}
function isStricter(one, other) {
  return TRIAGE_VERDICTS.indexOf(one) > TRIAGE_VERDICTS.indexOf(other);
}
function causeOn(day, found, treatments, worse) {
  const treatment = treatments.filter(({ on }) => on === day).sort((a, b) => b.at - a.at)[0];
  const seen = found.filter(({ on }) => on === day).sort((a, b) => b.at - a.at)[0];
  const isLater = treatment !== void 0 && treatment.at >= (seen?.at ?? 0);
  if (treatment && isLater && !(worse && seen)) return { kind: "done", treatment: treatment.kind };
  if (!seen) return { kind: "time" };
  return seen.problemId !== null && seen.state === "trouble" ? { kind: "found", problemId: seen.problemId } : { kind: "test" };
}

function triageStory({ lot, everFound }, tables) {
  const treatments = treatmentsOf(lot, tables);
  const changes = triageHistory({
    found: everFound,
    treatments,
    mixedAt: lot.mixedAt?.getTime() ?? null,
    mixedOn: lot.mixedAt ? dayAt(tables.timeZone, lot.mixedAt) : null,
    problems: tables.problems,
    options: triageOptions(tables),
    from: addMonths(tables.today, -12),
    today: tables.today
  });
  return {
    treatments: treatments.map(({ id, kind, on, until, endedOn, skimCm, note }) => ({
      id,
      kind,
      on,
      until,
      endedOn,
      skimCm,
      note
    })),
    changes: changes.map(({ because, ...change }) => ({
      ...change,
      because,
      problemName: because.kind === "found" ? tables.problems.get(because.problemId)?.name ?? because.problemId : null
    })).reverse(),
    isInPots: lot.containerIds.length > 0
  };
}

export { HUMIFIED_FINES as H, acidMixShare as a, planAcidity as b, compostShare as c, feedLeftIn as d, daysOf as e, fillBatch as f, heldByTrial as h, materialOf as m, noCorrection as n, phWidth as p, recipeSetting as r, solveRecipe as s, triageStory as t, writeRecipe as w };
