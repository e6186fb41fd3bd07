import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from './astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsx, jsxs, Fragment } from 'react/jsx-runtime';
import { f as fetchedPart, B as Button, N as Notice, L as LinkButton, c as common, u as useSend, s as showToastOnNextPage, d as useReady, P as ProblemNotice, $ as $$Layout } from './Layout_CULKZlnp.mjs';
import { F as Fold } from './Fold_BZXYkSX6.mjs';
import { P as PageHead } from './PageHead_DSY1ER1p.mjs';
import { u as unpacked, p as pack } from './packed_LnE7zvDa.mjs';
import { u as useSite, S as SiteProvider } from './SiteContext_DmfuMSrf.mjs';
import { m as mixWithRange, a as mixes, b as mixCost } from './mixes_Bu7u0CjJ.mjs';
import { createContext, useContext, useMemo, useState, useEffect } from 'react';
import { s as styles } from './design.093a3064_BnQ7BLGM.mjs';
import { u as useCore } from './useCore_DJpFPcXM.mjs';
import { r as readQuantity, Q as QuantityField } from './QuantityField_BQUQ1KML.mjs';
import { D as DEFAULT_LOT, s as shapeOf, t as typedContainer, L as LENGTHS_OF } from './newLotValues_Dhy2EaZH.mjs';
import { aH as listFindings, ae as materialsById, J as listMaterials, aG as listCrops, b2 as listContainers, bW as EXPOSURE_FACTORS, Y as readMix, o as readLotFacts, j as readTables, $ as blendMedia, U as containerCapacity, c as containerVolume, at as componentShares } from './database_CmGvnzKd.mjs';
import { m as mixWish } from './plantGroups_C2J7lfj0.mjs';
import { w as waterDrift } from './waterDrift_DK4LtxTQ.mjs';
import { s as sulfurDose, w as wateringFit, g as groupOfCrop } from './groupOfCrop_E1frUvNE.mjs';
import { L as LOSS_RANGE } from './growing_CG8kV1Dv.mjs';
import { a as limeDose } from './limeDose_D78XuWgn.mjs';
import { T as TextField, S as SelectField } from './Field_D6p8NWuD.mjs';
import { I as InTrials } from './InTrials_D7FaMVAt.mjs';
import { t as trialFindings } from './trialFindings_NSjJVfdT.mjs';
import { P as Progress } from './Progress_C1XRIgPh.mjs';
import { P as PotSection } from './PotSection_DavQ_T_e.mjs';
import { B as Band } from './Band_CTppKDQi.mjs';
import { a as WhyFigure } from './Figure_D8FCbobM.mjs';
import { A as AskWhy } from './AskWhy_BeO-xFfe.mjs';
import { m as mixPot, s as strataOfMix } from './mixPot_ONgJYiPn.mjs';
import { useFieldArray } from 'react-hook-form';
import { C as CoreSample } from './CoreSample_BnoBsYOk.mjs';
import { c as containerWords } from './containerWords_BsD1jCTd.mjs';
import { u as useDraft } from './useDraft_CYo-Jaie.mjs';
import { u as useValues } from './useValues_DDCbd20L.mjs';
import { P as PLANT_GROUPS, g as groupById } from './plantGroups_xC5VMRhW.mjs';
import { P as ProblemPage } from './ProblemPage_B3n4p_wm.mjs';
import { d as designQuerySchema } from './mixes_D4TKCKNU.mjs';
import { d as dayAt } from './passphrase_DS02Zua_.mjs';
import { N as NotFound, r as refuseField } from './problem_BTADoVqZ.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';
import { a as trialsOfMix } from './trialLinks_BpAGmPI9.mjs';
import { r as refuseHeld } from './refuseHeld_BodKrGfd.mjs';
import { r as remembered } from './remembered_UMLIny9s.mjs';
import { s as sizesOf, U as USUAL_POT, a as testOfMix, m as materialsAsTested, p as partsToComponents } from './mixSetting_D4EgIGnL.mjs';
import { w as worstMonth } from './nitrogenBudget_B8Lf_znj.mjs';
import 'rotating-file-stream';
import { p as pageOf } from './pageOf_CZoV3y6K.mjs';
import { v as validate } from './validate_BZRkRH8r.mjs';
import '../renderers.mjs';

const HARD_MG_PER_L = 250;
function hardWater(season) {
  return { ...season, alkalinityMgPerL: Math.max(HARD_MG_PER_L, season.alkalinityMgPerL) };
}

const UNBOUNDED = 1e6;
const MORE_AIR = 0.04;
const A_LITTLE_MORE_AIR = 0.03;
const LONGER = 1.3;
const LIGHTER = 0.85;
const HEAVIER = 1.2;
const SMALL = 0.6;
const SHALLOW = 0.75;
function adjustersFor({ capacity, dry, blend, ph, buffer, fillLitres, waterGivenLitres }, {
  wish,
  pot,
  pots = [],
  everyDays = null,
  alkalinityMgPerL = 0
}) {
  const air = capacity.airFraction;
  const most = wish?.airMax ?? 1;
  const kgPerL = blend.bulkDensity + capacity.waterFraction;
  const all = [
    { id: "daily", of: "air", low: Math.min(most - 5e-3, air + MORE_AIR), high: most },
    { id: "cool", of: "air", low: Math.min(most - 5e-3, air + A_LITTLE_MORE_AIR), high: most },
    ...dry.days === null ? [] : [
      { id: "forget", of: "days", low: dry.days * LONGER, high: UNBOUNDED },
      { id: "windy", of: "days", low: dry.days * LONGER, high: UNBOUNDED }
    ],
    { id: "light", of: "kgPerL", low: 0, high: kgPerL * LIGHTER },
    { id: "heavy", of: "kgPerL", low: kgPerL * HEAVIER, high: UNBOUNDED }
  ];
  const useful = all.filter(({ of, low }) => of !== "air" || low > air + 5e-3);
  return [
    ...useful,
    ...pot ? inOtherPots({ air, days: dry.days, wish, pot, pots, everyDays }) : [],
    ...wish && fillLitres > 0 ? [
      afterHardWater({
        wish,
        ph,
        buffer,
        season: { alkalinityMgPerL, litres: waterGivenLitres, mediaLitres: fillLitres }
      })
    ] : []
  ];
}
function inOtherPots({
  air,
  days,
  wish,
  pot,
  pots,
  everyDays
}) {
  const fillHeight = ({ shape, headspaceCm }) => shape.heightCm - headspaceCm;
  const largest = (of, share) => pots.filter((one) => of(one) <= share * of(pot)).reduce((best, one) => best && of(best) >= of(one) ? best : one, null);
  const small = days === null ? null : largest(({ litres }) => litres, SMALL);
  const shallow = largest(fillHeight, SHALLOW);
  return [
    ...small && days !== null ? [
      {
        id: "small",
        of: "days",
        low: Math.min(days, everyDays ?? days),
        high: UNBOUNDED,
        pot: small
      }
    ] : [],
    ...shallow ? [
      {
        id: "shallow",
        of: "air",
        low: Math.min(air, wish?.airMin ?? air),
        high: wish?.airMax ?? 1,
        pot: shallow
      }
    ] : []
  ];
}
function afterHardWater({
  wish: { pHLow, pHHigh },
  ph,
  buffer,
  season
}) {
  const water = hardWater(season);
  const { rainShare } = waterDrift({
    alkalinity: water.alkalinityMgPerL,
    litresApplied: water.litres,
    mediaLitres: water.mediaLitres,
    buffer,
    ph,
    phHigh: pHHigh
  });
  return {
    id: "hardWater",
    of: "autumnPh",
    low: pHLow,
    high: pHHigh,
    water,
    ...rainShare === null ? {} : { rainShare }
  };
}

