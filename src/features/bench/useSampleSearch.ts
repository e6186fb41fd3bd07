import { useEffect, useState } from 'react'
import type { SampleChoices } from '../../messages/bench/benchViews'

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
