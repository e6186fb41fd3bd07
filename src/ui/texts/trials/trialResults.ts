import type { DecidingTest, TrialMeasure, Verdict } from '../../../core/trials'
import { look } from './look'
import { trialVerdicts } from './trialVerdicts'

/** No line may end in the middle of it. */
const unbroken = (text: string) => text.replaceAll(' ', '\u00a0')

/** Words of what a trial found: no more than its pots can carry. */
export const trialResults = {
  title: (name: string) => `What it found: ${name}`,
  titleRunning: (name: string) => `How its pots stand: ${name}`,
  back: 'To the trial',
  candidates: 'All that is known of these mixes',
  look: 'Look at its pots',
  closed: (day: string) => `closed on ${day}`,
  running: 'still going on',
  hidden:
    'Scored blind: which pot holds which mix, and what it makes of them, is told once the trial is closed.',
  early:
    'It still goes on, so nothing is judged yet: who looks early and stops when it looks good finds differences that are not there.',
  void: (value: string, must: string) =>
    `This run is void: the control came to ${value}, and ${must} were asked of it. What its pots show is greyed: it can come from whatever made the control fail.`,
  voidNext: 'Plan it again, with what to change',
  nothing: 'Nothing was read at its pots yet.',
  verdicts: trialVerdicts.verdicts,
  marks: {
    better: '▲',
    worse: '▼',
    'no-difference': '=',
    'cannot-tell': '?',
  } satisfies Record<Verdict, string>,
  measures: {
    ...look.short,
    sunk: 'How far the mix sank',
  } satisfies Record<TrialMeasure, string>,
  also: {
    mark: '·',
    name: 'also seen',
    hint: (count: number) =>
      `The verdict is that of the one measure that decides. Of all else the p is told as it stands among ${count} comparisons that were looked at (Holm): who looks at so many finds something by chance.`,
  },
  decides: {
    what: (measure: string, day: number) => `${measure.toLowerCase()} on day ${day}`,
    named: (what: string) => `What decides, named before it was planted: ${what}.`,
    usual: (what: string) => `What decides, as is usual for such a trial: ${what}.`,
    other: (what: string) => `This does not decide: ${what} does.`,
    show: 'Show what decides',
    unread: 'It was not read on its day, so nothing is decided.',
  },
  earlier: (measure: string, said: string) =>
    `When it was closed it was judged by an earlier rule, by ${measure.toLowerCase()}, without blocks where there were two treatments, and seed by seed: ${said}. That stays in lists; what is said here is by the present rule.`,
  survival: 'Pots that lived',
  ofSeeds: '% of the seeds',
  against: (mine: string, control: string) => `${mine} against ${control}`,
  n: (mine: number, control: number) => unbroken(`n = ${mine} and ${control}`),
  p: (text: string) => unbroken(`p ${text}`),
  between: (low: string, high: string) =>
    `the difference lies between ${low} and ${high}, 19 times in 20`,
  could: (percent: string) => `These pots could have shown a difference of ${percent} or more`,
  for20: (pots: number) => `to see 20 % it takes ${pots} pots of each`,
  no20: 'no number of pots would show 20 %',
  overAll: (change: string) => `${change} over all crops`,
  signP: (p: string) => `by their number alone ${p}`,
  because: {
    fewTrays:
      'seeds of one tray share its luck, and fewer than three trays on a side count: they are described, and no difference is told',
    void: 'the control failed, and whatever made it fail can have done this as well',
    one: (mine: number, control: number) =>
      `a comparison takes two pots of each at least, and ${mine} and ${control} count`,
    alike: 'its pots do not vary at all, so nothing tells how far chance would reach',
    noCrop: 'no crop was grown to the end in both',
    small: 'even the clearest result of so few could be chance',
  },
  onePot:
    'One pot of each is no test. Ask it of several crops: each crop in both mixes, and the crops decide.',
  onePotNext: 'Plan it side by side',
  onlyInterval:
    'The interval leaves out no difference; by dealing the pots anew, which takes nothing for granted, chance is not ruled out.',
  onlyAlone:
    'Taken alone its interval leaves out no difference; with all treatments counted, chance is not ruled out.',
  crops: (won: number, lost: number, name: string, control: string) =>
    `${name} was ahead with ${won === 1 ? '1 crop' : `${won} crops`}, ${control} with ${lost}`,
  ties: (count: number) => `${count} alike`,
  missing: (count: number) =>
    count === 1
      ? '1 crop did not finish on both sides'
      : `${count} crops did not finish on both sides`,
  cheaper: (percent: string) =>
    `It costs ${percent} less a litre: as good as far as these pots can tell, and cheaper.`,
  dose: {
    head: 'How much is safe',
    none: (dose: string) => `No loss was seen up to ${dose} of it, the most that was tried.`,
    upTo: (dose: string) => `No loss was seen up to ${dose} of it.`,
    ruledOut: (dose: string) => `Harm of more than 15 % is ruled out up to ${dose} of it.`,
    onlyUnseen: (dose: string) =>
      `Up to ${dose} none was seen, which is less: there these pots could have missed it.`,
    notRuledOut:
      'Harm of more than 15 % is ruled out at no dose: that nothing was seen may be for want of pots. Take more pots, or use it with care.',
    seedlings: ({
      clean,
      harmed,
      weak,
      lacking,
      isVoid,
    }: {
      readonly clean: string
      readonly harmed: string
      readonly weak: string
      readonly lacking: string
      readonly isVoid: boolean
    }) =>
      isVoid
        ? 'As a seedling test it is void: too few came up in the control.'
        : `As a seedling test, by the rule of the bench: ${[
            clean && `clean at ${clean}`,
            harmed && `harmed at ${harmed}`,
            weak && `too weak to say at ${weak}, missing ${lacking}`,
          ]
            .filter(Boolean)
            .join('; ')}.`,
    harm: 'Plants lose by the smallest dose that was tried.',
    range: (low: string, high: string) =>
      `By chance of these pots the step could lie from ${low} to ${high}`,
    rough: 'roughly: there are fewer than 6 pots of each',
    use: (dose: string) => `Use at most ${dose}, or let it age and test it again.`,
    useAll: 'It may be used as far as it was tried.',
    age: 'Let it age and test it again before any of it goes to these plants.',
    byMeasure: (all: string) => `By each measure: ${all}.`,
    lost: 'Lost: a tenth or more below what grows without it.',
    trend: (p: string) => `The share that comes up changes with the dose: ${p}.`,
    noTrend: (p: string) => `No change with the dose is shown: ${p}.`,
    noControl: 'Nothing grew in the control: no step can be read from it.',
    fitted: 'fitted',
    axis: 'Dose',
    chart: (measure: string) => `${measure} by dose`,
    says: 'Each pot by its dose, and steps that never rise through their means.',
  },
  dots: {
    head: (measure: string, day: number) => `${measure} on day ${day}`,
    hint: 'Each dot is a pot; the bar is the mean with its interval, 19 times in 20.',
    hintCounts: 'The bar is the share with its interval, 19 times in 20.',
    hintSides: 'Each row is a crop: a ring for the control, a dot for the other.',
    noValue: 'nothing read',
    used: (used: number, planted: number) => `${used} of ${planted} pots`,
    ofTotal: (count: number, total: number) => `${count} of ${total}`,
    says: (name: string, mean: string) => `${name}: mean ${mean}`,
    control: 'control',
    pots: 'pots',
    saySides: (crop: string, control: string, other: string) =>
      `${crop}: ${control} in the control, ${other} in the other`,
  },
  growth: {
    head: 'How they grew',
    chart: (measure: string) => `${measure}, pot by pot`,
    says: 'A thin line for each pot, a thick one for the mean of each mix.',
    saysBlind: 'A line for each pot.',
    axis: 'Day after planting',
  },
  table: {
    head: 'Everything that was measured',
    measure: 'Measure',
    show: (measure: string) => `Show ${measure}`,
  },
  day: 'On',
  dayOf: (day: number) => `day ${day}`,
  outcome: {
    head: 'What it took, and what it gave',
    used: 'Pots that count',
    usedOf: (used: number, planted: number) => `${used} of ${planted}`,
    died: 'Pots that died',
    cost: 'Cost of a pot of mix',
    partial: 'without what has no price',
    yield: 'Harvest a pot',
    perLitre: 'Harvest a litre of mix',
    perMoney: (unit: string) => `Harvest for ${unit} of mix`,
    water: 'Water given a pot',
    first: 'Days to the first harvest',
    sunk: 'How far the mix sank',
    weeds: 'Weeds on a square metre',
    why: 'How these are worked out',
    whys: {
      cost: 'what a litre of its lot cost, by the ledger, times the litres one pot holds once it has settled.',
      yield:
        'the mean of the pots that count: what was picked, or the fresh shoots at the end. Dead plants gave nothing.',
      perLitre: 'that, divided by the litres one pot holds once it has settled.',
      perMoney: 'that, divided by the cost of the mix in a pot.',
      water: 'the mean of what was poured, as far as it was written down.',
      first: 'the mean over the pots that gave something.',
      sunk: 'the mean of the last reading.',
      weeds: 'the mean count at the last check on the surface of a pot, on 10,000 cm².',
    },
    unknown: 'not known',
    days: (days: string) => `${days} days`,
  },
  happened: {
    head: 'What happened',
    noted: 'Noted at the pots',
    photoOf: (code: string, day: string) => `${code}, ${day}`,
    none: 'Nothing was written down.',
    left: 'Left out',
    leftOf: (code: string, day: string) => `${code} since ${day}`,
    effect: (what: string, treatment: string) =>
      `${what} struck every pot of ${treatment}, and not all others: it may be what the mix did, not an accident. Think twice before you leave its pots out.`,
  },
  files: {
    head: 'Keep it elsewhere:',
    csv: 'all readings as CSV',
    package: 'the whole trial as a data package',
  },
  report: {
    void: (value: string, must: string) =>
      `This run is void: the control came to ${value}, and ${must} were asked of it. What its pots show can come from whatever made the control fail.`,
    title: 'Report to print',
    of: (name: string) => `Report: ${name}`,
    back: 'To the result',
    print: 'Print it',
    asked: 'The question',
    how: 'How it was done',
    found: 'What it found',
    learnt: 'Lessons learnt',
    treatments: 'Held against each other',
    layout: (pots: number, place: string, potName: string) =>
      `${pots === 1 ? 'One pot' : `${pots} pots`} of each, ${potName}, ${place}`,
    blocks: 'in complete blocks, drawn by lot',
    random: 'places drawn by lot',
    blind: 'scored blind',
    grew: (crop: string, from: string, to: string) => `${crop}, from ${from} to ${to}`,
    grewNothing: (from: string, to: string) => `From ${from} to ${to}`,
    must: (must: string, reached: string) =>
      `The control had to reach ${must}; it came to ${reached}.`,
    mustUnknown: (must: string) => `The control had to reach ${must}; that was not read.`,
    looks: (done: number, planned: number) => `${done} of ${planned} looks were made in full.`,
    printed: (day: string, garden: string) => `${garden}, ${day}`,
  },
  why: 'How this is decided',
  whyDecides:
    'One measure on one day decides, the one that was named: better or worse is said where p lies below 0.05. All else is also seen.',
  whyTest: {
    welch: 'One treatment against the control: Welch’s test, which lets their spreads differ.',
    blocks:
      'One treatment against the control, in blocks: what differs from block to block is taken out, and the pots are dealt anew within their blocks in every way there is.',
    permutation:
      'The pots of each do not vary, but their means differ: the pots are dealt anew in every way there is.',
    'max-t':
      'Several treatments at once: their pots are dealt anew over the treatments, and the largest difference counts (max-T), so that the chance of one false alarm among them all stays at 5 %. The draw is fixed: asked again, it says the same.',
    'max-t-blocks':
      'Several treatments at once, in blocks: what differs from block to block is taken out, pots are dealt anew within their blocks, and the largest difference counts (max-T), so that the chance of one false alarm among them all stays at 5 %. The draw is fixed: asked again, it says the same.',
  } satisfies Record<DecidingTest, string>,
  whyFisher:
    'Counts are compared by Fisher’s exact test; several are adjusted by Holm. The intervals are Wilson’s.',
  whyTrays:
    'Seeds of one tray share its luck: the trays are compared by their shares, not the seeds one by one.',
  whySides: (several: boolean) =>
    `Crops decide: of each how many times more it brought in one than in the other, and how often that would come about if the sides of each crop were changed by a coin. Fewer than six crops never decide. The number of crops that were ahead is told beside it, by the exact sign test.${several ? ' With several mixes p is multiplied by their number.' : ''}`,
  whyCv: (cv: string) =>
    `The pots of this trial varied by ${cv} % of the control’s mean; what could have been found is worked out from that (power 80 %). The next trial is planned with it.`,
  whyAlone:
    'The intervals are for each comparison alone, and may leave out no difference where p, over all of them, does not.',
  whyUneven:
    'The spreads are very unlike (more than four to one): p may be too small. Take it with care.',
  whyUsed:
    'Pots that were left out are not used; those that died count as they say: no harvest, the lowest score.',
} as const