const GROUND_LIMESTONE = { cce: 0.97, releaseDays50: 30, rateHighGPerL: 6 };
const INSIDE_PH = 0.3;
function phRemedy({
  blend: { ph, buffer, freeLimeGPerL },
  wish: { pHLow, pHHigh },
  limeHater
}) {
  if (ph >= pHLow && ph <= pHHigh) return null;
  if (ph < pHLow) {
    const targetPh2 = limeHater ? pHLow : pHLow + INSIDE_PH;
    const given = { ph, buffer, freeLimeGPerL, material: GROUND_LIMESTONE, target: targetPh2 };
    const { neededGPerL, reachable: reachable2 } = limeDose(given);
    return reachable2 ? { kind: "lime", gPerL: neededGPerL, targetPh: targetPh2 } : { kind: "other-base", gPerL: 0, targetPh: targetPh2 };
  }
  const targetPh = pHHigh - INSIDE_PH;
  const { gPerL, reachable } = sulfurDose({ ph, buffer, freeLimeGPerL, target: targetPh });
  return reachable ? { kind: "sulfur", gPerL, targetPh } : { kind: "other-base", gPerL: 0, targetPh };
}

const round = (top, base, height) => ({
  kind: "round",
  topDiameterCm: top,
  baseDiameterCm: base,
  heightCm: height
});
const USUAL_POTS = {
  seedlings: {
    name: "Seed tray",
    shape: {
      kind: "rectangular",
      topLengthCm: 38,
      topWidthCm: 24,
      baseLengthCm: 35,
      baseWidthCm: 21,
      heightCm: 6
    },
    headspaceCm: 0.5
  },
  succulents: { name: "Shallow bowl", shape: round(20, 16, 9), headspaceCm: 1 },
  "airy-moist": { name: "Small pot", shape: round(12, 9, 11), headspaceCm: 1 },
  epiphytes: { name: "Orchid pot", shape: round(14, 10, 12.5), headspaceCm: 1.5 },
  baskets: {
    name: "Hanging basket",
    shape: { kind: "bowl", rimDiameterCm: 35, heightCm: 18 },
    headspaceCm: 2
  },
  "long-stay": { name: "Large pot", shape: round(45, 36, 40), headspaceCm: 4 }
};

async function handedOn(db, mixId, crops, materials) {
  const found = await listFindings(db);
  const nameOf = (cropId) => cropId === null ? null : crops.find(({ id }) => id === cropId)?.name ?? cropId;
  return {
    standardFor: found.flatMap(
      ({ kind, medium, cropId, trialId, trialName }) => kind === "standard" && medium.kind === "mix" && medium.mixId === mixId ? [{ trialId, trialName, cropName: nameOf(cropId), version: medium.version }] : []
    ),
    caps: found.flatMap(
      ({ kind, medium, cropId, trialId, trialName, maxPercent }) => kind === "cap" && medium.kind === "bag" && maxPercent !== null ? [
        {
          trialId,
          trialName,
          materialId: medium.materialId,
          materialName: materials.get(medium.materialId)?.name ?? medium.materialId,
          cropId,
          cropName: nameOf(cropId),
          maxPercent
        }
      ] : []
    )
  };
}

const FIRST_LITRES$1 = 10;
const firstAnswer = remembered(50, mixWithRange);
async function mixDesignPage(db, query) {
  const site = await readSite(db);
  const all = await materialsById(db);
  const listed = await listMaterials(db);
  const crops = await listCrops(db);
  const containers = sizesOf(await listContainers(db));
  if (query.bag && !all.has(query.bag)) throw new NotFound("There is no such bag.");
  const begin = await beginning(db, query, containers[0] ?? USUAL_POT, site);
  const { month, place } = worstMonth(site);
  const humifiedFines = all.get("humified-fines");
  if (!humifiedFines) throw new Error("The material that rotten mix becomes is missing.");
  const inUse = listed.map(({ material, litres, pricePerLitre }) => ({
    material,
    pricePerLitre,
    stockLitres: litres,
    putAway: false
  }));
  const putAway = begin.parts.flatMap(({ materialId }) => {
    const material = all.get(materialId);
    const known = inUse.some(({ material: one }) => one.id === materialId);
    return !known && material ? [{ material, pricePerLitre: null, stockLitres: 0, putAway: true }] : [];
  });
  const { shape, headspaceCm } = begin.madeFor.container;
  const written = begin.versions[0]?.at;
  const test = begin.mix && written ? await testOfMix(db, begin.mix.id, written) : null;
  const asTested = materialsAsTested(begin.parts, all, test);
  const inForce = new Map([...all, ...asTested]);
  const components = partsToComponents(begin.parts, inForce);
  return {
    ...begin,
    trials: begin.mix ? await trialsOfMix(db, begin.mix.id) : [],
    ...await handedOn(db, begin.mix?.id ?? null, crops, all),
    versions: begin.versions.map(({ number, at, note }) => ({
      number,
      on: dayAt(site.timeZone, at),
      note
    })),
    materials: [...inUse, ...putAway].map((one) => ({
      ...one,
      material: asTested.get(one.material.id) ?? one.material
    })),
    containers,
    crops,
    groups: PLANT_GROUPS,
    place,
    month,
    tested: testedMix(test, begin, all, site.timeZone),
    alkalinityMgPerL: site.tapWater.alkalinityMgPerL,
    humifiedFines,
    first: components.some(({ parts }) => parts > 0) ? firstAnswer({
      components,
      container: { shape, fillHeightCm: shape.heightCm - headspaceCm },
      crop: crops.find(({ id }) => id === begin.madeFor.cropId) ?? null,
      groupId: groupById(begin.madeFor.groupId)?.id ?? null,
      place: { ...place, exposureFactor: EXPOSURE_FACTORS[begin.madeFor.exposure] },
      humifiedFines
    }) : null
  };
}
function testedMix(test, { parts, madeFor }, materials, timeZone) {
  if (!test?.from.includes("porosity")) return null;
  const { shape, headspaceCm } = madeFor.container;
  const airOf = ({ curve }) => containerCapacity({ curve, shape, fillHeightCm: shape.heightCm - headspaceCm }).airFraction;
  return {
    on: dayAt(timeZone, test.at),
    air: airOf(test.measured),
    expectedAir: airOf(blendMedia({ components: partsToComponents(parts, materials) }))
  };
}
async function beginning(db, { mix, lot, group, bag }, pot, site) {
  const madeFor = {
    container: { shape: pot.shape, headspaceCm: pot.headspaceCm },
    containerName: pot.name,
    cropId: null,
    groupId: null,
    exposure: pot.exposure ?? "open",
    everyDays: 2
  };
  const fresh = { mix: null, from: null, versions: [], name: "", note: "", madeFor };
  if (mix !== void 0) {
    const { id, name, versions } = await readMix(db, mix);
    const [newest] = versions;
    return {
      mix: { id, version: newest.number },
      from: null,
      versions,
      name,
      note: newest.note ?? "",
      parts: newest.parts,
      madeFor: newest.madeFor
    };
  }
  if (lot !== void 0) {
    const facts = await readLotFacts(db, await readTables(db, site.timeZone), lot);
    const { name, contents } = facts.lot;
    refuseGivenUp(facts);
    const { triage: judged } = facts;
    const from = { id: lot, name, judged };
    return { ...fresh, from, name, parts: scaled(contents.components) };
  }
  if (group !== void 0) {
    const found = groupById(group);
    if (!found) throw new NotFound("There is no such plant group.");
    const parts = found.starts.map(([materialId, litres]) => ({ materialId, litres }));
    const usual = USUAL_POTS[found.id];
    const stands = usual ? {
      container: { shape: usual.shape, headspaceCm: usual.headspaceCm },
      containerName: usual.name
    } : {};
    return {
      ...fresh,
      parts: scaled(parts),
      madeFor: { ...madeFor, ...stands, groupId: found.id }
    };
  }
  return { ...fresh, parts: bag ? [{ materialId: bag, litres: FIRST_LITRES$1 }] : [] };
}
function refuseGivenUp(facts) {
  refuseHeld(facts, "lot");
  const verdict = facts.triage?.verdict;
  if (verdict !== "compost" && verdict !== "discard") return;
  refuseField(
    "lot",
    `What was found in ${facts.lot.name} does not belong in pots again: begin with another lot, or a bag.`
  );
}
function scaled(parts) {
  const total = parts.reduce((sum, { litres }) => sum + litres, 0);
  if (!(total > 0)) return [];
  return parts.map(({ materialId, litres }) => ({
    materialId,
    litres: Math.round(100 * litres / total) / 10
  }));
}

