import { DomainError } from '../errors'
import { requireList, upperF } from '../statistics'
import { usedPots } from './pots'

export interface BlockTerm {
  readonly F: number | null
  readonly df1: number
  readonly df2: number
  readonly p: number | null
}

/** Of the whole, less is left over by rounding alone. */
const NOTHING_LEFT = 1e-12
const DEPENDENT = 1e-10

/**
 * Treatments and blocks without interaction, each adjusted for the other: additive least squares, type II, which is the
 * textbook analysis where no cell is missing.
 * @param table by block, then by treatment; null for a pot that is not used
 * @throws DomainError `too-few` below 2 blocks or treatments or without a degree of freedom left, `bad-argument` for rows
 *   of different length, `not-finite`
 */
export function blockAnova(table: readonly (readonly (number | null)[])[]): {
  readonly treatment: BlockTerm
  readonly block: BlockTerm
} {
  const cells = cellsOf(table)
  const mean = cells.reduce((sum, { value }) => sum + value, 0) / cells.length
  const centred = cells.map(({ value }) => value - mean)
  const blocks = dummies(cells.map(({ block }) => block))
  const treatments = dummies(cells.map(({ treatment }) => treatment))
  if (blocks.length < 2 || treatments.length < 2) {
    throw new DomainError('too-few', 'At least two blocks and two treatments are needed.')
  }
  const full = leftOver(centred, [...blocks, ...treatments])
  const byBlock = leftOver(centred, blocks)
  const byTreatment = leftOver(centred, treatments)
  const df2 = cells.length - full.rank
  if (df2 < 1) {
    throw new DomainError('too-few', 'Too few pots: nothing is left to judge the differences by.')
  }
  const total = centred.reduce((sum, one) => sum + one * one, 0)
  const isExact = full.sumOfSquares <= NOTHING_LEFT * total
  const term = (without: LeftOver): BlockTerm => {
    const df1 = full.rank - without.rank
    if (isExact || df1 < 1) return { F: null, df1, df2, p: null }
    const gained = Math.max(0, without.sumOfSquares - full.sumOfSquares)
    const F = gained / df1 / (full.sumOfSquares / df2)
    return { F, df1, df2, p: upperF(F, df1, df2) }
  }
  return { treatment: term(byBlock), block: term(byTreatment) }
}

function cellsOf(table: readonly (readonly (number | null)[])[]) {
  requireList('The table', table)
  const width = table[0]?.length ?? 0
  return table.flatMap((row, block) => {
    usedPots(`Block ${block + 1}`, row)
    if (row.length !== width) {
      throw new DomainError('bad-argument', 'Every block names every treatment once.')
    }
    return row.flatMap((value, treatment) =>
      value === null ? [] : [{ block, treatment, value: value as number }],
    )
  })
}

/** A column of ones and zeros for each level that is there. */
function dummies(levels: readonly number[]): number[][] {
  return [...new Set(levels)].map((level) => levels.map((one) => (one === level ? 1 : 0)))
}

interface LeftOver {
  readonly sumOfSquares: number
  readonly rank: number
}

/** What columns, made orthogonal one after the other, do not explain; columns that add nothing are passed over. */
function leftOver(values: readonly number[], columns: readonly (readonly number[])[]): LeftOver {
  const basis: number[][] = []
  let rest = [...values]
  for (const column of columns) {
    let left = [...column]
    // Twice: the first pass leaves rounding behind.
    for (let pass = 0; pass < 2; pass++) for (const one of basis) left = without(left, one)
    const size = Math.sqrt(dot(left, left))
    if (size <= DEPENDENT * Math.sqrt(dot(column, column))) continue
    const unit = left.map((one) => one / size)
    basis.push(unit)
    rest = without(rest, unit)
  }
  return { sumOfSquares: dot(rest, rest), rank: basis.length }
}

function dot(a: readonly number[], b: readonly number[]): number {
  return a.reduce((sum, one, at) => sum + one * (b[at] as number), 0)
}

function without(values: readonly number[], unit: readonly number[]): number[] {
  const along = dot(values, unit)
  return values.map((one, at) => one - along * (unit[at] as number))
}
