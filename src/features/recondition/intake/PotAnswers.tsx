import { debrisAsked, type RootMass } from '../../../core/recondition'
import type { ProblemChoice } from '../../../messages/media/found'
import { Choice, TextField } from '../../../ui/Field'
import { Fold } from '../../../ui/Fold'
import { QuantityField } from '../../../ui/QuantityField'
import { manyFound as words } from '../../../ui/texts/media/manyFound'
import { SignField } from '../../found/SignField'
import styles from '../many/ManyFound.module.css'
import { type Said, yearsOf } from '../many/useManyFound'

/** What may be said of a pot: in chips big enough for gloves. */
export function PotAnswers({
  name,
  said,
  problems,
  dropHint,
  yearsHint,
  onSay,
}: {
  /** Of its chips, one a pot. */
  readonly name: string
  readonly said: Said
  readonly problems: readonly ProblemChoice[]
  readonly dropHint: string
  readonly yearsHint?: string
  readonly onSay: (more: Partial<Said>) => void
}) {
  const asked = debrisAsked(
    problems.filter(({ id }) => said.problems.includes(id)).map(({ debrisTo }) => debrisTo),
  )
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
      <Choice
        label={words.debrisTitle}
        hint={debrisHint(said.debris, asked)}
        name={`debris-${name}`}
        options={chips(words.debris)}
        isChosen={(value) => value === said.debris}
        onChange={(event) => onSay({ debris: event.currentTarget.value as Said['debris'] })}
      />
      <Fold title={words.more}>
        <div className={styles.answers}>
          <Choice
            label={words.smell}
            name={`smell-${name}`}
            options={chips(words.smells)}
            isChosen={(value) => value === said.smell}
            onChange={(event) => onSay({ smell: event.currentTarget.value as Said['smell'] })}
          />
          <Choice
            label={words.life}
            name={`life-${name}`}
            options={chips(words.lives)}
            isChosen={(value) => value === said.life}
            onChange={(event) => onSay({ life: event.currentTarget.value as Said['life'] })}
          />
          <Choice
            label={words.mulch}
            hint={words.mulchHint}
            name={`mulch-${name}`}
            options={chips(words.mulches)}
            isChosen={(value) => value === said.mulch}
            onChange={(event) => onSay({ mulch: event.currentTarget.value as Said['mulch'] })}
          />
          <Choice
            label={words.drains}
            hint={words.drainsHint}
            name={`drains-${name}`}
            options={chips(words.drainsOptions)}
            isChosen={(value) => value === said.drains}
            onChange={(event) => onSay({ drains: event.currentTarget.value as Said['drains'] })}
          />
          <TextField
            label={words.years}
            hint={yearsHint}
            inputMode="decimal"
            error={yearsOf(said.years) === undefined ? words.yearsUnread : undefined}
            value={said.years}
            onChange={(event) => onSay({ years: event.currentTarget.value })}
          />
        </div>
      </Fold>
    </div>
  )
}

function chips(labels: Readonly<Record<string, string>>) {
  return Object.entries(labels).map(([value, label]) => ({ value, label }))
}

/** Where it has to go by what was seen, and what is wrong with the heap where that is the bin. */
function debrisHint(said: Said['debris'], asked: 'bin' | 'compost' | null): string {
  if (asked === 'bin') return said === 'compost' ? words.debrisLives : words.debrisBin
  return words.debrisHealthy
}
