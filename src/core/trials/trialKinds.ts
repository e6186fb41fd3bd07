/** What a trial is for, from the question that is asked. */
export const TRIAL_KINDS = ['side-by-side', 'comparison', 'dose', 'count'] as const
export type TrialKind = (typeof TRIAL_KINDS)[number]

/** What may be looked at in each pot. */
export const TRIAL_MEASURES = [
  'height',
  'leaves',
  'stem',
  'flowers',
  'fruits',
  'fruits-picked',
  'picked',
  'vigour',
  'emerged',
  'harvest',
  'sunk',
  'water',
] as const
export type TrialMeasure = (typeof TRIAL_MEASURES)[number]

/** What the control must reach for the run to count, each with its unit. */
export const CONTROL_MUSTS = ['germination', 'survival', 'vigour', 'weeds'] as const
export type ControlMust = (typeof CONTROL_MUSTS)[number]

/** Which of them can be asked of a trial, the usual one first. */
export const MUSTS_OF: Readonly<Record<TrialKind, readonly [ControlMust, ...ControlMust[]]>> = {
  'side-by-side': ['survival', 'vigour'],
  comparison: ['survival', 'vigour', 'germination'],
  dose: ['germination', 'survival', 'vigour'],
  count: ['germination', 'weeds'],
}

/** Range and usual value of each: percent of seeds, percent of pots, score of 1 to 5, seedlings. */
export const MUST_RANGE: Readonly<
  Record<ControlMust, { readonly low: number; readonly high: number; readonly usual: number }>
> = {
  germination: { low: 1, high: 100, usual: 80 },
  survival: { low: 1, high: 100, usual: 80 },
  vigour: { low: 1, high: 5, usual: 3 },
  weeds: { low: 1, high: 10_000, usual: 5 },
}

/** What is measured where nothing else is said. */
export const USUAL_MEASURES: Readonly<Record<TrialKind, readonly TrialMeasure[]>> = {
  'side-by-side': ['vigour', 'height'],
  comparison: ['height', 'vigour', 'harvest'],
  dose: ['emerged', 'height', 'vigour'],
  count: ['emerged'],
}

/** What a treatment may hold that can hurt plants or people. */
export const TRIAL_RISKS = ['dried-waste', 'raw-manure', 'home-brew'] as const
export type TrialRisk = (typeof TRIAL_RISKS)[number]

export const TRIAL_LIGHTS = ['window', 'lamp', 'outdoors'] as const
export type TrialLight = (typeof TRIAL_LIGHTS)[number]

/** How seeds of a seedling test are treated, alike in every pot. */
export interface SeedProtocol {
  /** Hours in water before sowing; 0: sown dry. */
  readonly presoakHours: number
  readonly depthCm: number
  readonly bottomWater: boolean
  readonly light: TrialLight
}

export const MOST_TREATMENTS = 12
/** On the page; the layout itself takes more. */
export const MOST_TRIAL_POTS = 400
