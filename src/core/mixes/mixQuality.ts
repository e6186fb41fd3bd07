import { blendEc, blendPh, waterDrift } from '../chemistry'
import { blendMedia, containerCapacity } from '../media'
import { daysBetweenWaterings, type mixInPlace } from './mixInPlace'
import type { SeasonWater } from './seasonWater'

/**
 * What of a mix in its place may be brought into a band: air as a share, pH, salts in dS/m, days between waterings,
 * weight after draining in kg/L, pH after a season of watering.
 */
export type MixQuality = 'air' | 'ph' | 'ec' | 'days' | 'kgPerL' | 'autumnPh'

/**
 * One quality of a mix in its place. Only what is asked for is worked out: a search asks some hundred times.
 * @param water what a season brings; without it the pH after the season is the present one
 * @throws DomainError for impossible parts, containers or places
 */
export function mixQuality(
  of: MixQuality,
  { components, container, crop, groupId = null, place }: Parameters<typeof mixInPlace>[0],
  water?: SeasonWater,
): number {
  const { shape, fillHeightCm } = container
  switch (of) {
    case 'ph':
      return blendPh({ components }).ph
    case 'ec':
      return blendEc({ components }).ecSme
    case 'air':
      return containerCapacity({ curve: blendMedia({ components }).curve, shape, fillHeightCm })
        .airFraction
    case 'kgPerL': {
      const { curve, bulkDensity } = blendMedia({ components })
      return bulkDensity + containerCapacity({ curve, shape, fillHeightCm }).waterFraction
    }
    case 'autumnPh': {
      const { ph, buffer } = blendPh({ components })
      if (!water) return ph
      const { alkalinityMgPerL: alkalinity, litres: litresApplied, mediaLitres } = water
      return waterDrift({ alkalinity, litresApplied, mediaLitres, buffer, ph }).phAfter ?? ph
    }
    case 'days':
      return daysBetweenWaterings({ components, container, crop, groupId, place })
  }
}