const Context = createContext(null);
function DesignProvider({
  design,
  children
}) {
  return /* @__PURE__ */ jsx(Context.Provider, { value: design, children });
}
function useMixDesign() {
  const design = useContext(Context);
  if (!design) throw new Error("There is no mix under design here.");
  return design;
}

const { Part: MixSwap } = fetchedPart(
  () => import('./MixSwap_BqBZQ3HQ.mjs').then((file) => file.MixSwap)
);
const { Part: LotBars } = fetchedPart(
  () => import('./LotBars_mwAHtHGv.mjs').then((file) => file.LotBars)
);
const { Part: CheapestOffer } = fetchedPart(
  () => import('./CheapestOffer_CxjdsVOZ.mjs').then((file) => file.CheapestOffer)
);
const { Part: RecipeCard } = fetchedPart(
  () => import('./RecipeCard_SI1I6Jmx.mjs').then((file) => file.RecipeCard)
);
const { Part: MixBatch } = fetchedPart(
  () => import('./MixBatch_CddZW-rs.mjs').then((file) => file.MixBatch)
);
const { Part: MixTriangle } = fetchedPart(
  () => import('./MixTriangle_BDWZkc8x.mjs').then((file) => file.MixTriangle)
);
const mixWhy = fetchedPart(() => import('./MixWhy_D83fXBz-.mjs').then((file) => file.MixWhy));

const LIME_HATING = ["lime-haters", "airy-moist"];
const PERCENT$1 = 100;
const CROP_MOST_COMPOST = 0.35;
function litresText(litres) {
  return `${Number(litres.toFixed(2))} L`;
}
function mixDefaults({ name, note, parts, madeFor, containers }) {
  const { container, cropId, groupId, exposure, everyDays } = madeFor;
  const own = containers.findIndex(
    ({ shape, headspaceCm }) => JSON.stringify([shape, headspaceCm]) === JSON.stringify([container.shape, container.headspaceCm])
  );
  const {
    name: _name,
    place: _place,
    origin: _origin,
    components: _none,
    count: _count,
    exposure: _exposure,
    ...lengths
  } = DEFAULT_LOT;
  return {
    ...lengths,
    ...lengthsOf(container),
    kind: container.shape.kind,
    name,
    note,
    parts: parts.map(({ materialId, litres }) => ({ materialId, litres: litresText(litres) })),
    pot: own >= 0 ? String(own) : "other",
    purpose: cropId ? `crop:${cropId}` : groupId ? `group:${groupId}` : "",
    exposure,
    everyDays: String(everyDays)
  };
}
function lengthsOf({ shape, headspaceCm }) {
  const { kind, ...dimensions } = shape;
  return Object.fromEntries([
    ...Object.entries(dimensions).map(([key, cm]) => [key.replace(/Cm$/, ""), `${cm} cm`]),
    ["headspace", `${headspaceCm} cm`]
  ]);
}
function containerOf$1(values, { containers }, measures) {
  const own = containers[Number(values.pot)];
  const typed = values.pot === "other" || !own ? shapeOf({ ...values, count: "1" }, measures) : own;
  if (!typed) return null;
  const { shape, headspaceCm } = typed;
  const fillHeightCm = shape.heightCm - headspaceCm;
  if (!(fillHeightCm > 0)) return null;
  return {
    shape,
    headspaceCm,
    name: own && values.pot !== "other" ? own.name : "",
    fillHeightCm,
    litres: containerVolume({ shape, fillHeightCm })
  };
}
function componentsOf(values, materials, measures) {
  return values.parts.flatMap(({ materialId, litres }) => {
    const material = materials.get(materialId);
    const parts = readQuantity(litres, "volume", measures).value;
    return material && parts !== null && parts > 0 ? [{ material, parts }] : [];
  });
}
function purposeOf({ purpose }, page) {
  const composts = new Set(
    page.materials.flatMap(({ material }) => material.group === "compost" ? [material.id] : [])
  );
  const [kind, id] = purpose.split(":");
  const crop = kind === "crop" ? page.crops.find((one) => one.id === id) ?? null : null;
  const group = kind === "group" ? page.groups.find((one) => one.id === id) ?? null : null;
  const wish = mixWish({ crop, group });
  const compost = (group?.starts ?? []).filter(([id2]) => composts.has(id2));
  const all = (group?.starts ?? []).reduce((sum, [, parts]) => sum + parts, 0);
  const started = compost.reduce((sum, [, parts]) => sum + parts, 0) / Math.max(1e-9, all);
  return {
    crop,
    group,
    wish,
    limeHater: crop?.limeHater ?? (group !== null && LIME_HATING.includes(group.id)),
    // What a group begins without it is not to be filled up with, cheap as it is.
    mostCompost: group === null ? CROP_MOST_COMPOST : started > 0 ? started + 0.1 : 0,
    mostFound: mostFoundFor(page.caps, crop?.id ?? null)
  };
}
function mostFoundFor(caps, cropId) {
  const most = {};
  for (const cap of caps) {
    if (cap.cropId !== null && cap.cropId !== cropId) continue;
    most[cap.materialId] = Math.min(most[cap.materialId] ?? 1, cap.maxPercent / PERCENT$1);
  }
  return most;
}
function placeOf({ exposure }, page) {
  return { ...page.place, exposureFactor: EXPOSURE_FACTORS[exposure] };
}
function everyDaysOf({ everyDays }) {
  const days = Number(
    everyDays.trim().replace(",", ".").replace(/\s*days?$/, "")
  );
  return everyDays.trim() !== "" && days > 0 && days <= 60 ? days : null;
}
function mixBody(values, page, measures) {
  const { crop, group } = purposeOf(values, page);
  const container = containerOf$1(values, page, measures);
  return {
    name: values.name,
    note: values.note,
    parts: values.parts.map(({ materialId, litres }) => ({
      materialId,
      litres: readQuantity(litres, "volume", measures).value
    })),
    madeFor: {
      container: container ? { shape: container.shape, headspaceCm: container.headspaceCm } : typedPot(values, measures),
      containerName: container?.name ?? "",
      cropId: crop?.id ?? null,
      groupId: group?.id ?? null,
      exposure: values.exposure,
      everyDays: everyDaysOf(values)
    }
  };
}
function typedPot(values, measures) {
  const typed = typedContainer({ ...values, count: "1" }, measures);
  return typed && { shape: typed.shape, headspaceCm: typed.headspaceCm };
}
function litresForShare(share, others) {
  return Math.min(0.95, share) / (1 - Math.min(0.95, share)) * others;
}

function changedParts(components, { materialId, deltaParts }) {
  const there = components.some(({ material }) => material.id === materialId);
  const step = deltaParts > 0 ? Math.ceil(deltaParts * 100) / 100 : Math.floor(deltaParts * 100) / 100;
  const rows = components.map(({ material, parts }) => ({
    materialId: material.id,
    litres: litresText(material.id === materialId ? Math.max(0, parts + step) : parts)
  }));
  return there ? rows : [...rows, { materialId, litres: litresText(step) }];
}

