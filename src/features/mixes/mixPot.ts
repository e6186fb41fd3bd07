import type { Component } from '../../core/media'
import type { MixInPlace } from '../../core/mixes'
import type { Stratum } from '../../messages/media/lotViews'
import type { PotView } from '../../messages/media/potViews'
import type { MixFor } from '../../messages/mixes/mixViews'

/** A mix by shares, for the core sample. */
export function strataOfMix(components: readonly Component[]): Stratum[] {
  const total = components.reduce((sum, { parts }) => sum + parts, 0)
  return components.map(({ material: { id, name, group, grainMm }, parts }) => ({
    materialId: id,
    name,
    group,
    grainMm,
    share: total > 0 ? parts / total : 0,
  }))
}

/** The pot cut open, with the mix in it as it was worked out. */
export function mixPot(
  components: readonly Component[],
  { shape, headspaceCm }: MixFor['container'],
  { blend, capacity }: Pick<MixInPlace, 'blend' | 'capacity'>,
  rootDepthCm: number | null,
): PotView {
  return {
    shape,
    headspaceCm,
    surfaceCm: shape.heightCm - headspaceCm,
    curve: blend.curve,
    strata: strataOfMix(components),
    lowAirDepthCm: capacity.lowAirDepthCm,
    airFraction: capacity.airFraction,
    rootDepthCm,
  }
}
