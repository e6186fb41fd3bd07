import { useState } from 'react'
import type { Role } from '../../messages/access/access'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { Fold } from '../../ui/Fold'
import { follow, useForm } from '../../ui/form/useForm'
import { ProblemNotice } from '../../ui/Notice'
import { access as words } from '../../ui/texts/access/access'
import styles from './Access.module.css'
import { ShowTyped } from './ShowTyped'

const LABELS = {
  manager: { set: words.setManager, change: words.changeManager, done: words.managerSet },
  helper: { set: words.setHelper, change: words.changeHelper, done: words.helperSet },
} as const

/** Sets the passphrase of a role. What is typed here is the one thing that is kept nowhere in the browser. */
export function PassphraseForm({
  forRole,
  isSet,
  hasManager,
}: {
  readonly forRole: Role
  readonly isSet: boolean
  readonly hasManager: boolean
}) {
  const [isShown, setShown] = useState(false)
  const { set, change, done } = LABELS[forRole]
  const type = isShown ? 'text' : 'password'
  const { field, submit, deliver, isSending, problem } = useForm('PUT /api/access/passphrases', {
    draft: null,
    begin: { passphrase: '', present: '' },
    asked: (typed) => ({ body: { role: forRole, ...typed } }),
    taken: () => ({ text: done }),
  })
  const end = async () => {
    if (await deliver('POST /api/access/helpers/end', {})) follow({ text: words.helpersEnded })
  }
  return (
    <Fold title={isSet ? change : set} className={styles.fold}>
      <form className={styles.form} noValidate onSubmit={submit}>
        {hasManager && (
          <TextField
            label={words.present}
            type={type}
            autoComplete="current-password"
            {...field('present')}
          />
        )}
        <TextField
          label={words.next}
          hint={words.nextHint}
          type={type}
          autoComplete="new-password"
          {...field('passphrase', 'passphrase', 'role')}
        />
        <ShowTyped isShown={isShown} onChange={setShown} />
        <div className={styles.keys}>
          <Button type="submit" disabled={isSending}>
            {words.set}
          </Button>
          {forRole === 'helper' && isSet && (
            <Button disabled={isSending} onClick={() => void end()}>
              {words.endHelpers}
            </Button>
          )}
        </div>
        <ProblemNotice problem={problem} />
      </form>
    </Fold>
  )
}

/** Back to a garden without passphrases, where only this machine reaches it. */
export function OpenAgain() {
  const { field, submit, isSending, problem } = useForm('PUT /api/access/open', {
    draft: null,
    begin: { present: '' },
    asked: (body) => ({ body }),
    taken: () => ({ text: words.opened }),
  })
  return (
    <Fold title={words.open} className={styles.fold}>
      <form className={styles.form} noValidate onSubmit={submit}>
        <TextField
          label={words.present}
          hint={words.openSays}
          type="password"
          autoComplete="current-password"
          {...field('present')}
        />
        <div>
          <Button type="submit" disabled={isSending}>
            {words.open}
          </Button>
        </div>
        <ProblemNotice problem={problem} />
      </form>
    </Fold>
  )
}
