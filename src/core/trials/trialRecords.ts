import type { PotLogKind } from '../season'
import type { TrialMeasure } from './trialKinds'

/** As what a measure stands in the log of its pot. */
export const MEASURE_KIND: Readonly<Record<TrialMeasure, PotLogKind>> = {
  height: 'height',
  leaves: 'leaves',
  stem: 'stem',
  flowers: 'flowers',
  fruits: 'fruits',
  'fruits-picked': 'fruits picked',
  picked: 'harvest',
  vigour: 'growth',
  emerged: 'emerged',
  harvest: 'shoots',
  sunk: 'sunk',
  water: 'water',
}

/** What may be read, and how finely: cm, mm, g, a score, or so many. */
export const MEASURE_RANGE: Readonly<
  Record<
    TrialMeasure,
    { readonly low: number; readonly high: number; readonly decimals: 0 | 1; readonly unit: string }
  >
> = {
  height: { low: 0, high: 600, decimals: 1, unit: 'cm' },
  leaves: { low: 0, high: 5000, decimals: 0, unit: '' },
  stem: { low: 0, high: 300, decimals: 1, unit: 'mm' },
  flowers: { low: 0, high: 5000, decimals: 0, unit: '' },
  fruits: { low: 0, high: 5000, decimals: 0, unit: '' },
  'fruits-picked': { low: 0, high: 5000, decimals: 0, unit: '' },
  picked: { low: 0, high: 100_000, decimals: 1, unit: 'g' },
  vigour: { low: 1, high: 5, decimals: 0, unit: 'of 5' },
  emerged: { low: 0, high: 10_000, decimals: 0, unit: '' },
  harvest: { low: 0, high: 100_000, decimals: 1, unit: 'g' },
  sunk: { low: 0, high: 200, decimals: 1, unit: 'cm' },
  water: { low: 0, high: 1000, decimals: 1, unit: 'L' },
}

/** What can happen to a pot of a trial, apart from what stands in the list of problems. */
export const TRIAL_EVENTS = [
  'pest',
  'disease',
  'treated',
  'missed',
  'overwatered',
  'weather',
  'animal',
  'broken',
  'bolted',
  'died',
] as const satisfies readonly PotLogKind[]
export type TrialEvent = (typeof TRIAL_EVENTS)[number]

/** To which pots something happened: to one, to all of its block, or to every one that is still in. */
export const EVENT_SCOPES = ['pot', 'block', 'all'] as const
export type EventScope = (typeof EVENT_SCOPES)[number]
