import { a as mixInPlace, g as groups } from './plantGroups_C2J7lfj0.mjs';
import { bV as mediaRange } from './database_CmGvnzKd.mjs';
import { c as common } from './Layout_CULKZlnp.mjs';
import { e as exposures } from './exposures_DHX13V50.mjs';
import { m as monthName } from './months_DA8xL2Fp.mjs';

function mixCost(components, priceOf, volumeYield) {
  let total = 0;
  let litres = 0;
  const missing = [];
  for (const { material, parts } of components) {
    const price = priceOf(material.id);
    if (price === null) missing.push(material.name);
    else total += price * parts;
    litres += parts;
  }
  const made = litres * volumeYield;
  return { total, missing, perLitre: missing.length === 0 && made > 0 ? total / made : null };
}

const DRAWS = 200;
function mixWithRange(question) {
  const { components, container } = question;
  const answer = mixInPlace(question);
  const { airFraction, usableFraction, ph, ecSme } = mediaRange({
    components,
    container,
    refillSuctionCm: answer.plants.refillSuctionCm,
    draws: DRAWS
  });
  return { ...answer, likely: { airFraction, usableFraction, ph, ecSme } };
}

function lowerFirst(name) {
  return name.charAt(0).toLocaleLowerCase() + name.slice(1);
}

