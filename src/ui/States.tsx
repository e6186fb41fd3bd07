import type { ReactNode } from 'react'
import { Notice } from './Notice'
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

/** What happened, what was kept, what to do. */
export function ErrorState({
  happened,
  kept,
  todo,
  action,
}: {
  readonly happened: string
  readonly kept: string
  readonly todo: string
  readonly action?: ReactNode
}) {
  return (
    <div role="alert">
      <Notice tone="stop">
        <strong>{happened}</strong> {kept} {todo}
        {action && <div className={styles.action}>{action}</div>}
      </Notice>
    </div>
  )
}
