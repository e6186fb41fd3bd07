import type { LotPage } from '../../messages/media/lots'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { request } from '../../ui/request'
import { exposures } from '../../ui/texts/exposures'
import { media as mediaWords } from '../../ui/texts/media'
import { showToastOnNextPage } from '../../ui/toast'
import { useSend } from '../../ui/useSend'
import { useValues } from '../../ui/useValues'
import styles from './LotScreen.module.css'

const words = mediaWords.page

/** Another name for a lot, or putting it away; either can be undone on the page that follows. */
export function LotChanges({ page }: { readonly page: LotPage }) {
  const { problem, errorOf, deliver } = useSend()
  const form = useValues({ name: page.name })

  const rename = form.handleSubmit(async ({ name }) => {
    const answer = await deliver('PATCH /api/media/lots/[id]', {
      params: { id: page.id },
      body: {
        name,
        version: page.version,
      },
    })
    if (!answer) return
    showToastOnNextPage({
      text: words.renamed(name.trim()),
      undo: request('PATCH /api/media/lots/[id]', {
        params: { id: page.id },
        body: { name: page.name, version: answer.data.version },
      }),
    })
    window.location.reload()
  })
  const moveIt = async (exposure: string) => {
    const answer = await deliver('PUT /api/media/lots/[id]/exposure', {
      params: { id: page.id },
      body: { exposure },
    })
    if (!answer) return
    showToastOnNextPage({
      text: words.exposureSaid,
      undo: request('PUT /api/media/lots/[id]/exposure', {
        params: { id: page.id },
        body: { exposure: answer.data.before },
      }),
    })
    window.location.reload()
  }
  const putAway = async () => {
    const answer = await deliver('POST /api/media/lots/[id]/put-away', { params: { id: page.id } })
    if (!answer) return
    showToastOnNextPage({
      text: words.putAwayDone(page.name),
      undo: request('POST /api/media/lots/[id]/take-up', {
        params: { id: page.id },
        body: answer.data,
      }),
    })
    window.location.assign('/lots')
  }

  return (
    <>
      <form className={styles.entry} onSubmit={rename} noValidate>
        <TextField label={words.rename} error={errorOf('name')} {...form.register('name')} />
        <div className={styles.wide}>
          <Button type="submit">{words.saveName}</Button>
        </div>
      </form>
      {page.exposure && (
        <form className={styles.entry} onSubmit={(event) => event.preventDefault()} noValidate>
          <SelectField
            label={mediaWords.create.exposure}
            hint={mediaWords.create.exposureHint}
            value={page.exposure}
            error={errorOf('exposure')}
            onChange={(event) => void moveIt(event.target.value)}
          >
            {Object.entries(exposures).map(([value, label]) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </SelectField>
        </form>
      )}
      <div className={styles.away}>
        <Button onClick={putAway}>{words.putAway}</Button>
        <span className={styles.note}>{words.putAwayHint}</span>
      </div>
      <ProblemNotice problem={problem} />
    </>
  )
}
