import { useCallback, useEffect, useRef, useState } from 'react'
import type { Problem } from '../messages/problem'
import type { Refusal } from './Field'
import type { AnswerTo, AskedOf, Write } from './request'
import { ask } from './send'
import { useRefusal } from './useRefusal'

const SLOW_MS = 1_000

export interface Sending {
  /** What was refused, or that no answer came; null once it was taken. */
  readonly problem: Problem | null
  /** The sentence for a field, by its name in the message. */
  readonly errorOf: (field: string) => Refusal | undefined
  /** Of the answer that refused: rises with each. */
  readonly stamp: number
  readonly isSending: boolean
  /** Sending takes longer than a blink: worth saying so. */
  readonly isSlow: boolean
  /**
   * Sends a decision. What was typed is never touched: it stands there still when it is refused.
   * @returns what was answered; null where it was refused, and then `problem` says why
   */
  readonly deliver: <Name extends Write>(
    name: Name,
    asked: AskedOf<Name>,
    onRefused?: (problem: Problem) => void,
  ) => Promise<{ readonly data: AnswerTo<Name> } | null>
}

/** What every form does with what was typed: it is sent, and what comes back stands at its field. */
export function useSend(): Sending {
  const { tell, ...refusal } = useRefusal()
  const [open, setOpen] = useState(0)
  const newest = useRef(0)
  const [isSlow, setSlow] = useState(false)
  const isSending = open > 0
  useEffect(() => {
    if (!isSending) return
    const timer = setTimeout(() => setSlow(true), SLOW_MS)
    return () => {
      clearTimeout(timer)
      setSlow(false)
    }
  }, [isSending])
  const deliver: Sending['deliver'] = useCallback(
    async <Name extends Write>(
      name: Name,
      asked: AskedOf<Name>,
      onRefused?: (refused: Problem) => void,
    ) => {
      newest.current += 1
      const mine = newest.current
      setOpen((count) => count + 1)
      const answer = await ask(name, asked)
      setOpen((count) => count - 1)
      // An answer that was overtaken says nothing about what stands in the form now.
      if (mine === newest.current) {
        tell(answer.ok ? null : answer.problem)
      }
      if (answer.ok) return { data: answer.data }
      onRefused?.(answer.problem)
      return null
    },
    [tell],
  )
  return {
    ...refusal,
    isSending,
    isSlow,
    deliver,
  }
}
