import { l as leachOldMix, c as cropInPot } from './stockOf_Cz_mLk4l.mjs';
import { m as materialOf, d as feedLeftIn } from './triageStory_CD2NP1Bo.mjs';
import { l as lotComponents } from './phOutcome_CK9jV_8z.mjs';
import { c3 as rangeOf, ci as normalsFrom, cj as hashOf, ck as DrawnMix, cl as readingRange } from './database_CmGvnzKd.mjs';
import { d as requireWhole } from './rules_BOjb8_mp.mjs';
import { c as coverageWithRelease } from './nitrogenBudget_B8Lf_znj.mjs';
import { L as LOSS_RANGE } from './growing_CG8kV1Dv.mjs';

const RELEASE_SPREAD = 0.3;
function nitrogenRange({
  draws = 200,
  seed = 1,
  ...input
}) {
  requireWhole("The draws", draws, { min: 20, max: 5e3 });
  const coverage = coverageWithRelease(input);
  const factors = /* @__PURE__ */ new Map();
  const factorOf = (id, draw) => {
    let of = factors.get(id);
    if (!of) {
      const normal = normalsFrom(hashOf(`${id} nitrogen`) ^ Math.imul(seed, 2654435761));
      of = Float64Array.from({ length: draws }, () => Math.max(0, 1 + RELEASE_SPREAD * normal()));
      factors.set(id, of);
    }
    return of[draw];
  };
  const drawn = Float64Array.from(
    { length: draws },
    (_, draw) => coverage((id) => factorOf(id, draw))
  );
  return rangeOf(drawn, new Float64Array(draws).fill(1 / draws));
}

