import { c as cautions } from './cautions__UtmpLJz.mjs';
import { h as howOften } from './howOften_DgQU7MQk.mjs';
import { i as intake } from './intake_mQVwMwtP.mjs';

const workOrder = {
  title: (name) => `Work order for ${name}`,
  lead: (crop, litres, codes) => `${litres} for ${crop.toLowerCase()} in ${codes}`,
  done: (count, all) => `${count} of ${all} steps done`,
  tick: (title) => `Done: ${title}`,
  depth: (cm) => `${cm} deep.`,
  skim: (cm) => `The top ${cm}.`,
  heat: (temp, minutes) => `${temp} °C for ${minutes} min in the core.`,
  fromDay: (day) => `from ${day}`,
  overOn: (day) => `over on ${day}`,
  notSavedYet: "not saved yet",
  notSaved: (count) => `${count === 1 ? "One entry is" : `${count} entries are`} not saved yet: no connection. It is kept here and sent as soon as there is one.`,
  /** Of an entry in the list of what waits. */
  ticked: (title, done) => `${title}: ${done ? "done" : "not done"}`,
  used: (name, amount) => `Really used, ${name.toLowerCase()}: ${amount}`,
  early: (reason) => `early: ${reason}`,
  whyEarly: (day) => `Not before ${day}. Why now?`,
  sayWhy: "Say why it need not wait",
  tickEarly: "Tick it all the same",
  waitOn: "Wait",
  undoFinish: "Take the finish back",
  waitUntil: (days, reason) => `${days} days, until ${reason}`,
  planned: "planned",
  really: "really used",
  asPlanned: "as planned",
  actual: (name) => `Really used, ${name.toLowerCase()}`,
  actualHint: "leave empty if it was as planned",
  doneOn: (day) => `done ${day}`,
  leachAmount: (litres) => `${litres} of water in all`,
  finish: "Finish: start the next innings",
  finishLead: (found) => `Finishing books everything at once: what was found (${found}), what was lost in cleaning, what was added, and the new mix with its prediction.`,
  notTicked: (count) => count === 1 ? "One step is not ticked." : `${count} steps are not ticked.`,
  finished: (day) => `Finished on ${day}: the lot is in its next innings.`,
  toLot: "See the lot",
  toLeftover: (id) => `See what was left over (lot ${id})`,
  putAway: "Put this order away",
  putAwayDone: "This order was put away. The lot is as it was.",
  undo: "Undo",
  stale: "This step was changed on another page meanwhile. It now shows what was entered there.",
  saved: "Saved",
  readyOn: (day) => `Plant from ${day}`
};

