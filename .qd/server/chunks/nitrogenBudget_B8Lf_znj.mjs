import { s as growingMonths, b as requireNumber, d as requireWhole, a as requireObject } from './rules_BOjb8_mp.mjs';
import { r as referenceEvapotranspiration } from './growing_CG8kV1Dv.mjs';
import { cf as warmDays, ax as reacted, at as componentShares, cg as resolveYield, ch as q10Of } from './database_CmGvnzKd.mjs';

const MIDDLE_OF_MONTH = [15, 46, 74, 105, 135, 166, 196, 227, 258, 288, 319, 349];
function worstMonth({
  latitudeDeg,
  climateByMonth
}) {
  const months = climateByMonth.map(({ tMinC: tMinC2, tMaxC: tMaxC2 }, month2) => ({
    month: month2,
    tMinC: tMinC2,
    tMaxC: tMaxC2,
    dayOfYear: MIDDLE_OF_MONTH[month2],
    et0: referenceEvapotranspiration({
      latitudeDeg,
      dayOfYear: MIDDLE_OF_MONTH[month2],
      tMinC: tMinC2,
      tMaxC: tMaxC2
    })
  }));
  const worst = months.reduce((most, one) => one.et0 > most.et0 ? one : most);
  const growing = growingMonths(latitudeDeg).map((month2) => {
    const { tMinC: tMinC2, tMaxC: tMaxC2, rainMm } = climateByMonth[month2 - 1];
    return { dayOfYear: MIDDLE_OF_MONTH[month2 - 1], tMinC: tMinC2, tMaxC: tMaxC2, rainMm };
  });
  const { month, tMinC, tMaxC, dayOfYear } = worst;
  return {
    month,
    place: {
      latitudeDeg,
      dayOfYear,
      tMinC,
      tMaxC,
      seasonMeanTempC: growing.reduce((sum, one) => sum + (one.tMinC + one.tMaxC) / 2, 0) / growing.length,
      growing
    }
  };
}

function nitrogenSupply({
  gPerL,
  nPercent,
  nReleaseSeason,
  releaseDays50,
  weeks,
  weeklyMeanTempC = 20,
  q10 = 2
}) {
  requireNumber("The mass in g/L", gPerL, { min: 0 });
  requireNumber("The nitrogen in per cent", nPercent, { min: 0, max: 100 });
  requireNumber("The share released", nReleaseSeason, { min: 0, max: 1 });
  requireNumber("The half-time in days", releaseDays50, { min: 0 });
  requireWhole("The weeks", weeks, { min: 1, max: 104 });
  requireNumber("The Q10", q10, { min: 1, max: 5 });
  const releasable = 10 * gPerL * nPercent * nReleaseSeason;
  const cumulativeMgPerL = warmDays(weeks, weeklyMeanTempC, q10).map(
    (days) => releasable * reacted(days, releaseDays50)
  );
  return { cumulativeMgPerL, totalMgPerL: cumulativeMgPerL[weeks - 1] };
}

