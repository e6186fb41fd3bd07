import { d as dayAt } from './passphrase_DS02Zua_.mjs';
import { bU as addDays, cd as daysBetween, ce as heatBeforeSeed, aJ as isNeverPlanted, $ as blendMedia, bS as triageView, bT as foundViews, h as heightForVolume } from './database_CmGvnzKd.mjs';
import { r as readOpenOrder } from './readWorkOrders_B5k6F5lp.mjs';
import 'rotating-file-stream';
import { p as potView } from './potView_D56Ba-9p.mjs';
import { r as remembered } from './remembered_UMLIny9s.mjs';
import { c as workHabits, i as tippedFor, j as buildRecipe, s as spareUse, p as potChoice, g as cropChoice, h as lotHead, f as troubleView } from './intakePage_CISoSBpk.mjs';
import { l as loadsOf } from './loadsOf_CS4Jooeo.mjs';
import { a as requireObject, c as requireOneOf, b as requireNumber } from './rules_BOjb8_mp.mjs';
import { r as recipeComponents, w as whyWithRanges, a as recipeRanges } from './recipeRanges_jr12jWi4.mjs';
import { c as cropInPot } from './stockOf_Cz_mLk4l.mjs';

const WAIT_DAYS = {
  compost: 7,
  organic: 14,
  lime: 14,
  caustic: 7,
  sulfur: 28,
  leach: 2,
  heat: 14,
  seedlings: 28
};
function longestWait(recipe, options) {
  const kindOf = (id) => options.amendments?.find((row) => row.id === id)?.kind;
  const reasons = [
    ...recipe.parts.flatMap(({ role }) => role === "compost" ? ["compost"] : []),
    ...recipe.doses.flatMap(({ id, role, apart }) => {
      if (apart || role === "mineral") return [];
      if (role === "lime" || role === "sulfur") return [role];
      return kindOf(id) === "coated fertilizer" ? [] : ["organic"];
    })
  ];
  const longest = reasons.sort((a, b) => WAIT_DAYS[b] - WAIT_DAYS[a])[0];
  return { reason: longest ?? null, days: longest ? WAIT_DAYS[longest] : 0 };
}

