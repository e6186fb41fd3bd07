import { useCallback, useEffect, useRef, useState } from 'react'
import type { MomentView, TestPage, TestState } from '../../messages/bench/benchViews'
import type { Problem } from '../../messages/problem'
import { newId } from '../../ui/newId'
import { send } from '../../ui/send'
import { type MomentChange, readTaps, type Tap, withTaps, writeTaps } from './tapQueue'

const ASK_MS = 3000
const isRefusal = ({ status }: Problem) => status >= 400 && status < 500

export interface TestClock {
  readonly moments: readonly MomentView[]
  readonly endedAt: string | null
  /** How far the server's clock is ahead of this device's, ms. */
  readonly aheadMs: number
  /** The server's time when it last answered, ms. */
  readonly toldAtMs: number
  /** Taps that wait for a connection. */
  readonly waiting: number
  readonly problem: Problem | null
  readonly tap: (key: string, value?: number) => void
  readonly correct: (id: string, change: MomentChange) => void
}

/**
 * The clock of a test as moments on the server. Taps are written into this browser first and sent until they arrive, so
 * that a reload, sleep or a lost connection lose none; what other devices tap is asked for while the page is in view.
 */
export function useTestClock({ id, moments, endedAt, now }: TestPage): TestClock {
  const [state, setState] = useState<TestState>({ moments, endedAt, now })
  const [taps, setTaps] = useState<readonly Tap[]>([])
  const [problem, setProblem] = useState<Problem | null>(null)
  const aheadMs = useAhead(now)
  const sending = useRef(false)
  const queue = useRef<readonly Tap[]>([])

  const keep = useCallback(
    (next: readonly Tap[]) => {
      queue.current = next
      writeTaps(localStorage, id, next)
      setTaps(next)
    },
    [id],
  )

  const flush = useCallback(async () => {
    if (sending.current) return
    sending.current = true
    for (let first = queue.current[0]; first; first = queue.current[0]) {
      const sent: Tap = first
      const moments = `/api/bench/tests/${id}/moments`
      const answer =
        sent.corrects === undefined
          ? await send<TestState>('POST', moments, sent)
          : await send<TestState>('PUT', `${moments}/${sent.corrects}`, sent.change)
      // Only a refusal ends a tap: what failed on the way or in the server is tried again.
      if (!answer.ok && !isRefusal(answer.problem)) break
      keep(queue.current.filter((one) => one.id !== sent.id))
      if (answer.ok) setState(answer.data)
      else setProblem(answer.problem)
    }
    sending.current = false
  }, [id, keep])

  useEffect(() => {
    keep(readTaps(localStorage, id))
    void flush()
  }, [id, keep, flush])

  useEffect(() => {
    if (state.endedAt) return
    const ask = async () => {
      if (document.visibilityState !== 'visible') return
      await flush()
      try {
        const response = await fetch(`/api/bench/tests/${id}/state`)
        if (response.ok) setState((await response.json()) as TestState)
      } catch {
        // No connection: what is known stays, the next question comes soon.
      }
    }
    const timer = setInterval(() => void ask(), ASK_MS)
    const soon = () => void ask()
    window.addEventListener('online', soon)
    document.addEventListener('visibilitychange', soon)
    return () => {
      clearInterval(timer)
      window.removeEventListener('online', soon)
      document.removeEventListener('visibilitychange', soon)
    }
  }, [id, state.endedAt, flush])

  return {
    moments: withTaps(state.moments, taps),
    endedAt: state.endedAt,
    aheadMs,
    toldAtMs: Date.parse(state.now),
    waiting: taps.length,
    problem,
    tap: (key, value) => {
      setProblem(null)
      const at = new Date(Date.now() + aheadMs).toISOString()
      keep([...queue.current, { id: newId(), key, at, value: value ?? null }])
      void flush()
    },
    correct: (momentId, change) => {
      setProblem(null)
      const at = new Date(Date.now() + aheadMs).toISOString()
      keep([
        ...queue.current,
        { id: newId(), key: '', at, value: null, corrects: momentId, change },
      ])
      void flush()
    },
  }
}

/** Measured once, when the page has come: a device whose clock is wrong still agrees with the others. */
function useAhead(serverNow: string): number {
  const [ahead, setAhead] = useState(0)
  useEffect(() => {
    const [navigation] = performance.getEntriesByType('navigation')
    const arrivedAt =
      navigation instanceof PerformanceNavigationTiming
        ? performance.timeOrigin + navigation.responseStart
        : Date.now()
    setAhead(Math.round(Date.parse(serverNow) - arrivedAt))
  }, [serverNow])
  return ahead
}
