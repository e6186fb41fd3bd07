import { ProblemNotice } from '../Notice'
import { forgetPages } from '../offline'
import { foot as words } from '../texts/access/access'
import { useReady } from '../useReady'
import { useSend } from '../useSend'
import { AREAS } from './areas'
import styles from './Shell.module.css'

/** At the foot of every page: who one is here, and the way out. */
export default function Foot({
  may,
  isSignedIn,
}: {
  readonly may: string | undefined
  readonly isSignedIn: boolean
}) {
  const { problem, isSending, deliver } = useSend()
  const ready = useReady()
  const signOut = async () => {
    if (!(await deliver('POST /api/access/sign-out', {}))) return
    await forgetPages()
    window.location.assign('/sign-in')
  }
  return (
    <footer className={styles.foot}>
      {AREAS.filter(({ isBehind }) => isBehind).map(({ id, name, address }) => (
        <a key={id} className={styles.behind} href={address}>
          {name}
        </a>
      ))}
      {may === 'log' && <span>{words.helper}</span>}
      {may === 'manage' && <a href="/practice">{words.practice}</a>}
      {may === 'manage' && <a href="/access">{words.access}</a>}
      {isSignedIn && (
        <button
          type="button"
          className={styles.out}
          disabled={!ready || isSending}
          onClick={() => void signOut()}
        >
          {words.signOut}
        </button>
      )}
      <ProblemNotice problem={problem} />
    </footer>
  )
}
