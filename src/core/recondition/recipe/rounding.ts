import {
  DEFAULT_MEASURES,
  formatMeasure,
  type HouseholdMeasures,
  SCOOPS_FROM_LITRES,
} from '../../units'

/**
 * Litres as people measure them: half scoops from 5 L up, half cups below.
 * @example roundLitres(12.34).text // '1 bucket + 2 1/2 scoops'
 */
export function roundLitres(
  litres: number,
  given: Partial<HouseholdMeasures> = {},
): { litres: number; text: string } {
  const measures = { ...DEFAULT_MEASURES, ...given }
  const step = (litres >= SCOOPS_FROM_LITRES ? measures.scoopL : measures.cupL) / 2
  const rounded = Math.round(litres / step) * step
  return { litres: rounded, text: formatMeasure(rounded, measures) }
}

/**
 * Grams as a kitchen scale shows them: to 1 below 50, to 5 below 500, else to 10.
 * @param downOnly where a label or a split limit binds
 * @example roundGrams(63).text // '65 g'
 */
export function roundGrams(grams: number, downOnly = false): { grams: number; text: string } {
  const step = grams < 50 ? 1 : grams < 500 ? 5 : 10
  // A hair of tolerance: 150 g computed as 149.999999 is still 150 g.
  const rounded = downOnly
    ? Math.floor(grams / step + 1e-9) * step
    : Math.round(grams / step) * step
  return { grams: rounded, text: `${rounded} g` }
}
