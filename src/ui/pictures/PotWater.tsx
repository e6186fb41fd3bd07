import {
  drainedSuctions,
  layerSuctionAt,
  type RetentionCurve,
  waterContent,
} from '../../core/media'
import type { PotView } from '../../messages/media/potViews'
import type { Frame } from './potGeometry'

const BANDS = 40
const LOAM = [146, 123, 104] as const
const WATER = [22, 104, 176] as const

/** Water while it moves: share of the pores filled, from the base up, in slices of equal height. */
export type Wetness = readonly number[]

export interface Laid {
  readonly fromCm: number
  readonly toCm: number
  readonly curve: RetentionCurve
  readonly ksCmPerS: number | null
  readonly strata: PotView['strata']
}

/** Layers with their heights above the base; a pot of one mix is one layer. */
export function layersOf({ layers, fillerCm = 0, surfaceCm, curve, strata }: PotView): Laid[] {
  if (!layers || layers.length === 0) {
    return [{ fromCm: fillerCm, toCm: surfaceCm, curve, ksCmPerS: null, strata }]
  }
  let at = fillerCm
  return layers.map(({ thicknessCm, ...layer }) => {
    const fromCm = at
    at += thicknessCm
    return { fromCm, toCm: at, ...layer }
  })
}

/** Water after draining: suction rises with height, until a layer conducts no more and passes less of it up. */
export function drainedWetness(layers: readonly Laid[], bands = BANDS): Wetness {
  const base = layers[0]?.fromCm ?? 0
  const top = layers.at(-1)?.toCm ?? 0
  const suctions = drainedSuctions(
    layers.map(({ fromCm, toCm, curve, ksCmPerS }) => ({
      thicknessCm: toCm - fromCm,
      curve,
      // A pot of one mix is drawn as its container capacity counts it: to the very end.
      ksCmPerS: ksCmPerS ?? Number.MAX_VALUE,
    })),
    base,
  )
  return Array.from({ length: bands }, (_, i) => {
    const z = base + ((i + 0.5) * (top - base)) / bands
    const index = Math.max(
      0,
      layers.findIndex(({ toCm }) => z <= toCm),
    )
    const layer = layers[index]
    const suction = suctions[index]
    if (!layer || !suction) return 0
    return waterContent(layer.curve, layerSuctionAt(suction, z)) / layer.curve.thetaS
  })
}

export function WaterBands({
  wetness,
  frame,
  fromCm,
  surfaceCm,
}: {
  wetness: Wetness
  frame: Frame
  fromCm: number
  surfaceCm: number
}) {
  const thick = (surfaceCm - fromCm) / wetness.length
  return wetness.map((filled, i) => {
    const top = frame.toY(fromCm + (i + 1) * thick)
    return (
      <rect
        key={i}
        x={0}
        y={top.toFixed(1)}
        width={frame.width}
        height={(thick * frame.pxPerCm + 0.8).toFixed(1)}
        fill={blend(filled ** 2.2)}
      />
    )
  })
}

function blend(blue: number): string {
  const mixed = LOAM.map((loam, i) => Math.round(loam + ((WATER[i] as number) - loam) * blue))
  return `rgb(${mixed.join(' ')})`
}
