/** Pots that labels are exchanged among: all of them, or those of one block; labels by group. */
export interface Exchanged {
  /** Where they begin and end in the list of pots. */
  readonly from: number
  readonly to: number
  /** Pots of each group among them. */
  readonly ofGroup: readonly number[]
}

/**
 * Different ways to label the pots, N!/∏ nᵢ! within each exchange; equal values are not merged.
 * @returns past 1e308 infinity
 */
export function countArrangements(exchanges: readonly Exchanged[]): number {
  return exchanges.reduce((product, { ofGroup }) => {
    let [count, placed] = [1, 0]
    for (const n of ofGroup) {
      for (let one = 1; one <= n; one++) {
        placed += 1
        // Whole at every step: a binomial built up from the left.
        count = (count * placed) / one
      }
    }
    return product * Math.round(count)
  }, 1)
}

/**
 * Visits each of them once, with what each group got; the list it hands out is its own and changes.
 * @param values of the pots, those of an exchange beside each other
 */
export function eachArrangement(
  exchanges: readonly Exchanged[],
  values: Float64Array,
  visit: (sums: Float64Array) => void,
): void {
  const sums = new Float64Array(exchanges[0]?.ofGroup.length ?? 0)
  const place = (exchange: number): void => {
    const among = exchanges[exchange]
    if (!among) {
      visit(sums)
      return
    }
    const left = [...among.ofGroup]
    const label = (pot: number): void => {
      if (pot === among.to) {
        place(exchange + 1)
        return
      }
      const value = values[pot] as number
      for (let group = 0; group < left.length; group++) {
        const there = left[group] as number
        if (there === 0) continue
        left[group] = there - 1
        const before = sums[group] as number
        sums[group] = before + value
        label(pot + 1)
        // Put back as it was, not taken off: rounding does not add up.
        sums[group] = before
        left[group] = there
      }
    }
    label(among.from)
  }
  place(0)
}
