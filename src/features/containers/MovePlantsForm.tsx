import type { PlantingView } from '../../messages/containers/potViews'
import { Button } from '../../ui/Button'
import { DespiteField } from '../../ui/DespiteField'
import { TextField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { containers as potWords } from '../../ui/texts/containers'
import { movedPlants as words } from '../../ui/texts/movedPlants'
import { showToastOnNextPage } from '../../ui/toast'
import { useKept } from '../../ui/useKept'
import { useSend } from '../../ui/useSend'
import styles from './Pots.module.css'

/** The same plants in another pot, potted on or brought in: what is known of them goes with them. */
export function MovePlantsForm({ planting }: { readonly planting: PlantingView }) {
  const { site } = useSite()
  const { problem, errorOf, isSending, deliver } = useSend()
  const { values, change, throwAway } = useKept(`move/${planting.id}`, {
    code: '',
    on: site.today,
    despite: '',
  })
  const { code, on, despite } = values
  const save = async (event: React.FormEvent) => {
    event.preventDefault()
    if (isSending) return
    const answer = await deliver('POST /api/containers/plantings/[id]/move', {
      params: { id: planting.id },
      body: { code, on, despite },
    })
    if (!answer) return
    throwAway()
    showToastOnNextPage({
      text: words.moved(planting.cropName),
      undo: request('POST /api/containers/plantings/[id]/move-back', {
        params: { id: answer.data.id },
      }),
    })
    window.location.assign(`/pots/${answer.data.containerId}`)
  }
  return (
    <form className={styles.form} onSubmit={(event) => void save(event)} noValidate>
      <p className={styles.note}>{words.lead}</p>
      <div className={styles.fields}>
        <TextField
          label={words.code}
          hint={words.codeHint}
          value={code}
          maxLength={20}
          error={errorOf('code')}
          onChange={(event) => change({ code: event.target.value })}
        />
        <TextField
          label={potWords.on}
          type="date"
          value={on}
          error={errorOf('on')}
          onChange={(event) => change({ on: event.target.value })}
        />
        <DespiteField
          problem={problem}
          typed={despite}
          value={despite}
          error={errorOf('despite')}
          onChange={(event) => change({ despite: event.target.value })}
        />
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
