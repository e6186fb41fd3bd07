import { DomainError } from '../errors'
import { requireObject } from '../validate'
import type { Material } from './material'
import { looseningEffect, wallEffect } from './volumeYield'

/**
 * Coarse share (of parts) around which the coarse grains touch and air opens up: where the limiting class
 * changes in loose packings (Spomer 1974 for the idea, de Larrard 1999 for the packing).
 * @returns share 0 to 1, or null where the grains are equally large
 * @throws DomainError `bad-argument` where "coarse" is the finer
 * @example thresholdProportion({ fine: material('peat-medium'), coarse: material('perlite-coarse') }) // 0.733
 */
export function thresholdProportion({
  fine,
  coarse,
}: {
  fine: Material
  coarse: Material
}): number | null {
  requireObject('The fine material', fine)
  requireObject('The coarse material', coarse)
  if (coarse.grainMm < fine.grainMm) {
    throw new DomainError('bad-argument', `${coarse.name} is finer than ${fine.name}.`)
  }
  if (coarse.grainMm === fine.grainMm) return null
  const loosening = looseningEffect(fine.grainMm, coarse.grainMm)
  const wall = wallEffect(fine.grainMm, coarse.grainMm)
  const ratio = (1 - loosening) / ((1 - wall) * coarse.interPorosity)
  return ratio / (1 + ratio)
}
