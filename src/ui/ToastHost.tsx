import { useEffect, useState, useSyncExternalStore } from 'react'
import { createPortal } from 'react-dom'
import { Button } from './Button'
import { send } from './send'
import styles from './ToastHost.module.css'
import { common as commonWords } from './texts/common'
import { presentToast, showToast, subscribeToToast, takeUpToast } from './toast'

/** Where toasts appear; one a page. It stays until it is closed: nobody has to be quick. */
export function ToastHost() {
  const toast = useSyncExternalStore(subscribeToToast, presentToast, () => null)
  const [isMounted, setMounted] = useState(false)
  useEffect(() => {
    setMounted(true)
    takeUpToast()
  }, [])

  const undo = async () => {
    if (!toast?.undo) return
    const answer = await send(toast.undo)
    if (answer.ok) {
      showToast(null)
      window.location.reload()
    } else showToast({ text: answer.problem.detail })
  }

  // On top of everything: inside the rail whatever overlaps it would take the clicks.
  if (!isMounted) return null
  return createPortal(
    <div className={styles.host} role="status" aria-live="polite">
      {toast && (
        <div className={styles.toast}>
          <span>{toast.text}</span>
          {toast.undo && <Button onClick={undo}>{commonWords.undo}</Button>}
          <Button weight="quiet" onClick={() => showToast(null)}>
            {commonWords.close}
          </Button>
        </div>
      )}
    </div>,
    document.body,
  )
}
