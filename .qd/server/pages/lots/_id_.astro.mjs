import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useState, useMemo, Fragment as Fragment$1 } from 'react';
import { N as Notice, f as fetchedPart, u as useSend, B as Button, P as ProblemNotice, c as common, s as showToastOnNextPage, L as LinkButton, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { F as Fold } from '../../chunks/Fold_BZXYkSX6.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { I as InningsStrip } from '../../chunks/InningsStrip_DTDkk10D.mjs';
import { P as PotSection } from '../../chunks/PotSection_DavQ_T_e.mjs';
import { u as useSite, S as SiteProvider } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { f as findings } from '../../chunks/findings_uMkHY6Dp.mjs';
import { l as labels } from '../../chunks/labels_DV25LifF.mjs';
import { m as media } from '../../chunks/media_D6z_O_p6.mjs';
import { L as LotFound } from '../../chunks/LotFound_C0ZqENjW.mjs';
import { I as InTrials } from '../../chunks/InTrials_D7FaMVAt.mjs';
import { f as findingText } from '../../chunks/findingText_DmfmtsFy.mjs';
import { t as transfers } from '../../chunks/transfers_CI7eRMJZ.mjs';
import { s as styles } from '../../chunks/_id_.e60e1f79_BRm9OTaG.mjs';
import { W as WhyText, a as WhyFigure, F as Figure } from '../../chunks/Figure_D8FCbobM.mjs';
import { C as Chart } from '../../chunks/Chart_B-kN2tC_.mjs';
import { C as CoreSample } from '../../chunks/CoreSample_BnoBsYOk.mjs';
import { b as byGrain } from '../../chunks/grains_CxAeLvcv.mjs';
import { r as rotationGroupName } from '../../chunks/rotationGroups_CikCcZDV.mjs';
import { B as Band } from '../../chunks/Band_CTppKDQi.mjs';
import { T as TextField } from '../../chunks/Field_D6p8NWuD.mjs';
import { S as StateMark } from '../../chunks/StateMark_1BSY_9Q5.mjs';
import { P as ProblemPage } from '../../chunks/ProblemPage_B3n4p_wm.mjs';
import { at as componentShares, cg as resolveYield, X as presentInnings, aw as blendPh, bX as weeklyTemperatures, dw as ecBand, dx as feedLeftOn, i as areaAt, bW as EXPOSURE_FACTORS, $ as blendMedia, U as containerCapacity, bV as mediaRange, ay as blendEc, cl as readingRange, dy as LOW_AIR_SHARE, dz as stampOfLot, dA as keepFor, c5 as DEFAULT_COMPOST_SHARE, ar as DEFAULT_LIMITS, j as readTables, o as readLotFacts, J as listMaterials, be as byName, bR as problemChoices, bS as triageView, bT as foundViews, dB as lotFaults, dC as lotCost, cm as contentsOf, dD as readLotNamesEver, bU as addDays, cd as daysBetween, bs as lotParamsSchema } from '../../chunks/database_CmGvnzKd.mjs';
import { d as dayAt, w as generationOf } from '../../chunks/passphrase_DS02Zua_.mjs';
import { r as readOpenOrder, c as readWorkOrder } from '../../chunks/readWorkOrders_B5k6F5lp.mjs';
import { a as requireObject, b as requireNumber, r as readSite } from '../../chunks/rules_BOjb8_mp.mjs';
import { t as trialsOfLot } from '../../chunks/trialLinks_BpAGmPI9.mjs';
import { l as lotFamilies } from '../../chunks/lotFamilies_DScbu6gz.mjs';
import { l as lotRow } from '../../chunks/lotRow_C1l0flwL.mjs';
import 'rotating-file-stream';
import { p as potView } from '../../chunks/potView_D56Ba-9p.mjs';
import { s as solveRecipe, t as triageStory } from '../../chunks/triageStory_CD2NP1Bo.mjs';
import { c as cropInPot, r as recipeInput, s as stockOf } from '../../chunks/stockOf_Cz_mLk4l.mjs';
import { w as whyInput } from '../../chunks/why_5zXUPwGj.mjs';
import { l as lotComponents } from '../../chunks/phOutcome_CK9jV_8z.mjs';
import { p as plantingDay } from '../../chunks/plantingDay_BdODOoHK.mjs';
import { a as nitrogenSpanWeeks, n as nitrogenBudget, w as worstMonth } from '../../chunks/nitrogenBudget_B8Lf_znj.mjs';
import { n as nitrogenRange, t as testsOf } from '../../chunks/recipeRanges_jr12jWi4.mjs';
import { c as canopyArea } from '../../chunks/growing_CG8kV1Dv.mjs';
import { w as waterGiven } from '../../chunks/waterGiven_CpS89VjH.mjs';
import { w as waterDrift } from '../../chunks/waterDrift_DK4LtxTQ.mjs';
import { i as inningsLeft } from '../../chunks/inningsLeft_BWNrGjc-.mjs';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
import { v as validate } from '../../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../../renderers.mjs';

const P_PER_N = 0.2;
const K_PER_N = 1.2;
const COMPOST_P = 1;
const COMPOST_K = 5;
const P_PER_OXIDE_PERCENT = 4.364;
const K_PER_OXIDE_PERCENT = 8.301;
const P_RELEASED_WHERE_UNKNOWN = 0.4;
const FAR_ABOVE = 4;
function pkBalance({
  components,
  volumeYield,
  amendments = [],
  crop
}) {
  requireObject("The crop", crop);
  const shares = componentShares(components);
  const yieldOfMix = resolveYield(shares, volumeYield);
  const compostGPerL = shares.filter(({ material }) => material.group === "compost").reduce(
    (sum, { material, share }) => sum + 1e3 * share * material.bulkDensity / yieldOfMix,
    0
  );
  let pGiven = COMPOST_P * compostGPerL;
  let kGiven = COMPOST_K * compostGPerL;
  for (const { amendment, gPerL } of amendments) {
    requireNumber(`The dose of ${amendment.name}`, gPerL, { min: 0 });
    const released = amendment.nReleaseSeason || P_RELEASED_WHERE_UNKNOWN;
    pGiven += gPerL * P_PER_OXIDE_PERCENT * amendment.p2o5Percent * released;
    kGiven += gPerL * K_PER_OXIDE_PERCENT * amendment.k2oPercent;
  }
  const pNeed = P_PER_N * crop.nSeasonMgPerL;
  const kNeed = K_PER_N * crop.nSeasonMgPerL;
  return {
    pGiven,
    pNeed,
    p: verdictOf(pGiven, pNeed),
    kGiven,
    kNeed,
    k: verdictOf(kGiven, kNeed)
  };
}
function verdictOf(given, need) {
  if (given < need) return "short";
  return given > FAR_ABOVE * need ? "far above" : "enough";
}

function inningsRange({
  air: { p10, p50, p90 },
  ...mix
}) {
  const seasons = (shift) => inningsLeft({ ...mix, cropAirMin: Math.min(1, Math.max(0, mix.cropAirMin - shift)) }).without;
  const { without: value, most } = inningsLeft(mix);
  return {
    value,
    p10: Math.min(value, seasons(p10 - p50)),
    p90: Math.max(value, seasons(p90 - p50)),
    most
  };
}

function lotChemistry(facts, tables, site) {
  const { lot, ph, ecSme } = facts;
  if (facts.components.length === 0 || !facts.crop || !ph) return null;
  const crop = facts.container && facts.surfaceCm ? cropInPot(facts.crop, {
    shape: facts.container.shape,
    fillHeightCm: Math.min(facts.surfaceCm, facts.container.shape.heightCm)
  }) : facts.crop;
  const present = presentInnings(lot);
  const components = lotComponents(facts.components, facts.measured);
  const blend = blendPh({ components });
  const amendments = dosesOf(facts, tables);
  const feedLeft = earlierFeed(facts, tables, site);
  const startDate = present?.plantedOn ?? plantingDay(crop, present?.readyOn ?? tables.today, site.latitudeDeg);
  const weeks = Math.ceil(nitrogenSpanWeeks(crop));
  const season = {
    components,
    crop,
    amendments: present ? amendments : [],
    feedLeft: present ? feedLeft : [],
    weeks,
    weeklyMeanTempC: weeklyTemperatures({
      monthlyMeanTempC: site.climateByMonth.map(({ tMinC, tMaxC }) => (tMinC + tMaxC) / 2),
      startDate,
      weeks
    })
  };
  const budget = nitrogenBudget(season);
  const { p10, p90 } = nitrogenRange(season);
  const coverageRange = [Math.min(p10, budget.coverage), Math.max(p90, budget.coverage)];
  const pk = pkBalance({ components, crop, amendments: present ? amendments : [] });
  const water = driftOf(facts, site, blend.buffer);
  const buffer = facts.buffer ?? { value: blend.buffer, measuredOn: null };
  return {
    view: {
      cropName: crop.name,
      growing: present !== null,
      buffer,
      freeLimeGPerL: blend.freeLimeGPerL,
      unreactedLimeGPerL: facts.unreactedLimeGPerL,
      ecBand: ecSme ? ecBand({ value: ecSme.value, method: "SME" }) : null,
      drift: water?.drift ?? null,
      nitrogen: {
        weeks: budget.weeks.map(({ week, released, immobilised, demand, uptake }) => ({
          week,
          released,
          tiedUp: immobilised,
          wanted: demand,
          taken: uptake
        })),
        coverage: budget.coverage,
        coverageRange,
        firstShortWeek: budget.firstShortWeek,
        missingMgPerL: budget.missingMgPerL
      },
      p: pk.p,
      k: pk.k,
      added: addedOf(facts, tables)
    },
    why: {
      buffer: {
        rule: facts.buffer ? "buffer.jar" : "buffer.composition",
        source: facts.buffer ? "you" : "buffer",
        ...facts.buffer?.measuredOn ? { measuredOn: facts.buffer.measuredOn } : {},
        inputs: facts.buffer ? [whyInput("estimate", blendPh({ components: facts.components }).buffer, "g/L/pH")] : []
      },
      freeLime: {
        rule: "freeLime",
        source: "buffer",
        inputs: [
          whyInput(
            "limeOfParts",
            Math.max(0, blend.freeLimeGPerL - facts.unreactedLimeGPerL),
            "g/L"
          ),
          whyInput("limeUnreacted", facts.unreactedLimeGPerL, "g/L")
        ]
      },
      ...water && {
        drift: {
          rule: "drift",
          source: "drift",
          inputs: [
            whyInput("alkalinity", site.tapWater.alkalinityMgPerL / 1e3, "g/L"),
            whyInput("waterGiven", water.litresApplied, "L"),
            whyInput("canopy", water.canopyCm2, "cm²"),
            whyInput("exposure", water.exposureFactor, "times"),
            whyInput("limeInWater", water.drift.limeEquivalentG, "g"),
            whyInput("mixInPot", water.mediaLitres, "L"),
            whyInput("buffer", blend.buffer, "g/L/pH"),
            whyInput("phHigh", crop.pHHigh, "pH")
          ]
        }
      },
      nitrogen: {
        rule: "nitrogen.season",
        source: "nitrogen",
        range: coverageRange,
        inputs: [
          whyInput("demand", budget.demandMgPerL / 1e3, "g/L"),
          whyInput("nitrogenStart", budget.initialMgPerL / 1e3, "g/L"),
          whyInput("nitrogenReleased", budget.releasedMgPerL / 1e3, "g/L"),
          whyInput("nitrogenTiedUp", budget.immobilisedMgPerL / 1e3, "g/L"),
          whyInput("nitrogenWashedOut", budget.leachedMgPerL / 1e3, "g/L"),
          whyInput("firstShortWeek", budget.firstShortWeek, "weeks")
        ]
      },
      pk: {
        rule: "pk",
        source: "nitrogen",
        inputs: [
          whyInput("pGiven", pk.pGiven / 1e3, "g/L"),
          whyInput("pNeed", pk.pNeed / 1e3, "g/L"),
          whyInput("kGiven", pk.kGiven / 1e3, "g/L"),
          whyInput("kNeed", pk.kNeed / 1e3, "g/L")
        ]
      }
    }
  };
}
function dosesOf({ lot }, { amendments, timeZone }) {
  if (lot.carried) {
    return lot.carried.doses.flatMap(({ amendmentId, gPerL }) => {
      const amendment = amendments.get(amendmentId);
      return amendment ? [{ amendment, gPerL }] : [];
    });
  }
  const started = presentInnings(lot)?.startedOn;
  if (!started || !(lot.contents.litres > 0)) return [];
  return lot.ledger.filter(({ at }) => dayAt(timeZone, at) >= started).flatMap(({ doses }) => doses).flatMap(({ amendmentId, grams }) => {
    const amendment = amendments.get(amendmentId);
    const gPerL = grams / lot.contents.litres;
    return amendment && gPerL > 0 ? [{ amendment, gPerL }] : [];
  });
}
function earlierFeed({ lot, doses }, { today }, site) {
  const started = presentInnings(lot)?.startedOn;
  return lot.carried || !started ? [] : feedLeftOn(started, doses, today, site);
}
function addedOf({ lot }, { amendments, timeZone }) {
  return lot.ledger.flatMap(
    ({ at, doses }) => doses.map(({ amendmentId, grams, mixedOn }) => ({
      on: mixedOn ?? dayAt(timeZone, at),
      name: amendments.get(amendmentId)?.name ?? amendmentId,
      grams
    }))
  ).reverse();
}
function driftOf({ container, containers, lot, crop, ph }, site, buffer) {
  if (!container || !crop || !ph) return null;
  const room = containers.reduce((sum, { litres }) => sum + litres, 0);
  const mediaLitres = container.litres * Math.min(1, lot.contents.litres / room);
  if (!(mediaLitres > 0)) return null;
  const rimCm2 = areaAt({ shape: container.shape, zCm: container.shape.heightCm });
  const { growing } = worstMonth(site).place;
  const { canopyCm2 } = canopyArea({ ...crop, potLitres: container.litres, rimCm2 });
  const litresApplied = waterGiven({
    months: growing,
    latitudeDeg: site.latitudeDeg,
    kc: crop.kc,
    canopyCm2,
    rimCm2,
    exposureFactor: EXPOSURE_FACTORS[container.exposure]
  });
  const drift = waterDrift({
    alkalinity: site.tapWater.alkalinityMgPerL,
    litresApplied,
    mediaLitres,
    buffer,
    ph: ph.value,
    phHigh: crop.pHHigh,
    months: growing.length
  });
  const exposureFactor = EXPOSURE_FACTORS[container.exposure];
  return { drift, litresApplied, mediaLitres, canopyCm2, exposureFactor };
}

const DRAWS = 200;
const USUAL_POT = {
  shape: { kind: "round", topDiameterCm: 20, baseDiameterCm: 15, heightCm: 20 },
  fillHeightCm: 17.5
};
function lotWhy(facts, season) {
  const { components, surfaceCm, container, air, ph, ecSme } = facts;
  if (components.length === 0) return { why: { litres: litresWhy(facts) }, innings: null };
  const blend = blendMedia({ components });
  const capacity = container && surfaceCm ? containerCapacity({ curve: blend.curve, shape: container.shape, fillHeightCm: surfaceCm }) : null;
  const likely = mediaRange({
    components: lotComponents(components, facts.measuredWater),
    tests: testsOf(facts.measuredWater),
    container: container && surfaceCm ? { shape: container.shape, fillHeightCm: Math.min(surfaceCm, container.shape.heightCm) } : USUAL_POT,
    draws: DRAWS
  });
  const innings = inningsOf(facts, season, likely.airFraction);
  const why = {
    litres: litresWhy(facts),
    ...innings && {
      innings: {
        rule: "innings",
        source: "ageing",
        range: [innings.p10, innings.p90],
        rangeUnit: "times",
        inputs: [
          whyInput("porosity", blend.totalPorosity, "share"),
          ...airBand(facts),
          whyInput("seasonTemp", season.meanTempC, "°C")
        ]
      }
    },
    ...air && {
      air: {
        rule: airRule(facts),
        source: air.measuredOn ? "you" : "capacity",
        ...sureness(air, likely.airFraction),
        inputs: [
          ...estimateBeside(air, capacity?.airFraction, "share"),
          whyInput("porosity", blend.totalPorosity, "share"),
          whyInput(
            "waterHeld",
            capacity ? 1 - capacity.airFraction - solids(blend) : null,
            "share"
          ),
          whyInput("fillHeight", surfaceCm, "cm"),
          ...airBand(facts)
        ]
      }
    },
    ...capacity && {
      lowAir: {
        rule: "lowAir",
        source: "capacity",
        inputs: [
          whyInput("lowAirShare", LOW_AIR_SHARE, "share"),
          whyInput("lowAirDepth", capacity.lowAirDepthCm, "cm"),
          whyInput("fillHeight", surfaceCm, "cm"),
          whyInput("rootDepth", facts.crop?.rootDepthCm, "cm")
        ]
      }
    },
    ...ph && { ph: phWhy(facts, ph, likely) },
    ...ecSme && {
      ec: {
        rule: ecSme.measuredOn ? "ec.measured" : "ec.composition",
        source: ecSme.measuredOn ? "you" : "salts",
        ...sureness(
          ecSme,
          ecSme.measuredOn ? readingRange("ec", ecSme.value) : likely.ecSme,
          "dS/m"
        ),
        inputs: [
          ...estimateBeside(ecSme, blendEc({ components }).ecSme, "dS/m"),
          whyInput("ecCeiling", facts.crop?.ecMaxSme, "dS/m")
        ]
      }
    },
    ...air && {
      weight: {
        rule: "weight",
        source: "packing",
        inputs: [
          whyInput("bulkDensity", blend.bulkDensity, "kg/L"),
          whyInput("waterHeld", Math.max(0, blend.totalPorosity - air.value), "share")
        ]
      }
    }
  };
  return { why, innings };
}
function inningsOf({ components, measuredWater, container, surfaceCm, crop }, { meanTempC, humifiedFines }, air) {
  if (!container || !surfaceCm || !crop || !humifiedFines) return null;
  return inningsRange({
    components: lotComponents(components, measuredWater),
    container: {
      shape: container.shape,
      fillHeightCm: Math.min(surfaceCm, container.shape.heightCm)
    },
    cropAirMin: crop.airMinPercent / 100,
    seasonMeanTempC: meanTempC,
    humifiedFines,
    air
  });
}
function solids(blend) {
  return 1 - blend.totalPorosity;
}
function litresWhy({ lot, containers }) {
  const sum = (sign) => lot.ledger.reduce((total, { litres }) => total + Math.max(0, sign * litres), 0);
  const room = containers.reduce((total, { litres }) => total + litres, 0);
  return {
    rule: "ledger",
    source: "ledger",
    inputs: [
      whyInput("cameIn", sum(1), "L"),
      whyInput("wentOut", sum(-1), "L"),
      whyInput("room", room > 0 ? room : null, "L")
    ]
  };
}
function phWhy(facts, ph, likely) {
  const blend = blendPh({ components: facts.components });
  const bands = [
    whyInput("phLow", facts.crop?.pHLow, "pH"),
    whyInput("phHigh", facts.crop?.pHHigh, "pH")
  ];
  if (ph.measuredOn) {
    return {
      rule: "ph.measured",
      source: "you",
      ...sureness(ph, readingRange("ph", ph.value), "pH"),
      inputs: [whyInput("estimate", blend.ph, "pH"), ...bands]
    };
  }
  const fromTurnover = Math.abs(ph.value - blend.ph) > 1e-9;
  return {
    rule: fromTurnover ? "ph.turnover" : "ph.composition",
    source: "buffer",
    // What was limed or soured since is as sure as the mix it was done to.
    range: [ph.value + likely.ph.p10 - likely.ph.p50, ph.value + likely.ph.p90 - likely.ph.p50],
    rangeUnit: "pH",
    inputs: [
      whyInput("buffer", blend.buffer, "g/L/pH"),
      whyInput("freeLime", blend.freeLimeGPerL, "g/L"),
      ...bands
    ]
  };
}
function airRule({ air, hydraulics }) {
  if (!air?.measuredOn) return "air";
  return hydraulics?.testedOn === air.measuredOn ? "air.tested" : "air.measured";
}
function airBand({ crop }) {
  return [
    whyInput("airMin", crop ? crop.airMinPercent / 100 : null, "share"),
    whyInput("airMax", crop ? crop.airMaxPercent / 100 : null, "share")
  ];
}
function sureness({ measuredOn }, { p10, p90 }, rangeUnit = "share") {
  return { range: [p10, p90], rangeUnit, ...measuredOn ? { measuredOn } : {} };
}
function estimateBeside(reading, estimate, unit) {
  return reading.measuredOn ? [whyInput("estimate", estimate, unit)] : [];
}

const kept = keepFor(500);
function workedOutOfLot(db, facts, tables, site, stock, at) {
  const { id, version } = facts.lot;
  const stamp = [
    stampOfLot(version, tables),
    generationOf("stock", "amendments", "containers"),
    // What trials found to be the most of a material is told with the stock.
    JSON.stringify(stock.materials.flatMap(({ mostFound = [] }) => mostFound))
  ].join(" ");
  const known = kept.read(db, id, stamp);
  if (known) return known;
  const made = {
    chemistry: lotChemistry(facts, tables, site),
    lotWhy: lotWhy(facts, {
      meanTempC: worstMonth(site).place.seasonMeanTempC,
      humifiedFines: tables.materials.get("humified-fines")
    }),
    remedy: remedyOf(facts, stock, site, at)
  };
  kept.write(db, id, stamp, made);
  return made;
}
function remedyOf(facts, stock, site, at) {
  const { container, crop, lot, air, containers } = facts;
  if (!container || !crop || !air || air.value >= crop.airMinPercent / 100) return null;
  const recipe = solveRecipe(
    recipeInput(
      facts,
      {
        litresNow: lot.contents.litres,
        rootMass: "fine",
        cropId: crop.id,
        containerIds: lot.containerIds,
        litresWanted: containers.reduce((sum, { litres }) => sum + litres, 0),
        compostShare: Math.min(DEFAULT_COMPOST_SHARE, DEFAULT_LIMITS.maxCompostShare),
        feed: "organic",
        everyDays: null
      },
      crop,
      container,
      stock,
      site,
      at
    )
  );
  const aggregate = recipe.parts.find(({ role }) => role === "aggregate");
  const reaches = recipe.predicted.airFraction >= crop.airMinPercent / 100;
  if (!aggregate || !reaches) return null;
  const name = stock.materials.find(({ material }) => material.id === aggregate.id)?.material.name;
  return {
    name: name ?? aggregate.id,
    litres: aggregate.litres,
    airAfter: recipe.predicted.airFraction
  };
}

async function lotPage(db, id, at) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const facts = await readLotFacts(db, tables, id);
  const open = await readOpenOrder(db, id);
  const { components, container, crop, surfaceCm } = facts;
  const blend = components.length > 0 ? blendMedia({ components }) : null;
  const {
    chemistry,
    lotWhy: { why, innings },
    remedy
  } = workedOutOfLot(db, facts, tables, site, await stockOf(db), at);
  const materials = await listMaterials(db);
  const names = new Map([
    ...[...tables.materials.values()].map(({ id: key, name }) => [key, name]),
    ...[...tables.amendments.values()].map(({ id: key, name }) => [key, name])
  ]);
  return {
    ...lotRow(facts, tables, open),
    faults: lotFaults(facts, tables),
    found: foundViews(facts.found, tables),
    triage: triageView(facts.triage, tables),
    story: triageStory(facts, tables),
    problems: problemChoices(tables),
    families: await lotFamilies(db, facts.lot, tables),
    trials: await trialsOfLot(db, facts.lot.id),
    flows: await flowsOf(db, facts.lot.ledger, site.timeZone),
    present: await presentOf(db, facts, site, tables),
    version: facts.lot.version,
    origin: facts.lot.origin,
    exposure: facts.container?.exposure ?? null,
    containers: facts.containers.map(({ id: potId, code, name }) => ({ id: potId, code, name })),
    pot: container && surfaceCm && facts.hydraulics ? potView(components, facts.hydraulics.curve, container, surfaceCm, crop) : null,
    potCount: facts.containers.length,
    water: blend && facts.air ? Math.max(0, blend.totalPorosity - facts.air.value) : null,
    totalPorosity: blend?.totalPorosity ?? null,
    bulkDensity: blend?.bulkDensity ?? null,
    ecSme: facts.ecSme,
    chemistry: chemistry?.view ?? null,
    correctors: [...tables.amendments.values()].filter(({ cce, nPercent }) => Math.abs(cce) > 0.3 && nPercent === 0).map(({ id: key, name }) => ({ id: key, name })).sort((a, b) => byName(a.name, b.name)),
    why: { ...why, ...chemistry?.why },
    inningsLeft: innings && { value: innings.value, most: innings.most },
    ledger: ledgerRows(facts.lot.ledger, names, site.timeZone),
    cost: costOf(facts.lot),
    openOrderId: open?.id ?? null,
    crop: crop && {
      name: crop.name,
      airMin: crop.airMinPercent / 100,
      airMax: crop.airMaxPercent / 100,
      pHLow: crop.pHLow,
      pHHigh: crop.pHHigh,
      ecMaxSme: crop.ecMaxSme
    },
    remedy,
    materials: materials.map(({ material }) => ({
      id: material.id,
      name: material.name,
      group: material.group
    }))
  };
}
async function presentOf(db, { lot, crop }, site, { today, amendments }) {
  const present = presentInnings(lot);
  if (!present) return null;
  const { number, readyOn, plantedOn } = present;
  const from = readyOn && readyOn > today ? readyOn : today;
  return {
    number,
    readyOn,
    plantedOn,
    cropName: crop?.name ?? null,
    usualOn: crop ? plantingDay(crop, from, site.latitudeDeg) : null,
    feedPlan: await feedPlanOf(db, present, amendments, today)
  };
}
const DAYS_A_WEEK = 7;
async function feedPlanOf(db, { workOrderId, plantedOn }, amendments, today) {
  if (workOrderId === null || plantedOn === null) return null;
  const { feedPlan } = (await readWorkOrder(db, workOrderId)).recipe;
  if (!feedPlan) return null;
  const { productId, gPerCan, litresPerFeed, feedsPerWeek, startWeek, endWeek } = feedPlan;
  const perWeek = feedsPerWeek ?? 1;
  const from = addDays(plantedOn, DAYS_A_WEEK * ((startWeek ?? 1) - 1));
  const to = addDays(plantedOn, DAYS_A_WEEK * (endWeek ?? startWeek ?? 1) - 1);
  const everyDays = DAYS_A_WEEK / perWeek;
  const passed = Math.max(0, Math.ceil(daysBetween(from, today) / everyDays));
  const next = addDays(from, Math.round(passed * everyDays));
  return {
    product: amendments.get(productId)?.name ?? productId,
    grams: gPerCan,
    litresPerFeed,
    feedsPerWeek: perWeek,
    from,
    to,
    next: next <= to ? next : null
  };
}
async function flowsOf(db, ledger, timeZone) {
  const reversed = new Set(ledger.map(({ reversesId }) => reversesId));
  const entries = ledger.filter(
    ({ id, otherLotId, reversesId }) => otherLotId !== null && reversesId === null && !reversed.has(id)
  );
  const others = await readLotNamesEver(
    db,
    entries.flatMap(({ otherLotId }) => otherLotId ?? [])
  );
  return entries.flatMap(({ id, at, litres, otherLotId }) => {
    const other = otherLotId === null ? void 0 : others.get(otherLotId);
    return other ? [{ entryId: id, on: dayAt(timeZone, at), litres, ...other }] : [];
  }).reverse();
}
function costOf({ ledger, contents, innings }) {
  const oldestFirst = [...ledger].sort((a, b) => a.id - b.id);
  const { total, perLitre, unknownLitres } = lotCost(oldestFirst);
  if (!(contents.litres > 0) || unknownLitres >= contents.litres * 0.999) return null;
  return { total, perLitre, innings: innings.length, unknownLitres };
}
function ledgerRows(ledger, names, timeZone) {
  return ledger.map((entry, index) => {
    const reversed = ledger.some(({ reversesId }) => reversesId === entry.id);
    return {
      id: entry.id,
      on: dayAt(timeZone, entry.at),
      kind: entry.kind,
      litres: entry.litres,
      what: [
        ...entry.components.map(({ materialId, litres }) => ({
          name: names.get(materialId) ?? materialId,
          amount: litres,
          unit: "L"
        })),
        ...entry.doses.map(({ amendmentId, grams }) => ({
          name: names.get(amendmentId) ?? amendmentId,
          amount: grams,
          unit: "g"
        }))
      ],
      note: entry.note,
      otherLotId: entry.otherLotId,
      workOrderId: entry.workOrderId,
      balance: contentsOf(ledger.slice(0, index + 1)).litres,
      reversed,
      canReverse: !reversed && entry.reversesId === null && entry.workOrderId === null && entry.kind !== "moved"
    };
  }).reverse();
}

