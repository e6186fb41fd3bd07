import { Command } from 'cmdk'
import { useEffect, useState } from 'react'
import type { FindAnswer } from '../../messages/find'
import { Dialog } from '../Dialog'
import { texts } from '../texts'
import styles from './FindDialog.module.css'
import { type FindEntry, findEntries } from './findEntries'
import { chooseTheme, THEMES } from './theme'

const KINDS = ['lot', 'pot', 'place', 'action', 'area'] as const
const words = texts.shell

/** One list of places, lots, pots and things to do: type a name or a pot's code, Enter goes there. */
export function FindDialog({
  open,
  onClose,
}: {
  readonly open: boolean
  readonly onClose: () => void
}) {
  return (
    <Dialog open={open} title={words.findTitle} onClose={onClose}>
      <List onClose={onClose} />
    </Dialog>
  )
}

function List({ onClose }: { readonly onClose: () => void }) {
  const [items, setItems] = useState<readonly FindEntry[] | null>(null)
  const [failed, setFailed] = useState(false)
  useEffect(() => {
    const stop = new AbortController()
    fetch('/api/find', { signal: stop.signal })
      .then((answer) => (answer.ok ? answer.json() : Promise.reject(new Error('refused'))))
      .then((answer: FindAnswer) => setItems(findEntries(answer)))
      .catch(() => setFailed(!stop.signal.aborted))
    return () => stop.abort()
  }, [])

  return (
    <Command label={words.findTitle} loop className={styles.find}>
      <Command.Input autoFocus placeholder={words.findHint} className={styles.input} />
      {failed && <p role="alert">{words.findFailed}</p>}
      <Command.List className={styles.list}>
        {items && <Command.Empty className={styles.empty}>{words.nothing}</Command.Empty>}
        {KINDS.map((kind) => (
          <Group key={kind} kind={kind} items={items ?? []} />
        ))}
        <Command.Group heading={words.theme} className={styles.group}>
          {THEMES.map((theme) => (
            <Command.Item
              key={theme}
              value={words.themeAction(words.themes[theme])}
              className={styles.item}
              onSelect={() => {
                chooseTheme(theme)
                onClose()
              }}
            >
              {words.themeAction(words.themes[theme])}
            </Command.Item>
          ))}
        </Command.Group>
      </Command.List>
    </Command>
  )
}

function Group({
  kind,
  items,
}: {
  readonly kind: FindEntry['kind']
  readonly items: readonly FindEntry[]
}) {
  const own = items.filter((item) => item.kind === kind)
  if (own.length === 0) return null
  return (
    <Command.Group heading={words.kinds[kind]} className={styles.group}>
      {own.map(({ name, code, note, address }) => (
        <Command.Item
          key={`${code ?? ''}${name}${address}`}
          // A name alone could stand twice; the code first, so that it is found by its letters.
          value={[code, name, note].filter(Boolean).join(' ')}
          className={styles.item}
          onSelect={() => window.location.assign(address)}
        >
          {code && <strong>{code}</strong>} {name}
          {note && <small>{note}</small>}
        </Command.Item>
      ))}
    </Command.Group>
  )
}
