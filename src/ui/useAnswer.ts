import { useEffect, useState } from 'react'
import type { Address } from './request'

/**
 * What is answered at an address; an answer that was overtaken by the next question is not shown, and while the next one
 * is on its way the last stands there.
 * @param address null asks nothing, and nothing is answered
 */
export function useAnswer<Answer>(address: Address<Answer> | null): {
  readonly answer: Answer | null
  readonly failed: boolean
} {
  const [answer, setAnswer] = useState<Answer | null>(null)
  const [failed, setFailed] = useState(false)
  useEffect(() => {
    if (address === null) {
      setAnswer(null)
      return
    }
    const stop = new AbortController()
    fetch(address, { signal: stop.signal })
      .then((response) => (response.ok ? response.json() : Promise.reject(new Error('refused'))))
      .then((come: Answer) => {
        setAnswer(come)
        setFailed(false)
      })
      .catch(() => setFailed(!stop.signal.aborted))
    return () => stop.abort()
  }, [address])
  return { answer, failed }
}