const steps = {
  clear: {
    title: "Take the plants out, keep their tags",
    how: "Note what grew where. Healthy debris to the compost; anything ill into the bin."
  },
  skim: {
    title: "Skim the top off and keep it apart",
    how: "It may go under a deep planting, to heat or into the bin, never back on top."
  },
  "tip-out": {
    title: "Lift off the mulch and tip the mix out on a sheet",
    how: "Old mulch stays out: mixed in, it would take the nitrogen."
  },
  clean: {
    title: "Crumble it and pull out what does not crumble",
    how: "Fine roots may stay, they keep air. Take out thick roots, lumps, stones and labels."
  },
  rewet: {
    title: "Wet it slowly: it had dried out so far that water ran down the side",
    how: "Sprinkle, fold, wait, sprinkle again, until a squeezed handful holds together and feels cool."
  },
  workable: {
    title: "Squeeze a handful",
    how: "It should hold its shape and crumble at a flick. Too wet: spread it 8–10 cm deep and turn it daily. Too dry: sprinkle and fold."
  },
  aerate: {
    title: "Spread it out in the open and turn it until it smells of earth",
    how: "A layer of 8–10 cm, turned daily, out of rain. Sour mix gives off gas: work outdoors and keep your head away."
  },
  heat: {
    title: "Heat it, load by load, with the probe in the core",
    how: "Moist mix, spread no deeper than the heat reaches. Start a heat test on the bench: it counts the minutes. Never above 93 °C."
  },
  keep: {
    title: "Let it rest, closed and labelled",
    how: "Write the day and the reason on it. What is in it dies off by itself."
  },
  "seedling-test": {
    title: "Sow beans and lettuce in it, beside a trusted mix",
    how: "A seedling test of the bench, with no fewer pots of the trusted mix. Go on only when they grow alike."
  },
  "lime-apart": {
    title: "Work the caustic lime into the old mix, by itself",
    how: "Never in one operation with manure or ammonium feeds: it would drive their nitrogen off as a harsh gas. Moisten, fold, cover, and leave it for a week."
  },
  spread: {
    title: "Measure out and spread in layers",
    how: "Old mix first, then what is added, spread evenly over it."
  },
  powders: {
    title: "Weigh the powders into a bucket of mix, then scatter",
    how: "Stir them through a bucket of the old mix first, then broadcast it over the whole heap."
  },
  fold: {
    title: "Fold it over twice, then move the whole heap once",
    how: "From the edge to the middle, breaking lumps. Moving it to a new place mixes the corners in."
  },
  moisten: {
    title: "Moisten until it crumbles at a flick",
    how: "A little water, fold, and feel again."
  },
  rest: { title: "Let it rest, covered", how: "On the sheet or in closed tubs, out of rain." },
  retest: {
    title: "Test pH and salts again",
    how: "If pH is outside the band, wait two weeks more before you correct it."
  },
  containers: {
    title: "Wash the containers, clear the holes",
    how: "A strong jet; disinfect after disease. Mesh or paper over the holes, feet below, no stones at the bottom: they lift the wet zone."
  },
  fill: {
    title: "Fill, firm lightly, water, top up to the gap at the rim",
    how: "It settles a little with the first watering."
  },
  leach: {
    title: "Wash the salts out of the old mix: three slow passes of water",
    how: "Before anything is mixed in, in its pots or in tubs with holes. Let each pass drain before the next, then test the salts again."
  },
  fork: {
    title: "Fork it over in its pot",
    how: "Loosen it with a hand fork, break what is matted, pull out thick roots. Do not turn the bottom up."
  },
  "top-up": {
    title: "Top it up and fold that in",
    how: "Work it into the upper half, then level it."
  },
  "water-in": {
    title: "Water it in slowly",
    how: "Until it drips below; what sinks away is topped up with the same mix."
  },
  lift: {
    title: "Lift the plant with its root ball",
    how: "Water it the evening before. Loosen what circles round the outside, cut what is woody and girdling; keep the ball in shade and damp."
  },
  underlay: {
    title: "Put mix under the root ball",
    how: "So that the top of the ball ends 3–5 cm below the rim. No stones: they lift the wet zone."
  },
  sides: {
    title: "Fill the sides, firm lightly",
    how: "No hollows; the base of the stem stays free, as high as it stood."
  },
  dress: {
    title: "Scratch it in between the plants that stay",
    how: "Loosen the crust, spread it evenly, keep it off stems and crowns."
  },
  "sow-between": {
    title: "Sow or plug in between",
    how: "Seeds or small plugs: large root balls would tear the roots of what stays."
  },
  plant: { title: "Label and plant", how: "Another plant family than before where you can." }
};
const tools = {
  sheet: "sheet",
  gloves: "gloves",
  mask: "mask",
  goggles: "goggles",
  fork: "fork or spade",
  bucket: "bucket",
  scale: "scale",
  can: "watering can",
  meter: "pH and EC meter",
  probe: "thermometer with a probe",
  brush: "brush",
  tags: "tags"
};
const risks = {
  compost: "Compost that has not settled in sinks, and may hold nitrogen back at first.",
  organic: "Meals may heat and set ammonia free: seeds fail and young roots burn.",
  caustic: "Lime that is still caustic burns roots.",
  lime: "The lime has not worked yet: test pH on that day, not before.",
  sulfur: "The sulfur has not turned yet: test pH on that day, not before.",
  leach: "It may still be soaked.",
  dry: "Wet mix is pressed airless.",
  aerate: "Sour mix harms roots.",
  heat: "What heat sets free may harm roots.",
  rest: "What was found in it may still be alive.",
  seedlings: "It is not known yet what it does to plants."
};
const stepNotes = {
  disinfect: "Disinfect them too, after washing, by the label of what you use; never mix two of them. Rinse, let dry.",
  inoculate: "Dust the inoculant on the roots, by its label, with breathing protection. It helps little where there is much phosphorus.",
  "no-inoculant": "No inoculant here: roots of cabbages and beets take none."
};
const blocked = (codes) => `${codes} did not drain when you looked: open the holes before anything goes in.`;
const waits = {
  compost: "the compost settles in",
  organic: "the organic fertilizer stops heating and checking seeds",
  caustic: "the caustic lime has turned mild",
  lime: "the lime has reacted enough to be tested",
  sulfur: "the sulfur has turned and can be tested",
  leach: "it has drained",
  dry: "it crumbles at a flick",
  aerate: "it smells of earth again",
  heat: "it has cooled and what heat sets free has settled",
  rest: "what was found in it has died off",
  seedlings: "the seedlings have shown what it does"
};

