import './passphrase_DS02Zua_.mjs';
import { bU as addDays, bV as mediaRange, bW as EXPOSURE_FACTORS, bS as triageView, bT as foundViews, $ as blendMedia } from './database_CmGvnzKd.mjs';
import { r as readOpenOrder } from './readWorkOrders_B5k6F5lp.mjs';
import 'rotating-file-stream';
import { p as potView } from './potView_D56Ba-9p.mjs';
import { r as remembered } from './remembered_UMLIny9s.mjs';
import { R as RUNG_RECIPES, c as workHabits, d as askedRecipe, s as spareUse, f as troubleView, g as cropChoice, h as lotHead } from './intakePage_CISoSBpk.mjs';
import { s as scheduleWork, f as fillAfterCm } from './recipePage_BYeCmlIZ.mjs';
import { w as whyInput } from './why_5zXUPwGj.mjs';
import { c as cropInPot, b as waterLostIn } from './stockOf_Cz_mLk4l.mjs';
import { b as bestRung, D as DEFAULT_PRIORITIES } from './practice_Dr0GM2kj.mjs';
import { w as worstMonth } from './nitrogenBudget_B8Lf_znj.mjs';
import { a as requireObject, b as requireNumber } from './rules_BOjb8_mp.mjs';
import { H as HUMIFIED_FINES, d as feedLeftIn, e as daysOf } from './triageStory_CD2NP1Bo.mjs';
import { l as lotComponents } from './phOutcome_CK9jV_8z.mjs';
import { r as recipeComponents, t as testsOf, n as nitrogenRange, d as dosesOf } from './recipeRanges_jr12jWi4.mjs';
import { R as RUNG_IDS } from './ladderTypes_DyuMSsV2.mjs';
import { c as cropBars } from './cropBars_quqlM5Lz.mjs';
import { i as inningsLeft } from './inningsLeft_BWNrGjc-.mjs';

const ENOUGH_LITRES = 0.97;
function rungBars(id, recipe, earliestPlanting, input) {
  if (!recipe) {
    const missing = input.priorities.peatFree && hasBags(input) ? "peat" : "no-fresh-mix";
    return id === "replace" ? [missing] : [...oldMixBars(), missing];
  }
  return [...id === "replace" ? [] : oldMixBars(), ...ruledOut(recipe, input)];
  function oldMixBars() {
    const { crop, lot } = input;
    const year = Number((earliestPlanting ?? input.today).slice(0, 4));
    const { notFor = [], forFood = true, forSeedlings = true, verdict } = lot.triage ?? {};
    const bars = verdict ? cropBars(
      {
        verdict,
        notFor: notFor.filter(({ untilSeason }) => untilSeason >= year),
        forFood,
        forSeedlings
      },
      crop
    ).flatMap(({ kind }) => kind === "held" ? [] : [kind]) : [];
    return crop.freshOnly && !bars.includes("given-up") ? ["fresh-only", ...bars] : bars;
  }
}
function hasBags({ stock }) {
  return stock.materials.some(({ material }) => material.group === "bagged mix");
}
function ruledOut({ parts, doses, feedPlan }, { stock, priorities, school }) {
  const ingredients = typeof school.newMix === "object" ? school.newMix : [];
  const isPeaty = (partId) => [...stock.materials, ...ingredients].some(
    ({ material }) => material.id === partId && material.peat
  );
  const isMineral = (doseId) => stock.amendments.some(({ amendment }) => amendment.id === doseId && amendment.mineral);
  const feeds = [
    ...doses.filter(({ role }) => role === "fertilizer").map(({ id }) => id),
    ...feedPlan ? [feedPlan.productId] : []
  ];
  const added = parts.filter(({ role }) => role !== "lot");
  return [
    ...priorities.peatFree && added.some((part) => isPeaty(part.id)) ? ["peat"] : [],
    ...priorities.noMineralFeed && feeds.some(isMineral) ? ["mineral"] : []
  ];
}
function rungNotes(id, recipe, { litresWanted, stock }) {
  if (!recipe) return [];
  const notes = [];
  if (recipe.settledLitres < ENOUGH_LITRES * litresWanted) notes.push("litres");
  if (id === "compost" && !stock.materials.some(({ material }) => material.group === "compost")) {
    notes.push("no-compost");
  }
  if (recipe.unpriced.length > 0 || !isPriced(recipe, stock)) notes.push("unpriced");
  if (recipe.checks.some(({ id: check, ok }) => check === "stock" && !ok)) notes.push("to-buy");
  return notes;
}
function isPriced({ feedPlan }, { amendments }) {
  if (!feedPlan) return true;
  const row = amendments.find(({ amendment }) => amendment.id === feedPlan.productId);
  return row !== void 0 && row.pricePerKg !== null;
}

