import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from '../../chunks/ProblemPage_B3n4p_wm.mjs';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { bj as readTrial, j as readTables, b2 as listContainers, L as readLotNames, e9 as listLessons, bL as listPlaces, J as listMaterials, dm as listMixesByIds, be as byName, cy as courseOf, cF as controlOf, ea as isVoid, cE as settledLitres, aF as readLotStocks, cX as MUSTS_OF, cY as MUST_RANGE, eb as USUAL_MEASURES, cv as TRIAL_MEASURES, ai as HOW_PLANTED, ec as TRIAL_LIGHTS, ed as TRIAL_RISKS, ee as TRIAL_KINDS, ef as newTrialQuerySchema } from '../../chunks/database_CmGvnzKd.mjs';
import { B as Button, N as Notice, C as Caution, u as useSend, d as useReady, P as ProblemNotice, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { S as SelectField, C as Choice, T as TextField } from '../../chunks/Field_D6p8NWuD.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { u as unpacked, p as pack } from '../../chunks/packed_LnE7zvDa.mjs';
import { u as useSite, S as SiteProvider } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { t as trialWords } from '../../chunks/trialWords_CLTrhWic.mjs';
import { f as filling } from '../../chunks/filling_BluSX4jg.mjs';
import { s as styles } from '../../chunks/new.1e5062d2_76U-wVSW.mjs';
import { r as readNumber, n as numberOrTyped } from '../../chunks/readNumber_D9QJJfQB.mjs';
import { D as DesignPanel } from '../../chunks/DesignPanel_DMWzrz1P.mjs';
import { c as changesFromControl } from '../../chunks/changesFromControl_CVlJqN9C.mjs';
import { useState } from 'react';
import { u as useKept } from '../../chunks/useKept_-AHD7004.mjs';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
import { q as queryOf } from '../../chunks/queryOf_DFBJYUTv.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { o as openPlantings } from '../../chunks/plantings_CWn0OEGU.mjs';
import { r as readSite } from '../../chunks/rules_BOjb8_mp.mjs';
import { a as fillChoices } from '../../chunks/fillPot_Fn6vinSe.mjs';
import 'csv-parse/sync';
import { v as variedTrials } from '../../chunks/variedTrials_BPGNagHP.mjs';
import 'papaparse';
import { v as validate } from '../../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../../renderers.mjs';

const LEAST_DOSES = 3;
function reviewDesign({
  kind,
  treatments,
  pots,
  blocks,
  checkDays
}) {
  const [control, ...others] = treatments;
  if (!control) return [];
  const remarks = [];
  others.forEach((treatment, index) => {
    const differences = changesFromControl(control, treatment);
    if (differences.length > 1) {
      remarks.push({ id: "two-changes", treatment: treatment.name, differences });
    }
    if (differences.length === 0) remarks.push({ id: "no-change", treatment: treatment.name });
    else if (others.slice(0, index).some((one) => changesFromControl(one, treatment).length === 0)) {
      remarks.push({ id: "twice", treatment: treatment.name });
    }
  });
  if (kind === "dose" || kind === "jar") {
    if (others.length < LEAST_DOSES) remarks.push({ id: "few-doses" });
    if (kind === "dose" && !others.some(({ dosePercent }) => dosePercent === 100)) {
      remarks.push({ id: "no-full-dose" });
    }
  }
  const isCompared = kind === "comparison" || kind === "dose" || kind === "count";
  if (isCompared && pots < 2) remarks.push({ id: "one-pot" });
  if (isCompared && pots >= 2 && !blocks) remarks.push({ id: "not-in-blocks" });
  if (checkDays.length === 0) remarks.push({ id: "no-check" });
  return remarks;
}

function planOfTrial(trial) {
  const rows = [...trial.potList].sort((a, b) => (a.block ?? 0) - (b.block ?? 0));
  return {
    kind: trial.kind,
    name: trial.name,
    question: trial.question,
    wish: trial.wish,
    must: trial.must,
    mustValue: trial.mustValue,
    measures: trial.measures,
    checkDays: trial.checkDays,
    cropId: trial.cropId,
    crops: [...new Set(rows.flatMap(({ cropId }) => cropId ?? []))],
    how: trial.how,
    perPot: trial.perPot,
    pots: trial.pots,
    blocks: trial.blocks,
    isBlind: trial.isBlind,
    place: trial.place,
    potSize: trial.potSize,
    potIds: [],
    protocol: trial.protocol,
    cv: trial.cv,
    jars: trial.jars,
    treatments: trial.treatments.map((one) => ({
      name: one.name,
      medium: bodyOf$1(one.medium),
      added: one.added && bodyOf$1(one.added),
      dose: one.dose,
      potSize: one.potSize,
      care: one.care,
      risks: one.risks
    }))
  };
}
function bodyOf$1(medium) {
  return medium.kind === "named" ? { kind: "bag", materialId: "" } : medium;
}

const MOST_SIZES = 20;
const MOST_FREE = 200;
const MOST_LESSONS = 20;
const round = (name, topDiameterCm, baseDiameterCm, heightCm) => ({
  name,
  shape: { kind: "round", topDiameterCm, baseDiameterCm, heightCm },
  headspaceCm: 1.5
});
const USUAL_SIZES = [
  round("Pot of 12 cm", 12, 9, 11),
  round("Pot of 17 cm", 17, 13, 15),
  round("Pot of 24 cm", 24, 18, 22),
  {
    name: "Seed tray, 35 × 22 cm",
    shape: {
      kind: "rectangular",
      topLengthCm: 35,
      topWidthCm: 22,
      baseLengthCm: 33,
      baseWidthCm: 20,
      heightCm: 6
    },
    headspaceCm: 1
  }
];
async function newTrialPage(db, { kind, mix, lot, like, change }) {
  const earlier = change ?? like;
  const trial = earlier === void 0 ? null : await readTrial(db, earlier);
  const plan = trial && planOfTrial(trial);
  const tables = await readTables(db, (await readSite(db)).timeZone);
  const containers = await listContainers(db);
  const growing = new Set((await openPlantings(db)).map(({ containerId }) => containerId));
  const free = containers.filter(({ id }) => !growing.has(id)).slice(0, MOST_FREE);
  const names = await readLotNames(db, [...new Set(free.flatMap(({ lotId }) => lotId ?? []))]);
  const planned = plan?.treatments.flatMap(({ medium, added }) => [
    medium,
    ...added ? [added] : []
  ]);
  const lotIds = [
    ...free.flatMap(({ lotId }) => lotId ?? []),
    ...lot === void 0 ? [] : [lot],
    ...(planned ?? []).flatMap((one) => one.kind === "lot" ? one.lotId : [])
  ];
  const choices = await fillChoices(db);
  const mixIds = [
    ...choices.mixes.map(({ id }) => id),
    ...mix === void 0 ? [] : [mix],
    ...(planned ?? []).flatMap((one) => one.kind === "mix" ? one.mixId : [])
  ];
  const mixes = await mixesWith(db, mixIds);
  return {
    kind: plan?.kind ?? kind ?? null,
    candidate: candidateOf(
      mixes.find(({ id }) => id === mix),
      lot
    ),
    plan,
    change: trial && change !== void 0 ? { id: trial.id, version: trial.version, name: trial.name } : null,
    choices: { bags: choices.bags, lots: await lotsWith(db, choices.lots, lotIds) },
    mixes,
    materials: (await listMaterials(db)).map(({ material: { id, name } }) => ({ id, name })),
    crops: [...tables.crops.values()].map(({ id, name, kind: sort }) => ({ id, name, kind: sort })),
    places: (await listPlaces(db)).map(({ name }) => name),
    sizes: sizesOf(containers, plan),
    freePots: free.map(({ id, code, name, place, litres, lotId }) => ({
      id,
      code,
      name,
      place,
      litres,
      lotId,
      lotName: lotId === null ? null : names.get(lotId) ?? null
    })),
    amendments: [...tables.amendments.values()].filter(({ cce }) => cce !== 0).map(({ id, name }) => ({ id, name })),
    lessons: await listLessons(db, MOST_LESSONS),
    varied: await variedTrials(db),
    rerunOf: trial && change === void 0 ? await voidRun(db, tables, trial) : null
  };
}
async function voidRun(db, tables, trial) {
  const course = await courseOf(db, tables, trial);
  const control = course && controlOf(trial, course);
  if (!control || !isVoid(trial, control)) return null;
  const { name, must, mustValue } = trial;
  return { name, must, mustValue, reached: control.value };
}
async function lotsWith(db, waiting, lotIds) {
  const there = new Set(waiting.map(({ id }) => id));
  const more = await readLotStocks(
    db,
    [...new Set(lotIds)].filter((id) => !there.has(id))
  );
  return [...waiting, ...more.filter(({ litres }) => litres > 0)];
}
async function mixesWith(db, ids) {
  const mixes = await listMixesByIds(db, [...new Set(ids)]);
  return mixes.map(({ id, name, versions }) => ({ id, name, versions: versions.map(({ number }) => number) })).sort((a, b) => byName(a.name, b.name));
}
function sizesOf(containers, plan) {
  const counted = /* @__PURE__ */ new Map();
  for (const pot of containers) {
    const size = [...Object.values(pot.outerShape), pot.headspaceCm].join(" ");
    const known2 = counted.get(size);
    if (known2) known2.count += 1;
    else counted.set(size, { pot, count: 1 });
  }
  const own = [...counted.values()].sort((a, b) => b.count - a.count).slice(0, MOST_SIZES).map(({ pot: { name, code, outerShape, headspaceCm } }) => ({
    name: `${name} (${code})`,
    shape: outerShape,
    headspaceCm
  }));
  const known = [...USUAL_SIZES, ...own];
  const planned = plan ? [plan.potSize, ...plan.treatments.flatMap(({ potSize }) => potSize ?? [])] : [];
  const names = new Set(known.map(({ name }) => name));
  const more = planned.filter(({ name }) => !names.has(name) && names.add(name));
  return [...known, ...more].map((size) => ({ ...size, litres: settledLitres(size) }));
}
function candidateOf(mix, lot) {
  if (mix) return `mix:${mix.id}:${mix.versions[0]}`;
  return lot === void 0 ? "" : `lot:${lot}`;
}

const newTrial = {
  title: "Plan a trial",
  changeTitle: (name) => `Change the plan of ${name}`,
  lead: "The question first; then a control, what is held against it, and enough pots to tell.",
  question: {
    head: "What do you want to find out?",
    kind: "Kind of question",
    own: "The question in your words",
    ownHint: "Such as: does our own mix carry chard as far as the bag?",
    name: "What the trial is called",
    wish: "Which way is better"
  },
  control: {
    head: "What it is held against",
    lead: "The control is what you would do anyway. Without it nothing can be said.",
    name: "Control, called",
    usualName: "Control",
    medium: "Its pots are filled with",
    mediumDose: "A mix you trust",
    mediumJar: "The mix in the jars",
    must: "The run counts only if in the control",
    mustValue: "At least",
    mustMost: "At most",
    care: "What is done with it",
    careHint: "Such as a feed or a cover; empty where it is only watered.",
    choose: "Choose a mix, a lot or a bag"
  },
  treatments: {
    head: "What is compared with it",
    lead: "One change each, wherever you can: else you will not know what did it.",
    one: (n) => `Treatment ${n}`,
    name: "Called",
    nameHint: "left empty: as what fills it",
    medium: "Filled with",
    size: "Pot",
    sizeAsTrial: "as all the others",
    care: "What is done differently",
    careHint: "left empty: as the control",
    risks: "Is any of this in it?",
    add: "Add another",
    remove: (name) => `Take ${name} out`,
    added: "What is tried out in it",
    addedChoose: "Choose a material, a lot or a mix",
    materials: "Materials",
    doses: "Shares of it, percent",
    dosesHint: "Such as 0, 25, 50, 75, 100: the first is the control.",
    amendment: "What is weighed into the jars",
    amendmentChoose: "Choose a lime or an acidifier",
    targetPh: "pH wanted",
    jarDoses: "Doses, g per litre of mix",
    jarDosesHint: "Such as 0, 1, 2, 4: the first is the control; up to five jars.",
    caution: "Before you handle it:"
  },
  pots: {
    head: "Pots and plants",
    sown: "What is counted",
    sownSeeds: "seeds that I sow",
    sownWeeds: "weeds: nothing is sown",
    crop: "What grows in them",
    crops: "Crops, one row of pots each",
    cropsHint: (count) => count === 0 ? "Choose several: each is one answer." : `${count} chosen`,
    chooseCrop: "Choose a crop",
    addCrop: "A crop to grow in each mix",
    addIt: "Add it",
    how: "How it goes in",
    perPot: "In each pot",
    perPotHint: "seeds or plants",
    count: "Pots of each treatment",
    countSide: "Pots of each mix and crop",
    which: "Which pots",
    whichNew: "new ones, added for the trial",
    whichOwn: "pots that stand free",
    size: "Size",
    sizeOption: (name, litres) => `${name}, ${litres}`,
    own: "Pots for the trial",
    ownHint: (chosen, needed) => `${chosen} chosen of ${needed} needed`,
    ownEmpty: "empty",
    ownNone: "No pot stands free.",
    place: "Where they stand",
    blocks: "How they are spread",
    inBlocks: "in blocks: each holds every treatment once",
    atRandom: "completely at random",
    blind: "Scored blind",
    blindYes: "whoever scores sees codes only",
    blindNo: "open",
    seeds: "Seeds, alike in every pot",
    presoak: "Soaked, hours",
    presoakHint: "0: sown dry",
    depth: "Depth, cm",
    water: "Watered",
    fromBelow: "from below",
    fromAbove: "from above",
    light: "Light"
  },
  looks: {
    head: "What is looked at, and when",
    measures: "In each pot",
    days: "Days after planting",
    daysHint: "Such as 7, 14, 21, 28.",
    cv: "Variation from plant to plant, percent",
    cvHint: "How much pots treated alike differ; left empty: 20, as is usual.",
    cvFrom: (cv, name, measure) => `How much pots treated alike differ; left empty: ${cv}, as in ${name} (${measure}).`
  },
  go: "Plan it",
  goChange: "Keep the change",
  version: (name, version) => `${name}, version ${version}`,
  goNote: "Nothing is filled or planted yet: the plan comes first."
};

function chosenOf(medium) {
  switch (medium?.kind) {
    case "mix":
      return `mix:${medium.mixId}:${medium.version}`;
    case "lot":
      return `lot:${medium.lotId}`;
    case "bag":
      return `bag:${medium.materialId}`;
    default:
      return "";
  }
}
function mediumOf(chosen) {
  const [kind, id = "", version = ""] = chosen.split(":");
  switch (kind) {
    case "lot":
      return { kind, lotId: Number(id) };
    case "mix":
      return { kind, mixId: Number(id), version: Number(version) };
    case "bag":
      return { kind, materialId: id };
    default:
      return void 0;
  }
}
function versionName({ name, versions }, version) {
  return version === versions[0] ? name : newTrial.version(name, version);
}
function mediumName(page, chosen) {
  const medium = mediumOf(chosen);
  const { lots } = page.choices;
  switch (medium?.kind) {
    case "lot":
      return lots.find(({ id }) => id === medium.lotId)?.name ?? "";
    case "mix": {
      const mix = page.mixes.find(({ id }) => id === medium.mixId);
      return mix ? versionName(mix, medium.version ?? 0) : "";
    }
    case "bag":
      return page.materials.find(({ id }) => id === medium.materialId)?.name ?? "";
    default:
      return "";
  }
}

function MediumField({
  page,
  label,
  none = newTrial.control.choose,
  value,
  error,
  withMaterials = false,
  onChoose
}) {
  const { format } = useSite();
  const { mixes } = page;
  const { lots, bags } = page.choices;
  const bagged = withMaterials ? page.materials : bags;
  return /* @__PURE__ */ jsxs(
    SelectField,
    {
      label,
      value,
      error,
      onChange: (event) => onChoose(event.target.value),
      children: [
        /* @__PURE__ */ jsx("option", { value: "", children: none }),
        mixes.length > 0 && /* @__PURE__ */ jsx("optgroup", { label: filling.groups.mix, children: mixes.flatMap(
          (mix) => mix.versions.map((version) => /* @__PURE__ */ jsx("option", { value: `mix:${mix.id}:${version}`, children: versionName(mix, version) }, `${mix.id}:${version}`))
        ) }),
        lots.length > 0 && /* @__PURE__ */ jsx("optgroup", { label: filling.groups.lot, children: lots.map(({ id, name, litres }) => /* @__PURE__ */ jsx("option", { value: `lot:${id}`, children: filling.lotOption(name, format.plain(format.litres(litres))) }, id)) }),
        /* @__PURE__ */ jsx("optgroup", { label: withMaterials ? newTrial.treatments.materials : filling.groups.bag, children: bagged.map(({ id, name }) => /* @__PURE__ */ jsx("option", { value: `bag:${id}`, children: name }, id)) })
      ]
    }
  );
}

const treatment = (key) => ({
  key,
  name: "",
  medium: "",
  size: "",
  care: "",
  risks: []
});
const EMPTY_TRIAL = {
  kind: "",
  question: "",
  name: "",
  wish: "more",
  controlName: "",
  medium: "",
  controlCare: "",
  must: "",
  mustValue: "",
  treatments: [treatment(1)],
  added: "",
  addedRisks: [],
  doses: "",
  amendmentId: "",
  targetPh: "",
  isSown: true,
  cropId: "",
  crops: [],
  how: "planted",
  perPot: "1",
  pots: "4",
  isOwn: false,
  size: "",
  potIds: [],
  place: "",
  blocks: true,
  isBlind: false,
  presoak: "0",
  depth: "1",
  bottomWater: false,
  light: "outdoors",
  measures: [],
  checkDays: "",
  cv: ""
};
function beginAs(kind) {
  const [must] = MUSTS_OF[kind];
  const begin = {
    kind,
    must,
    mustValue: String(MUST_RANGE[must].usual),
    measures: USUAL_MEASURES[kind],
    isSown: true,
    blocks: true
  };
  switch (kind) {
    case "side-by-side":
      return { ...begin, how: "planted", perPot: "1", pots: "1", checkDays: "14, 28, 42, 56" };
    case "comparison":
      return { ...begin, how: "planted", perPot: "1", pots: "6", checkDays: "14, 28, 42, 56" };
    case "dose":
      return {
        ...begin,
        how: "sown",
        perPot: "5",
        pots: "6",
        doses: "0, 25, 50, 75, 100",
        checkDays: "7, 10, 14, 21",
        presoak: "8",
        depth: "2",
        bottomWater: true,
        light: "window"
      };
    case "count":
      return {
        ...begin,
        how: "sown",
        perPot: "25",
        pots: "4",
        checkDays: "5, 7, 10, 14",
        depth: "1",
        bottomWater: true,
        light: "window"
      };
    case "jar":
      return { ...begin, doses: "0, 1, 2, 4", checkDays: "7", pots: "1", perPot: "0" };
  }
}
function withCandidate(values, candidate) {
  if (candidate === "") return values;
  if (values.kind === "dose") return { ...values, added: candidate };
  if (values.kind === "jar") return { ...values, medium: candidate };
  const [first, ...others] = values.treatments;
  return first ? { ...values, treatments: [{ ...first, medium: candidate }, ...others] } : values;
}
function sownAs(isSown) {
  const must = isSown ? "germination" : "weeds";
  return {
    isSown,
    must,
    mustValue: String(MUST_RANGE[must].usual),
    perPot: isSown ? "25" : "0",
    wish: isSown ? "more" : "less"
  };
}
function listOf(text) {
  return text.split(text.includes(";") ? ";" : /[,\s]+/).map((one) => one.trim()).filter(Boolean).map((one) => readNumber(one) ?? one);
}
const LONGEST_NAME = 60;
function treatmentName(page, one) {
  return (one.name.trim() || one.care.trim() || mediumName(page, one.medium)).slice(0, LONGEST_NAME);
}
const isDosed = (kind) => kind === "dose" || kind === "jar";
function sowsAny({ kind, isSown }) {
  return kind !== "jar" && (kind !== "count" || isSown);
}
function oneMore(treatments) {
  return [...treatments, treatment(Math.max(0, ...treatments.map(({ key }) => key)) + 1)];
}

const words$3 = newTrial.control;
function ControlPart({
  page,
  form: { values, change, errorOf }
}) {
  const { kind, must } = values;
  if (!kind) return null;
  const isDosed = kind === "dose" || kind === "jar";
  const label = kind === "dose" ? words$3.mediumDose : kind === "jar" ? words$3.mediumJar : words$3.medium;
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "control", className: styles.part, children: [
    /* @__PURE__ */ jsx("h2", { id: "control", children: words$3.head }),
    /* @__PURE__ */ jsx("p", { className: styles.quiet, children: words$3.lead }),
    kind === "count" && /* @__PURE__ */ jsx(
      Choice,
      {
        label: newTrial.pots.sown,
        name: "sown",
        options: [
          { value: "seeds", label: newTrial.pots.sownSeeds },
          { value: "weeds", label: newTrial.pots.sownWeeds }
        ],
        isChosen: (value) => value === "seeds" === values.isSown,
        onChange: (event) => change(sownAs(event.target.value === "seeds"))
      }
    ),
    /* @__PURE__ */ jsxs("div", { className: styles.fields, children: [
      !isDosed && /* @__PURE__ */ jsx(
        TextField,
        {
          label: words$3.name,
          placeholder: words$3.usualName,
          value: values.controlName,
          error: errorOf("treatments.0.name"),
          onChange: (event) => change({ controlName: event.target.value })
        }
      ),
      /* @__PURE__ */ jsx(
        MediumField,
        {
          page,
          label,
          value: values.medium,
          error: errorOf("treatments.0.medium"),
          onChoose: (medium) => change({ medium })
        }
      ),
      !isDosed && /* @__PURE__ */ jsx(
        TextField,
        {
          label: words$3.care,
          hint: words$3.careHint,
          value: values.controlCare,
          error: errorOf("treatments.0.care"),
          onChange: (event) => change({ controlCare: event.target.value })
        }
      )
    ] }),
    kind !== "jar" && /* @__PURE__ */ jsx(
      Choice,
      {
        label: newTrial.question.wish,
        name: "wish",
        options: ["more", "less"].map((value) => ({
          value,
          label: trialWords.wishes[value]
        })),
        isChosen: (value) => value === values.wish,
        onChange: (event) => change({ wish: event.target.value })
      }
    ),
    /* @__PURE__ */ jsxs("div", { className: styles.fields, children: [
      /* @__PURE__ */ jsx(
        SelectField,
        {
          label: words$3.must,
          value: must,
          error: errorOf("must"),
          onChange: (event) => {
            const chosen = event.target.value;
            change({ must: chosen, mustValue: String(MUST_RANGE[chosen].usual) });
          },
          children: MUSTS_OF[kind].map((one) => /* @__PURE__ */ jsx("option", { value: one, children: trialWords.musts[one].name }, one))
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: must === "repeat" ? words$3.mustMost : words$3.mustValue,
          hint: must ? trialWords.musts[must].unit : void 0,
          inputMode: "decimal",
          value: values.mustValue,
          error: errorOf("mustValue"),
          onChange: (event) => change({ mustValue: event.target.value })
        }
      )
    ] })
  ] });
}

