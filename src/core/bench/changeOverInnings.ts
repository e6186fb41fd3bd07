/** A measured value in one innings of a lot. */
export interface InningsValue {
  readonly innings: number
  readonly value: number
}

export interface ChangeOverInnings {
  readonly from: number
  readonly to: number
  /** Innings that lie between the two. */
  readonly innings: number
  /** Change as a share of the first; negative for a loss. */
  readonly share: number
}

/** Less than this is within what a repeated test varies. */
const TELLING_SHARE = 0.1

/**
 * How a measured value has changed from the first innings it was tested in to the last; the mean counts where it was
 * tested several times in one.
 * @returns null with tests in fewer than two innings, or a change too small to tell
 */
export function changeOverInnings(values: readonly InningsValue[]): ChangeOverInnings | null {
  const byInnings = new Map<number, number[]>()
  for (const { innings, value } of values) {
    byInnings.set(innings, [...(byInnings.get(innings) ?? []), value])
  }
  const numbers = [...byInnings.keys()].sort((a, b) => a - b)
  const [first] = numbers
  const last = numbers.at(-1)
  if (first === undefined || last === undefined || first === last) return null
  const mean = (innings: number) => {
    const all = byInnings.get(innings) ?? []
    return all.reduce((sum, value) => sum + value, 0) / all.length
  }
  const [from, to] = [mean(first), mean(last)]
  if (!(Math.abs(from) > 0)) return null
  const share = (to - from) / from
  return Math.abs(share) < TELLING_SHARE ? null : { from, to, innings: last - first, share }
}
