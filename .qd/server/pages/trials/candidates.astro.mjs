import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from '../../chunks/ProblemPage_B3n4p_wm.mjs';
import { jsxs, jsx, Fragment as Fragment$1 } from 'react/jsx-runtime';
import { c as common, L as LinkButton, N as Notice, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { F as Fold } from '../../chunks/Fold_BZXYkSX6.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { u as useSite, S as SiteProvider } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { E as EmptyState } from '../../chunks/States_C-NdpDKP.mjs';
import { t as trialVerdicts } from '../../chunks/trialVerdicts_D7KZVTjl.mjs';
import { S as SelectField } from '../../chunks/Field_D6p8NWuD.mjs';
import { S as SampleChooser, k as keyOf } from '../../chunks/SampleChooser_4_4zknIC.mjs';
import { s as styles } from '../../chunks/candidates.ca9affad_CiZ0Zl-O.mjs';
import { t as trialResults, v as valueText } from '../../chunks/resultText_B2F7m5Jv.mjs';
import { cy as courseOf, dT as resultsOf, dA as keepFor, dU as wishFor, dV as mainMeasure, cI as stateOf, dW as verdictOf, dX as dayShown, dY as potValuesAt, dZ as questionOf, d_ as treatmentOf, d$ as listFinishedTestsOf, dl as newestSet, W as readCardFacts, at as componentShares, a1 as withMeasuredWater, e0 as ledgerCost, Y as readMix, _ as strataOf, K as sampleKey, j as readTables, e1 as askedCandidates, bW as EXPOSURE_FACTORS, J as listMaterials, aH as listFindings, e2 as MOST_CANDIDATES, e3 as keptTrial, e4 as AIR_TEST_ERROR, e5 as rankCandidates, e6 as toldApart } from '../../chunks/database_CmGvnzKd.mjs';
import { useState, Fragment } from 'react';
import { C as CoreSample } from '../../chunks/CoreSample_BnoBsYOk.mjs';
import { S as Sideways } from '../../chunks/Sideways_jAPV4cnT.mjs';
import { MixWhy } from '../../chunks/MixWhy_D83fXBz-.mjs';
import { B as Band } from '../../chunks/Band_CTppKDQi.mjs';
import { a as WhyFigure, F as Figure } from '../../chunks/Figure_D8FCbobM.mjs';
import { m as mixWithRange, b as mixCost, l as lowerFirst } from '../../chunks/mixes_Bu7u0CjJ.mjs';
import { b as bench } from '../../chunks/bench_bnVa8nxU.mjs';
import { b as benchVerdict } from '../../chunks/benchVerdicts_B0RcEMna.mjs';
import { v as valueName, a as valueAmount } from '../../chunks/valueText_C4iQ43B8.mjs';
import { f as findingText } from '../../chunks/findingText_DmfmtsFy.mjs';
import { w as generationOf, d as dayAt, J as Joi } from '../../chunks/passphrase_DS02Zua_.mjs';
import { r as readSite, k as key, j as id, l as line } from '../../chunks/rules_BOjb8_mp.mjs';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
import { q as queryOf } from '../../chunks/queryOf_DFBJYUTv.mjs';
import { g as growingPlanting } from '../../chunks/readPlantings_DNU2tg8T.mjs';
import { e as trialsOfMedia } from '../../chunks/trialLinks_BpAGmPI9.mjs';
import { s as sampleChoices } from '../../chunks/sampleChoices_eNGd-sNy.mjs';
import 'rotating-file-stream';
import { a as testOfMix, m as materialsAsTested, p as partsToComponents, U as USUAL_POT } from '../../chunks/mixSetting_D4EgIGnL.mjs';
import { N as NotFound } from '../../chunks/problem_BTADoVqZ.mjs';
import { l as lotRow } from '../../chunks/lotRow_C1l0flwL.mjs';
import { p as presentCalibration } from '../../chunks/presentCalibration_Dk_82kUx.mjs';
import { w as worstMonth } from '../../chunks/nitrogenBudget_B8Lf_znj.mjs';
import { m as mixWish } from '../../chunks/plantGroups_C2J7lfj0.mjs';
import 'csv-parse/sync';
import 'papaparse';
import { v as validate } from '../../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../../renderers.mjs';

const keptSheets = keepFor(200);
async function trialSheet(db, tables, trial) {
  const stamp = `${trial.version} ${generationOf("crops")}`;
  const kept = trial.closedAt && keptSheets.read(db, trial.id, stamp);
  if (kept) return kept;
  const course = await courseOf(db, tables, trial);
  if (!course) return null;
  const sheet = sheetOf(trial, course, await resultsOf(db, tables, trial, course));
  if (trial.closedAt) keptSheets.write(db, trial.id, stamp, sheet);
  return sheet;
}
function sheetOf(trial, course, results) {
  return {
    trialId: trial.id,
    name: trial.name,
    kind: trial.kind,
    cropId: trial.cropId,
    cropName: results.cropName,
    state: stateOf(trial),
    isVoid: results.isVoid,
    isHidden: results.isHidden,
    controlName: trial.treatments.find(({ number }) => number === 0)?.name ?? "",
    measure: mainMeasure(trial),
    wish: wishFor(mainMeasure(trial), trial.wish),
    treatments: results.treatments.map((one) => ({
      number: one.number,
      name: one.name,
      used: one.used,
      planted: one.planted,
      weedsPerM2: one.weedsPerM2,
      sunkCm: one.sunkCm,
      yieldPerLitreG: one.yieldG === null ? null : one.yieldG / one.litres
    })),
    measures: results.results.map((view) => measureOf(view, trial, course, results))
  };
}
function measureOf(view, trial, course, { isVoid, closedOn }) {
  const { measure } = view;
  const points = view.by === "sides" ? [] : pointsOf(measure, trial, course, isVoid);
  const figures = trial.treatments.flatMap(({ number }) => {
    const side = view.by === "sides" ? view.sides.find((one) => one.treatment === number) : null;
    const own = points[number] ?? [];
    if (own.length === 0 && !side) return [];
    const isJudged = closedOn !== null && !isVoid && number > 0;
    const sides = side ? { wins: side.result.wins, losses: side.result.losses } : null;
    return [[number, { points: own, sides, verdict: isJudged ? verdictOf(view, number) : null }]];
  });
  return {
    measure,
    isShare: view.by === "counts" || view.by === "means" && view.isShare,
    byTreatment: new Map(figures)
  };
}
function pointsOf(measure, trial, course, isVoid) {
  wishFor(measure, trial.wish);
  const values = course.checks.filter(({ looked }) => looked > 0).map((check) => {
    const on = dayShown(course, check);
    const groups = potValuesAt({ ...questionOf(trial, course, isVoid, on), measure});
    return { day: check.day, on, groups };
  });
  return trial.treatments.map(
    ({ number }) => values.flatMap(({ day, on, groups }) => {
      const used = (groups[number] ?? []).filter((value) => value !== null);
      if (used.length === 0) return [];
      const mean = used.reduce((sum, one) => sum + one, 0) / used.length;
      return [{ day, on, mean, n: used.length }];
    })
  );
}

async function candidatesTrial(db, tables, trial, samples, newest) {
  const mine = samples.map((sample) => treatmentOf(trial, sample));
  if (mine.every((one) => one === null)) return null;
  const sheet = await trialSheet(db, tables, trial);
  if (!sheet) return null;
  return {
    ...sheet,
    treatments: mine.map((one, at) => {
      const told = sheet.treatments.find(({ number }) => number === one?.number);
      if (!one || !told) return null;
      const { medium } = one;
      const isOlder = medium.kind === "mix" && medium.version !== newest[at];
      return { ...told, version: isOlder ? medium.version : null };
    }),
    measures: sheet.measures.map(({ byTreatment, ...measure }) => ({
      ...measure,
      cells: mine.map((one) => (one && byTreatment.get(one.number)) ?? null)
    })).filter(({ cells }) => cells.some((cell) => cell !== null))
  };
}

const MOST_TESTS = 60;
async function testsOfCandidate(db, sample, since, timeZone) {
  const tests = await listFinishedTestsOf(db, sample, { since, limit: MOST_TESTS });
  return [...new Set(tests.map(({ kind }) => kind))].flatMap((kind) => {
    const set = newestSet(tests, kind);
    const [newest] = set;
    return newest ? [testOf(newest, set, timeZone)] : [];
  });
}
function testOf(newest, set, timeZone) {
  const { id, kind, startedAt, observation } = newest;
  const names = new Map(
    set.flatMap(
      ({ outcome }) => outcome?.values.map(({ name, unit }) => [name, unit]) ?? []
    )
  );
  return {
    testId: id,
    kind,
    on: dayAt(timeZone, startedAt),
    runs: set.length,
    values: [...names].map(([name, unit]) => ({
      name,
      unit,
      values: set.flatMap(
        ({ outcome }) => outcome?.values.filter((one) => one.name === name).map(({ value }) => value) ?? []
      )
    })),
    verdicts: newest.outcome?.verdicts ?? [],
    smell: observation?.kind === "look" ? observation.smell : null,
    sights: observation?.kind === "look" ? observation.sights : []
  };
}

async function readCandidate(db, tables, setting, sample) {
  try {
    switch (sample.kind) {
      case "mix":
        return await mixCandidate(db, tables, setting, sample);
      case "lot":
        return await lotCandidate(db, tables, setting, sample);
      case "material":
        return await bagCandidate(db, tables, setting, sample);
    }
  } catch (error) {
    if (error instanceof NotFound) return null;
    throw error;
  }
}
async function mixCandidate(db, tables, setting, sample) {
  const { id, name, versions } = await readMix(db, Number(sample.id));
  const [{ number, parts, at }] = versions;
  const test = await testOfMix(db, id, at);
  const asTested = materialsAsTested(parts, tables.materials, test);
  const components = partsToComponents(parts, new Map([...tables.materials, ...asTested]));
  const tests = await testsOfCandidate(db, sample, at, tables.timeZone);
  const answer = answerOf(db, `mix ${id} ${number} ${test?.id}`, components, setting);
  return {
    ...whatItIs(sample, name, components),
    version: number,
    address: `/mixes/design?mix=${id}`,
    ...costOfParts(components, answer, setting),
    answer,
    waterTestedOn: test?.from.includes("porosity") ? dayAt(tables.timeZone, test.at) : null,
    ...readingsOf(tests),
    tests,
    standardFor: standardsOf(
      setting,
      tables,
      (medium) => medium.kind === "mix" && medium.mixId === id
    ),
    finding: null
  };
}
async function bagCandidate(db, tables, setting, sample) {
  const material = tables.materials.get(String(sample.id));
  if (!material) return null;
  const components = [{ material, parts: 1 }];
  const test = await presentCalibration(db, sample);
  const tests = await testsOfCandidate(db, sample, null, tables.timeZone);
  const answer = answerOf(db, `bag ${material.id}`, components, setting);
  return {
    ...whatItIs(sample, material.name, components),
    version: null,
    address: null,
    ...costOfParts(components, answer, setting),
    answer,
    waterTestedOn: test?.from.includes("porosity") ? dayAt(tables.timeZone, test.at) : null,
    ...readingsOf(tests),
    tests,
    standardFor: standardsOf(
      setting,
      tables,
      (medium) => medium.kind === "bag" && medium.materialId === material.id
    ),
    finding: null
  };
}
async function lotCandidate(db, tables, setting, sample) {
  const [facts] = await readCardFacts(db, tables, [Number(sample.id)]);
  if (!facts) return null;
  const { lot, components, measuredWater, hydraulics, ph, ecSme } = facts;
  const shares = componentShares(components).map(({ material, share }) => ({
    material,
    parts: share
  }));
  const answer = answerOf(
    db,
    `lot ${lot.id} ${lot.version} ${tables.today}`,
    shares.length > 0 ? withMeasuredWater(shares, measuredWater) : [],
    setting
  );
  const { total, perLitre, unknownLitres } = await ledgerCost(db, lot.id);
  return {
    ...whatItIs(sample, lot.name, components),
    version: null,
    address: `/lots/${lot.id}`,
    cost: { total, perLitre: perLitre > 0 && unknownLitres === 0 ? perLitre : null, missing: [] },
    costLitres: lot.contents.litres,
    answer,
    waterTestedOn: hydraulics?.testedOn ?? null,
    ph: read(ph),
    ecSme: read(ecSme),
    tests: await testsOfCandidate(db, sample, justAfter(lot.mixedAt), tables.timeZone),
    standardFor: standardsOf(
      setting,
      tables,
      (medium) => medium.kind === "lot" && medium.lotId === lot.id
    ),
    finding: warning(lotRow(facts, tables, null).finding)
  };
}
function whatItIs(sample, name, components) {
  return { key: sampleKey(sample), kind: sample.kind, name, strata: strataOf(components) };
}
const keptAnswers = keepFor(300);
function answerOf(db, of, components, { container, crop, place, humifiedFines }) {
  if (!components.some(({ parts }) => parts > 0)) return null;
  const key = `${of} ${crop?.id} ${JSON.stringify([container, place.exposureFactor])}`;
  const stamp = String(generationOf("materials", "crops", "site", "mix-tests"));
  const kept = keptAnswers.read(db, key, stamp);
  if (kept) return kept;
  const answer = mixWithRange({
    components,
    container,
    crop,
    groupId: null,
    place,
    humifiedFines
  });
  keptAnswers.write(db, key, stamp, answer);
  return answer;
}
function costOfParts(components, answer, { priceOf }) {
  const costLitres = components.reduce((sum, { parts }) => sum + parts, 0);
  return { cost: mixCost(components, priceOf, answer?.blend.volumeYield ?? 1), costLitres };
}
function readingsOf(tests) {
  const test = tests.find(({ kind }) => kind === "phEc");
  const meanOf = (name) => {
    const values = test?.values.find((one) => one.name === name)?.values ?? [];
    if (!test || values.length === 0) return null;
    return { value: values.reduce((sum, one) => sum + one, 0) / values.length, measuredOn: test.on };
  };
  const isDoubted = test?.verdicts.some(({ id }) => id === "pen.uncertain");
  return { ph: isDoubted ? null : meanOf("ph"), ecSme: meanOf("ecSme") };
}
function read(reading) {
  return reading?.measuredOn ? reading : null;
}
function justAfter(mixedAt) {
  return mixedAt && new Date(mixedAt.getTime() + 1);
}
function warning(finding) {
  return ["found", "held", "overridden", "empty"].includes(finding.kind) ? finding : null;
}
function standardsOf({ standards }, { crops }, isIt) {
  return standards.filter(({ medium }) => isIt(medium)).map(({ trialId, trialName, cropId }) => ({
    trialId,
    trialName,
    cropName: cropId === null ? null : crops.get(cropId)?.name ?? cropId
  }));
}

const MOST_SIZES = 30;
const MOST_TRIALS = 5;
const CRITERIA = [
  "cost",
  "air",
  "days",
  "water",
  "sunk",
  "weeds"
];
async function candidatesPage(db, { of = "", pot, crop: askedCrop, by = "" }) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const humifiedFines = tables.materials.get("humified-fines");
  if (!humifiedFines) throw new Error("The material that rotten mix becomes is missing.");
  const asked = await askedCandidates(db, of);
  const sizes = sizesWith(tables, pot);
  const container = sizes.find(({ id }) => id === pot) ?? sizes[0] ?? null;
  const tried = await trialsWith(db, asked);
  const cropId = askedCrop ?? (pot && container ? await cropIn(db, container) : cropTried(tried, asked, by));
  const crop = cropId && tables.crops.get(cropId) || null;
  const { month, place: worst } = worstMonth(site);
  const place = {
    ...worst,
    exposureFactor: EXPOSURE_FACTORS[container?.exposure ?? "open"]
  };
  const { shape, headspaceCm } = container ?? USUAL_POT;
  const prices = new Map(
    (await listMaterials(db)).map(({ material, pricePerLitre }) => [material.id, pricePerLitre])
  );
  const setting = {
    container: { shape, fillHeightCm: shape.heightCm - headspaceCm },
    crop,
    place,
    humifiedFines,
    priceOf: (materialId) => prices.get(materialId) ?? null,
    standards: await listFindings(db, { kind: "standard" })
  };
  const there = [];
  for (const sample of asked) {
    const candidate = await readCandidate(db, tables, setting, sample);
    if (candidate) there.push({ sample, candidate });
  }
  const candidates = there.map(({ candidate }) => candidate);
  const trials = await trialViews(
    db,
    tables,
    tried,
    there.map(({ sample }) => sample),
    candidates.map(({ version }) => version),
    crop?.id ?? null
  );
  const wish = mixWish({ crop, group: null });
  const given = Math.min(MOST_CANDIDATES, new Set(of.split(",").filter(Boolean)).size);
  return {
    of: candidates.map(({ key }) => key),
    missing: Math.max(0, given - candidates.length),
    by: criterionOf(by, trials) ?? usualCriterion(trials, wish !== null),
    samples: await sampleChoices(db, ""),
    pots: sizes.map(({ id, name, place: where, shape: { heightCm }, headspaceCm: free }) => ({
      id,
      name,
      place: where,
      heightCm: heightCm - free
    })),
    crops: [...tables.crops.values()].map(({ id, name }) => ({ id, name })),
    potId: container?.id ?? null,
    cropId: crop?.id ?? null,
    potName: container?.name ?? "",
    fillHeightCm: setting.container.fillHeightCm,
    wish,
    place,
    month,
    candidates,
    trials
  };
}
async function cropIn(db, { id, lotId }) {
  return lotId === null ? null : (await growingPlanting(db, id, lotId))?.cropId ?? null;
}
const keptSizes = /* @__PURE__ */ new WeakMap();
function sizesOfAll(containers) {
  const kept = keptSizes.get(containers);
  if (kept) return kept;
  const sizes = /* @__PURE__ */ new Map();
  for (const one of containers) {
    const { id, name, shape, headspaceCm, exposure } = one;
    const size = JSON.stringify([name, shape, headspaceCm, exposure]);
    const known = sizes.get(size);
    if (known) known.ids.add(id);
    else sizes.set(size, { first: one, ids: /* @__PURE__ */ new Set([id]) });
  }
  const inOrder = [...sizes.values()].sort((a, b) => b.ids.size - a.ids.size);
  keptSizes.set(containers, inOrder);
  return inOrder;
}
function sizesWith({ containers, containersById }, asked) {
  const sizes = sizesOfAll(containers);
  const own = asked === void 0 ? void 0 : containersById.get(asked);
  const shown = sizes.slice(0, MOST_SIZES).map(({ first, ids }) => own && ids.has(own.id) ? own : first);
  return own && !shown.includes(own) ? [own, ...shown] : shown;
}
async function trialsWith(db, samples) {
  const numbersOf = (kind) => samples.filter((one) => one.kind === kind).map(({ id }) => Number(id));
  const found = await trialsOfMedia(
    db,
    {
      mixIds: numbersOf("mix"),
      lotIds: numbersOf("lot"),
      materialIds: samples.filter(({ kind }) => kind === "material").map(({ id }) => String(id))
    },
    MOST_TRIALS
  );
  const trials = [];
  for (const one of found) trials.push(await keptTrial(db, one));
  return trials;
}
function cropTried(trials, samples, by) {
  const holdsTwo = (trial) => samples.filter((one) => treatmentOf(trial, one) !== null).length > 1;
  const asked = trials.find(({ id }) => by === `trial:${id}`);
  const grown = trials.find((trial) => trial.cropId !== null && holdsTwo(trial));
  return (asked ?? grown)?.cropId ?? null;
}
async function trialViews(db, tables, trials, samples, versions, cropId) {
  const found = [];
  for (const trial of trials) {
    const one = await candidatesTrial(db, tables, trial, samples, versions);
    if (one) found.push(one);
  }
  const weight = ({ cropId: grown, treatments }) => (grown !== null && grown === cropId ? MOST_CANDIDATES : 0) + treatments.filter(Boolean).length;
  return found.sort((a, b) => weight(b) - weight(a) || b.trialId - a.trialId);
}
function criterionOf(by, trials) {
  if (CRITERIA.includes(by)) return by;
  return trials.some((one) => by === `trial:${one.trialId}` && isJudged$1(one)) ? by : null;
}
function usualCriterion(trials, hasWish) {
  const tried = trials.find((one) => isJudged$1(one) && one.treatments.filter(Boolean).length > 1);
  if (tried) return `trial:${tried.trialId}`;
  return hasWish ? "air" : "cost";
}
function isJudged$1({ state, isVoid }) {
  return state === "closed" && !isVoid;
}

