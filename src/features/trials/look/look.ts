import { MEASURE_RANGE, type TrialMeasure } from '../../../core/trials'
import type { LookBody } from '../../../messages/trials/looks'
import type { LookPot } from '../../../messages/trials/lookViews'
import { look as words } from '../../../ui/texts/trials/look'

/** What is typed for one pot, before it is kept. */
export interface Typed {
  readonly values: Partial<Record<TrialMeasure, string>>
  readonly note: string
}

/** What a key of the pad does to what stands in a field. */
export type PadKey = '0' | '1' | '2' | '3' | '4' | '5' | '6' | '7' | '8' | '9' | '.' | 'wipe'

const LONGEST = 8

/** What stands in a field after a key; a score is one digit, and a second point is none. */
export function pressed(typed: string, key: PadKey, measure: TrialMeasure): string {
  const { decimals } = MEASURE_RANGE[measure]
  if (key === 'wipe') return typed.slice(0, -1)
  if (measure === 'vigour') return key === '.' ? typed : key
  if (key === '.') return decimals === 0 || typed.includes('.') ? typed : `${typed || '0'}.`
  if (typed.length >= LONGEST) return typed
  return typed === '0' ? key : `${typed}${key}`
}

/** The number that was typed, or what is wrong with it; nothing typed is no number. */
export function readTyped(
  measure: TrialMeasure,
  typed: string,
  seeds: number,
): { readonly value: number | null; readonly problem: string | null } {
  const text = typed.trim().replace(',', '.')
  if (text === '') return { value: null, problem: null }
  const value = /^\d+(\.\d*)?$/.test(text) ? Number(text) : Number.NaN
  const { low, high, decimals, unit } = MEASURE_RANGE[measure]
  if (!Number.isFinite(value)) return { value: null, problem: words.number }
  if (decimals === 0 && !Number.isInteger(value)) return { value: null, problem: words.whole }
  if (value < low || value > high) {
    return { value: null, problem: words.low(low, high, measure === 'vigour' ? '' : unit) }
  }
  if (measure === 'emerged' && seeds > 0 && value > seeds) {
    return { value: null, problem: words.sown(seeds) }
  }
  return { value, problem: null }
}

/** What stands in the fields of a pot that was looked at that day already. */
export function typedOf(pot: LookPot): Typed {
  return {
    values: Object.fromEntries(
      Object.entries(pot.values).map(([measure, value]) => [measure, String(value)]),
    ),
    note: pot.note,
  }
}

/** What is sent for a pot; null where nothing is entered, or something of it cannot be. */
export function bodyOf(
  pot: LookPot,
  typed: Typed,
  measures: readonly TrialMeasure[],
  { on, seeds }: { readonly on: string | null; readonly seeds: number },
): LookBody | null {
  const values: Partial<Record<TrialMeasure, number | null>> = {}
  for (const measure of measures) {
    const { value, problem } = readTyped(measure, typed.values[measure] ?? '', seeds)
    if (problem) return null
    values[measure] = value
  }
  const isSaid = Object.values(values).some((value) => value !== null) || typed.note.trim() !== ''
  // What was read before can be taken away again.
  const wasSaid = Object.keys(pot.values).length > 0 || pot.note !== ''
  return isSaid || wasSaid ? { potId: pot.id, on, values, note: typed.note } : null
}

/** A pot as it stands once what was entered for it is kept. */
export function withEntered(pot: LookPot, { values, note }: LookBody): LookPot {
  const kept = Object.entries(values).filter(([, value]) => value !== null)
  return { ...pot, values: Object.fromEntries(kept) as LookPot['values'], note }
}

/** Of how many pots something waits: one may wait with a look and with what happened to it. */
export function potsOf(waiting: readonly { readonly body: { readonly potId: number } }[]): number {
  return new Set(waiting.map(({ body }) => body.potId)).size
}

export type PotState = keyof typeof words.state

export function stateOfPot(pot: LookPot): PotState {
  if (pot.leftOut) return 'out'
  if (Object.keys(pot.values).length > 0 || pot.note !== '') return 'looked'
  return pot.diedOn ? 'dead' : 'open'
}

/** The next pot along the walk that was not looked at yet, from the one after; null: all were. */
export function nextOpen(pots: readonly LookPot[], id: number | null): LookPot | null {
  const at = pots.findIndex((pot) => pot.id === id)
  const round = [...pots.slice(at + 1), ...pots.slice(0, Math.max(0, at))]
  return round.find((pot) => stateOfPot(pot) === 'open') ?? null
}