const USUAL_CV = "20";
function plantVariation({ cv, cropId, measures }, varied) {
  if (cv.trim() !== "") return { cv, from: null };
  for (const measure of measures) {
    const from = varied.find((one) => one.cropId === cropId && one.measure === measure);
    if (from && cropId) return { cv: String(Math.max(1, Math.round(from.cv))), from };
  }
  return { cv: USUAL_CV, from: null };
}

const MOST_POTS = 100;
const USUAL_SHARE = 0.8;
const PERCENT = 100;
function designQuestion(values, varied = []) {
  const { kind } = values;
  if (!kind) return null;
  const treatments = isDosed(kind) ? listOf(values.doses).length : 1 + values.treatments.length;
  const pots = readNumber(values.pots);
  const cv = readNumber(plantVariation(values, varied).cv);
  const isWhole = pots !== null && Number.isInteger(pots) && pots >= 1 && pots <= MOST_POTS;
  if (kind === "side-by-side" && values.crops.length === 0) return null;
  if (!isWhole || treatments < 2 || cv === null || cv < 1 || cv > 200) return null;
  const seeds = values.how === "sown" && sowsAny(values) ? readNumber(values.perPot) ?? 0 : 0;
  const must = readNumber(values.mustValue);
  const isShare = values.must === "germination" && must !== null && must > 0 && must <= PERCENT;
  const counts = kind === "dose" || kind === "count";
  return {
    kind,
    treatments,
    pots,
    blocks: values.blocks,
    crops: values.crops.length,
    seeds: counts && Number.isInteger(seeds) && seeds > 0 ? seeds : 0,
    cv,
    controlShare: isShare ? must / PERCENT : USUAL_SHARE
  };
}
function remarksOf(values, page, usualName) {
  const { kind } = values;
  if (!kind) return [];
  const pots = readNumber(values.pots) ?? 1;
  const days = listOf(values.checkDays).filter((day) => typeof day === "number");
  const control = { mix: values.medium, dosePercent: 0, pot: "", care: values.controlCare };
  const chosen = values.treatments.filter((one) => one.medium || one.care.trim() || one.size);
  const treatments = isDosed(kind) ? listOf(values.doses).map((dose) => ({
    ...control,
    name: `${dose} ${kind === "dose" ? "%" : "g/L"}`,
    dosePercent: typeof dose === "number" ? dose : 0
  })) : [
    { ...control, name: values.controlName.trim() || usualName },
    ...chosen.map((one) => ({
      name: treatmentName(page, one),
      mix: one.medium || values.medium,
      dosePercent: 0,
      pot: values.isOwn || one.size === values.size ? "" : one.size,
      care: one.care.trim() || values.controlCare
    }))
  ];
  return reviewDesign({ kind, treatments, pots, blocks: values.blocks, checkDays: days });
}
function usablePots(values, page) {
  const chosen = /* @__PURE__ */ new Set([values.medium, ...values.treatments.map(({ medium }) => medium)]);
  return page.freePots.filter(
    ({ id, lotId }) => lotId === null || chosen.has(`lot:${lotId}`) || values.potIds.includes(id)
  );
}
function potsNeeded(values) {
  const { kind } = values;
  if (!kind || kind === "jar") return 0;
  const treatments = kind === "dose" ? listOf(values.doses).length : 1 + values.treatments.length;
  const rows = kind === "side-by-side" ? values.crops.length : 1;
  return treatments * rows * (readNumber(values.pots) ?? 0);
}

