import { useState } from 'react'
import type { ProblemChoice } from '../../messages/media/found'
import { type FieldProblem, TextField } from '../../ui/Field'
import { findings as words } from '../../ui/texts/media/findings'
import styles from './Found.module.css'
import { hintFor, matching } from './matching'

/** What went wrong, looked up by names or signs; any number of them, each can be taken out again. */
export function ProblemsField({
  label,
  problems,
  chosen,
  error,
  onChange,
}: {
  readonly label: string
  readonly problems: readonly ProblemChoice[]
  readonly chosen: readonly string[]
  readonly error?: FieldProblem | undefined
  readonly onChange: (chosen: readonly string[]) => void
}) {
  const [text, setText] = useState('')
  const matches = matching(problems, text).filter(({ id }) => !chosen.includes(id))
  const named = chosen.flatMap((id) => problems.find((one) => one.id === id) ?? [])
  return (
    <div className={styles.add}>
      <TextField
        label={label}
        hint={hintFor(text, matches, words.severalHint)}
        error={error}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => event.key === 'Enter' && event.preventDefault()}
      />
      {matches.length > 0 && (
        <ul className={styles.matches}>
          {matches.map(({ id, name, signs }) => (
            <li key={id}>
              <button
                type="button"
                className={styles.match}
                onClick={() => {
                  onChange([...chosen, id])
                  setText('')
                }}
              >
                {name}
                <small>{signs}</small>
              </button>
            </li>
          ))}
        </ul>
      )}
      {named.length > 0 && (
        <ul className={styles.chosen}>
          {named.map(({ id, name }) => (
            <li key={id}>
              {name}{' '}
              <button
                type="button"
                className={styles.out}
                aria-label={words.takeOut(name)}
                onClick={() => onChange(chosen.filter((one) => one !== id))}
              >
                ✕
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  )
}
