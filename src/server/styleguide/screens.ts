import { blendEc, blendPh } from '../../core/chemistry'
import { materialsById } from '../../data/media'
import { listCrops } from '../../data/season'
import type { LadderWay, TriageScreenPage } from '../../messages/styleguide'
import type { OpenDatabase } from '../database'
import { INNINGS, mixer, potOf, TROUGH } from './samples'

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