const words$b = mixes.design;
function containerOf({ container }) {
  return { shape: container.shape, fillHeightCm: container.fillHeightCm };
}
function otherwiseFor(of, isShort) {
  if (of === "air") return isShort ? words$b.tallerPot : words$b.lowerPot;
  return of === "days" ? words$b.largerPot : "";
}
const NO_REMEDY = ["mineral soil", "spent media", "breakdown product"];
const FINEST_AGGREGATE_MM = 0.5;
function remedies({ materials }) {
  return materials.filter(
    ({ material: { group, grainMm }, putAway }) => !putAway && !NO_REMEDY.includes(group) && (group !== "aggregate" || grainMm >= FINEST_AGGREGATE_MM)
  );
}
function MixMiss({
  miss: { of, low, high, sentence, written, otherwise, water },
  mix,
  topic = `mix-change-${of}`,
  onDone
}) {
  const { format } = useSite();
  const { page, question, bounds, replaceParts } = useMixDesign();
  const asked = mix ?? question;
  const search = useMemo(
    () => asked && {
      of,
      mix: asked,
      low,
      high,
      ...water ? { water } : {},
      ...bounds ? { bounds: { ...bounds, container: containerOf(asked) } } : {},
      candidates: remedies(page).map(({ material }) => material),
      pricePerLitre: Object.fromEntries(
        page.materials.flatMap(
          ({ material, pricePerLitre }) => pricePerLitre === null ? [] : [[material.id, pricePerLitre]]
        )
      )
    },
    [
      of,
      asked,
      low,
      high,
      page,
      bounds,
      water?.alkalinityMgPerL,
      water?.litres,
      water?.mediaLitres
    ]
  );
  const { answer, refusal, working } = useCore(topic, "mixChange", search);
  const said = (before2) => typeof sentence === "string" ? sentence : before2 === null ? "" : sentence(written(before2));
  if (!asked) return null;
  if (refusal) return /* @__PURE__ */ jsx("p", { children: refusal });
  if (working || !answer) {
    return /* @__PURE__ */ jsxs("p", { children: [
      said(null),
      " ",
      words$b.looking,
      " …"
    ] });
  }
  const { before, change } = answer;
  const found = change && page.materials.find(({ material }) => material.id === change.materialId);
  if (!change || !found) {
    const fits = before >= low - 1e-9 && before <= high + 1e-9;
    return /* @__PURE__ */ jsxs("p", { children: [
      said(before),
      " ",
      fits ? words$b.noNeed : words$b.noChange,
      " ",
      !fits && (otherwise ?? otherwiseFor(of, before < low))
    ] });
  }
  const amount = format.measured(Math.abs(change.deltaParts));
  const told = change.deltaParts > 0 ? words$b.changeMore : words$b.changeLess;
  return /* @__PURE__ */ jsxs("p", { children: [
    said(before),
    " ",
    told(amount, found.material.name, written(change.value)),
    " ",
    /* @__PURE__ */ jsx(
      Button,
      {
        onClick: () => {
          replaceParts(changedParts(asked.components, change));
          onDone?.();
        },
        children: words$b.doIt
      }
    )
  ] });
}

const words$a = mixes.adjust;
const SWAPS = ["noPeat", "onlyMine"];
function Adjusters() {
  const { page, answer, container, wish, everyDays } = useMixDesign();
  const [chosen, setChosen] = useState(null);
  const pots = useMemo(
    () => page.containers.map(({ name, shape, headspaceCm }) => {
      const fillHeightCm = shape.heightCm - headspaceCm;
      return { name, shape, headspaceCm, litres: containerVolume({ shape, fillHeightCm }) };
    }),
    [page.containers]
  );
  if (!answer) return null;
  const adjusters = adjustersFor(answer, {
    wish,
    pot: container,
    pots,
    everyDays,
    alkalinityMgPerL: page.alkalinityMgPerL
  });
  const adjuster = adjusters.find(({ id }) => id === chosen);
  const swap = SWAPS.find((id) => id === chosen);
  const choice = (id, name) => /* @__PURE__ */ jsx(
    Button,
    {
      weight: "quiet",
      "aria-pressed": id === chosen,
      onClick: () => setChosen(id === chosen ? null : id),
      children: name
    },
    id
  );
  const done = () => setChosen(null);
  return /* @__PURE__ */ jsxs("section", { "aria-label": words$a.title, className: styles.adjusters, children: [
    /* @__PURE__ */ jsx("span", { children: words$a.title }),
    adjusters.map(({ id }) => choice(id, words$a.names[id])),
    SWAPS.map((id) => choice(id, mixes.swap.names[id])),
    /* @__PURE__ */ jsxs("div", { className: styles.adjusted, children: [
      adjuster && /* @__PURE__ */ jsx(Adjusted, { adjuster, onDone: done }),
      swap && /* @__PURE__ */ jsx(MixSwap, { id: swap, onDone: done })
    ] })
  ] });
}
function Adjusted({
  adjuster: { id, of, low, high, water, rainShare, pot },
  onDone
}) {
  const { page, form, question } = useMixDesign();
  const { format } = useSite();
  const percent = (share) => format.plain(format.percent(share));
  const moved = useMemo(
    () => pot && question ? {
      ...question,
      container: {
        shape: pot.shape,
        fillHeightCm: pot.shape.heightCm - pot.headspaceCm
      }
    } : null,
    [pot?.name, JSON.stringify(pot), question]
  );
  const sentence = id === "hardWater" ? (before) => words$a.hardWater(
    format.number(water?.alkalinityMgPerL ?? 0),
    before,
    format.number(high, 1),
    rainShare ? percent(rainShare) : null
  ) : id === "small" || id === "shallow" ? (before) => words$a.inPot[id](pot?.name ?? "", before) : words$a.why[id];
  return /* @__PURE__ */ jsx(
    MixMiss,
    {
      miss: {
        of,
        low,
        high,
        sentence,
        written: writtenIn(of, format),
        ...water ? { water } : {}
      },
      ...moved ? { mix: moved } : {},
      topic: "mix-adjust",
      onDone: () => {
        const index = page.containers.findIndex(({ shape }) => shape === pot?.shape);
        if (index >= 0) form.setValue("pot", String(index));
        onDone();
      }
    }
  );
}
function writtenIn(of, format) {
  return (value) => {
    switch (of) {
      case "days":
        return `${format.number(value, 1)} ${mixes.design.daysUnit}`;
      case "kgPerL":
        return `${format.number(value, 2)} kg/L`;
      case "ec":
        return `${format.number(value, 1)} dS/m`;
      case "ph":
      case "autumnPh":
        return `pH ${format.number(value, 1)}`;
      case "air":
        return format.plain(format.percent(value));
    }
  };
}

function AskCheapest() {
  const { container, wish, limeHater, mostCompost, mostFound, bounds, what } = useMixDesign();
  const [askedFor, setAskedFor] = useState(null);
  if (!container || !wish || !what) return null;
  const key = JSON.stringify([container, wish, limeHater, mostCompost, mostFound, bounds?.groupId]);
  if (askedFor === key) return /* @__PURE__ */ jsx(CheapestOffer, { onTaken: () => setAskedFor(null) });
  return /* @__PURE__ */ jsx(Button, { onClick: () => setAskedFor(key), children: mixes.cheapest.ask });
}

