/** A tenth of what is likely lies below p10, and a tenth above p90. */
export interface Range {
  readonly p10: number
  readonly p50: number
  readonly p90: number
}

/** Weighted quantiles, read along straight lines between the middles of the draws' weights. */
export function rangeOf(values: Float64Array, weights: Float64Array): Range {
  const order = Array.from(values, (_, i) => i).sort(
    (a, b) => (values[a] as number) - (values[b] as number),
  )
  const middles = new Float64Array(order.length)
  let sum = 0
  for (const [place, index] of order.entries()) {
    const weight = weights[index] as number
    middles[place] = sum + weight / 2
    sum += weight
  }
  const at = (share: number): number => {
    const above = middles.findIndex((middle) => middle >= share * sum)
    const value = (place: number) => values[order[place] as number] as number
    if (above <= 0) return value(above < 0 ? order.length - 1 : 0)
    const [low, high] = [middles[above - 1] as number, middles[above] as number]
    const part = high > low ? (share * sum - low) / (high - low) : 0
    return value(above - 1) + part * (value(above) - value(above - 1))
  }
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) }
}