const COMPONENT_RELEASE_DAYS50 = 60;
const IMMOBILISING_C_TO_N = 25;
const CARBON_SHARE = 0.48;
const N_PER_CARBON = 0.04;
const LONGEST_SEASON_WEEKS = 40;
const LONG_LIVED_SPAN_WEEKS = 30;
function nitrogenSpanWeeks(crop) {
  return crop.weeksInPot <= LONGEST_SEASON_WEEKS ? crop.weeksInPot : LONG_LIVED_SPAN_WEEKS;
}
function nitrogenFlows(input) {
  const { crop, leachPerWeek = 0.05, feedMgPerL = 0, amendments = [] } = input;
  requireObject("The crop", crop);
  const weeks = requireWhole("The weeks", input.weeks ?? Math.ceil(nitrogenSpanWeeks(crop)), {
    min: 1,
    max: 104
  });
  requireNumber("The share leached per week", leachPerWeek, { min: 0, max: 1 });
  const weeklyMeanTempC = input.weeklyMeanTempC ?? 20;
  const shares = componentShares(input.components);
  const yieldOfMix = resolveYield(shares, input.volumeYield);
  const starter = shares.reduce((sum, { material, share }) => sum + share * (material.starterNMgPerL ?? 0), 0) / yieldOfMix;
  const initialMgPerL = requireNumber("The nitrogen at the start", input.initialMgPerL ?? starter, {
    min: 0
  });
  const giving = [...amendments, ...input.feedLeft ?? []];
  const bySource = releaseBySource(shares, yieldOfMix, giving, weeks, weeklyMeanTempC);
  const byWeek = (byEnd) => byEnd.map((sofar, week) => sofar - (byEnd[week - 1] ?? 0));
  const flows = {
    released: byWeek(sumOf(bySource, weeks)),
    immobilisable: byWeek(cumulativeImmobilisable(shares, yieldOfMix, weeks, weeklyMeanTempC)),
    demand: byWeek(cumulativeDemand(crop, weeks)),
    fed: Array.from(
      { length: weeks },
      (_, week) => requireNumber(
        "The feed in mg/L",
        typeof feedMgPerL === "number" ? feedMgPerL : feedMgPerL[week] ?? 0,
        { min: 0 }
      )
    )
  };
  return { flows, initialMgPerL, bySource };
}
function releaseBySource(shares, yieldOfMix, amendments, weeks, weeklyMeanTempC) {
  const sources = [
    ...shares.map(({ material, share }) => ({
      id: material.id,
      gPerL: 1e3 * share * material.bulkDensity / yieldOfMix,
      nPercent: material.nPercentDry,
      nReleaseSeason: material.nReleaseSeason,
      releaseDays50: COMPONENT_RELEASE_DAYS50,
      q10: 2
    })),
    ...amendments.map(({ amendment, gPerL }) => ({
      ...amendment,
      gPerL,
      q10: q10Of(amendment.kind)
    }))
  ];
  return sources.map(({ id, gPerL, nPercent, nReleaseSeason, releaseDays50, q10 }) => {
    const source = { gPerL, nPercent, nReleaseSeason, releaseDays50, weeks, weeklyMeanTempC, q10 };
    return { id, byEnd: nitrogenSupply(source).cumulativeMgPerL };
  });
}
function sumOf(sources, weeks) {
  const total = new Array(weeks).fill(0);
  for (const { byEnd } of sources) {
    byEnd.forEach((mg, week) => {
      total[week] = total[week] + mg;
    });
  }
  return total;
}
function cumulativeImmobilisable(shares, yieldOfMix, weeks, weeklyMeanTempC) {
  const woody = shares.filter(({ material }) => material.cToN > IMMOBILISING_C_TO_N);
  return warmDays(weeks, weeklyMeanTempC).map(
    (days) => woody.reduce((sum, { material, share }) => {
      const dryGPerL = 1e3 * share * material.bulkDensity / yieldOfMix;
      const decayed = 1 - Math.exp(-material.decayPerYear * days / 365);
      const perCarbon = Math.max(0, N_PER_CARBON - 1 / material.cToN);
      return sum + 1e3 * dryGPerL * CARBON_SHARE * decayed * perCarbon;
    }, 0)
  );
}
function cumulativeDemand(crop, weeks) {
  const logistic = (x) => 1 / (1 + Math.exp(-x));
  const span = nitrogenSpanWeeks(crop);
  const low = logistic(-4);
  const high = logistic(4);
  return Array.from({ length: weeks }, (_, week) => {
    const x = Math.min(1, (week + 1) / span);
    return crop.nSeasonMgPerL * (logistic(8 * (x - 0.5)) - low) / (high - low);
  });
}

