import { fetchedPart } from '../../ui/fetchedPart'
import type { CheapestOfferProps } from './CheapestOffer'
import type { MixSwapProps } from './MixSwap'
import type { MixWhyProps } from './MixWhy'

// What the designer shows when it is asked for is fetched then; what is far down or only printed, once the page
// stands.
export const { Part: MixSwap } = fetchedPart<MixSwapProps>(() =>
  import('./MixSwap').then((file) => file.MixSwap),
)
export const { Part: LotBars } = fetchedPart<object>(() =>
  import('./LotBars').then((file) => file.LotBars),
)
export const { Part: CheapestOffer } = fetchedPart<CheapestOfferProps>(() =>
  import('./CheapestOffer').then((file) => file.CheapestOffer),
)
export const { Part: RecipeCard } = fetchedPart<object>(() =>
  import('./RecipeCard').then((file) => file.RecipeCard),
)
export const { Part: MixBatch } = fetchedPart<object>(() =>
  import('./MixBatch').then((file) => file.MixBatch),
)
export const { Part: MixTriangle } = fetchedPart<{ readonly open: boolean }>(() =>
  import('./MixTriangle').then((file) => file.MixTriangle),
)
/** The words of the reasons come before anyone asks. */
export const mixWhy = fetchedPart<MixWhyProps>(() => import('./MixWhy').then((file) => file.MixWhy))
