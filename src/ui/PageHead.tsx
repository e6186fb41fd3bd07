import type { ReactNode } from 'react'
import styles from './Page.module.css'

/** Title of a page, a sentence about it, and its actions. */
export function PageHead({
  title,
  beside,
  lead,
  actions,
}: {
  title: ReactNode
  beside?: ReactNode
  lead?: ReactNode
  actions?: ReactNode
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
      {actions && <div className={styles.actions}>{actions}</div>}
    </div>
  )
}