const words$9 = mixes.design;
const INSIDE = 5e-3;
const LARGE = 1e6;
function MixAdvice() {
  const { answer, wish, what, everyDays, limeHater } = useMixDesign();
  const { format } = useSite();
  if (!answer) return null;
  const { capacity, dry, plants, ph, ecSme } = answer;
  if (!wish || !what) return /* @__PURE__ */ jsx("p", { children: words$9.fitsNothing });
  const percent = (share) => format.plain(format.percent(share));
  const one = (value) => format.number(value, 1);
  const salts = (value) => `${one(value)} dS/m`;
  const days = (value) => `${one(value)} ${words$9.daysUnit}`;
  const air = capacity.airFraction;
  const { airMin, airMax, pHLow, pHHigh, ecMaxSme } = wish;
  const fit = everyDays === null ? null : wateringFit({
    days: dry.days,
    airFraction: air,
    cropAirMin: airMin,
    everyDays,
    likesDry: plants.likesDry
  });
  const { likely } = answer;
  const misses = [];
  const unsure = [];
  const tell = (isUnsure, text, miss) => {
    if (isUnsure) unsure.push({ text: text(), miss });
    else misses.push(miss);
  };
  if (air < airMin - 1e-6 || air > airMax + 1e-6) {
    const { p10, p90 } = likely.airFraction;
    const band = [format.number(airMin * 100), percent(airMax)];
    tell(
      mayLieIn(likely.airFraction, airMin, airMax),
      () => words$9.unsure.air(percent(air), ...band, format.number(p10 * 100), percent(p90)),
      {
        of: "air",
        low: airMin + INSIDE,
        high: airMax - INSIDE,
        sentence: words$9.missAir(percent(air), what, percent(airMin), percent(airMax)),
        written: percent
      }
    );
  }
  if (fit?.verdict === "dries out" && everyDays !== null && dry.days !== null) {
    const [least, most] = [dry.days / LOSS_RANGE, dry.days * LOSS_RANGE];
    const usual = dry.days;
    tell(everyDays <= most, () => words$9.unsure.days(days(usual), one(least), one(most)), {
      of: "days",
      low: everyDays,
      high: LARGE,
      sentence: words$9.watering["dries out"],
      written: days
    });
  }
  if (ecMaxSme !== null && ecSme > ecMaxSme) {
    const { p10, p90 } = likely.ecSme;
    tell(
      mayLieIn(likely.ecSme, 0, ecMaxSme),
      () => words$9.unsure.ec(salts(ecSme), salts(ecMaxSme), one(p10), salts(p90)),
      {
        of: "ec",
        low: 0,
        high: ecMaxSme,
        sentence: words$9.missEc(salts(ecSme), salts(ecMaxSme)),
        written: salts
      }
    );
  }
  const remedy = phRemedy({ blend: answer, wish, limeHater });
  const phLine = remedy && phAdvice(remedy);
  const wet = fit?.verdict === "stays wet";
  const sure = misses.length > 0 || wet || phLine !== null && !phLine.isUnsure;
  if (!sure && unsure.length === 0 && !phLine) return /* @__PURE__ */ jsx(Notice, { tone: "ok", children: words$9.fits(what) });
  return /* @__PURE__ */ jsxs(Notice, { ...sure ? { tone: "act" } : {}, children: [
    misses.map((miss) => /* @__PURE__ */ jsx(MixMiss, { miss }, miss.of)),
    phLine && /* @__PURE__ */ jsx("p", { children: phLine.text }),
    wet && /* @__PURE__ */ jsx("p", { children: words$9.watering["stays wet"] }),
    unsure.map((one2) => /* @__PURE__ */ jsx(UnsureLine, { ...one2 }, one2.miss.of))
  ] });
  function phAdvice({ kind, gPerL, targetPh }) {
    const { p10, p90 } = likely.ph;
    if (mayLieIn(likely.ph, pHLow, pHHigh)) {
      const text = words$9.unsure.ph(one(ph), one(pHLow), one(pHHigh), one(p10), one(p90));
      return { text, isUnsure: true };
    }
    const grams = `${one(gPerL)} g`;
    const miss = words$9.missPh(one(ph), one(pHLow), one(pHHigh));
    return { text: `${miss} ${words$9.phRemedy[kind](grams, one(targetPh))}`, isUnsure: false };
  }
}
function UnsureLine({ text, miss }) {
  const [asked, setAsked] = useState(false);
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsxs("p", { children: [
      text,
      " ",
      !asked && /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => setAsked(true), children: words$9.changeAnyway })
    ] }),
    asked && /* @__PURE__ */ jsx(MixMiss, { miss, onDone: () => setAsked(false) })
  ] });
}
function mayLieIn({ p10, p90 }, low, high) {
  return p90 >= low && p10 <= high;
}

const words$8 = mixes.design;
function potsBeside({ containers }, pot) {
  const own = containers[Number(pot)] ? Number(pot) : 0;
  const height = (index) => containers[index]?.shape.heightCm ?? 0;
  const others = containers.map((_, index) => index).filter((index) => index !== own);
  const [farthest] = others.sort(
    (a, b) => Math.abs(height(b) - height(own)) - Math.abs(height(a) - height(own))
  );
  return [own, farthest].filter((index) => index !== void 0).join(",");
}
function MixFoot() {
  const { form, page, changed, throwAway, putAway } = useMixDesign();
  const { format } = useSite();
  const { mix } = page;
  return /* @__PURE__ */ jsxs("section", { className: styles.save, "data-needs": "manage", children: [
    /* @__PURE__ */ jsx(InTrials, { trials: page.trials }),
    /* @__PURE__ */ jsx(TextField, { label: words$8.note, ...form.register("note") }),
    /* @__PURE__ */ jsxs("div", { className: styles.foot, children: [
      mix && /* @__PURE__ */ jsx(LinkButton, { href: `/mixes/compare?mixes=${mix.id}`, children: words$8.compare }),
      mix && /* @__PURE__ */ jsx(
        LinkButton,
        {
          href: `/mixes/compare?mixes=${mix.id}&pots=${potsBeside(page, form.getValues("pot"))}`,
          children: words$8.otherPots
        }
      ),
      mix && /* @__PURE__ */ jsx(LinkButton, { href: `/mixes/layers?mixes=${mix.id}`, children: words$8.layers }),
      mix && /* @__PURE__ */ jsx(LinkButton, { href: `/bench/samples/mix/${mix.id}`, children: words$8.tests }),
      mix && /* @__PURE__ */ jsx(LinkButton, { href: `/trials/candidates?of=mix:${mix.id}`, children: words$8.beside }),
      mix && /* @__PURE__ */ jsx(LinkButton, { href: `/trials/new?kind=comparison&mix=${mix.id}`, children: words$8.trial }),
      changed && /* @__PURE__ */ jsx(
        Button,
        {
          weight: "quiet",
          onClick: () => {
            throwAway();
            window.location.reload();
          },
          children: words$8.startOver
        }
      ),
      mix && /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => void putAway(), children: words$8.putAwayMix })
    ] }),
    page.versions.length > 1 && /* @__PURE__ */ jsxs("details", { className: styles.versions, children: [
      /* @__PURE__ */ jsx("summary", { children: words$8.versions }),
      /* @__PURE__ */ jsx("ol", { reversed: true, children: page.versions.map(({ number, on, note }) => /* @__PURE__ */ jsxs("li", { value: number, children: [
        format.day(on),
        note ? `: ${note}` : ""
      ] }, number)) })
    ] })
  ] });
}

const PERCENT = 100;
const SAME = 1e-6;
function MixFound() {
  const { page, components, crop } = useMixDesign();
  const { format } = useSite();
  const shares = components.length > 0 ? componentShares(components) : [];
  const over = page.caps.filter(({ cropId, materialId, maxPercent }) => {
    if (cropId !== null && cropId !== crop?.id) return false;
    const share = shares.find(({ material }) => material.id === materialId)?.share ?? 0;
    return share * PERCENT > maxPercent + SAME;
  });
  const shareOf = (materialId) => (shares.find(({ material }) => material.id === materialId)?.share ?? 0) * PERCENT;
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    page.standardFor.map(({ trialId, trialName, cropName, version }) => /* @__PURE__ */ jsxs(Notice, { tone: "ok", children: [
      trialFindings.standardFor(cropName, version),
      ": ",
      trialFindings.from,
      " ",
      /* @__PURE__ */ jsx("a", { href: `/trials/${trialId}/results`, children: trialName }),
      "."
    ] }, `${trialId} ${cropName}`)),
    over.map(({ trialId, trialName, materialId, materialName, maxPercent, cropName }) => /* @__PURE__ */ jsxs(Notice, { tone: "act", children: [
      trialFindings.tooMuch(
        materialName,
        format.number(shareOf(materialId)),
        format.number(maxPercent),
        cropName
      ),
      ": ",
      trialFindings.from,
      " ",
      /* @__PURE__ */ jsx("a", { href: `/trials/${trialId}/results`, children: trialName }),
      "."
    ] }, `${trialId} ${materialId}`))
  ] });
}

