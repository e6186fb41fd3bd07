import type { ReactNode } from 'react'
import { useEffect, useRef, useState } from 'react'
import type { Problem } from '../messages/problem'
import styles from './Notice.module.css'
import { common as commonWords } from './texts/common'

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
  const answered = useAnswered(problem)
  useEffect(() => {
    if (problem) box.current?.focus()
  }, [problem])
  if (!problem) return null
  const left = problem.fields.filter(({ message }) => !answered.has(message))
  if (problem.fields.length > 1 && left.length === 0) return null
  return (
    <div ref={box} tabIndex={-1} role="alert">
      <Notice tone="stop">
        {problem.fields.length > 1 ? commonWords.problems(left.length) : problem.detail}
        {problem.fields.length > 1 && (
          <ul>
            {left.map(({ field, message }) => (
              <li key={`${field}${message}`}>{message}</li>
            ))}
          </ul>
        )}
        {problem.code === 'sign-in' && (
          <p>
            <a href={signInAddress()}>{commonWords.signIn}</a>
          </p>
        )}
      </Notice>
    </div>
  )
}

/**
 * Sentences of fields that were typed into since they were refused: the list of what is wrong gets shorter as it is put
 * right. A field says which sentence is its own.
 */
function useAnswered(problem: Problem | null): ReadonlySet<string> {
  const [answered, setAnswered] = useState<ReadonlySet<string>>(new Set())
  useEffect(() => {
    setAnswered(new Set())
    if (!problem || problem.fields.length < 2) return
    const sentences = problem.fields.map(({ message }) => message)
    const onInput = ({ target }: Event) => {
      const ids = (target as Element | null)?.getAttribute?.('aria-describedby')?.split(' ') ?? []
      const said = ids.map((id) => document.getElementById(id)?.textContent ?? '').join(' ')
      const now = sentences.filter((sentence) => said.includes(sentence))
      if (now.length > 0) setAnswered((before) => new Set([...before, ...now]))
    }
    window.addEventListener('input', onInput, true)
    return () => window.removeEventListener('input', onInput, true)
  }, [problem])
  return answered
}

/** Back here from there: what was typed is kept as it is in every form. */
function signInAddress(): string {
  const { pathname, search } = window.location
  return `/sign-in?to=${encodeURIComponent(pathname + search)}`
}

/** A calm caution at the step it belongs to: what to do in a line, why behind "more". */
export function Caution({
  lead,
  lines,
}: {
  lead?: string
  lines: readonly { readonly short: string; readonly more?: string }[]
}) {
  if (lines.length === 0) return null
  const reasons = lines.flatMap(({ more }) => (more ? [more] : []))
  return (
    <Notice tone="act">
      {lead && <strong>{lead} </strong>}
      {lines.map(({ short }) => short).join(' ')}
      {reasons.length > 0 && (
        <details className={styles.more}>
          <summary>{commonWords.more}</summary>
          <ul>
            {reasons.map((reason) => (
              <li key={reason}>{reason}</li>
            ))}
          </ul>
        </details>
      )}
    </Notice>
  )
}
