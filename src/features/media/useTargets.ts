import { useEffect, useState } from 'react'
import type { TransferTargets } from '../../messages/media/transfers'

/** Where litres of a lot can go, by what was typed; an answer that was overtaken by the next question is not shown. */
export function useTargets(lotId: number, find: string) {
  const [targets, setTargets] = useState<TransferTargets | null>(null)
  const [failed, setFailed] = useState(false)
  useEffect(() => {
    const stop = new AbortController()
    fetch(`/api/media/lots/${lotId}/transfers?find=${encodeURIComponent(find)}`, {
      signal: stop.signal,
    })
      .then((answer) => (answer.ok ? answer.json() : Promise.reject(new Error('refused'))))
      .then((answer: TransferTargets) => {
        setTargets(answer)
        setFailed(false)
      })
      .catch(() => setFailed(!stop.signal.aborted))
    return () => stop.abort()
  }, [lotId, find])
  return { targets, failed }
}
