import { Band } from './Band'
import type { Amount, Format } from './format'
import { common as words } from './texts/common'

/** What a plant wants of a mix; null where it does not say. */
export interface Wanted {
  readonly airMin: number
  readonly airMax: number
  readonly pHLow: number
  readonly pHHigh: number
  readonly ecMaxSme: number | null
}

/** Where a value lies with four chances in five. */
export interface Likely {
  readonly p10: number
  readonly p90: number
}

export type WantedQuantity = 'air' | 'ph' | 'ec'

/** One scale each, so that the same air stands at the same place on every page. */
const SCALES = {
  air: { from: 0, to: 0.6 },
  ph: { from: 3.5, to: 8.5 },
  ec: { from: 0, to: 6 },
} as const

function bandOf(quantity: WantedQuantity, wanted: Partial<Wanted>) {
  const { airMin = null, airMax = null, pHLow = null, pHHigh = null, ecMaxSme = null } = wanted
  switch (quantity) {
    case 'air':
      return { low: airMin, high: airMax }
    case 'ph':
      return { low: pHLow, high: pHHigh }
    case 'ec':
      return { low: null, high: ecMaxSme }
  }
}

/** On which side of what is wanted it lies; null within it. */
export function sideOf(
  quantity: WantedQuantity,
  value: number,
  wanted: Partial<Wanted>,
): 'low' | 'high' | null {
  const { low, high } = bandOf(quantity, wanted)
  if (low !== null && value < low) return 'low'
  return high !== null && value > high ? 'high' : null
}

/** A value of a mix against what a plant wants, with where it likely lies. */
export function AgainstWanted({
  quantity,
  value,
  wanted,
  likely = null,
}: {
  readonly quantity: WantedQuantity
  readonly value: number
  /** Only what concerns the quantity need be there. */
  readonly wanted: Partial<Wanted>
  readonly likely?: Likely | null
}) {
  const { from, to } = SCALES[quantity]
  return <Band value={value} likely={likely} {...bandOf(quantity, wanted)} from={from} to={to} />
}

/** The amount of it: air in percent, a pH without a unit, salts in dS/m. */
export function amountOf(quantity: WantedQuantity, value: number, format: Format): Amount {
  switch (quantity) {
    case 'air':
      return format.percent(value)
    case 'ph':
      return { number: format.number(value, 1), unit: '' }
    case 'ec':
      return format.conductivity(value)
  }
}

/** Where it likely lies, such as "likely 7 to 12 %". */
export function likelyText(quantity: WantedQuantity, { p10, p90 }: Likely, format: Format): string {
  return words.likely(
    amountOf(quantity, p10, format).number,
    format.plain(amountOf(quantity, p90, format)).trim(),
  )
}
