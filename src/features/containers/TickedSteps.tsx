import type { ReactNode } from 'react'
import { filling as words } from '../../ui/texts/containers/filling'
import styles from './Fill.module.css'

export interface TickedStep {
  readonly id: string
  readonly text: ReactNode
  readonly more?: ReactNode
}

/** The steps of a job in their order; each can be ticked when it is done. */
export function TickedSteps({
  steps,
  ticks,
  onTick,
}: {
  readonly steps: readonly TickedStep[]
  readonly ticks: readonly string[]
  readonly onTick: (ticks: readonly string[]) => void
}) {
  const done = steps.filter(({ id }) => ticks.includes(id)).length
  return (
    <div>
      <ol className={styles.steps}>
        {steps.map(({ id, text, more }) => (
          <li key={id}>
            <label className={styles.step}>
              <input
                type="checkbox"
                checked={ticks.includes(id)}
                onChange={(event) =>
                  onTick(event.target.checked ? [...ticks, id] : ticks.filter((one) => one !== id))
                }
              />
              <span>{text}</span>
            </label>
            {more}
          </li>
        ))}
      </ol>
      <p className={styles.note}>{words.ticked(done, steps.length)}</p>
    </div>
  )
}
