import { DomainError } from '../errors'
import { requireNumber } from '../validate'

export type LedgerKind =
  | 'filled'
  | 'topped-up'
  | 'amended'
  | 'recounted'
  | 'packed'
  | 'settled'
  | 'lost'
  | 'emptied'
  | 'split'
  | 'merged'
  | 'treated'
  | 'tested'
  | 'discarded'
  | 'moved'
  | 'reversed'

/** Litres of one material that an entry brings (positive) or takes (negative). */
export interface LedgerComponent {
  readonly materialId: string
  readonly litres: number
}

export interface LedgerDose {
  readonly amendmentId: string
  readonly grams: number
  /** ISO day it was mixed in, where that was in the lot this one was parted from. */
  readonly mixedOn?: string
}

/** One line of a lot's ledger. Its components always add up to its litres. */
export interface LedgerLine {
  readonly kind: LedgerKind
  readonly litres: number
  readonly components: readonly LedgerComponent[]
  readonly doses: readonly LedgerDose[]
  readonly note: string | null
}

export interface LotContents {
  readonly litres: number
  /** Largest first; what an entry took away completely is left out. */
  readonly components: readonly LedgerComponent[]
}

/** Rounding in sums of litres: nothing is dropped for being small. */
const TOLERANCE_L = 1e-9

/** What is in a lot: the sum of its ledger. What came in is always what is there plus what left. */
export function contentsOf(lines: readonly Pick<LedgerLine, 'components'>[]): LotContents {
  const totals = new Map<string, number>()
  for (const { components } of lines) {
    for (const { materialId, litres } of components) {
      totals.set(materialId, (totals.get(materialId) ?? 0) + litres)
    }
  }
  const components = [...totals]
    .map(([materialId, litres]) => ({ materialId, litres }))
    .filter(({ litres }) => Math.abs(litres) > TOLERANCE_L)
    .sort((a, b) => b.litres - a.litres)
  return { litres: components.reduce((sum, { litres }) => sum + litres, 0), components }
}

/**
 * Checks that a ledger still balances with some lines added.
 * @throws DomainError `unbalanced` where a line's components do not add up, `not-enough` where more is taken out
 *   than is there
 */
export function requireBalanced(
  before: readonly Pick<LedgerLine, 'components'>[],
  added: readonly LedgerLine[],
): void {
  for (const line of added) {
    requireNumber('The litres of an entry', line.litres)
    const sum = line.components.reduce((total, { litres }) => total + litres, 0)
    if (Math.abs(sum - line.litres) > TOLERANCE_L) {
      throw new DomainError(
        'unbalanced',
        'The materials of this entry do not add up to its litres.',
      )
    }
  }
  const there = contentsOf(before)
  const after = contentsOf([...before, ...added])
  const missing = after.components.find(({ litres }) => litres < -TOLERANCE_L)
  if (missing || after.litres < -TOLERANCE_L) {
    throw new DomainError(
      'not-enough',
      `Only ${there.litres.toFixed(1)} L are there: more cannot be taken out.`,
      { litres: there.litres },
    )
  }
}

/**
 * A line that takes a share of everything in a lot out (or adds it, where litres are positive).
 * @param litres signed
 */
export function proportionalLine(
  contents: LotContents,
  kind: LedgerKind,
  litres: number,
  note: string | null = null,
): LedgerLine {
  if (litres !== 0 && !(contents.litres > 0)) {
    throw new DomainError('not-enough', 'This lot is empty: fill it first.', { litres: 0 })
  }
  const factor = litres / contents.litres
  return {
    kind,
    litres,
    components: contents.components.map((component) => ({
      materialId: component.materialId,
      litres: component.litres * factor,
    })),
    doses: [],
    note,
  }
}

/** The line that undoes another: the past stays as it was written. */
export function reversingLine(line: LedgerLine, note: string | null): LedgerLine {
  return {
    kind: 'reversed',
    litres: -line.litres,
    components: line.components.map(({ materialId, litres }) => ({ materialId, litres: -litres })),
    doses: line.doses.map((dose) => ({ ...dose, grams: -dose.grams })),
    note,
  }
}
