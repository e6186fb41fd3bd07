import { useEffect, useRef } from 'react'

/**
 * Asks for what others may change meanwhile, every few seconds for as long as the page is looked at; at once when it is
 * looked at again, or there is a connection again.
 * @param address null asks nothing any more
 */
export function useAskAgain<Answer>(
  address: string | null,
  everyMs: number,
  take: (answer: Answer) => void,
): void {
  const latest = useRef(take)
  latest.current = take
  useEffect(() => {
    if (address === null) return
    const stop = new AbortController()
    let isAsking = false
    const ask = async () => {
      if (isAsking || document.visibilityState !== 'visible') return
      isAsking = true
      try {
        const response = await fetch(address, { signal: stop.signal })
        if (response.ok) latest.current((await response.json()) as Answer)
      } catch {
        // No connection: what is known stays, the next question comes soon.
      }
      isAsking = false
    }
    const timer = setInterval(() => void ask(), everyMs)
    const soon = () => void ask()
    window.addEventListener('online', soon)
    document.addEventListener('visibilitychange', soon)
    return () => {
      stop.abort()
      clearInterval(timer)
      window.removeEventListener('online', soon)
      document.removeEventListener('visibilitychange', soon)
    }
  }, [address, everyMs])
}