const words$4 = media.page;
function FeedPlan({ page: { present } }) {
  const { format } = useSite();
  const plan = present?.feedPlan;
  if (!plan) return null;
  return /* @__PURE__ */ jsxs(Notice, { children: [
    words$4.feeds(
      words$4.howOften(plan.feedsPerWeek),
      format.plain(format.grams(plan.grams)),
      plan.product,
      format.plain(format.litres(plan.litresPerFeed))
    ),
    " ",
    plan.next ? words$4.nextFeed(format.day(plan.next), format.day(plan.to)) : words$4.feedsOver(format.day(plan.to))
  ] });
}

const { Part: EntryForm } = fetchedPart(
  () => import('../../chunks/EntryForm_C_ITdbL6.mjs').then((file) => file.EntryForm)
);
const { Part: TransferForm } = fetchedPart(
  () => import('../../chunks/TransferForm_DAy01F1W.mjs').then((file) => file.TransferForm)
);
const { Part: ReadingForm } = fetchedPart(
  () => import('../../chunks/ReadingForm_Byv3WXfs.mjs').then((file) => file.ReadingForm)
);
const { Part: LotChanges } = fetchedPart(
  () => import('../../chunks/LotChanges_WVxJzmyQ.mjs').then((file) => file.LotChanges)
);

