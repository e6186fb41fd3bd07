import { DomainError } from '../errors'
import { requireNumber } from '../validate'
import type { LedgerDose, LedgerLine, LotContents } from './ledger'

/** What is nearer to all than this is all: nobody measures a millilitre of mix. */
const AS_GOOD_AS_ALL_L = 0.001

/** Both ends of litres that go from one lot to another. */
export interface Transfer {
  readonly litres: number
  readonly out: LedgerLine
  readonly into: LedgerLine
}

/**
 * What one lot loses the other gains, material by material, and what was weighed into those litres goes with them.
 * @param litres L; null: all there is
 * @param doses what is left in all of the lot of what was weighed in; the part's share of it goes along
 * @param isNew the other lot is made of it
 * @throws DomainError `not-enough` where there is less
 */
export function transferLines({
  contents,
  litres,
  doses,
  isNew,
  note,
}: {
  contents: LotContents
  litres: number | null
  doses: readonly LedgerDose[]
  isNew: boolean
  note: string | null
}): Transfer {
  const there = contents.litres
  if (!(there > 0)) throw new DomainError('not-enough', 'This lot is empty.', { litres: 0 })
  const wanted = litres === null ? there : requireNumber('The litres', litres, { min: 0 })
  if (wanted > there + AS_GOOD_AS_ALL_L) {
    const message = `Only ${there.toFixed(1)} L are there: more cannot be taken out.`
    throw new DomainError('not-enough', message, { litres: there })
  }
  if (!(wanted > 0)) throw new DomainError('too-few', 'Say how much, such as 12 L.')
  const isAll = wanted >= there - AS_GOOD_AS_ALL_L
  const share = isAll ? 1 : wanted / there
  const components = contents.components.map((component) => ({
    materialId: component.materialId,
    litres: component.litres * share,
  }))
  const moved = components.reduce((sum, component) => sum + component.litres, 0)
  const taken = doses.map((dose) => ({ ...dose, grams: dose.grams * share }))
  return {
    litres: moved,
    out: {
      kind: 'split',
      litres: -moved,
      components: components.map((one) => ({ ...one, litres: -one.litres })),
      // What is left of them thins out by the litres that left: the ledger counts it so.
      doses: [],
      note,
    },
    into: { kind: isNew ? 'split' : 'merged', litres: moved, components, doses: taken, note },
  }
}
