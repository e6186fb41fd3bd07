import { useEffect, useRef } from 'react'
import type { Address } from './request'

/**
 * Asks for what others may change meanwhile, every few seconds for as long as the page is looked at; at once when it is
 * looked at again, or there is a connection again.
 * @param address null asks nothing any more
 * @param written counts what was entered here: an answer that was on its way meanwhile does not know of it, and is dropped
 */
export function useAskAgain<Answer>(
  address: Address<Answer> | null,
  everyMs: number,
  take: (answer: Answer) => void,
  written: () => number = () => 0,
): void {
  const latest = useRef({ take, written })
  latest.current = { take, written }
  useEffect(() => {
    if (address === null) return
    const stop = new AbortController()
    let isAsking = false
    const ask = async () => {
      if (isAsking || document.visibilityState !== 'visible') return
      isAsking = true
      try {
        const before = latest.current.written()
        const response = await fetch(address, { signal: stop.signal })
        const answer = response.ok ? ((await response.json()) as Answer) : null
        if (answer !== null && latest.current.written() === before) latest.current.take(answer)
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
