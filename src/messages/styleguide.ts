import type { Why } from '../core/why'
import type { InningsMark, Stratum } from './media/lotViews'
import type { PotFrame, PotView } from './media/potViews'

/** What the styleguide shows: computed from the shipped materials, so that it is there without a garden. */
export interface StyleguidePage {
  readonly strata: readonly Stratum[]
  readonly split: { readonly air: number; readonly water: number }
  readonly pot: PotView
  readonly trough: PotView
  readonly bowl: PotView
  readonly layered: PotView
  readonly onFiller: PotView
  /** The first pot, watered with two litres. */
  readonly frames: readonly PotFrame[]
  readonly innings: readonly InningsMark[]
  readonly why: Why
  /** Water held against suction for a fine and an open mix, for the chart. */
  readonly curves: readonly {
    readonly name: string
    readonly points: readonly (readonly [number, number])[]
  }[]
  /** Air by height of the pot, for the bars. */
  readonly airByHeight: readonly { readonly heightCm: number; readonly air: number }[]
}
