import type { InningsMark } from '../../messages/media/lotViews'
import { pictures as pictureWords } from '../texts/pictures'
import styles from './InningsStrip.module.css'

/** One notch a season: the crop's first two letters and how it went; the open one dashed. */
export function InningsStrip({
  innings,
  nextOpen = false,
  most = Number.POSITIVE_INFINITY,
}: {
  innings: readonly InningsMark[]
  nextOpen?: boolean
  /** So many notches at the most; how many seasons came before them is said in one. */
  most?: number
}) {
  const before = Math.max(0, innings.length - most)
  return (
    <ol className={styles.strip} aria-label={pictureWords.inningsLabel(innings.length)}>
      {before > 0 && (
        <li className={styles.notch} title={pictureWords.inningsBefore(before)}>
          <span aria-hidden="true">+{before}</span>
          <span className="visually-hidden">{pictureWords.inningsBefore(before)}</span>
        </li>
      )}
      {innings.slice(before).map((one) => {
        const outcome = one.open ? styles.open : one.outcome ? styles[one.outcome] : ''
        const words = pictureWords.inningsWords(one)
        return (
          <li key={one.number} className={`${styles.notch} ${outcome}`} title={words}>
            <span aria-hidden="true">{(one.cropName ?? '··').slice(0, 2)}</span>
            <span className="visually-hidden">{words}</span>
          </li>
        )
      })}
      {nextOpen && (
        <li className={`${styles.notch} ${styles.open}`} title={pictureWords.nextInnings}>
          <span className="visually-hidden">{pictureWords.nextInnings}</span>
        </li>
      )}
    </ol>
  )
}
