import { DEFAULT_MEASURES, type HouseholdMeasures } from './units'

const EIGHTHS = ['', ' 1/8', ' 1/4', ' 3/8', ' 1/2', ' 5/8', ' 3/4', ' 7/8']

/**
 * A number in eighths as people say it: 2.5 becomes "2 1/2".
 * @example formatEighths(2.6) // '2 5/8'
 */
export function formatEighths(value: number): string {
  const eighths = Math.round(value * 8)
  const whole = Math.floor(eighths / 8)
  const part = EIGHTHS[eighths % 8] ?? ''
  if (whole === 0) return part.trim() || '0'
  return `${whole}${part}`
}

/**
 * A volume in the grower's measures: buckets and scoops from 5 L up, whole scoops and cups below.
 * @example formatMeasure(23) // "2 buckets + 3 scoops"
 */
export function formatMeasure(
  litres: number,
  measures: Pick<HouseholdMeasures, 'cupL' | 'scoopL' | 'bucketL'> = DEFAULT_MEASURES,
): string {
  const named = (count: number, name: string) =>
    `${formatEighths(count)} ${count > 1 ? `${name}s` : name}`
  if (litres <= 0) return 'none'
  if (litres < SCOOPS_FROM_LITRES) {
    // Whole scoops first: nobody counts fifteen cups.
    const scoops = Math.floor(litres / measures.scoopL + 1e-9)
    const cups = (litres - scoops * measures.scoopL) / measures.cupL
    return [scoops > 0 ? named(scoops, 'scoop') : '', cups > 0.05 ? named(cups, 'cup') : '']
      .filter(Boolean)
      .join(' + ')
  }
  const buckets = Math.floor(litres / measures.bucketL + 1e-9)
  const rest = litres - buckets * measures.bucketL
  const parts = [
    buckets > 0 ? named(buckets, 'bucket') : '',
    rest > 1e-9 ? named(rest / measures.scoopL, 'scoop') : '',
  ]
  return parts.filter(Boolean).join(' + ')
}

/** From here up people count scoops, below it cups. */
export const SCOOPS_FROM_LITRES = 5
