import { HOW_PLANTED } from '../../core/season'
import type { NewPlantings } from '../../messages/containers/pots'
import type { CropName } from '../../messages/containers/potViews'
import type { LotFamily } from '../../messages/media/lots'
import { Button } from '../../ui/Button'
import { DespiteField } from '../../ui/DespiteField'
import { Choice, SelectField, TextField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { containers as words } from '../../ui/texts/containers'
import { sameFamilyText } from '../../ui/texts/rotationGroups'
import { showToastOnNextPage } from '../../ui/toast'
import { useKept } from '../../ui/useKept'
import { useSend } from '../../ui/useSend'
import { numberOrTyped } from '../readNumber'
import styles from './Pots.module.css'

/** What goes into one pot, or into many alike. */
export function PlantForm({
  pots,
  crops,
  families = [],
}: {
  readonly pots: readonly number[]
  readonly crops: readonly CropName[]
  /** That stood in the mix lately. */
  readonly families?: readonly LotFamily[]
}) {
  const { site } = useSite()
  const { problem, errorOf, isSending, deliver } = useSend()
  const { values, change, throwAway } = useKept(`plant/${pots.join()}`, {
    cropId: '',
    cultivar: '',
    how: 'planted' as NewPlantings['how'],
    count: '',
    on: site.today,
    despite: '',
  })
  const { cropId, cultivar, how, count, on, despite } = values

  const save = async (event: React.FormEvent) => {
    event.preventDefault()
    if (isSending) return
    const answer = await deliver('POST /api/containers/plantings', {
      body: {
        pots,
        cropId,
        cultivar,
        how,
        count: numberOrTyped(count),
        on,
        despite,
      },
    })
    if (!answer) return
    throwAway()
    const name = crops.find(({ id }) => id === cropId)?.name ?? ''
    showToastOnNextPage({
      text: words.planted(name, pots.length),
      undo: request('POST /api/containers/plantings/take-out', { body: { ids: answer.data.ids } }),
    })
    window.location.reload()
  }

  return (
    <form className={styles.form} onSubmit={(event) => void save(event)} noValidate>
      <div className={styles.fields}>
        <SelectField
          label={words.crop}
          hint={sameFamilyText(crops.find(({ id }) => id === cropId)?.rotationGroup, families)}
          value={cropId}
          error={errorOf('cropId')}
          onChange={(event) => change({ cropId: event.target.value })}
        >
          <option value="">{words.chooseCrop}</option>
          {crops.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
        <TextField
          label={words.cultivar}
          hint={words.optional}
          value={cultivar}
          error={errorOf('cultivar')}
          onChange={(event) => change({ cultivar: event.target.value })}
        />
        <TextField
          label={words.count}
          hint={words.countHint}
          inputMode="numeric"
          value={count}
          error={errorOf('count')}
          onChange={(event) => change({ count: event.target.value })}
        />
        <TextField
          label={words.on}
          type="date"
          value={on}
          error={errorOf('on')}
          onChange={(event) => change({ on: event.target.value })}
        />
      </div>
      <Choice
        label={words.how}
        name="how"
        options={HOW_PLANTED.map((value) => ({ value, label: words.hows[value] }))}
        isChosen={(value) => value === how}
        onChange={(event) => change({ how: event.target.value as NewPlantings['how'] })}
      />
      <DespiteField
        problem={problem}
        typed={despite}
        value={despite}
        error={errorOf('despite')}
        onChange={(event) => change({ despite: event.target.value })}
      />
      <div>
        <Button type="submit" weight="main">
          {words.plantIt}
        </Button>
      </div>
      <ProblemNotice problem={problem} />
    </form>
  )
}
