import { useState } from 'react'
import type { Role } from '../../messages/access/access'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { Fold } from '../../ui/Fold'
import { ProblemNotice } from '../../ui/Notice'
import { access as words } from '../../ui/texts/access/access'
import { showToastOnNextPage } from '../../ui/toast'
import { useSend } from '../../ui/useSend'
import styles from './Access.module.css'
import { ShowTyped } from './ShowTyped'

const LABELS = {
  manager: { set: words.setManager, change: words.changeManager, done: words.managerSet },
  helper: { set: words.setHelper, change: words.changeHelper, done: words.helperSet },
} as const

function reloadWith(text: string): void {
  showToastOnNextPage({ text })
  window.location.reload()
}

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
  const { problem, errorOf, isSending, deliver } = useSend()
  const [passphrase, setPassphrase] = useState('')
  const [present, setPresent] = useState('')
  const [isShown, setShown] = useState(false)
  const { set, change, done } = LABELS[forRole]
  const type = isShown ? 'text' : 'password'
  const keep = async () => {
    if (isSending) return
    const body = { role: forRole, passphrase, present }
    if (await deliver('PUT /api/access/passphrases', { body })) reloadWith(done)
  }
  const end = async () => {
    if (await deliver('POST /api/access/helpers/end', {})) reloadWith(words.helpersEnded)
  }
  return (
    <Fold title={isSet ? change : set} className={styles.fold}>
      <form
        className={styles.form}
        noValidate
        onSubmit={(event) => {
          event.preventDefault()
          void keep()
        }}
      >
        {hasManager && (
          <TextField
            label={words.present}
            type={type}
            autoComplete="current-password"
            value={present}
            error={errorOf('present')}
            onChange={(event) => setPresent(event.target.value)}
          />
        )}
        <TextField
          label={words.next}
          hint={words.nextHint}
          type={type}
          autoComplete="new-password"
          value={passphrase}
          error={errorOf('passphrase') ?? errorOf('role')}
          onChange={(event) => setPassphrase(event.target.value)}
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
  const { problem, errorOf, isSending, deliver } = useSend()
  const [present, setPresent] = useState('')
  const open = async () => {
    if (isSending) return
    if (await deliver('PUT /api/access/open', { body: { present } })) reloadWith(words.opened)
  }
  return (
    <Fold title={words.open} className={styles.fold}>
      <form
        className={styles.form}
        noValidate
        onSubmit={(event) => {
          event.preventDefault()
          void open()
        }}
      >
        <TextField
          label={words.present}
          hint={words.openSays}
          type="password"
          autoComplete="current-password"
          value={present}
          error={errorOf('present')}
          onChange={(event) => setPresent(event.target.value)}
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