const words$2 = newTrial.looks;
function LooksPart({
  page,
  form: { values, change, errorOf }
}) {
  const { cv, from } = plantVariation({ ...values, cv: "" }, page.varied);
  const dayErrors = Array.from({ length: 60 }, (_, index) => errorOf(`checkDays.${index}`));
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "looks", className: styles.part, children: [
    /* @__PURE__ */ jsx("h2", { id: "looks", children: words$2.head }),
    values.kind !== "jar" && /* @__PURE__ */ jsx(
      Choice,
      {
        kind: "checkbox",
        label: words$2.measures,
        name: "measures",
        error: errorOf("measures"),
        options: TRIAL_MEASURES.map((value) => ({ value, label: trialWords.measures[value] })),
        isChosen: (value) => values.measures.includes(value),
        onChange: (event) => {
          const { value, checked } = event.target;
          const others = values.measures.filter((one) => one !== value);
          change({ measures: checked ? [...others, value] : others });
        }
      }
    ),
    /* @__PURE__ */ jsxs("div", { className: styles.fields, children: [
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: words$2.days,
          hint: words$2.daysHint,
          inputMode: "text",
          value: values.checkDays,
          error: dayErrors.find(Boolean) ?? errorOf("checkDays"),
          onChange: (event) => change({ checkDays: event.target.value })
        }
      ),
      values.kind !== "jar" && values.kind !== "side-by-side" && /* @__PURE__ */ jsx(
        TextField,
        {
          label: words$2.cv,
          hint: from ? words$2.cvFrom(cv, from.name, trialWords.measures[from.measure].toLowerCase()) : words$2.cvHint,
          inputMode: "decimal",
          value: values.cv,
          error: errorOf("cv"),
          onChange: (event) => change({ cv: event.target.value })
        }
      )
    ] })
  ] });
}

