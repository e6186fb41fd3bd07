import type { LookPot } from '../../../messages/trials/lookViews'
import { look as words } from '../../../ui/texts/trials/look'
import styles from './Look.module.css'
import { stateOfPot } from './look'

const MARKS = { looked: '✓', open: '', out: '–', dead: '×' } as const

/** Every pot of the trial in the order of the walk, with what became of it that day. */
export function LookPots({
  pots,
  isBlind,
  now,
  says,
  onChoose,
}: {
  readonly pots: readonly LookPot[]
  readonly isBlind: boolean
  readonly now: number
  /** How many are looked at. */
  readonly says: string
  readonly onChoose: (id: number) => void
}) {
  return (
    <section aria-labelledby="all-pots" className={styles.all}>
      <h2 id="all-pots">{words.all}</h2>
      <p role="status">{says}</p>
      <ul>
        {pots.map((pot) => {
          const state = stateOfPot(pot)
          return (
            <li key={pot.id}>
              <button
                type="button"
                data-state={state}
                aria-label={`${pot.code}, ${words.state[state]}`}
                aria-pressed={pot.id === now}
                onClick={() => onChoose(pot.id)}
              >
                {pot.code}
                {MARKS[state] && <span aria-hidden="true"> {MARKS[state]}</span>}
              </button>
            </li>
          )
        })}
      </ul>
      {isBlind && <p className={styles.quiet}>{words.blind}</p>}
    </section>
  )
}
