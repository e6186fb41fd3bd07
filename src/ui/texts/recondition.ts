import type {
  CheckId,
  DoseRole,
  PartRole,
  StepKind,
  ToolId,
  WaitReason,
} from '../../core/recondition'
import { cautions } from './cautions'

const steps: Readonly<Record<StepKind, { title: string; how: string }>> = {
  clear: {
    title: 'Take the plants out, keep their tags',
    how: 'Note what grew where. Healthy debris to the compost; anything ill into the bin.',
  },
  'tip-out': {
    title: 'Lift off the mulch and tip the mix out on a sheet',
    how: 'Old mulch stays out: mixed in, it would take the nitrogen.',
  },
  clean: {
    title: 'Crumble it and pull out what does not crumble',
    how: 'Fine roots may stay, they keep air. Take out thick roots, lumps, stones and labels.',
  },
  rewet: {
    title: 'Wet it slowly: it had dried out so far that water ran down the side',
    how: 'Sprinkle, fold, wait, sprinkle again, until a squeezed handful holds together and feels cool.',
  },
  workable: {
    title: 'Squeeze a handful',
    how: 'It should hold its shape and crumble at a flick. Too wet: spread it 8–10 cm deep and turn it daily. Too dry: sprinkle and fold.',
  },
  spread: {
    title: 'Measure out and spread in layers',
    how: 'Old mix first, then what is added, spread evenly over it.',
  },
  powders: {
    title: 'Weigh the powders into a bucket of mix, then scatter',
    how: 'Stir them through a bucket of the old mix first, then broadcast it over the whole heap.',
  },
  fold: {
    title: 'Fold it over twice, then move the whole heap once',
    how: 'From the edge to the middle, breaking lumps. Moving it to a new place mixes the corners in.',
  },
  moisten: {
    title: 'Moisten until it crumbles at a flick',
    how: 'A little water, fold, and feel again.',
  },
  rest: { title: 'Let it rest, covered', how: 'On the sheet or in closed tubs, out of rain.' },
  retest: {
    title: 'Test pH and salts again',
    how: 'If pH is outside the band, wait two weeks more before you correct it.',
  },
  containers: {
    title: 'Wash the containers, clear the holes',
    how: 'A strong jet; disinfect after disease. Mesh or paper over the holes, feet below, no stones at the bottom: they lift the wet zone.',
  },
  fill: {
    title: 'Fill, firm lightly, water, top up to the gap at the rim',
    how: 'It settles a little with the first watering.',
  },
  leach: {
    title: 'Run water through in three slow passes',
    how: 'Let each pass drain before the next, then test the salts again.',
  },
  plant: { title: 'Label and plant', how: 'Another plant family than before where you can.' },
}

const tools: Readonly<Record<ToolId, string>> = {
  sheet: 'sheet',
  gloves: 'gloves',
  mask: 'mask',
  goggles: 'goggles',
  fork: 'fork or spade',
  bucket: 'bucket',
  scale: 'scale',
  can: 'watering can',
  meter: 'pH and EC meter',
  brush: 'brush',
  tags: 'tags',
}

const waits: Readonly<Record<WaitReason, string>> = {
  compost: 'the compost settles in',
  organic: 'the organic fertilizer stops heating and checking seeds',
  lime: 'the lime has reacted enough to be tested',
  sulfur: 'the sulfur has turned and can be tested',
  leach: 'it has drained',
}

const roles: Readonly<Record<PartRole | DoseRole, string>> = {
  lot: 'old mix, cleaned',
  compost: 'compost',
  aggregate: 'keeps air',
  'water-holding': 'holds water',
  fresh: 'fresh mix',
  lime: 'raises pH',
  sulfur: 'lowers pH',
  fertilizer: 'feeds',
}

const checks: Readonly<Record<CheckId, string>> = {
  litres: 'litres',
  air: 'air',
  ph: 'pH',
  ec: 'salts',
  nitrogen: 'nitrogen',
  weight: 'weight',
  label: 'label rates',
  stock: 'in the store',
}

