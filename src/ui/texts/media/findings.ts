import type { FindingKind } from '../../../core/bench'
import type { Care, TriageAction, TriageAnswer, TriageRule } from '../../../core/recondition'
import type { Format } from '../../format'
import { lacking } from '../trials/seedlingLacks'

type Numbers = Readonly<Record<string, number>>

const percent = (format: Format, share: number | undefined) =>
  format.plain(format.percent(share ?? 0))
const number = (format: Format, value: number | undefined, digits = 1) =>
  format.number(value ?? 0, digits)

const weeds = (format: Format, count = 0) => {
  const written = format.number(count, count < 10 && !Number.isInteger(count) ? 1 : 0)
  return written === '1' ? '1 weed' : `${written} weeds`
}

const smells: Readonly<Record<string, string>> = {
  earthy: 'Smells of earth',
  nothing: 'Smells of nothing',
  sour: 'Smells sour: it had no air',
  'rotten egg': 'Smells of rotten egg: it had no air',
  ammonia: 'Smells of ammonia: what is in it is not done yet',
}

type Said = (
  format: Format,
  numbers: Numbers,
  word: string | undefined,
  isTrouble: boolean,
) => string

/** What a finding says, in a sentence without its full stop. */
export const findingSays: Readonly<Record<FindingKind, Said>> = {
  air: (format, { airFraction, totalPorosity }) =>
    `${percent(format, airFraction)} air after draining in the test pot, ${percent(format, totalPorosity)} pores`,
  drainage: (format, { markS }, _, isTrouble) =>
    isTrouble
      ? 'Water stands on it or stops in it: slumped'
      : markS === undefined
        ? 'Water runs through'
        : `Water runs through: the mark after ${number(format, markS, 0)} s`,
  wetZone: (format, { wetZoneCm, bottomCm }) =>
    `Over a bottom layer of ${number(format, bottomCm)} cm it stays wet up to ${number(format, wetZoneCm)} cm`,
  moisture: (format, { dryDays }, word) =>
    word === 'too wet'
      ? `Too wet to work: about ${number(format, dryDays, 0)} days spread out`
      : word === 'too dry'
        ? 'Too dry to work: sprinkle and fold'
        : 'Right to work: it crumbles at a flick',
  texture: (_, __, word) =>
    word === 'air'
      ? 'Feels of silt and clay: it lacks air'
      : word === 'water in reach'
        ? 'Feels of sand: it lacks water in reach'
        : 'Feels sound in the palm',
  wetting: (format, { medianS, gapMm, runsDownSide }, _, isTrouble) =>
    !isTrouble
      ? 'Takes up water readily'
      : runsDownSide || (gapMm ?? 0) > 0
        ? 'Water runs down the side instead of soaking in'
        : `Hardly takes up water: a drop stands for ${number(format, medianS, 0)} s`,
  settling: (format, { settledShare }) =>
    `Settles by ${percent(format, settledShare)} when watered in`,
  ph: (format, { ph, doubted }) =>
    doubted
      ? `pH ${number(format, ph)}, read with a pen that was not calibrated: it counts, with a wide range`
      : `pH ${number(format, ph)}`,
  salts: (format, { ecSme }) => `Salts ${format.plain(format.conductivity(ecSme ?? 0))}`,
  buffer: (format, { buffer, target, gPerL }) =>
    `One pH takes ${number(format, buffer)} g of lime a litre; ${number(format, gPerL)} g a litre brought it to pH ${number(format, target)}`,
  seedlings: (format, { sproutedShare, heightShare }, word, isTrouble) =>
    word === 'curled'
      ? 'Seedlings came up curled, as after a lasting weedkiller'
      : isTrouble
        ? `Seedlings suffer in it: ${percent(format, Math.min(sproutedShare ?? 1, heightShare ?? 1))} of what grew in the trusted mix`
        : word
          ? `Seedling test too weak to rule harm out; missing: ${lacking(word)}`
          : 'Seedlings grow in it as in the trusted mix',
  weeds: (format, { per100Cm2, perLitre }) =>
    perLitre === undefined
      ? `${weeds(format, per100Cm2)} came up on 100 cm²`
      : `${weeds(format, perLitre)} came up from a litre`,
  heat: (format, { peakC, minutesAt60, minutesAt71 }) =>
    `Heated: ${number(format, minutesAt60, 0)} min at 60 °C, ${number(format, minutesAt71, 0)} at 71 °C, at most ${number(format, peakC, 0)} °C`,
  cleaning: (format, { lossShare, woodyShare }) =>
    `The sieve holds ${percent(format, lossShare)} back${(woodyShare ?? 0) > 0.005 ? `, ${percent(format, woodyShare)} of it all is wood` : ''}`,
  smell: (_, __, word) => smells[word ?? 'nothing'] ?? 'Smells of nothing',
  grubs: (_, __, ___, isTrouble) =>
    isTrouble ? 'Grubs in it: which? Compare them and write it down' : 'Searched through, no grubs',
  gnats: (_, __, ___, isTrouble) => (isTrouble ? 'Gnats rise from it' : 'No gnats'),
  crust: (_, __, ___, isTrouble) => (isTrouble ? 'A crust of salts on it' : 'No crust'),
  moss: (_, __, ___, isTrouble) => (isTrouble ? 'Moss or algae on it' : 'No moss'),
  threads: (_, __, ___, isTrouble) =>
    isTrouble ? 'White threads in it' : 'White threads: harmless',
  mushrooms: () => 'Mushrooms: harmless to plants, not to eat',
}

