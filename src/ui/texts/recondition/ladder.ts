import type { BestReason, Gate, RungBar, RungId, RungNote } from '../../../core/recondition'
import type { RungRow } from '../../../messages/recondition/ladder'
import { wayNames } from './wayNames'

type Weight = 'yield' | 'cost' | 'effort'
type Apart =
  | 'air'
  | 'days'
  | 'ph'
  | 'ec'
  | 'nitrogen'
  | 'cost'
  | 'work'
  | 'planting'
  | 'litres'
  | 'kilos'
  | 'innings'

const points = (by: string) => (by === '1' ? '1 point' : `${by} points`)

/** Words of the ways to go on with a lot. */
export const ladder = {
  title: (name: string) => `Ways to go on with ${name}`,
  next: (crop: string, litres: string) => `next: ${crop.toLowerCase()}, ${litres}`,
  names: wayNames,
  adds: {
    'as-is': 'forked over, nothing added',
    'part-fresh': '',
    compost: '',
    full: '',
    replace: '',
  } satisfies Record<RungId, string>,
  nothingAdded: 'nothing is added',
  table: 'Five ways side by side',
  section: 'Cut open, after draining',
  sectionNote: 'below the dashed line under 10 % air',
  rows: {
    air: 'Air after draining',
    days: 'Days between waterings',
    ph: 'pH after eight weeks',
    ec: 'Salts, as extract',
    nitrogen: 'Nitrogen from the mix',
    cost: 'Cost',
    work: 'Work',
    weight: 'Litres made',
    innings: 'Innings after this one',
  } satisfies Record<RungRow, string>,
  costWork: 'Cost · work · plant from',
  names2: {
    air: 'air',
    days: 'these days',
    ph: 'pH',
    ec: 'salts',
    nitrogen: 'nitrogen',
    cost: 'this cost',
    work: 'this time',
    weight: 'this weight',
    innings: 'these innings',
  } satisfies Record<RungRow, string>,
  wants: {
    air: (crop: string, low: string, high: string) => `${crop.toLowerCase()}: ${low}–${high}`,
    days: (month: string) => `${month}, full-grown`,
    band: (low: string, high: string) => `${low}–${high}`,
    atMost: (high: string) => `up to ${high}`,
    nitrogen: (mg: string) => `of ${mg} mg/L the crop takes up`,
    weight: (litres: string) => `${litres} wanted; to lift when wet`,
    innings: 'with nothing done',
  },
  atLeast: 'at least',
  noPriceOf: (names: string) => `no price known of ${names}`,
  fed: (share: string, week: number) => `${share} with feed from week ${week}`,
  shortFrom: (week: number) => `short from week ${week}`,
  enough: 'enough all season',
  neverFed: 'this crop is never fed',
  daysUnit: 'd',
  toLift: (kg: string) => `${kg} kg to lift`,
  fromToday: 'now',
  none: '–',
  closed: 'not open',
  bars: {
    'given-up': 'what was found in it does not belong in pots again',
    'fresh-only': 'this crop does not grow in used mix',
    family: 'the crop’s family has to stay out of it',
    food: 'what was found in it does not belong into food',
    seedlings: 'what was found in it harms seedlings',
    peat: 'it would add peat, which you rule out',
    mineral: 'it needs mineral feed, which you rule out',
    'no-fresh-mix': 'your store’s list has no bagged mix for it',
  } satisfies Record<RungBar, string>,
  notes: {
    litres: 'less than you want',
    'no-compost': 'no compost in your list',
    'compost-lime-hater': 'no compost: it brings lime, which this crop does not bear',
    'compost-ph': 'no compost: the mix would be too alkaline',
    'compost-salt': 'no compost: the mix would be too salty',
    'compost-rich': 'no compost: the mix holds more nitrogen than the crop takes up',
    'compost-found': 'no compost: a trial of this garden found none of it safe',
    'acid-mix': 'acid mix goes in too: the old mix is too alkaline',
    unpriced: 'prices missing',
    'to-buy': 'buy before you start',
  } satisfies Record<RungNote, string>,
  best: {
    fits: (order: string) => `fits what you put first (${order}): `,
    onlyFit: 'the only way with enough litres and air, the right pH and salts',
    reasons: {
      'only-one': 'it is the only way that is open',
      yield: 'it lets the crop have most of its air and feed',
      cost: 'it gives what it gives for the least money',
      effort: 'it gives what it gives for the least work, the feeding of the season counted',
      first: 'nothing tells it from the others, and it is the least work',
      'least-short': 'no way reaches all that the crop wants, and it falls short least',
    } satisfies Record<BestReason, string>,
    short: (litres: string, wanted: string) => `it makes only ${litres} of the ${wanted} you want`,
    fails: {
      litres: 'too few litres',
      air: 'too little air',
      ph: 'a pH outside the crop’s band',
      ec: 'too much salt',
    } satisfies Record<Gate, string>,
    failing: (what: string) => `it has ${what}: put that right first`,
    withoutPrices: (names: string) =>
      `money does not count here, because no price is known of ${names}`,
    lackedByAll: (names: string) =>
      `all compared without the price of ${names}, which is not known`,
    lessThanNew: (money: string) => `${money} less than new`,
    none: 'No way is open with what you rule out and what was found. Change one of them.',
    afterThat: ', then ',
    alike: ' and ',
  },
  priorities: {
    title: 'What matters to you',
    change: 'Change what matters',
    weights: {
      yield: ['Growth', 'air and feed as the crop wants them'],
      cost: ['Money', 'what is added and fed'],
      effort: ['Work', 'minutes until it is planted'],
    } satisfies Record<Weight, readonly [string, string]>,
    inSentence: {
      yield: 'growth',
      cost: 'money',
      effort: 'work',
    } satisfies Record<Weight, string>,
    nothing: 'nothing',
    steps: ['not at all', 'a little', 'much', 'first of all'],
    ruledOut: 'Ruled out',
    peatFree: 'No peat is added',
    peatFreeNote: 'what is in the mix already does not count',
    noMineralFeed: 'No mineral feed',
    noMineralFeedNote: 'meals, composts and fish feed only',
    kept: 'kept for all lots',
  },
  write: (name: string) => `Write the recipe for ${name}`,
  writeFor: 'Write the recipe for',
  anew: 'Empty it, then fill it anew',
  standard: (mix: string, crop: string) =>
    `A new mix is reckoned as ${mix}: your standard for ${crop}, found in`,
  anewNote:
    'The old mix goes to the store, the heap or the bin on the lot’s page; the empty pots are then filled on theirs.',
  spare: {
    little: 'Where the store does not want the little that is left: scatter it over a bed.',
    mulch: (cm: string, squareMetres: string) =>
      `Where the store does not want it: spread ${cm} deep it mulches ${squareMetres} m² of a bed.`,
    bed: (litres: string) =>
      `Where the store does not want it: dig it into a bed with ${litres} of the bed’s own soil, a third to two thirds. Never by itself into a hole in heavy ground: it would fill with water.`,
  },
  usual: 'your usual way',
  two: {
    open: 'Compare two',
    title: 'Two ways against each other',
    first: 'This way',
    second: 'Against',
    caption: (second: string, first: string) => `${second} instead of ${first.toLowerCase()}`,
    rows: {
      air: 'Air after draining',
      days: 'Days between waterings',
      ph: 'pH after eight weeks',
      ec: 'Salts',
      nitrogen: 'Nitrogen, fed as planned',
      cost: 'Cost',
      work: 'Work',
      planting: 'Plant from',
      litres: 'Litres made',
      kilos: 'To lift when wet',
      innings: 'Innings after this one',
    } satisfies Record<Apart, string>,
    same: 'the same',
    unknown: 'not known for both',
    more: {
      air: (by: string) => `${points(by)} more`,
      days: (by: string) => `${by} more`,
      ph: (by: string) => `${by} higher`,
      ec: (by: string) => `${by} saltier`,
      nitrogen: (by: string) => `${points(by)} more`,
      cost: (by: string) => `${by} dearer`,
      work: (by: string) => `${by} longer`,
      planting: (by: string) => `${by} days later`,
      litres: (by: string) => `${by} more`,
      kilos: (by: string) => `${by} more`,
      innings: (by: string) => `${by} more`,
    } satisfies Record<Apart, (by: string) => string>,
    less: {
      air: (by: string) => `${points(by)} less`,
      days: (by: string) => `${by} fewer`,
      ph: (by: string) => `${by} lower`,
      ec: (by: string) => `${by} less salty`,
      nitrogen: (by: string) => `${points(by)} less`,
      cost: (by: string) => `${by} cheaper`,
      work: (by: string) => `${by} shorter`,
      planting: (by: string) => `${by} days sooner`,
      litres: (by: string) => `${by} less`,
      kilos: (by: string) => `${by} less`,
      innings: (by: string) => `${by} fewer`,
    } satisfies Record<Apart, (by: string) => string>,
    fromTo: (from: string, to: string) => `${from} → ${to}`,
  },
  toIntake: 'Change the answers',
  choose: (name: string) => `Choose ${name}`,
  chosen: 'chosen',
  marked: 'fits best',
  whyTitle: (what: string, way: string) => `Why ${what}, ${way.toLowerCase()}?`,
} as const
