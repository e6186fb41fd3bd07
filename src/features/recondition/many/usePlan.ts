import { useEffect, useMemo, useState } from 'react'
import type { Problem } from '../../../messages/problem'
import type { LaddersView } from '../../../messages/recondition/plan'
import { addressOf } from '../../../ui/request'
import { common as commonWords } from '../../../ui/texts/common'
import { useCore } from '../../../workers/useCore'

/** What is asked for: lots and the crop that comes next; a new number asks the same anew. */
export interface PlanAsked {
  readonly lots: readonly number[]
  readonly crop: string
  readonly nth: number
}

/** The lots as the server knows them, and their ways worked out beside the page. */
export function usePlan(asked: PlanAsked | null) {
  const [view, setView] = useState<LaddersView | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  useEffect(() => {
    setView(null)
    setProblem(null)
    if (!asked) return
    const stop = new AbortController()
    fetchLots(asked, stop.signal).then(
      (found) => {
        if (stop.signal.aborted) return
        if ('detail' in found) setProblem(found.detail)
        else setView(found)
      },
      () => {
        if (!stop.signal.aborted) setProblem(commonWords.noAnswer)
      },
    )
    return () => stop.abort()
  }, [asked])
  const question = useMemo(
    () =>
      view && view.lots.length > 0
        ? { stock: view.stock, lots: view.lots.map(({ id, input }) => ({ id, input })) }
        : null,
    [view],
  )
  const { answer, refusal, progress, working, stop } = useCore('ladders', 'ladders', question)
  return {
    view,
    // An answer to what was asked before is none to this.
    answers: view && answer && sameLots(view, answer) ? answer : null,
    problem: problem ?? refusal,
    isFetching: asked !== null && view === null && problem === null,
    working,
    progress,
    stop,
  }
}

async function fetchLots(
  { lots, crop }: PlanAsked,
  signal: AbortSignal,
): Promise<LaddersView | Problem> {
  const query = { lots: lots.join(','), crop }
  const response = await fetch(addressOf('GET /api/recondition/ladders', { query }), { signal })
  return (await response.json()) as LaddersView | Problem
}

function sameLots({ lots }: LaddersView, answers: readonly { readonly id: number }[]): boolean {
  return lots.length === answers.length && lots.every(({ id }, at) => answers[at]?.id === id)
}
