import type { ReactNode } from 'react'
import styles from './Sideways.module.css'

/** What is wider than a phone: it is moved sideways, by keys as well. */
export function Sideways({
  label,
  children,
}: {
  readonly label: string
  readonly children: ReactNode
}) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: without it nobody moves it by keys
    <section className={styles.sideways} aria-label={label} tabIndex={0}>
      {children}
    </section>
  )
}