function Ledger({ page }) {
  const words = media.page;
  const [open, setOpen] = useState(null);
  const close = () => setOpen(null);
  const { problem, deliver } = useSend();
  const reverse = async (entry) => {
    const answer = await deliver(
      "POST",
      `/api/media/lots/${page.id}/entries/${entry.id}/reverse`,
      {}
    );
    if (answer) window.location.reload();
  };
  return /* @__PURE__ */ jsxs("section", { className: styles.ledger, "aria-labelledby": "ledger", children: [
    /* @__PURE__ */ jsxs("div", { className: styles.ledgerHead, children: [
      /* @__PURE__ */ jsxs("div", { children: [
        /* @__PURE__ */ jsx("h2", { id: "ledger", children: words.ledger }),
        /* @__PURE__ */ jsx("p", { className: styles.note, children: words.ledgerNote }),
        /* @__PURE__ */ jsx(Cost, { page })
      ] }),
      open === null && /* @__PURE__ */ jsxs("div", { className: styles.ledgerKeys, "data-needs": "manage", children: [
        /* @__PURE__ */ jsx(Button, { onClick: () => setOpen("entry"), children: words.addEntry }),
        page.litres > 0 && /* @__PURE__ */ jsx(Button, { onClick: () => setOpen("transfer"), children: transfers.button })
      ] })
    ] }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem }),
    open === "entry" && /* @__PURE__ */ jsx(EntryForm, { page, onClose: close }),
    open === "transfer" && /* @__PURE__ */ jsx(TransferForm, { page, onClose: close }),
    /* @__PURE__ */ jsxs("table", { className: styles.lines, children: [
      /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("th", { children: words.on }),
        /* @__PURE__ */ jsx("th", { children: words.what }),
        /* @__PURE__ */ jsx("th", { className: styles.number, children: words.change }),
        /* @__PURE__ */ jsx("th", { className: styles.number, children: words.balance }),
        /* @__PURE__ */ jsx("th", { children: /* @__PURE__ */ jsx("span", { className: "visually-hidden", children: words.reverse }) })
      ] }) }),
      /* @__PURE__ */ jsx("tbody", { children: page.ledger.map((entry) => /* @__PURE__ */ jsx(Line, { entry, onReverse: () => reverse(entry) }, entry.id)) })
    ] })
  ] });
}
function Cost({ page: { cost, litres } }) {
  const { format } = useSite();
  const words = media.page.cost;
  if (!cost) return litres > 0 ? /* @__PURE__ */ jsx("p", { className: styles.note, children: words.none }) : null;
  const { total, perLitre, innings, unknownLitres } = cost;
  return /* @__PURE__ */ jsxs("p", { className: styles.note, children: [
    words.told(format.money(total), format.money(perLitre)),
    innings > 1 && `${words.perInnings(innings, format.money(perLitre / innings))}`,
    ".",
    unknownLitres > 0 && ` ${words.unknown(format.plain(format.litres(unknownLitres)))}`
  ] });
}
function Line({ entry, onReverse }) {
  const { format } = useSite();
  const words = media.page;
  const came = entry.kind === "split" && entry.litres > 0;
  const kind = media.ledgerKinds[came ? "merged" : entry.kind];
  const day = format.day(entry.on);
  const sign = entry.litres > 0 ? "+" : entry.litres < 0 ? "−" : "";
  const { number, unit } = format.litres(Math.abs(entry.litres));
  return /* @__PURE__ */ jsxs("tr", { children: [
    /* @__PURE__ */ jsx("td", { children: day }),
    /* @__PURE__ */ jsxs("td", { children: [
      /* @__PURE__ */ jsx("strong", { className: entry.reversed ? styles.gone : void 0, children: kind }),
      entry.reversed && ` (${words.wasReversed})`,
      entry.otherLotId !== null && /* @__PURE__ */ jsxs(Fragment, { children: [
        " · ",
        /* @__PURE__ */ jsx("a", { href: `/lots/${entry.otherLotId}`, children: words.otherLot(entry.otherLotId) })
      ] }),
      entry.workOrderId !== null && /* @__PURE__ */ jsxs(Fragment, { children: [
        " · ",
        /* @__PURE__ */ jsx("a", { href: `/turnover/orders/${entry.workOrderId}`, children: words.fromOrder(entry.workOrderId) })
      ] }),
      /* @__PURE__ */ jsxs("span", { className: styles.note, children: [
        " ",
        entry.what.map(({ name, amount, unit: kindOfUnit }) => {
          const written = kindOfUnit === "L" ? format.litres(amount) : format.grams(amount);
          return `${name} ${format.plain(written).replace("-", "−")}`;
        }).join(", "),
        entry.note && ` — ${entry.note}`
      ] })
    ] }),
    /* @__PURE__ */ jsx("td", { className: styles.number, "data-label": words.change, children: entry.litres === 0 ? common.none : `${sign}${number} ${unit}` }),
    /* @__PURE__ */ jsx("td", { className: styles.number, "data-label": words.balance, children: format.plain(format.litres(entry.balance)) }),
    /* @__PURE__ */ jsx("td", { children: entry.canReverse && /* @__PURE__ */ jsx(
      Button,
      {
        weight: "quiet",
        "data-needs": "manage",
        "aria-label": words.reverseOf(kind, day),
        onClick: onReverse,
        children: words.reverse
      }
    ) })
  ] });
}