const FORK_CM = 15;
const UNDERLAY_CM = 3;
const DRESS_CM = 3;
const WAYS_OF_WORK = {
  tipped,
  "in-place": inPlace,
  "potted-on": pottedOn,
  around,
  "unused-bag": unusedBag
};
function tipped(work) {
  const { litres, options, triage } = work;
  const steps = [...cleared(work)];
  steps.push(
    work.step("tip-out", 3 + 0.15 * litres, ["sheet", "gloves"], ["lifting"]),
    work.step("clean", 0.6 * litres, ["gloves"], []),
    options.runsDownSide || work.asks("rewet") ? work.step("rewet", 10 + 0.2 * litres, ["can"], ["dust"]) : work.inTurn(work.step("workable", 3, ["can"], []), "dry", options.dryDays ?? 0)
  );
  if (work.asks("aerate")) {
    const aerate = work.step("aerate", 5 + 0.1 * litres, ["fork", "sheet"], ["fumes"]);
    const days = work.asks("heat") || work.asks("rest") ? 0 : work.daysLeft();
    steps.push(work.inTurn(aerate, "aerate", days));
  }
  if (work.asks("heat")) {
    const heat = work.step("heat", 30 + 2 * litres, ["probe", "gloves"], ["heat", "legionella"]);
    const dose = triage?.heat ? { heat: triage.heat } : {};
    steps.push(work.inTurn({ ...heat, ...dose }, "heat", WAIT_DAYS.heat));
  }
  steps.push(...rested(work), ...mixed(work, true), ...work.rest());
  steps.push(
    ...work.retest(),
    work.containers(),
    work.step("fill", 4 + 0.2 * litres, ["can", "gloves"], ["legionella", "lifting"]),
    work.plant()
  );
  return steps;
}
function inPlace(work) {
  const { litres, options } = work;
  const added = work.parts(false);
  const steps = [...cleared(work)];
  if (options.runsDownSide || work.asks("rewet")) {
    steps.push(work.step("rewet", 10 + 0.2 * litres, ["can"], ["dust"]));
  }
  steps.push(...rested(work));
  steps.push(...limed(work), ...work.powders(), {
    ...work.step("fork", 3 + 0.2 * litres, ["fork", "gloves"], ["legionella"]),
    depthCm: options.forkCm ?? FORK_CM
  });
  if (added.length > 0) {
    const step = work.step("top-up", 3 + 0.1 * litres, ["bucket"], work.cautionsOfParts(), added);
    steps.push(withDepth(step, options.topUpCm));
  }
  steps.push(work.step("water-in", 4 + 0.05 * litres, ["can"], []), ...work.rest());
  steps.push(...work.retest(), work.plant());
  return steps;
}
function pottedOn(work) {
  const { litres, options } = work;
  const steps = [...mixed(work, true), ...work.rest()];
  steps.push(
    work.containers(),
    work.step("lift", 5 + 0.2 * litres, ["gloves", "sheet"], ["lifting"]),
    withDepth(
      work.step("underlay", 3, ["gloves"], ["legionella"]),
      options.underlayCm ?? UNDERLAY_CM
    ),
    work.step("sides", 4 + 0.2 * litres, ["can", "gloves"], ["legionella", "lifting"]),
    work.step("water-in", 4 + 0.05 * litres, ["can", "tags"], [])
  );
  return steps;
}
function around(work) {
  const { litres, options } = work;
  const steps = mixed(work, false);
  steps.push(
    withDepth(
      work.step("dress", 5 + 0.3 * litres, ["fork", "gloves"], ["legionella"]),
      options.dressCm ?? DRESS_CM
    ),
    work.step("water-in", 4 + 0.05 * litres, ["can"], []),
    ...work.rest()
  );
  steps.push(work.plant("sow-between"));
  return steps;
}
function unusedBag(work) {
  const { litres, options } = work;
  const checked = work.inTurn(
    work.step("workable", 3, ["can"], ["legionella"]),
    "dry",
    options.dryDays ?? 0
  );
  return [
    checked,
    ...limed(work),
    ...work.powders(),
    work.containers(),
    work.step("fill", 4 + 0.2 * litres, ["can", "gloves"], ["legionella", "lifting"], work.parts()),
    work.plant()
  ];
}
function cleared(work) {
  const { litres, triage, recipe } = work;
  const steps = [work.step("clear", 5 + 0.1 * litres, ["tags", "gloves"], ["legionella"])];
  if (work.asks("skim")) {
    const skim = work.step("skim", 2 + 0.05 * litres, ["gloves", "bucket"], ["dust"]);
    steps.push(triage?.skimCm ? { ...skim, skimCm: triage.skimCm } : skim);
  }
  if (recipe.leachLitres > 0) {
    const minutes = 15 + 0.3 * recipe.leachLitres;
    const leach = work.step("leach", minutes, ["can", "meter"], ["run-off"]);
    steps.push(work.inTurn(leach, "leach", WAIT_DAYS.leach));
  }
  return steps;
}
function rested(work) {
  const steps = [];
  const testDays = work.asks("seedling-test") ? WAIT_DAYS.seedlings : 0;
  if (work.asks("rest")) {
    const restDays = Math.max(0, work.daysLeft() - testDays);
    steps.push(work.inTurn(work.step("keep", 3, ["tags", "sheet"], []), "rest", restDays));
  }
  if (testDays > 0) {
    steps.push(work.inTurn(work.step("seedling-test", 20, ["tags"], []), "seedlings", testDays));
  }
  return steps;
}
function limed(work) {
  const apart = work.limeApart();
  return apart ? [work.inTurn(apart, "caustic", WAIT_DAYS.caustic)] : [];
}
function mixed(work, withLot) {
  const { litres } = work;
  return [
    ...limed(work),
    work.step(
      "spread",
      5 + 0.3 * litres,
      ["bucket", "gloves"],
      work.cautionsOfParts(),
      work.parts(withLot)
    ),
    ...work.powders(),
    work.step("fold", 0.4 * litres, ["fork"], []),
    work.step("moisten", 4 + 0.05 * litres, ["can"], [])
  ];
}
function withDepth(step, depthCm) {
  return depthCm === void 0 ? step : { ...step, depthCm };
}