const words$1 = newTrial.pots;
function PotsPart({
  page,
  form
}) {
  const { values, change, errorOf } = form;
  const isSide = values.kind === "side-by-side";
  const sows = sowsAny(values);
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "pots", className: styles.part, children: [
    /* @__PURE__ */ jsx("h2", { id: "pots", children: words$1.head }),
    isSide && /* @__PURE__ */ jsx(CropChoice, { page, form }),
    /* @__PURE__ */ jsxs("div", { className: styles.fields, children: [
      !isSide && sows && /* @__PURE__ */ jsxs(
        SelectField,
        {
          label: words$1.crop,
          value: values.cropId,
          error: errorOf("cropId"),
          onChange: (event) => change({ cropId: event.target.value }),
          children: [
            /* @__PURE__ */ jsx("option", { value: "", children: words$1.chooseCrop }),
            page.crops.map(({ id, name }) => /* @__PURE__ */ jsx("option", { value: id, children: name }, id))
          ]
        }
      ),
      sows && /* @__PURE__ */ jsx(
        TextField,
        {
          label: words$1.perPot,
          hint: words$1.perPotHint,
          inputMode: "numeric",
          value: values.perPot,
          error: errorOf("perPot"),
          onChange: (event) => change({ perPot: event.target.value })
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: isSide ? words$1.countSide : words$1.count,
          inputMode: "numeric",
          value: values.pots,
          error: errorOf("pots"),
          onChange: (event) => change({ pots: event.target.value })
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: words$1.place,
          suggestions: page.places,
          value: values.place,
          error: errorOf("place"),
          onChange: (event) => change({ place: event.target.value })
        }
      )
    ] }),
    sows && /* @__PURE__ */ jsx(
      Choice,
      {
        label: words$1.how,
        name: "how",
        options: HOW_PLANTED.map((value) => ({ value, label: trialWords.hows[value] })),
        isChosen: (value) => value === values.how,
        onChange: (event) => change({ how: event.target.value })
      }
    ),
    sows && values.how === "sown" && /* @__PURE__ */ jsx(SeedFields, { form }),
    /* @__PURE__ */ jsx(WhichPots, { page, form }),
    !isSide && /* @__PURE__ */ jsx(
      Choice,
      {
        label: words$1.blocks,
        name: "blocks",
        options: [
          { value: "blocks", label: words$1.inBlocks },
          { value: "random", label: words$1.atRandom }
        ],
        isChosen: (value) => value === "blocks" === values.blocks,
        onChange: (event) => change({ blocks: event.target.value === "blocks" })
      }
    ),
    /* @__PURE__ */ jsx(
      Choice,
      {
        label: words$1.blind,
        name: "blind",
        options: [
          { value: "blind", label: words$1.blindYes },
          { value: "open", label: words$1.blindNo }
        ],
        isChosen: (value) => value === "blind" === values.isBlind,
        onChange: (event) => change({ isBlind: event.target.value === "blind" })
      }
    )
  ] });
}
function CropChoice({
  page,
  form: { values, change, errorOf }
}) {
  const [next, setNext] = useState("");
  const chosen = page.crops.filter(({ id }) => values.crops.includes(id));
  const add = () => {
    if (next === "") return;
    change({ crops: [...values.crops, next] });
    setNext("");
  };
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsxs("div", { className: styles.adding, children: [
      /* @__PURE__ */ jsxs(
        SelectField,
        {
          label: words$1.addCrop,
          value: next,
          error: errorOf("crops"),
          onChange: (event) => setNext(event.target.value),
          onKeyDown: (event) => {
            if (event.key !== "Enter") return;
            event.preventDefault();
            add();
          },
          children: [
            /* @__PURE__ */ jsx("option", { value: "", children: words$1.chooseCrop }),
            page.crops.filter(({ id }) => !values.crops.includes(id)).map(({ id, name }) => /* @__PURE__ */ jsx("option", { value: id, children: name }, id))
          ]
        }
      ),
      /* @__PURE__ */ jsx(Button, { onClick: add, children: words$1.addIt })
    ] }),
    chosen.length === 0 ? /* @__PURE__ */ jsx("p", { className: styles.quiet, children: words$1.cropsHint(0) }) : /* @__PURE__ */ jsx(
      Choice,
      {
        kind: "checkbox",
        label: words$1.crops,
        hint: words$1.cropsHint(chosen.length),
        name: "crops",
        options: chosen.map(({ id, name }) => ({ value: id, label: name })),
        isChosen: () => true,
        onChange: (event) => {
          const { value } = event.target;
          change({ crops: values.crops.filter((one) => one !== value) });
        }
      }
    )
  ] });
}
function SeedFields({ form: { values, change, errorOf } }) {
  return /* @__PURE__ */ jsxs("fieldset", { className: styles.treatment, children: [
    /* @__PURE__ */ jsx("legend", { children: words$1.seeds }),
    /* @__PURE__ */ jsxs("div", { className: styles.fields, children: [
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: words$1.presoak,
          hint: words$1.presoakHint,
          inputMode: "decimal",
          value: values.presoak,
          error: errorOf("protocol.presoakHours"),
          onChange: (event) => change({ presoak: event.target.value })
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: words$1.depth,
          inputMode: "decimal",
          value: values.depth,
          error: errorOf("protocol.depthCm"),
          onChange: (event) => change({ depth: event.target.value })
        }
      )
    ] }),
    /* @__PURE__ */ jsxs("div", { className: styles.choices, children: [
      /* @__PURE__ */ jsx(
        Choice,
        {
          label: words$1.water,
          name: "water",
          options: [
            { value: "below", label: words$1.fromBelow },
            { value: "above", label: words$1.fromAbove }
          ],
          isChosen: (value) => value === "below" === values.bottomWater,
          onChange: (event) => change({ bottomWater: event.target.value === "below" })
        }
      ),
      /* @__PURE__ */ jsx(
        Choice,
        {
          label: words$1.light,
          name: "light",
          options: TRIAL_LIGHTS.map((value) => ({ value, label: trialWords.lights[value] })),
          isChosen: (value) => value === values.light,
          onChange: (event) => change({ light: event.target.value })
        }
      )
    ] })
  ] });
}
function WhichPots({
  page,
  form: { values, change, errorOf }
}) {
  const { format } = useSite();
  const litres = (value) => format.plain(format.litres(value));
  const pots = usablePots(values, page);
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(
      Choice,
      {
        label: words$1.which,
        name: "which",
        options: [
          { value: "new", label: words$1.whichNew },
          { value: "own", label: words$1.whichOwn }
        ],
        isChosen: (value) => value === "own" === values.isOwn,
        onChange: (event) => change({ isOwn: event.target.value === "own" })
      }
    ),
    values.isOwn ? pots.length === 0 ? /* @__PURE__ */ jsx("p", { children: words$1.ownNone }) : /* @__PURE__ */ jsx(
      Choice,
      {
        kind: "checkbox",
        label: words$1.own,
        hint: words$1.ownHint(values.potIds.length, potsNeeded(values)),
        name: "own",
        error: errorOf("potIds"),
        options: pots.map((pot) => ({
          value: String(pot.id),
          label: pot.code,
          note: `${pot.name} · ${litres(pot.litres)} · ${pot.lotName ?? words$1.ownEmpty}`
        })),
        isChosen: (value) => values.potIds.includes(Number(value)),
        onChange: (event) => {
          const { value, checked } = event.target;
          const others = values.potIds.filter((one) => one !== Number(value));
          change({ potIds: checked ? [...others, Number(value)] : others });
        }
      }
    ) : /* @__PURE__ */ jsx("div", { className: styles.fields, children: /* @__PURE__ */ jsx(
      SelectField,
      {
        label: words$1.size,
        value: values.size,
        error: errorOf("potSize"),
        onChange: (event) => change({ size: event.target.value }),
        children: page.sizes.map((size) => /* @__PURE__ */ jsx("option", { value: size.name, children: words$1.sizeOption(size.name, litres(size.litres)) }, size.name))
      }
    ) })
  ] });
}

