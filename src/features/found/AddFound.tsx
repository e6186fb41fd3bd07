import { useState } from 'react'
import type { ProblemChoice } from '../../messages/media/found'
import { TextField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { useEntry } from '../../ui/outbox/useEntry'
import { request } from '../../ui/request'
import { findings as words } from '../../ui/texts/media/findings'
import { showToastOnNextPage } from '../../ui/toast'
import styles from './Found.module.css'
import { hintFor, matching } from './matching'

/** Something seen in a lot, looked up by its name or signs and kept on the lot at once. */
export function AddFound({
  lotId,
  lotName,
  problems,
}: {
  readonly lotId: number
  readonly lotName: string
  readonly problems: readonly ProblemChoice[]
}) {
  const [text, setText] = useState('')
  const [note, setNote] = useState('')
  const done = (findingId: number, name: string) => {
    showToastOnNextPage({
      text: words.kept(name),
      undo: request('POST /api/media/lots/[id]/findings/[findingId]/counts', {
        params: { id: lotId, findingId },
        body: { counts: false },
      }),
    })
    window.location.reload()
  }
  const { problem, enter } = useEntry<{ id: number }>(`found/${lotId}`, (data, entry) => {
    // Not while something is typed: the page is loaded anew to show it.
    if (text === '' && note === '') done(data.id, entry.title)
  })
  const matches = matching(problems, text)

  const keep = async ({ id, name }: ProblemChoice) => {
    const outcome = await enter({
      title: name,
      where: lotName,
      page: `/lots/${lotId}`,
      ...request('POST /api/media/lots/[id]/findings', {
        params: { id: lotId },
        body: { problemId: id, note },
      }),
    })
    if (outcome?.kind === 'waiting') {
      setText('')
      setNote('')
    }
    if (outcome?.kind === 'answered') done(outcome.data.id, name)
  }

  return (
    <div className={styles.add} data-screen>
      <TextField
        label={words.add}
        hint={hintFor(text, matches, words.addHint)}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => event.key === 'Enter' && event.preventDefault()}
      />
      {matches.length > 0 && (
        <>
          <ul className={styles.matches}>
            {matches.map((one) => (
              <li key={one.id}>
                <button type="button" className={styles.match} onClick={() => void keep(one)}>
                  {one.name}
                  <small>{one.signs}</small>
                </button>
              </li>
            ))}
          </ul>
          <TextField
            label={words.note}
            value={note}
            onChange={(event) => setNote(event.target.value)}
            onKeyDown={(event) => event.key === 'Enter' && event.preventDefault()}
          />
        </>
      )}
      <ProblemNotice problem={problem} />
    </div>
  )
}