const DRAWS = 80;
const WEIGHTS = ["cost", "effort", "yield"];
function planLadder(input) {
  requireLadderInput(input);
  const rungs = RUNG_IDS.map((id) => planRung(id, input));
  return { rungs, best: bestRung(rungs, input.priorities, input.crop.airMinPercent / 100) };
}
function planRung(id, input) {
  const asked = askedOf(input);
  const recipe = RUNG_RECIPES[id](asked);
  const work = recipe && workOf(id, recipe, input);
  const bars = rungBars(id, recipe, work?.readyOn ?? null, input);
  return {
    id,
    allowed: bars.length === 0,
    recipe,
    ...recipe ? figuresOf(recipe, asked, input) : NO_FIGURES,
    minutes: work?.totalMinutes ?? null,
    earliestPlanting: work?.readyOn ?? null,
    warnings: [...bars, ...rungNotes(id, recipe, input)]
  };
}
function askedOf(input) {
  const { lot, crop } = input;
  return { ...input, lot: { ...lot, triage: null }, crop: { ...crop, freshOnly: false } };
}
function workOf(id, recipe, { lot, stock, crop, today, habits }) {
  return scheduleWork({
    recipe,
    triage: id === "replace" ? null : lot.triage,
    variant: id === "as-is" ? "in-place" : "tipped",
    startDate: today,
    options: {
      materials: stock.materials.map(({ material }) => material),
      amendments: stock.amendments.map(({ amendment }) => amendment),
      crop,
      ...habits ? { habits } : {}
    }
  });
}
const NO_FIGURES = {
  litres: null,
  airFraction: null,
  airRange: null,
  waterFraction: null,
  availableLitres: null,
  daysBetweenWaterings: null,
  ph: null,
  ecSme: null,
  nCoverage: null,
  nCoverageRange: null,
  firstShortWeek: null,
  feedPlan: null,
  cost: null,
  kilosToLift: null,
  inningsLeft: null
};
function figuresOf(recipe, asked, input) {
  const { container, climate, season, stock, lot, seed = 1 } = input;
  const { predicted, settledLitres, feedPlan } = recipe;
  const crop = cropInPot(input.crop, container);
  const components = recipeComponents(recipe, asked);
  const lotShare = recipe.parts.find(({ role }) => role === "lot")?.share ?? 0;
  const tests = lotShare > 0 ? testsOf(lot.measured) : [];
  return {
    litres: settledLitres,
    airFraction: predicted.airFraction,
    airRange: mediaRange({
      components,
      container,
      tests,
      testedOn: tests.length > 0 ? lotComponents(lot.components, lot.measured) : void 0,
      draws: DRAWS,
      seed
    }).airFraction,
    waterFraction: predicted.waterFraction,
    availableLitres: predicted.availableLitres,
    daysBetweenWaterings: daysOf(
      components,
      container,
      waterLostIn(input.crop, container, climate, climate.exposureFactor)
    ),
    ph: predicted.ph,
    ecSme: predicted.ecSme,
    nCoverage: predicted.nCoverage,
    nCoverageRange: nitrogenRange({
      components,
      volumeYield: predicted.volumeYield,
      amendments: dosesOf(recipe, stock),
      feedLeft: feedLeftIn(
        { shares: { lot: lotShare }, volumeYield: predicted.volumeYield },
        lot.feedLeft ?? []
      ),
      crop,
      weeks: season?.weeks,
      weeklyMeanTempC: season?.weeklyMeanTempC,
      draws: DRAWS,
      seed
    }),
    firstShortWeek: predicted.firstShortWeek,
    feedPlan,
    cost: recipe.cost + feedPrice(recipe, input),
    kilosToLift: predicted.kgPerLWet * settledLitres,
    inningsLeft: inningsLeft({
      components,
      container,
      cropAirMin: crop.airMinPercent / 100,
      seasonMeanTempC: climate.seasonMeanTempC,
      humifiedFines: input.humifiedFines ?? HUMIFIED_FINES
    }).without
  };
}
function feedPrice({ feedPlan }, { stock }) {
  if (!feedPlan) return 0;
  const row = stock.amendments.find(({ amendment }) => amendment.id === feedPlan.productId);
  return feedPlan.productG / 1e3 * (row?.pricePerKg ?? 0);
}
function requireLadderInput(input) {
  requireObject("The ladder", input);
  requireObject("The lot", input.lot);
  requireNumber("The litres of the lot", input.lot.litres, { above: 0, max: 1e5 });
  requireObject("The climate", input.climate);
  requireNumber("The exposure", input.climate.exposureFactor, { min: 0, max: 5 });
  requireNumber("The season mean temperature", input.climate.seasonMeanTempC, { min: -10, max: 45 });
  requireObject("The priorities", input.priorities);
  for (const weight of WEIGHTS) {
    requireNumber(`The weight of ${weight}`, input.priorities[weight], { min: 0, max: 3 });
  }
  addDays(input.today, 0);
}

