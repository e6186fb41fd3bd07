import { DomainError } from '../errors'
import { requireNumber } from '../validate'

export interface Sieve {
  /** Held back or taken out, of what went in. */
  readonly lossShare: number
  readonly woodyShare: number
}

/**
 * What a coarse mesh and your hands take out of a mix, by volume.
 * @param woodyLitres of what was held back: bark mulch and wood, which would take nitrogen
 * @throws DomainError `bad-argument` where more comes out than went in
 * @example sieveTest({ litresIn: 10, litresOut: 8.5, woodyLitres: 1 }) // { lossShare: 0.15, woodyShare: 0.1 }
 */
export function sieveTest({
  litresIn,
  litresOut,
  woodyLitres,
}: {
  litresIn: number
  litresOut: number
  woodyLitres: number
}): Sieve {
  requireNumber('The litres before', litresIn, { above: 0, max: 100_000 })
  requireNumber('The litres after', litresOut, { min: 0 })
  requireNumber('The woody litres', woodyLitres, { min: 0 })
  if (litresOut > litresIn) {
    throw new DomainError(
      'bad-argument',
      'More came out than went in: loosened mix takes more room, so measure both alike.',
      { field: 'litresOut' },
    )
  }
  if (woodyLitres > litresIn - litresOut + 1e-9) {
    throw new DomainError('bad-argument', 'More wood than was held back in all.', {
      field: 'woodyLitres',
    })
  }
  return {
    lossShare: (litresIn - litresOut) / litresIn,
    woodyShare: woodyLitres / litresIn,
  }
}
