import type { Smell } from '../../../core/bench'
import type { Verdict } from '../../../core/trials'
import type { Criterion } from '../../../messages/trials/candidateViews'
import { common } from '../common'
import { trialVerdicts } from '../trials/trialVerdicts'

/** Words of the sheet on which all that is known of several mixes stands side by side. */
export const candidates = {
  title: common.actions.candidates,
  lead: 'All that is known of mixes you may use, in one pot. Each number says where it comes from.',
  empty: 'Nothing is held against anything yet',
  emptyNext: 'Choose a mix, a bag or a lot below.',
  missing: (count: number) =>
    count === 1
      ? 'One of the candidates is not there any more, or was never there.'
      : `${count} of the candidates are not there any more, or were never there.`,
  pot: 'In which pot',
  crop: 'For',
  anything: 'whatever grows',
  by: 'What matters most',
  against: 'Hold them against',
  add: 'Add a candidate',
  choose: '+ a mix, a bag or a lot …',
  full: (most: number) => `${most} fit beside each other: take one off to add another.`,
  takeOff: (name: string) => `Take off ${name}`,
  takeOffShort: 'Take off',
  yardstick: 'held against this',
  version: (number: number) => `version ${number}`,
  kinds: { mix: 'own mix', material: 'as it comes', lot: 'lot' },
  standard: (crop: string | null) => (crop ? `your standard for ${crop}` : 'your standard'),
  water: 'Pour water onto them',
  plan: 'Plan a trial of them',
  planNext: 'They were not tried against each other yet.',
  onePlan: 'Add another to hold it against.',
  inTrial: (trial: string) => `what “${trial}” found`,
  criteria: {
    cost: 'what a litre costs',
    air: 'air after draining',
    days: 'days between waterings',
    water: 'water it can use',
    sunk: 'how little it settles',
    weeds: 'how few weeds come up',
  } satisfies Record<Criterion, string>,
  groups: {
    what: 'What it is, and costs',
    pot: (pot: string, fill: string) => `In ${pot || 'a usual pot'}, ${fill} of mix`,
    bench: 'On the bench',
    sunk: 'How it sank',
    weeds: 'Weeds',
    look: 'Smell and look',
  },
  rows: {
    cost: 'A litre',
    parts: 'Made of',
    air: 'Air after draining',
    days: 'Between waterings',
    water: 'Water it can use',
    weight: 'Weight after draining',
    ph: 'pH',
    ec: 'Salts',
    nitrogen: 'Nitrogen tied up',
    down: 'Sinks in a season',
    settled: 'Settles when watered in',
    weeds: 'Weeds that come up',
    weedsM2: (trial: string) => `In “${trial}”`,
    sunkIn: (trial: string) => `In “${trial}”`,
    yieldIn: 'Harvest from a litre of mix',
    smell: 'Smell',
    sights: 'Seen in it',
    state: 'State of the lot',
  },
  unknown: 'not known',
  none: 'nothing',
  noPrice: (names: string) => `no price for ${names}`,
  partPrice: 'part of it has no price',
  forEver: 'loses nothing',
  daysUnit: 'days',
  outside: {
    air: { low: 'too little', high: 'too much' },
    ph: { low: 'too acid', high: 'too alkaline' },
  },
  forCrop: (what: string, crop: string) => `${what} for ${crop}`,
  wanted: (low: string, high: string) => `wanted ${low} to ${high}`,
  perM2: 'a m²',
  ledger: (lot: string) => `by the ledger of ${lot}`,
  test: (runs: number, on: string) => (runs === 1 ? `tested once, ${on}` : `${runs} runs, ${on}`),
  measured: (on: string) => `read on ${on}`,
  apart: {
    more: '▲ more',
    less: '▼ less',
    same: '= not told apart',
  },
  smells: {
    earthy: 'of earth',
    nothing: 'of nothing',
    sour: 'sour: it had no air',
    'rotten egg': 'of rotten egg: it had no air',
    ammonia: 'of ammonia: not done yet',
  } satisfies Record<Smell, string>,
  trial: {
    head: (crop: string | null, control: string) =>
      [crop, `control: ${control}`].filter(Boolean).join(', '),
    running: 'it still goes on, so nothing is judged',
    void: 'void: it says nothing of its mixes',
    hidden: 'scored blind, and it still goes on: nothing is told yet',
    day: (day: number) => `day ${day}`,
    used: (n: number, planted: number) => `${n} of ${planted} pots`,
    control: 'the control',
    against: (verdict: Verdict, control: string) => {
      const said = trialVerdicts.verdicts[verdict]
      return verdict === 'better' || verdict === 'worse' ? `${said} than ${control}` : said
    },
    crops: (wins: number, losses: number) => `ahead with ${wins}, behind with ${losses}`,
    older: (version: number) => `as version ${version}`,
    measured: (measure: string, trial: string) => `${measure} in ${trial}`,
  },
  said: {
    nothing: (by: string) => `Nothing is known yet of ${by}.`,
    alone: (name: string, by: string) => `Only of ${name} it is known: ${by}.`,
    first: (name: string, by: string) => `By ${by}, ${name} comes first.`,
    level: (names: string) => `${names} may be as good.`,
    behind: (names: string, many: boolean) =>
      many ? `${names} are behind.` : `${names} is behind.`,
    unknown: (names: string) => `Of ${names} it is not known.`,
    and: ' and ',
  },
  rule: 'How a difference is named',
  ruleSaid: [
    'A trial decides before a test, a test before a recipe. Of a trial its own verdict is told, and nothing between two mixes that were not held against each other.',
    'Two tests are apart where each was run at least twice and their runs do not overlap; a single run tells nothing apart. Two predictions are apart where the ranges they are likely in (four chances in five) do not meet. Prices are compared as they are.',
    'Everything else is “not told apart”: it may be equal, or a test or a trial would tell.',
  ],
} as const