const NEVER_FED_BELOW_MG_PER_L = 20;
const SHORT_BELOW_SHARE = 0.9;
const RELEASE_UNCERTAINTY = 0.3;
function isNeverFed(crop) {
  return crop.nSeasonMgPerL < NEVER_FED_BELOW_MG_PER_L;
}
function nitrogenBudget(input) {
  const { crop, leachPerWeek = 0.05 } = input;
  const { flows, initialMgPerL } = nitrogenFlows(input);
  return summarised(flows, initialMgPerL, leachPerWeek, isNeverFed(crop));
}
function coverageWithRelease(input) {
  const { flows, initialMgPerL, bySource } = nitrogenFlows(input);
  const { leachPerWeek = 0.05 } = input;
  return (factorOf) => {
    const total = sumOf(
      bySource.map(({ id, byEnd }) => ({ id, byEnd: byEnd.map((mg) => factorOf(id) * mg) })),
      flows.demand.length
    );
    const released = total.map((mg, week) => mg - (total[week - 1] ?? 0));
    return coverageOf(runWeeks({ ...flows, released }, initialMgPerL, leachPerWeek, 1));
  };
}
function refeed(budget, moreMgPerL) {
  const of = (field) => budget.weeks.map((week) => week[field]);
  const flows = {
    released: of("released"),
    immobilisable: of("immobilisable"),
    demand: of("demand"),
    fed: budget.weeks.map(
      ({ fed }, week) => fed + requireNumber("The feed in mg/L", moreMgPerL[week] ?? 0, { min: 0 })
    )
  };
  const neverShort = budget.firstShortWeek === null;
  return summarised(flows, budget.initialMgPerL, budget.leachPerWeek, neverShort);
}
function summarised(flows, initialMgPerL, leachPerWeek, neverShort) {
  const run = (factor) => runWeeks(flows, initialMgPerL, leachPerWeek, factor);
  const rows = run(1);
  const total = (field) => rows.reduce((sum, row) => sum + row[field], 0);
  const uptake = total("uptake");
  const demand = total("demand");
  const short = rows.find((row) => row.uptake < SHORT_BELOW_SHARE * row.demand);
  return {
    weeks: rows,
    coverage: coverageOf(rows),
    coverageRange: [
      coverageOf(run(1 - RELEASE_UNCERTAINTY)),
      coverageOf(run(1 + RELEASE_UNCERTAINTY))
    ],
    firstShortWeek: neverShort ? null : short?.week ?? null,
    initialMgPerL,
    leachPerWeek,
    releasedMgPerL: total("released"),
    immobilisedMgPerL: total("immobilised"),
    demandMgPerL: demand,
    uptakeMgPerL: uptake,
    leachedMgPerL: total("leached"),
    missingMgPerL: demand - uptake,
    leftMgPerL: rows[rows.length - 1]?.pool ?? 0
  };
}
function runWeeks(flows, initial, leachPerWeek, releaseFactor) {
  let pool = initial;
  return flows.fed.map((fed, index) => {
    const released = releaseFactor * flows.released[index];
    const immobilisable = flows.immobilisable[index];
    const demand = flows.demand[index];
    const available = pool + released + fed;
    const immobilised = Math.min(immobilisable, available);
    const uptake = Math.min(available - immobilised, demand);
    const rest = available - immobilised - uptake;
    const leached = leachPerWeek * rest;
    pool = rest - leached;
    return {
      week: index + 1,
      fed,
      released,
      immobilisable,
      immobilised,
      net: released - immobilised,
      demand,
      uptake,
      leached,
      pool
    };
  });
}
function coverageOf(rows) {
  const demand = rows.reduce((sum, row) => sum + row.demand, 0);
  return demand > 0 ? rows.reduce((sum, row) => sum + row.uptake, 0) / demand : 1;
}

export { nitrogenSpanWeeks as a, coverageWithRelease as c, isNeverFed as i, nitrogenBudget as n, refeed as r, worstMonth as w };
