import type { LotPage } from '../../messages/media/lotViews'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { useForm } from '../../ui/form/useForm'
import { ProblemNotice } from '../../ui/Notice'
import { request } from '../../ui/request'
import { exposures } from '../../ui/texts/containers/exposures'
import { media as mediaWords } from '../../ui/texts/media/media'
import { showToastOnNextPage } from '../../ui/toast'
import styles from './LotScreen.module.css'

const words = mediaWords.page

/** Another name for a lot, or putting it away; either can be undone on the page that follows. */
export function LotChanges({ page }: { readonly page: LotPage }) {
  const { field, submit, deliver, problem, errorOf } = useForm('PATCH /api/media/lots/[id]', {
    draft: null,
    begin: { name: page.name },
    asked: ({ name }) => ({ params: { id: page.id }, body: { name, version: page.version } }),
    taken: ({ version }, { name }) => ({
      text: words.renamed(name.trim()),
      undo: request('PATCH /api/media/lots/[id]', {
        params: { id: page.id },
        body: { name: page.name, version },
      }),
    }),
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
      <form className={styles.entry} onSubmit={submit} noValidate>
        <TextField label={words.rename} {...field('name')} />
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
