import { areaAt } from '../../core/containers'
import { canopyArea, EXPOSURE_FACTORS, waterGiven, worstMonth } from '../../core/season'
import type { Site } from '../../data/site'
import type { CardFacts } from './lotFacts'

/** Water a season takes in the pot that decides, its plants full-grown; null for a lot in no pot, or without a crop. */
export function seasonWater(
  {
    container,
    containers,
    lot,
    crop,
  }: Pick<CardFacts, 'container' | 'containers' | 'lot' | 'crop'>,
  site: Pick<Site, 'climateByMonth' | 'latitudeDeg'>,
) {
  if (!container || !crop) return null
  const room = containers.reduce((sum, { litres }) => sum + litres, 0)
  const mediaLitres = container.litres * Math.min(1, lot.contents.litres / room)
  if (!(mediaLitres > 0)) return null
  const rimCm2 = areaAt({ shape: container.shape, zCm: container.shape.heightCm })
  const { growing } = worstMonth(site).place
  const { canopyCm2 } = canopyArea({ ...crop, potLitres: container.litres, rimCm2 })
  const exposureFactor = EXPOSURE_FACTORS[container.exposure]
  const litresApplied = waterGiven({
    months: growing,
    latitudeDeg: site.latitudeDeg,
    kc: crop.kc,
    canopyCm2,
    rimCm2,
    exposureFactor,
  })
  return { litresApplied, mediaLitres, canopyCm2, exposureFactor, months: growing.length }
}