const candidates = {
  title: common.actions.candidates,
  lead: "All that is known of mixes you may use, in one pot. Each number says where it comes from.",
  empty: "Nothing is held against anything yet",
  emptyNext: "Choose a mix, a bag or a lot below.",
  missing: (count) => count === 1 ? "One of the candidates is not there any more, or was never there." : `${count} of the candidates are not there any more, or were never there.`,
  pot: "In which pot",
  crop: "For",
  anything: "whatever grows",
  by: "What matters most",
  against: "Hold them against",
  add: "Add a candidate",
  choose: "+ a mix, a bag or a lot …",
  full: (most) => `${most} fit beside each other: take one off to add another.`,
  takeOff: (name) => `Take off ${name}`,
  takeOffShort: "Take off",
  yardstick: "held against this",
  version: (number) => `version ${number}`,
  kinds: { mix: "own mix", material: "as it comes", lot: "lot" },
  standard: (crop) => crop ? `your standard for ${crop}` : "your standard",
  water: "Pour water onto them",
  plan: "Plan a trial of them",
  planNext: "They were not tried against each other yet.",
  onePlan: "Add another to hold it against.",
  inTrial: (trial) => `what “${trial}” found`,
  criteria: {
    cost: "what a litre costs",
    air: "air after draining",
    days: "days between waterings",
    water: "water it can use",
    sunk: "how little it settles",
    weeds: "how few weeds come up"
  },
  groups: {
    what: "What it is, and costs",
    pot: (pot, fill) => `In ${pot || "a usual pot"}, ${fill} of mix`,
    bench: "On the bench",
    sunk: "How it sank",
    weeds: "Weeds",
    look: "Smell and look"
  },
  rows: {
    cost: "A litre",
    parts: "Made of",
    air: "Air after draining",
    days: "Between waterings",
    water: "Water it can use",
    weight: "Weight after draining",
    ph: "pH",
    ec: "Salts",
    nitrogen: "Nitrogen tied up",
    down: "Sinks in a season",
    settled: "Settles when watered in",
    weeds: "Weeds that come up",
    weedsM2: (trial) => `In “${trial}”`,
    sunkIn: (trial) => `In “${trial}”`,
    yieldIn: "Harvest from a litre of mix",
    smell: "Smell",
    sights: "Seen in it",
    state: "State of the lot"
  },
  unknown: "not known",
  none: "nothing",
  noPrice: (names) => `no price for ${names}`,
  partPrice: "part of it has no price",
  forEver: "loses nothing",
  daysUnit: "days",
  outside: {
    air: { low: "too little", high: "too much" },
    ph: { low: "too acid", high: "too alkaline" }
  },
  forCrop: (what, crop) => `${what} for ${crop}`,
  likely: (low, high) => `likely ${low} to ${high}`,
  wanted: (low, high) => `wanted ${low} to ${high}`,
  perM2: "a m²",
  ledger: (lot) => `by the ledger of ${lot}`,
  test: (runs, on) => runs === 1 ? `tested once, ${on}` : `${runs} runs, ${on}`,
  measured: (on) => `read on ${on}`,
  apart: {
    more: "▲ more",
    less: "▼ less",
    same: "= not told apart"
  },
  smells: {
    earthy: "of earth",
    nothing: "of nothing",
    sour: "sour: it had no air",
    "rotten egg": "of rotten egg: it had no air",
    ammonia: "of ammonia: not done yet"
  },
  trial: {
    head: (crop, control) => [crop, `control: ${control}`].filter(Boolean).join(", "),
    running: "it still goes on, so nothing is judged",
    void: "void: it says nothing of its mixes",
    hidden: "scored blind, and it still goes on: nothing is told yet",
    day: (day) => `day ${day}`,
    used: (n, planted) => `${n} of ${planted} pots`,
    control: "the control",
    against: (verdict, control) => {
      const said = trialVerdicts.verdicts[verdict];
      return verdict === "better" || verdict === "worse" ? `${said} than ${control}` : said;
    },
    crops: (wins, losses) => `ahead with ${wins}, behind with ${losses}`,
    older: (version) => `as version ${version}`,
    measured: (measure, trial) => `${measure} in ${trial}`
  },
  said: {
    nothing: (by) => `Nothing is known yet of ${by}.`,
    alone: (name, by) => `Only of ${name} it is known: ${by}.`,
    first: (name, by) => `By ${by}, ${name} comes first.`,
    level: (names) => `${names} may be as good.`,
    behind: (names, many) => many ? `${names} are behind.` : `${names} is behind.`,
    unknown: (names) => `Of ${names} it is not known.`,
    and: " and "
  },
  rule: "How a difference is named",
  ruleSaid: [
    "A trial decides before a test, a test before a recipe. Of a trial its own verdict is told, and nothing between two mixes that were not held against each other.",
    "Two tests are apart where each was run at least twice and their runs do not overlap; a single run tells nothing apart. Two predictions are apart where the ranges they are likely in (four chances in five) do not meet. Prices are compared as they are.",
    "Everything else is “not told apart”: it may be equal, or a test or a trial would tell."
  ]
};

