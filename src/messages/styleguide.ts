import type { Why } from '../core/why'
import type { InningsMark, PotFrame, PotView, Stratum } from './media/lots'
import type { MaterialsPage } from './media/materials'

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
  readonly materials: MaterialsPage
  /** Water held against suction for a fine and an open mix, for the chart. */
  readonly curves: readonly {
    readonly name: string
    readonly points: readonly (readonly [number, number])[]
  }[]
  /** Air by height of the pot, for the bars. */
  readonly airByHeight: readonly { readonly heightCm: number; readonly air: number }[]
  /** A long list for the table: one line for each pot of a made-up nursery. */
  readonly pots: readonly SamplePot[]
}

export interface SamplePot {
  readonly code: string
  readonly place: string
  readonly shape: string
  readonly litres: number
  readonly heightCm: number
  readonly air: number
}

/** One way to go on with a lot, as a column of the ladder. */
export interface LadderWay {
  readonly id: 'as-is' | 'fresh' | 'compost' | 'full' | 'replace'
  readonly pot: PotView
  readonly air: number
  readonly ph: number
  readonly ecSme: number
}

export interface TriageScreenPage {
  readonly ways: readonly LadderWay[]
  readonly crop: {
    readonly name: string
    readonly airMin: number
    readonly airMax: number
    readonly pHLow: number
    readonly pHHigh: number
    readonly ecMaxSme: number
  }
  readonly innings: readonly InningsMark[]
}
