import { a as wayNames } from './answers_Csq0dxXc.mjs';

const points = (by) => by === "1" ? "1 point" : `${by} points`;
const ladder = {
  title: (name) => `Ways to go on with ${name}`,
  next: (crop, litres) => `next: ${crop.toLowerCase()}, ${litres}`,
  names: wayNames,
  adds: {
    "as-is": "forked over, nothing added",
    "part-fresh": "",
    compost: "",
    full: "",
    replace: ""
  },
  nothingAdded: "nothing is added",
  table: "Five ways side by side",
  section: "Cut open, after draining",
  sectionNote: "below the dashed line under 10 % air",
  rows: {
    air: "Air after draining",
    days: "Days between waterings",
    ph: "pH after eight weeks",
    ec: "Salts, as extract",
    nitrogen: "Nitrogen from the mix",
    cost: "Cost",
    work: "Work",
    weight: "Litres made",
    innings: "Innings after this one"
  },
  costWork: "Cost · work · plant from",
  names2: {
    air: "air",
    days: "these days",
    ph: "pH",
    ec: "salts",
    nitrogen: "nitrogen",
    cost: "this cost",
    work: "this time",
    weight: "this weight",
    innings: "these innings"
  },
  wants: {
    air: (crop, low, high) => `${crop.toLowerCase()}: ${low}–${high}`,
    days: (month) => `${month}, full-grown`,
    band: (low, high) => `${low}–${high}`,
    atMost: (high) => `up to ${high} dS/m`,
    nitrogen: (mg) => `of ${mg} mg/L the crop takes up`,
    weight: (litres) => `${litres} wanted; to lift when wet`,
    innings: "with nothing done"
  },
  fed: (share, week) => `${share} with feed from week ${week}`,
  shortFrom: (week) => `short from week ${week}`,
  enough: "enough all season",
  neverFed: "this crop is never fed",
  daysUnit: "d",
  toLift: (kg) => `${kg} kg to lift`,
  fromToday: "now",
  none: "–",
  closed: "not open",
  bars: {
    "given-up": "what was found in it does not belong in pots again",
    "fresh-only": "this crop does not grow in used mix",
    family: "the crop’s family has to stay out of it",
    food: "what was found in it does not belong into food",
    seedlings: "what was found in it harms seedlings",
    peat: "it would add peat, which you rule out",
    mineral: "it needs mineral feed, which you rule out",
    "no-fresh-mix": "your store’s list has no bagged mix for it"
  },
  notes: {
    litres: "less than you want",
    "no-compost": "no compost in your list",
    unpriced: "prices missing",
    "to-buy": "buy before you start"
  },
  best: {
    fits: (order) => `fits what you put first (${order}): `,
    onlyFit: "the only way with enough air, the right pH and salts",
    reasons: {
      "only-one": "it is the only way that is open",
      yield: "it lets the crop have most of its air and feed",
      cost: "it gives what it gives for the least money",
      effort: "it gives what it gives for the least work",
      first: "nothing tells it from the others, and it is the least work"
    },
    short: (litres, wanted) => `it makes only ${litres} of the ${wanted} you want`,
    lessThanNew: (money) => `${money} less than new`,
    none: "No way is open with what you rule out and what was found. Change one of them.",
    afterThat: ", then ",
    alike: " and "
  },
  priorities: {
    title: "What matters to you",
    change: "Change what matters",
    weights: {
      yield: ["Growth", "air and feed as the crop wants them"],
      cost: ["Money", "what is added and fed"],
      effort: ["Work", "minutes until it is planted"]
    },
    inSentence: {
      yield: "growth",
      cost: "money",
      effort: "work"
    },
    nothing: "nothing",
    steps: ["not at all", "a little", "much", "first of all"],
    ruledOut: "Ruled out",
    peatFree: "No peat is added",
    peatFreeNote: "what is in the mix already does not count",
    noMineralFeed: "No mineral feed",
    noMineralFeedNote: "meals, composts and fish feed only",
    kept: "kept for all lots"
  },
  write: (name) => `Write the recipe for ${name}`,
  writeFor: "Write the recipe for",
  anew: "Empty it, then fill it anew",
  standard: (mix, crop) => `A new mix is reckoned as ${mix}: your standard for ${crop}, found in`,
  anewNote: "The old mix goes to the store, the heap or the bin on the lot’s page; the empty pots are then filled on theirs.",
  spare: {
    mulch: (cm, squareMetres) => `Where the store does not want it: spread ${cm} deep it mulches ${squareMetres} m² of a bed.`,
    bed: (litres) => `Where the store does not want it: dig it into a bed with ${litres} of the bed’s own soil, a third to two thirds. Never by itself into a hole in heavy ground: it would fill with water.`
  },
  usual: "your usual way",
  two: {
    open: "Compare two",
    title: "Two ways against each other",
    first: "This way",
    second: "Against",
    caption: (second, first) => `${second} instead of ${first.toLowerCase()}`,
    rows: {
      air: "Air after draining",
      days: "Days between waterings",
      ph: "pH after eight weeks",
      ec: "Salts",
      nitrogen: "Nitrogen, fed as planned",
      cost: "Cost",
      work: "Work",
      planting: "Plant from",
      litres: "Litres made",
      kilos: "To lift when wet",
      innings: "Innings after this one"
    },
    same: "the same",
    unknown: "not known for both",
    more: {
      air: (by) => `${points(by)} more`,
      days: (by) => `${by} more`,
      ph: (by) => `${by} higher`,
      ec: (by) => `${by} saltier`,
      nitrogen: (by) => `${points(by)} more`,
      cost: (by) => `${by} dearer`,
      work: (by) => `${by} longer`,
      planting: (by) => `${by} days later`,
      litres: (by) => `${by} more`,
      kilos: (by) => `${by} more`,
      innings: (by) => `${by} more`
    },
    less: {
      air: (by) => `${points(by)} less`,
      days: (by) => `${by} fewer`,
      ph: (by) => `${by} lower`,
      ec: (by) => `${by} less salty`,
      nitrogen: (by) => `${points(by)} less`,
      cost: (by) => `${by} cheaper`,
      work: (by) => `${by} shorter`,
      planting: (by) => `${by} days sooner`,
      litres: (by) => `${by} less`,
      kilos: (by) => `${by} less`,
      innings: (by) => `${by} fewer`
    },
    fromTo: (from, to) => `${from} → ${to}`
  },
  toIntake: "Change the answers",
  choose: (name) => `Choose ${name}`,
  chosen: "chosen",
  marked: "fits best",
  whyTitle: (what, way) => `Why ${what}, ${way.toLowerCase()}?`
};

export { ladder as l };