const words$7 = mixes.design;
function MixReadouts({
  answer: { capacity, dry, daysYoung, ph, ecSme, nitrogen, fillLitres, likely },
  wish,
  cost,
  month,
  asked,
  ask
}) {
  const { format } = useSite();
  const kg = (value) => ({ number: format.number(value, 1), unit: "kg" });
  const shortDays = (days) => format.number(days, days < 10 ? 1 : 0);
  const percent = (share) => format.plain(format.percent(share));
  const readout = (key, amount, note, band) => /* @__PURE__ */ jsxs("div", { className: styles.readout, children: [
    /* @__PURE__ */ jsx("dt", { children: words$7.numbers[key] }),
    /* @__PURE__ */ jsxs("dd", { children: [
      amount ? /* @__PURE__ */ jsx(
        WhyFigure,
        {
          name: words$7.whyOf[key],
          pressed: asked === key,
          onAsk: () => ask(key),
          amount,
          measuredOn: null,
          large: true
        }
      ) : /* @__PURE__ */ jsx("span", { className: styles.none, children: common.none }),
      band,
      /* @__PURE__ */ jsx("small", { children: note })
    ] })
  ] });
  return /* @__PURE__ */ jsxs("dl", { className: styles.readouts, children: [
    readout(
      "air",
      format.percent(capacity.airFraction),
      [
        words$7.likely(percent(likely.airFraction.p10), percent(likely.airFraction.p90)),
        wish && mixes.wanted(percent(wish.airMin), percent(wish.airMax))
      ].filter(Boolean).join("; "),
      wish && /* @__PURE__ */ jsx(
        Band,
        {
          value: capacity.airFraction,
          likely: likely.airFraction,
          low: wish.airMin,
          high: wish.airMax,
          from: 0,
          to: 0.6
        }
      )
    ),
    readout(
      "days",
      dry.days === null ? null : { number: format.number(dry.days, 1), unit: words$7.daysUnit },
      dry.days === null ? words$7.forEver : words$7.inMonth(
        mixes.month(month),
        `${shortDays(dry.days / LOSS_RANGE)} – ${shortDays(dry.days * LOSS_RANGE)}`,
        daysYoung === null ? null : shortDays(daysYoung)
      )
    ),
    readout(
      "water",
      format.litres(dry.usableLitres),
      `${words$7.inOne}; ${words$7.likely(
        format.number(likely.usableFraction.p10 * fillLitres, 1),
        format.plain(format.litres(likely.usableFraction.p90 * fillLitres))
      )}`
    ),
    readout("weight", kg(dry.heftCapacityKg), words$7.thirsty(format.plain(kg(dry.heftRefillKg)))),
    readout(
      "ph",
      { number: format.number(ph, 1), unit: "" },
      [
        words$7.likely(format.number(likely.ph.p10, 1), format.number(likely.ph.p90, 1)),
        wish && mixes.wanted(format.number(wish.pHLow, 1), format.number(wish.pHHigh, 1))
      ].filter(Boolean).join("; "),
      wish && /* @__PURE__ */ jsx(
        Band,
        {
          value: ph,
          likely: likely.ph,
          low: wish.pHLow,
          high: wish.pHHigh,
          from: 3.5,
          to: 8.5
        }
      )
    ),
    readout(
      "ec",
      { number: format.number(ecSme, 1), unit: "dS/m" },
      [
        words$7.likely(format.number(likely.ecSme.p10, 1), format.number(likely.ecSme.p90, 1)),
        wish?.ecMaxSme ? words$7.most(`${format.number(wish.ecMaxSme, 1)} dS/m`) : ""
      ].filter(Boolean).join("; ")
    ),
    nitrogen && readout(
      "nitrogen",
      { number: format.number(nitrogen.tiedUpMgPerL), unit: "mg/L" },
      words$7.releases(`${format.number(nitrogen.releasedMgPerL)} mg/L`)
    ),
    readout(
      "cost",
      cost.perLitre === null ? null : { number: format.money(cost.perLitre), unit: "" },
      cost.missing.length > 0 ? words$7.noPrice(cost.missing.join(", ")) : null
    )
  ] });
}

const words$6 = mixes.design;
const ROUNDED = 5e-3;
function MixSeasons({
  seasons,
  airMin,
  asked,
  onAsk
}) {
  const { format } = useSite();
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "seasons", children: [
    /* @__PURE__ */ jsx("h2", { id: "seasons", children: /* @__PURE__ */ jsx(AskWhy, { name: words$6.seasons, pressed: asked, onAsk }) }),
    /* @__PURE__ */ jsxs("table", { className: styles.seasons, children: [
      /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("td", {}),
        /* @__PURE__ */ jsx("th", { scope: "col", children: words$6.seasonAir }),
        /* @__PURE__ */ jsx("th", { scope: "col", children: words$6.seasonDown })
      ] }) }),
      /* @__PURE__ */ jsx("tbody", { children: seasons.map(({ air, downCm }, season) => /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("th", { scope: "row", children: words$6.seasonNames[season] }),
        /* @__PURE__ */ jsxs("td", { className: airMin !== null && air < airMin - ROUNDED ? styles.short : void 0, children: [
          airMin !== null && air < airMin - ROUNDED && /* @__PURE__ */ jsx("span", { "aria-hidden": "true", children: "▲ " }),
          "≈",
          " ",
          format.plain(format.percent(air))
        ] }),
        /* @__PURE__ */ jsx("td", { children: season === 0 ? common.none : `≈ ${format.plain(format.cm(downCm))}` })
      ] }, words$6.seasonNames[season])) })
    ] })
  ] });
}

const words$5 = mixes.suits;
function MixSuits({
  page,
  answer: { capacity, ph }
}) {
  const air = capacity.airFraction;
  const suited = page.groups.filter(
    ({ airMin, airMax, pHLow, pHHigh }) => air >= airMin && air <= airMax && ph >= pHLow && ph <= pHHigh
  );
  if (suited.length === 0) return /* @__PURE__ */ jsx("p", { className: styles.note, children: words$5.none });
  const dry = suited.some(({ waterPreference }) => waterPreference === "dry-between");
  const wet = suited.some(({ waterPreference }) => waterPreference !== "dry-between");
  return /* @__PURE__ */ jsxs("p", { className: styles.note, children: [
    words$5.also(
      suited.map(({ id, waterPreference }) => words$5.group(id, words$5.water[waterPreference]))
    ),
    dry && wet && ` ${words$5.watering}`
  ] });
}

function costOf(components, materials, { blend }) {
  const priceOf = (materialId) => materials.find(({ material }) => material.id === materialId)?.pricePerLitre ?? null;
  return mixCost(components, priceOf, blend.volumeYield);
}

