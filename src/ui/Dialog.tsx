import { type ReactNode, useEffect, useId, useRef } from 'react'
import { Button } from './Button'
import styles from './Dialog.module.css'
import { common as commonWords } from './texts/common'

/** The browser's own dialog: keeps the focus, closes with Escape or beside it, gives the focus back. */
export function Dialog({
  open,
  title,
  onClose,
  actions,
  children,
}: {
  readonly open: boolean
  readonly title: string
  readonly onClose: () => void
  readonly actions?: ReactNode
  readonly children: ReactNode
}) {
  const dialog = useRef<HTMLDialogElement>(null)
  const heading = useId()
  useEffect(() => {
    const element = dialog.current
    if (open && !element?.open) {
      element?.showModal()
      element?.querySelector<HTMLElement>('[data-first-focus]')?.focus()
    }
    if (!open && element?.open) element.close()
  }, [open])
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: Escape is the key for it and is the dialog's own
    <dialog
      ref={dialog}
      className={styles.dialog}
      aria-labelledby={heading}
      onClose={onClose}
      onClick={(event) => event.target === dialog.current && onClose()}
    >
      {open && (
        <div className={styles.box}>
          <header className={styles.head}>
            <h2 id={heading}>{title}</h2>
            <Button weight="quiet" onClick={onClose}>
              {commonWords.close}
            </Button>
          </header>
          {children}
          {actions && <footer className={styles.actions}>{actions}</footer>}
        </div>
      )}
    </dialog>
  )
}
