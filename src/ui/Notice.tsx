import type { ReactNode } from 'react'
import { useEffect, useRef } from 'react'
import type { Problem } from '../messages/problem'
import styles from './Notice.module.css'
import { texts } from './texts'

type Tone = 'note' | 'ok' | 'act' | 'stop'

const MARKS: Readonly<Record<Tone, string>> = { note: 'i', ok: '✓', act: '▲', stop: '■' }

/** One sentence with a mark: never by colour alone. */
export function Notice({ tone = 'note', children }: { tone?: Tone; children: ReactNode }) {
  return (
    <div className={`${styles.notice} ${styles[tone] ?? ''}`}>
      <span className={styles.mark} aria-hidden="true">
        {MARKS[tone]}
      </span>
      <div className={styles.body}>{children}</div>
    </div>
  )
}

/** What a server refused and why; takes the focus so that nobody misses it. */
export function ProblemNotice({ problem }: { problem: Problem | null }) {
  const box = useRef<HTMLDivElement>(null)
  useEffect(() => {
    if (problem) box.current?.focus()
  }, [problem])
  if (!problem) return null
  return (
    <div ref={box} tabIndex={-1} role="alert">
      <Notice tone="stop">
        {problem.detail}
        {problem.fields.length > 1 && (
          <ul>
            {problem.fields.map(({ field, message }) => (
              <li key={`${field}${message}`}>{message}</li>
            ))}
          </ul>
        )}
      </Notice>
    </div>
  )
}

/** A calm caution at the step it belongs to, with more for those who want it. */
export function Caution({ lead, lines }: { lead?: string; lines: readonly string[] }) {
  const [first, ...others] = lines
  if (!first) return null
  return (
    <Notice tone="act">
      {lead && <strong>{lead} </strong>}
      {first}
      {others.length > 0 && (
        <details className={styles.more}>
          <summary>{texts.common.moreCautions(others.length)}</summary>
          <ul>
            {others.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </details>
      )}
    </Notice>
  )
}
