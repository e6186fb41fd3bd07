import { useMemo } from 'react'
import { Notice } from '../../../ui/Notice'
import { howManyPots as words } from '../../../ui/texts/trials/howManyPots'
import { useCore } from '../../../workers/useCore'
import styles from './HowManyPots.module.css'
import { type HowMany, neededQuestion } from './howMany'

/** The number of pots that a difference asks for, large. */
export function PotsNeeded({ values }: { readonly values: HowMany }) {
  const key = JSON.stringify(neededQuestion(values))
  const asked = useMemo(() => JSON.parse(key) as ReturnType<typeof neededQuestion>, [key])
  const { answer, refusal } = useCore('pots-needed', 'potsNeeded', asked)
  if (!asked || (answer === null && !refusal)) return null
  const groups = (asked.comparisons ?? 1) + 1
  return (
    <div aria-live="polite" className={styles.answer}>
      {refusal ? (
        <Notice tone="stop">{refusal}</Notice>
      ) : answer?.pots == null ? (
        <p>{words.outOfReach}</p>
      ) : (
        <>
          <p>
            <strong>{words.needed(answer.pots)}</strong>{' '}
            {words.neededInAll(answer.pots * groups, groups)}
          </p>
          <p className={styles.quiet}>{words.neededWhy}</p>
        </>
      )}
    </div>
  )
}
