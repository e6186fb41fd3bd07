import type { Component, Material } from '../../core/media'
import { growingMonths, type PlaceForMix, referenceEvapotranspiration } from '../../core/season'
import type { StoredContainer } from '../../data/containers/containers'
import { PLANT_GROUPS, type PlantGroup } from '../../data/defaults/plantGroups'
import type { MixPart } from '../../data/media/mixes'
import type { Site } from '../../data/site/site'
import type { MixContainer } from '../../messages/media/mixes'

const MIDDLE_OF_MONTH = [15, 46, 74, 105, 135, 166, 196, 227, 258, 288, 319, 349]

/** The month of the site in which the air takes most, and the mean of its season. */
export function worstMonth(site: Site): {
  month: number
  place: Omit<PlaceForMix, 'exposureFactor'>
} {
  const { climateByMonth, latitudeDeg } = site
  const months = climateByMonth.map(({ tMinC, tMaxC }, month) => ({
    month,
    tMinC,
    tMaxC,
    dayOfYear: MIDDLE_OF_MONTH[month] as number,
    et0: referenceEvapotranspiration({
      latitudeDeg,
      dayOfYear: MIDDLE_OF_MONTH[month] as number,
      tMinC,
      tMaxC,
    }),
  }))
  const worst = months.reduce((most, one) => (one.et0 > most.et0 ? one : most))
  const season = growingMonths(latitudeDeg).map((month) => {
    const { tMinC, tMaxC } = climateByMonth[month - 1] as Site['climateByMonth'][number]
    return (tMinC + tMaxC) / 2
  })
  const { month, tMinC, tMaxC, dayOfYear } = worst
  return {
    month,
    place: {
      latitudeDeg,
      dayOfYear,
      tMinC,
      tMaxC,
      seasonMeanTempC: season.reduce((sum, mean) => sum + mean, 0) / season.length,
    },
  }
}

/** Containers of one size and place once, the most frequent first. */
export function sizesOf(containers: readonly StoredContainer[]): MixContainer[] {
  const sizes = new Map<string, MixContainer>()
  for (const { name, place, shape, headspaceCm } of containers) {
    const key = JSON.stringify([name, shape, headspaceCm])
    const count = (sizes.get(key)?.count ?? 0) + 1
    sizes.set(key, { name, place, count, shape, headspaceCm })
  }
  return [...sizes.values()].sort((a, b) => b.count - a.count)
}

export function groupById(id: string | null | undefined): PlantGroup | null {
  return PLANT_GROUPS.find((group) => group.id === id) ?? null
}

/** Parts as the core takes them; a material that is not known any more is left out. */
export function partsToComponents(
  parts: readonly MixPart[],
  materials: ReadonlyMap<string, Material>,
): Component[] {
  return parts.flatMap(({ materialId, litres }) => {
    const material = materials.get(materialId)
    return material ? [{ material, parts: litres }] : []
  })
}
