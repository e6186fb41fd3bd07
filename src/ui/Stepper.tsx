import styles from './Stepper.module.css'
import { common as commonWords } from './texts/common'

export interface Step {
  readonly name: string
  readonly state: 'done' | 'now' | 'next'
  /** Where the step can be gone back to. */
  readonly address?: string
}

/** Where one is on a way of several pages. */
export function Stepper({
  label,
  steps,
}: {
  readonly label: string
  readonly steps: readonly Step[]
}) {
  return (
    <ol className={styles.steps} aria-label={label}>
      {steps.map(({ name, state, address }, index) => (
        <li
          key={name}
          className={`${styles.step} ${styles[state] ?? ''}`}
          aria-current={state === 'now' ? 'step' : undefined}
        >
          <span className={styles.mark} aria-hidden="true">
            {state === 'done' ? '✓' : index + 1}
          </span>
          {address && state !== 'now' ? <a href={address}>{name}</a> : <span>{name}</span>}
          {state === 'done' && <span className="visually-hidden">, {commonWords.done}</span>}
        </li>
      ))}
    </ol>
  )
}
