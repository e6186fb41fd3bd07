import type { InningsMark } from '../../messages/media/lots'
import { pictures as pictureWords } from '../texts/pictures'
import styles from './InningsStrip.module.css'

/** One notch a season: the crop's first two letters and how it went; the open one dashed. */
export function InningsStrip({
  innings,
  nextOpen = false,
}: {
  innings: readonly InningsMark[]
  nextOpen?: boolean
}) {
  return (
    <ol className={styles.strip} aria-label={pictureWords.inningsLabel(innings.length)}>
      {innings.map((one) => {
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
