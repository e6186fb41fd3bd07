import type { ChartSpec } from './chartSpec'

/** Height of the plot itself, about, and of a line of text. */
const PLOT_PX = 190
export const LINE_PX = 15
/** Letters of a name that fit beside a chart; longer ones break. */
const LETTERS = 16

/** Parts an axis is divided into, about. */
export const AXIS_PARTS = 4

/** Where an axis that ends by itself ends: at the next even step above the largest value, as the drawing sets it. */
function axisTop(largest: number): number {
  if (!(largest > 0)) return 0
  const rough = largest / AXIS_PARTS
  const power = 10 ** Math.floor(Math.log10(rough))
  const share = rough / power
  const step = power * (share < 1.5 ? 1 : share < 2.5 ? 2 : share < 4 ? 3 : share < 7 ? 5 : 10)
  return Math.ceil(largest / step - 1e-9) * step
}

/**
 * Px by which the name at the end of each line has to move so that no two stand on each other; names stay in the order
 * of their lines.
 * @returns one number a series, positive downwards; 0 for what carries no name at its end
 */
export function spreadLabels({ series, y }: ChartSpec): number[] {
  const shift = series.map(() => 0)
  const values = series.flatMap(({ points }) => points.map(([, value]) => value))
  const top = y.max ?? axisTop(Math.max(...values, 0))
  const bottom = y.min ?? Math.min(...values, 0)
  const toPx = (value: number) => ((top - value) / Math.max(1e-9, top - bottom)) * PLOT_PX
  const ends = series
    .map(({ kind, name, nameAt, isThin, points }, index) => ({
      index,
      lines: Math.ceil(name.length / LETTERS),
      named: kind === 'line' && nameAt !== 'peak' && !isThin,
      px: toPx(points.at(-1)?.[1] ?? 0),
    }))
    .filter(({ named }) => named)
    // From the lowest up: a line on the axis keeps its place, those above give way.
    .sort((a, b) => b.px - a.px)
  let ceiling = Number.POSITIVE_INFINITY
  for (const { index, px, lines } of ends) {
    const half = (lines * LINE_PX) / 2
    const at = Math.min(px, ceiling - half)
    shift[index] = at - px
    ceiling = at - half
  }
  return shift
}
