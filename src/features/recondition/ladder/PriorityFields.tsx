import { Choice } from '../../../ui/Field'
import { ProblemNotice } from '../../../ui/Notice'
import { ladder as words } from '../../../ui/texts/recondition/ladder'
import styles from './Ladder.module.css'
import type { Priorities } from './usePriorities'

const WEIGHTS = ['yield', 'cost', 'effort'] as const

/** What matters to the grower: weighed at once, kept for all lots. */
export function PriorityFields({
  priorities: { values: priorities, set: save, problem },
  onRuledOut = () => window.location.reload(),
}: {
  readonly priorities: Priorities
  /** What may go in is another question: the ways are worked out anew. */
  readonly onRuledOut?: () => void
}) {
  const { title, weights, steps, peatFree, peatFreeNote, noMineralFeed, noMineralFeedNote, kept } =
    words.priorities
  const set = async (more: Partial<Priorities['values']>, needsNewWays = false) => {
    const isTaken = await save(more)
    if (isTaken && needsNewWays) onRuledOut()
  }
  return (
    <section className={styles.priorities} aria-labelledby="priorities" data-needs="manage">
      <h2 id="priorities">
        {title} <small>{kept}</small>
      </h2>
      {WEIGHTS.map((weight) => (
        <Choice
          key={weight}
          label={weights[weight][0]}
          hint={weights[weight][1]}
          name={weight}
          options={steps.map((label, value) => ({ value: String(value), label }))}
          isChosen={(value) => value === String(priorities[weight])}
          onChange={(event) => void set({ [weight]: Number(event.currentTarget.value) })}
        />
      ))}
      <Choice
        kind="checkbox"
        label={words.priorities.ruledOut}
        options={[
          { value: 'peatFree', label: peatFree, note: peatFreeNote },
          { value: 'noMineralFeed', label: noMineralFeed, note: noMineralFeedNote },
        ]}
        isChosen={(value) => priorities[value as 'peatFree' | 'noMineralFeed']}
        onChange={(event) => {
          const { value, checked } = event.currentTarget
          void set({ [value]: checked }, true)
        }}
      />
      <ProblemNotice problem={problem} />
    </section>
  )
}
