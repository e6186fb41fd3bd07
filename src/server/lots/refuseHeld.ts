import { refuseField } from '../problem'
import type { LotFacts } from './lotFacts'

/** @throws Refused where a lot rests or is kept apart: it goes into no pot until its day, or until that is taken back. */
export function refuseHeld({ lot, triage }: Pick<LotFacts, 'lot' | 'triage'>, field: string): void {
  const hold = triage?.hold
  if (!hold) return
  const what = hold.kind === 'rest' ? 'rests because of what was found in it' : 'is kept apart'
  refuseField(
    field,
    `${lot.name} ${what} until ${hold.until}: take another, or end that on its page first.`,
  )
}
