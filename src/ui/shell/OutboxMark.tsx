import { useEffect, useState } from 'react'
import { keepPages, keptAt } from '../offline'
import { OPEN_OUTBOX } from '../outbox/openOutbox'
import { useWholeOutbox } from '../outbox/useOutbox'
import { offline as offlineWords } from '../texts/offline'
import { outbox as words } from '../texts/outbox'
import { presentToast, showToast } from '../toast'
import { OutboxDialog } from './OutboxDialog'
import styles from './Shell.module.css'

/** Says how much was entered and has not arrived, and shows it. Fetched once the page stands: it also sends what waits. */
export default function OutboxMark() {
  const whole = useWholeOutbox()
  const [isOpen, setOpen] = useState(false)
  const refused = whole.entries.filter(({ problem }) => problem !== null).length
  const waiting = whole.entries.length - refused
  useEffect(() => {
    void keepPages()
    const at = keptAt()
    if (!at || presentToast()) return
    const time = at.toLocaleString(document.documentElement.lang, {
      dateStyle: 'medium',
      timeStyle: 'short',
    })
    showToast({ text: offlineWords.keptAt(time) })
  }, [])
  useEffect(() => {
    const open = () => setOpen(true)
    window.addEventListener(OPEN_OUTBOX, open)
    return () => window.removeEventListener(OPEN_OUTBOX, open)
  }, [])
  return (
    <>
      {(refused > 0 || whole.isLate) && (
        <button
          type="button"
          className={`${styles.waits} ${refused > 0 ? styles.refused : ''}`}
          aria-label={`${words.mark(waiting, refused)}: ${words.markOf}`}
          onClick={() => setOpen(true)}
        >
          <span aria-hidden="true">{refused > 0 ? '■' : '▲'}</span>
          {words.mark(waiting, refused)}
        </button>
      )}
      {isOpen && <OutboxDialog {...whole} onClose={() => setOpen(false)} />}
    </>
  )
}
