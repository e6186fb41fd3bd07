/** One line of the table. */
export interface Figure {
  readonly name: string
  readonly value: number
  readonly unit: 'ms' | 's' | 'kB' | '1/s'
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

export function meets({ value, goal }: Figure): boolean | null {
  if (!goal) return null
  return 'below' in goal ? value < goal.below : value > goal.above
}
