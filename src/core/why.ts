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
  | '°C'
  | 'mg/L'
  | 'text'
  | 'per L'

/** One input of a number's arithmetic; `name` is looked up in the catalogue of texts. */
export interface WhyInput {
  readonly name: string
  readonly value: number | string | null
  readonly unit: WhyUnit
}

/** Where a number comes from: the rule that decided it, its inputs, its source and how sure it is. */
export interface Why {
  /** A key of the catalogue. */
  readonly rule: string
  readonly inputs: readonly WhyInput[]
  /** Which published work the formula comes from, a key of the catalogue. */
  readonly source: string
  /** Likely lowest and highest value. */
  readonly range?: readonly [number, number]
  /** Of the range; a share where left out. */
  readonly rangeUnit?: WhyUnit
  /** ISO day of the measurement, where the number was measured rather than worked out. */
  readonly measuredOn?: string
}

/** One input; a number that is not finite is told as nothing. */
export function whyInput(
  name: string,
  value: WhyInput['value'] | undefined,
  unit: WhyUnit,
): WhyInput {
  const told = typeof value === 'number' && !Number.isFinite(value) ? null : (value ?? null)
  return { name, value: told, unit }
}
