export type TriageAnswer = 'reuse' | 'clean' | 'treat' | 'restrict' | 'compost' | 'discard'

/** From best to worst. */
export const TRIAGE_VERDICTS = [
  'reuse',
  'clean',
  'treat',
  'restrict',
  'compost',
  'discard',
] as const satisfies readonly TriageAnswer[]

/** In the order in which they are done. */
export const TRIAGE_ACTIONS = [
  'clear-debris',
  'skim',
  'rewet',
  'aerate',
  'leach',
  'heat',
  'rest',
  'seedling-test',
] as const

export type TriageAction = (typeof TRIAGE_ACTIONS)[number] | 'compost' | 'discard'
export type MixWith = 'any' | 'same-problem' | 'none'

/** Why a verdict was given: which rule fitted first. */
export type TriageRule =
  | 'never-again'
  | 'harmless'
  | 'rested'
  | 'heated'
  | 'cleaned'
  | 'clean'
  | 'skimmed'
  | 'skim'
  | 'family-break'
  | 'break-over'
  | 'treated'
  | 'leach'
  | 'aerate'
  | 'rewet'
  | 'seedlings-grew'
  | 'seedlings-to-ask'
  | 'seedlings-harmed'
  | 'rest'
  | 'heat'
  | 'no-cure'
  | 'unknown'

/** A problem of pots, as far as triage asks for it. */
export interface Problem {
  readonly id: string
  readonly kind: string
  /** Rotation groups it lives on, or only "many". */
  readonly hosts: readonly string[]
  /** true where a form of it keeps to the family it was found on. */
  readonly byFamily: boolean
  readonly survivesIn: string
  readonly survivalMonths: number | null
  readonly action: string
  readonly heatC: number | null
  readonly heatMinutes: number | null
  readonly restMonths: number | null
  readonly familyBreakSeasons: number | null
  readonly skimCm: number | null
  readonly debrisTo: string | null
  /** 1 harmless to 4 never again. */
  readonly severity: number
}

export interface TriageFinding {
  readonly problem: Problem
  /** 0 is passed over; any other share counts whole. */
  readonly affectedShare?: number
  /** Year in which it was seen; the one before the next where it is left out. */
  readonly season?: number
  /** Of the crop that was ill. */
  readonly rotationGroup?: string | null
}

/** What was done against it; minutes are those of the core of the heap. */
export interface TriageDone {
  readonly debrisCleared: boolean
  readonly skimmedCm: number
  readonly restedMonths: number
  readonly minutesAt60: number
  readonly minutesAt71: number
  readonly minutesAt82: number
  readonly leached: boolean
  readonly aerated: boolean
  readonly rewetted: boolean
  /** Too weak: it could not have seen harm, and lifts nothing. */
  readonly seedlingTest: 'none' | 'clean' | 'harmed' | 'too-weak'
}

export interface TriageOptions {
  readonly canHeat: boolean
  readonly canRest: boolean
}

export interface FamilyBar {
  readonly rotationGroup: string
  /** The last season in which it is kept out. */
  readonly untilSeason: number
}

export interface Triage {
  readonly verdict: TriageAnswer
  readonly actions: readonly TriageAction[]
  readonly mixWith: MixWith
  readonly notFor: readonly FamilyBar[]
  readonly forFood: boolean
  readonly forSeedlings: boolean
  readonly heat: { readonly tempC: number; readonly minutes: number } | null
  readonly skimCm: number | null
  readonly debrisTo: 'bin' | 'compost' | null
  /** ISO day; null for what is given up. */
  readonly earliestReuse: string | null
  readonly reasons: readonly {
    readonly problemId: string
    readonly rule: TriageRule
    readonly verdict: TriageAnswer
  }[]
}
