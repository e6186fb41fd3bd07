import type { RootMass } from '../../core/recondition'
import type { ProblemChoice } from '../../messages/media/found'
import { Choice } from '../../ui/Field'
import { QuantityField } from '../../ui/QuantityField'
import { manyFound as words } from '../../ui/texts/manyFound'
import { SignField } from '../found/SignField'
import styles from './ManyFound.module.css'
import type { Said } from './useManyFound'

/** What may be said of a pot: in chips big enough for gloves. */
export function PotAnswers({
  name,
  said,
  problems,
  dropHint,
  onSay,
}: {
  /** Of its chips, one a pot. */
  readonly name: string
  readonly said: Said
  readonly problems: readonly ProblemChoice[]
  readonly dropHint: string
  readonly onSay: (more: Partial<Said>) => void
}) {
  return (
    <div className={styles.answers}>
      <QuantityField
        label={words.drop}
        hint={dropHint}
        dimension="length"
        typed={said.drop}
        value={said.drop}
        onChange={(event) => onSay({ drop: event.currentTarget.value })}
      />
      <Choice
        label={words.roots}
        name={`roots-${name}`}
        options={Object.entries(words.rootsShort).map(([value, label]) => ({ value, label }))}
        isChosen={(value) => value === said.roots}
        onChange={(event) => onSay({ roots: event.currentTarget.value as RootMass })}
      />
      <Choice
        label={words.side}
        name={`side-${name}`}
        options={Object.entries(words.sideShort).map(([value, label]) => ({ value, label }))}
        isChosen={(value) => value === said.side}
        onChange={(event) => onSay({ side: event.currentTarget.value as 'yes' | 'no' })}
      />
      <SignField
        label={words.problems}
        problems={problems}
        chosen={said.problems}
        onChange={(chosen) => onSay({ problems: chosen })}
      />
    </div>
  )
}