function airOf({ answer, waterTestedOn }) {
  if (!answer) return null;
  const value = answer.capacity.airFraction;
  const { p10, p90 } = answer.likely.airFraction;
  return waterTestedOn ? {
    value,
    likely: [Math.max(0, value - AIR_TEST_ERROR), value + AIR_TEST_ERROR],
    measuredOn: waterTestedOn
  } : { value, likely: [p10, p90], measuredOn: null };
}
function waterOf({ answer }) {
  if (!answer) return null;
  const { p10, p90 } = answer.likely.usableFraction;
  const { fillLitres, dry } = answer;
  return {
    value: dry.usableLitres,
    likely: [p10 * fillLitres, p90 * fillLitres],
    measuredOn: null
  };
}
function daysOf(candidate) {
  const water = waterOf(candidate);
  const days = candidate.answer?.dry.days;
  if (!water || days == null || !(water.value > 0)) return null;
  const [low = 0, high = 0] = water.likely ?? [];
  return {
    value: days,
    likely: [days * low / water.value, days * high / water.value],
    measuredOn: null
  };
}
function costOf({ cost }) {
  return cost.perLitre === null ? null : { value: cost.perLitre, measuredOn: null };
}
function phOf(candidate) {
  const { ph, answer } = candidate;
  if (ph) return readAs(candidate, ph, "ph");
  if (!answer) return null;
  return {
    value: answer.ph,
    likely: [answer.likely.ph.p10, answer.likely.ph.p90],
    measuredOn: null
  };
}
function saltsOf(candidate) {
  const { ecSme, answer } = candidate;
  if (ecSme) return readAs(candidate, ecSme, "ecSme");
  if (!answer) return null;
  return {
    value: answer.ecSme,
    likely: [answer.likely.ecSme.p10, answer.likely.ecSme.p90],
    measuredOn: null
  };
}
function readAs(candidate, { value, measuredOn }, name) {
  const tested = testedOf(candidate, "phEc", name);
  const runs = tested && tested.measuredOn === measuredOn ? tested.runs : [value];
  return { value, runs, measuredOn };
}
function testedOf({ tests }, kind, name) {
  const test = tests.find((one) => one.kind === kind);
  const runs = test?.values.find((one) => one.name === name)?.values ?? [];
  if (!test || runs.length === 0) return null;
  const value = runs.reduce((sum, one) => sum + one, 0) / runs.length;
  return { value, runs, measuredOn: test.on, test };
}
function weedsOf(candidate) {
  const tested = testedOf(candidate, "weeds", "weeds");
  if (!tested) return null;
  const told = tested.test.verdicts.find(({ id }) => id === "weeds")?.told;
  const [low, high] = [told?.low, told?.high];
  const { value, runs, measuredOn } = tested;
  return (runs?.length ?? 0) < 2 && typeof low === "number" && typeof high === "number" ? { value, likely: [low, high], measuredOn } : { value, runs, measuredOn };
}

