const STEPS = [1, 2, 2.5, 5, 10]
const WANTED = 5

/** Even marks from zero to at least the largest value, at most five steps. */
export function axisTicks(largest: number): number[] {
  if (!(largest > 0)) return [0, 1]
  const rough = largest / WANTED
  const power = 10 ** Math.floor(Math.log10(rough))
  const step = (STEPS.find((one) => one * power >= rough * (1 - 1e-9)) ?? 10) * power
  const count = Math.ceil(largest / step - 1e-9)
  return Array.from({ length: count + 1 }, (_, at) => Number((at * step).toPrecision(12)))
}

/** The scale of groups of dots with their means and intervals, from zero; it reaches at least to `top`. */
export function ticksOfDots(
  groups: readonly {
    readonly dots: readonly { readonly value: number }[]
    readonly mean: number | null
    readonly ci: readonly [number, number] | null
  }[],
  top?: number,
): number[] {
  const values = groups.flatMap(({ dots, ci, mean }) => [
    ...dots.map(({ value }) => value),
    ...(ci ?? []),
    ...(mean === null ? [] : [mean]),
  ])
  return axisTicks(top ?? Math.max(0, ...values))
}