const words$4 = mixes.design;
function MixInPot() {
  const {
    page,
    changed,
    components,
    container,
    answer,
    refusal,
    progress,
    stop,
    wish,
    what,
    place
  } = useMixDesign();
  const { format } = useSite();
  const [asked, setAsked] = useState(null);
  useEffect(mixWhy.prefetch, []);
  const ask = (key) => setAsked(key === asked ? null : key);
  const cm = (value) => format.plain(format.cm(value));
  if (!answer || !container) {
    return /* @__PURE__ */ jsxs("section", { className: styles.panel, "aria-label": words$4.after(container?.name ?? ""), children: [
      refusal ? /* @__PURE__ */ jsx(Notice, { tone: "stop", children: refusal }) : /* @__PURE__ */ jsx("p", { children: words$4.measureFirst }),
      progress !== null && /* @__PURE__ */ jsx(Progress, { label: words$4.working, share: progress, onStop: stop })
    ] });
  }
  const cost = costOf(components, page.materials, answer);
  const partLitres = components.reduce((sum, { parts }) => sum + parts, 0);
  const facts = { wish, place, fillHeightCm: container.fillHeightCm, cost, partLitres };
  const { saturatedDepthCm, lowAirDepthCm } = answer.capacity;
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsxs("section", { className: styles.panel, "aria-labelledby": "in-pot", children: [
      /* @__PURE__ */ jsx("h2", { id: "in-pot", children: words$4.after(container.name) }),
      /* @__PURE__ */ jsx("div", { className: styles.pot, children: /* @__PURE__ */ jsx(
        PotSection,
        {
          pot: mixPot(components, container, answer, wish?.rootDepthCm ?? null),
          size: "stage",
          planted: what !== null
        }
      ) }),
      /* @__PURE__ */ jsxs("p", { className: styles.note, children: [
        words$4.zones(cm(saturatedDepthCm), cm(lowAirDepthCm)),
        wish?.rootDepthCm ? words$4.roots(cm(wish.rootDepthCm)) : ""
      ] }),
      page.tested && changed && /* @__PURE__ */ jsx("p", { className: styles.note, children: words$4.fromTest(format.day(page.tested.on)) }),
      page.tested && !changed && /* @__PURE__ */ jsx("p", { children: /* @__PURE__ */ jsx("a", { href: `/bench/samples/mix/${page.mix?.id}`, children: words$4.tested(
        format.day(page.tested.on),
        format.plain(format.percent(page.tested.air)),
        format.plain(format.percent(page.tested.expectedAir))
      ) }) }),
      /* @__PURE__ */ jsx(
        MixReadouts,
        {
          answer,
          wish,
          cost,
          month: page.month,
          asked,
          ask
        }
      ),
      refusal && /* @__PURE__ */ jsx(Notice, { tone: "stop", children: refusal }),
      /* @__PURE__ */ jsx(MixSuits, { page, answer }),
      /* @__PURE__ */ jsx("p", { className: styles.note, children: words$4.roof })
    ] }),
    /* @__PURE__ */ jsxs("div", { className: styles.beside, children: [
      asked ? /* @__PURE__ */ jsx(mixWhy.Part, { asked, answer, facts, onClose: () => setAsked(null) }) : /* @__PURE__ */ jsx("p", { className: styles.note, children: common.askWhy }),
      /* @__PURE__ */ jsx(
        MixSeasons,
        {
          seasons: answer.seasons,
          airMin: wish?.airMin ?? null,
          asked: asked === "seasons",
          onAsk: () => ask("seasons")
        }
      )
    ] })
  ] });
}

const words$3 = mixes.design;
const FIRST_LITRES = 10;
function MixParts({ children }) {
  const { form, page, components, answer, errorOf } = useMixDesign();
  const { format, site } = useSite();
  const rows = useFieldArray({ control: form.control, name: "parts" });
  const typed = form.watch("parts");
  const litres = typed.map((row) => readQuantity(row.litres, "volume", site.measures).value ?? 0);
  const total = litres.reduce((sum, one) => sum + one, 0);
  const free = page.materials.filter(
    ({ material, putAway }) => !putAway && !typed.some(({ materialId }) => materialId === material.id)
  );
  const of = (id) => page.materials.find(({ material }) => material.id === id);
  return /* @__PURE__ */ jsxs("section", { className: styles.panel, "aria-labelledby": "measured-out", children: [
    /* @__PURE__ */ jsx("h2", { id: "measured-out", children: words$3.parts }),
    /* @__PURE__ */ jsxs("div", { className: styles.measured, children: [
      components.length > 0 && /* @__PURE__ */ jsx("div", { className: styles.core, children: /* @__PURE__ */ jsx(CoreSample, { strata: strataOfMix(components), size: "stage" }) }),
      /* @__PURE__ */ jsxs("ul", { className: styles.parts, children: [
        rows.fields.map((field, index) => {
          const row = typed[index];
          const found = row && of(row.materialId);
          if (!row || !found) return null;
          const mine = litres[index] ?? 0;
          const share = total > 0 ? mine / total : 0;
          const { name } = found.material;
          return /* @__PURE__ */ jsxs("li", { className: styles.part, children: [
            /* @__PURE__ */ jsx(
              QuantityField,
              {
                label: found.putAway ? `${name} (${words$3.putAway})` : name,
                dimension: "volume",
                echoes: "converted",
                typed: row.litres,
                error: errorOf(`parts.${index}.litres`) ?? errorOf(`parts.${index}.materialId`),
                ...form.register(`parts.${index}.litres`)
              }
            ),
            /* @__PURE__ */ jsx(
              "input",
              {
                type: "range",
                className: styles.slider,
                min: 0,
                max: 95,
                step: 1,
                value: Math.round(share * 100),
                disabled: total - mine <= 0,
                "aria-label": words$3.share(name),
                "aria-valuetext": format.plain(format.percent(share)),
                onChange: (event) => form.setValue(
                  `parts.${index}.litres`,
                  litresText(litresForShare(Number(event.target.value) / 100, total - mine))
                )
              }
            ),
            /* @__PURE__ */ jsx("span", { className: styles.share, children: format.plain(format.percent(share)) }),
            /* @__PURE__ */ jsx(
              Button,
              {
                weight: "quiet",
                "aria-label": words$3.remove(name),
                onClick: () => rows.remove(index),
                children: "✕"
              }
            ),
            found.material.note && /* @__PURE__ */ jsx("small", { className: styles.use, children: found.material.note })
          ] }, field.id);
        }),
        /* @__PURE__ */ jsx("li", { children: /* @__PURE__ */ jsxs(
          "select",
          {
            className: styles.add,
            "aria-label": words$3.add,
            value: "",
            onChange: (event) => {
              if (!event.target.value) return;
              rows.append({
                materialId: event.target.value,
                litres: litresText(total > 0 ? total / 10 : FIRST_LITRES)
              });
            },
            children: [
              /* @__PURE__ */ jsx("option", { value: "", children: words$3.chooseMaterial }),
              free.map(({ material }) => /* @__PURE__ */ jsx("option", { value: material.id, children: material.name }, material.id))
            ]
          }
        ) }),
        answer && total > 0 && /* @__PURE__ */ jsxs("li", { className: styles.makes, children: [
          words$3.makes(
            format.plain(format.litres(total * answer.blend.volumeYield)),
            format.plain(format.litres(total))
          ),
          answer.blend.volumeYield < 0.995 && /* @__PURE__ */ jsxs("span", { children: [
            " — ",
            words$3.fines
          ] })
        ] })
      ] })
    ] }),
    children
  ] });
}

const words$2 = mixes.design;
function MixSetting() {
  const { form, page, container, errorOf } = useMixDesign();
  const { format } = useSite();
  const values = form.watch();
  return /* @__PURE__ */ jsxs("section", { "aria-label": words$2.setting, children: [
    /* @__PURE__ */ jsxs("div", { className: styles.setting, children: [
      /* @__PURE__ */ jsx(TextField, { label: words$2.name, error: errorOf("name"), ...form.register("name") }),
      /* @__PURE__ */ jsxs(
        SelectField,
        {
          label: words$2.pot,
          hint: container ? words$2.potHint(format.plain(format.litres(container.litres))) : void 0,
          ...form.register("pot", {
            onChange: () => {
              const own = page.containers[Number(form.getValues("pot"))];
              if (own) form.setValue("exposure", own.exposure);
            }
          }),
          children: [
            page.containers.map(({ name, place }, index) => /* @__PURE__ */ jsxs("option", { value: String(index), children: [
              name,
              " · ",
              place
            ] }, index)),
            /* @__PURE__ */ jsx("option", { value: "other", children: words$2.anotherPot })
          ]
        }
      ),
      /* @__PURE__ */ jsxs(SelectField, { label: words$2.forWhat, ...form.register("purpose"), children: [
        /* @__PURE__ */ jsx("option", { value: "", children: words$2.nobody }),
        /* @__PURE__ */ jsx("optgroup", { label: words$2.groupsLabel, children: page.groups.map(({ id }) => /* @__PURE__ */ jsx("option", { value: `group:${id}`, children: mixes.groups[id].name }, id)) }),
        /* @__PURE__ */ jsx("optgroup", { label: words$2.cropsLabel, children: page.crops.map(({ id, name }) => /* @__PURE__ */ jsx("option", { value: `crop:${id}`, children: name }, id)) })
      ] }),
      /* @__PURE__ */ jsx(SelectField, { label: words$2.where, ...form.register("exposure"), children: Object.entries(words$2.exposures).map(([value, label]) => /* @__PURE__ */ jsx("option", { value, children: label }, value)) }),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: words$2.everyDays,
          hint: words$2.everyDaysHint,
          inputMode: "decimal",
          error: errorOf("madeFor.everyDays"),
          ...form.register("everyDays")
        }
      )
    ] }),
    values.pot === "other" && /* @__PURE__ */ jsxs("div", { className: styles.setting, children: [
      /* @__PURE__ */ jsx(SelectField, { label: containerWords.inWhat, ...form.register("kind"), children: ["round", "rectangular", "bowl"].map((kind) => /* @__PURE__ */ jsx("option", { value: kind, children: containerWords.shapes[kind] }, kind)) }),
      LENGTHS_OF[values.kind].map((name) => /* @__PURE__ */ jsx(
        QuantityField,
        {
          label: containerWords[name],
          dimension: "length",
          typed: values[name],
          error: errorOf(
            name === "headspace" ? "madeFor.container.headspaceCm" : `madeFor.container.shape.${name}Cm`
          ),
          ...form.register(name)
        },
        name
      ))
    ] })
  ] });
}