const roles = {
  lot: "your mix",
  compost: "compost",
  aggregate: "keeps air",
  "water-holding": "holds water",
  fresh: "fresh mix",
  lime: "raises pH",
  sulfur: "lowers pH",
  fertilizer: "feeds",
  mineral: "trace minerals"
};
const checks = {
  litres: "litres",
  air: "air",
  ph: "pH",
  ec: "salts",
  nitrogen: "nitrogen",
  weight: "weight",
  label: "label rates",
  stock: "in the store",
  water: "water between waterings"
};
const recondition = {
  turnover: "Turnover",
  ordinals: ["first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth"],
  nth: (number) => `${number}th`,
  list: {
    lead: "From a tired lot to its next innings: what was found, a recipe, a work order.",
    under: "Under way",
    newestOpen: (shown, total) => `The newest ${shown} of ${total}.`,
    waiting: "Waiting for their next innings",
    finished: "Finished",
    findFinished: "Find in what was finished",
    findFinishedHint: "name of the lot",
    byLot: "Lot",
    progress: (done, steps2) => `${done} of ${steps2} steps`,
    goOn: "Go on",
    begin: "Turn over",
    beginLot: (name) => `Turn over ${name}`,
    planted: (crop) => `for ${crop.toLowerCase()}`,
    readyOn: (day) => `plant from ${day}`,
    finishedOn: (day) => `finished ${day}`,
    nothing: "No lot waits. When a season ends, its lot shows up here.",
    reasons: {
      "season-over": "season over",
      "air-short": "needs attention while it grows",
      "in-store": "in the store, unused"
    }
  },
  intake,
  loads: {
    title: (count, litres) => `${count} equal loads of ${litres} each`,
    each: "each load",
    of: (numbers) => `${numbers.length === 1 ? "load" : "loads"} ${numbers.join(", ")}`
  },
  recipe: {
    title: (name) => `Recipe for ${name}`,
    next: (innings, crop) => `its ${innings} innings, ${crop.toLowerCase()}`,
    summary: (settled, parts, loads) => `${settled} settled, from ${parts} measured out${loads > 1 ? ` in ${loads} equal loads` : ""}`,
    time: (time, day) => `${time} of work · plant from ${day}`,
    before: "Before you start:",
    measureOut: "Measure out",
    weighIn: "Weigh in",
    all: "all",
    measures: "with your measures",
    onScale: "on the scale, not by the handful",
    half: "half now, the rest after a test",
    none: "none",
    oldMix: "Old mix, cleaned",
    ownMix: "Your mix",
    correction: "Lime or sulfur",
    fertilizer: "Fertilizer",
    names: {
      "part.lot": "this much old mix",
      "part.compost": "this much compost",
      "part.aggregate": "this much",
      "part.water-holding": "this much to hold water",
      "part.fresh": "this much fresh mix",
      "dose.acidity": "this dose",
      "dose.fertilizer": "this much fertilizer",
      "dose.mineral": "these minerals",
      litres: "these litres",
      air: "air",
      ph: "pH",
      ec: "salts",
      nitrogen: "nitrogen",
      water: "these days",
      weight: "weight",
      cost: "this cost"
    },
    predictions: {
      air: "Air after draining",
      ph: "pH after eight weeks",
      ec: "Salts",
      nitrogen: "Nitrogen from the mix",
      water: "Days between waterings",
      weight: "Weight when wet",
      cost: "Cost of what is added"
    },
    yourHabit: (days) => `high summer, full-grown; you water every ${days}`,
    daysUnit: "d",
    band: (low, high) => `wanted ${low}–${high}`,
    atMost: (high) => `up to ${high}`,
    atLeast: (low) => `at least ${low}`,
    rounded: (value) => `${value} after rounding to your measures`,
    ofDemand: (mg) => `of ${mg} mg/L the crop takes up`,
    costNew: (money) => `filling with new bagged mix: ${money}`,
    pricesMissing: (names) => `without ${names}: no price entered`,
    now: "now",
    after: "after",
    noNow: "in the store, not in a pot",
    leftover: (litres) => `${litres} of the old mix are left over; they go into a store lot.`,
    tippedFor: {
      "other-pots": "It goes into other pots, so it is tipped out.",
      roots: "Roots as tough as these have to be pulled out, so it is tipped out.",
      sieve: "You sieve everything, so it is tipped out.",
      treatment: "What was found asks for heat or air, so it is tipped out.",
      "too-full": "What it needs finds no room above the old mix, so it is tipped out and some is left over."
    },
    passedOver: (day, risk) => `You plant at once; safe would be ${day}. ${risk}`,
    leach: (litres) => `The old mix is saltier than the crop bears: run ${litres} of water through it in three slow passes before anything is mixed in, then test it.`,
    failed: {
      litres: (value, low) => `Only ${value} of the ${low} wanted can be made within your limits.`,
      air: (value, low) => `Air reaches ${value}, short of the ${low} wanted.`,
      airHigh: (value, high) => `Air comes to ${value}, above the ${high} wanted: it will need water often.`,
      ph: (value, low, high) => `pH comes to ${value}, outside ${low}–${high}.`,
      ec: (value, high) => `Salts come to ${value} dS/m, above ${high}.`,
      nitrogen: (value) => `The mix and what is fed meet ${value} of the nitrogen. No soluble feed in your list brings more: mix more in, or use a larger pot.`,
      weight: (value, high) => `It weighs ${value} kg a litre, above your ${high}.`,
      label: () => "A dose is above its label.",
      water: (days, every) => `In high summer, full-grown, it lasts ${days} days; you water every ${every}. Water more often, or use a larger pot: nothing in your list holds enough more.`,
      stock: (value) => `${value} more than the store holds: buy before you start.`
    },
    firstShort: (week) => `First short week: ${week}.`,
    likely: (low, high) => `likely ${low}–${high}`,
    chance: (tenths) => `In ${tenths} of 10 such mixes the air reaches the crop’s low end.`,
    chanceMore: (points, name) => `About ${points} ${points === "1" ? "point" : "points"} more of ${name.toLowerCase()} would make it 8 of 10.`,
    worth: {
      porosity: (now, then) => `A porosity test of a trial bucket of this mix would tell: its air then lies within ${then} points instead of ${now}.`,
      ph: (now, then) => `A pH test of the mixed batch would narrow ${now} pH to ${then}.`,
      ec: (now, then) => `Whether the old mix has to be washed is not sure. A salt test of it would narrow ${now} dS/m to ${then}.`
    },
    sureTitle: "How sure this is",
    testFirst: (grams, name, width) => `Test the pH of the mixed batch before correcting it. By its parts it would take ${grams} of ${name.toLowerCase()}, but that pH may lie ${width} apart.`,
    apart: "by itself, a week before the rest",
    withFeed: (share) => `${share} with the feed plan`,
    helps: "What would help",
    helpTaller: (cm) => `The same pot ${cm} taller would give this mix its air.`,
    helpOther: (name, air) => `${name} would bring it to ${air}.`,
    helpNoOther: "No material in your store does it: try coarser or lighter ones (hulls, husk or bark chips), or replace more of the old mix.",
    helpFull: "The full way adds what keeps air: compare it with this one.",
    fillsGaps: (name) => `${name} mostly fills gaps in this mix: under 1 point of air for each tenth.`,
    checksTitle: "Checked",
    passed: ": passed",
    missed: ": not reached",
    whyTitle: (name) => `Why ${name}?`,
    lotPhMeasured: "pH of the old mix, measured",
    lotPhPredicted: "pH of the old mix, predicted at its last turnover",
    checks,
    make: "Make the work order",
    change: "Change the answers",
    otherWays: "Compare with other ways",
    wayIs: (way) => `Way: ${way.toLowerCase()}.`,
    opened: "This lot has an open work order already.",
    howOften,
    feedPlan: (from, to, often, grams, product, litres) => `From week ${from} to week ${to}, ${often}: ${grams} of ${product.toLowerCase()} in 10 L of water; pour ${litres} of that each time.`,
    feedReaches: (share) => `With that the crop gets ${share} of its nitrogen.`,
    feedFallsShort: (share) => `That is the strongest feed its roots bear; with it the crop gets ${share} of its nitrogen. Mix more in, or use a larger pot.`,
    chartShare: "share measured out",
    chartAir: "air, %",
    chartLabel: (name) => `Air after draining against the share of ${name}`,
    optionsTitle: "Other materials that keep air",
    option: (points) => `${points} points of air for the first tenth`,
    optionShare: (share, air) => `${share} of the mix for ${air} air`,
    optionNot: (air) => `reaches ${air} at most`
  },
  stop: {
    title: (name) => `Not in ${name} now`,
    beside: (crop) => `asked for: ${crop.toLowerCase()}`,
    found: "What was found",
    ways: "Ways out",
    others: "Nothing speaks against these in the same mix:",
    change: "Choose another crop",
    test: "Test it again",
    toLot: "Back to the lot",
    heat: "Heat it, with a probe in its core, then judge it again: a heat test of the bench counts the minutes.",
    rest: "Let it rest, closed and labelled, for as long as named above.",
    aerate: "Spread it out and turn it until it smells of earth, then look at it again.",
    leach: "Wash the salts out, then read them again.",
    seedlingTest: "Grow beans and lettuce in it beside a trusted mix: where they grow alike it may be used.",
    otherFamily: "Grow something of another family in it.",
    flowers: "Grow flowers in it instead of food.",
    fresh: "Take another lot or a fresh mix.",
    freshInstead: "Take another lot or a fresh mix for this crop."
  },
  roles,
  order: workOrder,
  steps,
  stepNotes,
  blocked,
  tools,
  waits,
  risks,
  cautions
};

export { recondition as r };
