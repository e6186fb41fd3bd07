import { blendEc, blendPh } from '../../core/chemistry'
import { blendMedia, type Component, simulateDrainage, waterContent } from '../../core/media'
import { materialsById } from '../../data/media/materials'
import { listCrops } from '../../data/season/crops'
import type { CompareScreenPage, LadderWay, TriageScreenPage } from '../../messages/styleguide'
import type { OpenDatabase } from '../database'
import { potFrames } from '../media/potFrames'
import { INNINGS, mixer, POT, potOf, TROUGH } from './samples'

const POURED_ML = 2000

/** Three mixes of shipped materials in one pot, each watered with two litres. */
export async function compareScreen(db: OpenDatabase): Promise<CompareScreenPage> {
  const mix = mixer(await materialsById(db))
  const mixes: readonly [string, Component[]][] = [
    ['Bagged mix', mix({ 'all-purpose-mix': 1 })],
    ['Half compost', mix({ 'peat-medium': 50, 'garden-compost': 50 })],
    ['With perlite and bark', mix({ 'peat-medium': 45, 'perlite-coarse': 35, 'bark-fine': 20 })],
  ]
  return {
    pouredLitres: POURED_ML / 1000,
    runs: mixes.map(([name, components]) => {
      const { curve, ksCmPerS } = blendMedia({ components })
      const pot = potOf(components, POT, 21.5, 18)
      const { timeToMl, firstDripS, retainedMl } = simulateDrainage({
        shape: POT,
        layers: [{ thicknessCm: 21.5, curve, ksCmPerS }],
        headspaceCm: 2.5,
        pours: [{ atS: 0, millilitres: POURED_ML, durationS: 30 }],
        initial: { kind: 'drained' },
        endS: 3600,
      })
      return {
        name,
        pot,
        frames: potFrames(pot, ksCmPerS, POURED_ML),
        air: pot.airFraction,
        firstDripS,
        halfLitreS: timeToMl(500),
        keptLitres: retainedMl / 1000,
        curve: Array.from({ length: 41 }, (_, i) => {
          const suctionCm = 10 ** (i / 20)
          return [suctionCm, 100 * waterContent(curve, suctionCm)] as const
        }),
      }
    }),
  }
}

/** A tired trough and five ways to go on with it. */
export async function triageScreen(db: OpenDatabase): Promise<TriageScreenPage> {
  const mix = mixer(await materialsById(db))
  const crop = (await listCrops(db)).find(({ id }) => id === 'strawberry')
  if (!crop) throw new Error('The shipped crops have no strawberry.')
  const old = {
    'peat-medium': 44,
    'garden-compost': 16,
    'humified-fines': 22,
    'perlite-coarse': 18,
  }
  const scaled = (share: number) =>
    Object.fromEntries(Object.entries(old).map(([id, parts]) => [id, parts * share]))
  const ways: readonly [LadderWay['id'], Record<string, number>][] = [
    ['as-is', old],
    ['fresh', { ...scaled(0.5), 'all-purpose-mix': 50 }],
    ['compost', { ...scaled(0.7), 'garden-compost': 30 + 16 * 0.7 }],
    ['full', { ...scaled(0.5), 'leaf-mould': 25, 'rice-hulls': 25 }],
    ['replace', { 'all-purpose-mix': 1 }],
  ]
  return {
    innings: INNINGS.slice(0, 3),
    crop: {
      name: crop.name,
      airMin: crop.airMinPercent / 100,
      airMax: crop.airMaxPercent / 100,
      pHLow: crop.pHLow,
      pHHigh: crop.pHHigh,
      ecMaxSme: crop.ecMaxSme,
    },
    ways: ways.map(([id, parts]) => {
      const components = mix(parts)
      const pot = potOf(components, TROUGH, 17.5, null)
      return {
        id,
        pot,
        air: pot.airFraction,
        ph: blendPh({ components }).ph,
        ecSme: blendEc({ components }).ecSme,
      }
    }),
  }
}