const FACTS = {
  cost: costOf,
  air: airOf,
  days: daysOf,
  water: waterOf,
  sunk: (candidate) => testedOf(candidate, "settling", "settled"),
  weeds: weedsOf
};
function criteriaOf(page) {
  const known = Object.keys(FACTS).filter(
    (one) => page.candidates.some((candidate) => FACTS[one](candidate) !== null)
  );
  return [
    ...page.trials.filter(isJudged).map((trial) => ({ id: `trial:${trial.trialId}`, name: candidates.inTrial(trial.name) })),
    ...known.map((id) => ({ id, name: candidates.criteria[id] }))
  ];
}
function rankPage(page) {
  const trial = page.trials.find(({ trialId }) => page.by === `trial:${trialId}`);
  if (trial) {
    const measure = trialResults.measures[trial.measure].toLowerCase();
    return { ...rankByTrial(trial), byName: candidates.trial.measured(measure, `“${trial.name}”`) };
  }
  const by = Object.keys(FACTS).find((one) => one === page.by) ?? "cost";
  const values = page.candidates.map(FACTS[by]);
  const ranked = rankCandidates(values, wishOf(by, page));
  return { ...ranked, byName: candidates.criteria[by] };
}
function wishOf(by, { wish }) {
  if (by === "air" && wish) return { low: wish.airMin, high: wish.airMax };
  return by === "cost" || by === "sunk" || by === "weeds" ? "less" : "more";
}
function rankByTrial(trial) {
  const main = trial.measures.find(({ measure }) => measure === trial.measure);
  const values = trial.treatments.map((one, at) => {
    const cell = main?.cells[at];
    if (!one || !main) return null;
    if (trial.kind === "side-by-side") {
      const { wins, losses } = cell?.sides ?? { wins: 0, losses: 0 };
      return { value: wins - losses };
    }
    const last = cell?.points.at(-1);
    return last ? { value: last.mean } : null;
  });
  const wish = trial.kind === "side-by-side" ? "more" : trial.wish;
  return rankCandidates(values, wish, (one, other) => {
    const [a, b] = [trial.treatments[one], trial.treatments[other]];
    const judged = a?.number === 0 ? other : b?.number === 0 ? one : null;
    const verdict = judged === null ? null : main?.cells[judged]?.verdict ?? null;
    return verdict === "better" || verdict === "worse";
  });
}
function isJudged({ state, isVoid }) {
  return state === "closed" && !isVoid;
}
function againstYardstick(value, yardstick) {
  if (!value || !yardstick) return null;
  if (!toldApart(value, yardstick)) return "same";
  return value.value > yardstick.value ? "more" : "less";
}
function rankText({ byName, leader, level, behind, unknown }, names) {
  const said = candidates.said;
  if (leader === null) return said.nothing(byName);
  const listed = (all) => {
    const some = all.map((at) => names[at] ?? "");
    return some.length < 2 ? some[0] ?? "" : `${some.slice(0, -1).join(", ")}${said.and}${some.at(-1)}`;
  };
  const known = [...level, ...behind].length > 0;
  return [
    known ? said.first(names[leader] ?? "", byName) : said.alone(names[leader] ?? "", byName),
    level.length > 0 && said.level(listed(level)),
    behind.length > 0 && said.behind(listed(behind), behind.length > 1),
    known && unknown.length > 0 && said.unknown(listed(unknown))
  ].filter(Boolean).join(" ");
}

