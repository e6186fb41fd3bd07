import { type PotValues, sumUp } from './pots'

const PERCENT = 100

interface Row {
  readonly group: number
  readonly block: string | number | null
  readonly value: number
}

export interface Spreads {
  /** Plant to plant, inside the blocks where there are any, percent of the control's mean; at least 1. */
  readonly cv: number
  /** Block to block, in the same percent; null without blocks. */
  readonly blockCv: number | null
}

/**
 * How much pots treated alike vary, and blocks among themselves: mean squares of the analysis with treatments and blocks.
 * @param groups the control first
 * @param compared places of the groups that are compared
 * @returns null where the control's mean is not above 0 or nothing varies
 */
export function spreadsOf(
  groups: readonly PotValues[],
  blocks: readonly (readonly (string | number | null)[])[] | undefined,
  compared: readonly number[],
): Spreads | null {
  const rows = compared.flatMap((at, group) =>
    (groups[at] as PotValues).flatMap((value, pot): Row[] =>
      value === null ? [] : [{ group, value, block: blocks?.[at]?.[pot] ?? null }],
    ),
  )
  const { mean } = sumUp(rows.filter(({ group }) => group === 0).map(({ value }) => value))
  const names = [...new Set(rows.map(({ block }) => block))]
  const inBlocks = names.map((name) => rows.filter(({ block }) => block === name))
  const free = inBlocks.flatMap((mine) => without(mine, ({ value }) => value))
  const left = compared.reduce(
    (sum, _, group) => sum + squaresOf(free.filter((one) => one.group === group)),
    0,
  )
  const df = rows.length - names.length - compared.length + 1
  const residual = left / df
  if (!(mean > 0) || df < 1 || !(residual > 0)) return null
  const percent = (variance: number) => (PERCENT * Math.sqrt(variance)) / mean
  return {
    cv: Math.max(1, percent(residual)),
    blockCv: blocks && names.length > 1 ? percent(betweenBlocks(rows, names, residual)) : null,
  }
}

/** Variance from block to block: what the mean square of blocks holds beyond that of the pots. */
function betweenBlocks(
  rows: readonly Row[],
  names: readonly Row['block'][],
  residual: number,
): number {
  const groups = [...new Set(rows.map(({ group }) => group))]
  const free = groups.flatMap((group) =>
    without(
      rows.filter((one) => one.group === group),
      ({ value }) => value,
    ),
  )
  const square = names.reduce<number>((sum, name) => {
    const mine = free.filter(({ block }) => block === name)
    return sum + mine.length * sumUp(mine.map(({ value }) => value)).mean ** 2
  }, 0)
  const each = rows.length / names.length
  return Math.max(0, (square / (names.length - 1) - residual) / each)
}

function without(rows: readonly Row[], of: (row: Row) => number): Row[] {
  const { mean } = sumUp(rows.map(of))
  return rows.map((row) => ({ ...row, value: row.value - mean }))
}

function squaresOf(rows: readonly Row[]): number {
  return rows.length === 0 ? 0 : sumUp(rows.map(({ value }) => value)).sumOfSquares
}

/**
 * How much trays vary beyond what the chance of single seeds does, percent of the share that comes up.
 * @param cv of the shares of trays, percent of their mean
 * @param share that comes up, above 0 to 1
 * @param seeds in each tray
 */
export function traySpread(cv: number, share: number, seeds: number): number {
  const bySeeds = (share * (1 - share)) / seeds
  const variance = Math.max(0, ((cv / PERCENT) * share) ** 2 - bySeeds)
  return (PERCENT * Math.sqrt(variance)) / share
}
