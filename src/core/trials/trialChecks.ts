import { daysBetween } from './potValue'

/** A day on which the pots of a trial were to be looked at. */
export interface TrialCheck {
  /** After planting. */
  readonly day: number
  /** ISO day. */
  readonly on: string
  readonly state: 'done' | 'late' | 'due' | 'to-come'
  /** ISO day on which it was really done. */
  readonly doneOn: string | null
}

/**
 * The schedule with what was done of it: a look belongs to the check that is nearest to it, each to one.
 * @param lookedOn ISO days on which pots were looked at
 */
export function trialChecks({
  checks,
  lookedOn,
  today,
}: {
  readonly checks: readonly { readonly day: number; readonly on: string }[]
  readonly lookedOn: readonly string[]
  readonly today: string
}): TrialCheck[] {
  const doneOn = new Map<string, string>()
  for (const look of [...new Set(lookedOn)].sort()) {
    const distance = (on: string) => Math.abs(daysBetween(on, look))
    const [nearest] = [...checks].sort((a, b) => distance(a.on) - distance(b.on))
    if (!nearest) continue
    const known = doneOn.get(nearest.on)
    if (known === undefined || distance(nearest.on) < Math.abs(daysBetween(nearest.on, known))) {
      doneOn.set(nearest.on, look)
    }
  }
  return checks.map(({ day, on }) => {
    const done = doneOn.get(on) ?? null
    const state = done !== null ? 'done' : on < today ? 'late' : on === today ? 'due' : 'to-come'
    return { day, on, state, doneOn: done }
  })
}
