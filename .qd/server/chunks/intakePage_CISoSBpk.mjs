import { $ as blendMedia, U as containerCapacity, bP as standardFor, Y as readMix, bQ as cleaningLoss, b3 as judgeLot, bl as litresAtLevel, j as readTables, o as readLotFacts, f as requireContainers, bO as troubleInLots, h as heightForVolume, bR as problemChoices, bS as triageView, bT as foundViews, X as presentInnings } from './database_CmGvnzKd.mjs';
import { d as dayAt } from './passphrase_DS02Zua_.mjs';
import { b as lastHabit, r as readOpenOrder } from './readWorkOrders_B5k6F5lp.mjs';
import { i as intakesOfPots, m as mixDropCm } from './intakes_BxtI8sir.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';
import { r as recentFamilies, l as lotFamilies } from './lotFamilies_DScbu6gz.mjs';
import 'rotating-file-stream';
import { s as solveRecipe, r as recipeSetting, h as heldByTrial, c as compostShare, a as acidMixShare, f as fillBatch, p as phWidth, w as writeRecipe, b as planAcidity, n as noCorrection, t as triageStory } from './triageStory_CD2NP1Bo.mjs';
import { N as NotFound, R as Refused, C as Conflict } from './problem_BTADoVqZ.mjs';
import { r as remembered } from './remembered_UMLIny9s.mjs';
import { g as groupById } from './plantGroups_xC5VMRhW.mjs';
import { g as groupOfCrop } from './groupOfCrop_E1frUvNE.mjs';
import { w as whyTipped, i as isTooFull, r as recipeInput, s as stockOf, a as wateringHabit } from './stockOf_Cz_mLk4l.mjs';
import { t as troubleAgain, c as cropAfterTrouble, d as daysAfterTrouble } from './loggedTrouble_xdT7CEcK.mjs';
import { s as seasonOf, c as cropBars } from './cropBars_quqlM5Lz.mjs';
import { u as usableWater } from './usableWater_BivWjehH.mjs';

const USUAL_FRESH = 0.5;
const LEAST_FRESH = 0.3;
const MOST_FRESH = 0.9;
const STEP = 0.05;
const REACHED = 1e-9;
const RUNG_RECIPES = {
  "as-is": asIs,
  "part-fresh": partFresh,
  compost: compostOnly,
  full: solveRecipe,
  replace
};
function asIs(input) {
  const setting = recipeSetting(input, false);
  return write(setting, batchWith(setting, 0), "way", false);
}
function partFresh(input) {
  const setting = recipeSetting(input);
  if (!setting.fresh) return null;
  const holds = (share2) => hasAir(setting, batchWith(setting, share2));
  const step = (share2, by) => Math.round((share2 + by) * 100) / 100;
  let share = USUAL_FRESH;
  if (holds(share)) {
    while (share > LEAST_FRESH && holds(step(share, -STEP))) share = step(share, -STEP);
  } else {
    while (share < MOST_FRESH && !holds(share)) share = step(share, STEP);
  }
  return write(setting, batchWith(setting, share), "way", true);
}
function compostOnly(input) {
  const setting = recipeSetting(input);
  const { sources, crop, limits, school, lotFeed } = setting;
  const wanted = Math.min(school, limits.maxCompostShare);
  const compost = heldByTrial(compostShare(sources, crop, wanted, input.season, lotFeed), setting);
  const freshAtLeast = acidMixShare(sources, crop, compost.share);
  const batch = fillBatch(sources, { compost: compost.share, aggregate: null, freshAtLeast });
  return write(setting, batch, compost.reason, true);
}
function replace(input) {
  const { newMix } = input.school;
  const { fresh } = recipeSetting(input);
  const isMade = typeof newMix === "object" && newMix.length > 0;
  if (!fresh && !isMade) return null;
  const base = isMade ? newMix : fresh ? [{ material: fresh.material, parts: 1 }] : [];
  if (newMix === "adjusted") return solveRecipe({ ...input, lot: null, base });
  const setting = recipeSetting({ ...input, lot: null, base }, false);
  return write(setting, batchWith(setting, 0), "way", false);
}
function batchWith({ sources, limits, usableLitres }, share) {
  const plenty = {
    ...sources,
    usableLitres: Number.POSITIVE_INFINITY,
    limits: { ...limits, maxFreshShare: MOST_FRESH }
  };
  const wanted = { compost: 0, aggregate: null, freshAtLeast: share };
  const batch = fillBatch(plenty, wanted);
  const partLitres = Math.min(batch.partLitres, usableLitres / (1 - share));
  return { ...batch, partLitres };
}
function hasAir({ input, crop }, { components }) {
  const { curve } = blendMedia({ components });
  const { airFraction } = containerCapacity({ curve, ...input.container });
  return airFraction >= crop.airMinPercent / 100 - REACHED;
}
function write(setting, batch, compostReason, correctsPh) {
  const { crop, input, perKgOf } = setting;
  const width = phWidth(batch.components);
  return writeRecipe(setting, {
    compost: { share: batch.shares.compost, reason: compostReason },
    air: {
      batch,
      shares: null,
      reach: "way",
      compostLowered: false,
      freshRaised: false,
      loss: 0,
      score: 0
    },
    acidity: correctsPh ? planAcidity(batch, crop, input.stock.amendments, perKgOf, width) : noCorrection("way", null),
    feeding: { stock: null, dose: null, reason: "way" },
    search: null,
    acidFresh: 0,
    width
  });
}