const words$3 = media.page;
function LotAnswer({
  page,
  asking: { asked, ask },
  keys
}) {
  const why = asked && keys.includes(asked) ? page.why[asked] : void 0;
  if (!asked || !why) return null;
  return /* @__PURE__ */ jsx(WhyText, { title: words$3.whyTitle(words$3.whyNames[asked]), why, onClose: () => ask(null) });
}

const words$2 = media.chemistry;
const CHEMISTRY_KEYS = ["buffer", "freeLime", "drift", "nitrogen", "pk"];
function LotChemistrySection({ page, asking }) {
  const { chemistry } = page;
  if (!chemistry) return null;
  return /* @__PURE__ */ jsxs("section", { className: styles.chemistry, "aria-labelledby": "chemistry", children: [
    /* @__PURE__ */ jsx("h2", { id: "chemistry", children: words$2.title }),
    /* @__PURE__ */ jsx("p", { className: styles.note, children: chemistry.growing ? words$2.growing(chemistry.cropName) : words$2.again(chemistry.cropName) }),
    /* @__PURE__ */ jsxs("div", { className: styles.grid, children: [
      /* @__PURE__ */ jsxs("div", { children: [
        /* @__PURE__ */ jsx(Values, { chemistry, asking }),
        /* @__PURE__ */ jsx(LotAnswer, { page, asking, keys: CHEMISTRY_KEYS }),
        /* @__PURE__ */ jsx(Drift, { chemistry }),
        /* @__PURE__ */ jsx(Added, { chemistry }),
        /* @__PURE__ */ jsx(Fold, { className: styles.changes, title: words$2.reading.title, children: /* @__PURE__ */ jsx(ReadingForm, { page }) })
      ] }),
      /* @__PURE__ */ jsx(NitrogenChart, { chemistry })
    ] })
  ] });
}
function Values({ chemistry, asking }) {
  const { format } = useSite();
  const one = (value, unit) => ({ number: format.number(value, 1), unit });
  const { drift, nitrogen } = chemistry;
  const rows = [
    {
      key: "buffer",
      name: words$2.buffer,
      amount: one(chemistry.buffer.value, words$2.perPh),
      measuredOn: chemistry.buffer.measuredOn
    },
    {
      key: "freeLime",
      name: words$2.freeLime,
      amount: one(chemistry.freeLimeGPerL, "g/L"),
      measuredOn: null
    },
    ...drift ? [
      {
        key: "drift",
        name: words$2.drift,
        amount: {
          number: `${drift.deltaPh >= 0 ? "+" : "−"}${format.number(Math.abs(drift.deltaPh), 2)}`,
          unit: "pH"
        },
        measuredOn: null
      }
    ] : [],
    {
      key: "nitrogen",
      name: words$2.nitrogen,
      amount: format.percent(nitrogen.coverage),
      measuredOn: null
    },
    {
      key: "pk",
      name: words$2.pk,
      amount: { number: words$2.pkVerdict(chemistry.p, chemistry.k), unit: "" },
      measuredOn: null
    }
  ];
  return /* @__PURE__ */ jsx("dl", { className: styles.values, children: rows.map(({ key, name, amount, measuredOn }) => /* @__PURE__ */ jsxs("div", { className: styles.pair, children: [
    /* @__PURE__ */ jsx("dt", { children: name }),
    /* @__PURE__ */ jsx("dd", { children: /* @__PURE__ */ jsx(
      WhyFigure,
      {
        name: media.page.whyNames[key],
        amount,
        measuredOn,
        large: key !== "pk",
        pressed: asking.asked === key,
        onAsk: () => asking.ask(key)
      }
    ) })
  ] }, key)) });
}
const FAR_OFF_MONTHS = 24;
function Drift({ chemistry: { drift } }) {
  const { format } = useSite();
  if (!drift || drift.monthsToLeave === null || drift.monthsToLeave > FAR_OFF_MONTHS) return null;
  const months = drift.monthsToLeave;
  const holds = [
    // Above the band already, rain water would only hold it there.
    drift.rainShare && months > 0 ? words$2.rain(format.plain(format.percent(drift.rainShare))) : null,
    drift.sulfurGPerL ? words$2.sulfur(`${format.number(drift.sulfurGPerL, 2)} g/L`) : null
  ].filter(Boolean);
  return /* @__PURE__ */ jsxs("p", { className: styles.remark, children: [
    months === 0 ? words$2.leftAlready : words$2.leaves(format.number(months, months < 10 ? 1 : 0)),
    holds.length > 0 && ` ${words$2.holds(holds.join(words$2.or))}`
  ] });
}
function Added({ chemistry: { added } }) {
  const { format } = useSite();
  if (added.length === 0) return null;
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx("h3", { children: words$2.added }),
    /* @__PURE__ */ jsx("ul", { className: styles.added, children: added.map(({ on, name, grams }) => /* @__PURE__ */ jsxs("li", { children: [
      format.day(on),
      ": ",
      name,
      ", ",
      format.plain(format.grams(grams))
    ] }, `${on}${name}${grams}`)) })
  ] });
}
function NitrogenChart({ chemistry }) {
  const { format } = useSite();
  const spec = useMemo(() => nitrogenSpec(chemistry, format), [chemistry, format]);
  return /* @__PURE__ */ jsx(Chart, { spec });
}
function nitrogenSpec({ nitrogen, cropName }, format) {
  const { weeks, firstShortWeek, coverage } = nitrogen;
  const line = (field) => weeks.map((week) => [week.week, Number(week[field].toFixed(2))]);
  const last = weeks.length;
  return {
    title: words$2.chartTitle,
    says: firstShortWeek === null ? words$2.neverShort(cropName) : words$2.shortFrom(firstShortWeek, format.plain(format.percent(coverage))),
    x: { name: words$2.week, unit: "", min: 1, max: last },
    y: { name: words$2.nitrogenAxis, unit: "mg/L", min: 0 },
    series: [
      {
        kind: "line",
        name: words$2.wanted,
        tone: "ink",
        nameAt: "peak",
        points: line("wanted")
      },
      { kind: "line", name: words$2.released, tone: "ok", points: line("released") },
      { kind: "line", name: words$2.tiedUp, tone: "loam", dashed: true, points: line("tiedUp") }
    ],
    ...firstShortWeek === null ? {} : {
      stretches: [
        {
          axis: "x",
          from: firstShortWeek,
          to: last,
          name: words$2.short(firstShortWeek),
          tone: "short"
        }
      ]
    }
  };
}