function sheetAddress(page, change = {}) {
  const { of, potId, cropId, by } = { ...page, ...change };
  const query = new URLSearchParams({
    of: of.join(","),
    ...potId === null ? {} : { pot: String(potId) },
    crop: cropId ?? "none",
    by
  });
  return `/trials/candidates?${query}`;
}
function planAddress(of) {
  const first = of.find((key) => /^(mix|lot):/.test(key));
  const [kind, id] = first?.split(":") ?? [];
  return `/trials/new?kind=comparison${kind ? `&${kind}=${id}` : ""}`;
}
function waterAddress(of) {
  const keys = of.flatMap(
    (key) => key.startsWith("lot:") ? [] : [key.slice(key.indexOf(":") + 1)]
  );
  return keys.length > 1 ? `/mixes/compare?mixes=${keys.slice(0, 4).join(",")}` : null;
}

function CandidateChoices({ page }) {
  const { format } = useSite();
  const { of, candidates: candidates$1, pots, potId, crops, cropId, by, samples } = page;
  const go = (change) => window.location.assign(sheetAddress(page, change));
  const criteria = criteriaOf(page);
  return /* @__PURE__ */ jsxs("div", { className: styles.choices, children: [
    pots.length > 0 && /* @__PURE__ */ jsx(
      SelectField,
      {
        label: candidates.pot,
        value: String(potId),
        onChange: (event) => go({ potId: Number(event.target.value) }),
        children: pots.map(({ id, name, place, heightCm }) => /* @__PURE__ */ jsxs("option", { value: id, children: [
          name,
          " · ",
          place,
          ", ",
          format.plain(format.cm(heightCm))
        ] }, id))
      }
    ),
    /* @__PURE__ */ jsxs(
      SelectField,
      {
        label: candidates.crop,
        value: cropId ?? "",
        onChange: (event) => go({ cropId: event.target.value || null }),
        children: [
          /* @__PURE__ */ jsx("option", { value: "", children: candidates.anything }),
          crops.map(({ id, name }) => /* @__PURE__ */ jsx("option", { value: id, children: name }, id))
        ]
      }
    ),
    criteria.length > 0 && /* @__PURE__ */ jsx(
      SelectField,
      {
        label: candidates.by,
        value: by,
        onChange: (event) => go({ by: event.target.value }),
        children: criteria.map(({ id, name }) => /* @__PURE__ */ jsx("option", { value: id, children: name }, id))
      }
    ),
    candidates$1.length > 1 && /* @__PURE__ */ jsx(
      SelectField,
      {
        label: candidates.against,
        value: of[0] ?? "",
        onChange: ({ target: { value } }) => go({ of: [value, ...of.filter((key) => key !== value)] }),
        children: candidates$1.map(({ key, name }) => /* @__PURE__ */ jsx("option", { value: key, children: name }, key))
      }
    ),
    candidates$1.length < MOST_CANDIDATES ? /* @__PURE__ */ jsx(
      SampleChooser,
      {
        label: candidates.add,
        none: candidates.choose,
        samples,
        chosen: null,
        onChoose: (sample) => sample && !of.includes(keyOf(sample)) && go({ of: [...of, keyOf(sample)] })
      }
    ) : /* @__PURE__ */ jsx("p", { className: styles.quiet, children: candidates.full(MOST_CANDIDATES) })
  ] });
}

