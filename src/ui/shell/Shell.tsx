import { useEffect, useMemo, useState, useSyncExternalStore } from 'react'
import { fetchedPart } from '../fetchedPart'
import { ToastHost } from '../ToastHost'
import { shell as shellWords } from '../texts/parts'
import { fetchedOnce, useFetched } from '../useFetched'
import { useReady } from '../useReady'
import type { KeysDialogProps } from './KeysDialog'
import { useKeySettings } from './keySettings'
import styles from './Shell.module.css'
import {
  chooseTheme,
  chosenTheme,
  subscribeToSystem,
  subscribeToTheme,
  systemTheme,
  THEMES,
} from './theme'
import { useKeys } from './useKeys'

const words = shellWords

const AGAIN_MS = 5000

// Fetched once the page stands: nobody waits for them, and they are there when a key is pressed.
const findDialog = fetchedPart<{ readonly onClose: () => void }>(() =>
  import('./FindDialog').then((file) => file.default),
)
const outboxMark = fetchedOnce(() => import('./OutboxMark').then((file) => file.default))
const keysDialog = fetchedPart<KeysDialogProps>(() =>
  import('./KeysDialog').then((file) => file.KeysDialog),
)

/** What every page has besides itself: Find, the look, the list of keys, toasts. */
export default function Shell() {
  const [open, setOpen] = useState<'find' | 'keys' | null>(null)
  const settings = useKeySettings()
  const [keysAsked, setKeysAsked] = useState(false)
  const act = useMemo(() => {
    const help = () => {
      setKeysAsked(true)
      setOpen('keys')
    }
    return { find: () => setOpen('find'), help }
  }, [])
  useKeys(settings, act)
  const close = () => setOpen(null)
  useEffect(() => {
    findDialog.prefetch()
    keysDialog.prefetch()
  }, [])
  const ready = useReady()
  return (
    <fieldset className={styles.shell} disabled={!ready} role="presentation">
      <Outbox />
      <button type="button" className={styles.find} onClick={act.find}>
        {words.find}
        {settings.on && <kbd className={styles.kbd}>{settings.find}</kbd>}
      </button>
      <Looks />
      <button type="button" className={styles.quiet} onClick={act.help}>
        {words.keys} <kbd className={styles.kbd}>F1</kbd>
      </button>
      {open === 'find' && <findDialog.Part onClose={close} />}
      {keysAsked && <keysDialog.Part open={open === 'keys'} onClose={close} />}
      <ToastHost />
    </fieldset>
  )
}

/** What waits to be sent; where its script did not come through it is fetched again until it does. */
function Outbox() {
  const { thing: Mark, failed, again } = useFetched(outboxMark)
  useEffect(() => {
    if (!failed) return
    const timer = setTimeout(again, AGAIN_MS)
    return () => clearTimeout(timer)
  })
  return Mark && <Mark />
}

/** Day, evening, outdoors, the one in use marked; pressed again, the system decides between day and evening. */
function Looks() {
  const chosen = useSyncExternalStore(subscribeToTheme, chosenTheme, () => null)
  const bySystem = useSyncExternalStore(subscribeToSystem, systemTheme, () => null)
  const inUse = chosen ?? bySystem
  return (
    <fieldset className={styles.looks}>
      <legend className="visually-hidden">{words.theme}</legend>
      {THEMES.map((theme) => (
        <button
          key={theme}
          type="button"
          className={`${styles.look} ${styles[theme]}`}
          aria-pressed={inUse === theme}
          onClick={() => chooseTheme(chosen === theme ? null : theme)}
        >
          {words.themes[theme]}
        </button>
      ))}
    </fieldset>
  )
}