const RICH_MEAL = 0.5;
function bulkCautions(recipe, options) {
  const rows = recipe.parts.flatMap(
    ({ id }) => options.materials?.filter((material) => material.id === id) ?? []
  );
  const cautions = /* @__PURE__ */ new Set(["legionella"]);
  for (const { id, group, dustHazard } of rows) {
    if (dustHazard !== "low") cautions.add("dust");
    if (id.startsWith("vermiculite")) cautions.add("asbestos");
    if (id.startsWith("sphagnum")) cautions.add("moss");
    if (group === "compost") cautions.add("residue");
    if (id.includes("manure")) cautions.add("manure");
  }
  return [...cautions];
}
function powderCautions(doses, options) {
  const cautions = /* @__PURE__ */ new Set(["dust"]);
  for (const { id, role, gPerL } of doses) {
    if (role === "lime" || role === "sulfur") cautions.add(role);
    const row = options.amendments?.find((one) => one.id === id);
    if (row?.kind === "organic fertilizer" || row?.kind === "coated fertilizer") {
      cautions.add("meals");
    }
    const isRich = row?.kind === "organic fertilizer" && gPerL > RICH_MEAL * row.rateHighGPerL;
    if (isRich && options.crop?.kind === "seedling") cautions.add("ammonia");
  }
  cautions.add("label");
  return [...cautions];
}

const NO_WAIT = { reason: null, days: 0 };
const DISINFECT_MINUTES = 12;
const NO_FUNGUS = ["Brassicaceae", "Amaranthaceae", "Chenopodiaceae"];
class WorkDay {
  constructor(recipe, triage, startDate, options) {
    this.recipe = recipe;
    this.triage = triage;
    this.options = options;
    this.day = addDays(startDate, 0);
  }
  /** The next step begins on it, ISO day. */
  day;
  get litres() {
    return this.recipe.partLitres;
  }
  step(kind, minutes, tools, cautions, amounts = []) {
    return {
      id: kind,
      kind,
      amounts,
      tools,
      minutes: Math.max(1, Math.round(minutes)),
      cautions,
      startsOn: this.day,
      waitDays: 0,
      waitFor: null
    };
  }
  /** A step that has to be over before the next begins. */
  inTurn(one, waitFor, waitDays) {
    this.day = addDays(this.day, waitDays);
    return { ...one, waitDays, waitFor: waitDays > 0 ? waitFor : null };
  }
  /** What is safe to plant into only later is planted all the same. */
  get plantsAtOnce() {
    return this.options.habits?.wait === "at-once";
  }
  /** pH and salts before planting; planted at once, the reading would tell nothing yet. */
  retest() {
    const passedOver = this.plantsAtOnce && longestWait(this.recipe, this.options).days > 0;
    return passedOver ? [] : [this.step("retest", 10, ["meter"], [])];
  }
  /** The containers for it: washed, and disinfected after a disease or where that is the custom. */
  containers() {
    const { habits, afterDisease, blocked = [] } = this.options;
    const disinfects = afterDisease || habits?.wash === "disinfect";
    const step = disinfects ? this.step("containers", 8 + DISINFECT_MINUTES, ["brush", "gloves"], []) : this.step("containers", 8, ["brush"], []);
    const notes = [
      ...blocked.length > 0 ? [{ id: "blocked", codes: blocked }] : [],
      ...disinfects ? [{ id: "disinfect" }] : []
    ];
    return notes.length > 0 ? { ...step, notes } : step;
  }
  plant(kind = "plant") {
    const step = this.step(kind, 5 + 0.1 * this.litres, ["tags"], []);
    const notes = [...this.passedOver(), ...this.inoculant()];
    return notes.length > 0 ? { ...step, notes } : step;
  }
  passedOver() {
    const wait = longestWait(this.recipe, this.options);
    if (!this.plantsAtOnce || !wait.reason) return [];
    const { reason, days } = wait;
    return [{ id: "not-waited", waitFor: reason, days, safeOn: addDays(this.day, days) }];
  }
  inoculant() {
    const { habits, crop } = this.options;
    if (habits?.minerals !== "inoculant" && habits?.minerals !== "both") return [];
    const isOfNoUse = NO_FUNGUS.includes(crop?.family ?? "");
    return [{ id: isOfNoUse ? "no-inoculant" : "inoculate" }];
  }
  asks(action) {
    return this.triage?.actions?.includes(action) ?? false;
  }
  /** Until a treatment that takes as long as triage says is over. */
  daysLeft() {
    return Math.max(0, daysBetween(this.day, this.triage?.earliestReuse ?? this.day));
  }
  /** What is measured out, the old mix among it or not. */
  parts(withLot = true) {
    return this.recipe.parts.filter(({ role }) => withLot || role !== "lot").map(amountOfPart);
  }
  cautionsOfParts() {
    return bulkCautions(this.recipe, this.options);
  }
  /** Weighed in together; none where nothing is. */
  powders() {
    const together = this.recipe.doses.filter(({ apart }) => !apart);
    if (together.length === 0) return [];
    const cautions = powderCautions(together, this.options);
    return [this.step("powders", 6, ["scale", "bucket"], cautions, together.map(amountOfDose))];
  }
  /** Caustic lime by itself, before anything else; none where there is none. */
  limeApart() {
    const caustic = this.recipe.doses.filter(({ apart }) => apart);
    if (caustic.length === 0) return null;
    const tools = ["scale", "bucket", "gloves", "goggles", "mask"];
    const cautions = powderCautions(caustic, this.options);
    return this.step("lime-apart", 8, tools, cautions, caustic.map(amountOfDose));
  }
  /** The rest after mixing; the next step begins when it is over, never before triage allows. */
  rest() {
    const wait = this.plantsAtOnce ? NO_WAIT : longestWait(this.recipe, this.options);
    const steps = wait.reason ? [{ ...this.step("rest", 1, ["sheet"], []), waitDays: wait.days, waitFor: wait.reason }] : [];
    const reuseFrom = this.triage?.earliestReuse ?? this.day;
    this.day = [addDays(this.day, wait.days), reuseFrom].sort()[1];
    return steps;
  }
}
function amountOfPart({ id, role, rounded }) {
  return { id, role, unit: "L", planned: rounded.litres, text: rounded.text, actual: null };
}
function amountOfDose({ id, role, rounded }) {
  return { id, role, unit: "g", planned: rounded.grams, text: rounded.text, actual: null };
}

