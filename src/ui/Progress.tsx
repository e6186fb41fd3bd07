import { Button } from './Button'
import styles from './Progress.module.css'
import { common as commonWords } from './texts/common'

/** Long work under way: how far it is, and a way to stop it. */
export function Progress({
  label,
  share,
  onStop,
}: {
  readonly label: string
  /** From 0 to 1; null while it is not known. */
  readonly share: number | null
  readonly onStop?: () => void
}) {
  const percent = share === null ? null : Math.round(share * 100)
  return (
    <div className={styles.progress}>
      <span className={styles.label}>
        {label}
        {percent !== null && ` ${commonWords.percent(percent)}`}
      </span>
      <progress
        className={styles.bar}
        aria-label={label}
        max={1}
        {...(share === null ? {} : { value: share })}
      />
      {onStop && <Button onClick={onStop}>{commonWords.stop}</Button>}
    </div>
  )
}