const rerun = {
  why: (name, reached, must) => `${name} was void: its control came to ${reached}, and ${must} were asked of it. Before it is run again:`,
  change: {
    germination: [
      "Try ten seeds of the packet on damp paper first: too few of them up, and the packet is the reason.",
      "Keep the trays as warm as the crop wants, sow no deeper than its seed is thick twice over, and never let them dry.",
      "If paper and warmth were right, the mix of the control is not sound: take another one you trust."
    ],
    survival: [
      "Look at what killed them (the list below says what was written down): net them, move them, water by weight.",
      "Take plants that are rooted through, and two pots of each more than you think you need."
    ],
    vigour: [
      "The control was starved, cold or wet: put that right for all pots alike, and begin with a mix you know."
    ],
    weeds: [
      "Too little came up in the untreated mix: take mix that was seen to be weedy, keep it damp and warm, and wait four weeks."
    ],
    repeat: [
      "Two readings of the same jar lay apart: calibrate the pen, stir, wait until it stands, and read both again."
    ]
  }
};

function RerunNotice({ page }) {
  const { format } = useSite();
  const { rerunOf } = page;
  if (!rerunOf) return null;
  const { must, mustValue, reached, name } = rerunOf;
  const of = (value) => `${format.number(value, must === "vigour" ? 1 : 0)} ${trialWords.musts[must].unit}`;
  return /* @__PURE__ */ jsxs(Notice, { tone: "act", children: [
    rerun.why(name, of(reached), of(mustValue)),
    /* @__PURE__ */ jsx("ul", { children: rerun.change[must].map((line) => /* @__PURE__ */ jsx("li", { children: line }, line)) })
  ] });
}

