import { ENDINGS, GROWTH_SCORES } from '../../core/season'
import type { EndOfPlanting } from '../../messages/containers/pots'
import type { PlantingView } from '../../messages/containers/potViews'
import type { ProblemChoice } from '../../messages/media/found'
import { Button } from '../../ui/Button'
import { Choice, SelectField, TextField } from '../../ui/Field'
import { useForm } from '../../ui/form/useForm'
import { ProblemNotice } from '../../ui/Notice'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { containers as words } from '../../ui/texts/containers/containers'
import { potLog as logWords } from '../../ui/texts/containers/potLog'
import { ProblemsField } from '../found/ProblemsField'
import styles from './Pots.module.css'

/** How a planting did, and why it is over. */
export function EndForm({
  planting,
  problems: choices,
}: {
  readonly planting: PlantingView
  readonly problems: readonly ProblemChoice[]
}) {
  const { site } = useSite()
  const { values, field, quantity, change, submit, problem, errorOf } = useForm(
    'POST /api/containers/plantings/[id]/end',
    {
      draft: `end/${planting.id}`,
      begin: {
        on: site.today,
        growth: '',
        harvest: '',
        why: 'season over' as EndOfPlanting['why'],
        problems: [] as readonly string[],
        note: '',
      },
      asked: ({ harvest, growth, ...typed }) => {
        const grams = readQuantity(harvest, 'mass', site.measures)
        if (grams.problem) return null
        return {
          params: { id: planting.id },
          body: { ...typed, growth: growth === '' ? null : Number(growth), harvestG: grams.value },
        }
      },
      taken: ({ seasonOver }) => ({
        text: (seasonOver ? words.endedLast : words.ended)(planting.cropName),
        undo: request('POST /api/containers/plantings/[id]/take-end-back', {
          params: { id: planting.id },
        }),
      }),
    },
  )

  return (
    <form className={styles.form} onSubmit={submit} noValidate>
      <Choice
        label={words.endTitle(planting.cropName)}
        hint={logWords.growthHint}
        options={GROWTH_SCORES.map((score) => ({ value: String(score), label: String(score) }))}
        {...field('growth')}
      />
      <div className={styles.fields}>
        <SelectField label={words.endWhy} {...field('why')}>
          {ENDINGS.map((value) => (
            <option key={value} value={value}>
              {words.endings[value]}
            </option>
          ))}
        </SelectField>
        <TextField label={words.endOn} type="date" {...field('on')} />
        <QuantityField
          label={words.endHarvest}
          hint={logWords.harvestHint}
          dimension="mass"
          {...quantity('harvest', 'harvestG')}
        />
        <TextField label={words.note} hint={words.optional} {...field('note')} />
      </div>
      <ProblemsField
        label={words.endProblems}
        problems={choices}
        chosen={values.problems}
        error={errorOf('problems')}
        onChange={(next) => change({ problems: next })}
      />
      <div>
        <Button type="submit">{words.endIt}</Button>
      </div>
      <ProblemNotice problem={problem} />
    </form>
  )
}
