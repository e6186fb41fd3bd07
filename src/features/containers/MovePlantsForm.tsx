import type { PlantingView } from '../../messages/containers/potViews'
import { Button } from '../../ui/Button'
import { DespiteField } from '../../ui/DespiteField'
import { TextField } from '../../ui/Field'
import { useForm } from '../../ui/form/useForm'
import { ProblemNotice } from '../../ui/Notice'
import { request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { containers as potWords } from '../../ui/texts/containers/containers'
import { movedPlants as words } from '../../ui/texts/containers/movedPlants'
import styles from './Pots.module.css'

/** The same plants in another pot, potted on or brought in: what is known of them goes with them. */
export function MovePlantsForm({ planting }: { readonly planting: PlantingView }) {
  const { site } = useSite()
  const { field, quantity, submit, isSending, problem } = useForm(
    'POST /api/containers/plantings/[id]/move',
    {
      draft: `move/${planting.id}`,
      begin: { code: '', on: site.today, despite: '' },
      asked: (body) => ({ params: { id: planting.id }, body }),
      taken: ({ id, containerId }) => ({
        text: words.moved(planting.cropName),
        undo: request('POST /api/containers/plantings/[id]/move-back', { params: { id } }),
        to: `/pots/${containerId}`,
      }),
    },
  )
  return (
    <form className={styles.form} onSubmit={submit} noValidate>
      <p className={styles.note}>{words.lead}</p>
      <div className={styles.fields}>
        <TextField label={words.code} hint={words.codeHint} maxLength={20} {...field('code')} />
        <TextField label={potWords.on} type="date" {...field('on')} />
        <DespiteField problem={problem} {...quantity('despite')} />
      </div>
      <div>
        <Button type="submit" disabled={isSending}>
          {words.moveIt}
        </Button>
      </div>
      <ProblemNotice problem={problem} />
    </form>
  )
}
