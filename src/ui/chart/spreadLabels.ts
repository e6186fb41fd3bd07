import type { ChartSpec } from './chartSpec'

/** Height of the plot itself, about, and of a line of text. */
const PLOT_PX = 190
const LINE_PX = 15

/**
 * Px by which the name at the end of each line has to move so that no two stand on each other; names stay in the order
 * of their lines.
 * @returns one number a series, positive downwards; 0 for what carries no name at its end
 */
export function spreadLabels({ series, y }: ChartSpec): number[] {
  const shift = series.map(() => 0)
  const values = series.flatMap(({ points }) => points.map(([, value]) => value))
  const top = y.max ?? Math.max(...values, 0)
  const bottom = y.min ?? Math.min(...values, 0)
  const toPx = (value: number) => ((top - value) / Math.max(1e-9, top - bottom)) * PLOT_PX
  const ends = series
    .map(({ kind, nameAt, points }, index) => ({
      index,
      named: kind === 'line' && nameAt !== 'peak',
      px: toPx(points.at(-1)?.[1] ?? 0),
    }))
    .filter(({ named }) => named)
    // From the lowest up: a line on the axis keeps its place, those above give way.
    .sort((a, b) => b.px - a.px)
  let below = Number.POSITIVE_INFINITY
  for (const { index, px } of ends) {
    const at = Math.min(px, below - LINE_PX)
    shift[index] = at - px
    below = at
  }
  return shift
}