function rungWhy({ recipe, airRange, nCoverageRange, inningsLeft, daysBetweenWaterings, minutes }, { crop, container, climate }) {
  if (!recipe) return {};
  const { why } = recipe;
  const { exposureFactor } = climate;
  const { canopyCm2, kc, et0MmPerDay, lossLPerDay } = waterLostIn(
    crop,
    container,
    climate,
    exposureFactor
  );
  const ranged = (one, range) => one && range ? { ...one, range: [range.p10, range.p90] } : one;
  const rows = {
    air: ranged(why.air, airRange),
    ph: why.ph,
    ec: why.ec,
    nitrogen: ranged(why["dose.fertilizer"], nCoverageRange),
    cost: why.cost,
    weight: why.weight,
    days: {
      rule: "mix.days",
      source: "drift",
      inputs: [
        whyInput("usableWater", (daysBetweenWaterings ?? 0) * lossLPerDay, "L"),
        whyInput("canopy", canopyCm2, "cm²"),
        whyInput("et0", et0MmPerDay, "mm/d"),
        whyInput("cropFactor", kc, "times"),
        whyInput("exposure", exposureFactor, "times"),
        whyInput("waterLost", lossLPerDay, "L")
      ]
    },
    work: {
      rule: "work",
      source: "ours",
      inputs: [whyInput("partLitres", recipe.partLitres, "L"), whyInput("minutes", minutes, "text")]
    },
    innings: {
      rule: "innings",
      source: "ageing",
      inputs: [
        whyInput("airReached", recipe.predicted.airFraction, "share"),
        whyInput("airMin", crop.airMinPercent / 100, "share"),
        whyInput("seasonTemp", climate.seasonMeanTempC, "°C"),
        whyInput("estimate", inningsLeft, "times")
      ]
    }
  };
  return Object.fromEntries(Object.entries(rows).filter(([, one]) => one));
}

