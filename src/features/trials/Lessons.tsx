import type { TrialPage } from '../../messages/trials/trialViews'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { useForm } from '../../ui/form/useForm'
import { ProblemNotice } from '../../ui/Notice'
import { trials } from '../../ui/texts/trials/trials'
import { showToast } from '../../ui/toast'
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
  const { field, submit, problem } = useForm('PUT /api/trials/[id]/lessons', {
    draft: `trial-lessons/${page.id}`,
    begin: { lessons: page.lessons },
    asked: (typed) => ({ params: { id: page.id }, body: { version: page.version, ...typed } }),
    taken: (answer) => {
      onChange(answer)
      showToast({ text: words.kept })
      return undefined
    },
  })
  return (
    <section aria-labelledby="lessons" data-needs="manage" className={styles.part}>
      <h2 id="lessons">{words.head}</h2>
      <form className={styles.plant} noValidate onSubmit={submit}>
        <TextField label={words.label} hint={words.hint} {...field('lessons')} />
        <Button type="submit">{words.save}</Button>
      </form>
      <ProblemNotice problem={problem} />
    </section>
  )
}
