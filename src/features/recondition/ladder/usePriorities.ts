import { useCallback, useEffect, useRef } from 'react'
import type { LadderPriorities } from '../../../core/recondition'
import type { Problem } from '../../../messages/problem'
import type { Practice } from '../../../messages/site/practice'
import { useKept } from '../../../ui/form/useKept'
import { useSend } from '../../../ui/useSend'

type All = Required<LadderPriorities>

export interface Priorities {
  readonly values: All
  /** @returns whether it was taken; where not, what stood before stands again */
  readonly set: (more: Partial<All>) => Promise<boolean>
  readonly problem: Problem | null
}

/**
 * What matters to the grower, saved as it is chosen. Kept in this browser until the server has it: a page that is reloaded
 * meanwhile shows what was chosen, and sends it again.
 */
export function usePriorities(saved: All): Priorities {
  const { values, change, throwAway } = useKept<All & Record<string, unknown>>('priorities', saved)
  const { problem, deliver } = useSend()
  const newest = useRef(0)
  const save = useCallback(
    async (next: All, before: All) => {
      newest.current += 1
      const mine = newest.current
      const body: Practice = { priorities: next }
      const answer = await deliver('PUT /api/site/practice', { body })
      // A choice that was overtaken by another waits for that one's answer.
      if (mine !== newest.current) return answer !== null
      if (!answer) change(before)
      throwAway()
      return answer !== null
    },
    [deliver, change, throwAway],
  )
  const set = useCallback(
    async (more: Partial<All>) => {
      const next = { ...values, ...more }
      change(next)
      return save(next, values)
    },
    [values, change, save],
  )
  const begin = useRef(saved)
  // What this browser kept comes with a later render than the first: nothing was sent by then.
  useEffect(() => {
    const isUnsent = Object.entries(begin.current).some(([key, value]) => values[key] !== value)
    if (isUnsent && newest.current === 0) void save(values, begin.current)
  }, [values, save])
  return { values, set, problem }
}