const words = newTrial.treatments;
function TreatmentsPart({
  page,
  form
}) {
  const { values } = form;
  const isDosed = values.kind === "dose" || values.kind === "jar";
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "treatments", className: styles.part, children: [
    /* @__PURE__ */ jsx("h2", { id: "treatments", children: words.head }),
    isDosed ? /* @__PURE__ */ jsx(Doses, { page, form }) : /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx("p", { className: styles.quiet, children: words.lead }),
      values.treatments.map((one, index) => /* @__PURE__ */ jsx(Treatment, { page, form, one, index }, one.key)),
      /* @__PURE__ */ jsx("div", { children: /* @__PURE__ */ jsx(Button, { onClick: () => form.change({ treatments: oneMore(values.treatments) }), children: words.add }) })
    ] })
  ] });
}
function Treatment({
  page,
  form: { values, change, errorOf },
  one,
  index
}) {
  const title = treatmentName(page, one) || words.one(index + 1);
  const field = `treatments.${index + 1}`;
  const put = (more) => change({
    treatments: values.treatments.map(
      (each) => each.key === one.key ? { ...each, ...more } : each
    )
  });
  return /* @__PURE__ */ jsxs("fieldset", { className: styles.treatment, children: [
    /* @__PURE__ */ jsx("legend", { children: title }),
    /* @__PURE__ */ jsxs("div", { className: styles.fields, children: [
      /* @__PURE__ */ jsx(
        MediumField,
        {
          page,
          label: words.medium,
          value: one.medium,
          error: errorOf(`${field}.medium`),
          onChoose: (medium) => put({ medium })
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: words.name,
          hint: words.nameHint,
          value: one.name,
          error: errorOf(`${field}.name`),
          onChange: (event) => put({ name: event.target.value })
        }
      ),
      !values.isOwn && /* @__PURE__ */ jsxs(
        SelectField,
        {
          label: words.size,
          value: one.size,
          error: errorOf(`${field}.potSize`),
          onChange: (event) => put({ size: event.target.value }),
          children: [
            /* @__PURE__ */ jsx("option", { value: "", children: words.sizeAsTrial }),
            page.sizes.map(({ name }) => /* @__PURE__ */ jsx("option", { value: name, children: name }, name))
          ]
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: words.care,
          hint: words.careHint,
          value: one.care,
          error: errorOf(`${field}.care`),
          onChange: (event) => put({ care: event.target.value })
        }
      )
    ] }),
    /* @__PURE__ */ jsx(Risks, { name: `risks-${one.key}`, risks: one.risks, onChange: (risks) => put({ risks }) }),
    values.treatments.length > 1 && /* @__PURE__ */ jsx("div", { children: /* @__PURE__ */ jsx(
      Button,
      {
        weight: "quiet",
        onClick: () => change({ treatments: values.treatments.filter(({ key }) => key !== one.key) }),
        children: words.remove(title)
      }
    ) })
  ] });
}
function Doses({
  page,
  form: { values, change, errorOf }
}) {
  const isJar = values.kind === "jar";
  const wrong = Array.from({ length: 12 }, (_, index) => errorOf(`treatments.${index}.dose`));
  const doseError = wrong.find(Boolean) ?? errorOf("treatments") ?? errorOf("treatments.1") ?? void 0;
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsxs("div", { className: styles.fields, children: [
      isJar ? /* @__PURE__ */ jsxs(Fragment, { children: [
        /* @__PURE__ */ jsxs(
          SelectField,
          {
            label: words.amendment,
            value: values.amendmentId,
            error: errorOf("jars.amendmentId"),
            onChange: (event) => change({ amendmentId: event.target.value }),
            children: [
              /* @__PURE__ */ jsx("option", { value: "", children: words.amendmentChoose }),
              page.amendments.map(({ id, name }) => /* @__PURE__ */ jsx("option", { value: id, children: name }, id))
            ]
          }
        ),
        /* @__PURE__ */ jsx(
          TextField,
          {
            label: words.targetPh,
            inputMode: "decimal",
            value: values.targetPh,
            error: errorOf("jars.targetPh"),
            onChange: (event) => change({ targetPh: event.target.value })
          }
        )
      ] }) : /* @__PURE__ */ jsx(
        MediumField,
        {
          page,
          label: words.added,
          none: words.addedChoose,
          value: values.added,
          error: errorOf("treatments.1.added"),
          withMaterials: true,
          onChoose: (added) => change({ added })
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: isJar ? words.jarDoses : words.doses,
          hint: isJar ? words.jarDosesHint : words.dosesHint,
          inputMode: "text",
          value: values.doses,
          error: doseError,
          onChange: (event) => change({ doses: event.target.value })
        }
      )
    ] }),
    !isJar && /* @__PURE__ */ jsx(
      Risks,
      {
        name: "risks",
        risks: values.addedRisks,
        onChange: (addedRisks) => change({ addedRisks })
      }
    )
  ] });
}
function Risks({
  name,
  risks,
  onChange
}) {
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(
      Choice,
      {
        kind: "checkbox",
        label: words.risks,
        name,
        options: TRIAL_RISKS.map((value) => ({ value, label: trialWords.risks[value] })),
        isChosen: (value) => risks.includes(value),
        onChange: (event) => {
          const { value, checked } = event.target;
          const others = risks.filter((one) => one !== value);
          onChange(checked ? [...others, value] : others);
        }
      }
    ),
    /* @__PURE__ */ jsx(Caution, { lead: words.caution, lines: risks.map((one) => trialWords.cautions[one]) })
  ] });
}

