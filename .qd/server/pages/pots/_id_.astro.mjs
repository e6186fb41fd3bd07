import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useState, useRef, useEffect } from 'react';
import { u as useSend, B as Button, P as ProblemNotice, s as showToastOnNextPage, N as Notice, C as Caution, c as common, L as LinkButton, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { T as TextField, S as SelectField, C as Choice } from '../../chunks/Field_D6p8NWuD.mjs';
import { a as WhyFigure, F as Figure, W as WhyText } from '../../chunks/Figure_D8FCbobM.mjs';
import { F as Fold } from '../../chunks/Fold_BZXYkSX6.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { I as InningsStrip } from '../../chunks/InningsStrip_DTDkk10D.mjs';
import { P as PotSection } from '../../chunks/PotSection_DavQ_T_e.mjs';
import { u as useSite, S as SiteProvider } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { c as containers, l as lengthsOf, P as PlantForm } from '../../chunks/lengthsOf_DxnlcUuD.mjs';
import { f as findings } from '../../chunks/findings_uMkHY6Dp.mjs';
import { l as labels } from '../../chunks/labels_DV25LifF.mjs';
import { T as TriageNotice } from '../../chunks/TriageNotice_Cu45Uz7a.mjs';
import { n as numberOrTyped } from '../../chunks/readNumber_D9QJJfQB.mjs';
import { I as InTrials } from '../../chunks/InTrials_D7FaMVAt.mjs';
import { r as readQuantity, Q as QuantityField } from '../../chunks/QuantityField_BQUQ1KML.mjs';
import { e as exposures } from '../../chunks/exposures_DHX13V50.mjs';
import { m as media } from '../../chunks/media_D6z_O_p6.mjs';
import { u as useKept } from '../../chunks/useKept_-AHD7004.mjs';
import { L as LENGTHS_OF, D as DEFAULT_LOT, t as typedContainer } from '../../chunks/newLotValues_Dhy2EaZH.mjs';
import { s as styles } from '../../chunks/_id_.59c5b33e_CeWVD_Nb.mjs';
import { s as styles$1, p as photo, o as own } from '../../chunks/_id_.622b7301_CjcWfnC5.mjs';
import { f as filling } from '../../chunks/filling_BluSX4jg.mjs';
import { G as GROWTH_SCORES } from '../../chunks/growth_CSSsG3vP.mjs';
import { bW as EXPOSURE_FACTORS, $ as blendMedia, U as containerCapacity, c as containerVolume, j as readTables, o as readLotFacts, L as readLotNames, bL as listPlaces, bS as triageView, bR as problemChoices, h as heightForVolume, X as presentInnings, aj as ENDINGS } from '../../chunks/database_CmGvnzKd.mjs';
import { p as potLog } from '../../chunks/potLog_DSMzxRuy.mjs';
import { P as ProblemsField } from '../../chunks/ProblemsField_VCLyM-jk.mjs';
import { t as trialFindings } from '../../chunks/trialFindings_NSjJVfdT.mjs';
import { u as useEntry } from '../../chunks/useEntry_BlacgIj7.mjs';
import { P as PhotoField } from '../../chunks/Photo_Vn2MZnd6.mjs';
import { b as base64Of } from '../../chunks/shrinkPhoto_D7CjG8kz.mjs';
import { m as matching } from '../../chunks/matching_DjfEZjDz.mjs';
import { L as LogKeys } from '../../chunks/LogKeys_B9-kAcAV.mjs';
import { P as ProblemPage } from '../../chunks/ProblemPage_B3n4p_wm.mjs';
import { p as potParamsSchema } from '../../chunks/pots_DNz7mDGc.mjs';
import { d as dayAt } from '../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import { N as NotFound } from '../../chunks/problem_BTADoVqZ.mjs';
import { p as plantingsIn } from '../../chunks/plantings_CWn0OEGU.mjs';
import { r as readOpenOrder } from '../../chunks/readWorkOrders_B5k6F5lp.mjs';
import { a as wholeYear } from '../../chunks/earlierSeasons_CbnvkVZ8.mjs';
import { b as movesOf, f as firstPlanted } from '../../chunks/movePlanting_vUiqttQo.mjs';
import { l as logOf } from '../../chunks/potLog_GKYz53d1.mjs';
import { b as requireNumber, r as readSite } from '../../chunks/rules_BOjb8_mp.mjs';
import { d as trialsInContainer, b as blindContainers } from '../../chunks/trialLinks_BpAGmPI9.mjs';
import { r as recentFamilies, l as lotFamilies } from '../../chunks/lotFamilies_DScbu6gz.mjs';
import { p as potView } from '../../chunks/potView_D56Ba-9p.mjs';
import { a as fillChoices } from '../../chunks/fillPot_Fn6vinSe.mjs';
import { w as whyInput } from '../../chunks/why_5zXUPwGj.mjs';
import { L as LOSS_RANGE, a as plantsInPlace } from '../../chunks/growing_CG8kV1Dv.mjs';
import { d as dryDown } from '../../chunks/dryDown_BCFsFjG-.mjs';
import { t as troubleAgain, d as daysAfterTrouble, c as cropAfterTrouble } from '../../chunks/loggedTrouble_xdT7CEcK.mjs';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
import { v as validate } from '../../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../../renderers.mjs';

function nearestPlace(daysNow, exposure, wantedDays, places) {
  requireNumber("The days it lasts", daysNow, { above: 0 });
  requireNumber("The days wanted", wantedDays, { above: 0 });
  const longer = wantedDays > daysNow;
  const reaches = places.map((place) => ({
    place,
    days: daysNow * EXPOSURE_FACTORS[exposure] / EXPOSURE_FACTORS[place.exposure]
  })).filter(({ days }) => longer ? days >= wantedDays : days <= wantedDays).sort((a, b) => Math.abs(a.days - daysNow) - Math.abs(b.days - daysNow));
  return reaches[0] ?? null;
}
const MOST = 2;
const STEPS = 24;
function sizeThatDoes(shape, grown, does) {
  const at = (times) => grow(shape, grown, times);
  if (!does(at(MOST))) return null;
  let [low, high] = [1, MOST];
  for (let step = 0; step < STEPS; step++) {
    const middle = (low + high) / 2;
    if (does(at(middle))) high = middle;
    else low = middle;
  }
  return at(high);
}
function grow(shape, grown, times) {
  const heightCm = shape.heightCm * times;
  if (grown === "taller") return { ...shape, heightCm };
  switch (shape.kind) {
    case "round":
      return {
        ...shape,
        heightCm,
        topDiameterCm: shape.topDiameterCm * times,
        baseDiameterCm: shape.baseDiameterCm * times
      };
    case "bowl":
      return { ...shape, heightCm, rimDiameterCm: shape.rimDiameterCm * times };
    case "rectangular":
      return {
        ...shape,
        heightCm,
        topLengthCm: shape.topLengthCm * times,
        topWidthCm: shape.topWidthCm * times,
        baseLengthCm: shape.baseLengthCm * times,
        baseWidthCm: shape.baseWidthCm * times
      };
  }
}

const NEAREST = 30;
const DRESSINGS = ["compost", "bagged mix", "coarse organic", "organic base", "aggregate"];
async function goingOn$1(db, { litres }, { containersById, materials }) {
  const pots = [...containersById.values()].filter((pot) => pot.lotId === null && pot.litres > litres).sort((a, b) => a.litres - b.litres).slice(0, NEAREST);
  return {
    pots: pots.map(({ code, name, litres: litres2 }) => ({ code, name, litres: litres2 })),
    choices: await fillChoices(db),
    materials: DRESSINGS.flatMap(
      (group) => [...materials.values()].filter((material) => material.group === group).map(({ id, name }) => ({ id, name }))
    )
  };
}

function dryDownIn({ shape, fillHeightCm, exposure, on }, { components, hydraulics }, crop, site, canopyCm2) {
  const climate = site.climateByMonth[Number(on.slice(5, 7)) - 1];
  if (!hydraulics || components.length === 0 || !climate) return null;
  const plants = plantsInPlace({ crop }, { shape, fillHeightCm });
  const canopy = canopyCm2 ?? plants.canopyCm2;
  const dry = dryDown({
    shape,
    fillHeightCm,
    curve: hydraulics.curve,
    bulkDensity: blendMedia({ components }).bulkDensity,
    latitudeDeg: site.latitudeDeg,
    dayOfYear: dayOfYear(on),
    tMinC: climate.tMinC,
    tMaxC: climate.tMaxC,
    kc: plants.kc,
    canopyCm2: canopy,
    refillSuctionCm: plants.refillSuctionCm,
    exposureFactor: EXPOSURE_FACTORS[exposure]
  });
  return { ...dry, canopyCm2: canopy, kc: plants.kc };
}
function potWater(standing, facts, [planting], { crops }, site) {
  const crop = planting && crops.get(planting.cropId);
  const dry = crop && dryDownIn(standing, facts, crop, site);
  if (!dry || dry.days === null) return null;
  return {
    month: Number(standing.on.slice(5, 7)) - 1,
    days: dry.days,
    low: dry.days / LOSS_RANGE,
    high: dry.days * LOSS_RANGE,
    wetKg: dry.heftCapacityKg,
    thirstyKg: dry.heftRefillKg,
    why: {
      days: {
        rule: "pot.days",
        source: "drift",
        range: [dry.days / LOSS_RANGE, dry.days * LOSS_RANGE],
        rangeUnit: "days",
        inputs: [
          whyInput("usableWater", dry.usableLitres, "L"),
          whyInput("waterLost", dry.lossLPerDay, "L"),
          whyInput("et0", dry.et0MmPerDay, "mm/d"),
          whyInput("canopy", dry.canopyCm2, "cm²"),
          whyInput("cropFactor", dry.kc, "times"),
          whyInput("exposure", EXPOSURE_FACTORS[standing.exposure], "times")
        ]
      },
      weight: {
        rule: "mix.weight",
        source: "packing",
        inputs: [
          whyInput("usableWater", dry.usableLitres, "L"),
          whyInput("kgSaturated", dry.saturatedKg, "kg")
        ]
      }
    }
  };
}
function dayOfYear(isoDay) {
  return Math.round((Date.parse(isoDay) - Date.parse(`${isoDay.slice(0, 4)}-01-01`)) / 864e5) + 1;
}

const SOONER = 1.25;
const MORE_AIR = 0.04;
const PERCENT = 100;
const ROOM_FOR_IT = 0.7;
function waysOut$1(asked) {
  const { container, surfaceCm, facts, crop, log, site, places } = asked;
  const times = (kind2) => log.filter((entry) => entry.kind === kind2).length;
  const seen = { staysWet: times("stays wet"), driesFast: times("dries fast") };
  const kind = troubleAgain(seen);
  if (!kind) return null;
  const last = log.find((entry) => entry.kind === (kind === "wet" ? "stays wet" : "dries fast"));
  if (!last) return null;
  const { exposure } = container;
  const on = dayAt(site.timeZone, last.at);
  const standing = { shape: container.shape, fillHeightCm: surfaceCm, exposure, on };
  const dry = dryDownIn(standing, facts, crop, site);
  const days = dry?.days ?? null;
  const wanted = days === null ? null : kind === "wet" ? days / SOONER : daysAfterTrouble(days, seen) ?? days;
  const place = days === null || wanted === null ? null : nearestPlace(days, exposure, wanted, places);
  const ways = {
    kind,
    times: kind === "wet" ? seen.staysWet : seen.driesFast,
    month: Number(on.slice(5, 7)) - 1,
    days,
    air: airIn(standing, facts),
    place: place && { name: place.place.name, days: place.days }
  };
  const judged = kind === "wet" ? airJudge(asked, ways.air) : daysJudge(asked, standing, wanted, dry?.canopyCm2);
  return { ...ways, ...potFor(asked, kind, judged) };
}
function airJudge({ facts, crop }, air) {
  const low = cropAfterTrouble(crop, { staysWet: 2, driesFast: 0 }).airMinPercent / PERCENT;
  return {
    wanted: air === null ? null : Math.max(low, air + MORE_AIR),
    value: (shape, headspaceCm) => airIn({ shape, fillHeightCm: shape.heightCm - headspaceCm }, facts)
  };
}
function daysJudge({ facts, crop, site }, standing, wanted, canopyCm2) {
  return {
    wanted,
    value: (shape, headspaceCm) => {
      const fillHeightCm = shape.heightCm - headspaceCm;
      return dryDownIn({ ...standing, shape, fillHeightCm }, facts, crop, site, canopyCm2)?.days ?? null;
    }
  };
}
function potFor({ container, pots }, kind, { value, wanted }) {
  if (wanted === null) return { pot: null, size: null };
  const empty = pots.filter((pot) => pot.lotId === null && pot.litres >= container.litres * ROOM_FOR_IT).map((pot) => ({ pot, value: value(pot.shape, pot.headspaceCm) ?? 0 })).filter((one) => one.value >= wanted).sort((a, b) => a.pot.litres - b.pot.litres)[0];
  if (empty) {
    const { id, code, name, litres: litres2 } = empty.pot;
    return { pot: { id, code, name, litres: litres2, value: empty.value }, size: null };
  }
  const { headspaceCm } = container;
  const shape = sizeThatDoes(
    container.shape,
    kind === "wet" ? "taller" : "larger",
    (one) => (value(one, headspaceCm) ?? 0) >= wanted
  );
  if (!shape) return { pot: null, size: null };
  const litres = containerVolume({ shape, fillHeightCm: shape.heightCm - headspaceCm });
  return { pot: null, size: { shape, litres, value: value(shape, headspaceCm) ?? 0 } };
}
function airIn({ shape, fillHeightCm }, { hydraulics }) {
  if (!hydraulics || !(fillHeightCm > 0)) return null;
  return containerCapacity({ curve: hydraulics.curve, shape, fillHeightCm }).airFraction;
}

async function potPage(db, id) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const container = tables.containersById.get(id);
  if (!container) throw new NotFound(`There is no container ${id}.`);
  const {
    code,
    name,
    place,
    litres,
    lotId,
    version,
    shape,
    outerShape,
    fillerCm,
    headspaceCm,
    exposure
  } = container;
  const facts = lotId === null ? null : await readLotFacts(db, tables, lotId);
  const surfaceCm = facts && surfaceIn(container, facts);
  const all = await plantingsIn(db, [id]);
  const isGrowing = (one) => one.endedOn === null && one.lotId === lotId;
  const growing = all.filter(isGrowing);
  const log = await logOf(db, id);
  const names = await readLotNames(db, [...new Set(all.map((one) => one.lotId))]);
  const view = plantingViews(tables, names, facts, await movesIn(db, all, tables));
  const filledAt = facts?.lot.mixedAt ?? null;
  const sinceFilled = log.filter((entry) => filledAt === null || entry.at > filledAt);
  const [planting] = growing;
  const lastCrop = (planting && tables.crops.get(planting.cropId)) ?? facts?.crop ?? null;
  const places = await listPlaces(db);
  return {
    id,
    version,
    shape: outerShape,
    fillerCm,
    headspaceCm,
    exposure,
    code,
    name,
    place,
    places: places.map((one) => one.name),
    litres,
    families: facts ? recentFamilies(await lotFamilies(db, facts.lot, tables), tables.today) : [],
    fill: facts ? null : await fillChoices(db),
    goingOn: growing.length > 0 ? await goingOn$1(db, container, tables) : null,
    lot: facts && await lotOf(db, facts),
    section: facts?.hydraulics && surfaceCm ? potView(facts.components, facts.hydraulics.curve, container, surfaceCm, facts.crop) : null,
    water: facts && surfaceCm ? potWater(
      { shape, fillHeightCm: surfaceCm, exposure, on: tables.today },
      facts,
      growing,
      tables,
      site
    ) : null,
    ways: facts && surfaceCm && lastCrop ? waysOut$1({
      container,
      surfaceCm,
      facts,
      crop: lastCrop,
      log: sinceFilled,
      site,
      places,
      pots: [...tables.containersById.values()]
    }) : null,
    growing: growing.map(view),
    past: all.filter((one) => !isGrowing(one)).map(view),
    log: log.map((entry) => logView(entry, tables)),
    crops: [...tables.crops.values()].map((crop) => ({
      id: crop.id,
      name: crop.name,
      rotationGroup: crop.rotationGroup
    })),
    problems: problemChoices(tables),
    triage: facts && triageView(facts.triage, tables),
    isBlind: (await blindContainers(db)).has(id),
    trials: await trialsInContainer(db, id)
  };
}
function surfaceIn(container, { lot, containers }) {
  const room = containers.reduce((sum, { litres }) => sum + litres, 0);
  if (!(room > 0) || !(lot.contents.litres > 0)) return null;
  const share = Math.min(1, lot.contents.litres / room);
  return heightForVolume({ shape: container.shape, litres: container.litres * share });
}
async function lotOf(db, { lot, innings }) {
  const present = presentInnings(lot);
  return {
    id: lot.id,
    name: lot.name,
    litres: lot.contents.litres,
    innings,
    readyOn: present?.plantedOn === null ? present.readyOn : null,
    openOrderId: (await readOpenOrder(db, lot.id))?.id ?? null
  };
}
function isWholeYear({ startedOn, endedOn }) {
  const year = wholeYear(Number(startedOn.slice(0, 4)));
  return startedOn === year.startedOn && endedOn === year.endedOn;
}
function plantingViews({ crops }, lotNames, facts, moves) {
  const present = facts && presentInnings(facts.lot);
  const last = facts?.lot.innings.at(-1);
  return (one) => ({
    id: one.id,
    cropName: crops.get(one.cropId)?.name ?? one.cropId,
    cultivar: one.cultivar,
    how: one.how,
    count: one.count,
    startedOn: one.startedOn,
    endedOn: one.endedOn,
    growth: one.growth,
    harvestG: one.harvestG,
    endedWhy: one.endedWhy,
    note: one.note,
    despite: one.despite,
    lotId: one.lotId,
    lotName: lotNames.get(one.lotId) ?? "",
    yearOnly: isWholeYear(one),
    canReopen: one.endedOn !== null && one.endedWhy !== "turned over" && one.endedWhy !== "emptied" && !moves.to.has(one.id) && one.inningsId === (present ?? last)?.id,
    movedFrom: moves.from.get(one.id) ?? null,
    movedTo: moves.to.get(one.id) ?? null
  });
}
async function movesIn(db, all, { containersById }) {
  const others = await movesOf(db, all);
  const potOf = ({ containerId }) => {
    const pot = containersById.get(containerId);
    return pot && { id: pot.id, code: pot.code };
  };
  const from = /* @__PURE__ */ new Map();
  const to = /* @__PURE__ */ new Map();
  for (const one of all) {
    const before = others.find(({ id }) => id === one.movedFromId);
    const after = others.find(({ movedFromId }) => movedFromId === one.id);
    const [came, went] = [before && potOf(before), after && potOf(after)];
    if (came) from.set(one.id, { ...came, firstOn: await firstPlanted(db, one) });
    if (went) to.set(one.id, went);
  }
  return { from, to };
}
function logView(entry, { problems, timeZone }) {
  const { id, at, kind, value, problemId, photoId, note } = entry;
  const problemName = problemId === null ? null : problems.get(problemId)?.name ?? problemId;
  return { id, on: dayAt(timeZone, at), kind, value, problemName, photoId, note };
}

