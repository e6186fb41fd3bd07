import { ticksOfDots } from './axisTicks'
import styles from './PotDots.module.css'

export interface DotGroup {
  readonly key: number | string
  readonly name: string
  readonly isControl?: boolean
  /** Each with the code of its pot. */
  readonly dots: readonly {
    readonly key: string
    readonly value: number
    readonly isRing?: boolean
  }[]
  readonly mean: number | null
  readonly ci: readonly [number, number] | null
  /** What stands beside it: its mean, and how many pots. */
  readonly label: string
  readonly note: string
  readonly says: string
}

const HEIGHT = 44
const SPREAD = 7
const AXIS = 22
/** Dots on three levels, so that pots of the same value are seen. */
const LEVELS = [0, -1, 1]

/** A dot for every pot over one scale from zero, with the mean of each group and its interval. */
export function PotDots({
  groups,
  top,
  write,
}: {
  readonly groups: readonly DotGroup[]
  /** The scale reaches at least so far. */
  readonly top?: number
  readonly write: (value: number) => string
}) {
  const ticks = ticksOfDots(groups, top)
  const most = ticks.at(-1) ?? 1
  const x = (value: number) => `${Math.min(100, Math.max(0, (100 * value) / most)).toFixed(2)}%`
  return (
    <div className={styles.picture}>
      {groups.map((group) => (
        <div key={group.key} className={styles.row}>
          <div className={styles.name}>
            {group.name}
            {group.isControl && <small>{group.note}</small>}
          </div>
          <svg className={styles.dots} role="img" aria-label={group.says} height={HEIGHT}>
            {ticks.map((tick) => (
              <line
                key={tick}
                x1={x(tick)}
                x2={x(tick)}
                y1={0}
                y2={HEIGHT}
                className={styles.grid}
              />
            ))}
            {group.ci && (
              <rect
                x={x(group.ci[0])}
                width={`${Math.max(0.3, (100 * (Math.min(most, group.ci[1]) - Math.max(0, group.ci[0]))) / most)}%`}
                y={HEIGHT / 2 - 5}
                height={10}
                className={styles.interval}
              />
            )}
            {group.mean !== null && (
              <line
                x1={x(group.mean)}
                x2={x(group.mean)}
                y1={6}
                y2={HEIGHT - 6}
                className={styles.mean}
              />
            )}
            {group.dots.map(({ key, value, isRing }, at) => (
              <circle
                key={key}
                cx={x(value)}
                cy={HEIGHT / 2 + SPREAD * (LEVELS[at % LEVELS.length] ?? 0)}
                r={4.5}
                className={isRing ? styles.ring : styles.dot}
              >
                <title>{`${key}: ${write(value)}`}</title>
              </circle>
            ))}
          </svg>
          <div className={styles.told}>{group.label}</div>
        </div>
      ))}
      <div className={styles.row}>
        <span />
        <svg className={styles.dots} height={AXIS} aria-hidden="true">
          {ticks.map((tick, at) => (
            <text
              key={tick}
              x={x(tick)}
              y={AXIS - 6}
              textAnchor={at === 0 ? 'start' : at === ticks.length - 1 ? 'end' : 'middle'}
              className={styles.tick}
            >
              {write(tick)}
            </text>
          ))}
        </svg>
      </div>
    </div>
  )
}
