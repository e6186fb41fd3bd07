import type { LotState } from '../../core/media'
import { media as mediaWords } from '../../ui/texts/media/media'
import styles from './StateMark.module.css'

/** Where a lot stands, as a shape and a word. */
export function StateMark({ state }: { state: LotState }) {
  const { mark, word } = mediaWords.states[state]
  return (
    <span className={`${styles.mark} ${styles[state]}`}>
      <span aria-hidden="true">{mark}</span> {word}
    </span>
  )
}
