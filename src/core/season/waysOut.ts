import type { ContainerShape } from '../containers'
import { requireNumber } from '../validate'
import { EXPOSURE_FACTORS, type Exposure } from './exposure'

export interface PlaceChoice {
  readonly name: string
  readonly exposure: Exposure
}

/**
 * The place that changes least among those where a pot lasts as long, or as short, as wanted.
 * @param daysNow it lasts where it stands, above 0
 * @param wantedDays more than now where it dries too fast, fewer where it stays wet
 * @returns null where none of them does it
 * @throws DomainError for days that are not above 0
 */
export function nearestPlace<Place extends PlaceChoice>(
  daysNow: number,
  exposure: Exposure,
  wantedDays: number,
  places: readonly Place[],
): { readonly place: Place; readonly days: number } | null {
  requireNumber('The days it lasts', daysNow, { above: 0 })
  requireNumber('The days wanted', wantedDays, { above: 0 })
  const longer = wantedDays > daysNow
  const reaches = places
    .map((place) => ({
      place,
      days: (daysNow * EXPOSURE_FACTORS[exposure]) / EXPOSURE_FACTORS[place.exposure],
    }))
    .filter(({ days }) => (longer ? days >= wantedDays : days <= wantedDays))
    .sort((a, b) => Math.abs(a.days - daysNow) - Math.abs(b.days - daysNow))
  return reaches[0] ?? null
}

/** How a pot may differ from one that gives trouble: higher at the same width, or larger every way. */
export type Grown = 'taller' | 'larger'

const MOST = 2
const STEPS = 24

/**
 * The smallest pot of the same form that does it, found by halving.
 * @param does whether a shape does it: false for small ones, true from some size on
 * @param most times as large, or as high, at most
 * @returns null where even that does not
 */
export function sizeThatDoes(
  shape: ContainerShape,
  grown: Grown,
  does: (shape: ContainerShape) => boolean,
  most = MOST,
): ContainerShape | null {
  const at = (times: number) => grow(shape, grown, times)
  if (!does(at(most))) return null
  let [low, high] = [1, most]
  for (let step = 0; step < STEPS; step++) {
    const middle = (low + high) / 2
    if (does(at(middle))) high = middle
    else low = middle
  }
  return at(high)
}

function grow(shape: ContainerShape, grown: Grown, times: number): ContainerShape {
  const heightCm = shape.heightCm * times
  if (grown === 'taller') return { ...shape, heightCm }
  switch (shape.kind) {
    case 'round':
      return {
        ...shape,
        heightCm,
        topDiameterCm: shape.topDiameterCm * times,
        baseDiameterCm: shape.baseDiameterCm * times,
      }
    case 'bowl':
      return { ...shape, heightCm, rimDiameterCm: shape.rimDiameterCm * times }
    case 'rectangular':
      return {
        ...shape,
        heightCm,
        topLengthCm: shape.topLengthCm * times,
        topWidthCm: shape.topWidthCm * times,
        baseLengthCm: shape.baseLengthCm * times,
        baseWidthCm: shape.baseWidthCm * times,
      }
  }
}
