import { TRIAL_MEASURES, type TrialMeasure } from '../../../core/trials'
import type { NewTrialPage } from '../../../messages/trials/trialViews'
import { Choice, SelectField, TextField } from '../../../ui/Field'
import { newTrial } from '../../../ui/texts/trials/newTrial'
import { trialWords } from '../../../ui/texts/trials/trialWords'
import styles from './NewTrial.module.css'
import { plantVariation } from './plantVariation'
import { daysOf, decidingOf } from './trialValues'
import type { NewTrialForm } from './useNewTrial'

const words = newTrial.looks
/** Each of the days may be refused by itself. */
const DAYS_OF = Array.from({ length: 60 }, (_, index) => `checkDays.${index}`)

/** What is measured in each pot, on which days. */
export function LooksPart({
  page,
  form: { values, change, field, errorOf },
}: {
  readonly page: NewTrialPage
  readonly form: NewTrialForm
}) {
  const { cv, from } = plantVariation({ ...values, cv: '' }, page.varied)
  const measured = TRIAL_MEASURES.filter((one) => values.measures.includes(one))
  const days = [...new Set(daysOf(values.checkDays))]
  const deciding = decidingOf(values, page.crops)
  return (
    <section aria-labelledby="looks" className={styles.part}>
      <h2 id="looks">{words.head}</h2>
      <Choice
        kind="checkbox"
        label={words.measures}
        name="measures"
        error={errorOf('measures')}
        options={TRIAL_MEASURES.map((value) => ({ value, label: trialWords.measures[value] }))}
        isChosen={(value) => values.measures.includes(value as TrialMeasure)}
        onChange={(event) => {
          const { value, checked } = event.target
          const others = values.measures.filter((one) => one !== value)
          change({ measures: checked ? [...others, value as TrialMeasure] : others })
        }}
      />
      {measured.length > 0 && (
        <Choice
          label={words.decides}
          hint={words.decidesHint}
          options={measured.map((value) => ({ value, label: trialWords.measures[value] }))}
          isChosen={(value) => value === deciding.measure}
          name="decides"
          error={errorOf('decides')}
          onChange={(event) => change({ decides: event.target.value as TrialMeasure })}
        />
      )}
      <div className={styles.fields}>
        <TextField
          label={words.days}
          hint={words.daysHint}
          inputMode="text"
          {...field('checkDays', ...DAYS_OF, 'checkDays')}
        />
        {measured.length > 0 && days.length > 0 && (
          <SelectField
            label={words.decidesDay}
            value={String(deciding.day ?? '')}
            error={errorOf('decidesDay')}
            onChange={(event) => change({ decidesDay: event.target.value })}
          >
            {days.map((day) => (
              <option key={day} value={day}>
                {words.dayOf(day)}
              </option>
            ))}
          </SelectField>
        )}
        {values.kind !== 'side-by-side' && (
          <TextField
            label={words.cv}
            hint={
              from
                ? words.cvFrom(cv, from.name, trialWords.measures[from.measure].toLowerCase())
                : words.cvHint
            }
            inputMode="decimal"
            {...field('cv')}
          />
        )}
      </div>
    </section>
  )
}