function LotComposition({ page }) {
  const { format } = useSite();
  if (page.strata.length === 0) return /* @__PURE__ */ jsx("p", { children: media.page.empty });
  const split = page.air && page.water !== null ? { air: page.air.value, water: page.water } : null;
  return /* @__PURE__ */ jsxs("div", { className: styles.composition, children: [
    /* @__PURE__ */ jsx(CoreSample, { strata: page.strata, size: "card", split }),
    /* @__PURE__ */ jsx("ul", { className: styles.strata, children: byGrain(page.strata).map((stratum) => /* @__PURE__ */ jsxs("li", { children: [
      /* @__PURE__ */ jsx("span", { children: stratum.name }),
      /* @__PURE__ */ jsx(Figure, { amount: format.percent(stratum.share) })
    ] }, stratum.materialId)) })
  ] });
}

function LotLineage({ page: { families, flows } }) {
  const { format } = useSite();
  if (families.length === 0 && flows.length === 0) return null;
  const litres = (value) => format.plain(format.litres(Math.abs(value)));
  return /* @__PURE__ */ jsxs("div", { className: styles.lineage, children: [
    families.length > 0 && /* @__PURE__ */ jsxs("section", { "aria-labelledby": "families", children: [
      /* @__PURE__ */ jsx("h2", { id: "families", children: transfers.families }),
      /* @__PURE__ */ jsx("ul", { children: families.map(({ rotationGroup, season, share, crops }) => /* @__PURE__ */ jsxs("li", { children: [
        /* @__PURE__ */ jsxs("span", { children: [
          season,
          " · ",
          rotationGroupName(rotationGroup),
          crops.length > 0 && ` (${crops.join(", ").toLowerCase()})`
        ] }),
        /* @__PURE__ */ jsx("span", { className: styles.note, children: share > 0.995 ? transfers.whole : transfers.share(format.plain(format.percent(Math.max(0.01, share)))) })
      ] }, `${rotationGroup} ${season}`)) })
    ] }),
    flows.length > 0 && /* @__PURE__ */ jsxs("section", { "aria-labelledby": "flows", children: [
      /* @__PURE__ */ jsx("h2", { id: "flows", children: transfers.flows }),
      /* @__PURE__ */ jsx("ul", { children: flows.map(({ entryId, on, litres: moved, lotId, name, isAway }) => /* @__PURE__ */ jsxs("li", { children: [
        isAway ? /* @__PURE__ */ jsxs("span", { children: [
          name,
          " ",
          /* @__PURE__ */ jsxs("span", { className: styles.note, children: [
            "(",
            transfers.away,
            ")"
          ] })
        ] }) : /* @__PURE__ */ jsx("a", { href: `/lots/${lotId}`, children: name }),
        /* @__PURE__ */ jsx("span", { className: styles.note, children: (moved > 0 ? transfers.came : transfers.went2)(litres(moved), format.day(on)) })
      ] }, entryId)) })
    ] })
  ] });
}

