import type { BenchOutcome } from './benchTypes'
import type { Observation, Observations } from './observations'
import { judgedSeedlings } from './seedlingRecord'
import type { TestKind } from './testKinds'
import { wettingTest } from './wettingTest'

/** What can be known of a lot besides what it is made of; the newest of a kind is in force. */
export const FINDING_KINDS = [
  'air',
  'drainage',
  'wetZone',
  'moisture',
  'texture',
  'wetting',
  'settling',
  'ph',
  'salts',
  'buffer',
  'seedlings',
  'weeds',
  'heat',
  'cleaning',
  'smell',
  'grubs',
  'gnats',
  'crust',
  'moss',
  'threads',
  'mushrooms',
] as const
export type FindingKind = (typeof FINDING_KINDS)[number]

export interface Finding {
  readonly kind: FindingKind
  /** trouble asks for something to be done; clear ends an older trouble of its kind. */
  readonly state: 'clear' | 'known' | 'trouble'
  /** Which problem of pots it points at; null where it points at none. */
  readonly problemId: string | null
  /** Units stand in the names; shares are of 1. */
  readonly numbers: Readonly<Record<string, number>>
  /** What it was, in a word of the form, such as a smell. */
  readonly word?: string
  /** Rotation groups of the plants that showed it. */
  readonly families?: readonly string[]
}

/** Fewer than this are what the wind brings anyway, weeds per 100 cm². */
const FEW_WEEDS = 1

type Told = {
  readonly [Kind in TestKind]: (observed: Observations[Kind], outcome: BenchOutcome) => Finding[]
}

