import { useState } from 'react'
import { EVENT_SCOPES, type EventScope, TRIAL_EVENTS } from '../../../core/trials'
import type { ProblemChoice } from '../../../messages/media/found'
import type { Happened } from '../../../messages/trials/looks'
import type { LookPot } from '../../../messages/trials/lookViews'
import { Button } from '../../../ui/Button'
import { Choice, TextField } from '../../../ui/Field'
import { look as words } from '../../../ui/texts/trials/look'
import { hintFor, matching } from '../../found/matching'
import styles from './Look.module.css'

/** What happened to a pot, with or without leaving it out from that day on. */
export function Happening({
  pot,
  problems,
  onHappened,
}: {
  readonly pot: LookPot
  readonly problems: readonly ProblemChoice[]
  readonly onHappened: (what: {
    kind: Happened
    problemId: string | null
    note: string
    isLeftOut: boolean
    scope: EventScope
  }) => void
}) {
  const [kind, setKind] = useState<Happened | null>(null)
  const [sign, setSign] = useState('')
  const [problemId, setProblemId] = useState<string | null>(null)
  const [note, setNote] = useState('')
  const [isLeftOut, setLeftOut] = useState(false)
  const [scope, setScope] = useState<EventScope>('pot')
  const found = matching(problems, sign)
  const named = problems.find(({ id }) => id === problemId)
  const canLeaveOut = scope !== 'all'
  const isReady = kind !== null && (kind !== 'problem' || problemId !== null)
  return (
    <form
      className={styles.happened}
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        if (isReady)
          onHappened({ kind, problemId, note, isLeftOut: canLeaveOut && isLeftOut, scope })
      }}
    >
      <h2>{words.happenedHead(pot.code)}</h2>
      <div className={styles.events}>
        {[...TRIAL_EVENTS, 'problem' as const].map((one) => (
          <button
            key={one}
            type="button"
            className={styles.key}
            aria-pressed={kind === one}
            onClick={() => setKind(one)}
          >
            {words.events[one]}
          </button>
        ))}
      </div>
      {kind === 'problem' && (
        <>
          <TextField
            label={words.problem}
            hint={named ? named.name : hintFor(sign, found, words.problemHint)}
            value={sign}
            onChange={(event) => {
              setSign(event.target.value)
              setProblemId(null)
            }}
            onKeyDown={(event) => {
              if (event.key === 'Enter') event.preventDefault()
            }}
          />
          {!named && (
            <div className={styles.events}>
              {found.map(({ id, name }) => (
                <button
                  key={id}
                  type="button"
                  className={styles.key}
                  onClick={() => {
                    setProblemId(id)
                    setSign(name)
                  }}
                >
                  {name}
                </button>
              ))}
            </div>
          )}
        </>
      )}
      {isReady && (
        <>
          <Choice
            label={words.scope}
            name="scope"
            options={EVENT_SCOPES.filter((one) => one !== 'block' || pot.block !== null).map(
              (value) => ({ value, label: words.scopes[value](pot.code) }),
            )}
            isChosen={(value) => value === scope}
            onChange={(event) => setScope(event.target.value as EventScope)}
          />
          <TextField
            label={words.happenedNote}
            value={note}
            maxLength={300}
            onChange={(event) => setNote(event.target.value)}
          />
          {canLeaveOut && (
            <label className={styles.leave}>
              <input
                type="checkbox"
                checked={isLeftOut}
                onChange={(event) => setLeftOut(event.target.checked)}
              />
              <span>
                {scope === 'block' ? words.leaveOutBlock : words.leaveOut}
                <small>{kind === 'died' ? words.leaveOutDied : words.leaveOutHint}</small>
              </span>
            </label>
          )}
          <div>
            <Button type="submit">{words.writeDown}</Button>
          </div>
        </>
      )}
    </form>
  )
}