const goingOn = {
  potOn: "Pot it on into a larger pot",
  potOnLead: "The root ball goes into an empty pot with new mix under it and around it. What is known of its mix and its plants goes along.",
  code: "Into which pot",
  codeHint: (codes) => codes === "" ? "the code of an empty pot; none of yours is larger" : `empty and larger: ${codes}`,
  mix: "New mix under and around it",
  look: "Work it out",
  wide: (wider) => `That pot is ${wider} wider, more than two sizes up: what no root reaches stays wet for long. Take a smaller one, or water sparingly until roots have come.`,
  steps: {
    aside: "Take drip lines, trellis and mulch off and lay them aside.",
    pot: (code) => `Wash ${code}, open its holes, mesh over them; feet under it.`,
    measure: (litres) => `Measure out for ${litres} of new mix:`,
    take: (litres) => `Take ${litres} of new mix.`,
    water: "Water the plant an hour before, so that the root ball holds together.",
    underlay: (depth) => `Lay ${depth} of the new mix in, coarser than the rest where you can.`,
    lift: (gap) => `Lift the plant over, loosen roots that circle, and set the ball so that its top ends ${gap} below the rim.`,
    lifting: "Wet pots are heavy: two people, and from the knees.",
    sides: "Fill the sides, knock the pot, keep the stem as free as it was.",
    waterIn: "Water it in, top up where it sinks.",
    back: "Put mulch, trellis and drip lines back; one emitter more where the pot is much wider."
  },
  settled: (litres) => `About ${litres} stand in it then. Worked out, not measured: the root ball is what of the lot stands in this pot; new mix is what the other holds to its gap less that, and 8 % more, since it sinks.`,
  done: "It is potted on",
  potted: (code) => `Potted on into ${code}.`,
  dress: "Top-dress around its plants",
  dressLead: "A thin layer scratched in between plants that stay. It feeds and levels; it does not give air back.",
  material: "What goes on",
  choose: "Choose a material",
  depth: "How thick",
  depthHint: "1 to 5 cm; 3 is usual",
  dressSteps: {
    aside: "Take mulch and drip lines off; push nothing against stems.",
    scratch: (litres, depth) => `Loosen the top two fingers deep, spread ${litres} (${depth}) and scratch it in.`,
    back: "Water it in; put mulch and drip lines back."
  },
  dressIt: "It is top-dressed",
  dressed: (litres) => `${litres} written into the ledger of its lot.`,
  dressWhy: "The surface of this pot times the thickness."
};

