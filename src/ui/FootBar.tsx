import type { ReactNode } from 'react'
import styles from './FootBar.module.css'

/**
 * The main action of a page, which never scrolls away, and a worked-out sentence that says what pressing does. In the
 * page's flow where the window is low; not on paper.
 * @param actions the main one last: it stands at the thumb
 */
export function FootBar({
  children,
  actions,
}: {
  readonly children?: ReactNode
  readonly actions: ReactNode
}) {
  return (
    <div className={styles.bar} data-foot-bar>
      {children && (
        <div className={styles.says} aria-live="polite">
          {children}
        </div>
      )}
      <div className={styles.actions}>{actions}</div>
    </div>
  )
}
