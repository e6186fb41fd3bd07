import type { Crop } from '../../chemistry'
import { plantingDay } from '../../season'
import type { LotTriage } from './triageOfLot'

/** The year in which a crop is planted next. */
export function seasonOf(crop: Crop, today: string, latitudeDeg: number): number {
  return Number(plantingDay(crop, today, latitudeDeg).slice(0, 4))
}

export type CropBar =
  | { readonly kind: 'given-up'; readonly verdict: 'compost' | 'discard' }
  | { readonly kind: 'held'; readonly why: 'rest' | 'quarantine'; readonly until: string }
  | { readonly kind: 'family'; readonly rotationGroup: string; readonly untilSeason: number }
  | { readonly kind: 'food' }
  | { readonly kind: 'seedlings' }

const FOOD: readonly Crop['kind'][] = ['vegetable', 'herb', 'fruit']

/** Why a crop may not be planted into a lot now; none where it may. */
export function cropBars(
  judged:
    | (Pick<LotTriage, 'verdict' | 'notFor' | 'forFood' | 'forSeedlings'> &
        Partial<Pick<LotTriage, 'hold'>>)
    | null,
  crop: Crop,
): CropBar[] {
  if (!judged) return []
  const { verdict, notFor, forFood, forSeedlings, hold } = judged
  if (verdict === 'compost' || verdict === 'discard') return [{ kind: 'given-up', verdict }]
  return [
    ...(hold ? [{ kind: 'held', why: hold.kind, until: hold.until } as const] : []),
    ...notFor
      .filter(({ rotationGroup }) => rotationGroup === crop.rotationGroup)
      .map((bar) => ({ kind: 'family', ...bar }) as const),
    ...(!forFood && FOOD.includes(crop.kind) ? [{ kind: 'food' } as const] : []),
    ...(!forSeedlings && crop.kind === 'seedling' ? [{ kind: 'seedlings' } as const] : []),
  ]
}