const movedPlants = {
  open: "Move it to another pot",
  lead: "Potted on, cut back or brought in: the same plants go on in another pot, and all that is known of them with them.",
  code: "Code of that pot",
  codeHint: "it has to hold a mix; lift a pot-bound plant with coarse mix under its root ball",
  moveIt: "They stand there now",
  moved: (crop) => `${crop} goes on here.`,
  from: (code, day) => `moved here from ${code} on ${day}`,
  to: (code) => `goes on in ${code}`,
  first: (day) => `first planted on ${day}`
};

function CorrectForm({ page }) {
  const { site, format } = useSite();
  const { problem, errorOf, isSending, deliver } = useSend();
  const kept = useKept(`correct/${page.id}/${page.version}`, {
    code: page.code,
    name: page.name,
    place: page.place,
    exposure: page.exposure,
    size: valuesOf(page),
    filler: page.fillerCm > 0 ? `${page.fillerCm} cm` : ""
  });
  const { code, name, place, exposure, size: values, filler } = kept.values;
  const height = readQuantity(filler, "length", site.measures);
  const kind = values.kind;
  const save = async (event) => {
    event.preventDefault();
    if (isSending || height.problem) return;
    const typed = typedContainer(values, site.measures);
    const answer = await deliver("PATCH", `/api/containers/${page.id}`, {
      code,
      name,
      place,
      exposure,
      shape: typed?.shape,
      headspaceCm: typed?.headspaceCm,
      fillerCm: height.value ?? 0,
      version: page.version
    });
    if (!answer) return;
    kept.throwAway();
    const { litres, air } = answer.data;
    showToastOnNextPage({
      text: containers.corrected(
        code,
        format.plain(format.litres(litres)),
        air === null ? null : format.plain(format.percent(air))
      )
    });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs("form", { className: styles.form, onSubmit: (event) => void save(event), noValidate: true, children: [
    /* @__PURE__ */ jsxs("div", { className: styles.fields, children: [
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: containers.code,
          value: code,
          error: errorOf("code"),
          onChange: (event) => kept.change({ code: event.target.value })
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: containers.name,
          value: name,
          error: errorOf("name"),
          onChange: (event) => kept.change({ name: event.target.value })
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: containers.place,
          suggestions: page.places,
          value: place,
          error: errorOf("place"),
          onChange: (event) => kept.change({ place: event.target.value })
        }
      ),
      /* @__PURE__ */ jsx(
        SelectField,
        {
          label: media.create.exposure,
          hint: media.create.exposureHint,
          value: exposure,
          error: errorOf("exposure"),
          onChange: (event) => kept.change({ exposure: event.target.value }),
          children: Object.entries(exposures).map(([value, label]) => /* @__PURE__ */ jsx("option", { value, children: label }, value))
        }
      ),
      /* @__PURE__ */ jsx(
        SelectField,
        {
          label: containers.form,
          value: kind,
          onChange: (event) => kept.change({ size: { ...values, kind: event.target.value } }),
          children: ["round", "rectangular", "bowl"].map((value) => /* @__PURE__ */ jsx("option", { value, children: media.create.shapes[value] }, value))
        }
      ),
      LENGTHS_OF[kind].map((length) => /* @__PURE__ */ jsx(
        QuantityField,
        {
          label: media.create[length],
          dimension: "length",
          typed: values[length],
          value: values[length],
          error: errorOf(length === "headspace" ? "headspaceCm" : `shape.${length}Cm`),
          onChange: (event) => kept.change({ size: { ...values, [length]: event.target.value } })
        },
        length
      )),
      kind !== "bowl" && /* @__PURE__ */ jsx(
        QuantityField,
        {
          label: containers.fillerHigh,
          dimension: "length",
          typed: filler,
          value: filler,
          error: errorOf("fillerCm"),
          onChange: (event) => kept.change({ filler: event.target.value })
        }
      )
    ] }),
    /* @__PURE__ */ jsx("div", { children: /* @__PURE__ */ jsx(Button, { type: "submit", children: containers.keepCorrection }) }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}
function valuesOf({ shape, headspaceCm }) {
  const typed = (cm) => `${Math.round(cm * 10) / 10} cm`;
  const lengths = Object.entries(shape).flatMap(
    ([name, cm]) => typeof cm === "number" ? [[name.replace(/Cm$/, ""), typed(cm)]] : []
  );
  return {
    ...DEFAULT_LOT,
    ...Object.fromEntries(lengths),
    kind: shape.kind,
    headspace: typed(headspaceCm)
  };
}

function TickedSteps({
  steps,
  ticks,
  onTick
}) {
  const done = steps.filter(({ id }) => ticks.includes(id)).length;
  return /* @__PURE__ */ jsxs("div", { children: [
    /* @__PURE__ */ jsx("ol", { className: styles$1.steps, children: steps.map(({ id, text, more }) => /* @__PURE__ */ jsxs("li", { children: [
      /* @__PURE__ */ jsxs("label", { className: styles$1.step, children: [
        /* @__PURE__ */ jsx(
          "input",
          {
            type: "checkbox",
            checked: ticks.includes(id),
            onChange: (event) => onTick(event.target.checked ? [...ticks, id] : ticks.filter((one) => one !== id))
          }
        ),
        /* @__PURE__ */ jsx("span", { children: text })
      ] }),
      more
    ] }, id)) }),
    /* @__PURE__ */ jsx("p", { className: styles$1.note, children: filling.ticked(done, steps.length) })
  ] });
}

const NO_TICKS$2 = [];
function DressForm({
  id,
  with: { materials }
}) {
  const { site, format } = useSite();
  const { problem, errorOf, isSending, deliver } = useSend();
  const { values, change, throwAway } = useKept(`dress/${id}`, {
    materialId: "",
    depth: "3 cm",
    ticks: NO_TICKS$2
  });
  const { materialId, depth, ticks } = values;
  const [litres, setLitres] = useState(null);
  const thick = readQuantity(depth, "length", site.measures);
  const told = (value) => format.plain(format.litres(value));
  const send = async (check) => {
    if (isSending || thick.problem) return;
    const body = { materialId, depthCm: thick.value, check };
    const answer = await deliver("POST", `/api/containers/${id}/dress`, body);
    if (!answer) return;
    if (check) {
      setLitres(answer.data.litres);
      return;
    }
    throwAway();
    showToastOnNextPage({ text: goingOn.dressed(told(answer.data.litres)) });
    window.location.reload();
  };
  const anew = (more) => {
    change(more);
    setLitres(null);
  };
  return /* @__PURE__ */ jsxs(
    "form",
    {
      className: styles$1.fill,
      onSubmit: (event) => {
        event.preventDefault();
        void send(true);
      },
      noValidate: true,
      children: [
        /* @__PURE__ */ jsx("p", { className: styles$1.note, children: goingOn.dressLead }),
        /* @__PURE__ */ jsxs("div", { className: styles$1.fields, children: [
          /* @__PURE__ */ jsxs(
            SelectField,
            {
              label: goingOn.material,
              value: materialId,
              error: errorOf("materialId"),
              onChange: (event) => anew({ materialId: event.target.value }),
              children: [
                /* @__PURE__ */ jsx("option", { value: "", children: goingOn.choose }),
                materials.map((material) => /* @__PURE__ */ jsx("option", { value: material.id, children: material.name }, material.id))
              ]
            }
          ),
          /* @__PURE__ */ jsx(
            QuantityField,
            {
              label: goingOn.depth,
              hint: goingOn.depthHint,
              dimension: "length",
              typed: depth,
              value: depth,
              error: errorOf("depthCm"),
              onChange: (event) => anew({ depth: event.target.value })
            }
          ),
          /* @__PURE__ */ jsx("div", { className: styles$1.keys, children: /* @__PURE__ */ jsx(Button, { type: "submit", weight: litres === null ? "main" : "plain", disabled: isSending, children: goingOn.look }) })
        ] }),
        /* @__PURE__ */ jsx(ProblemNotice, { problem }),
        litres !== null && /* @__PURE__ */ jsxs(Fragment, { children: [
          /* @__PURE__ */ jsx(
            TickedSteps,
            {
              ticks,
              onTick: (next) => change({ ticks: next }),
              steps: [
                { id: "aside", text: goingOn.dressSteps.aside },
                {
                  id: "scratch",
                  text: goingOn.dressSteps.scratch(
                    told(litres),
                    format.plain(format.cm(thick.value ?? 0))
                  )
                },
                { id: "back", text: goingOn.dressSteps.back }
              ]
            }
          ),
          /* @__PURE__ */ jsx("p", { className: styles$1.note, children: goingOn.dressWhy }),
          /* @__PURE__ */ jsx("div", { className: styles$1.keys, children: /* @__PURE__ */ jsx(Button, { weight: "main", disabled: isSending, onClick: () => void send(false), children: goingOn.dressIt }) })
        ] })
      ]
    }
  );
}

function EndForm({
  planting,
  problems: choices
}) {
  const { site } = useSite();
  const { problem, errorOf, isSending, deliver } = useSend();
  const { values, change, throwAway } = useKept(`end/${planting.id}`, {
    on: site.today,
    growth: null,
    harvest: "",
    why: "season over",
    problems: [],
    note: ""
  });
  const { on, growth, harvest, why, problems, note } = values;
  const grams = readQuantity(harvest, "mass", site.measures);
  const address = `/api/containers/plantings/${planting.id}`;
  const save = async (event) => {
    event.preventDefault();
    if (isSending || grams.problem) return;
    const answer = await deliver("POST", `${address}/end`, {
      on,
      growth,
      harvestG: grams.value,
      why,
      problems,
      note
    });
    if (!answer) return;
    throwAway();
    const said = answer.data.seasonOver ? containers.endedLast : containers.ended;
    showToastOnNextPage({
      text: said(planting.cropName),
      undo: { method: "POST", address: `${address}/take-end-back`, body: {} }
    });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs("form", { className: styles.form, onSubmit: (event) => void save(event), noValidate: true, children: [
    /* @__PURE__ */ jsx(
      Choice,
      {
        label: containers.endTitle(planting.cropName),
        hint: potLog.growthHint,
        name: `growth-${planting.id}`,
        options: GROWTH_SCORES.map((score) => ({ value: String(score), label: String(score) })),
        isChosen: (value) => Number(value) === growth,
        onChange: (event) => change({ growth: Number(event.target.value) })
      }
    ),
    /* @__PURE__ */ jsxs("div", { className: styles.fields, children: [
      /* @__PURE__ */ jsx(
        SelectField,
        {
          label: containers.endWhy,
          value: why,
          onChange: (event) => change({ why: event.target.value }),
          children: ENDINGS.map((value) => /* @__PURE__ */ jsx("option", { value, children: containers.endings[value] }, value))
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: containers.endOn,
          type: "date",
          value: on,
          error: errorOf("on"),
          onChange: (event) => change({ on: event.target.value })
        }
      ),
      /* @__PURE__ */ jsx(
        QuantityField,
        {
          label: containers.endHarvest,
          hint: potLog.harvestHint,
          dimension: "mass",
          typed: harvest,
          error: errorOf("harvestG"),
          value: harvest,
          onChange: (event) => change({ harvest: event.target.value })
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: containers.note,
          hint: containers.optional,
          value: note,
          error: errorOf("note"),
          onChange: (event) => change({ note: event.target.value })
        }
      )
    ] }),
    /* @__PURE__ */ jsx(
      ProblemsField,
      {
        label: containers.endProblems,
        problems: choices,
        chosen: problems,
        error: errorOf("problems"),
        onChange: (next) => change({ problems: next })
      }
    ),
    /* @__PURE__ */ jsx("div", { children: /* @__PURE__ */ jsx(Button, { type: "submit", children: containers.endIt }) }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}

const WIDTH_PX = 220;
const HEIGHT_PX = 150;
function HolesPicture({
  shape,
  holes
}) {
  const [wide, high] = baseOf(shape);
  const margin = 1;
  const box = `${-wide / 2 - margin} ${-high / 2 - margin} ${wide + 2 * margin} ${high + 2 * margin}`;
  return /* @__PURE__ */ jsxs(
    "svg",
    {
      className: styles$1.base,
      viewBox: box,
      width: WIDTH_PX,
      height: HEIGHT_PX,
      role: "img",
      "aria-label": filling.holesDrawn(holes.count),
      children: [
        shape.kind === "rectangular" ? /* @__PURE__ */ jsx("rect", { className: styles$1.outline, x: -wide / 2, y: -high / 2, width: wide, height: high }) : /* @__PURE__ */ jsx("circle", { className: styles$1.outline, r: wide / 2 }),
        holes.positions.map(({ xCm, yCm }) => /* @__PURE__ */ jsx(
          "circle",
          {
            className: styles$1.hole,
            cx: xCm,
            cy: yCm,
            r: holes.diameterMm / 20
          },
          `${xCm} ${yCm}`
        ))
      ]
    }
  );
}
function baseOf(shape) {
  switch (shape.kind) {
    case "rectangular":
      return [shape.baseLengthCm, shape.baseWidthCm];
    case "round":
      return [shape.baseDiameterCm, shape.baseDiameterCm];
    case "bowl":
      return [shape.rimDiameterCm, shape.rimDiameterCm];
  }
}

function PartsList({
  parts
}) {
  const { format } = useSite();
  return /* @__PURE__ */ jsx("ul", { className: styles$1.parts, children: parts.map(({ name, litres }) => /* @__PURE__ */ jsxs("li", { children: [
    /* @__PURE__ */ jsx("span", { children: name }),
    " ",
    /* @__PURE__ */ jsx("strong", { children: format.plain(format.litres(litres)) })
  ] }, name)) });
}

function FillSteps({
  page,
  plan,
  ticks,
  onTick
}) {
  const { format } = useSite();
  const steps = useSteps(page, plan);
  return /* @__PURE__ */ jsxs("div", { className: styles$1.plan, children: [
    plan.isDoubtful && /* @__PURE__ */ jsx(Notice, { tone: "act", children: filling.doubtful }),
    /* @__PURE__ */ jsx(HolesPicture, { shape: page.shape, holes: plan.holes }),
    /* @__PURE__ */ jsx(TickedSteps, { steps, ticks, onTick }),
    /* @__PURE__ */ jsx("p", { className: styles$1.note, children: filling.why(
      plan.volumeYield === null ? null : format.plain(format.percent(plan.volumeYield))
    ) })
  ] });
}
function useSteps(page, plan) {
  const { format } = useSite();
  const { steps } = filling;
  const told = (value) => format.plain(format.litres(value));
  const cm = (value) => format.plain(format.cm(value));
  const percent = (value) => format.plain(format.percent(value));
  const { filler, holes, parts } = plan;
  return [
    {
      id: "holes",
      text: steps.holes(holes.count, holes.diameterMm),
      more: /* @__PURE__ */ jsx(Caution, { lines: [{ short: steps.drill }] })
    },
    { id: "wash", text: steps.wash, more: /* @__PURE__ */ jsx(Caution, { lines: [{ short: steps.disinfect }] }) },
    { id: "mesh", text: steps.mesh, more: /* @__PURE__ */ jsx("a", { href: "/mixes/layers", children: steps.stones }) },
    { id: "feet", text: steps.feet },
    ...filler ? [
      {
        id: "filler",
        text: steps.filler(cm(filler.heightCm), told(filler.savedLitres)),
        more: /* @__PURE__ */ jsx("p", { className: styles$1.price, children: steps.fillerPrice(percent(filler.air), percent(filler.airWithout)) })
      }
    ] : [],
    parts.length === 0 ? { id: "take", text: steps.take(told(plan.litres)) } : {
      id: "measure",
      text: steps.measure(told(plan.litres)),
      more: /* @__PURE__ */ jsx(PartsList, { parts })
    },
    { id: "fill", text: steps.fill(told(plan.litres), told(plan.topUpLitres)) },
    { id: "water", text: steps.water },
    {
      id: "top-up",
      text: steps.topUp(told(plan.topUpLitres), cm(plan.headspaceCm), told(plan.settledLitres))
    },
    { id: "plant", text: steps.plant },
    { id: "mulch", text: steps.mulch },
    { id: "emitters", text: steps.emitters(plan.emitters) },
    {
      id: "label",
      text: steps.label(page.code),
      more: /* @__PURE__ */ jsx("a", { href: `/labels?pots=${page.id}`, children: steps.printLabel })
    }
  ];
}

function SourceField({
  label = filling.source,
  choices,
  value,
  error,
  onChange
}) {
  const { format } = useSite();
  return /* @__PURE__ */ jsxs(
    SelectField,
    {
      label,
      value,
      error,
      onChange: (event) => onChange(event.target.value),
      children: [
        /* @__PURE__ */ jsx("option", { value: "", children: filling.choose }),
        choices.lots.length > 0 && /* @__PURE__ */ jsx("optgroup", { label: filling.groups.lot, children: choices.lots.map(({ id, name, litres }) => /* @__PURE__ */ jsx("option", { value: `lot:${id}`, children: filling.lotOption(name, format.plain(format.litres(litres))) }, id)) }),
        choices.mixes.length > 0 && /* @__PURE__ */ jsx("optgroup", { label: filling.groups.mix, children: choices.mixes.map(({ id, name, standardFor }) => /* @__PURE__ */ jsx("option", { value: `mix:${id}`, children: named(name, standardFor) }, id)) }),
        /* @__PURE__ */ jsx("optgroup", { label: filling.groups.bag, children: choices.bags.map(({ id, name, standardFor }) => /* @__PURE__ */ jsx("option", { value: `bag:${id}`, children: named(name, standardFor) }, id)) })
      ]
    }
  );
}
function named(name, standardFor) {
  return standardFor.length > 0 ? `${name} · ${trialFindings.standardOf(standardFor)}` : name;
}
function sourceOf(chosen) {
  const [kind, id = ""] = chosen.split(":");
  switch (kind) {
    case "lot":
      return { kind, lotId: Number(id) };
    case "mix":
      return { kind, mixId: Number(id) };
    case "bag":
      return { kind, materialId: id };
    default:
      return void 0;
  }
}

const NO_TICKS$1 = [];
function FillForm({ page }) {
  const { site, format } = useSite();
  const { problem, errorOf, isSending, deliver } = useSend();
  const { values, change, throwAway } = useKept(`fill/${page.id}`, {
    source: "",
    litres: "",
    filler: page.fillerCm > 0 ? `${page.fillerCm} cm` : "",
    name: "",
    /** It was worked out: after a reload it is again. */
    asked: false,
    ticks: NO_TICKS$1
  });
  const { source, litres, filler, name, asked, ticks } = values;
  const [plan, setPlan] = useState(null);
  const amount = readQuantity(litres, "volume", site.measures);
  const height = readQuantity(filler, "length", site.measures);
  const told = (value) => format.plain(format.litres(value));
  const choices = page.fill;
  if (!choices) return null;
  const fits = problem?.code === "too-much" ? Number(problem.current?.fits) : 0;
  const send = async (check, exactly) => {
    if (isSending || amount.problem || height.problem) return;
    const body = {
      source: sourceOf(source),
      litres: exactly ?? amount.value,
      fillerCm: height.value ?? 0,
      name,
      check
    };
    const answer = await deliver("POST", `/api/containers/${page.id}/fill`, body);
    if (!answer) return;
    if (check) {
      setPlan(answer.data.plan);
      change({ asked: true });
      return;
    }
    throwAway();
    showToastOnNextPage({ text: filling.filled(told(answer.data.plan.settledLitres)) });
    window.location.reload();
  };
  const sendNow = useRef(send);
  sendNow.current = send;
  useEffect(() => {
    if (asked && !plan) void sendNow.current(true);
  }, [asked, plan]);
  const anew = (more) => {
    change({ ...more, asked: false });
    setPlan(null);
  };
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "fill", "data-needs": "manage", className: styles$1.fill, children: [
    /* @__PURE__ */ jsx("h2", { id: "fill", children: filling.title }),
    /* @__PURE__ */ jsx("p", { children: /* @__PURE__ */ jsx("a", { href: `/trials/candidates?pot=${page.id}`, children: common.actions.whichMix }) }),
    /* @__PURE__ */ jsxs(
      "form",
      {
        className: styles$1.fields,
        onSubmit: (event) => {
          event.preventDefault();
          void send(true);
        },
        noValidate: true,
        children: [
          /* @__PURE__ */ jsx(
            SourceField,
            {
              choices,
              value: source,
              error: errorOf("source"),
              onChange: (chosen) => anew({ source: chosen })
            }
          ),
          /* @__PURE__ */ jsx(
            QuantityField,
            {
              label: filling.litres,
              hint: filling.litresHint,
              dimension: "volume",
              typed: litres,
              value: litres,
              error: errorOf("litres"),
              onChange: (event) => anew({ litres: event.target.value })
            }
          ),
          page.shape.kind !== "bowl" && /* @__PURE__ */ jsx(
            QuantityField,
            {
              label: filling.filler,
              hint: filling.fillerHint,
              dimension: "length",
              typed: filler,
              value: filler,
              error: errorOf("fillerCm"),
              onChange: (event) => anew({ filler: event.target.value })
            }
          ),
          /* @__PURE__ */ jsx(
            TextField,
            {
              label: filling.name,
              hint: filling.nameHint(`${page.name} ${page.code}`),
              value: name,
              error: errorOf("name"),
              onChange: (event) => change({ name: event.target.value })
            }
          ),
          /* @__PURE__ */ jsx("div", { className: styles$1.keys, children: /* @__PURE__ */ jsx(Button, { type: "submit", weight: plan ? "plain" : "main", disabled: isSending, children: filling.look }) })
        ]
      }
    ),
    /* @__PURE__ */ jsx(ProblemNotice, { problem }),
    fits > 0 && /* @__PURE__ */ jsx("p", { children: /* @__PURE__ */ jsx(
      Button,
      {
        onClick: () => {
          const most = Math.floor(fits * 10) / 10;
          anew({ litres: `${most} L` });
          void send(true, most);
        },
        children: filling.take(told(Math.floor(fits * 10) / 10))
      }
    ) }),
    plan && /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx(
        FillSteps,
        {
          page,
          plan,
          ticks,
          onTick: (next) => change({ ticks: next })
        }
      ),
      /* @__PURE__ */ jsx("div", { className: styles$1.keys, children: /* @__PURE__ */ jsx(Button, { weight: "main", disabled: isSending, onClick: () => void send(false), children: filling.done }) })
    ] })
  ] });
}

function MovePlantsForm({ planting }) {
  const { site } = useSite();
  const { problem, errorOf, isSending, deliver } = useSend();
  const { values, change, throwAway } = useKept(`move/${planting.id}`, {
    code: "",
    on: site.today,
    despite: ""
  });
  const { code, on, despite } = values;
  const save = async (event) => {
    event.preventDefault();
    if (isSending) return;
    const address = `/api/containers/plantings/${planting.id}/move`;
    const answer = await deliver("POST", address, { code, on, despite });
    if (!answer) return;
    throwAway();
    showToastOnNextPage({
      text: movedPlants.moved(planting.cropName),
      undo: {
        method: "POST",
        address: `/api/containers/plantings/${answer.data.id}/move-back`,
        body: {}
      }
    });
    window.location.assign(`/pots/${answer.data.containerId}`);
  };
  return /* @__PURE__ */ jsxs("form", { className: styles.form, onSubmit: (event) => void save(event), noValidate: true, children: [
    /* @__PURE__ */ jsx("p", { className: styles.note, children: movedPlants.lead }),
    /* @__PURE__ */ jsxs("div", { className: styles.fields, children: [
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: movedPlants.code,
          hint: movedPlants.codeHint,
          value: code,
          maxLength: 20,
          error: errorOf("code"),
          onChange: (event) => change({ code: event.target.value })
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: containers.on,
          type: "date",
          value: on,
          error: errorOf("on"),
          onChange: (event) => change({ on: event.target.value })
        }
      ),
      (problem?.code === "barred" || despite !== "") && /* @__PURE__ */ jsx(
        TextField,
        {
          label: containers.despite,
          hint: containers.despiteHint,
          value: despite,
          error: errorOf("despite"),
          onChange: (event) => change({ despite: event.target.value })
        }
      )
    ] }),
    /* @__PURE__ */ jsx("div", { children: /* @__PURE__ */ jsx(Button, { type: "submit", disabled: isSending, children: movedPlants.moveIt }) }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}

function EarlierForm({
  id,
  crops,
  problems,
  before
}) {
  const { site } = useSite();
  const { problem, errorOf, isSending, deliver } = useSend();
  const newest = (before ?? Number(site.today.slice(0, 4))) - 1;
  const rowOf = (key) => ({
    key,
    year: String(newest - key),
    cropId: "",
    growth: "",
    problems: []
  });
  const kept = useKept(`earlier/${id}`, { rows: [rowOf(0)] });
  const { rows } = kept.values;
  const setRows = (next) => kept.change({ rows: next });
  const change = (key, more) => setRows(rows.map((row) => row.key === key ? { ...row, ...more } : row));
  const save = async (event) => {
    event.preventDefault();
    if (isSending) return;
    const seasons = rows.map(({ year, cropId, growth, problems: seen }) => ({
      year: numberOrTyped(year),
      cropId,
      growth: growth === "" ? null : Number(growth),
      problems: seen
    }));
    if (!await deliver("POST", `/api/containers/${id}/earlier`, { seasons })) return;
    kept.throwAway();
    showToastOnNextPage({ text: containers.earlierKept(rows.length) });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs("form", { className: styles.form, onSubmit: (event) => void save(event), noValidate: true, children: [
    /* @__PURE__ */ jsx("p", { children: containers.earlierLead }),
    rows.map((row, index) => /* @__PURE__ */ jsxs("div", { className: styles.fields, children: [
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: containers.year,
          inputMode: "numeric",
          value: row.year,
          error: errorOf(`seasons.${index}.year`),
          onChange: (event) => change(row.key, { year: event.target.value })
        }
      ),
      /* @__PURE__ */ jsxs(
        SelectField,
        {
          label: containers.whatGrew,
          value: row.cropId,
          error: errorOf(`seasons.${index}.cropId`),
          onChange: (event) => change(row.key, { cropId: event.target.value }),
          children: [
            /* @__PURE__ */ jsx("option", { value: "", children: containers.chooseCrop }),
            crops.map((crop) => /* @__PURE__ */ jsx("option", { value: crop.id, children: crop.name }, crop.id))
          ]
        }
      ),
      /* @__PURE__ */ jsxs(
        SelectField,
        {
          label: containers.howWell,
          value: row.growth,
          onChange: (event) => change(row.key, { growth: event.target.value }),
          children: [
            /* @__PURE__ */ jsx("option", { value: "", children: containers.unknown }),
            GROWTH_SCORES.map((score) => /* @__PURE__ */ jsx("option", { value: score, children: potLog.growthOf(score) }, score))
          ]
        }
      ),
      /* @__PURE__ */ jsx(
        ProblemsField,
        {
          label: containers.endProblems,
          problems,
          chosen: row.problems,
          error: errorOf(`seasons.${index}.problems`),
          onChange: (next) => change(row.key, { problems: next })
        }
      )
    ] }, row.key)),
    /* @__PURE__ */ jsxs("div", { className: styles.actions, children: [
      /* @__PURE__ */ jsx(Button, { onClick: () => setRows([...rows, rowOf(rows.length)]), children: containers.oneYearMore }),
      rows.length > 1 && /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => setRows(rows.slice(0, -1)), children: containers.oneYearLess }),
      /* @__PURE__ */ jsx(Button, { type: "submit", children: containers.keepEarlier })
    ] }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}

function Growing({ planting }) {
  const { format } = useSite();
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx("h2", { children: planting.cropName }),
    /* @__PURE__ */ jsxs("p", { children: [
      [
        planting.cultivar,
        containers.hows[planting.how],
        planting.count !== null && containers.howMany(planting.count),
        planting.despite && containers.plantedDespite(planting.despite)
      ].filter(Boolean).join(" · "),
      planting.movedFrom && /* @__PURE__ */ jsxs(Fragment, { children: [
        " · ",
        /* @__PURE__ */ jsx("a", { href: `/pots/${planting.movedFrom.id}`, children: movedPlants.from(planting.movedFrom.code, format.day(planting.startedOn)) }),
        `, ${movedPlants.first(format.day(planting.movedFrom.firstOn))}`
      ] })
    ] })
  ] });
}
function History({ page }) {
  const { past, growing, lot } = page;
  const first = [...past, ...growing].map(({ startedOn }) => Number(startedOn.slice(0, 4))).sort()[0];
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "history", className: styles.planting, children: [
    /* @__PURE__ */ jsx("h2", { id: "history", children: containers.history }),
    past.length === 0 ? /* @__PURE__ */ jsx("p", { children: containers.noHistory }) : /* @__PURE__ */ jsx("ol", { className: styles.rows, children: past.map((one) => /* @__PURE__ */ jsx(Past, { one }, one.id)) }),
    lot && /* @__PURE__ */ jsxs("details", { "data-needs": "manage", children: [
      /* @__PURE__ */ jsx("summary", { children: containers.earlier }),
      /* @__PURE__ */ jsx(
        EarlierForm,
        {
          id: page.id,
          crops: page.crops,
          problems: page.problems,
          before: first ?? null
        }
      )
    ] })
  ] });
}
function Past({ one }) {
  const { format } = useSite();
  const { problem, isSending, deliver } = useSend();
  const start = format.day(one.startedOn);
  const ending = one.endedWhy && containers.endings[one.endedWhy];
  const takeBack = async () => {
    if (isSending) return;
    const address = `/api/containers/plantings/${one.id}/take-end-back`;
    if (!await deliver("POST", address, {})) return;
    showToastOnNextPage({ text: containers.tookBack(one.cropName) });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs("li", { children: [
    /* @__PURE__ */ jsx("strong", { children: one.cropName }),
    " ",
    one.yearOnly ? one.startedOn.slice(0, 4) : one.endedOn ? containers.from(start, format.day(one.endedOn)) : containers.withLot(start),
    " · ",
    /* @__PURE__ */ jsx("a", { href: `/lots/${one.lotId}`, children: containers.in(one.lotName) }),
    one.growth !== null && ` · ${containers.score(one.growth)}`,
    one.harvestG !== null && ` · ${format.plain(format.grams(one.harvestG))}`,
    one.movedTo ? /* @__PURE__ */ jsxs(Fragment, { children: [
      " · ",
      /* @__PURE__ */ jsx("a", { href: `/pots/${one.movedTo.id}`, children: movedPlants.to(one.movedTo.code) })
    ] }) : ending && ` · ${ending.toLowerCase()}`,
    one.note && ` · ${one.note}`,
    one.canReopen && /* @__PURE__ */ jsxs(Fragment, { children: [
      " ",
      /* @__PURE__ */ jsx(Button, { weight: "quiet", "data-needs": "manage", onClick: () => void takeBack(), children: containers.takeBack })
    ] }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}
function Log({ page: { log } }) {
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "log", className: styles.planting, children: [
    /* @__PURE__ */ jsx("h2", { id: "log", children: containers.logTitle }),
    log.length === 0 ? /* @__PURE__ */ jsx("p", { children: containers.noLog }) : /* @__PURE__ */ jsx("ol", { className: styles.rows, children: log.map((entry) => /* @__PURE__ */ jsx(Entry, { entry }, entry.id)) })
  ] });
}
function Entry({ entry }) {
  const { format } = useSite();
  const { isSending, deliver } = useSend();
  const { id, kind, value, problemName, photoId, note } = entry;
  const day = format.day(entry.on);
  const what = kind === "growth" && value !== null ? potLog.growthOf(value) : kind === "harvest" && value !== null ? `${potLog.kinds.harvest} ${format.plain(format.grams(value))}` : value !== null ? potLog.measured(kind, format.number(value, Number.isInteger(value) ? 0 : 1)) : problemName ?? potLog.kinds[kind];
  const takeBack = async () => {
    if (isSending) return;
    const address = `/api/containers/log/${id}/counts`;
    if (!await deliver("POST", address, { counts: false })) return;
    showToastOnNextPage({
      text: containers.takenBack(what),
      undo: { method: "POST", address, body: { counts: true } }
    });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs("li", { children: [
    day,
    " ·",
    " ",
    photoId === null ? /* @__PURE__ */ jsx("strong", { children: what }) : /* @__PURE__ */ jsx("a", { href: `/api/photos/${photoId}`, className: photo.photo, children: /* @__PURE__ */ jsx("img", { src: `/api/photos/${photoId}`, alt: containers.photoOf(day), loading: "lazy" }) }),
    note && ` · ${note}`,
    " ",
    /* @__PURE__ */ jsx(
      Button,
      {
        weight: "quiet",
        "aria-label": containers.takeEntryBack(what, day),
        onClick: () => void takeBack(),
        children: containers.takeBackShort
      }
    )
  ] });
}

const NO_TICKS = [];
const NAMED = 6;
const HEAVY_L = 12;
function PotOnForm({
  id,
  with: { pots, choices }
}) {
  const { site } = useSite();
  const { problem, errorOf, isSending, deliver } = useSend();
  const { values, change, throwAway } = useKept(`pot-on/${id}`, {
    code: "",
    source: "",
    on: site.today,
    despite: "",
    asked: false,
    ticks: NO_TICKS
  });
  const { code, source, on, despite, asked, ticks } = values;
  const [plan, setPlan] = useState(null);
  const isDoubtful = problem?.code === "doubtful" || problem?.code === "barred" || despite !== "";
  const send = async (check) => {
    if (isSending) return;
    const body = { code, source: sourceOf(source), on, despite, check };
    const answer = await deliver("POST", `/api/containers/${id}/pot-on`, body);
    if (!answer) return;
    if (check) {
      setPlan(answer.data.plan);
      change({ asked: true });
      return;
    }
    throwAway();
    showToastOnNextPage({ text: goingOn.potted(answer.data.plan.code) });
    window.location.assign(`/pots/${answer.data.containerId}`);
  };
  const sendNow = useRef(send);
  sendNow.current = send;
  useEffect(() => {
    if (asked && !plan) void sendNow.current(true);
  }, [asked, plan]);
  const anew = (more) => {
    change({ ...more, asked: false });
    setPlan(null);
  };
  return /* @__PURE__ */ jsxs(
    "form",
    {
      className: styles$1.fill,
      onSubmit: (event) => {
        event.preventDefault();
        void send(true);
      },
      noValidate: true,
      children: [
        /* @__PURE__ */ jsx("p", { className: styles$1.note, children: goingOn.potOnLead }),
        /* @__PURE__ */ jsxs("div", { className: styles$1.fields, children: [
          /* @__PURE__ */ jsx(
            TextField,
            {
              label: goingOn.code,
              hint: goingOn.codeHint(
                pots.slice(0, NAMED).map((pot) => `${pot.code} ${pot.name}`).join(", ")
              ),
              suggestions: pots.map((pot) => pot.code),
              value: code,
              maxLength: 20,
              error: errorOf("code"),
              onChange: (event) => anew({ code: event.target.value })
            }
          ),
          /* @__PURE__ */ jsx(
            SourceField,
            {
              label: goingOn.mix,
              choices,
              value: source,
              error: errorOf("source"),
              onChange: (chosen) => anew({ source: chosen })
            }
          ),
          /* @__PURE__ */ jsx(
            TextField,
            {
              label: containers.on,
              type: "date",
              value: on,
              error: errorOf("on"),
              onChange: (event) => change({ on: event.target.value })
            }
          ),
          isDoubtful && /* @__PURE__ */ jsx(
            TextField,
            {
              label: containers.despite,
              hint: containers.despiteHint,
              value: despite,
              error: errorOf("despite"),
              onChange: (event) => change({ despite: event.target.value })
            }
          ),
          /* @__PURE__ */ jsx("div", { className: styles$1.keys, children: /* @__PURE__ */ jsx(Button, { type: "submit", weight: plan ? "plain" : "main", disabled: isSending, children: goingOn.look }) })
        ] }),
        /* @__PURE__ */ jsx(ProblemNotice, { problem }),
        plan && /* @__PURE__ */ jsxs(Fragment, { children: [
          /* @__PURE__ */ jsx(Plan, { plan, ticks, onTick: (next) => change({ ticks: next }) }),
          /* @__PURE__ */ jsx("div", { className: styles$1.keys, children: /* @__PURE__ */ jsx(Button, { weight: "main", disabled: isSending, onClick: () => void send(false), children: goingOn.done }) })
        ] })
      ]
    }
  );
}
function Plan({
  plan,
  ticks,
  onTick
}) {
  const { format } = useSite();
  const { steps } = goingOn;
  const litres = (value) => format.plain(format.litres(value));
  const cm = (value) => format.plain(format.cm(value));
  return /* @__PURE__ */ jsxs("div", { children: [
    plan.isMuchWider && /* @__PURE__ */ jsx(Notice, { tone: "act", children: goingOn.wide(cm(plan.widerCm)) }),
    /* @__PURE__ */ jsx(
      TickedSteps,
      {
        ticks,
        onTick,
        steps: [
          { id: "water", text: steps.water },
          { id: "aside", text: steps.aside },
          { id: "pot", text: steps.pot(plan.code) },
          plan.parts.length === 0 ? { id: "take", text: steps.take(litres(plan.litres)) } : {
            id: "measure",
            text: steps.measure(litres(plan.litres)),
            more: /* @__PURE__ */ jsx(PartsList, { parts: plan.parts })
          },
          { id: "underlay", text: steps.underlay(cm(plan.underlayCm)) },
          {
            id: "lift",
            text: steps.lift(cm(plan.gapCm)),
            more: plan.settledLitres > HEAVY_L ? /* @__PURE__ */ jsx(Caution, { lines: [{ short: steps.lifting }] }) : null
          },
          { id: "sides", text: steps.sides },
          { id: "water-in", text: steps.waterIn },
          { id: "back", text: steps.back }
        ]
      }
    ),
    /* @__PURE__ */ jsx("p", { className: styles$1.note, children: goingOn.settled(litres(plan.settledLitres)) })
  ] });
}

function QuickLog({ page }) {
  const { site } = useSite();
  const { problem, errorOf, isSending, enter } = useEntry(
    `pot/${page.id}`,
    (data, entry) => {
      if (harvest === "" && sign === "") done(data.id, entry.title);
    }
  );
  const [harvest, setHarvest] = useState("");
  const [sign, setSign] = useState("");
  const grams = readQuantity(harvest, "mass", site.measures);
  const matches = matching(page.problems, sign);
  const write = async (kind, more = {}, said = potLog.kinds[kind]) => {
    const body = { kind, value: null, problemId: null, note: "", ...more };
    await enterAt("log", body, said);
  };
  const enterAt = async (what, body, said) => {
    const outcome = await enter({
      title: said,
      where: `${page.code} ${page.name}`,
      page: `/pots/${page.id}`,
      method: "POST",
      address: `/api/containers/${page.id}/${what}`,
      body
    });
    if (outcome?.kind === "answered") done(outcome.data.id, said);
    if (outcome?.kind === "waiting") {
      setHarvest("");
      setSign("");
    }
  };
  const done = (id, said) => {
    showToastOnNextPage({
      text: containers.kept(said),
      undo: {
        method: "POST",
        address: `/api/containers/log/${id}/counts`,
        body: { counts: false }
      }
    });
    window.location.reload();
  };
  const keepPhoto = async (photo) => {
    if (!photo) return;
    await enterAt("photos", { jpeg: await base64Of(photo), note: "" }, potLog.kinds.photo);
  };
  return /* @__PURE__ */ jsxs("div", { className: styles.quick, children: [
    /* @__PURE__ */ jsx(LogKeys, { onTap: (kind, value, said) => void write(kind, { value }, said) }),
    /* @__PURE__ */ jsxs("div", { className: styles.fields, children: [
      /* @__PURE__ */ jsxs("div", { children: [
        /* @__PURE__ */ jsx(
          QuantityField,
          {
            label: potLog.harvest,
            hint: potLog.harvestHint,
            dimension: "mass",
            typed: harvest,
            error: errorOf("value"),
            value: harvest,
            onChange: (event) => setHarvest(event.target.value),
            onKeyDown: (event) => {
              if (event.key !== "Enter") return;
              event.preventDefault();
              if (!grams.problem) void write("harvest", { value: grams.value });
            }
          }
        ),
        /* @__PURE__ */ jsx(
          Button,
          {
            disabled: isSending || harvest.trim() === "",
            onClick: () => {
              if (!grams.problem) void write("harvest", { value: grams.value });
            },
            children: potLog.harvestKey
          }
        )
      ] }),
      /* @__PURE__ */ jsxs("div", { children: [
        /* @__PURE__ */ jsx(
          TextField,
          {
            label: potLog.problem,
            hint: sign.trim() !== "" && matches.length === 0 ? potLog.noProblem : potLog.problemHint,
            value: sign,
            onChange: (event) => setSign(event.target.value),
            onKeyDown: (event) => event.key === "Enter" && event.preventDefault()
          }
        ),
        matches.length > 0 && /* @__PURE__ */ jsx("ul", { className: styles.matches, children: matches.map(({ id, name, signs }) => /* @__PURE__ */ jsx("li", { children: /* @__PURE__ */ jsxs(
          "button",
          {
            type: "button",
            className: styles.match,
            onClick: () => void write("problem", { problemId: id }, name),
            children: [
              name,
              /* @__PURE__ */ jsx("small", { children: signs })
            ]
          }
        ) }, id)) })
      ] })
    ] }),
    /* @__PURE__ */ jsx(PhotoField, { label: containers.photo, onPhoto: (taken) => void keepPhoto(taken) }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}

const times = (count) => count === 2 ? "twice" : `${count} times`;
const waysOut = {
  title: (kind, count) => kind === "wet" ? `It stayed wet ${times(count)}. What would help, the smallest change first:` : `It dried out too fast ${times(count)}. What would help, the smallest change first:`,
  wait: (month, days) => `Water it later: in ${month} it lasts about ${days} before it is thirsty.`,
  water: (month, days) => `Water it before that: in ${month} it lasts about ${days}. Where it does not even last so long, water runs past instead of soaking in:`,
  toTests: "a wetting test tells",
  place: (kind, name, days, now) => kind === "wet" ? `Put it at ${name}: there it is thirsty after about ${days} instead of ${now}.` : `Put it at ${name}: there it lasts about ${days} instead of ${now}.`,
  noPlace: "Another place does not help: none of this garden changes enough.",
  pot: (code) => `Pot it into ${code}`,
  potThen: (litres, then) => `, which is empty and holds ${litres}: ${then}`,
  size: (kind, lengths, litres, then) => kind === "wet" ? `Take a taller pot, ${lengths} (${litres}): ${then}` : `Take a larger pot, ${lengths} (${litres}): ${then}`,
  air: (air, now) => `the mix holds ${air} air in it instead of ${now}.`,
  lasts: (days, now) => `it lasts about ${days} instead of ${now}.`,
  noPot: {
    wet: "A taller pot does not help enough: it is the mix.",
    dry: "A larger pot does not help enough: it is the mix or the place."
  },
  mix: "What the mix can do waits in its next recipe:",
  toRecipe: "turn it over",
  why: (month) => `Worked out from its mix, its size and the usual weather of ${month}, with its plants full-grown: good to compare by, up to 1.6 times out.`,
  days: (days) => `${days} days`
};

function WaysOut({ ways, lotId }) {
  const { format } = useSite();
  const { kind, times, days, air, place, pot, size } = ways;
  const month = containers.month(ways.month);
  const told = (value) => waysOut.days(format.number(value, 1));
  const litres = (value) => format.plain(format.litres(value));
  const percent = (value) => format.plain(format.percent(value));
  const lengths = (shape) => containers.sizeOf(lengthsOf(shape).map((cm) => format.cm(cm)));
  const then = (value) => kind === "wet" ? waysOut.air(percent(value), percent(air ?? 0)) : waysOut.lasts(told(value), told(days ?? 0));
  return /* @__PURE__ */ jsx("div", { className: styles.notices, children: /* @__PURE__ */ jsxs(Notice, { tone: "act", children: [
    waysOut.title(kind, times),
    /* @__PURE__ */ jsxs("ol", { className: own.ways, children: [
      days !== null && (kind === "wet" ? /* @__PURE__ */ jsx("li", { children: waysOut.wait(month, told(days)) }) : /* @__PURE__ */ jsxs("li", { children: [
        waysOut.water(month, told(days)),
        " ",
        /* @__PURE__ */ jsx("a", { href: `/bench/samples/lot/${lotId}`, children: waysOut.toTests }),
        "."
      ] })),
      days !== null && /* @__PURE__ */ jsx("li", { children: place ? waysOut.place(kind, place.name, told(place.days), told(days)) : waysOut.noPlace }),
      /* @__PURE__ */ jsx("li", { children: pot ? /* @__PURE__ */ jsxs(Fragment, { children: [
        /* @__PURE__ */ jsx("a", { href: `/pots/${pot.id}`, children: waysOut.pot(`${pot.code} ${pot.name}`) }),
        waysOut.potThen(litres(pot.litres), then(pot.value))
      ] }) : size ? waysOut.size(kind, lengths(size.shape), litres(size.litres), then(size.value)) : waysOut.noPot[kind] }),
      /* @__PURE__ */ jsxs("li", { children: [
        waysOut.mix,
        " ",
        /* @__PURE__ */ jsx("a", { href: `/turnover/new?lot=${lotId}`, children: waysOut.toRecipe }),
        "."
      ] })
    ] }),
    days !== null && /* @__PURE__ */ jsx("p", { className: own.why, children: waysOut.why(month) })
  ] }) });
}

function PotScreen({ page, site }) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(Pot, { page }) });
}
function Pot({ page }) {
  const { format } = useSite();
  const { lot, growing, section } = page;
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: `${page.code} ${page.name}`,
        beside: `${page.place} · ${containers.holds(format.plain(format.litres(page.litres)))}`,
        lead: lot && /* @__PURE__ */ jsx(InningsStrip, { innings: lot.innings, nextOpen: growing.length === 0 }),
        actions: /* @__PURE__ */ jsx(NextAction, { page })
      }
    ),
    /* @__PURE__ */ jsx(Sentence, { page }),
    /* @__PURE__ */ jsx(InTrials, { trials: page.trials }),
    page.ways && page.lot && !page.isBlind && /* @__PURE__ */ jsx(WaysOut, { ways: page.ways, lotId: page.lot.id }),
    page.fill && /* @__PURE__ */ jsx(FillForm, { page }),
    /* @__PURE__ */ jsxs("div", { className: styles.grid, children: [
      section && page.isBlind && /* @__PURE__ */ jsx("p", { className: styles.note, children: containers.blind }),
      section && !page.isBlind && /* @__PURE__ */ jsxs("section", { "aria-labelledby": "section", children: [
        /* @__PURE__ */ jsx("h2", { id: "section", children: containers.section }),
        /* @__PURE__ */ jsx(PotSection, { pot: section, size: "stage", planted: growing.length > 0 }),
        page.fillerCm > 0 && /* @__PURE__ */ jsx("p", { className: styles.note, children: containers.onFiller(format.plain(format.cm(page.fillerCm))) }),
        lot && /* @__PURE__ */ jsxs("p", { children: [
          containers.lot,
          ": ",
          /* @__PURE__ */ jsx("a", { href: `/lots/${lot.id}`, children: lot.name })
        ] }),
        /* @__PURE__ */ jsx(Water, { page })
      ] }),
      lot && /* @__PURE__ */ jsxs("section", { "aria-labelledby": "quick", children: [
        /* @__PURE__ */ jsx("h2", { id: "quick", children: containers.quick }),
        /* @__PURE__ */ jsx(QuickLog, { page })
      ] })
    ] }),
    growing.map((planting) => /* @__PURE__ */ jsxs("section", { "aria-label": planting.cropName, className: styles.planting, children: [
      /* @__PURE__ */ jsx(Growing, { planting }),
      /* @__PURE__ */ jsxs("details", { "data-needs": "manage", children: [
        /* @__PURE__ */ jsx("summary", { children: containers.end }),
        /* @__PURE__ */ jsx(EndForm, { planting, problems: page.problems })
      ] }),
      /* @__PURE__ */ jsxs("details", { "data-needs": "manage", children: [
        /* @__PURE__ */ jsx("summary", { children: movedPlants.open }),
        /* @__PURE__ */ jsx(MovePlantsForm, { planting })
      ] })
    ] }, planting.id)),
    page.goingOn && growing.length > 0 && /* @__PURE__ */ jsxs("section", { "aria-label": goingOn.potOn, "data-needs": "manage", className: styles.planting, children: [
      /* @__PURE__ */ jsx(Fold, { title: goingOn.potOn, children: /* @__PURE__ */ jsx(PotOnForm, { id: page.id, with: page.goingOn }) }),
      /* @__PURE__ */ jsx(Fold, { title: goingOn.dress, children: /* @__PURE__ */ jsx(DressForm, { id: page.id, with: page.goingOn }) })
    ] }),
    lot && /* @__PURE__ */ jsx("section", { "aria-labelledby": "plant", "data-needs": "manage", className: styles.planting, children: growing.length > 0 ? /* @__PURE__ */ jsxs("details", { children: [
      /* @__PURE__ */ jsx("summary", { id: "plant", children: containers.plantBeside }),
      /* @__PURE__ */ jsx(PlantForm, { pots: [page.id], crops: page.crops, families: page.families })
    ] }) : /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx("h2", { id: "plant", children: containers.plant }),
      page.triage && /* @__PURE__ */ jsx(TriageNotice, { triage: page.triage }),
      /* @__PURE__ */ jsx(PlantForm, { pots: [page.id], crops: page.crops, families: page.families })
    ] }) }),
    /* @__PURE__ */ jsx(Log, { page }),
    /* @__PURE__ */ jsx(History, { page }),
    /* @__PURE__ */ jsxs("details", { className: styles.more, "data-needs": "manage", children: [
      /* @__PURE__ */ jsx("summary", { children: containers.correct }),
      /* @__PURE__ */ jsx(CorrectForm, { page })
    ] }),
    /* @__PURE__ */ jsx(More, { id: page.id }),
    /* @__PURE__ */ jsxs("p", { children: [
      /* @__PURE__ */ jsx("a", { href: `/labels?pots=${page.id}`, children: labels.ofPots(1) }),
      " ·",
      " ",
      /* @__PURE__ */ jsx("a", { href: `/trials/candidates?pot=${page.id}`, children: common.actions.whichMix })
    ] })
  ] });
}
function NextAction({ page: { lot, growing } }) {
  if (!lot)
    return /* @__PURE__ */ jsx(LinkButton, { "data-needs": "manage", href: "#fill", children: containers.fillIt });
  if (lot.openOrderId !== null) {
    return /* @__PURE__ */ jsx(LinkButton, { weight: "main", href: `/turnover/orders/${lot.openOrderId}`, children: containers.goOn });
  }
  if (growing.length > 0) return null;
  return /* @__PURE__ */ jsx(LinkButton, { "data-needs": "manage", href: `/turnover/new?lot=${lot.id}`, children: containers.turnOver });
}
function Sentence({ page: { lot, growing, triage } }) {
  const { format, site } = useSite();
  const hold = triage?.hold;
  return /* @__PURE__ */ jsxs("p", { className: styles.sentence, children: [
    !lot ? containers.bare : growing.length > 0 ? growing.map((one) => grows(one, site.today, format.day(firstOn(one)))).join(" ") : lot.readyOn !== null && lot.readyOn > site.today ? containers.rests(lot.name, format.day(lot.readyOn)) : containers.waits(lot.name),
    hold && ` ${findings.held[hold.kind](format.day(hold.until))}`
  ] });
}
function firstOn({ startedOn, movedFrom }) {
  return movedFrom?.firstOn ?? startedOn;
}
function grows(one, today, since) {
  const weeks = Math.floor((Date.parse(today) - Date.parse(firstOn(one))) / (7 * 864e5));
  return containers.grows(one.cropName, one.cultivar, since, weeks);
}
function Water({ page: { water } }) {
  const { format } = useSite();
  const [asked, setAsked] = useState(null);
  if (!water) return null;
  const kg = (value) => ({ number: format.number(value, 1), unit: "kg" });
  const ask = (key) => setAsked(key === asked ? null : key);
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsxs("dl", { className: styles.values, children: [
      /* @__PURE__ */ jsxs("div", { children: [
        /* @__PURE__ */ jsx("dt", { children: containers.lasts(containers.month(water.month)) }),
        /* @__PURE__ */ jsxs("dd", { children: [
          /* @__PURE__ */ jsx(
            WhyFigure,
            {
              name: containers.whyNames.days,
              amount: { number: format.number(water.days, 1), unit: containers.days },
              measuredOn: null,
              large: true,
              pressed: asked === "days",
              onAsk: () => ask("days")
            }
          ),
          /* @__PURE__ */ jsx("small", { children: containers.likely(format.number(water.low, 1), format.number(water.high, 1)) })
        ] })
      ] }),
      /* @__PURE__ */ jsxs("div", { children: [
        /* @__PURE__ */ jsx("dt", { children: containers.weighs }),
        /* @__PURE__ */ jsx("dd", { children: /* @__PURE__ */ jsx(
          WhyFigure,
          {
            name: containers.whyNames.weight,
            amount: kg(water.wetKg),
            measuredOn: null,
            large: true,
            pressed: asked === "weight",
            onAsk: () => ask("weight")
          }
        ) })
      ] }),
      /* @__PURE__ */ jsxs("div", { children: [
        /* @__PURE__ */ jsx("dt", { children: containers.thirsty }),
        /* @__PURE__ */ jsxs("dd", { children: [
          /* @__PURE__ */ jsx(Figure, { amount: kg(water.thirstyKg), measuredOn: null, large: true }),
          /* @__PURE__ */ jsx("small", { children: containers.withoutPot })
        ] })
      ] })
    ] }),
    asked && /* @__PURE__ */ jsx(
      WhyText,
      {
        title: containers.whyTitle(containers.whyNames[asked]),
        why: water.why[asked],
        onClose: () => setAsked(null)
      }
    )
  ] });
}
function More({ id }) {
  const [count, setCount] = useState("");
  const { problem, errorOf, isSending, deliver } = useSend();
  const add = async (event) => {
    event.preventDefault();
    if (isSending) return;
    const body = { count: numberOrTyped(count) ?? void 0 };
    const answer = await deliver(
      "POST",
      `/api/containers/${id}/more`,
      body
    );
    if (!answer) return;
    showToastOnNextPage({ text: containers.added(answer.data.ids.length) });
    window.location.assign("/pots?state=empty");
  };
  return /* @__PURE__ */ jsxs("details", { className: styles.more, "data-needs": "manage", children: [
    /* @__PURE__ */ jsx("summary", { children: containers.more }),
    /* @__PURE__ */ jsxs("form", { className: styles.form, onSubmit: (event) => void add(event), noValidate: true, children: [
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: containers.moreCount,
          inputMode: "numeric",
          value: count,
          error: errorOf("count"),
          onChange: (event) => setCount(event.target.value)
        }
      ),
      /* @__PURE__ */ jsx("div", { children: /* @__PURE__ */ jsx(Button, { type: "submit", children: containers.moreIt }) }),
      /* @__PURE__ */ jsx(ProblemNotice, { problem })
    ] })
  ] });
}

const $$Astro = createAstro();
const $$id = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$id;
  const { site, view, problem } = await pageOf(
    (db) => potPage(db, validate(potParamsSchema, Astro2.params, true).id)
  );
  if (problem) Astro2.response.status = problem.status;
  const title = view ? `${view.code} ${view.name}` : problem?.detail ?? "";
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": title, "site": site, "area": "pots" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "PotScreen", PotScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/containers/PotScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/pots" })}`}` })}`;
}, "/work/main/src/pages/pots/[id].astro", void 0);

const $$file = "/work/main/src/pages/pots/[id].astro";
const $$url = "/pots/[id]";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$id,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
