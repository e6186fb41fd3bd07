import { type KeyboardEvent, type ReactNode, useId, useRef, useState } from 'react'
import styles from './Tabs.module.css'

export interface Tab {
  readonly id: string
  readonly name: string
  readonly content: ReactNode
}

/** Views of one thing, one at a time; arrow keys, Home and End move between them. */
export function Tabs({ label, tabs }: { readonly label: string; readonly tabs: readonly Tab[] }) {
  const [shown, setShown] = useState(tabs[0]?.id)
  const list = useRef<HTMLDivElement>(null)
  const id = useId()

  const go = (event: KeyboardEvent) => {
    const at = tabs.findIndex((tab) => tab.id === shown)
    const moves: Readonly<Record<string, number>> = {
      ArrowRight: (at + 1) % tabs.length,
      ArrowLeft: (at - 1 + tabs.length) % tabs.length,
      Home: 0,
      End: tabs.length - 1,
    }
    const to = moves[event.key]
    if (to === undefined) return
    event.preventDefault()
    setShown(tabs[to]?.id)
    list.current?.querySelectorAll<HTMLButtonElement>('[role=tab]')[to]?.focus()
  }

  return (
    <div>
      <div className={styles.list} role="tablist" aria-label={label} ref={list} onKeyDown={go}>
        {tabs.map((tab) => (
          <button
            key={tab.id}
            type="button"
            role="tab"
            id={`${id}-${tab.id}`}
            className={styles.tab}
            aria-selected={tab.id === shown}
            aria-controls={`${id}-${tab.id}-panel`}
            tabIndex={tab.id === shown ? 0 : -1}
            onClick={() => setShown(tab.id)}
          >
            {tab.name}
          </button>
        ))}
      </div>
      {tabs.map((tab) => (
        <div
          key={tab.id}
          role="tabpanel"
          id={`${id}-${tab.id}-panel`}
          aria-labelledby={`${id}-${tab.id}`}
          hidden={tab.id !== shown}
          className={styles.panel}
        >
          {tab.content}
        </div>
      ))}
    </div>
  )
}