function CandidateCell({
  cell,
  name,
  pressed,
  onAsk
}) {
  if (!cell) {
    return /* @__PURE__ */ jsxs("span", { className: styles.quiet, children: [
      /* @__PURE__ */ jsx("span", { "aria-hidden": "true", children: "–" }),
      /* @__PURE__ */ jsx("span", { className: "visually-hidden", children: candidates.unknown })
    ] });
  }
  const { amount, measuredOn, text, notes, origin, why, band } = cell;
  const figure = {
    amount: amount ?? { number: "", unit: "" },
    ...measuredOn === void 0 ? {} : { measuredOn }
  };
  return /* @__PURE__ */ jsxs("div", { className: styles.cell, children: [
    amount && (why ? /* @__PURE__ */ jsx(WhyFigure, { name, pressed, onAsk: () => onAsk(why), ...figure }) : /* @__PURE__ */ jsx(Figure, { ...figure })),
    text && /* @__PURE__ */ jsx("span", { children: text }),
    band && /* @__PURE__ */ jsx(Band, { value: band.value, low: band.low, high: band.high, from: band.from, to: band.to }),
    notes.map((note) => /* @__PURE__ */ jsx("small", { children: note }, note)),
    origin && /* @__PURE__ */ jsx("small", { children: /* @__PURE__ */ jsx("a", { href: origin.href, children: origin.name }) })
  ] });
}

function resultAddress({ trialId }, measure) {
  return `/trials/${trialId}/results?measure=${measure}`;
}
function testOrigin({ testId, runs, on }, format) {
  return { origin: { name: candidates.test(runs, format.day(on)), href: `/bench/tests/${testId}` } };
}
function sentence(text) {
  return { amount: null, text, notes: [] };
}

function trialRows(trial, controlName, format) {
  const rows = trial.measures.map(({ measure, isShare, cells }) => {
    const write = (value) => valueText(value, measure, isShare, format);
    return {
      key: `${trial.trialId} ${measure}`,
      name: trialResults.measures[measure],
      href: resultAddress(trial, measure),
      cells: cells.map((cell, at) => {
        const treatment = trial.treatments[at];
        if (!cell || !treatment) return null;
        const last = cell.points.at(-1);
        return {
          amount: last ? amountOf(write(last.mean)) : null,
          ...cell.sides ? { text: candidates.trial.crops(cell.sides.wins, cell.sides.losses) } : {},
          notes: [
            last ? `${candidates.trial.day(last.day)}, ${candidates.trial.used(last.n, treatment.planted)}` : "",
            ...earlier(cell.points, write),
            treatment.version === null ? "" : candidates.trial.older(treatment.version),
            treatment.number === 0 ? candidates.trial.control : "",
            cell.verdict ? candidates.trial.against(cell.verdict, controlName) : ""
          ].filter(Boolean)
        };
      })
    };
  });
  const yields = trial.treatments.map(
    (one) => one?.yieldPerLitreG == null ? null : { amount: amountOf(`${format.plain(format.grams(one.yieldPerLitreG))} / L`), notes: [] }
  );
  return yields.some((cell) => cell !== null) ? [...rows, { key: `${trial.trialId} yield`, name: candidates.rows.yieldIn, cells: yields }] : rows;
}
function earlier(points, write) {
  return points.slice(0, -1).map(({ day, mean }) => `${candidates.trial.day(day)}: ${write(mean)}`);
}
function amountOf(written) {
  const [number = "", ...unit] = written.split(" ");
  return { number, unit: unit.join(" ") };
}

function potRows(page, format, row) {
  const { candidates: candidates$1, wish, crops, cropId } = page;
  const crop = lowerFirst(crops.find(({ id }) => id === cropId)?.name ?? "");
  const percent = (share) => format.plain(format.percent(share));
  const facts = (of, amount, more, wanted = null) => {
    const [yardstick] = candidates$1;
    return (candidate) => {
      const fact = of(candidate);
      if (!fact) return null;
      const against = candidate === yardstick ? null : againstYardstick(fact, yardstick ? of(yardstick) : null);
      const [low, high] = fact.likely ?? [];
      return {
        amount: amount(fact.value),
        measuredOn: fact.measuredOn,
        notes: [
          fact.measuredOn === null && low !== void 0 && high !== void 0 ? candidates.likely(amount(low).number, format.plain(amount(high)).trim()) : "",
          fact.measuredOn === null ? "" : candidates.measured(format.day(fact.measuredOn)),
          wanted && fact.value < wanted.low ? candidates.forCrop(candidates.outside[wanted.of].low, crop) : "",
          wanted && fact.value > wanted.high ? candidates.forCrop(candidates.outside[wanted.of].high, crop) : "",
          against ? candidates.apart[against] : ""
        ].filter(Boolean),
        ...more,
        ...wanted ? { band: { value: fact.value, ...wanted } } : {}
      };
    };
  };
  const days = (value) => ({
    number: format.number(value, 1),
    unit: candidates.daysUnit
  });
  const kg = (value) => ({ number: format.number(value, 1), unit: "kg" });
  const ph = (value) => ({ number: format.number(value, 1), unit: "" });
  const salts = (value) => ({ number: format.number(value, 1), unit: "dS/m" });
  const air = wish && { low: wish.airMin, high: wish.airMax, from: 0, to: 0.6, of: "air" };
  const acid = wish && { low: wish.pHLow, high: wish.pHHigh, from: 3.5, to: 8.5, of: "ph" };
  return [
    ...row(
      "air",
      named(candidates.rows.air, wish && [percent(wish.airMin), percent(wish.airMax)]),
      facts(airOf, format.percent, { why: "air" }, air)
    ),
    ...row(
      "days",
      candidates.rows.days,
      (one) => one.answer?.dry.days === null ? sentence(candidates.forEver) : facts(daysOf, days, { why: "days" })(one)
    ),
    ...row("water", candidates.rows.water, facts(waterOf, format.litres, { why: "water" })),
    ...row(
      "weight",
      candidates.rows.weight,
      ({ answer }) => answer ? { amount: kg(answer.dry.heftCapacityKg), measuredOn: null, notes: [], why: "weight" } : null
    ),
    ...row(
      "ph",
      named(candidates.rows.ph, wish && [ph(wish.pHLow).number, ph(wish.pHHigh).number]),
      facts(phOf, ph, { why: "ph" }, acid)
    ),
    ...row("ec", candidates.rows.ec, facts(saltsOf, salts, { why: "ec" })),
    ...row(
      "nitrogen",
      candidates.rows.nitrogen,
      ({ answer }) => answer?.nitrogen ? {
        amount: { number: format.number(answer.nitrogen.tiedUpMgPerL), unit: "mg/L" },
        measuredOn: null,
        notes: [],
        why: "nitrogen"
      } : null
    )
  ];
}
function named(name, wanted) {
  return wanted ? `${name}, ${candidates.wanted(wanted[0], wanted[1])}` : name;
}