const told: Told = {
  drain: ({ stoodOnTop }, outcome) => {
    const isSlow = stoodOnTop || says(outcome, 'drain.stalled')
    const markS = numberIn(outcome, 'mark')
    return [
      {
        kind: 'drainage',
        state: isSlow ? 'trouble' : 'known',
        problemId: isSlow ? 'compaction' : null,
        numbers: markS === null ? {} : { markS },
      },
    ]
  },
  layers: ({ wetZoneCm, bottomCm }) => [known('wetZone', { wetZoneCm, bottomCm })],
  porosity: (_, outcome) => [
    known('air', {
      airFraction: numberIn(outcome, 'airFraction') ?? 0,
      totalPorosity: numberIn(outcome, 'totalPorosity') ?? 0,
    }),
  ],
  squeeze: (_, { verdicts }) => {
    const dryDays = verdicts.map(({ told: { days } }) => days).find((days) => days != null)
    const word = verdicts
      .find(({ id }) => id.startsWith('squeeze.') && id !== 'squeeze.fines')
      ?.id.slice('squeeze.'.length)
    return [
      {
        ...known('moisture', { dryDays: typeof dryDays === 'number' ? dryDays : 0 }),
        state: word === 'right' ? 'clear' : 'trouble',
        ...(word ? { word } : {}),
      },
    ]
  },
  palm: (_, { verdicts }) => {
    const lacks = verdicts
      .find(({ id }) => id.startsWith('palm.lacks '))
      ?.id.slice('palm.lacks '.length)
    return [{ ...known('texture', {}), word: lacks ?? 'nothing' }]
  },
  wetting: (observed) => {
    const { medianS, soakFromBelow } = wettingTest(observed)
    return [
      {
        kind: 'wetting',
        state: soakFromBelow ? 'trouble' : 'clear',
        problemId: soakFromBelow ? 'water-repellent' : null,
        numbers: { medianS, gapMm: observed.gapMm, runsDownSide: observed.runsDownSide ? 1 : 0 },
      },
    ]
  },
  settling: (_, outcome) => [
    known('settling', { settledShare: numberIn(outcome, 'settled') ?? 0 }),
  ],
  phEc: (_, outcome) => {
    const ph = numberIn(outcome, 'ph')
    const ecSme = numberIn(outcome, 'ecSme')
    const isDoubted = says(outcome, 'pen.uncertain')
    return [
      ...(ph === null ? [] : [known('ph', { ph, ...(isDoubted ? { doubted: 1 } : {}) })]),
      ...(ecSme === null ? [] : [known('salts', { ecSme })]),
    ]
  },
  jar: ({ target }, outcome) => {
    const ph = numberIn(outcome, 'ph0')
    const buffer = numberIn(outcome, 'buffer')
    return [
      ...(ph === null ? [] : [known('ph', { ph })]),
      ...(buffer === null
        ? []
        : [known('buffer', { buffer, target, gPerL: numberIn(outcome, 'jarDose') ?? 0 })]),
    ]
  },
  seedling: (observed) => {
    const { answer, missing, sprouted, height, isCurled } = judgedSeedlings(observed)
    if (answer === 'void') return []
    const isHarmed = answer === 'harmed'
    return [
      {
        kind: 'seedlings',
        state: isHarmed ? 'trouble' : answer === 'clean' ? 'clear' : 'known',
        // Curled leaves are what lasting weedkillers do; anything else is still without a cause.
        problemId: isHarmed ? (isCurled ? 'pyralid-residue' : 'unknown-death') : null,
        numbers: {
          ...(sprouted ? { sproutedShare: sprouted.ratio } : {}),
          ...(height ? { heightShare: height.ratio } : {}),
        },
        ...(isHarmed && isCurled ? { word: 'curled' } : {}),
        ...(answer === 'too-weak' ? { word: missing.join(' ') } : {}),
        families: observed.sownAs ? [observed.sownAs] : [],
      },
    ]
  },
  weeds: ({ litres, counts }, outcome) => {
    const per100Cm2 = numberIn(outcome, 'weeds') ?? 0
    const many = per100Cm2 >= FEW_WEEDS
    const count = counts.reduce((sum, one) => sum + one.count, 0)
    return [
      {
        kind: 'weeds',
        state: many ? 'trouble' : 'clear',
        problemId: many ? 'annual-weeds' : null,
        numbers: { per100Cm2, ...(litres ? { perLitre: count / litres } : {}) },
      },
    ]
  },
  heat: (_, outcome) => [
    known('heat', {
      minutesAt60: numberIn(outcome, 'minutesAt60') ?? 0,
      minutesAt71: numberIn(outcome, 'minutesAt71') ?? 0,
      minutesAt82: numberIn(outcome, 'minutesAt82') ?? 0,
      peakC: numberIn(outcome, 'peak') ?? 0,
    }),
  ],
  sieve: (_, outcome) => [
    known('cleaning', {
      lossShare: numberIn(outcome, 'loss') ?? 0,
      woodyShare: numberIn(outcome, 'woody') ?? 0,
    }),
  ],
  look: ({ smell, sights, searched }) => {
    const seen = (
      kind: FindingKind,
      sight: (typeof sights)[number],
      problemId: string,
      state: Finding['state'] = 'trouble',
    ): Finding =>
      sights.includes(sight)
        ? { kind, state, problemId, numbers: {} }
        : { kind, state: 'clear', problemId: null, numbers: {} }
    const isSour = smell === 'sour' || smell === 'rotten egg'
    return [
      {
        kind: 'smell',
        state: isSour || smell === 'ammonia' ? 'trouble' : 'clear',
        problemId: isSour ? 'sour-smell' : null,
        numbers: {},
        word: smell,
      },
      ...grubs(sights.includes('grubs'), searched ?? false),
      seen('gnats', 'gnats', 'fungus-gnat'),
      seen('crust', 'crust', 'salt-crust'),
      seen('moss', 'moss', 'moss-algae'),
      seen('threads', 'fungus threads', 'harmless-mycelium', 'known'),
      seen('mushrooms', 'mushrooms', 'mushrooms', 'known'),
    ]
  },
}

/** What a finished test tells of its sample, for every decision that follows. */
export function findingsOf<Kind extends TestKind>(
  observation: Observation<Kind>,
  outcome: BenchOutcome,
): Finding[] {
  return told[observation.kind](observation, outcome)
}

/**
 * Grubs are a question, not a kind of them: which they are is said by whoever compares them. None at a glance says nothing;
 * none in mix that was tipped out and searched says something.
 */
function grubs(areSeen: boolean, isSearched: boolean): Finding[] {
  if (areSeen) return [{ kind: 'grubs', state: 'trouble', problemId: null, numbers: {} }]
  return isSearched ? [{ kind: 'grubs', state: 'clear', problemId: null, numbers: {} }] : []
}

function known(kind: FindingKind, numbers: Readonly<Record<string, number>>): Finding {
  return { kind, state: 'known', problemId: null, numbers }
}

function numberIn({ values }: BenchOutcome, name: string): number | null {
  return values.find((one) => one.name === name)?.value ?? null
}

function says({ verdicts }: BenchOutcome, id: BenchOutcome['verdicts'][number]['id']): boolean {
  return verdicts.some((verdict) => verdict.id === id)
}
