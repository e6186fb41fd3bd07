import styles from './DotRow.module.css'

const MIDDLE = 14
const EDGE_PERCENT = 3

export interface DotRowProps {
  /** Each run a dot. */
  readonly own: readonly number[]
  /** Runs of what it is compared with, as rings. */
  readonly other?: readonly number[]
  /** What its recipe lets expect, from and to; a dashed stroke where both are the same. */
  readonly expected?: { readonly from: number; readonly to: number } | null
  /** What the crop wants. */
  readonly wanted?: { readonly low: number | null; readonly high: number | null } | null
  /** What it shows, in words: the picture itself is passed over. */
  readonly says: string
}

/** Repeats on one line against what was expected and what is wanted, with the reference beside. */
export function DotRow({ own, other = [], expected = null, wanted = null, says }: DotRowProps) {
  const all = [
    ...own,
    ...other,
    ...(expected ? [expected.from, expected.to] : []),
    ...(wanted ? [wanted.low, wanted.high].filter((one) => one !== null) : []),
  ]
  const [low, high] = [Math.min(...all), Math.max(...all)]
  const room = Math.max((high - low) * 0.1, Math.abs(high) * 0.02, 1e-6)
  const at = (value: number) =>
    EDGE_PERCENT + ((100 - 2 * EDGE_PERCENT) * (value - low + room)) / (high - low + 2 * room)
  const x = (value: number) => `${at(value).toFixed(2)}%`
  const left = wanted?.low == null ? EDGE_PERCENT : at(wanted.low)
  const right = wanted?.high == null ? 100 - EDGE_PERCENT : at(wanted.high)
  return (
    <svg className={styles.dots} role="img" aria-label={says}>
      {wanted && (
        <rect
          x={`${left}%`}
          y={MIDDLE - 6}
          width={`${Math.max(0.5, right - left)}%`}
          height={12}
          className={styles.wanted}
        />
      )}
      <line
        x1={`${EDGE_PERCENT}%`}
        x2={`${100 - EDGE_PERCENT}%`}
        y1={MIDDLE}
        y2={MIDDLE}
        className={styles.scale}
      />
      {expected &&
        [...new Set([expected.from, expected.to])].map((end) => (
          <line
            key={end}
            x1={x(end)}
            x2={x(end)}
            y1={MIDDLE - 10}
            y2={MIDDLE + 10}
            className={styles.expected}
          />
        ))}
      {expected && (
        <line
          x1={x(expected.from)}
          x2={x(expected.to)}
          y1={MIDDLE}
          y2={MIDDLE}
          className={styles.expected}
        />
      )}
      {placed(other).map(({ value, key }) => (
        <circle key={key} cx={x(value)} cy={MIDDLE} r={6} className={styles.other} />
      ))}
      {placed(own).map(({ value, key }) => (
        <circle key={key} cx={x(value)} cy={MIDDLE} r={4} className={styles.own} />
      ))}
    </svg>
  )
}

/** Runs may come to the same value: each is told by its place among them. */
function placed(values: readonly number[]) {
  return values.map((value, place) => ({ value, key: `${place}:${value}` }))
}
