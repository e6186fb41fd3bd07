import { type ContainerShape, containerVolume } from '../../core/containers'
import { blendMedia, type Component, mostThatFits, settlingShare } from '../../core/media'
import { Refused } from '../problem'

/** A tape measure and a bucket are not more exact than this. */
export const MEASURED_TO = 1.02

/** Litres of a mix, as measured out, that go into containers of these shapes. */
export function litresThatFit(
  shapes: readonly ContainerShape[],
  components: readonly Component[],
): number {
  const rimLitres = shapes.reduce((sum, shape) => sum + containerVolume({ shape }), 0)
  const { volumeYield } = blendMedia({ components })
  return (
    MEASURED_TO *
    mostThatFits({ rimLitres, volumeYield, settlingShare: settlingShare({ components }) })
  )
}

/**
 * Refuses what does not go into its containers, and tells what would.
 * @throws Refused 422 "too-much" with `fits` and `rest` in litres
 */
export function refuseTooMuch(field: string, wanted: number, fits: number, next: string): never {
  const message = `You asked for ${told(wanted)}; ${told(fits)} go in to the rim, settling counted. ${next}`
  const current = { fits, rest: wanted - fits }
  throw new Refused(422, 'too-much', message, [{ field, message }], current)
}

function told(litres: number): string {
  return `${litres.toFixed(litres >= 100 ? 0 : litres >= 1 ? 1 : 3)} L`
}