const words$1 = media.page;
const VALUE_KEYS = [
  "litres",
  "air",
  "lowAir",
  "ph",
  "ec",
  "innings",
  "weight"
];
function LotValues({ page, asking }) {
  const rows = useRows(page);
  return /* @__PURE__ */ jsx("dl", { className: styles.values, children: rows.map(({ key, name, wanted, amount, band, ...measured }) => /* @__PURE__ */ jsxs("div", { className: styles.value, children: [
    /* @__PURE__ */ jsxs("dt", { children: [
      name,
      wanted && /* @__PURE__ */ jsxs("span", { className: styles.note, children: [
        " ",
        wanted
      ] })
    ] }),
    /* @__PURE__ */ jsx("dd", { children: /* @__PURE__ */ jsx(
      WhyFigure,
      {
        name: words$1.whyNames[key],
        amount,
        ...measured,
        large: true,
        pressed: asking.asked === key,
        onAsk: () => asking.ask(key)
      }
    ) }),
    /* @__PURE__ */ jsx("dd", { className: styles.bandCell, children: band && /* @__PURE__ */ jsx(Band, { ...band }) })
  ] }, key)) });
}
function useRows({ crop, air, ph, ecSme, pot, ...page }) {
  const likely = (key) => {
    const range = page.why[key]?.range;
    return range ? { p10: range[0], p90: range[1] } : null;
  };
  const { format } = useSite();
  const percent = (share) => format.plain(format.percent(share));
  const number = (value, digits = 1) => format.number(value, digits);
  const rows = [
    page.litres > 0 ? { key: "litres", name: words$1.inIt, amount: format.litres(page.litres) } : null,
    air && {
      key: "air",
      name: words$1.air,
      wanted: crop && words$1.band(number(crop.airMin * 100, 0), percent(crop.airMax), crop.name),
      amount: format.percent(air.value),
      measuredOn: air.measuredOn,
      band: crop && {
        value: air.value,
        likely: likely("air"),
        low: crop.airMin,
        high: crop.airMax,
        from: 0,
        to: 0.45
      }
    },
    pot && {
      key: "lowAir",
      name: words$1.lowAir,
      amount: format.cm(pot.lowAirDepthCm),
      measuredOn: null
    },
    ph && {
      key: "ph",
      name: words$1.ph,
      wanted: crop && words$1.band(number(crop.pHLow), number(crop.pHHigh), crop.name),
      amount: { number: number(ph.value), unit: "pH" },
      measuredOn: ph.measuredOn,
      band: crop && {
        value: ph.value,
        likely: likely("ph"),
        low: crop.pHLow,
        high: crop.pHHigh,
        from: 4,
        to: 8.5
      }
    },
    ecSme && {
      key: "ec",
      name: words$1.ec,
      wanted: crop && words$1.ecCeiling(`${number(crop.ecMaxSme)} dS/m`, crop.name, ecSme.value > crop.ecMaxSme),
      amount: { number: number(ecSme.value), unit: "dS/m" },
      measuredOn: ecSme.measuredOn,
      band: crop && {
        value: ecSme.value,
        likely: likely("ec"),
        low: null,
        high: crop.ecMaxSme,
        from: 0,
        to: 6
      }
    },
    page.inningsLeft && {
      key: "innings",
      name: words$1.inningsLeft,
      wanted: likelyInnings(page),
      amount: {
        number: page.inningsLeft.value >= page.inningsLeft.most ? words$1.orMore(page.inningsLeft.most) : page.inningsLeft.value === 0 ? words$1.noMore : number(page.inningsLeft.value, 0),
        unit: words$1.seasons(page.inningsLeft.value)
      },
      measuredOn: null
    },
    page.bulkDensity !== null && page.water !== null ? {
      key: "weight",
      name: words$1.weight,
      amount: { number: number(page.bulkDensity + page.water, 2), unit: words$1.perLitre },
      measuredOn: null
    } : null
  ];
  return rows.filter((row) => row !== null);
}
function likelyInnings({ why, inningsLeft }) {
  const range = why.innings?.range;
  if (!range || !inningsLeft || range[0] === range[1]) return null;
  const most = range[1] >= inningsLeft.most ? words$1.orMore(inningsLeft.most) : String(range[1]);
  return words$1.likelySeasons(String(range[0]), most);
}

