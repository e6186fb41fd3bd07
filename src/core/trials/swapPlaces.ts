import { DomainError } from '../errors'

/** Where a pot of a trial stands. */
interface Standing {
  readonly id: number
  readonly row: number
  readonly column: number
  readonly position: number
  readonly block: number | null
}

/**
 * Two pots of a trial change places.
 * @returns both, each at the other's place
 * @throws DomainError `bad-argument` for pots of two blocks: each would no longer hold every treatment once
 */
export function swapPlaces<Pot extends Standing>(one: Pot, other: Pot): readonly [Pot, Pot] {
  if (one.block !== other.block) {
    throw new DomainError(
      'bad-argument',
      'Each block holds every treatment once: change places within a block.',
    )
  }
  const at = ({ row, column, position }: Standing) => ({ row, column, position })
  return [
    { ...one, ...at(other) },
    { ...other, ...at(one) },
  ]
}