const VARIANTS = Object.keys(WAYS_OF_WORK);
const DEPTHS = ["forkCm", "topUpCm", "underlayCm", "dressCm"];
function scheduleWork({
  recipe,
  triage,
  variant,
  startDate,
  options = {}
}) {
  requireObject("The recipe", recipe);
  requireOneOf("The way of working", variant, VARIANTS);
  for (const depth of DEPTHS) {
    if (options[depth] !== void 0)
      requireNumber("A depth in cm", options[depth], { min: 0, max: 200 });
  }
  const work = new WorkDay(recipe, triage, startDate, options);
  const steps = WAYS_OF_WORK[variant](work);
  return {
    steps,
    readyOn: work.day,
    totalMinutes: steps.reduce((sum, { minutes }) => sum + minutes, 0)
  };
}

const rangesOf = remembered(
  50,
  ({ recipe, input }) => recipeRanges(recipe, input)
);
async function recipePage(db, answers, at) {
  const built = await buildRecipe(db, answers, at);
  const { facts, recipe, crop, container, pots, site, tables, triage } = built;
  const { readyOn, totalMinutes, steps } = scheduleOf(built, at);
  const surfaceNow = facts.container ? surfaceNowCm(built) : null;
  const mix = recipeComponents(recipe, built.input);
  const ranges = rangesOf({ recipe, input: built.input });
  const { curve } = blendMedia({ components: mix });
  const after = potView(mix, curve, container, fillAfterCm(built, recipe.settledLitres), crop);
  if (!after) throw new Error("A recipe without a mix cannot be drawn.");
  return {
    trouble: troubleView(built.trouble, facts, tables, site),
    lot: lotHead(facts),
    answers,
    intake: built.intake,
    crop: {
      ...cropChoice(crop),
      ecMaxSme: crop.ecMaxSme,
      nSeasonMgPerL: cropInPot(crop, container).nSeasonMgPerL
    },
    pots: pots.map((pot) => potChoice(pot, facts.lot.id)),
    recipe: { ...recipe, why: whyWithRanges(recipe.why, ranges) },
    ranges,
    loads: loadsOf(recipe, site),
    names: namesOf(built),
    before: facts.container && surfaceNow && facts.hydraulics ? potView(facts.components, facts.hydraulics.curve, facts.container, surfaceNow, crop) : null,
    after,
    readyOn,
    minutes: totalMinutes,
    tippedFor: tippedFor(built, tables.schools),
    spare: spareUse(recipe.leftoverLitres, triage, tables.schools),
    passedOver: passedOverIn(steps),
    cautions: [...new Set(steps.flatMap(({ cautions }) => cautions))],
    freshPricePerLitre: freshPrice(built),
    pricesMissing: pricesMissing(built),
    found: foundViews(facts.found, tables),
    triage: triageView(triage, tables),
    lotPhMeasuredOn: facts.ph?.measuredOn ?? null,
    openOrderId: (await readOpenOrder(db, facts.lot.id))?.id ?? null
  };
}
function scheduleOf(built, at) {
  const { recipe, intake, input, site, tables, triage, facts, blocked } = built;
  const { schools } = tables;
  const custom = heatBeforeSeed(triage, input.crop, schools);
  const moisture = facts.found.find(({ kind }) => kind === "moisture");
  return scheduleWork({
    recipe,
    triage: custom && { verdict: "treat", ...triage, ...custom },
    variant: variantOf(built, schools),
    startDate: dayAt(site.timeZone, at),
    options: {
      runsDownSide: intake.runsDownSide,
      dryDays: moisture?.numbers.dryDays ?? 0,
      materials: input.stock.materials.map(({ material }) => material),
      amendments: input.stock.amendments.map(({ amendment }) => amendment),
      crop: input.crop,
      ...workHabits(schools, facts, tables),
      blocked
    }
  });
}
function variantOf(built, schools) {
  const { intake, recipe, facts } = built;
  if (isUsedAsItIs(recipe, facts)) return "unused-bag";
  if (intake.way === "as-is") return "in-place";
  return intake.place === "in-place" && !tippedFor(built, schools) ? "in-place" : "tipped";
}
function passedOverIn(steps) {
  const notes = steps.flatMap(({ notes: notes2 = [] }) => notes2);
  return notes.find((note) => note.id === "not-waited") ?? null;
}
function isUsedAsItIs(recipe, { lot }) {
  const isAlone = recipe.parts.every(({ role }) => role === "lot");
  const isCorrected = recipe.doses.some(({ role }) => role !== "fertilizer");
  return isNeverPlanted(lot) && isAlone && !isCorrected && recipe.leachLitres === 0;
}
function fillAfterCm({ container, intake, pots }, settledLitres) {
  const share = Math.min(1, settledLitres / intake.litresWanted);
  const room = pots.reduce((sum, { litres }) => sum + litres, 0);
  const filled = Math.min(1, share * intake.litresWanted / room);
  return heightForVolume({ shape: container.shape, litres: container.litres * filled });
}
function surfaceNowCm({ facts, intake }) {
  const pot = facts.container;
  if (!pot) return 0;
  return Math.max(0, pot.fillHeightCm - (intake.levelDropCm ?? 0));
}
function namesOf({ recipe, input, facts }) {
  const names = {
    [String(facts.lot.id)]: { name: facts.lot.name, stratum: null, caution: null }
  };
  for (const { material } of input.stock.materials) {
    const { id, name, group, grainMm } = material;
    names[id] = { name, caution: null, stratum: { materialId: id, name, group, grainMm, share: 1 } };
  }
  for (const { amendment } of input.stock.amendments) {
    names[amendment.id] = { name: amendment.name, stratum: null, caution: amendment.caution };
  }
  const used = [...recipe.parts, ...recipe.doses, ...recipe.aggregateOptions].map(({ id }) => id);
  if (recipe.feedPlan) used.push(recipe.feedPlan.productId);
  if (recipe.testFirst) used.push(recipe.testFirst.id);
  return Object.fromEntries(Object.entries(names).filter(([id]) => used.includes(id)));
}
function freshPrice({ input }) {
  const prices = input.stock.materials.filter(({ material }) => material.group === "bagged mix").flatMap(({ pricePerLitre }) => pricePerLitre && pricePerLitre > 0 ? [pricePerLitre] : []);
  return prices.length > 0 ? Math.min(...prices) : null;
}
function pricesMissing(built) {
  const names = namesOf(built);
  return built.recipe.unpriced.map((id) => names[id]?.name ?? id);
}

export { scheduleOf as a, fillAfterCm as f, recipePage as r, scheduleWork as s };