const TOLD = [
  ["drain", ["mark", "mlPerMin", "retainedShare"]],
  ["layers", ["wetZone"]],
  ["porosity", ["airFraction", "waterFraction", "totalPorosity", "bulkDensity"]],
  ["wetting", ["median"]],
  ["jar", ["buffer"]],
  ["sieve", ["loss", "woody"]]
];
const IN_WORDS = ["squeeze", "palm", "seedling"];
const SEASON = 1;
const SIGHTS = bench.choices.sights;
function testCell(kind, name, candidates$1, format) {
  const [yardstick] = candidates$1;
  return (candidate) => {
    const fact = testedOf(candidate, kind, name);
    if (!fact) return null;
    const unit = fact.test.values.find((one) => one.name === name)?.unit ?? "times";
    const other = yardstick && candidate !== yardstick ? testedOf(yardstick, kind, name) : null;
    const against = againstYardstick(fact, other);
    return {
      amount: valueAmount(fact.value, unit, format),
      measuredOn: fact.measuredOn,
      notes: against ? [candidates.apart[against]] : [],
      ...testOrigin(fact.test, format)
    };
  };
}
function benchRows({ candidates }, format, row) {
  return [
    ...TOLD.flatMap(
      ([kind, names]) => names.flatMap(
        (name) => row(`${kind} ${name}`, valueName(name), testCell(kind, name, candidates, format))
      )
    ),
    ...IN_WORDS.flatMap(
      (kind) => row(kind, bench.tests[kind].name, ({ tests }) => {
        const test = tests.find((one) => one.kind === kind);
        if (!test) return null;
        const said = test.verdicts.map((one) => benchVerdict(one, format)).join(" ");
        return { ...sentence(said), ...testOrigin(test, format) };
      })
    )
  ];
}
function sunkRows(page, format, row) {
  const cm = (value, measured) => ({
    amount: format.cm(value),
    ...measured ? {} : { measuredOn: null, why: "seasons" },
    notes: []
  });
  return [
    ...row("settled", candidates.rows.settled, testCell("settling", "settled", page.candidates, format)),
    ...page.trials.flatMap(
      (trial) => row(
        `sunk ${trial.trialId}`,
        candidates.rows.sunkIn(trial.name),
        (_, at) => {
          const sunk = trial.treatments[at]?.sunkCm;
          return sunk == null ? null : cm(sunk, true);
        },
        resultAddress(trial, "sunk")
      )
    ),
    ...row("down", candidates.rows.down, ({ answer }) => {
      const down = answer?.seasons[SEASON]?.downCm;
      return down === void 0 ? null : cm(down, false);
    })
  ];
}
function weedRows(page, format, row) {
  const [yardstick] = page.candidates;
  return [
    ...row("weeds", candidates.rows.weeds, (candidate) => {
      const tested = testedOf(candidate, "weeds", "weeds");
      const mine = weedsOf(candidate);
      if (!tested || !mine) return null;
      const other = yardstick && candidate !== yardstick ? weedsOf(yardstick) : null;
      const against = againstYardstick(mine, other);
      return {
        amount: valueAmount(mine.value, "per 100 cm²", format),
        measuredOn: mine.measuredOn,
        notes: against ? [candidates.apart[against]] : [],
        ...testOrigin(tested.test, format)
      };
    }),
    ...page.trials.flatMap(
      (trial) => row(
        `weeds ${trial.trialId}`,
        candidates.rows.weedsM2(trial.name),
        (_, at) => {
          const weeds = trial.treatments[at]?.weedsPerM2;
          if (weeds == null) return null;
          return {
            amount: { number: format.number(weeds), unit: candidates.perM2 },
            notes: []
          };
        },
        resultAddress(trial, "emerged")
      )
    )
  ];
}
function lookRows(format, row) {
  return [
    ...row("smell", candidates.rows.smell, ({ tests }) => {
      const look = tests.find(({ smell: smell2 }) => smell2 !== null);
      const smell = look?.smell;
      return look && smell ? { ...sentence(candidates.smells[smell]), ...testOrigin(look, format) } : null;
    }),
    ...row("sights", candidates.rows.sights, ({ tests }) => {
      const look = tests.find(({ sights }) => sights.length > 0);
      const seen = look?.sights.map((one) => SIGHTS[one] ?? one).join(", ");
      return look && seen ? { ...sentence(seen), ...testOrigin(look, format) } : null;
    })
  ];
}

function whatRows(format, row) {
  return [
    ...row("cost", candidates.rows.cost, (one) => costCell(one, format)),
    ...row("parts", candidates.rows.parts, (one) => partsCell(one, format)),
    ...row(
      "state",
      candidates.rows.state,
      ({ finding }) => finding ? sentence(findingText(finding, format)) : null
    )
  ];
}
function costCell(candidate, format) {
  const { cost, kind, address, name } = candidate;
  const fact = costOf(candidate);
  if (!fact) {
    const why = cost.missing.length > 0 ? candidates.noPrice(cost.missing.join(", ")) : candidates.partPrice;
    return { ...sentence(candidates.unknown), notes: [why] };
  }
  const amount = { number: format.money(fact.value), unit: "" };
  return kind === "lot" ? {
    amount,
    notes: [],
    ...address ? { origin: { name: candidates.ledger(name), href: address } } : {}
  } : { amount, notes: [], why: "cost" };
}
function partsCell({ strata }, format) {
  if (strata.length === 0) return sentence(candidates.none);
  if (strata.length === 1) return sentence(strata[0]?.name ?? "");
  return {
    amount: null,
    notes: [...strata].sort((a, b) => b.share - a.share).map(({ name, share }) => `${format.plain(format.percent(share))} ${name}`)
  };
}

function sheetGroups(page, format) {
  const row = (key, name, cellOf, href) => {
    const cells = page.candidates.map(cellOf);
    const isKnown = cells.some((cell) => cell !== null);
    return isKnown ? [{ key, name, cells, ...href ? { href } : {} }] : [];
  };
  const fill = format.plain(format.cm(page.fillHeightCm));
  const groups = [
    { key: "what", name: candidates.groups.what, rows: whatRows(format, row) },
    { key: "pot", name: candidates.groups.pot(page.potName, fill), rows: potRows(page, format, row) },
    { key: "bench", name: candidates.groups.bench, rows: benchRows(page, format, row) },
    { key: "sunk", name: candidates.groups.sunk, rows: sunkRows(page, format, row) },
    { key: "weeds", name: candidates.groups.weeds, rows: weedRows(page, format, row) },
    { key: "look", name: candidates.groups.look, rows: lookRows(format, row) },
    ...page.trials.map((trial) => trialGroup(trial, page, format))
  ];
  return groups.filter(({ rows, note }) => rows.length > 0 || note !== void 0);
}
function trialGroup(trial, { candidates: candidates$1 }, format) {
  const { name, trialId, cropName, state, isVoid, isHidden } = trial;
  const control = trial.treatments.findIndex((one) => one?.number === 0);
  const controlName = candidates$1[control]?.name ?? trial.controlName;
  const standing = isHidden ? candidates.trial.hidden : isVoid ? candidates.trial.void : state === "closed" ? "" : candidates.trial.running;
  return {
    key: `trial ${trialId}`,
    name,
    href: `/trials/${trialId}/results`,
    note: [candidates.trial.head(cropName, controlName), standing].filter(Boolean).join("; "),
    isVoid,
    rows: isHidden ? [] : trialRows(trial, controlName, format)
  };
}

