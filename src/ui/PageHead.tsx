import type { ReactNode } from 'react'
import styles from './Page.module.css'
import { common as words } from './texts/common'

/**
 * Title of a page, a sentence about it, and its actions. On a phone the page begins with its thing: the main action
 * stands at the thumb, the others behind a key beside it.
 * @param main the one action that follows from the sentence; without it the others stay at the head
 */
export function PageHead({
  title,
  beside,
  lead,
  actions,
  main,
}: {
  title: ReactNode
  beside?: ReactNode
  lead?: ReactNode
  actions?: ReactNode
  main?: ReactNode
}) {
  return (
    <div className={styles.head}>
      <div className={styles.titles}>
        <div className={styles.title}>
          <h1>{title}</h1>
          {beside && <span className={styles.beside}>{beside}</span>}
        </div>
        {lead && <div className={styles.lead}>{lead}</div>}
      </div>
      {main ? (
        <div className={`${styles.actions} ${styles.atThumb}`}>
          {actions && <span className={styles.onWide}>{actions}</span>}
          <span className={styles.main}>{main}</span>
          {actions && (
            <details className={styles.more}>
              <summary>{words.moreActions}</summary>
              <div className={styles.others}>{actions}</div>
            </details>
          )}
        </div>
      ) : (
        actions && <div className={styles.actions}>{actions}</div>
      )}
    </div>
  )
}
