import { TRIAL_RISKS, type TrialRisk } from '../../../core/trials'
import type { NewTrialPage } from '../../../messages/trials/trialViews'
import { Button } from '../../../ui/Button'
import { Choice, SelectField, TextField } from '../../../ui/Field'
import { Caution } from '../../../ui/Notice'
import { newTrial } from '../../../ui/texts/trials/newTrial'
import { trialWords } from '../../../ui/texts/trials/trialWords'
import { MediumField } from './MediumField'
import styles from './NewTrial.module.css'
import { oneMore, type TreatmentValues, treatmentName } from './trialValues'
import type { NewTrialForm } from './useNewTrial'

const words = newTrial.treatments
/** Each dose may be refused by itself, or all of them. */
const DOSES_OF = [
  ...Array.from({ length: 12 }, (_, index) => `treatments.${index}.dose`),
  'treatments',
  'treatments.1',
]

/** What is held against the control: treatments one by one, or doses of one thing. */
export function TreatmentsPart({
  page,
  form,
}: {
  readonly page: NewTrialPage
  readonly form: NewTrialForm
}) {
  const { values } = form
  return (
    <section aria-labelledby="treatments" className={styles.part}>
      <h2 id="treatments">{words.head}</h2>
      {values.kind === 'dose' ? (
        <Doses page={page} form={form} />
      ) : (
        <>
          <p className={styles.quiet}>{words.lead}</p>
          {values.treatments.map((one, index) => (
            <Treatment key={one.key} page={page} form={form} treatment={one} index={index} />
          ))}
          <div>
            <Button onClick={() => form.change({ treatments: oneMore(values.treatments) })}>
              {words.add}
            </Button>
          </div>
        </>
      )}
    </section>
  )
}

function Treatment({
  page,
  form: { values, change, errorOf },
  treatment,
  index,
}: {
  readonly page: NewTrialPage
  readonly form: NewTrialForm
  readonly treatment: TreatmentValues
  readonly index: number
}) {
  const title = treatmentName(page, treatment) || words.one(index + 1)
  const field = `treatments.${index + 1}`
  const put = (more: Partial<TreatmentValues>) =>
    change({
      treatments: values.treatments.map((each) =>
        each.key === treatment.key ? { ...each, ...more } : each,
      ),
    })
  return (
    <fieldset className={styles.treatment}>
      <legend>{title}</legend>
      <div className={styles.fields}>
        <MediumField
          page={page}
          label={words.medium}
          value={treatment.medium}
          error={errorOf(`${field}.medium`)}
          onChoose={(medium) => put({ medium })}
        />
        <TextField
          label={words.name}
          hint={words.nameHint}
          value={treatment.name}
          error={errorOf(`${field}.name`)}
          onChange={(event) => put({ name: event.target.value })}
        />
        {!values.isOwn && (
          <SelectField
            label={words.size}
            value={treatment.size}
            error={errorOf(`${field}.potSize`)}
            onChange={(event) => put({ size: event.target.value })}
          >
            <option value="">{words.sizeAsTrial}</option>
            {page.sizes.map(({ name }) => (
              <option key={name} value={name}>
                {name}
              </option>
            ))}
          </SelectField>
        )}
        <TextField
          label={words.care}
          hint={words.careHint}
          value={treatment.care}
          error={errorOf(`${field}.care`)}
          onChange={(event) => put({ care: event.target.value })}
        />
      </div>
      <Risks
        name={`risks-${treatment.key}`}
        risks={treatment.risks}
        onChange={(risks) => put({ risks })}
      />
      {values.treatments.length > 1 && (
        <div>
          <Button
            weight="quiet"
            onClick={() =>
              change({ treatments: values.treatments.filter(({ key }) => key !== treatment.key) })
            }
          >
            {words.remove(title)}
          </Button>
        </div>
      )}
    </fieldset>
  )
}

function Doses({
  page,
  form: { values, change, field, errorOf },
}: {
  readonly page: NewTrialPage
  readonly form: NewTrialForm
}) {
  return (
    <>
      <div className={styles.fields}>
        <MediumField
          page={page}
          label={words.added}
          none={words.addedChoose}
          value={values.added}
          error={errorOf('treatments.1.added')}
          withMaterials
          onChoose={(added) => change({ added })}
        />
        <TextField
          label={words.doses}
          hint={words.dosesHint}
          inputMode="text"
          {...field('doses', ...DOSES_OF)}
        />
      </div>
      <Risks
        name="risks"
        risks={values.addedRisks}
        onChange={(addedRisks) => change({ addedRisks })}
      />
    </>
  )
}

/** What can hurt plants or people is asked for, and its caution stands where it is said. */
function Risks({
  name,
  risks,
  onChange,
}: {
  readonly name: string
  readonly risks: readonly TrialRisk[]
  readonly onChange: (risks: readonly TrialRisk[]) => void
}) {
  return (
    <>
      <Choice
        kind="checkbox"
        label={words.risks}
        name={name}
        options={TRIAL_RISKS.map((value) => ({ value, label: trialWords.risks[value] }))}
        isChosen={(value) => risks.includes(value as TrialRisk)}
        onChange={(event) => {
          const { value, checked } = event.target
          const others = risks.filter((one) => one !== value)
          onChange(checked ? [...others, value as TrialRisk] : others)
        }}
      />
      <Caution lead={words.caution} lines={risks.map((one) => trialWords.cautions[one])} />
    </>
  )
}
