import { GROWTH_SCORES } from '../../core/season'
import type { CropName } from '../../messages/containers/potViews'
import type { ProblemChoice } from '../../messages/media/found'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { containers as words } from '../../ui/texts/containers'
import { potLog as logWords } from '../../ui/texts/potLog'
import { showToastOnNextPage } from '../../ui/toast'
import { useKept } from '../../ui/useKept'
import { useSend } from '../../ui/useSend'
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
  const { problem, errorOf, isSending, deliver } = useSend()
  const newest = (before ?? Number(site.today.slice(0, 4))) - 1
  const rowOf = (key: number): Row => ({
    key,
    year: String(newest - key),
    cropId: '',
    growth: '',
    problems: [],
  })
  const kept = useKept(`earlier/${id}`, { rows: [rowOf(0)] as readonly Row[] })
  const { rows } = kept.values
  const setRows = (next: readonly Row[]) => kept.change({ rows: next })
  const change = (key: number, more: Partial<Row>) =>
    setRows(rows.map((row) => (row.key === key ? { ...row, ...more } : row)))

  const save = async (event: React.FormEvent) => {
    event.preventDefault()
    if (isSending) return
    const seasons = rows.map(({ year, cropId, growth, problems: seen }) => ({
      year: numberOrTyped(year),
      cropId,
      growth: growth === '' ? null : Number(growth),
      problems: seen,
    }))
    if (
      !(await deliver('POST /api/containers/[id]/earlier', { params: { id }, body: { seasons } }))
    )
      return
    kept.throwAway()
    showToastOnNextPage({ text: words.earlierKept(rows.length) })
    window.location.reload()
  }

  return (
    <form className={styles.form} onSubmit={(event) => void save(event)} noValidate>
      <p>{words.earlierLead}</p>
      {rows.map((row, index) => (
        <div key={row.key} className={styles.fields}>
          <TextField
            label={words.year}
            inputMode="numeric"
            value={row.year}
            error={errorOf(`seasons.${index}.year`)}
            onChange={(event) => change(row.key, { year: event.target.value })}
          />
          <SelectField
            label={words.whatGrew}
            value={row.cropId}
            error={errorOf(`seasons.${index}.cropId`)}
            onChange={(event) => change(row.key, { cropId: event.target.value })}
          >
            <option value="">{words.chooseCrop}</option>
            {crops.map((crop) => (
              <option key={crop.id} value={crop.id}>
                {crop.name}
              </option>
            ))}
          </SelectField>
          <SelectField
            label={words.howWell}
            value={row.growth}
            onChange={(event) => change(row.key, { growth: event.target.value })}
          >
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
            onChange={(next) => change(row.key, { problems: next })}
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
