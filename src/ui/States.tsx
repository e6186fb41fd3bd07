import type { ReactNode } from 'react'
import styles from './States.module.css'

/** Nothing here yet: one line that teaches the next step, and the step itself. */
export function EmptyState({
  title,
  next,
  action,
}: {
  readonly title: string
  readonly next: string
  readonly action?: ReactNode
}) {
  return (
    <div className={styles.empty}>
      <h2>{title}</h2>
      <p>{next}</p>
      {action}
    </div>
  )
}