export const findings = {
  title: 'What was found in it',
  none: 'Nothing was found in it yet. Tests of the bench and what you see in the pot are listed here and used in its next recipe.',
  nothingWrong: 'What was looked at is in order.',
  byTest: 'test',
  bySight: 'seen',
  on: (origin: string, day: string) => `${origin}, ${day}`,
  allClear: (count: number) => `${count} more that found nothing wrong`,
  takeBack: 'Take back',
  takeBackOf: (name: string) => `Take back "${name}"`,
  takenBack: (name: string) => `"${name}" does not count any more.`,
  kept: (name: string) => `"${name}" is kept on this lot.`,
  add: 'Add what you saw',
  carried: (problem: string, from: string, share: string) =>
    `${problem}, found in ${from}: ${share} of this mix came from there`,
  lookFor: (problem: string, from: string) =>
    `${problem} was found in ${from}, and mix of this lot went there before: look for it`,
  underOne: 'less than 1 %',
  careFirst: (cares: readonly string[]) => `Before any pest, look at: ${cares.join('; ')}.`,
  cares: {
    hunger: 'hunger (when was it last fed? oldest leaves pale first)',
    'wet-feet': 'wet feet (is it wet a finger deep, does water run out below?)',
    thirst: 'thirst (lift the pot: is it light?)',
    'ph-off': 'pH (measure it: yellow between green veins)',
    salts: 'salts (measure them: brown leaf edges, a crust)',
    cold: 'cold (nights below what it likes, cold water)',
    heat: 'heat (a dark pot in the sun)',
    'uneven-water': 'uneven watering (dry, then soaked)',
  } satisfies Record<Care, string>,
  addHint: 'such as wilt, grubs or a sour smell',
  severalHint: 'such as wilt, grubs or yellow leaves; may stay empty',
  takeOut: (problem: string) => `Take ${problem} out`,
  noProblem: 'Nothing in the list sounds like that.',
  note: 'Note (may stay empty)',
  verdicts: {
    reuse: 'It may be used again as it is',
    clean: 'Clean it first',
    treat: 'Treat it first',
    restrict: 'Only for some plants, or after a test',
    compost: 'Not into pots again: to the compost heap',
    discard: 'Not into pots again: into the bin',
  } satisfies Record<TriageAnswer, string>,
  actions: {
    'clear-debris': 'take all debris out',
    skim: 'skim the top off',
    rewet: 'wet it slowly',
    aerate: 'spread it out and turn it until it smells of earth',
    leach: 'wash the salts out',
    heat: 'heat it',
    rest: 'let it rest, closed',
    'seedling-test': 'grow beans and lettuce in it first',
    compost: 'to the compost heap',
    discard: 'into the bin',
  } satisfies Record<TriageAction, string>,
  rules: {
    'never-again': 'it does not go away, whatever is done',
    harmless: 'it does no harm',
    rested: 'it has rested long enough',
    heated: 'it was heated long enough',
    cleaned: 'its debris was taken out',
    clean: 'it lives on in the debris',
    skimmed: 'the top was taken off',
    skim: 'it sits in the top',
    'family-break': 'its host plants must stay away for some seasons',
    'break-over': 'its host plants stayed away long enough',
    treated: 'it was treated',
    leach: 'salts wash out',
    aerate: 'it needs air',
    rewet: 'it needs slow wetting',
    'seedlings-grew': 'seedlings grew well in it',
    'seedlings-to-ask': 'only seedlings can tell whether it is still there',
    'seedlings-harmed': 'seedlings suffered in it',
    rest: 'it dies off in closed mix',
    heat: 'heat ends it',
    'no-cure': 'neither heat nor rest is at hand against it',
    unknown: 'nobody knows',
  } satisfies Record<TriageRule, string>,
  held: {
    rest: (day: string) => `It rests until ${day}.`,
    quarantine: (day: string) => `Kept apart until ${day}.`,
  },
  allTheSame: 'Used all the same',
  heldSince: (day: string) => `Since ${day}`,
  overridden: (verdict: string, day: string, reason: string) =>
    `Used all the same since ${day}, against “${verdict}”: ${reason}`,
  earliest: (day: string) => `Not before ${day}.`,
  heatTo: (tempC: string, minutes: string) => `heat it to ${tempC} for ${minutes} min in the core`,
  skimTo: (cm: string) => `skim the top ${cm} off`,
  debrisTo: {
    bin: 'take all debris out, into the bin',
    compost: 'take all debris out, to the compost',
  },
  keptOut: (families: string) => `Kept out of it: ${families}.`,
  until: (family: string, season: number) => `${family} until after ${season}`,
  why: 'Why',
  notFood: 'Not for food.',
  notSeedlings: 'Not for seedlings.',
} as const
