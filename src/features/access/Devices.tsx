import type { SessionView } from '../../messages/access/access'
import { Button } from '../../ui/Button'
import { ProblemNotice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { access as words } from '../../ui/texts/access/access'
import { showToastOnNextPage } from '../../ui/toast'
import { useSend } from '../../ui/useSend'
import styles from './Access.module.css'

/** The devices that are signed in. */
export function Devices({ sessions }: { readonly sessions: readonly SessionView[] }) {
  const { format } = useSite()
  const { problem, isSending, deliver } = useSend()
  const signOut = async ({ id, isThis }: SessionView) => {
    if (!(await deliver('POST /api/access/sessions/[id]/end', { params: { id } }))) return
    if (!isThis) showToastOnNextPage({ text: words.signedOutOne })
    window.location.reload()
  }
  const everywhere = async () => {
    if (await deliver('POST /api/access/sign-out-everywhere', {})) window.location.reload()
  }
  return (
    <section aria-labelledby="devices">
      <h2 id="devices">{words.devices}</h2>
      <ul className={styles.rows}>
        {sessions.map((session) => {
          const { id, role, device, since, seen, isThis } = session
          const name = words.device(role, device)
          return (
            <li key={id}>
              <span>
                {name}
                {isThis && <strong> · {words.isThis}</strong>}
                <small>
                  {words.since(format.day(since))}, {words.lastHere(format.day(seen))}
                </small>
              </span>
              <Button
                aria-label={words.signOutOneOf(name, format.day(since))}
                disabled={isSending}
                onClick={() => void signOut(session)}
              >
                {words.signOutOne}
              </Button>
            </li>
          )
        })}
      </ul>
      <p className={styles.quiet}>{words.everywhereSays}</p>
      <Button disabled={isSending} onClick={() => void everywhere()}>
        {words.everywhere}
      </Button>
      <ProblemNotice problem={problem} />
    </section>
  )
}