const words = media.page;
function PlantedForm({ page }) {
  const { site, format } = useSite();
  const [on, setOn] = useState(site.today);
  const { problem, errorOf, isSending, deliver } = useSend();
  const { present } = page;
  if (!present || present.plantedOn !== null || !present.cropName) return null;
  const address = `/api/media/lots/${page.id}/planted`;
  const { cropName, readyOn, usualOn } = present;
  const save = async (event) => {
    event.preventDefault();
    if (isSending) return;
    const answer = await deliver("POST", address, { on });
    if (!answer) return;
    showToastOnNextPage({
      text: words.plantedOn(cropName, format.day(on)),
      undo: { method: "POST", address, body: { on: null } }
    });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs(
    "form",
    {
      "data-needs": "manage",
      className: styles.planted,
      onSubmit: (event) => void save(event),
      noValidate: true,
      children: [
        /* @__PURE__ */ jsxs("p", { children: [
          readyOn && readyOn > site.today && words.readyOn(format.day(readyOn)),
          " ",
          usualOn && usualOn > site.today && words.usuallyFrom(cropName, format.day(usualOn))
        ] }),
        /* @__PURE__ */ jsx(
          TextField,
          {
            label: words.plantedLabel(cropName),
            type: "date",
            value: on,
            error: errorOf("on"),
            onChange: (event) => setOn(event.target.value)
          }
        ),
        /* @__PURE__ */ jsx(Button, { type: "submit", children: words.savePlanted }),
        /* @__PURE__ */ jsx(ProblemNotice, { problem })
      ]
    }
  );
}

function LotScreen({ page, site }) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(Lot, { page }) });
}
function Lot({ page }) {
  const { format } = useSite();
  const words = media;
  const [asked, setAsked] = useState(null);
  const asking = { asked, ask: (key) => setAsked(key === asked ? null : key) };
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: page.name,
        beside: /* @__PURE__ */ jsxs(Fragment, { children: [
          words.lotNumber(page.id),
          " · ",
          page.where,
          page.containers.map(({ id, code }, index) => /* @__PURE__ */ jsxs(Fragment$1, { children: [
            index === 0 ? " · " : ", ",
            /* @__PURE__ */ jsx("a", { href: `/pots/${id}`, children: code })
          ] }, id)),
          " · ",
          format.plain(format.litres(page.litres)),
          page.roomLitres !== null && ` ${words.ofRoom(format.plain(format.litres(page.roomLitres)))}`
        ] }),
        lead: /* @__PURE__ */ jsx(
          InningsStrip,
          {
            innings: page.innings,
            nextOpen: !["growing", "act", "ready"].includes(page.state)
          }
        ),
        actions: /* @__PURE__ */ jsxs(Fragment, { children: [
          /* @__PURE__ */ jsx(LinkButton, { href: `/bench/samples/lot/${page.id}`, children: media.actions.tests }),
          /* @__PURE__ */ jsx(LinkButton, { href: `/trials/new?kind=dose&lot=${page.id}`, "data-needs": "manage", children: media.actions.trial }),
          /* @__PURE__ */ jsx(NextAction, { page })
        ] })
      }
    ),
    /* @__PURE__ */ jsxs("div", { className: styles.finding, children: [
      /* @__PURE__ */ jsxs("p", { className: styles.sentence, children: [
        /* @__PURE__ */ jsx(StateMark, { state: page.state }),
        " — ",
        findingText(page.finding, format),
        page.remedy && page.finding.kind === "air-short" ? `: ${media.remedy(
          format.measured(page.remedy.litres),
          page.remedy.name,
          format.plain(format.percent(page.remedy.airAfter))
        )}` : ".",
        page.moreFaults > 0 && ` ${words.moreFaults(page.moreFaults)}`
      ] }),
      page.faults.length > 1 && /* @__PURE__ */ jsxs("details", { className: styles.faults, children: [
        /* @__PURE__ */ jsx("summary", { children: words.allFaults }),
        /* @__PURE__ */ jsx("ol", { children: page.faults.map((fault) => /* @__PURE__ */ jsxs("li", { children: [
          findingText(fault, format),
          "."
        ] }, findingText(fault, format))) })
      ] })
    ] }),
    /* @__PURE__ */ jsxs("div", { className: styles.grid, children: [
      page.pot && /* @__PURE__ */ jsxs("section", { "aria-labelledby": "section", children: [
        /* @__PURE__ */ jsx("h2", { id: "section", children: page.potCount > 1 ? words.page.sectionOf(page.potCount) : words.page.section }),
        /* @__PURE__ */ jsx(PotSection, { pot: page.pot, size: "stage", planted: page.present?.plantedOn != null }),
        /* @__PURE__ */ jsx("p", { className: styles.note, children: words.page.below(format.plain(format.cm(page.pot.lowAirDepthCm))) })
      ] }),
      /* @__PURE__ */ jsxs("section", { "aria-labelledby": "made-of", children: [
        /* @__PURE__ */ jsx("h2", { id: "made-of", children: words.page.composition }),
        /* @__PURE__ */ jsx(LotComposition, { page }),
        /* @__PURE__ */ jsx(LotValues, { page, asking }),
        /* @__PURE__ */ jsx(LotAnswer, { page, asking, keys: VALUE_KEYS })
      ] })
    ] }),
    /* @__PURE__ */ jsx(InTrials, { trials: page.trials }),
    /* @__PURE__ */ jsx(PlantedForm, { page }),
    /* @__PURE__ */ jsx(FeedPlan, { page }),
    /* @__PURE__ */ jsxs("section", { "aria-labelledby": "found", className: styles.foundIn, children: [
      /* @__PURE__ */ jsx("h2", { id: "found", children: findings.title }),
      /* @__PURE__ */ jsx(
        LotFound,
        {
          lotId: page.id,
          lotName: page.name,
          found: page.found,
          triage: page.triage,
          story: page.story,
          problems: page.problems
        }
      )
    ] }),
    /* @__PURE__ */ jsx(LotChemistrySection, { page, asking }),
    /* @__PURE__ */ jsx(LotLineage, { page }),
    /* @__PURE__ */ jsx(Ledger, { page }),
    /* @__PURE__ */ jsxs("p", { children: [
      /* @__PURE__ */ jsx("a", { href: labelsOf(page), children: labels.ofLot }),
      " ·",
      " ",
      /* @__PURE__ */ jsx("a", { href: `/trials/candidates?of=lot:${page.id}`, children: common.actions.besideOthers })
    ] }),
    /* @__PURE__ */ jsx(Fold, { needs: "manage", className: styles.changes, title: words.page.changeIt, children: /* @__PURE__ */ jsx(LotChanges, { page }) })
  ] });
}
function labelsOf({ id, containers }) {
  const pots = containers.map((pot) => pot.id).join(",");
  return `/labels?lots=${id}${pots && `&pots=${pots}`}`;
}
function NextAction({ page }) {
  const { actions } = media;
  if (page.state === "empty") return null;
  if (page.openOrderId !== null) {
    return /* @__PURE__ */ jsx(LinkButton, { weight: "main", href: `/turnover/orders/${page.openOrderId}`, children: actions.continueOrder });
  }
  const urgent = page.state === "turn-over" || page.state === "act" || page.state === "store";
  return /* @__PURE__ */ jsx(
    LinkButton,
    {
      "data-needs": "manage",
      weight: urgent ? "main" : "plain",
      href: `/turnover/new?lot=${page.id}`,
      children: page.state === "store" ? actions.useIt : actions.turnOver
    }
  );
}

const $$Astro = createAstro();
const $$id = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$id;
  const { site, view, problem } = await pageOf(
    (db, at) => lotPage(db, validate(lotParamsSchema, Astro2.params, true).id, at)
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": view?.name ?? problem?.detail ?? "", "site": site, "area": "lots" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "LotScreen", LotScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/media/LotScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/lots" })}`}` })}`;
}, "/work/main/src/pages/lots/[id].astro", void 0);

const $$file = "/work/main/src/pages/lots/[id].astro";
const $$url = "/lots/[id]";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$id,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