const DRAWS = 200;
const SURE_ENOUGH = 0.8;
const WORTH_NARROWING = 0.75;
function recipeComponents(recipe, input) {
  const { lot, container, crop, season } = input;
  return recipe.parts.flatMap((part) => {
    if (part.role === "lot" && lot) {
      const old = lotComponents(lot.components, lot.measured);
      const mix = recipe.leachLitres > 0 ? leachOldMix(old, crop, container, season?.waterEc).components : old;
      return mix.map((one) => ({ ...one, parts: one.parts * part.litres }));
    }
    const material = materialOf(part.id, input);
    return material ? [{ material, parts: part.litres }] : [];
  });
}
function dosesOf(recipe, { amendments }) {
  return recipe.doses.flatMap(({ id, grams, firstGrams, gPerL }) => {
    const row = amendments.find(({ amendment }) => amendment.id === id);
    return row && grams > 0 ? [{ amendment: row.amendment, gPerL: gPerL * firstGrams / grams }] : [];
  });
}
function testsOf(measured = {}) {
  const { airFraction, columnShape, fillHeightCm, totalPorosity, ksCmPerS } = measured;
  const tests = [];
  if (airFraction !== void 0 && columnShape && fillHeightCm !== void 0) {
    tests.push({ kind: "porosity", airFraction, totalPorosity, columnShape, fillHeightCm });
  }
  if (ksCmPerS !== void 0) tests.push({ kind: "drain", ksCmPerS });
  return tests;
}
function recipeRanges(recipe, input, seed = 1) {
  const { container, season, lot, stock } = input;
  const crop = cropInPot(input.crop, container);
  const components = recipeComponents(recipe, input);
  const tests = testsOf(lot?.measured);
  const testedOn = lot ? lotComponents(lot.components, lot.measured) : void 0;
  const airAtLeast = crop.airMinPercent / 100;
  const drawn = new DrawnMix({ components, container, testedOn, draws: DRAWS, seed });
  const likely = drawn.range(tests, airAtLeast);
  const { predicted } = recipe;
  const chanceOfAir = likely.chanceOfAir ?? 0;
  return {
    airFraction: likely.airFraction,
    waterFraction: likely.waterFraction,
    // What is limed or soured is as sure as the mix it is done to.
    ph: eachEnd(likely.ph, (ph) => predicted.ph + ph - likely.ph.p50),
    ecSme: eachEnd(likely.ecSme, (ec) => predicted.ecSme * (ec / likely.ecSme.p50)),
    nCoverage: nitrogenRange({
      components,
      volumeYield: predicted.volumeYield,
      amendments: dosesOf(recipe, stock),
      feedLeft: feedLeftIn(
        {
          shares: { lot: recipe.parts.find(({ role }) => role === "lot")?.share ?? 0 },
          volumeYield: predicted.volumeYield
        },
        lot?.feedLeft ?? []
      ),
      crop,
      weeks: season?.weeks,
      weeklyMeanTempC: season?.weeklyMeanTempC,
      draws: DRAWS,
      seed
    }),
    days: daysRange(recipe.daysBetweenWaterings),
    chanceOfAir,
    isSureOfAir: chanceOfAir >= SURE_ENOUGH,
    moreAggregate: chanceOfAir < SURE_ENOUGH ? moreAggregate(recipe, likely.airFraction, airAtLeast) : null,
    worthTesting: [...worthAir(), ...worthPh(), ...worthSalts()]
  };
  function worthAir() {
    if (chanceOfAir >= SURE_ENOUGH) return [];
    const then = drawn.rangeIfTested([
      {
        kind: "porosity",
        airFraction: likely.airFraction.p50,
        totalPorosity: likely.totalPorosity.p50,
        columnShape: container.shape,
        fillHeightCm: container.fillHeightCm
      }
    ]);
    return worth("porosity", likely.airFraction, then.airFraction);
  }
  function worthPh() {
    return recipe.testFirst ? worth("ph", likely.ph, readingRange("ph", likely.ph.p50)) : [];
  }
  function worthSalts() {
    if (!testedOn || lot?.measured?.ecSme !== void 0) return [];
    const { ecSme } = drawn.testedRange([]);
    if (!(ecSme.p10 < crop.ecMaxSme && ecSme.p90 > crop.ecMaxSme)) return [];
    return worth("ec", ecSme, readingRange("ec", ecSme.p50));
  }
}
function whyWithRanges(why, ranges) {
  const told = {
    water: [ranges.days, "days"],
    air: [ranges.airFraction, "share"],
    "part.aggregate": [ranges.airFraction, "share"],
    ph: [ranges.ph, "pH"],
    ec: [ranges.ecSme, "dS/m"],
    "dose.fertilizer": [ranges.nCoverage, "share"]
  };
  return Object.fromEntries(
    Object.entries(why).map(([key, one]) => {
      const [range, rangeUnit] = told[key] ?? [];
      return [key, range ? { ...one, range: [range.p10, range.p90], rangeUnit } : one];
    })
  );
}
function daysRange(days) {
  return days === null ? null : { p10: days / LOSS_RANGE, p50: days, p90: days * LOSS_RANGE };
}
function eachEnd({ p10, p50, p90 }, change) {
  return { p10: change(p10), p50: change(p50), p90: change(p90) };
}
function widthOf({ p10, p90 }) {
  return p90 - p10;
}
function worth(kind, now, then) {
  const [widthNow, widthThen] = [widthOf(now), widthOf(then)];
  return widthThen <= WORTH_NARROWING * widthNow ? [{ kind, widthNow, widthThen }] : [];
}
function moreAggregate(recipe, air, low) {
  const part = recipe.parts.find(({ role }) => role === "aggregate");
  if (!part) return null;
  const p20 = air.p10 + (air.p50 - air.p10) * 0.343;
  const wanted = recipe.predicted.airFraction + (low - p20);
  const found = recipe.airByShare.find(
    ({ share, air: reached }) => share > part.share && reached >= wanted
  );
  return found ? found.share - part.share : null;
}

export { recipeRanges as a, dosesOf as d, nitrogenRange as n, recipeComponents as r, testsOf as t, whyWithRanges as w };
