import type { WhyInputName, WhyRule, WhySource } from './whyKeys'

/** The unit a number of the arithmetic is in; how it is written is for the screens. */
export type WhyUnit =
  | 'L'
  | 'g'
  | 'g/L'
  | 'share'
  | 'pH'
  | 'dS/m'
  | 'cm'
  | 'g/L/pH'
  | 'kg/L'
  | 'weeks'
  | 'days'
  | 'kg'
  | 'mm/d'
  | 'cm²'
  | 'cm/min'
  | 'times'
  | '°C'
  | 'mg/L'
  | 'text'
  | 'per L'

/** One input of a number's arithmetic. */
export interface WhyInput {
  /** Known to the words of the interface, or called as a grower calls it. */
  readonly name: WhyInputName | { readonly called: string }
  readonly value: number | string | null
  readonly unit: WhyUnit
}

/** Where a number comes from: the rule that decided it, its inputs, its source and how sure it is. */
export interface Why {
  readonly rule: WhyRule
  readonly inputs: readonly WhyInput[]
  /** Which published work the formula comes from. */
  readonly source: WhySource
  /** Likely lowest and highest value. */
  readonly range?: readonly [number, number]
  /** Of the range; a share where left out. */
  readonly rangeUnit?: WhyUnit
  /** ISO day of the measurement, where the number was measured rather than worked out. */
  readonly measuredOn?: string
  /** The test of the bench it rests on. */
  readonly testId?: number
}

/** One input; a number that is not finite is told as nothing. */
export function whyInput(
  name: WhyInput['name'],
  value: WhyInput['value'] | undefined,
  unit: WhyUnit,
): WhyInput {
  const finite = typeof value === 'number' && !Number.isFinite(value) ? null : (value ?? null)
  return { name, value: finite, unit }
}
