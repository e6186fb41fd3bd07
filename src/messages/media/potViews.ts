import type { ContainerShape } from '../../core/containers'
import type { RetentionCurve } from '../../core/media'
import type { Stratum } from './lotViews'

/** One layer of what stands in a pot; layers are told from the base up. */
export interface PotLayer {
  readonly name: string
  readonly thicknessCm: number
  readonly curve: RetentionCurve
  readonly ksCmPerS: number
  readonly strata: readonly Stratum[]
}

/** A pot cut open: all that the picture needs. */
export interface PotView {
  readonly shape: ContainerShape
  readonly headspaceCm: number
  /** Height of the media surface above the base. */
  readonly surfaceCm: number
  readonly curve: RetentionCurve
  readonly strata: readonly Stratum[]
  readonly lowAirDepthCm: number
  readonly airFraction: number
  readonly rootDepthCm: number | null
  /** Where more than one mix stands in it; else it is all of `strata` and `curve`. */
  readonly layers?: readonly PotLayer[]
  /** Height of an inert filler on the base (upturned pots, foam): it holds no water. */
  readonly fillerCm?: number
}

/** How a pot stands at a moment after water was poured. */
export interface PotFrame {
  readonly atS: number
  /** Share of the pores filled, from the base up, in slices of equal height. */
  readonly wetness: readonly number[]
  readonly outMl: number
  /** Water standing on the surface. */
  readonly pondCm: number
}
