import type { CheckId, DoseRole, PartRole } from '../../core/recondition'
import { cautions } from './cautions'
import { howOften } from './howOften'
import { workOrder } from './workOrder'
import { steps, tools, waits } from './workSteps'

const roles: Readonly<Record<PartRole | DoseRole, string>> = {
  lot: 'your mix',
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
  water: 'water between waterings',
}

export const recondition = {
  turnover: 'Turnover',
  ordinals: ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'],
  nth: (number: number) => `${number}th`,
  list: {
    lead: 'From a tired lot to its next innings: what was found, a recipe, a work order.',
    under: 'Under way',
    newestOpen: (shown: number, total: number) => `The newest ${shown} of ${total}.`,
    waiting: 'Waiting for their next innings',
    finished: 'Finished',
    findFinished: 'Find in what was finished',
    findFinishedHint: 'name of the lot',
    byLot: 'Lot',
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
    tooMuch: (asked: string, all: string) =>
      `You asked for ${asked}; these hold ${all}. Add a pot or make less.`,
    toLot: 'Back to the lot, answers kept',
    wants: (low: string, high: string, phLow: string, phHigh: string) =>
      `Wants ${low}–${high} air after draining and pH ${phLow}–${phHigh}.`,
    pots: 'In which containers?',
    noPots: 'No container is free: empty one first.',
    litres: 'How many litres of finished mix?',
    litresHint: (all: string) => `empty means: fill them, ${all}`,
    every: 'You water every … days in high summer',
    everyHint:
      '0.5 is twice a day. Where the pot would dry out in between, what holds more water goes in. Empty: not looked at.',
    everyUnread: 'Say a number of days, such as 2, or leave it empty.',
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
    found: 'What was found in it',
    byTest: (day: string) => `answered by the wetting test of ${day}`,
    sieved: (share: string, day: string) =>
      `The sieve test of ${day} held ${share} back: that counts, whatever the roots look like.`,
    standing: (crop: string) =>
      `A ${crop.toLowerCase()} stands in it and stays for years: it is not tipped out with the season.`,
    potOn: 'Pot it on: a mix for it',
    topUp: 'Top it up: write what you add on the lot',
    comesOut: 'Go on below only if the plant comes out of this mix for good.',
    healthy:
      'Anything not listed here the recipe takes as healthy. If roots were rotten, galled or knobbly, or a wilt went round, add it above first.',
    go: 'Work out the recipe',
    openOrder: 'This lot has an open work order.',
    toOrder: 'Go on with it',
    throwAway: 'Throw these answers away',
  },
  loads: {
    title: (count: number, litres: string) => `${count} equal loads of ${litres} each`,
    each: 'each load',
    of: (numbers: readonly number[]) =>
      `${numbers.length === 1 ? 'load' : 'loads'} ${numbers.join(', ')}`,
  },
  recipe: {
    title: (name: string) => `Recipe for ${name}`,
    next: (innings: string, crop: string) => `its ${innings} innings, ${crop.toLowerCase()}`,
    summary: (settled: string, parts: string, loads: number) =>
      `${settled} settled, from ${parts} measured out${loads > 1 ? ` in ${loads} equal loads` : ''}`,
    time: (time: string, day: string) => `${time} of work · plant from ${day}`,
    before: 'Before you start:',
    measureOut: 'Measure out',
    weighIn: 'Weigh in',
    all: 'all',
    measures: 'with your measures',
    onScale: 'on the scale, not by the handful',
    half: 'half now, the rest after a test',
    none: 'none',
    oldMix: 'Old mix, cleaned',
    ownMix: 'Your mix',
    correction: 'Lime or sulfur',
    fertilizer: 'Fertilizer',
    names: {
      'part.lot': 'this much old mix',
      'part.compost': 'this much compost',
      'part.aggregate': 'this much',
      'part.water-holding': 'this much to hold water',
      'part.fresh': 'this much fresh mix',
      'dose.acidity': 'this dose',
      'dose.fertilizer': 'this much fertilizer',
      litres: 'these litres',
      air: 'air',
      ph: 'pH',
      ec: 'salts',
      nitrogen: 'nitrogen',
      water: 'these days',
      weight: 'weight',
      cost: 'this cost',
    },
    predictions: {
      air: 'Air after draining',
      ph: 'pH after eight weeks',
      ec: 'Salts',
      nitrogen: 'Nitrogen from the mix',
      water: 'Days between waterings',
      weight: 'Weight when wet',
      cost: 'Cost of what is added',
    },
    yourHabit: (days: string) => `high summer, full-grown; you water every ${days}`,
    daysUnit: 'd',
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
      `The old mix is saltier than the crop bears: run ${litres} of water through it in three slow passes before anything is mixed in, then test it.`,
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
        `The mix and what is fed meet ${value} of the nitrogen. No soluble feed in your list brings more: mix more in, or use a larger pot.`,
      weight: (value: string, high: string) => `It weighs ${value} kg a litre, above your ${high}.`,
      label: () => 'A dose is above its label.',
      water: (days: string, every: string) =>
        `In high summer, full-grown, it lasts ${days} days; you water every ${every}. Water more often, or use a larger pot: nothing in your list holds enough more.`,
      stock: (value: string) => `${value} more than the store holds: buy before you start.`,
    },
    firstShort: (week: number) => `First short week: ${week}.`,
    likely: (low: string, high: string) => `likely ${low}–${high}`,
    chance: (tenths: string) => `In ${tenths} of 10 such mixes the air reaches the crop’s low end.`,
    chanceMore: (points: string, name: string) =>
      `About ${points} ${points === '1' ? 'point' : 'points'} more of ${name.toLowerCase()} would make it 8 of 10.`,
    worth: {
      porosity: (now: string, then: string) =>
        `A porosity test of a trial bucket of this mix would tell: its air then lies within ${then} points instead of ${now}.`,
      ph: (now: string, then: string) =>
        `A pH test of the mixed batch would narrow ${now} pH to ${then}.`,
      ec: (now: string, then: string) =>
        `Whether the old mix has to be washed is not sure. A salt test of it would narrow ${now} dS/m to ${then}.`,
    },
    sureTitle: 'How sure this is',
    testFirst: (grams: string, name: string, width: string) =>
      `Test the pH of the mixed batch before correcting it. By its parts it would take ${grams} of ${name.toLowerCase()}, but that pH may lie ${width} apart.`,
    apart: 'by itself, a week before the rest',
    withFeed: (share: string) => `${share} with the feed plan`,
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
    lotPhMeasured: 'pH of the old mix, measured',
    lotPhPredicted: 'pH of the old mix, predicted at its last turnover',
    checks,
    make: 'Make the work order',
    change: 'Change the answers',
    opened: 'This lot has an open work order already.',
    howOften,
    feedPlan: (
      from: number,
      to: number,
      often: string,
      grams: string,
      product: string,
      litres: string,
    ) =>
      `From week ${from} to week ${to}, ${often}: ${grams} of ${product.toLowerCase()} in 10 L of water; pour ${litres} of that each time.`,
    feedReaches: (share: string) => `With that the crop gets ${share} of its nitrogen.`,
    feedFallsShort: (share: string) =>
      `That is the strongest feed its roots bear; with it the crop gets ${share} of its nitrogen. Mix more in, or use a larger pot.`,
    chartShare: 'share measured out',
    chartAir: 'air, %',
    chartLabel: (name: string) => `Air after draining against the share of ${name}`,
    optionsTitle: 'Other materials that keep air',
    option: (points: string) => `${points} points of air for the first tenth`,
    optionShare: (share: string, air: string) => `${share} of the mix for ${air} air`,
    optionNot: (air: string) => `reaches ${air} at most`,
  },
  stop: {
    title: (name: string) => `Not in ${name} now`,
    beside: (crop: string) => `asked for: ${crop.toLowerCase()}`,
    found: 'What was found',
    ways: 'Ways out',
    others: 'Nothing speaks against these in the same mix:',
    change: 'Choose another crop',
    test: 'Test it again',
    toLot: 'Back to the lot',
    givenUp: {
      compost: 'What was found in it does not belong in pots again: it goes to the compost heap.',
      discard: 'What was found in it does not belong in pots again: it goes into the bin.',
    },
    family: (crop: string, family: string, season: number) =>
      `${crop} belongs to ${family}, and what was found in this lot lives on them. They stay out of it until after ${season}.`,
    food: (crop: string) =>
      `${crop} is eaten, and what was found in this lot does not belong into food.`,
    seedlings: 'Seedlings suffer from what was found in this lot.',
    heat: 'Heat it, with a probe in its core, then judge it again: a heat test of the bench counts the minutes.',
    rest: 'Let it rest, closed and labelled, for as long as named above.',
    aerate: 'Spread it out and turn it until it smells of earth, then look at it again.',
    leach: 'Wash the salts out, then read them again.',
    seedlingTest:
      'Grow beans and lettuce in it beside a trusted mix: where they grow alike it may be used.',
    otherFamily: 'Grow something of another family in it.',
    flowers: 'Grow flowers in it instead of food.',
    fresh: 'Take another lot or a fresh mix.',
    freshInstead: 'Take another lot or a fresh mix for this crop.',
  },
  roles,
  order: workOrder,
  steps,
  tools,
  waits,
  cautions,
  way: {
    label: 'The way of a turnover',
    names: ['What was found', 'Recipe', 'Work order', 'Next innings'],
  },
} as const
