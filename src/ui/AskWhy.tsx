import styles from './AskWhy.module.css'
import { common as commonWords } from './texts/common'
import { useWhyAnswers } from './WhyText'

/** Words over numbers that can be asked where they come from. */
export function AskWhy({
  name,
  pressed,
  onAsk,
}: {
  readonly name: string
  readonly pressed: boolean
  readonly onAsk: () => void
}) {
  useWhyAnswers()
  return (
    <button type="button" className={styles.ask} data-paper aria-pressed={pressed} onClick={onAsk}>
      <span className="visually-hidden">{commonWords.why('')}</span>
      {name}
    </button>
  )
}
