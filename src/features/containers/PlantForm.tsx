import { HOW_PLANTED } from '../../core/season'
import type { NewPlantings } from '../../messages/containers/pots'
import type { CropName } from '../../messages/containers/potViews'
import type { LotFamily } from '../../messages/media/lotViews'
import { Button } from '../../ui/Button'
import { DespiteField } from '../../ui/DespiteField'
import { Choice, SelectField, TextField } from '../../ui/Field'
import { useForm } from '../../ui/form/useForm'
import { ProblemNotice } from '../../ui/Notice'
import { request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { containers as words } from '../../ui/texts/containers/containers'
import { sameFamilyText } from '../../ui/texts/recondition/rotationGroups'
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
  const { values, field, quantity, submit, problem } = useForm('POST /api/containers/plantings', {
    draft: `plant/${pots.join()}`,
    begin: {
      cropId: '',
      cultivar: '',
      how: 'planted' as NewPlantings['how'],
      count: '',
      on: site.today,
      despite: '',
    },
    asked: ({ count, ...typed }) => ({ body: { pots, ...typed, count: numberOrTyped(count) } }),
    taken: ({ ids }, { cropId }) => ({
      text: words.planted(crops.find(({ id }) => id === cropId)?.name ?? '', pots.length),
      undo: request('POST /api/containers/plantings/take-out', { body: { ids } }),
    }),
  })
  const { cropId } = values

  return (
    <form className={styles.form} onSubmit={submit} noValidate>
      <div className={styles.fields}>
        <SelectField
          label={words.crop}
          hint={sameFamilyText(crops.find(({ id }) => id === cropId)?.rotationGroup, families)}
          {...field('cropId')}
        >
          <option value="">{words.chooseCrop}</option>
          {crops.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
        <TextField label={words.cultivar} hint={words.optional} {...field('cultivar')} />
        <TextField
          label={words.count}
          hint={words.countHint}
          inputMode="numeric"
          {...field('count')}
        />
        <TextField label={words.on} type="date" {...field('on')} />
      </div>
      <Choice
        label={words.how}
        options={HOW_PLANTED.map((value) => ({ value, label: words.hows[value] }))}
        {...field('how')}
      />
      <DespiteField problem={problem} {...quantity('despite')} />
      <div>
        <Button type="submit" weight="main">
          {words.plantIt}
        </Button>
      </div>
      <ProblemNotice problem={problem} />
    </form>
  )
}
