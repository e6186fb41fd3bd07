/** What a chart shows, apart from how it is drawn. Tones are those of the pictures. */
export type Tone = 'ink' | 'water' | 'ok' | 'act' | 'loam' | 'quiet'

export interface Axis {
  readonly name: string
  readonly unit: string
  readonly min?: number
  readonly max?: number
  readonly log?: boolean
  /** Names of the places along it, for bars. */
  readonly places?: readonly string[]
}

export type Point = readonly [x: number, y: number]

export interface Series {
  readonly kind: 'line' | 'dots' | 'bars'
  readonly name: string
  readonly tone: Tone
  readonly points: readonly Point[]
  readonly dashed?: boolean
  /** A line among many: thin and without its name beside it. */
  readonly isThin?: boolean
  /** Dots that carry their name, so that they are told apart without colour. */
  readonly named?: boolean
  /** Where a line carries its name: at its end, or at its highest point where the ends meet. */
  readonly nameAt?: 'end' | 'peak'
}

/** A stretch that is wanted, or to be noticed. */
export interface Stretch {
  readonly axis: 'x' | 'y'
  readonly from: number
  readonly to: number
  readonly name: string
  /** Wanted where left out. */
  readonly tone?: 'wanted' | 'short'
}

export interface ChartSpec {
  readonly title: string
  /** What it says, in a sentence: the chart for those who do not see it. */
  readonly says: string
  readonly x: Axis
  readonly y: Axis
  readonly series: readonly Series[]
  readonly stretches?: readonly Stretch[]
}

/** The numbers as rows under a heading: x once, a column a series. */
export function chartRows({ x, y, series }: ChartSpec): (string | number)[][] {
  const named = (name: string, unit: string) => (unit ? `${name} (${unit})` : name)
  const places = [...new Set(series.flatMap(({ points }) => points.map(([at]) => at)))].sort(
    (a, b) => a - b,
  )
  return [
    [named(x.name, x.unit), ...series.map(({ name }) => named(name, y.unit))],
    ...places.map((at) => [
      x.places?.[at] ?? at,
      ...series.map(({ points }) => points.find(([px]) => px === at)?.[1] ?? ''),
    ]),
  ]
}
