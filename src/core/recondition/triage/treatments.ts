import { addMonths } from '../../units'
import type { TriageDone } from './triageTypes'

/** What a grower did against something found, or decided about the mix. */
export const TREATMENT_KINDS = [
  'debris',
  'skim',
  'leach',
  'aerate',
  'rewet',
  /** Closed and labelled, until what is in it has died. */
  'rest',
  /** Kept apart by the grower's own decision until a day. */
  'quarantine',
  /** Used all the same, against the verdict, for a reason. */
  'override',
] as const
export type TreatmentKind = (typeof TREATMENT_KINDS)[number]

export interface Treatment {
  readonly id: number
  readonly kind: TreatmentKind
  /** Milliseconds since 1970. */
  readonly at: number
  /** ISO day. */
  readonly on: string
  /** ISO day from which on it may be used again. Of a quarantine only. */
  readonly until: string | null
  /** ISO day on which a rest was broken off; null while it goes on. */
  readonly endedOn: string | null
  readonly skimCm: number | null
  readonly note: string | null
  /** What was known to be in it when it was decided. Of an override only. */
  readonly problemIds: readonly string[]
}

/** The rest that goes on, or that was kept last. */
export function restOf(treatments: readonly Treatment[]): Treatment | null {
  return newest(treatments.filter(({ kind }) => kind === 'rest'))
}

/**
 * What of all that was done counts against findings: only what came after the last of them.
 * @param latest when the last of them was seen, ms
 * @param today ISO day
 */
export function doneSince(
  treatments: readonly Treatment[],
  latest: number,
  latestOn: string,
  today: string,
): Partial<TriageDone> {
  const since = treatments.filter(({ at }) => at >= latest)
  const isDone = (kind: TreatmentKind) => since.some((one) => one.kind === kind)
  return {
    ...(isDone('debris') ? { debrisCleared: true } : {}),
    ...(isDone('skim')
      ? { skimmedCm: since.reduce((sum, { skimCm }) => sum + (skimCm ?? 0), 0) }
      : {}),
    ...(isDone('leach') ? { leached: true } : {}),
    ...(isDone('aerate') ? { aerated: true } : {}),
    ...(isDone('rewet') ? { rewetted: true } : {}),
    restedMonths: monthsRested(restOf(treatments), latestOn, today),
  }
}

/** Whole calendar months of rest since the last finding; a finding in the middle of it begins it anew. */
function monthsRested(rest: Treatment | null, latestOn: string, today: string): number {
  if (!rest) return 0
  const from = [rest.on, latestOn].sort()[1] as string
  const to = rest.endedOn ?? today
  return to <= from ? 0 : wholeMonths(from, to)
}

/** As many as fit: a month after the last of January is the last of February. */
function wholeMonths(from: string, to: string): number {
  const [fromYear, fromMonth] = from.split('-').map(Number) as [number, number]
  const [toYear, toMonth] = to.split('-').map(Number) as [number, number]
  const months = (toYear - fromYear) * 12 + toMonth - fromMonth
  return addMonths(from, months) <= to ? months : months - 1
}

/** The quarantine that goes on. */
export function quarantineOf(treatments: readonly Treatment[], today: string): Treatment | null {
  return newest(
    treatments.filter(
      ({ kind, until, endedOn }) =>
        kind === 'quarantine' && until !== null && until > today && endedOn === null,
    ),
  )
}

/** The decision to use it all the same, as long as nothing else was found since. */
export function overrideOf(
  treatments: readonly Treatment[],
  problemIds: readonly string[],
): Treatment | null {
  const override = newest(treatments.filter(({ kind }) => kind === 'override'))
  if (!override || override.endedOn !== null) return null
  return problemIds.every((id) => override.problemIds.includes(id)) ? override : null
}

function newest(treatments: readonly Treatment[]): Treatment | null {
  return treatments.reduce<Treatment | null>(
    (last, one) => (last === null || one.at > last.at ? one : last),
    null,
  )
}
