import { type ContainerShape, containerVolume } from '../containers'
import { DomainError } from '../errors'
import { requireNumber } from '../validate'

export interface Settling {
  /** Of the litres filled in. */
  readonly settledShare: number
  readonly topUpLitres: number
  /** Fill so many times the litres wanted next time. */
  readonly fillFactor: number
}

/** A mix that stands higher after watering was loosened, not settled; swelling of a few mm is usual, cm. */
const SWELLING_CM = 0.5

/**
 * How far a mix sinks when it is watered in, by volume in its own container.
 * @param heightsCm of the surface above the base: after filling, then after each watering; at least two
 * @throws DomainError for heights above the rim, `bad-argument` where it rose
 * @example settlingTest({ shape: { kind: 'round', topDiameterCm: 20, baseDiameterCm: 15, heightCm: 20 }, heightsCm: [17.5, 17, 16.6] }) // { settledShare: 0.0642, topUpLitres: 0.262, fillFactor: 1.07 }
 */
export function settlingTest({
  shape,
  heightsCm,
}: {
  shape: ContainerShape
  heightsCm: readonly number[]
}): Settling {
  const [first] = heightsCm
  const last = heightsCm.at(-1)
  if (first === undefined || last === undefined || heightsCm.length < 2) {
    throw new DomainError('too-few', 'Measure the height after filling and after watering.')
  }
  for (const [place, height] of heightsCm.entries()) {
    if (height > shape.heightCm) {
      throw new DomainError(
        'out-of-range',
        `The pot is ${shape.heightCm} cm high: a height from the base cannot be more.`,
        { field: `heightsCm.${place}` },
      )
    }
    requireNumber('The height in cm', height, { above: 0 })
  }
  if (last > first + SWELLING_CM) {
    throw new DomainError(
      'bad-argument',
      'It stands higher than when it was filled: heights are measured from the base up.',
      { field: 'heightsCm' },
    )
  }
  const filled = containerVolume({ shape, fillHeightCm: first })
  const left = containerVolume({ shape, fillHeightCm: Math.min(first, last) })
  return {
    settledShare: (filled - left) / filled,
    topUpLitres: filled - left,
    fillFactor: filled / left,
  }
}
