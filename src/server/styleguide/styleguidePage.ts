import { type ContainerShape, containerVolume } from '../../core/containers'
import {
  blendMedia,
  type Component,
  drainedSuctions,
  layeredCapacity,
  waterContent,
} from '../../core/media'
import { whyInput } from '../../core/why'
import { materialsById } from '../../data/media'
import type { PotView } from '../../messages/media/potViews'
import type { StyleguidePage } from '../../messages/styleguide'
import type { OpenDatabase } from '../database'
import { strataOf } from '../lots'
import { potFrames } from './potFrames'
import { INNINGS, mixer, POT, potOf, TROUGH } from './samples'

const BOWL: ContainerShape = { kind: 'bowl', rimDiameterCm: 36, heightCm: 15 }

/** Real mixes of the shipped materials in real pots: what a component looks like when it is used. */
export async function styleguidePage(db: OpenDatabase): Promise<StyleguidePage> {
  const materials = await materialsById(db)
  const mix = mixer(materials)
  const open = mix({
    'peat-medium': 45,
    'garden-compost': 20,
    'perlite-coarse': 27,
    'bark-fine': 8,
  })
  const fine = mix({ 'peat-fine': 60, 'garden-compost': 40 })
  const gravel = mix({ gravel: 1 })
  const blend = blendMedia({ components: open })
  const pot = potOf(open, POT, 21.5, 18)
  return {
    strata: strataOf(open),
    split: { air: pot.airFraction, water: blend.totalPorosity - pot.airFraction },
    pot,
    trough: potOf(fine, TROUGH, 17.5, 20),
    bowl: potOf(open, BOWL, 13, 12),
    layered: layeredPot(open, gravel),
    onFiller: potOnFiller(open),
    innings: INNINGS,
    why: {
      rule: 'air',
      source: 'capacity',
      range: [pot.airFraction - 0.03, pot.airFraction + 0.03],
      inputs: [
        whyInput('porosity', blend.totalPorosity, 'share'),
        whyInput('waterHeld', blend.totalPorosity - pot.airFraction, 'share'),
        whyInput('fillHeight', 21.5, 'cm'),
      ],
    },
    frames: potFrames(pot, blend.ksCmPerS, 2000),
    curves: [
      { name: 'open mix', points: curveOf(open) },
      { name: 'fine mix', points: curveOf(fine) },
    ],
    airByHeight: [8, 12, 16, 20, 30].map((heightCm) => ({
      heightCm,
      air: potOf(open, { ...POT, heightCm: heightCm + 2.5 }, heightCm, null).airFraction,
    })),
  }
}

/** The same mix over upturned pots: they hold no water, and the column above them is shorter. */
function potOnFiller(mix: readonly Component[]): PotView {
  const fillerCm = 7
  const above = potOf(mix, POT, 21.5, 14)
  const { curve, ksCmPerS } = blendMedia({ components: mix })
  const { waterLitres, airLitres } = layeredCapacity({
    shape: POT,
    layers: [{ thicknessCm: 21.5 - fillerCm, curve, ksCmPerS }],
    baseOffsetCm: fillerCm,
  })
  return {
    ...above,
    fillerCm,
    airFraction: (curve.thetaS * airLitres) / (airLitres + waterLitres),
    lowAirDepthCm: fillerCm + above.lowAirDepthCm,
  }
}

/** The same mix over a layer of gravel: the pull starts anew where the gravel stops conducting. */
function layeredPot(mix: readonly Component[], gravel: readonly Component[]): PotView {
  const above = potOf(mix, POT, 21.5, 18)
  const layer = (components: readonly Component[], name: string, thicknessCm: number) => {
    const { curve, ksCmPerS } = blendMedia({ components })
    return { name, thicknessCm, curve, ksCmPerS, strata: strataOf(components) }
  }
  const layers = [layer(gravel, 'Gravel', 5), layer(mix, 'Mix', 16.5)]
  const { airLitres } = layeredCapacity({ shape: POT, layers })
  const startCm = drainedSuctions(layers)[1]?.startCm ?? 0
  return {
    ...above,
    layers,
    airFraction: airLitres / containerVolume({ shape: POT, fillHeightCm: 21.5 }),
    lowAirDepthCm: 5 + Math.max(0, above.lowAirDepthCm - startCm),
  }
}

/** Suctions from 1 to 100 cm, evenly on a logarithmic axis. */
function curveOf(components: readonly Component[]): [number, number][] {
  const { curve } = blendMedia({ components })
  return Array.from({ length: 41 }, (_, i) => {
    const suctionCm = 10 ** (i / 20)
    return [suctionCm, 100 * waterContent(curve, suctionCm)]
  })
}