function treatmentsOf(values, page, usualName) {
  const { kind, medium, added } = values;
  const plain = { medium: mediumOf(medium), added: null, potSize: null, care: "", risks: [] };
  if (isDosed(kind)) {
    const unit = kind === "dose" ? "%" : "g/L";
    return listOf(values.doses).map((dose) => ({
      ...plain,
      name: `${dose} ${unit}`,
      dose,
      added: kind === "dose" && dose !== 0 ? mediumOf(added) ?? null : null,
      risks: dose === 0 ? [] : values.addedRisks
    }));
  }
  const control = {
    ...plain,
    name: values.controlName.trim() || usualName,
    dose: 0,
    care: values.controlCare
  };
  const others = values.treatments.map((one) => ({
    name: treatmentName(page, one),
    medium: mediumOf(one.medium || medium),
    added: null,
    dose: 0,
    potSize: values.isOwn ? null : sizeOf(page, one.size) ?? null,
    care: one.care.trim() || values.controlCare,
    risks: one.risks
  }));
  return [control, ...others];
}
function sizeOf(page, name) {
  const size = page.sizes.find((one) => one.name === name);
  return size && bare(size);
}
const bare = ({ name, shape, headspaceCm }) => ({ name, shape, headspaceCm });
function bodyOf(values, page, usualName) {
  const { kind } = values;
  const size = page.sizes.find(({ name }) => name === values.size) ?? page.sizes[0];
  return {
    kind: kind || void 0,
    name: values.name,
    question: values.question,
    wish: values.wish,
    must: values.must || void 0,
    mustValue: numberOrTyped(values.mustValue),
    measures: kind === "jar" ? [] : values.measures,
    checkDays: listOf(values.checkDays),
    cropId: kind === "side-by-side" || !sowsAny(values) ? null : values.cropId || null,
    crops: kind === "side-by-side" ? values.crops : [],
    how: values.how,
    perPot: sowsAny(values) ? numberOrTyped(values.perPot) : 0,
    pots: kind === "jar" ? 1 : numberOrTyped(values.pots),
    blocks: values.blocks,
    isBlind: values.isBlind,
    place: kind === "jar" ? values.place || "Bench" : values.place,
    potSize: size && bare(size),
    potIds: values.isOwn && kind !== "jar" ? values.potIds : [],
    protocol: {
      presoakHours: numberOrTyped(values.presoak),
      depthCm: numberOrTyped(values.depth),
      bottomWater: values.bottomWater,
      light: values.light
    },
    cv: numberOrTyped(plantVariation(values, page.varied).cv),
    jars: kind === "jar" ? { amendmentId: values.amendmentId || void 0, targetPh: numberOrTyped(values.targetPh) } : null,
    treatments: treatmentsOf(values, page, usualName)
  };
}
function valuesOf(plan) {
  const [control, ...others] = plan.treatments;
  const [dosed] = plan.treatments.filter(({ added }) => added !== null);
  return {
    kind: plan.kind,
    question: plan.question,
    name: plan.name,
    wish: plan.wish,
    controlName: control?.name ?? "",
    medium: chosenOf(control?.medium ?? null),
    controlCare: control?.care ?? "",
    must: plan.must,
    mustValue: String(plan.mustValue),
    treatments: others.map((one, index) => ({
      key: index + 1,
      name: one.name,
      medium: chosenOf(one.medium),
      size: one.potSize?.name ?? "",
      care: one.care === control?.care ? "" : one.care,
      risks: one.risks
    })),
    added: chosenOf(dosed?.added ?? null),
    addedRisks: dosed?.risks ?? [],
    doses: plan.treatments.map(({ dose }) => dose).join(", "),
    amendmentId: plan.jars?.amendmentId ?? "",
    targetPh: plan.jars ? String(plan.jars.targetPh) : "",
    isSown: plan.perPot > 0 || plan.kind !== "count",
    cropId: plan.cropId ?? "",
    crops: plan.crops,
    how: plan.how,
    perPot: String(plan.perPot),
    pots: String(plan.pots),
    isOwn: false,
    size: plan.potSize.name,
    potIds: [],
    place: plan.place,
    blocks: plan.blocks,
    isBlind: plan.isBlind,
    presoak: String(plan.protocol.presoakHours),
    depth: String(plan.protocol.depthCm),
    bottomWater: plan.protocol.bottomWater,
    light: plan.protocol.light,
    measures: plan.measures,
    checkDays: plan.checkDays.join(", "),
    cv: String(plan.cv)
  };
}

