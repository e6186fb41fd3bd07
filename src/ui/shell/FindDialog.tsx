import { Command } from 'cmdk'
import { useMemo, useState } from 'react'
import { Dialog } from '../Dialog'
import { addressOf } from '../request'
import { shell as shellWords } from '../texts/parts'
import { useAnswer } from '../useAnswer'
import styles from './FindDialog.module.css'
import { entryKey, type FindEntry, findEntries, matchEntries, namesTyped } from './findEntries'
import { chooseTheme, isTheme } from './theme'

const words = shellWords

const FIRST = 50
/** What can be gone to before the server has answered, and when it does not. */
const NOWHERE = findEntries({
  lots: [],
  pots: [],
  places: [],
  mixes: [],
  trials: [],
  materials: [],
  orders: [],
  tests: [],
})

/** One list of places, lots, pots and things to do: type a name or a pot's code, Enter goes there. */
export default function FindDialog({ onClose }: { readonly onClose: () => void }) {
  return (
    <Dialog open title={words.findTitle} onClose={onClose}>
      <List onClose={onClose} />
    </Dialog>
  )
}

function List({ onClose }: { readonly onClose: () => void }) {
  const [typed, setTyped] = useState('')
  const [chosen, setChosen] = useState('')
  const { entries, failed } = useFound(namesTyped(typed))
  const matches = matchEntries(entries ?? NOWHERE, typed).slice(0, FIRST)
  // What is chosen follows the typing at once, so that a quick Enter goes where the list shows.
  const present = matches.find((entry) => entryKey(entry) === chosen) ?? matches[0]
  const kinds = [...new Set(matches.map(({ kind }) => kind))]
  const go = ({ kind, address }: FindEntry) => {
    if (kind === 'look' && isTheme(address)) {
      chooseTheme(address)
      onClose()
    } else window.location.assign(address)
  }

  return (
    <Command
      label={words.findTitle}
      loop
      shouldFilter={false}
      value={present ? entryKey(present) : ''}
      onValueChange={setChosen}
      className={styles.find}
    >
      <Command.Input
        data-first-focus
        placeholder={words.findHint}
        className={styles.input}
        value={typed}
        onValueChange={(text) => {
          setTyped(text)
          setChosen('')
        }}
      />
      {failed && <p role="alert">{words.findFailed}</p>}
      <Command.List className={styles.list}>
        {entries && matches.length === 0 && <p className={styles.empty}>{words.nothing}</p>}
        {kinds.map((kind) => (
          <Command.Group key={kind} heading={words.kinds[kind]} className={styles.group}>
            {matches
              .filter((entry) => entry.kind === kind)
              .map((entry) => (
                <Command.Item
                  key={entryKey(entry)}
                  value={entryKey(entry)}
                  className={styles.item}
                  onSelect={() => go(entry)}
                >
                  {entry.code && <strong>{entry.code}</strong>}
                  <span>{entry.name}</span>
                  {entry.note && <small>{entry.note}</small>}
                </Command.Item>
              ))}
          </Command.Group>
        ))}
      </Command.List>
    </Command>
  )
}

/** What the server knows by these names. */
function useFound(names: string) {
  const query = { find: names.slice(0, 80) }
  const { answer, failed } = useAnswer(addressOf('GET /api/find', { query }))
  return { entries: useMemo(() => answer && findEntries(answer), [answer]), failed }
}
