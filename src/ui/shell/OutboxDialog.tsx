import { Button, LinkButton } from '../Button'
import { Dialog } from '../Dialog'
import { Notice } from '../Notice'
import type { Entry } from '../outbox/entry'
import { keptThere, withVersionOf } from '../outbox/keptThere'
import type { useWholeOutbox } from '../outbox/useOutbox'
import { common as commonWords } from '../texts/common'
import { outbox as words } from '../texts/outbox'
import styles from './OutboxDialog.module.css'

export type OutboxDialogProps = ReturnType<typeof useWholeOutbox> & {
  readonly onClose: () => void
}

/** What waits to be sent, and what was not taken: each can be looked at, sent again or thrown away. */
export function OutboxDialog({ outbox, entries, hold, isForgetful, onClose }: OutboxDialogProps) {
  const refused = entries.filter(({ problem }) => problem !== null)
  const waiting = entries.filter(({ problem }) => problem === null)
  return (
    <Dialog open title={words.title} onClose={onClose}>
      {entries.length === 0 && <p>{words.none}</p>}
      {isForgetful && <Notice tone="stop">{words.forgetful}</Notice>}
      {refused.length > 0 && (
        <section aria-label={words.refusedTitle}>
          <h3>{words.refusedTitle}</h3>
          <p className={styles.quiet}>{words.refusedLead}</p>
          <ul className={styles.entries}>
            {refused.map((entry) => (
              <Refused key={entry.id} entry={entry} outbox={outbox} />
            ))}
          </ul>
        </section>
      )}
      {waiting.length > 0 && (
        <section aria-label={words.title}>
          <p className={styles.quiet}>{words.lead}</p>
          {hold === 'no answer' && <Notice tone="act">{words.noAnswer}</Notice>}
          {hold === 'sign in' && (
            <Notice tone="act">
              {words.signIn}{' '}
              <a href={`/sign-in?to=${encodeURIComponent(window.location.pathname)}`}>
                {commonWords.signIn}
              </a>
            </Notice>
          )}
          <ol className={styles.entries}>
            {waiting.map((entry) => (
              <li key={entry.id} className={styles.entry}>
                <What entry={entry} />
              </li>
            ))}
          </ol>
          <Button onClick={() => void outbox?.flush()}>{words.sendNow}</Button>
        </section>
      )}
    </Dialog>
  )
}

function What({ entry: { title, where, page, enteredAtMs } }: { readonly entry: Entry }) {
  const time = new Date(enteredAtMs).toLocaleString(document.documentElement.lang, {
    dateStyle: 'medium',
    timeStyle: 'short',
  })
  return (
    <p>
      <strong>{title}</strong> · <a href={page}>{where}</a>
      <small className={styles.quiet}>{words.at(time)}</small>
    </p>
  )
}

function Refused({
  entry,
  outbox,
}: {
  readonly entry: Entry
  readonly outbox: OutboxDialogProps['outbox']
}) {
  const { problem, page, title } = entry
  const there = keptThere(entry)
  return (
    <li className={styles.entry}>
      <What entry={entry} />
      <p className={styles.stop}>{problem?.detail}</p>
      {there && (
        <dl className={styles.both}>
          <div>
            <dt>{words.entered}</dt>
            <dd>{title}</dd>
          </div>
          <div>
            <dt>{words.keptThere}</dt>
            <dd>{there}</dd>
          </div>
        </dl>
      )}
      <div className={styles.keys}>
        <LinkButton href={page}>{words.look}</LinkButton>
        <Button onClick={() => void outbox?.again(entry, withVersionOf(entry))}>
          {there ? words.despite : words.again}
        </Button>
        <Button onClick={() => void outbox?.throwAway(entry)}>
          {there ? words.leave : words.throwAway}
        </Button>
      </div>
    </li>
  )
}
