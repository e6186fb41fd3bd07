import { daysBetween } from '../units'

/** A day on which the pots of a trial were to be looked at. */
export interface TrialCheck {
  /** After planting. */
  readonly day: number
  /** ISO day. */
  readonly on: string
  /** Missed: it was not finished before the next one began. */
  readonly state: 'done' | 'missed' | 'late' | 'due' | 'to-come'
  /** Pots that were looked at for it. */
  readonly looked: number
  /** ISO day of its last look; null where there was none. */
  readonly doneOn: string | null
}

type Planned = Pick<TrialCheck, 'day' | 'on'>

/** The check that a look belongs to: the nearest one, the earlier of two as near. */
export function nearestCheck<Check extends Planned>(
  checks: readonly Check[],
  on: string,
): Check | undefined {
  const distance = (check: Planned) => Math.abs(daysBetween(check.on, on))
  return [...checks].sort((a, b) => distance(a) - distance(b) || a.day - b.day)[0]
}

/**
 * The schedule with what was done of it.
 * @param checks in the order of their days
 * @param looks each pot with the ISO day on which it was looked at
 * @param pots that are still in the trial
 */
export function trialChecks({
  checks,
  looks,
  pots,
  today,
}: {
  readonly checks: readonly Planned[]
  readonly looks: readonly { readonly pot: number; readonly on: string }[]
  readonly pots: number
  readonly today: string
}): TrialCheck[] {
  const seen = new Map<string, { readonly pots: Set<number>; readonly days: string[] }>()
  for (const { pot, on } of looks) {
    const check = nearestCheck(checks, on)
    if (!check) continue
    const known = seen.get(check.on) ?? { pots: new Set(), days: [] }
    known.pots.add(pot)
    known.days.push(on)
    seen.set(check.on, known)
  }
  const last = checks.findLastIndex(({ on }) => seen.has(on))
  return checks.map(({ day, on }, index) => {
    const looked = seen.get(on)?.pots.size ?? 0
    const doneOn = seen.get(on)?.days.sort().at(-1) ?? null
    const isOver = looked >= pots && looked > 0
    const state = isOver
      ? 'done'
      : index < last
        ? 'missed'
        : on < today
          ? 'late'
          : on === today
            ? 'due'
            : 'to-come'
    return { day, on, state, looked, doneOn }
  })
}
