import type { Crop } from '../../chemistry'
import { blendEc } from '../../chemistry'
import { blendMedia, containerCapacity } from '../../media'
import type { AggregateChoice } from './aggregateShare'
import { type BatchShares, fillBatch } from './batch'
import type { RecipeSetting } from './recipeSetting'

/** Less old mix than this nobody wants to store. */
const NOT_WORTH_STORING_L = 2
const ROUNDING = 1e-9

/**
 * Old mix that would be left over by less than two litres goes in as well: compost and fresh mix make room for it, as far
 * as air and salts bear it. What opens the mix or holds water stays as it was found.
 */
export function withLeftoverUsed(
  { input, sources, crop, usableLitres }: RecipeSetting,
  air: AggregateChoice,
): AggregateChoice {
  const { batch, shares } = air
  const left = usableLitres - batch.shares.lot * batch.partLitres
  if (!input.lot || !shares || left <= ROUNDING || left >= NOT_WORTH_STORING_L) return air
  const { compost, fresh, aggregate, holder } = batch.shares
  const room = compost + fresh
  // The yield changes with the shares, so the share that just uses up the lot is halved for.
  const at = (kept: number) => {
    const wanted: BatchShares = {
      compost: compost * kept,
      freshAtLeast: fresh * kept,
      aggregate:
        batch.aggregate && aggregate > 0 ? { material: batch.aggregate, share: aggregate } : null,
      holder: batch.holder && holder > 0 ? { material: batch.holder, share: holder } : null,
    }
    return fillBatch(sources, wanted)
  }
  if (!(room > 0)) return air
  const used = (kept: number) => at(kept).shares.lot * at(kept).partLitres
  if (used(0) < usableLitres - ROUNDING) return air
  let [low, high] = [0, 1]
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2
    if (used(middle) < usableLitres - ROUNDING) high = middle
    else low = middle
  }
  const next = at(low)
  return isAsGood(next) ? { ...air, batch: next } : air

  function isAsGood(other: typeof next): boolean {
    const airOf = ({ components }: typeof next) =>
      containerCapacity({ curve: blendMedia({ components }).curve, ...input.container }).airFraction
    const ecOf = ({ components, volumeYield }: typeof next) =>
      blendEc({ components, volumeYield }).ecSme
    const needed = Math.min(airOf(batch), lowAir(crop))
    return airOf(other) >= needed - ROUNDING && ecOf(other) <= Math.max(ecOf(batch), crop.ecMaxSme)
  }
}

function lowAir({ airMinPercent }: Crop): number {
  return airMinPercent / 100
}