export const recondition = {
  turnover: 'Turnover',
  ordinals: ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'],
  nth: (number: number) => `${number}th`,
  list: {
    lead: 'From a tired lot to its next innings: what was found, a recipe, a work order.',
    under: 'Under way',
    waiting: 'Waiting for their next innings',
    finished: 'Finished',
    progress: (done: number, steps: number) => `${done} of ${steps} steps`,
    goOn: 'Go on',
    begin: 'Turn over',
    beginLot: (name: string) => `Turn over ${name}`,
    planted: (crop: string) => `for ${crop.toLowerCase()}`,
    readyOn: (day: string) => `plant from ${day}`,
    finishedOn: (day: string) => `finished ${day}`,
    nothing: 'No lot waits. When a season ends, its lot shows up here.',
    reasons: {
      'season-over': 'season over',
      'air-short': 'needs attention while it grows',
      'in-store': 'in the store, unused',
    },
  },
  intake: {
    title: (name: string) => `Turn over ${name}`,
    lead: 'What did you find? Two minutes, then the recipe.',
    drop: 'How far has the surface sunk?',
    dropHint: 'below where it stood when filled',
    dropLitres: (litres: string, count: number) =>
      count > 1
        ? `So about ${litres} stand in the ${count} containers.`
        : `So about ${litres} stand in it.`,
    inBin: (litres: string) => `It waits in a store bin: ${litres} by the ledger.`,
    roots: 'Root mass',
    rootsOptions: {
      fine: ['Fine', 'crumbles away'],
      dense: ['Dense', 'a felt of roots'],
      bound: ['Bound', 'holds the pot’s shape'],
      woody: ['Woody', 'thick or stringy'],
    },
    side: 'Did water run down the side when you watered?',
    sideOptions: { no: 'No, it soaked in', yes: 'Yes, it ran down' },
    crop: 'What grows in it next?',
    chooseCrop: 'Choose a crop',
    choosePot: 'Choose at least one container',
    nothingLeft: 'With that level drop nothing would be left in the pot.',
    nothingWanted: 'Say more than 0, or leave it empty.',
    tooMuch: (all: string) => `These containers hold ${all}.`,
    toLot: 'Back to the lot, answers kept',
    sameFamily: (crop: string) =>
      `Same family as ${crop.toLowerCase()} before it: fine if that was healthy, better rotated.`,
    wants: (low: string, high: string, phLow: string, phHigh: string) =>
      `Wants ${low}–${high} air after draining and pH ${phLow}–${phHigh}.`,
    pots: 'In which containers?',
    noPots: 'No container is free: empty one first.',
    litres: 'How many litres of finished mix?',
    litresHint: (all: string) => `empty means: fill them, ${all}`,
    share: 'How much compost?',
    shares: [
      ['0.2', 'A fifth', 'keeps air, little salt'],
      ['0.3', 'Just under a third', 'common'],
      ['0.5', 'Half', 'rich and heavy; settles'],
      ['0', 'None', ''],
    ],
    shareHint: 'Lowered where salt, lime, nitrogen or air forbid it; the recipe says so.',
    feed: 'How do you feed?',
    feeds: [
      ['organic', 'Organic', 'meals, granules: mixed in'],
      ['coated', 'Coated', 'slow grains: mixed in'],
      ['soluble', 'Soluble', 'with the water, all season'],
    ],
    healthy:
      'This recipe takes the last crop as healthy. If roots were rotten, galled or knobbly, or a wilt went round, do not mix this lot with others and do not replant it until the cause is known.',
    go: 'Work out the recipe',
    openOrder: 'This lot has an open work order.',
    toOrder: 'Go on with it',
    throwAway: 'Throw these answers away',
  },
  recipe: {
    title: (name: string) => `Recipe for ${name}`,
    next: (innings: string, crop: string) => `its ${innings} innings, ${crop.toLowerCase()}`,
    summary: (settled: string, parts: string, loads: number) =>
      `${settled} settled, from ${parts} measured out${loads > 1 ? ` in ${loads} equal loads` : ''}`,
    time: (minutes: number, day: string) => `${minutes} minutes of work · plant from ${day}`,
    before: 'Before you start:',
    measureOut: 'Measure out',
    weighIn: 'Weigh in',
    all: 'all',
    measures: 'with your measures',
    eachLoad: (litres: string) => `each load, ${litres}`,
    onScale: 'on the scale, not by the handful',
    half: 'half now, the rest after a test',
    none: 'none',
    oldMix: 'Old mix, cleaned',
    correction: 'Lime or sulfur',
    fertilizer: 'Fertilizer',
    names: {
      'part.lot': 'this much old mix',
      'part.compost': 'this much compost',
      'part.aggregate': 'this much',
      'part.fresh': 'this much fresh mix',
      'dose.acidity': 'this dose',
      'dose.fertilizer': 'this much fertilizer',
      litres: 'these litres',
      air: 'air',
      ph: 'pH',
      ec: 'salts',
      nitrogen: 'nitrogen',
      weight: 'weight',
      cost: 'this cost',
    },
    predictions: {
      air: 'Air after draining',
      ph: 'pH after eight weeks',
      ec: 'Salts (saturated extract)',
      nitrogen: 'Nitrogen from the mix',
      weight: 'Weight when wet',
      cost: 'Cost of what is added',
    },
    band: (low: string, high: string) => `wanted ${low}–${high}`,
    atMost: (high: string) => `up to ${high}`,
    atLeast: (low: string) => `at least ${low}`,
    rounded: (value: string) => `${value} after rounding to your measures`,
    ofDemand: (mg: string) => `of ${mg} mg/L the crop takes up`,
    costNew: (money: string) => `filling with new bagged mix: ${money}`,
    pricesMissing: (names: string) => `without ${names}: no price entered`,
    now: 'now',
    after: 'after',
    noNow: 'in the store, not in a pot',
    leftover: (litres: string) =>
      `${litres} of the old mix are left over; they go into a store lot.`,
    leach: (litres: string) =>
      `Salts stay above the crop’s ceiling: run ${litres} of water through the finished mix in three slow passes, then test.`,
    failed: {
      litres: (value: string, low: string) =>
        `Only ${value} of the ${low} wanted can be made within your limits.`,
      air: (value: string, low: string) => `Air reaches ${value}, short of the ${low} wanted.`,
      airHigh: (value: string, high: string) =>
        `Air comes to ${value}, above the ${high} wanted: it will need water often.`,
      ph: (value: string, low: string, high: string) =>
        `pH comes to ${value}, outside ${low}–${high}.`,
      ec: (value: string, high: string) => `Salts come to ${value} dS/m, above ${high}.`,
      nitrogen: (value: string) =>
        `The mix meets ${value} of the nitrogen; feed with a soluble feed from the first short week on.`,
      weight: (value: string, high: string) => `It weighs ${value} kg a litre, above your ${high}.`,
      label: () => 'A dose is above its label.',
      stock: (value: string) => `${value} more than the store holds: buy before you start.`,
    },
    firstShort: (week: number) => `First short week: ${week}.`,
    helps: 'What would help',
    helpTaller: (cm: string) => `The same pot ${cm} taller would give this mix its air.`,
    helpOther: (name: string, air: string) => `${name} would bring it to ${air}.`,
    helpNoOther:
      'No material in your store does it: try coarser or lighter ones (hulls, husk or bark chips), or replace more of the old mix.',
    fillsGaps: (name: string) =>
      `${name} mostly fills gaps in this mix: under 1 point of air for each tenth.`,
    checksTitle: 'Checked',
    passed: ': passed',
    missed: ': not reached',
    whyTitle: (name: string) => `Why ${name}?`,
    checks,
    make: 'Make the work order',
    change: 'Change the answers',
    opened: 'This lot has an open work order already.',
    simplified:
      'Not worked out yet, so look for yourself: material that holds more water for a rare watering habit.',
    feedPlan: (from: number, to: number, grams: string, product: string, litres: string) =>
      `From week ${from} to week ${to}, once a week: ${grams} of ${product.toLowerCase()} in a 10 L can, ${litres} of it for this batch.`,
    feedReaches: (share: string) => `With that the crop gets ${share} of its nitrogen.`,
    feedFallsShort: (share: string) =>
      `That is the strongest feed its roots bear; with it the crop gets ${share} of its nitrogen. Feed twice a week, or mix more in.`,
    chartShare: 'share measured out',
    chartAir: 'air, %',
    chartLabel: (name: string) => `Air after draining against the share of ${name}`,
    optionsTitle: 'Other materials that keep air',
    option: (points: string) => `${points} points of air for the first tenth`,
    optionShare: (share: string, air: string) => `${share} of the mix for ${air} air`,
    optionNot: (air: string) => `reaches ${air} at most`,
  },
  roles,
  order: {
    title: (name: string) => `Work order for ${name}`,
    lead: (crop: string, litres: string, codes: string) =>
      `${litres} for ${crop.toLowerCase()} in ${codes}`,
    done: (count: number, all: number) => `${count} of ${all} steps done`,
    tick: (title: string) => `Done: ${title}`,
    minutes: (minutes: number) => `${minutes} min`,
    waitUntil: (days: number, reason: string) => `${days} days, until ${reason}`,
    planned: 'planned',
    really: 'really used',
    asPlanned: 'as planned',
    actual: (name: string) => `Really used, ${name.toLowerCase()}`,
    actualHint: 'leave empty if it was as planned',
    doneOn: (day: string) => `done ${day}`,
    leachAmount: (litres: string) => `${litres} of water in all`,
    finish: 'Finish: start the next innings',
    finishLead: (found: string) =>
      `Finishing books everything at once: what was found (${found}), what was lost in cleaning, what was added, and the new mix with its prediction.`,
    notTicked: (count: number) =>
      count === 1 ? 'One step is not ticked.' : `${count} steps are not ticked.`,
    finished: (day: string) => `Finished on ${day}: the lot is in its next innings.`,
    toLot: 'See the lot',
    toLeftover: (id: number) => `See what was left over (lot ${id})`,
    putAway: 'Put this order away',
    putAwayDone: 'This order was put away. The lot is as it was.',
    undo: 'Undo',
    stale: 'This step was changed on another page meanwhile. It now shows what was entered there.',
    saved: 'Saved',
    readyOn: (day: string) => `Plant from ${day}`,
  },
  steps,
  tools,
  waits,
  cautions,
  way: {
    label: 'The way of a turnover',
    names: ['What was found', 'Recipe', 'Work order', 'Next innings'],
  },
} as const
