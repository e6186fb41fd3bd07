import { useEffect, useState } from 'react'
import type { SignInPage } from '../../messages/access/access'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { Notice } from '../../ui/Notice'
import { forgetPages } from '../../ui/offline'
import { PageHead } from '../../ui/PageHead'
import { signIn as words } from '../../ui/texts/access/access'
import { useReady } from '../../ui/useReady'
import { useSend } from '../../ui/useSend'
import styles from './Access.module.css'
import { ShowTyped } from './ShowTyped'

/** The door of a garden that has a passphrase; what was asked for follows. */
export default function SignInScreen({ page }: { readonly page: SignInPage }) {
  const { problem, errorOf, isSending, deliver } = useSend()
  const [passphrase, setPassphrase] = useState('')
  const [isShown, setShown] = useState(false)
  const ready = useReady()
  // Who has to sign in sees nothing that was kept here for somebody else.
  useEffect(() => void forgetPages(), [])
  const enter = async () => {
    if (isSending) return
    const answer = await deliver('PUT /api/access/sign-in', { body: { passphrase } })
    if (answer) window.location.replace(page.to)
  }
  return (
    <fieldset className={styles.door} disabled={!ready} role="presentation">
      <PageHead title={words.title} lead={words.lead} />
      <form
        className={styles.form}
        noValidate
        onSubmit={(event) => {
          event.preventDefault()
          void enter()
        }}
      >
        <TextField
          label={words.passphrase}
          type={isShown ? 'text' : 'password'}
          autoComplete="current-password"
          autoCapitalize="none"
          spellCheck={false}
          value={passphrase}
          error={errorOf('passphrase') ?? (problem ? problem.detail : undefined)}
          onChange={(event) => setPassphrase(event.target.value)}
        />
        <ShowTyped isShown={isShown} onChange={setShown} />
        <div>
          <Button type="submit" weight="main" disabled={isSending}>
            {words.go}
          </Button>
        </div>
      </form>
      {!page.isEncrypted && <Notice tone="act">{words.notEncrypted}</Notice>}
      <details className={styles.more}>
        <summary>{words.forgotten}</summary>
        <p>{words.forgottenMore}</p>
      </details>
    </fieldset>
  )
}
