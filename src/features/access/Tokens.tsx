import { useState } from 'react'
import type { MadeToken, TokenScope, TokenView } from '../../messages/access/access'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { useForm } from '../../ui/form/useForm'
import { Notice, ProblemNotice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { access as words } from '../../ui/texts/access/access'
import { showToastOnNextPage } from '../../ui/toast'
import styles from './Access.module.css'

const SCOPES: readonly TokenScope[] = ['read', 'log', 'manage']

/** Ways in for the grower's own scripts. */
export function Tokens({ tokens }: { readonly tokens: readonly TokenView[] }) {
  const { format } = useSite()
  const [made, setMade] = useState<MadeToken & { readonly name: string }>()
  const { field, submit, deliver, isSending, problem } = useForm('POST /api/access/tokens', {
    draft: null,
    begin: { name: '', scope: 'read' as TokenScope },
    asked: (body) => ({ body }),
    taken: (token, { name }) => {
      setMade({ ...token, name })
      return undefined
    },
  })
  const end = async (token: TokenView) => {
    if (!(await deliver('POST /api/access/tokens/[id]/end', { params: { id: token.id } }))) return
    showToastOnNextPage({ text: words.tokenEnded(token.name) })
    window.location.reload()
  }
  return (
    <section aria-labelledby="tokens">
      <h2 id="tokens">{words.tokens}</h2>
      <p>{words.tokensSay}</p>
      {tokens.length > 0 && (
        <ul className={styles.rows}>
          {tokens.map((token) => (
            <li key={token.id}>
              <span>
                {token.name}
                <small>
                  {words.scopes[token.scope]}, {words.since(format.day(token.since))}
                </small>
              </span>
              <Button
                aria-label={words.endTokenOf(token.name)}
                disabled={isSending}
                onClick={() => void end(token)}
              >
                {words.endToken}
              </Button>
            </li>
          ))}
        </ul>
      )}
      {made ? (
        <Notice tone="ok">
          {words.madeToken(made.name)}
          <code className={styles.token}>{made.token}</code>
        </Notice>
      ) : (
        <form className={styles.form} noValidate onSubmit={submit}>
          <TextField label={words.tokenName} {...field('name')} />
          <SelectField label={words.tokenScope} {...field('scope')}>
            {SCOPES.map((one) => (
              <option key={one} value={one}>
                {words.scopes[one]}
              </option>
            ))}
          </SelectField>
          <div>
            <Button type="submit" disabled={isSending}>
              {words.makeToken}
            </Button>
          </div>
        </form>
      )}
      <ProblemNotice problem={problem} />
    </section>
  )
}