const words$1 = mixes.design;
function useSaveMix(form, page, throwAway) {
  const { site } = useSite();
  const { problem, errorOf, deliver } = useSend();
  const { mix } = page;
  const save = form.handleSubmit(async (values) => {
    const body = mixBody(values, page, site.measures);
    const answer = mix ? await deliver("POST", `/api/mixes/${mix.id}/versions`, {
      ...body,
      after: mix.version
    }) : await deliver("POST", "/api/mixes", body);
    if (!answer) return;
    throwAway();
    const { data } = answer;
    showToastOnNextPage({
      text: words$1.savedToast(values.name, "version" in data ? data.version : 1)
    });
    window.location.assign(`/mixes/design?mix=${"id" in data ? data.id : mix?.id}`);
  });
  const putAway = async () => {
    if (!mix) return;
    const answer = await deliver("POST", `/api/mixes/${mix.id}/put-away`, {});
    if (!answer) return;
    throwAway();
    showToastOnNextPage({
      text: words$1.putAwayToast(page.name),
      undo: { method: "POST", address: `/api/mixes/${mix.id}/take-up`, body: {} }
    });
    window.location.assign("/mixes");
  };
  return { problem, errorOf, save, putAway };
}

function useDesign(page) {
  const { site } = useSite();
  const defaults = useMemo(() => mixDefaults(page), [page]);
  const form = useValues(defaults);
  const throwAway = useDraft(page.mix ? `mix/${page.mix.id}` : draftOf(page), form, defaults);
  const values = form.watch();
  const saving = useSaveMix(form, page, throwAway);
  const materials = useMemo(
    () => new Map(page.materials.map(({ material }) => [material.id, material])),
    [page.materials]
  );
  const container = containerOf$1(values, page, site.measures);
  const { group, ...purpose } = purposeOf(values, page);
  const { crop } = purpose;
  const place = placeOf(values, page);
  const components = componentsOf(values, materials, site.measures);
  const key = JSON.stringify([
    components.map(({ material, parts }) => [material.id, parts]),
    container,
    crop?.id,
    group?.id,
    place.exposureFactor
  ]);
  const question = useMemo(
    () => container && components.length > 0 ? {
      components,
      container,
      crop,
      groupId: group?.id ?? null,
      place,
      humifiedFines: page.humifiedFines
    } : null,
    [key]
  );
  const core = useCore("mix", "mixInPlace", question, page.first);
  return {
    ...saving,
    ...purpose,
    page,
    form,
    throwAway,
    changed: JSON.stringify(values) !== JSON.stringify(defaults),
    replaceParts: (parts) => form.setValue("parts", parts),
    components,
    container,
    place,
    bounds: useMemo(
      () => container && boundsOf({
        ...purpose,
        groupId: group?.id ?? (crop && groupOfCrop(crop)),
        container,
        materials
      }),
      [key, materials]
    ),
    what: crop?.name ?? (group ? mixes.groups[group.id].name : null),
    everyDays: everyDaysOf(values),
    question,
    answer: question ? core.answer : null,
    refusal: question ? core.refusal : null,
    progress: core.progress,
    stop: core.stop
  };
}
function boundsOf({
  groupId,
  wish,
  limeHater,
  mostCompost,
  mostFound = {},
  container: { shape, fillHeightCm },
  materials
}) {
  const starts = groupById(groupId)?.starts ?? [];
  const groupStart = starts.flatMap(([id, parts]) => {
    const material = materials.get(id);
    return material ? [{ material, parts }] : [];
  });
  const isWhole = groupStart.length === starts.length;
  const container = { shape, fillHeightCm };
  const bounds = { groupId, wish, limeHater, mostCompost, mostFound, container };
  return isWhole ? { ...bounds, groupStart } : bounds;
}
function draftOf({ madeFor, name, parts }) {
  return `mix/new/${madeFor.groupId ?? (name || parts[0]?.materialId || "nothing")}`;
}

const words = mixes.design;
function MixDesignScreen({
  page,
  site
}) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(Designer, { page }) });
}
const MixDesignScreen$1 = unpacked(MixDesignScreen);
function Designer({ page }) {
  const ready = useReady();
  const design = useDesign(page);
  return /* @__PURE__ */ jsxs(DesignProvider, { design, children: [
    /* @__PURE__ */ jsxs("fieldset", { disabled: !ready, className: `plain ${styles.onScreen}`, children: [
      /* @__PURE__ */ jsx(DesignHead, {}),
      /* @__PURE__ */ jsx(ProblemNotice, { problem: design.problem }),
      /* @__PURE__ */ jsx(MixSetting, {}),
      page.from && /* @__PURE__ */ jsx(LotBars, {}),
      /* @__PURE__ */ jsxs("div", { className: styles.advice, children: [
        /* @__PURE__ */ jsx(MixAdvice, {}),
        /* @__PURE__ */ jsx(MixFound, {})
      ] }),
      /* @__PURE__ */ jsx(Adjusters, {}),
      /* @__PURE__ */ jsxs("div", { className: styles.panels, children: [
        /* @__PURE__ */ jsx(MixParts, { children: /* @__PURE__ */ jsx(AskCheapest, {}) }),
        /* @__PURE__ */ jsx(MixInPot, {})
      ] }),
      design.container && /* @__PURE__ */ jsx(Fold, { className: styles.triangle, title: mixes.design.triangle, children: (open) => /* @__PURE__ */ jsx(MixTriangle, { open }) }),
      /* @__PURE__ */ jsx(MixFoot, {}),
      /* @__PURE__ */ jsx(MixBatch, {})
    ] }),
    /* @__PURE__ */ jsx(RecipeCard, {})
  ] });
}
function DesignHead() {
  const { page, form, changed, save } = useMixDesign();
  const { mix } = page;
  return /* @__PURE__ */ jsx(
    PageHead,
    {
      title: form.watch("name") || words.untitled,
      beside: mix ? changed ? words.changed(mix.version) : words.saved(mix.version) : words.notSaved,
      actions: /* @__PURE__ */ jsx(
        Button,
        {
          weight: "main",
          "data-needs": "manage",
          onClick: save,
          disabled: mix !== null && !changed,
          children: mix ? words.saveNext(mix.version + 1) : words.saveNew
        }
      )
    }
  );
}

const $$Astro = createAstro();
const $$Design = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Design;
  const { site, view, problem } = await pageOf((db) => {
    const given = Object.fromEntries(Astro2.url.searchParams);
    return mixDesignPage(db, validate(designQuerySchema, given, true));
  });
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": view?.name || mixes.newMix, "site": site, "area": "mixes" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "MixDesignScreen", MixDesignScreen$1, { "client:load": true, ...pack({ page: view, site }), "client:component-hydration": "load", "client:component-path": "/work/main/src/features/mixes/MixDesignScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/mixes" })}`}` })}`;
}, "/work/main/src/pages/mixes/design.astro", void 0);

const $$file = "/work/main/src/pages/mixes/design.astro";
const $$url = "/mixes/design";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Design,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { costOf as c, litresText as l, page as p, remedies as r, useMixDesign as u };