const MULCH_CM = 3;
const LITRES_PER_M2_AND_CM = 10;
const SOIL_TO_MIX = 0.5;
function surplusUse(litres, school) {
  if (school === "bed") return { id: "bed", litres, soilLitres: SOIL_TO_MIX * litres };
  return {
    id: "mulch",
    litres,
    depthCm: MULCH_CM,
    squareMetres: litres / (LITRES_PER_M2_AND_CM * MULCH_CM)
  };
}

const LEAST_SURPLUS_LITRES = 0.5;
function newMixOf({ newMix, minerals }, crop, materials, standard = null) {
  return {
    ...minerals === "minerals" || minerals === "both" ? { minerals: true } : {},
    ...newMix === "adjust" ? { newMix: "adjusted" } : {},
    ...newMix === "make" ? { newMix: startOf(crop, materials) } : {},
    ...standard ? { newMix: standard } : {}
  };
}
function startOf(crop, materials) {
  const group = groupById(groupOfCrop(crop));
  return (group?.starts ?? []).flatMap(([materialId, parts]) => {
    const material = materials.get(materialId);
    return material ? [{ material, parts }] : [];
  });
}
function workHabits({ wait, wash, minerals }, facts, { problems }) {
  return { habits: { wait, wash, minerals }, afterDisease: hadDisease(facts, problems) };
}
function spareUse(litres, triage, { surplus }) {
  const isClean = triage === null || triage.verdict === "reuse" || triage.verdict === "clean";
  return isClean && litres >= LEAST_SURPLUS_LITRES ? surplusUse(litres, surplus) : null;
}
const DISEASES = ["disease-soil", "disease-foliar", "virus", "nematode"];
function hadDisease({ everFound }, problems) {
  return everFound.some(
    ({ problemId, state }) => state !== "clear" && DISEASES.includes(problems.get(problemId ?? "")?.kind ?? "")
  );
}
function tippedFor({ intake, facts, triage, recipe }, { roots }) {
  if (intake.place !== "in-place") return null;
  const must = whyTipped({
    inOwnPots: intake.containerIds.every((id) => facts.lot.containerIds.includes(id)),
    rootMass: intake.rootMass,
    actions: triage?.actions ?? [],
    roots
  });
  return must ?? (isTooFull(recipe) ? "too-full" : null);
}

