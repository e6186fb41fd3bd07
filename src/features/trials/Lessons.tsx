import type { TrialPage } from '../../messages/trials/trials'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { trials } from '../../ui/texts/trials'
import { showToast } from '../../ui/toast'
import { useKept } from '../../ui/useKept'
import { useSend } from '../../ui/useSend'
import styles from './Trial.module.css'

const words = trials.lessons

/** What would be done differently; it is shown when the next trial is planned. */
export function Lessons({
  page,
  onChange,
}: {
  readonly page: TrialPage
  readonly onChange: (page: TrialPage) => void
}) {
  const { problem, errorOf, isSending, deliver } = useSend()
  const { values, change, throwAway } = useKept(`trial-lessons/${page.id}`, {
    lessons: page.lessons,
  })
  const save = async (event: React.FormEvent) => {
    event.preventDefault()
    if (isSending) return
    const answer = await deliver('PUT /api/trials/[id]/lessons', {
      params: { id: page.id },
      body: {
        version: page.version,
        lessons: values.lessons,
      },
    })
    if (!answer) return
    throwAway()
    onChange(answer.data)
    showToast({ text: words.kept })
  }
  return (
    <section aria-labelledby="lessons" data-needs="manage" className={styles.part}>
      <h2 id="lessons">{words.head}</h2>
      <form className={styles.plant} noValidate onSubmit={(event) => void save(event)}>
        <TextField
          label={words.label}
          hint={words.hint}
          value={values.lessons}
          error={errorOf('lessons')}
          onChange={(event) => change({ lessons: event.target.value })}
        />
        <Button type="submit">{words.save}</Button>
      </form>
      <ProblemNotice problem={problem} />
    </section>
  )
}
