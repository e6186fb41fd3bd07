import { ENDINGS, GROWTH_SCORES, type GrowthScore } from '../../core/season'
import type { EndOfPlanting } from '../../messages/containers/pots'
import type { PlantingView } from '../../messages/containers/potViews'
import type { ProblemChoice } from '../../messages/media/found'
import { Button } from '../../ui/Button'
import { Choice, SelectField, TextField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { containers as words } from '../../ui/texts/containers'
import { potLog as logWords } from '../../ui/texts/potLog'
import { showToastOnNextPage } from '../../ui/toast'
import { useKept } from '../../ui/useKept'
import { useSend } from '../../ui/useSend'
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
  const { problem, errorOf, isSending, deliver } = useSend()
  const { values, change, throwAway } = useKept(`end/${planting.id}`, {
    on: site.today,
    growth: null as GrowthScore | null,
    harvest: '',
    why: 'season over' as EndOfPlanting['why'],
    problems: [] as readonly string[],
    note: '',
  })
  const { on, growth, harvest, why, problems, note } = values
  const grams = readQuantity(harvest, 'mass', site.measures)

  const save = async (event: React.FormEvent) => {
    event.preventDefault()
    if (isSending || grams.problem) return
    const answer = await deliver('POST /api/containers/plantings/[id]/end', {
      params: { id: planting.id },
      body: {
        on,
        growth,
        harvestG: grams.value,
        why,
        problems,
        note,
      },
    })
    if (!answer) return
    throwAway()
    const said = answer.data.seasonOver ? words.endedLast : words.ended
    showToastOnNextPage({
      text: said(planting.cropName),
      undo: request('POST /api/containers/plantings/[id]/take-end-back', {
        params: { id: planting.id },
      }),
    })
    window.location.reload()
  }

  return (
    <form className={styles.form} onSubmit={(event) => void save(event)} noValidate>
      <Choice
        label={words.endTitle(planting.cropName)}
        hint={logWords.growthHint}
        name={`growth-${planting.id}`}
        options={GROWTH_SCORES.map((score) => ({ value: String(score), label: String(score) }))}
        isChosen={(value) => Number(value) === growth}
        onChange={(event) => change({ growth: Number(event.target.value) as GrowthScore })}
      />
      <div className={styles.fields}>
        <SelectField
          label={words.endWhy}
          value={why}
          onChange={(event) => change({ why: event.target.value as EndOfPlanting['why'] })}
        >
          {ENDINGS.map((value) => (
            <option key={value} value={value}>
              {words.endings[value]}
            </option>
          ))}
        </SelectField>
        <TextField
          label={words.endOn}
          type="date"
          value={on}
          error={errorOf('on')}
          onChange={(event) => change({ on: event.target.value })}
        />
        <QuantityField
          label={words.endHarvest}
          hint={logWords.harvestHint}
          dimension="mass"
          typed={harvest}
          error={errorOf('harvestG')}
          value={harvest}
          onChange={(event) => change({ harvest: event.target.value })}
        />
        <TextField
          label={words.note}
          hint={words.optional}
          value={note}
          error={errorOf('note')}
          onChange={(event) => change({ note: event.target.value })}
        />
      </div>
      <ProblemsField
        label={words.endProblems}
        problems={choices}
        chosen={problems}
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
