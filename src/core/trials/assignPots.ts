import { DomainError } from '../errors'

/** A pot that may be used, with the lot that stands in it. */
export interface FreePot {
  readonly id: number
  readonly lotId: number | null
}

/**
 * Which of the grower's pots is which pot of a trial: those that hold a treatment's own lot are that treatment's, the empty
 * ones are dealt out in order.
 * @param wanted lot of each place's treatment, in order of the places; null where it is filled anew
 * @returns a pot for each place, in that order
 * @throws DomainError `too-few`, or `bad-argument` for a pot that holds a lot no treatment is of, or more than one needs
 */
export function assignPots(wanted: readonly (number | null)[], pots: readonly FreePot[]): number[] {
  if (pots.length !== wanted.length) {
    throw new DomainError(
      'too-few',
      `The trial has ${wanted.length} pots, and ${pots.length} were chosen: choose as many.`,
    )
  }
  const empty = pots.filter(({ lotId }) => lotId === null)
  const holding = pots.filter(({ lotId }) => lotId !== null)
  const taken = wanted.map((lotId) => {
    const at = lotId === null ? -1 : holding.findIndex((pot) => pot.lotId === lotId)
    return at < 0 ? null : (holding.splice(at, 1)[0] as FreePot)
  })
  if (holding.length > 0) {
    throw new DomainError(
      'bad-argument',
      'One of the pots holds a lot that no treatment needs there: empty it, or choose another.',
    )
  }
  return taken.map((pot) => (pot ?? (empty.shift() as FreePot)).id)
}
