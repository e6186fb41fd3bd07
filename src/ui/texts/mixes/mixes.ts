import type { PlantGroup } from '../../../messages/mixes/mixViews'
import { common } from '../common'
import { exposures } from '../containers/exposures'
import { lowerFirst } from '../lowerFirst'
import { monthName } from '../months'
import { groups } from './plantGroups'

export const mixes = {
  wanted: (low: string, high: string) => `wanted ${low}–${high}`,
  newMix: common.actions.newMix,
  groups,
  month: monthName,
  design: {
    triangle: 'All mixes of fibre, compost and aggregate in this pot',
    untitled: 'A new mix',
    notSaved: 'not saved yet',
    changed: (version: number) => `version ${version}, changed since`,
    saved: (version: number) => `version ${version}`,
    name: 'Name of the mix',
    setting: 'Pot, plant and place',
    pot: 'In which pot',
    anotherPot: 'another pot …',
    potHint: (litres: string) => `holds ${litres} when filled`,
    forWhat: 'For',
    nobody: 'nothing in particular',
    groupsLabel: 'Plant groups',
    cropsLabel: 'Crops',
    where: 'Where it stands',
    exposures,
    everyDays: 'You water every',
    everyDaysHint: 'days; 0.5 is twice a day',
    parts: 'Measured out',
    share: (name: string) => `Share of ${name}`,
    amount: (name: string) => `How much ${name}`,
    remove: (name: string) => `Take out ${name}`,
    add: 'Add a material',
    chooseMaterial: '+ add a material …',
    putAway: 'put away',
    makes: (mix: string, parts: string) => `${mix} from ${parts} measured out`,
    fines: 'fines fill the gaps',
    after: (pot: string) => `${pot || 'Your pot'}, after draining`,
    zones: (airless: string, thin: string) =>
      `No air up to ${airless}, thin air up to ${thin} above the base.`,
    roots: (depth: string) => ` Roots go ${depth} deep.`,
    measureFirst: 'Measure out a material and the pot fills here.',
    working: 'Working it out',
    numbers: {
      air: 'air',
      days: 'between waterings',
      weight: 'after draining',
      ph: 'pH',
      ec: 'salts',
      nitrogen: 'nitrogen tied up',
      cost: 'a litre',
      water: 'water it can use',
    },
    fromTest: (day: string) =>
      `Worked out from the test of ${day}: as that mix turned out, changed as here.`,
    tested: (day: string, air: string, expected: string) =>
      `Tested on ${day}: ${air} air in this pot ✓; its recipe lets expect ≈ ${expected}.`,
    whyOf: {
      air: 'Air after draining',
      days: 'Days between waterings',
      weight: 'Weight',
      ph: 'pH',
      ec: 'Salts',
      nitrogen: 'Nitrogen tied up',
      cost: 'Cost of a litre',
      water: 'Water it can use',
      seasons: 'Left to itself',
    },
    daysUnit: 'days',
    inMonth: (month: string, likely: string, young: string | null) =>
      `thirstiest month (${month}), full-grown: likely ${likely}${young === null ? '' : `; young plants about ${young}`}`,
    forEver: 'loses nothing',
    thirsty: (kg: string) => `${kg} when thirsty: lift it`,
    noPrice: (names: string) => `no price for ${names}`,
    most: (most: string) => `at most ${most}`,
    releases: (mg: string) => `sets ${mg} free itself`,
    inOne: 'in one pot',
    roof: 'Wet pots are heavy. On a balcony or roof have the load checked by someone qualified.',
    seasons: 'Left to itself',
    seasonNames: ['new', '1 season', '2 seasons', '3 seasons'],
    seasonAir: 'air',
    seasonDown: 'surface sunk',
    fits: (what: string) => `Fits ${lowerFirst(what)}: air, pH and your watering.`,
    fitsNothing: 'Choose what it is for, and the numbers are held against it.',
    missAir: (air: string, what: string, low: string, high: string) =>
      `${air} air after draining; wanted for ${lowerFirst(what)}: ${low} to ${high}.`,
    changeMore: (amount: string, name: string, to: string) =>
      `The smallest change: add ${amount} of ${name}. That brings it to ${to}.`,
    changeLess: (amount: string, name: string, to: string) =>
      `The smallest change: take out ${amount} of ${name}. That brings it to ${to}.`,
    doIt: 'Do it',
    noNeed: 'It fits as it is.',
    noChange:
      'No change of one material gets there in this pot and leaves a mix that suits these plants.',
    tallerPot: 'A taller pot is the better answer.',
    lowerPot: 'A lower pot is the better answer.',
    largerPot: 'A larger pot is the better answer.',
    looking: 'Looking for the smallest change',
    missPh: (ph: string, low: string, high: string) => `pH ${ph} lies outside ${low} to ${high}.`,
    phRemedy: {
      lime: (gPerL: string, to: string) =>
        `About ${gPerL} of ground limestone to each litre lifts it to ${to} in some eight weeks; a jar test tells the dose surer.`,
      sulfur: (gPerL: string, to: string) =>
        `About ${gPerL} of fine sulfur to each litre brings it to ${to} in some eight weeks; a jar test tells the dose surer.`,
      'other-base': () =>
        'Neither lime nor sulfur by their labels gets it there: begin with another base.',
    },
    changeAnyway: 'Smallest change all the same',
    unsure: {
      air: (air: string, low: string, high: string, from: string, to: string) =>
        `${air} air after draining is outside ${low} to ${high}, but by its parts it may be ${from} to ${to}. No change is worth it before a porosity test, which makes it sure to 2 points.`,
      ph: (ph: string, low: string, high: string, from: string, to: string) =>
        `pH ${ph} is outside ${low} to ${high}, but by its parts it may be ${from} to ${to}: test it before you correct it.`,
      ec: (ec: string, most: string, from: string, to: string) =>
        `Salts of ${ec} are above ${most}, but by its parts they may be ${from} to ${to}: test them before you change the mix.`,
      days: (days: string, from: string, to: string) =>
        `Full-grown it may want water every ${days} (${from} to ${to}), sooner than you come: lift the pot and see before you change the mix.`,
    },
    missEc: (ec: string, most: string) => `Salts of ${ec} are above what it bears (${most}).`,
    watering: {
      'stays wet': 'With your watering it stays wet: more air, a taller pot, or water less often.',
      'dries out':
        'With your watering it dries out: more that holds water, a larger pot, or water more often.',
    },
    compare: 'Compare with …',
    otherPots: 'Same mix in other pots',
    layers: 'With a bottom layer',
    tests: 'Its tests',
    trial: 'Try it in a trial',
    beside: common.actions.besideOthers,
    saveNew: 'Save the mix',
    saveNext: (version: number) => `Save version ${version}`,
    savedToast: (name: string, version: number) => `${name}, version ${version}, is written down.`,
    putAwayToast: (name: string) => `${name} was put away.`,
    putAwayMix: 'Put this mix away',
    startOver: 'Forget the changes',
    note: 'Note to yourself',
    versions: 'Versions',
    dust: 'Dry mix, perlite and vermiculite make dust: moisten first, mask, outdoors. Open bags away from your face; gloves, wash your hands.',
  },
  adjust: {
    title: 'Adjust it:',
    names: {
      daily: 'I water every day',
      forget: 'I forget',
      windy: 'windy and hot',
      cool: 'cool and shaded',
      light: 'must be light',
      heavy: 'must be heavy',
      small: 'a smaller pot',
      shallow: 'a shallow pot',
      hardWater: 'hard water',
    },
    hardWater: (alkalinity: string, autumn: string, high: string, rain: string | null) =>
      `A season of water with ${alkalinity} mg/L of alkalinity leads to about ${autumn} by autumn; wanted: at most ${high}.${rain ? ` At least ${rain} rain water holds it too.` : ''}`,
    inPot: {
      small: (pot: string, days: string) =>
        `In the ${lowerFirst(pot)} it lasts ${days} in the thirstiest month: less water to draw on.`,
      shallow: (pot: string, air: string) =>
        `In the ${lowerFirst(pot)} it holds ${air} air after draining: the wet zone takes a larger share.`,
    },
    why: {
      daily: 'Watered daily, roots breathe only by what stays open.',
      forget: 'More water in reach bridges the days you forget; a taller or larger pot does too.',
      windy: 'Wind and heat take half as much again: it has to hold longer.',
      cool: 'Where little dries, air has to come from the mix.',
      light: 'Less weight with the water in it, for a balcony or a shelf.',
      heavy: 'More weight at the foot, so that wind does not take it.',
    },
  },
  swap: {
    names: { noPeat: 'no peat', onlyMine: 'only what I have' },
  },
  suits: {
    none: 'By air and pH it suits none of the plant groups in this pot.',
    also: (names: readonly string[]) => `By air and pH it suits in this pot: ${names.join('; ')}.`,
    group: (id: PlantGroup['id'], water: string) => `${lowerFirst(groups[id].name)} (${water})`,
    water: {
      wet: 'kept wet',
      moist: 'kept moist',
      even: 'watered evenly',
      'dry-between': 'left to dry in between',
    },
    watering: 'So opposite plants can share it: the watering makes the difference.',
  },
  cheapest: {
    ask: 'Cheapest mix from what you have',
  },
} as const