function useNewTrial(page) {
  const { problem, errorOf, isSending, deliver } = useSend();
  const begun = page.plan ? valuesOf(page.plan) : {
    ...EMPTY_TRIAL,
    size: page.sizes[0]?.name ?? "",
    ...page.kind ? beginAs(page.kind) : {}
  };
  const { values, change, throwAway } = useKept(
    draftOf(page),
    withCandidate(begun, page.candidate)
  );
  const save = async () => {
    if (isSending) return;
    const body = bodyOf(values, page, newTrial.control.usualName);
    const answer = page.change ? await deliver("PUT", `/api/trials/${page.change.id}`, {
      ...body,
      version: page.change.version
    }) : await deliver("POST", "/api/trials", body);
    if (!answer) return;
    throwAway();
    window.location.assign(`/trials/${answer.data.id}`);
  };
  return { values, change, errorOf, problem, save };
}
function draftOf({ change, plan, candidate }) {
  if (change) return `trial/${change.id}/${change.version}`;
  if (plan) return `trial-like/${plan.name}`;
  return candidate ? `new-trial/${candidate}` : "new-trial";
}

function NewTrialScreen({ page, site }) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(NewTrial, { page }) });
}
const NewTrialScreen$1 = unpacked(NewTrialScreen);
function NewTrial({ page }) {
  const form = useNewTrial(page);
  const ready = useReady();
  const { values, change, errorOf } = form;
  const { kind } = values;
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: page.change ? newTrial.changeTitle(page.change.name) : newTrial.title,
        lead: newTrial.lead
      }
    ),
    /* @__PURE__ */ jsx(RerunNotice, { page }),
    /* @__PURE__ */ jsxs(
      "form",
      {
        className: styles.frame,
        noValidate: true,
        onKeyDown: (event) => {
          if (event.key === "Enter" && event.target instanceof HTMLInputElement)
            event.preventDefault();
        },
        onSubmit: (event) => {
          event.preventDefault();
          void form.save();
        },
        children: [
          /* @__PURE__ */ jsxs("fieldset", { disabled: !ready, className: `plain ${styles.form}`, children: [
            /* @__PURE__ */ jsxs("section", { "aria-labelledby": "ask", className: styles.part, children: [
              /* @__PURE__ */ jsx("h2", { id: "ask", children: newTrial.question.head }),
              /* @__PURE__ */ jsx(
                Choice,
                {
                  label: newTrial.question.kind,
                  name: "kind",
                  error: errorOf("kind"),
                  options: TRIAL_KINDS.map((value) => ({
                    value,
                    label: trialWords.kinds[value].question,
                    note: trialWords.kinds[value].note
                  })),
                  isChosen: (value) => value === kind,
                  onChange: (event) => change(beginAs(event.target.value))
                }
              ),
              kind && /* @__PURE__ */ jsxs("div", { className: styles.fields, children: [
                /* @__PURE__ */ jsx(
                  TextField,
                  {
                    label: newTrial.question.own,
                    hint: newTrial.question.ownHint,
                    value: values.question,
                    error: errorOf("question"),
                    onChange: (event) => change({ question: event.target.value })
                  }
                ),
                /* @__PURE__ */ jsx(
                  TextField,
                  {
                    label: newTrial.question.name,
                    value: values.name,
                    error: errorOf("name"),
                    onChange: (event) => change({ name: event.target.value })
                  }
                )
              ] })
            ] }),
            kind && /* @__PURE__ */ jsxs(Fragment, { children: [
              /* @__PURE__ */ jsx(ControlPart, { page, form }),
              /* @__PURE__ */ jsx(TreatmentsPart, { page, form }),
              kind !== "jar" && /* @__PURE__ */ jsx(PotsPart, { page, form }),
              /* @__PURE__ */ jsx(LooksPart, { page, form })
            ] })
          ] }),
          kind && /* @__PURE__ */ jsxs(Fragment, { children: [
            /* @__PURE__ */ jsx(
              DesignPanel,
              {
                question: designQuestion(values, page.varied),
                remarks: remarksOf(values, page, newTrial.control.usualName),
                lessons: page.lessons
              }
            ),
            /* @__PURE__ */ jsxs("div", { className: styles.end, children: [
              /* @__PURE__ */ jsxs("div", { className: styles.go, children: [
                /* @__PURE__ */ jsx(Button, { type: "submit", weight: "main", "data-needs": "manage", disabled: !ready, children: page.change ? newTrial.goChange : newTrial.go }),
                /* @__PURE__ */ jsx("span", { className: styles.quiet, children: newTrial.goNote })
              ] }),
              /* @__PURE__ */ jsx(ProblemNotice, { problem: form.problem })
            ] })
          ] })
        ]
      }
    )
  ] });
}

const $$Astro = createAstro();
const $$New = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$New;
  const { site, view, problem } = await pageOf(
    (db) => newTrialPage(db, validate(newTrialQuerySchema, queryOf(Astro2.url), true))
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": newTrial.title, "site": site, "area": "trials" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "NewTrialScreen", NewTrialScreen$1, { "client:load": true, ...pack({ page: view, site }), "client:component-hydration": "load", "client:component-path": "/work/main/src/features/trials/NewTrialScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/trials" })}`}` })}`;
}, "/work/main/src/pages/trials/new.astro", void 0);

const $$file = "/work/main/src/pages/trials/new.astro";
const $$url = "/trials/new";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$New,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