const FIRST = "what";
function CandidateTable({
  page,
  order
}) {
  const { format } = useSite();
  const [asked, setAsked] = useState(null);
  const inOrder = order.flatMap((at) => {
    const candidate = page.candidates[at];
    return candidate ? [{ at, candidate }] : [];
  });
  const width = inOrder.length + 1;
  return /* @__PURE__ */ jsx(Sideways, { label: candidates.title, children: /* @__PURE__ */ jsxs("table", { className: styles.sheet, children: [
    /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsxs("tr", { children: [
      /* @__PURE__ */ jsx("td", {}),
      inOrder.map(({ at, candidate }) => /* @__PURE__ */ jsx("th", { scope: "col", children: /* @__PURE__ */ jsx(Head, { page, candidate, isYardstick: at === 0 && width > 2 }) }, candidate.key))
    ] }) }),
    sheetGroups(page, format).map(({ key, name, href, note, isVoid, rows }) => /* @__PURE__ */ jsxs("tbody", { className: isVoid ? styles.greyed : void 0, children: [
      /* @__PURE__ */ jsx("tr", { className: styles.group, children: /* @__PURE__ */ jsx("th", { scope: "rowgroup", colSpan: width, children: /* @__PURE__ */ jsxs("span", { className: styles.stay, children: [
        href ? /* @__PURE__ */ jsx("a", { href, children: name }) : name,
        note && /* @__PURE__ */ jsx("small", { children: note })
      ] }) }) }),
      key !== FIRST && rows.length > 0 && /* @__PURE__ */ jsxs("tr", { className: styles.again, children: [
        /* @__PURE__ */ jsx("td", {}),
        inOrder.map(({ candidate }) => /* @__PURE__ */ jsx("td", { children: candidate.name }, candidate.key))
      ] }),
      rows.map((row) => /* @__PURE__ */ jsxs(Fragment, { children: [
        /* @__PURE__ */ jsxs("tr", { children: [
          /* @__PURE__ */ jsx("th", { scope: "row", children: row.href ? /* @__PURE__ */ jsx("a", { href: row.href, children: row.name }) : row.name }),
          inOrder.map(({ at, candidate }) => {
            const cell = row.cells[at] ?? null;
            const isAsked = asked?.row === row.key && asked.candidate === candidate.key;
            return /* @__PURE__ */ jsx("td", { children: /* @__PURE__ */ jsx(
              CandidateCell,
              {
                cell,
                name: `${row.name}, ${candidate.name}`,
                pressed: isAsked,
                onAsk: (why) => setAsked(
                  isAsked ? null : { row: row.key, candidate: candidate.key, why }
                )
              }
            ) }, candidate.key);
          })
        ] }),
        asked?.row === row.key && /* @__PURE__ */ jsx("tr", { children: /* @__PURE__ */ jsx("td", { colSpan: width, className: styles.why, children: /* @__PURE__ */ jsx(Why, { page, asked, onClose: () => setAsked(null) }) }) })
      ] }, row.key))
    ] }, key))
  ] }) });
}
function Why({
  page,
  asked,
  onClose
}) {
  const candidate = page.candidates.find(({ key }) => key === asked.candidate);
  if (!candidate?.answer) return null;
  const { cost, costLitres, answer } = candidate;
  const { wish, place, fillHeightCm } = page;
  return /* @__PURE__ */ jsx(
    MixWhy,
    {
      asked: asked.why,
      answer,
      facts: { wish, place, fillHeightCm, cost, partLitres: costLitres },
      onClose
    }
  );
}
function Head({
  page,
  candidate: { key, kind, name, version, address, strata, standardFor },
  isYardstick
}) {
  return /* @__PURE__ */ jsxs("div", { className: styles.head, children: [
    /* @__PURE__ */ jsx(CoreSample, { strata, size: "row" }),
    /* @__PURE__ */ jsxs("div", { children: [
      address ? /* @__PURE__ */ jsx("a", { href: address, children: name }) : name,
      /* @__PURE__ */ jsx("small", { children: [candidates.kinds[kind], version !== null && candidates.version(version)].filter(Boolean).join(", ") }),
      isYardstick && /* @__PURE__ */ jsx("small", { children: candidates.yardstick }),
      standardFor.map(({ trialId, trialName, cropName }) => /* @__PURE__ */ jsx("small", { children: /* @__PURE__ */ jsx("a", { href: `/trials/${trialId}/results`, title: trialName, children: candidates.standard(cropName) }) }, `${trialId} ${cropName}`)),
      /* @__PURE__ */ jsx(
        "a",
        {
          className: styles.off,
          href: sheetAddress(page, { of: page.of.filter((one) => one !== key) }),
          "aria-label": candidates.takeOff(name),
          children: candidates.takeOffShort
        }
      )
    ] })
  ] });
}

function CandidatesScreen({
  page,
  site
}) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(Sheet, { page }) });
}
function Sheet({ page }) {
  const { candidates: candidates$1, missing, of, trials } = page;
  const ranked = rankPage(page);
  const water = waterAddress(of);
  const wasTried = trials.some((one) => isJudged(one) && one.treatments.filter(Boolean).length > 1);
  return /* @__PURE__ */ jsxs(Fragment$1, { children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: candidates.title,
        lead: candidates.lead,
        actions: water && /* @__PURE__ */ jsx(LinkButton, { href: water, children: candidates.water })
      }
    ),
    missing > 0 && /* @__PURE__ */ jsx(Notice, { tone: "act", children: candidates.missing(missing) }),
    candidates$1.length === 0 ? /* @__PURE__ */ jsxs(Fragment$1, { children: [
      /* @__PURE__ */ jsx(EmptyState, { title: candidates.empty, next: candidates.emptyNext }),
      /* @__PURE__ */ jsx(CandidateChoices, { page })
    ] }) : /* @__PURE__ */ jsxs(Fragment$1, { children: [
      /* @__PURE__ */ jsxs("p", { className: styles.said, children: [
        /* @__PURE__ */ jsx("strong", { children: rankText(
          ranked,
          candidates$1.map(({ name }) => name)
        ) }),
        " ",
        candidates$1.length === 1 ? candidates.onePlan : !wasTried && /* @__PURE__ */ jsxs(Fragment$1, { children: [
          candidates.planNext,
          " ",
          /* @__PURE__ */ jsx("a", { href: planAddress(of), "data-needs": "manage", children: candidates.plan })
        ] })
      ] }),
      /* @__PURE__ */ jsx(CandidateChoices, { page }),
      /* @__PURE__ */ jsx(CandidateTable, { page, order: ranked.order }),
      /* @__PURE__ */ jsx(Fold, { title: candidates.rule, className: styles.rule, children: candidates.ruleSaid.map((one) => /* @__PURE__ */ jsx("p", { children: one }, one)) })
    ] })
  ] });
}

const candidatesQuerySchema = Joi.object({
  of: line("The candidates", 500).allow(""),
  pot: id("The pot"),
  crop: key("The crop"),
  by: key("What matters most")
}).unknown();

const $$Astro = createAstro();
const $$Candidates = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Candidates;
  const { site, view, problem } = await pageOf(
    (db) => candidatesPage(db, validate(candidatesQuerySchema, queryOf(Astro2.url), true))
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": candidates.title, "site": site, "area": "trials" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "CandidatesScreen", CandidatesScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/trials/candidates/CandidatesScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/trials" })}`}` })}`;
}, "/work/main/src/pages/trials/candidates.astro", void 0);

const $$file = "/work/main/src/pages/trials/candidates.astro";
const $$url = "/trials/candidates";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Candidates,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
