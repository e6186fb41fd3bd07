import { useEffect, useState } from 'react'
import styles from './Clock.module.css'
import { elapsed } from './elapsed'
import { useSite } from './SiteContext'
import { clock as clockWords } from './texts/parts'

/** Something that happened while a clock ran. */
export interface Moment {
  readonly id: string
  readonly name: string
  /** ISO time. */
  readonly at: string
  readonly corrected?: boolean
}

export interface ClockKey {
  readonly name: string
  readonly onPress: () => void
  readonly disabled?: boolean
  /** What it is for, in a few words. */
  readonly note?: string
  /** The one to press next. */
  readonly main?: boolean
}

/**
 * Time since a moment. Nothing is counted: it is worked out anew from the moments each time, so that a reload, sleep
 * or a second device lose nothing. Large keys, each under its digit for as long as the clock runs; done ones are grey.
 */
export function Clock({
  label,
  startedAt,
  endedAt = null,
  aheadMs = 0,
  moments,
  keys,
}: {
  readonly label: string
  readonly startedAt: string | null
  readonly endedAt?: string | null
  /** How far the clock that told the moments is ahead of this device's, ms. */
  readonly aheadMs?: number
  readonly moments: readonly Moment[]
  readonly keys: readonly ClockKey[]
}) {
  const { format } = useSite()
  const nowMs = useNow(startedAt !== null && endedAt === null)
  const start = startedAt === null ? null : Date.parse(startedAt)
  const end = endedAt === null ? (nowMs === null ? null : nowMs + aheadMs) : Date.parse(endedAt)
  const seconds = start === null || end === null ? 0 : Math.max(0, (end - start) / 1000)
  return (
    <section className={styles.clock} aria-label={label}>
      <p className={styles.face}>
        <span role="timer" aria-label={clockWords.elapsed}>
          {elapsed(seconds)}
        </span>
        {startedAt && <small>{clockWords.startedAt(format.time(startedAt))}</small>}
      </p>
      <div className={styles.keys}>
        {keys.map(({ name, onPress, disabled = false, note, main = false }, index) => (
          <button
            key={name}
            type="button"
            className={`${styles.key} ${main ? styles.next : ''}`}
            disabled={disabled}
            onClick={onPress}
            data-clock-key={index + 1}
            aria-keyshortcuts={String(index + 1)}
          >
            <span>
              {name}
              {note && <small>{note}</small>}
            </span>
            <span className={styles.digit} aria-hidden="true">
              {index + 1}
            </span>
          </button>
        ))}
      </div>
      {start !== null && moments.length > 0 && (
        <table className={styles.moments}>
          <caption className="visually-hidden">{clockWords.moments}</caption>
          <tbody>
            {moments.map(({ id, name, at, corrected }) => (
              <tr key={id}>
                <td>{name}</td>
                <td>
                  {elapsed((Date.parse(at) - start) / 1000)}
                  {corrected && <small> {clockWords.corrected}</small>}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  )
}

/** The present time while it matters; null before the page's script has taken over. */
function useNow(running: boolean): number | null {
  const [now, setNow] = useState<number | null>(null)
  useEffect(() => {
    setNow(Date.now())
    if (!running) return
    const timer = setInterval(() => setNow(Date.now()), 200)
    return () => clearInterval(timer)
  }, [running])
  return now
}
