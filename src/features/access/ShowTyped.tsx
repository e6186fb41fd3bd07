import { signIn as words } from '../../ui/texts/access/access'
import styles from './Access.module.css'

/** With wet thumbs one wants to see what was typed. */
export function ShowTyped({
  isShown,
  onChange,
}: {
  readonly isShown: boolean
  readonly onChange: (isShown: boolean) => void
}) {
  return (
    <label className={styles.show}>
      <input
        type="checkbox"
        checked={isShown}
        onChange={(event) => onChange(event.target.checked)}
      />
      {words.show}
    </label>
  )
}
