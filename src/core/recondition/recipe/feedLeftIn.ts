import type { Dose } from '../../chemistry'
import type { Batch } from './batch'

/** Earlier feed of the old mix, in each litre of a batch: thinner by what is added, denser by what mixing shrinks. */
export function feedLeftIn(
  {
    shares,
    volumeYield,
  }: Pick<Batch, 'volumeYield'> & { readonly shares: Pick<Batch['shares'], 'lot'> },
  lotFeed: readonly Dose[],
): Dose[] {
  return lotFeed.map(({ amendment, gPerL }) => ({
    amendment,
    gPerL: (gPerL * shares.lot) / volumeYield,
  }))
}