async function standardMix(db, { materials }, cropId) {
  const standard = await standardFor(db, cropId);
  if (!standard) return null;
  const { medium, trialId, trialName } = standard;
  if (medium.kind !== "mix" && medium.kind !== "bag") return null;
  const { name, parts } = medium.kind === "bag" ? {
    name: materials.get(medium.materialId)?.name ?? medium.materialId,
    parts: [{ materialId: medium.materialId, litres: 1 }]
  } : await recipeOf$1(db, medium);
  const components = parts.flatMap(({ materialId, litres }) => {
    const material = materials.get(materialId);
    return material ? [{ material, parts: litres }] : [];
  });
  return components.length > 0 ? { name, trialId, trialName, components } : null;
}
async function recipeOf$1(db, { mixId, version }) {
  try {
    const { name, versions } = await readMix(db, mixId);
    const parts = versions.find(({ number }) => number === version)?.parts ?? [];
    return { name: `${name}, version ${version}`, parts };
  } catch (error) {
    if (!(error instanceof NotFound)) throw error;
    return { name: "", parts: [] };
  }
}

async function askedOf(db, answers) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const facts = await readLotFacts(db, tables, answers.lot);
  const pots = await requireContainers(db, answers.pots);
  const trouble = await troubleOf(db, facts, answers.pots);
  return {
    ...askedWith({ facts, tables, site }, answers, pots, trouble),
    blocked: await blockedOf(db, pots),
    standard: await standardMix(db, tables, answers.crop)
  };
}
function askedWith({ facts, tables, site }, answers, pots, trouble) {
  if (!(facts.lot.contents.litres > 0)) throw new Conflict("This lot is empty: fill it first.");
  const crop = tables.crops.get(answers.crop);
  if (!crop) throw new NotFound("That crop is not in the list.");
  const taken = pots.find(({ lotId }) => lotId !== null && lotId !== facts.lot.id);
  if (taken) throw new Conflict(`Container ${taken.code} holds lot ${taken.lotId}: empty it first.`);
  const container = [...pots].sort((a, b) => a.fillHeightCm - b.fillHeightCm)[0];
  if (!container) throw new NotFound("Choose at least one container.");
  const triage = judgeLot(facts, tables, seasonOf(crop, tables.today, site.latitudeDeg));
  return {
    facts,
    tables,
    site,
    crop: trouble ? cropAfterTrouble(crop, trouble) : crop,
    pots,
    container,
    triage,
    // What rests or is kept apart may be planned: its work waits for the day.
    bars: cropBars(triage, crop).filter(({ kind }) => kind !== "held"),
    trouble,
    blocked: [],
    standard: null
  };
}
async function blockedOf(db, pots) {
  const looks = await intakesOfPots(
    db,
    pots.map(({ id }) => id)
  );
  const stuck = new Set(looks.filter(({ drains }) => !drains).map(({ containerId }) => containerId));
  return pots.filter(({ id }) => stuck.has(id)).map(({ code }) => code);
}
async function troubleOf(db, { lot }, potIds) {
  return worstTrouble((await troubleInLots(db, [lot.id])).get(lot.id) ?? [], potIds);
}
function worstTrouble(seen, potIds) {
  const all = seen.filter(({ containerId }) => potIds.includes(containerId));
  const again = all.filter((one) => troubleAgain(one) !== null);
  const times = (one) => Math.max(one.staysWet, one.driesFast);
  return again.sort((a, b) => times(b) - times(a))[0] ?? null;
}
const recipeOf = remembered(
  50,
  ({ way, input }) => RUNG_RECIPES[way](input)
);
async function buildRecipe(db, answers, at) {
  const asked = await askedRecipe(db, answers, at);
  const {
    facts,
    site,
    tables,
    crop,
    pots,
    container,
    triage,
    bars,
    trouble,
    blocked,
    intake,
    input
  } = asked;
  if (bars.length > 0) {
    throw new Refused(422, "barred", "What was found in this lot speaks against that crop.", [
      { field: "crop", message: "What was found in this lot speaks against that crop." }
    ]);
  }
  const recipe = recipeOf({ way: answers.way ?? "full", input });
  if (!recipe) {
    const message = "Your store’s list has no bagged mix to make that with: choose another way.";
    throw new Refused(422, "no-fresh-mix", message, [{ field: "way", message }]);
  }
  return {
    facts,
    triage,
    intake,
    crop,
    pots,
    container,
    input,
    recipe,
    site,
    tables,
    trouble,
    blocked
  };
}
async function askedRecipe(db, answers, at) {
  return askedInput(await askedOf(db, answers), answers, await stockOf(db), at);
}
function askedInput(asked, answers, stock, at) {
  const { facts, tables, site, crop, pots, container, triage } = asked;
  const room = pots.reduce((sum, { litres }) => sum + litres, 0);
  const intake = {
    levelDropCm: facts.containers.length > 0 ? answers.drop : null,
    litresNow: litresFound(facts, answers.drop),
    rootMass: answers.roots,
    cleaningLossShare: cleaningLoss(answers.roots, tables.schools),
    runsDownSide: answers.side === "yes",
    cropId: crop.id,
    containerIds: answers.pots,
    litresWanted: answers.litres ?? room,
    compostShare: answers.share,
    feed: answers.feed,
    everyDays: answers.every,
    way: answers.way ?? "full",
    place: answers.place ?? tables.schools.place
  };
  if (intake.litresWanted > room * 1.001) {
    const message = `You asked for ${intake.litresWanted.toFixed(1)} L; these hold ${room.toFixed(1)} L. Add a pot or make less.`;
    throw new Refused(422, "not-valid", message, [{ field: "litres", message }]);
  }
  const newMix = newMixOf(tables.schools, crop, tables.materials, asked.standard?.components);
  const input = recipeInput(facts, intake, crop, container, stock, site, at, triage, newMix);
  return { ...asked, intake, input };
}
function litresFound({ containers, lot }, dropCm) {
  if (containers.length === 0) return lot.contents.litres;
  const litres = containers.reduce(
    (sum, { shape, headspaceCm }) => sum + litresAtLevel(shape, headspaceCm, dropCm),
    0
  );
  if (!(litres > 0)) {
    throw new Refused(422, "not-valid", "With that level drop nothing would be left in the pot.", [
      { field: "drop", message: "With that level drop nothing would be left in the pot." }
    ]);
  }
  return litres;
}