const mixes = {
  wanted: (low, high) => `wanted ${low}–${high}`,
  newMix: common.actions.newMix,
  groups,
  month: monthName,
  design: {
    triangle: "All mixes of fibre, compost and aggregate in this pot",
    untitled: "A new mix",
    notSaved: "not saved yet",
    changed: (version) => `version ${version}, changed since`,
    saved: (version) => `version ${version}`,
    name: "Name of the mix",
    setting: "Pot, plant and place",
    pot: "In which pot",
    anotherPot: "another pot …",
    potHint: (litres) => `holds ${litres} when filled`,
    forWhat: "For",
    nobody: "nothing in particular",
    groupsLabel: "Plant groups",
    cropsLabel: "Crops",
    where: "Where it stands",
    exposures,
    everyDays: "You water every",
    everyDaysHint: "days; 0.5 is twice a day",
    parts: "Measured out",
    share: (name) => `Share of ${name}`,
    amount: (name) => `How much ${name}`,
    remove: (name) => `Take out ${name}`,
    add: "Add a material",
    chooseMaterial: "+ add a material …",
    putAway: "put away",
    makes: (mix, parts) => `${mix} from ${parts} measured out`,
    fines: "fines fill the gaps",
    after: (pot) => `${pot || "Your pot"}, after draining`,
    zones: (airless, thin) => `No air up to ${airless}, thin air up to ${thin} above the base.`,
    roots: (depth) => ` Roots go ${depth} deep.`,
    measureFirst: "Measure out a material and the pot fills here.",
    working: "Working it out",
    numbers: {
      air: "air",
      days: "between waterings",
      weight: "after draining",
      ph: "pH",
      ec: "salts",
      nitrogen: "nitrogen tied up",
      cost: "a litre",
      water: "water it can use"
    },
    fromTest: (day) => `Worked out from the test of ${day}: as that mix turned out, changed as here.`,
    tested: (day, air, expected) => `Tested on ${day}: ${air} air in this pot ✓; its recipe lets expect ≈ ${expected}.`,
    whyOf: {
      air: "Air after draining",
      days: "Days between waterings",
      weight: "Weight",
      ph: "pH",
      ec: "Salts",
      nitrogen: "Nitrogen tied up",
      cost: "Cost of a litre",
      water: "Water it can use",
      seasons: "Left to itself"
    },
    likely: (low, high) => `likely ${low} to ${high}`,
    daysUnit: "days",
    inMonth: (month, likely, young) => `thirstiest month (${month}), full-grown: likely ${likely}${young === null ? "" : `; young plants about ${young}`}`,
    forEver: "loses nothing",
    thirsty: (kg) => `${kg} when thirsty: lift it`,
    noPrice: (names) => `no price for ${names}`,
    most: (most) => `at most ${most}`,
    releases: (mg) => `sets ${mg} free itself`,
    inOne: "in one pot",
    roof: "Wet pots are heavy. On a balcony or roof have the load checked by someone qualified.",
    seasons: "Left to itself",
    seasonNames: ["new", "1 season", "2 seasons", "3 seasons"],
    seasonAir: "air",
    seasonDown: "surface sunk",
    fits: (what) => `Fits ${lowerFirst(what)}: air, pH and your watering.`,
    fitsNothing: "Choose what it is for, and the numbers are held against it.",
    missAir: (air, what, low, high) => `${air} air after draining; wanted for ${lowerFirst(what)}: ${low} to ${high}.`,
    changeMore: (amount, name, to) => `The smallest change: add ${amount} of ${name}. That brings it to ${to}.`,
    changeLess: (amount, name, to) => `The smallest change: take out ${amount} of ${name}. That brings it to ${to}.`,
    doIt: "Do it",
    noNeed: "It fits as it is.",
    noChange: "No change of one material gets there in this pot and leaves a mix that suits these plants.",
    tallerPot: "A taller pot is the better answer.",
    lowerPot: "A lower pot is the better answer.",
    largerPot: "A larger pot is the better answer.",
    looking: "Looking for the smallest change",
    missPh: (ph, low, high) => `pH ${ph} lies outside ${low} to ${high}.`,
    phRemedy: {
      lime: (gPerL, to) => `About ${gPerL} of ground limestone to each litre lifts it to ${to} in some eight weeks; a jar test tells the dose surer.`,
      sulfur: (gPerL, to) => `About ${gPerL} of fine sulfur to each litre brings it to ${to} in some eight weeks; a jar test tells the dose surer.`,
      "other-base": () => "Neither lime nor sulfur by their labels gets it there: begin with another base."
    },
    changeAnyway: "Smallest change all the same",
    unsure: {
      air: (air, low, high, from, to) => `${air} air after draining is outside ${low} to ${high}, but by its parts it may be ${from} to ${to}. No change is worth it before a porosity test, which makes it sure to 2 points.`,
      ph: (ph, low, high, from, to) => `pH ${ph} is outside ${low} to ${high}, but by its parts it may be ${from} to ${to}: test it before you correct it.`,
      ec: (ec, most, from, to) => `Salts of ${ec} are above ${most}, but by its parts they may be ${from} to ${to}: test them before you change the mix.`,
      days: (days, from, to) => `Full-grown it may want water every ${days} (${from} to ${to}), sooner than you come: lift the pot and see before you change the mix.`
    },
    missEc: (ec, most) => `Salts of ${ec} are above what it bears (${most}).`,
    watering: {
      "stays wet": "With your watering it stays wet: more air, a taller pot, or water less often.",
      "dries out": "With your watering it dries out: more that holds water, a larger pot, or water more often."
    },
    compare: "Compare with …",
    otherPots: "Same mix in other pots",
    layers: "With a bottom layer",
    tests: "Its tests",
    trial: "Try it in a trial",
    beside: common.actions.besideOthers,
    saveNew: "Save the mix",
    saveNext: (version) => `Save version ${version}`,
    savedToast: (name, version) => `${name}, version ${version}, is written down.`,
    putAwayToast: (name) => `${name} was put away.`,
    putAwayMix: "Put this mix away",
    startOver: "Forget the changes",
    note: "Note to yourself",
    versions: "Versions",
    dust: "Dry mix, perlite and vermiculite make dust: moisten first, mask, outdoors. Open bags away from your face; gloves, wash your hands."
  },
  adjust: {
    title: "Adjust it:",
    names: {
      daily: "I water every day",
      forget: "I forget",
      windy: "windy and hot",
      cool: "cool and shaded",
      light: "must be light",
      heavy: "must be heavy",
      small: "a smaller pot",
      shallow: "a shallow pot",
      hardWater: "hard water"
    },
    hardWater: (alkalinity, autumn, high, rain) => `A season of water with ${alkalinity} mg/L of alkalinity leads to about ${autumn} by autumn; wanted: at most ${high}.${rain ? ` At least ${rain} rain water holds it too.` : ""}`,
    inPot: {
      small: (pot, days) => `In the ${lowerFirst(pot)} it lasts ${days} in the thirstiest month: less water to draw on.`,
      shallow: (pot, air) => `In the ${lowerFirst(pot)} it holds ${air} air after draining: the wet zone takes a larger share.`
    },
    why: {
      daily: "Watered daily, roots breathe only by what stays open.",
      forget: "More water in reach bridges the days you forget; a taller or larger pot does too.",
      windy: "Wind and heat take half as much again: it has to hold longer.",
      cool: "Where little dries, air has to come from the mix.",
      light: "Less weight with the water in it, for a balcony or a shelf.",
      heavy: "More weight at the foot, so that wind does not take it."
    }
  },
  swap: {
    names: { noPeat: "no peat", onlyMine: "only what I have" }
  },
  suits: {
    none: "By air and pH it suits none of the plant groups in this pot.",
    also: (names) => `By air and pH it suits in this pot: ${names.join("; ")}.`,
    group: (id, water) => `${lowerFirst(groups[id].name)} (${water})`,
    water: {
      wet: "kept wet",
      moist: "kept moist",
      even: "watered evenly",
      "dry-between": "left to dry in between"
    },
    watering: "So opposite plants can share it: the watering makes the difference."
  },
  cheapest: {
    ask: "Cheapest mix from what you have"
  }
};

export { mixes as a, mixCost as b, lowerFirst as l, mixWithRange as m };
