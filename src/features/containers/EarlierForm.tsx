import { GROWTH_SCORES } from '../../core/season'
import type { CropName } from '../../messages/containers/potViews'
import type { ProblemChoice } from '../../messages/media/found'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { useForm } from '../../ui/form/useForm'
import { ProblemNotice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { containers as words } from '../../ui/texts/containers/containers'
import { potLog as logWords } from '../../ui/texts/containers/potLog'
import { ProblemsField } from '../found/ProblemsField'
import { numberOrTyped } from '../readNumber'
import styles from './Pots.module.css'

interface Row {
  readonly key: number
  readonly year: string
  readonly cropId: string
  readonly growth: string
  readonly problems: readonly string[]
}

/** What grew in a pot in the years before it was written down: a row for each. */
export function EarlierForm({
  id,
  crops,
  problems,
  before,
}: {
  readonly id: number
  readonly crops: readonly CropName[]
  readonly problems: readonly ProblemChoice[]
  /** The first year that is written down; null where none is. */
  readonly before: number | null
}) {
  const { site } = useSite()
  const newest = (before ?? Number(site.today.slice(0, 4))) - 1
  const rowOf = (key: number): Row => ({
    key,
    year: String(newest - key),
    cropId: '',
    growth: '',
    problems: [],
  })
  const { values, field, change, submit, problem, errorOf } = useForm(
    'POST /api/containers/[id]/earlier',
    {
      draft: `earlier/${id}`,
      begin: { rows: [rowOf(0)] as readonly Row[] },
      asked: ({ rows }) => ({
        params: { id },
        body: {
          seasons: rows.map(({ year, cropId, growth, problems: seen }) => ({
            year: numberOrTyped(year),
            cropId,
            growth: growth === '' ? null : Number(growth),
            problems: seen,
          })),
        },
      }),
      taken: (_, { rows }) => ({ text: words.earlierKept(rows.length) }),
    },
  )
  const { rows } = values
  const setRows = (next: readonly Row[]) => change({ rows: next })

  return (
    <form className={styles.form} onSubmit={submit} noValidate>
      <p>{words.earlierLead}</p>
      {rows.map((row, index) => (
        <div key={row.key} className={styles.fields}>
          <TextField
            label={words.year}
            inputMode="numeric"
            {...field(`rows.${index}.year`, `seasons.${index}.year`)}
          />
          <SelectField
            label={words.whatGrew}
            {...field(`rows.${index}.cropId`, `seasons.${index}.cropId`)}
          >
            <option value="">{words.chooseCrop}</option>
            {crops.map((crop) => (
              <option key={crop.id} value={crop.id}>
                {crop.name}
              </option>
            ))}
          </SelectField>
          <SelectField label={words.howWell} {...field(`rows.${index}.growth`)}>
            <option value="">{words.unknown}</option>
            {GROWTH_SCORES.map((score) => (
              <option key={score} value={score}>
                {logWords.growthOf(score)}
              </option>
            ))}
          </SelectField>
          <ProblemsField
            label={words.endProblems}
            problems={problems}
            chosen={row.problems}
            error={errorOf(`seasons.${index}.problems`)}
            onChange={(next) =>
              setRows(rows.map((one) => (one.key === row.key ? { ...one, problems: next } : one)))
            }
          />
        </div>
      ))}
      <div className={styles.actions}>
        <Button onClick={() => setRows([...rows, rowOf(rows.length)])}>{words.oneYearMore}</Button>
        {rows.length > 1 && (
          <Button weight="quiet" onClick={() => setRows(rows.slice(0, -1))}>
            {words.oneYearLess}
          </Button>
        )}
        <Button type="submit">{words.keepEarlier}</Button>
      </div>
      <ProblemNotice problem={problem} />
    </form>
  )
}
