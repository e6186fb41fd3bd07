import { outbox as words } from '../texts/outbox'
import type { Entry } from './entry'

interface KeptStep {
  readonly version: number
  readonly doneOn: string | null
  readonly amounts: readonly {
    readonly id: string
    readonly unit: string
    readonly actual: number | null
  }[]
}

function keptStep({ problem }: Entry): KeptStep | null {
  const step = problem?.current?.step as Partial<KeptStep> | undefined
  return typeof step?.version === 'number' && Array.isArray(step.amounts)
    ? (step as KeptStep)
    : null
}

/** What stands there meanwhile instead of what was entered, in words; null where nothing else does. */
export function keptThere(entry: Entry): string | null {
  const step = keptStep(entry)
  if (!step) return null
  const { actuals } = entry.body as { actuals?: object }
  if (!actuals) return step.doneOn ? words.doneOn(step.doneOn) : words.notDone
  return step.amounts
    .filter(({ id }) => id in actuals)
    .map(({ actual, unit }) => (actual === null ? words.asPlanned : `${actual} ${unit}`))
    .join(', ')
}

/** What was entered, as a change of what stands there now. */
export function withVersionOf(entry: Entry): unknown {
  const step = keptStep(entry)
  return step ? { ...(entry.body as object), version: step.version } : entry.body
}
