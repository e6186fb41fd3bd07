import { requireNumber } from '../validate'

export type WateringVerdict = 'stays wet' | 'fits' | 'dries out'

/** So many times its days after watering a container is too dry. */
export const DRIES_OUT_PAST = 1.2

/**
 * A watering habit against how long the container lasts. Watered more than twice as often as it dries, with less air
 * than the crop wants or for a plant that likes it dry between waterings, it stays wet: more air, or a taller pot. Watered later than a fifth past its time it dries out:
 * a mix that holds more water, or a larger pot.
 * @param days from capacity to the refill point; null where nothing is lost
 * @param everyDays the habit
 * @param likesDry the plant wants to dry out between waterings
 */
export function wateringFit({
  days,
  airFraction,
  cropAirMin,
  everyDays,
  likesDry = false,
}: {
  days: number | null
  airFraction: number
  cropAirMin: number
  everyDays: number
  likesDry?: boolean
}): { readonly verdict: WateringVerdict; readonly change: 'more air' | 'more water' | null } {
  requireNumber('The air after draining', airFraction, { min: 0, max: 1 })
  requireNumber('The least air of the crop', cropAirMin, { min: 0, max: 1 })
  requireNumber('The days between waterings', everyDays, { above: 0 })
  const lasts = days ?? Number.POSITIVE_INFINITY
  if (everyDays > DRIES_OUT_PAST * lasts) return { verdict: 'dries out', change: 'more water' }
  if (everyDays < 0.5 * lasts && (likesDry || airFraction < cropAirMin)) {
    return { verdict: 'stays wet', change: 'more air' }
  }
  return { verdict: 'fits', change: null }
}
