import { containerVolume } from '../../core/containers'
import type { Component, Material } from '../../core/media'
import type { MixContainer, MixToRun } from '../../messages/mixes/mixViews'
import type { PotRun } from '../../ui/pictures/PotPlayer'
import type { MixFill, MixRun } from '../../workers/jobs'
import { strataOfMix } from './mixPot'

/** A pot to be watered, with the names of what stands in it from the base up. */
export interface NamedFill extends MixFill {
  readonly name: string
  readonly layerNames: readonly string[]
}

export function componentsOfMix(
  { parts, asTested }: Pick<MixToRun, 'parts' | 'asTested'>,
  materials: ReadonlyMap<string, Material>,
): Component[] {
  return parts.flatMap(({ materialId, litres }) => {
    const material = asTested.find(({ id }) => id === materialId) ?? materials.get(materialId)
    return material ? [{ material, parts: litres }] : []
  })
}

/** A mix that fills a container to its usual height. */
export function fillOf(
  name: string,
  mix: string,
  components: readonly Component[],
  { shape, headspaceCm }: Pick<MixContainer, 'shape' | 'headspaceCm'>,
): NamedFill {
  return {
    name,
    layerNames: [mix],
    shape,
    headspaceCm,
    layers: [{ components, thicknessCm: shape.heightCm - headspaceCm }],
  }
}

/** The same container with something else at the bottom, filled to the same height. */
export function fillOnLayer(
  name: string,
  above: NamedFill,
  bottom: { readonly name: string; readonly components: readonly Component[] } | null,
  bottomCm: number,
): NamedFill {
  const [mix] = above.layers
  if (!mix || !(bottomCm > 0) || bottomCm >= mix.thicknessCm - 1) return { ...above, name }
  const rest = { ...mix, thicknessCm: mix.thicknessCm - bottomCm }
  if (!bottom) return { ...above, name, fillerCm: bottomCm, layers: [rest] }
  return {
    ...above,
    name,
    layerNames: [bottom.name, ...above.layerNames],
    layers: [{ components: bottom.components, thicknessCm: bottomCm }, rest],
  }
}

/** Litres of the mix that roots have: of the top layer, above whatever lies under it. */
export function roomLitres({ shape, headspaceCm, layers }: NamedFill): number {
  const surfaceCm = shape.heightCm - headspaceCm
  const footCm = surfaceCm - (layers.at(-1)?.thicknessCm ?? 0)
  const below = footCm > 1e-9 ? containerVolume({ shape, fillHeightCm: footCm }) : 0
  return containerVolume({ shape, fillHeightCm: surfaceCm }) - below
}

/** The pictures of a run: the pot with its layers, and its moments. */
export function potRun(fill: NamedFill, run: MixRun): PotRun {
  const top = run.mixes.at(-1)
  const air = run.layers.at(-1)?.air ?? 0
  const [components] = [fill.layers.at(-1)?.components ?? []]
  if (!top) throw new Error('A run has at least one layer.')
  return {
    name: fill.name,
    frames: run.frames,
    pot: {
      shape: fill.shape,
      headspaceCm: fill.headspaceCm,
      surfaceCm: fill.shape.heightCm - fill.headspaceCm,
      curve: top.curve,
      strata: strataOfMix(components),
      lowAirDepthCm: run.thinAirUpToCm,
      airFraction: air,
      rootDepthCm: null,
      ...(fill.fillerCm ? { fillerCm: fill.fillerCm } : {}),
      ...(fill.layers.length > 1
        ? {
            layers: fill.layers.map((layer, i) => ({
              name: fill.layerNames[i] ?? '',
              thicknessCm: layer.thicknessCm,
              curve: (run.mixes[i] ?? top).curve,
              ksCmPerS: (run.mixes[i] ?? top).ksCmPerS,
              strata: strataOfMix(layer.components),
            })),
          }
        : {}),
    },
  }
}
