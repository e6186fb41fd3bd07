import { type ControlMust, MUST_RANGE, MUSTS_OF } from '../../../core/trials'
import type { NewTrialPage } from '../../../messages/trials/trialViews'
import { Choice, SelectField, TextField } from '../../../ui/Field'
import { newTrial } from '../../../ui/texts/trials/newTrial'
import { trialWords } from '../../../ui/texts/trials/trialWords'
import { MediumField } from './MediumField'
import styles from './NewTrial.module.css'
import { sownAs } from './trialValues'
import type { NewTrialForm } from './useNewTrial'

const words = newTrial.control

/** The control: what it is, and what it must reach for the run to count. */
export function ControlPart({
  page,
  form: { values, change, field, errorOf },
}: {
  readonly page: NewTrialPage
  readonly form: NewTrialForm
}) {
  const { kind, must } = values
  if (!kind) return null
  const isDosed = kind === 'dose'
  return (
    <section aria-labelledby="control" className={styles.part}>
      <h2 id="control">{words.head}</h2>
      <p className={styles.quiet}>{words.lead}</p>
      {kind === 'count' && (
        <Choice
          label={newTrial.pots.sown}
          name="sown"
          options={[
            { value: 'seeds', label: newTrial.pots.sownSeeds },
            { value: 'weeds', label: newTrial.pots.sownWeeds },
          ]}
          isChosen={(value) => (value === 'seeds') === values.isSown}
          onChange={(event) => change(sownAs(event.target.value === 'seeds'))}
        />
      )}
      <div className={styles.fields}>
        {!isDosed && (
          <TextField
            label={words.name}
            placeholder={words.usualName}
            {...field('controlName', 'treatments.0.name')}
          />
        )}
        <MediumField
          page={page}
          label={isDosed ? words.mediumDose : words.medium}
          value={values.medium}
          error={errorOf('treatments.0.medium')}
          onChoose={(medium) => change({ medium })}
        />
        {!isDosed && (
          <TextField
            label={words.care}
            hint={words.careHint}
            {...field('controlCare', 'treatments.0.care')}
          />
        )}
      </div>
      <Choice
        label={newTrial.question.wish}
        options={(['more', 'less'] as const).map((value) => ({
          value,
          label: trialWords.wishes[value],
        }))}
        {...field('wish')}
      />
      <div className={styles.fields}>
        <SelectField
          label={words.must}
          value={must}
          error={errorOf('must')}
          onChange={(event) => {
            const chosen = event.target.value as ControlMust
            change({ must: chosen, mustValue: String(MUST_RANGE[chosen].usual) })
          }}
        >
          {MUSTS_OF[kind].map((one) => (
            <option key={one} value={one}>
              {trialWords.musts[one].name}
            </option>
          ))}
        </SelectField>
        <TextField
          label={words.mustValue}
          hint={must ? trialWords.musts[must].unit : undefined}
          inputMode="decimal"
          {...field('mustValue')}
        />
      </div>
    </section>
  )
}
