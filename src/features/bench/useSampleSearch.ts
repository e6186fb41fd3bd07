import { useEffect, useState } from 'react'
import type { SampleChoice, SampleChoices } from '../../messages/bench/benchViews'

/** What can be tested, by what was typed; an answer that was overtaken by the next question is not shown. */
export function useSampleSearch(first: SampleChoices) {
  const [find, setFind] = useState('')
  const [found, setFound] = useState<SampleChoices | null>(null)
  const [failed, setFailed] = useState(false)
  useEffect(() => {
    if (find.trim() === '') {
      setFound(null)
      return
    }
    const stop = new AbortController()
    fetch(`/api/bench/samples?find=${encodeURIComponent(find)}`, { signal: stop.signal })
      .then((answer) => (answer.ok ? answer.json() : Promise.reject(new Error('refused'))))
      .then((answer: SampleChoices) => {
        setFound(answer)
        setFailed(false)
      })
      .catch(() => setFailed(!stop.signal.aborted))
    return () => stop.abort()
  }, [find])
  return { find, setFind, choices: found ?? first, failed }
}

/** Tells samples apart in a choice. */
export function keyOf({ kind, id }: Pick<SampleChoice, 'kind' | 'id'>): string {
  return `${kind}:${id}`
}

/** What fits, and what is chosen even where it does not: a test is never begun on something that is not shown. */
export function withChosen(
  listed: readonly SampleChoice[],
  chosen: SampleChoice | null,
): readonly SampleChoice[] {
  const isThere = chosen === null || listed.some((one) => keyOf(one) === keyOf(chosen))
  return isThere ? listed : [chosen, ...listed]
}
