import { useCallback, useState } from 'react'
import type { Problem } from '../messages/problem'
import type { Refusal } from './Field'

/** What was refused last, and its sentences for their fields. */
export function useRefusal(): {
  readonly problem: Problem | null
  readonly errorOf: (field: string) => Refusal | undefined
  /** Of the answer that refused: rises with each. */
  readonly stamp: number
  readonly tell: (problem: Problem | null) => void
} {
  const [{ problem, stamp }, setTold] = useState<{ problem: Problem | null; stamp: number }>({
    problem: null,
    stamp: 0,
  })
  const tell = useCallback(
    (next: Problem | null) => setTold((last) => ({ problem: next, stamp: last.stamp + 1 })),
    [],
  )
  return {
    problem,
    errorOf: (field) => {
      const message = problem?.fields.find((one) => one.field === field)?.message
      return message === undefined ? undefined : { message, stamp }
    },
    stamp,
    tell,
  }
}
