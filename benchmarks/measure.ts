/** One line of the table. */
export interface Figure {
  readonly name: string
  readonly value: number
  readonly unit: 'ms' | 's' | 'kB' | 'MB' | '1/s'
  /** What it should stay below (or above, where more is better). */
  readonly goal?: { readonly below: number } | { readonly above: number }
}

/** Shortest of several runs: noise only ever adds. */
export function bestMs(runs: number, work: () => void): number {
  let best = Number.POSITIVE_INFINITY
  for (let i = 0; i < runs; i++) {
    const start = performance.now()
    work()
    best = Math.min(best, performance.now() - start)
  }
  return best
}

/** The value below which such a share of all values lies. */
export function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? Number.NaN
}

export function meets({ value, goal }: Figure): boolean | null {
  if (!goal) return null
  return 'below' in goal ? value < goal.below : value > goal.above
}
