import { convertEc } from '../../chemistry'
import {
  type Component,
  componentShares,
  type MeasuredMaterial,
  volumeYield,
  withMeasuredWater,
} from '../../media'
import type { LotMeasured } from './recipeTypes'

/**
 * The lot's components with parts that sum to 1, carrying what was measured on the lot itself, so that the blend of
 * the lot alone gives back the measured pH, buffer, salts, air, pores and conductivity.
 */
export function lotComponents(
  components: readonly Component[],
  measured: LotMeasured = {},
): Component[] {
  const shares = componentShares(
    withMeasuredWater(
      componentShares(components).map(({ share, ...rest }) => ({ ...rest, parts: share })),
      measured,
    ),
  )
  const yieldOfLot = volumeYield(shares)
  const own: MeasuredMaterial = {
    ...(measured.ph === undefined ? {} : { pH: measured.ph }),
    ...(measured.phSpread ? { pHSpread: measured.phSpread } : {}),
    ...(measured.buffer === undefined ? {} : { limeBuffer: measured.buffer * yieldOfLot }),
    ...(measured.ecSme === undefined
      ? {}
      : { ec1to2: convertEc({ value: measured.ecSme, from: 'SME', to: '1:2' }) * yieldOfLot }),
  }
  const reserve = (measured.unreactedLimeGPerL ?? 0) * yieldOfLot
  return shares.map(({ material, share, ...served }) => ({
    ...served,
    material,
    parts: share,
    measured: {
      ...own,
      ...(reserve > 0 ? { freeLimeGPerL: material.freeLimeGPerL + reserve } : {}),
    },
  }))
}