const waysOf = remembered(30, planLadder);
async function ladderPage(db, answers, at) {
  const asked = await askedRecipe(db, answers, at);
  const { facts, tables, site, crop, container, triage, intake } = asked;
  const input = ladderInput(asked);
  const { rungs } = waysOf(input);
  return {
    lot: lotHead(facts),
    answers,
    crop: {
      ...cropChoice(crop),
      ecMaxSme: crop.ecMaxSme,
      nSeasonMgPerL: cropInPot(crop, container).nSeasonMgPerL
    },
    litresWanted: intake.litresWanted,
    litresFound: intake.litresNow,
    worstMonth: worstMonth(site).month,
    found: foundViews(facts.found, tables),
    triage: triageView(triage, tables),
    trouble: troubleView(asked.trouble, facts, tables, site),
    priorities: input.priorities,
    rungs: rungs.map((rung) => rungView(rung, asked, input)),
    phMeasuredOn: facts.ph?.measuredOn ?? null,
    ecMeasuredOn: facts.ecSme?.measuredOn ?? null,
    openOrderId: (await readOpenOrder(db, facts.lot.id))?.id ?? null,
    usualWay: tables.schools.way === "compare" ? null : tables.schools.way,
    spare: spareUse(facts.lot.contents.litres, triage, tables.schools),
    standard: standardView(asked.standard)
  };
}
function standardView(standard) {
  if (!standard) return null;
  const { name, trialId, trialName } = standard;
  return { name, trialId, trialName };
}
function ladderInput({
  input,
  facts,
  triage,
  site,
  container,
  tables
}) {
  const { lot } = input;
  if (!lot) throw new Error(`Lot ${facts.lot.id} is asked for without its mix.`);
  const priorities = { ...DEFAULT_PRIORITIES, ...site.practice.priorities };
  const { peatFree, noMineralFeed } = priorities;
  const { amendments } = input.stock;
  return {
    ...input,
    lot: { ...lot, triage },
    // What is ruled out is not proposed where there is another of its kind.
    limits: { ...input.limits, ...peatFree ? { peatFree } : {} },
    stock: {
      ...input.stock,
      amendments: noMineralFeed ? withoutMineralFeed(amendments) : amendments
    },
    climate: {
      ...worstMonth(site).place,
      exposureFactor: EXPOSURE_FACTORS[container.exposure]
    },
    today: tables.today,
    ...workHabits(tables.schools, facts, tables),
    priorities
  };
}
function withoutMineralFeed(amendments) {
  const others = new Set(
    amendments.filter(({ amendment }) => !amendment.mineral).map(({ amendment }) => amendment.kind)
  );
  return amendments.filter(({ amendment }) => !amendment.mineral || !others.has(amendment.kind));
}
function rungView({ recipe, ...rung }, asked, ladder) {
  const { container, crop, input } = asked;
  const rows = new Map([
    ...input.stock.materials.map(({ material }) => [material.id, material.name]),
    ...input.stock.amendments.map(({ amendment }) => [amendment.id, amendment.name])
  ]);
  const named = (id) => rows.get(id) ?? id;
  return {
    ...rung,
    added: recipe ? [
      ...recipe.parts.filter(({ role }) => role !== "lot").map(({ id, litres }) => ({ name: named(id), amount: litres, unit: "L" })),
      ...recipe.doses.map(({ id, firstGrams }) => ({
        name: named(id),
        amount: firstGrams,
        unit: "g"
      }))
    ] : [],
    feedName: rung.feedPlan && named(rung.feedPlan.productId),
    pot: recipe && potOf(recipe),
    why: rungWhy({ recipe, ...rung }, ladder)
  };
  function potOf(of) {
    const components = recipeComponents(of, input);
    if (components.length === 0) return null;
    const { curve } = blendMedia({ components });
    return potView(components, curve, container, fillAfterCm(asked, of.settledLitres), crop);
  }
}

export { ladderPage as a, ladderInput as l };
