import { useCallback, useEffect, useRef, useState } from 'react'
import type { BalanceView, PanBody } from '../../messages/instruments/balance'
import { addressOf } from '../../ui/request'
import { ask as askFor } from '../../ui/send'

const EVERY_MS = 400
/** A line that is cut is not asked as often. */
const AFTER_FAILURE_MS = 3000
const ADDRESS = addressOf('GET /api/instruments/balance', {})

/**
 * What the balance shows, asked again and again while the page is looked at.
 * @returns null until it answered for the first time; `isSilent` while it does not
 */
export function useBalance(): {
  readonly view: BalanceView | null
  readonly isSilent: boolean
  readonly lay: (pot: PanBody['pot']) => void
} {
  const [view, setView] = useState<BalanceView | null>(null)
  const [isSilent, setSilent] = useState(false)
  const ask = useRef<() => void>(() => {})

  useEffect(() => {
    const stop = new AbortController()
    let timer: ReturnType<typeof setTimeout> | undefined
    const next = async () => {
      clearTimeout(timer)
      // Nobody reads a balance on a page that is not seen: it is asked again when somebody looks.
      if (document.visibilityState !== 'visible') return
      let wait = EVERY_MS
      try {
        const answer = await fetch(ADDRESS, { signal: stop.signal })
        if (!answer.ok) throw new Error('refused')
        const shown: BalanceView = await answer.json()
        setView(shown)
        setSilent(shown.grams === null)
      } catch {
        if (stop.signal.aborted) return
        setSilent(true)
        wait = AFTER_FAILURE_MS
      }
      clearTimeout(timer)
      if (!stop.signal.aborted) timer = setTimeout(() => void next(), wait)
    }
    const seen = () => void next()
    ask.current = seen
    seen()
    document.addEventListener('visibilitychange', seen)
    return () => {
      stop.abort()
      document.removeEventListener('visibilitychange', seen)
      clearTimeout(timer)
    }
  }, [])

  const lay = useCallback((pot: PanBody['pot']) => {
    void askFor('PUT /api/instruments/balance/pan', { body: { pot } }).then(({ ok }) =>
      ok ? ask.current() : setSilent(true),
    )
  }, [])
  return { view, isSilent, lay }
}
