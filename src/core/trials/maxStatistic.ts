/** What is left by rounding alone is nothing. */
const ROUNDING = 1e-13

/** t²/(t² + df) of each treatment against the control, from the sums of the groups: defined also where nothing varies. */
export class MaxStatistic {
  private readonly u: Float64Array
  private readonly total: number
  private readonly sizes: Float64Array
  /** 1/nᵢ + 1/n₀ by treatment. */
  private readonly spread: Float64Array
  /** All treatments have as many pots: the one farthest from the control has the largest. */
  private readonly isEven: boolean

  /** @param values of all pots, less the mean of their block */
  constructor(values: Float64Array, sizes: readonly number[]) {
    this.sizes = Float64Array.from(sizes)
    this.u = new Float64Array(sizes.length - 1)
    this.total = values.reduce((sum, one) => sum + one * one, 0)
    const [control = 1, ...others] = sizes
    this.spread = Float64Array.from(others, (n) => 1 / n + 1 / control)
    this.isEven = others.every((n) => n === others[0])
  }

  each(sums: Float64Array): Float64Array {
    const { u, spread } = this
    const within = this.within(sums)
    for (let at = 0; at < u.length; at++) {
      u[at] = shareOf(this.apart(sums, at), within * (spread[at] as number))
    }
    return u
  }

  most(sums: Float64Array): number {
    const { spread } = this
    const within = this.within(sums)
    let most = 0
    if (this.isEven) {
      for (let at = 0; at < spread.length; at++) {
        const apart = this.apart(sums, at)
        const squared = apart * apart
        if (squared > most) most = squared
      }
      return shareOf(Math.sqrt(most), within * (spread[0] as number))
    }
    for (let at = 0; at < spread.length; at++) {
      const one = shareOf(this.apart(sums, at), within * (spread[at] as number))
      if (one > most) most = one
    }
    return most
  }

  /** Which way a treatment lies of the control. */
  sign(sums: Float64Array, at: number): number {
    return Math.sign(this.apart(sums, at)) || 1
  }

  private apart(sums: Float64Array, at: number): number {
    const { sizes } = this
    return (
      (sums[at + 1] as number) / (sizes[at + 1] as number) -
      (sums[0] as number) / (sizes[0] as number)
    )
  }

  private within(sums: Float64Array): number {
    const { sizes } = this
    let within = this.total
    for (let group = 0; group < sums.length; group++) {
      const sum = sums[group] as number
      within -= (sum * sum) / (sizes[group] as number)
    }
    return within < ROUNDING * this.total ? 0 : within
  }
}

function shareOf(apart: number, beside: number): number {
  const squared = apart * apart
  return squared + beside > 0 ? squared / (squared + beside) : 0
}