async function intakePage(db, lotId) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const facts = await readLotFacts(db, tables, lotId);
  const trouble = troubleView(
    await troubleOf(db, facts, facts.lot.containerIds),
    facts,
    tables,
    site
  );
  return {
    lot: lotHead(facts),
    families: recentFamilies(await lotFamilies(db, facts.lot, tables), tables.today),
    crops: [...tables.crops.values()].map(cropChoice),
    pots: tables.containers.filter((pot) => pot.lotId === null || pot.lotId === lotId).map((pot) => potChoice(pot, lotId)),
    openOrderId: (await readOpenOrder(db, lotId))?.id ?? null,
    found: foundViews(facts.found, tables),
    triage: triageView(facts.triage, tables),
    story: triageStory(facts, tables),
    problems: problemChoices(tables),
    trouble,
    told: {
      ...toldBy(facts),
      looked: lookedAt(facts, await intakesOfPots(db, facts.lot.containerIds), site.timeZone),
      every: await lastHabit(db, lotId) ?? trouble?.everyDays ?? null
    },
    usual: {
      share: tables.schools.compostShare,
      feed: tables.schools.feed,
      place: tables.schools.place,
      way: tables.schools.way
    },
    standing: standingPlant(facts)
  };
}
function troubleView(trouble, { crop, hydraulics, surfaceCm }, { containersById }, site) {
  const kind = trouble && troubleAgain(trouble);
  const pot = trouble ? containersById.get(trouble.containerId) : void 0;
  if (!trouble || !kind || !pot) return null;
  const times = kind === "wet" ? trouble.staysWet : trouble.driesFast;
  const view = { kind, code: pot.code, times, everyDays: null };
  const habit = crop ? wateringHabit(1, crop, pot, site) : void 0;
  if (kind === "wet" || !habit || !hydraulics) return view;
  const usable = usableWater({
    curve: hydraulics.curve,
    shape: pot.shape,
    fillHeightCm: Math.min(surfaceCm ?? pot.fillHeightCm, pot.fillHeightCm),
    refillSuctionCm: habit.refillSuctionCm
  });
  return { ...view, everyDays: daysAfterTrouble(usable / habit.lossLPerDay, trouble) };
}
function lookedAt({ lot }, intakes, timeZone) {
  const since = lot.mixedAt?.getTime() ?? 0;
  const looks = intakes.filter((one) => one.lotId === lot.id && one.at.getTime() > since);
  const drops = looks.flatMap(
    (one) => one.levelDropCm === null ? [] : mixDropCm(one.levelDropCm, one)
  );
  const toughest = ROOTS.findLast((roots) => looks.some(({ rootMass }) => rootMass === roots));
  if (!toughest) return null;
  return {
    dropCm: drops.length > 0 ? drops.reduce((sum, cm) => sum + cm, 0) / drops.length : null,
    roots: toughest,
    side: looks.some(({ runsDownSide }) => runsDownSide) ? "yes" : "no",
    years: looks.reduce(
      (most, { years }) => years === null ? most : Math.max(most ?? 0, years),
      null
    ),
    on: dayAt(timeZone, new Date(Math.max(...looks.map(({ at }) => at.getTime()))))
  };
}
const ROOTS = ["fine", "dense", "bound", "woody"];
function toldBy({
  found
}) {
  const wetting = found.find(({ kind }) => kind === "wetting");
  const dry = found.find(
    ({ problemId, state }) => problemId === "water-repellent" && state === "trouble"
  );
  const sieve = found.find(({ kind }) => kind === "cleaning");
  const side = dry ?? wetting;
  return {
    side: side ? side.state === "trouble" ? "yes" : "no" : null,
    sideOn: side?.on ?? null,
    sieveLossShare: sieve?.numbers.lossShare ?? null,
    sieveOn: sieve?.on ?? null
  };
}
const LIVE_ON = ["shrub", "fruit", "houseplant", "succulent", "epiphyte"];
const LONG_WEEKS = 100;
function standingPlant({ lot, crop }) {
  const present = presentInnings(lot);
  if (!crop || !present?.plantedOn) return null;
  const staysForYears = LIVE_ON.includes(crop.kind) && crop.weeksInPot >= LONG_WEEKS;
  return staysForYears ? { cropName: crop.name, plantGroup: groupOfCrop(crop) } : null;
}
function lotHead(facts) {
  const { lot, crop } = facts;
  return {
    id: lot.id,
    name: lot.name,
    litres: lot.contents.litres,
    where: facts.where,
    strata: facts.strata,
    innings: facts.innings,
    lastCropId: crop?.id ?? null,
    lastCropName: crop?.name ?? null,
    expectedDropCm: expectedDrop(facts)
  };
}
function expectedDrop({ container, containers, lot }) {
  if (!container) return null;
  const room = containers.reduce((sum, { litres }) => sum + litres, 0);
  const share = Math.min(1, lot.contents.litres / room);
  const height = heightForVolume({ shape: container.shape, litres: container.litres * share });
  return Math.max(0, container.fillHeightCm - height);
}
function cropChoice(crop) {
  return {
    id: crop.id,
    name: crop.name,
    rotationGroup: crop.rotationGroup,
    airMin: crop.airMinPercent / 100,
    airMax: crop.airMaxPercent / 100,
    pHLow: crop.pHLow,
    pHHigh: crop.pHHigh
  };
}
function potChoice(pot, lotId) {
  const { id, code, name, place, shape, headspaceCm, litres } = pot;
  return { id, code, name, place, shape, headspaceCm, litres, own: pot.lotId === lotId };
}

export { RUNG_RECIPES as R, askedInput as a, askedWith as b, workHabits as c, askedRecipe as d, expectedDrop as e, troubleView as f, cropChoice as g, lotHead as h, tippedFor as i, buildRecipe as j, intakePage as k, lookedAt as l, askedOf as m, potChoice as p, spareUse as s, toldBy as t, worstTrouble as w };
