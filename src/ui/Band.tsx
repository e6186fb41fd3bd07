import styles from './Band.module.css'

const WIDTH = 132
const HEIGHT = 16

/** A value against what is wanted: a wash for the band, a dot inside it, a lozenge outside. */
export function Band({
  value,
  likely = null,
  low,
  high,
  from,
  to,
}: {
  readonly value: number
  /** Where it lies with four chances in five; a line through the mark. */
  readonly likely?: { readonly p10: number; readonly p90: number } | null
  readonly low: number | null
  readonly high: number | null
  /** Ends of the scale. */
  readonly from: number
  readonly to: number
}) {
  const x = (at: number) =>
    4 + (WIDTH - 8) * Math.min(1, Math.max(0, (at - from) / Math.max(1e-9, to - from)))
  const left = x(low ?? from)
  const right = x(high ?? to)
  const inside = (low === null || value >= low - 1e-6) && (high === null || value <= high + 1e-6)
  const at = x(value)
  const middle = HEIGHT / 2
  return (
    <svg
      className={styles.band}
      width={WIDTH}
      height={HEIGHT}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      aria-hidden="true"
    >
      <path d={`M4 ${middle}H${WIDTH - 4}`} className={styles.scale} />
      <rect
        x={left}
        y={middle - 4}
        width={Math.max(1, right - left)}
        height={8}
        className={styles.wanted}
      />
      {likely && (
        <path
          d={`M${x(likely.p10)} ${middle - 4}v8M${x(likely.p10)} ${middle}H${x(likely.p90)}M${x(likely.p90)} ${middle - 4}v8`}
          className={styles.likely}
        />
      )}
      {inside ? (
        <circle cx={at} cy={middle} r={5} className={styles.inside} />
      ) : (
        <path
          d={`M${at - 6} ${middle}L${at} ${middle - 6}L${at + 6} ${middle}L${at} ${middle + 6}Z`}
          className={styles.outside}
        />
      )}
    </svg>
  )
}
