import { useEffect, useRef, useState } from 'react'
import type { MomentView, TestPage, TestState } from '../../messages/bench/benchViews'
import type { Problem } from '../../messages/problem'
import { newId } from '../../ui/newId'
import { keptAt } from '../../ui/offline'
import { useOutbox } from '../../ui/outbox/useOutbox'
import { addressOf, type Request, request } from '../../ui/request'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import { useAskAgain } from '../../ui/useAskAgain'
import { type MomentChange, type Tap, waitingOf, withWaiting } from './taps'

const ASK_MS = 3000

export interface TestClock {
  readonly moments: readonly MomentView[]
  readonly endedAt: string | null
  /** How far the server's clock is ahead of this device's, ms. */
  readonly aheadMs: number
  /** The server's time when it last answered, ms. */
  readonly toldAtMs: number
  /** Taps that have not arrived, and whether they wait for a connection. */
  readonly waiting: number
  readonly isLate: boolean
  readonly problem: Problem | null
  readonly tap: (key: string, value?: number) => void
  readonly correct: (id: string, change: MomentChange) => void
}

/**
 * The clock of a test as moments on the server. Taps are written into this browser first and sent until they arrive, so
 * that a reload, sleep or a lost connection lose none; what other devices tap is asked for while the page is in view.
 */
export function useTestClock({ id, kind, sample, moments, endedAt, now }: TestPage): TestClock {
  const [state, setState] = useState<TestState>({ moments, endedAt, now })
  const [problem, setProblem] = useState<Problem | null>(null)
  const aheadMs = useAhead(now)
  const written = useRef(0)
  const { waiting, isLate, add } = useOutbox<Tap | MomentChange, TestState>(`test/${id}`, {
    onAnswer: (answer) => {
      written.current += 1
      setState(answer)
    },
    onRefused: setProblem,
  })

  useAskAgain(
    state.endedAt ? null : addressOf('GET /api/bench/tests/[id]/state', { params: { id } }),
    ASK_MS,
    setState,
    () => written.current,
  )

  const enter = (what: Request & { readonly body: Tap | MomentChange }) => {
    setProblem(null)
    void add(
      {
        ...what,
        title: benchWords.clock.tapped,
        where: `${benchWords.tests[kind].name}, ${sample.name}`,
        page: `/bench/tests/${id}`,
      },
      // A correction that is refused changed nothing: it is typed again, not decided about.
      what.method === 'PUT',
    )
  }
  const tapAt = () => new Date(Date.now() + aheadMs).toISOString()
  return {
    moments: withWaiting(state.moments, waitingOf(waiting)),
    endedAt: state.endedAt,
    aheadMs,
    toldAtMs: Date.parse(state.now),
    waiting: waiting.length,
    isLate,
    problem,
    tap: (key, value) => {
      const body = { id: newId(), key, at: tapAt(), value: value ?? null }
      enter({ ...request('POST /api/bench/tests/[id]/moments', { params: { id }, body }), body })
    },
    correct: (momentId, change) =>
      enter({
        ...request('PUT /api/bench/tests/[id]/moments/[moment]', {
          params: { id, moment: momentId },
          body: change,
        }),
        body: change,
      }),
  }
}

/** Measured once, when the page has come: a device whose clock is wrong still agrees with the others. */
function useAhead(serverNow: string): number {
  const [ahead, setAhead] = useState(0)
  useEffect(() => {
    // A page read from this device says when it was made, not what time it is now.
    if (keptAt()) {
      setAhead(knownAhead())
      return
    }
    const [navigation] = performance.getEntriesByType('navigation')
    const arrivedAt =
      navigation instanceof PerformanceNavigationTiming
        ? performance.timeOrigin + navigation.responseStart
        : Date.now()
    const measured = Math.round(Date.parse(serverNow) - arrivedAt)
    keepAhead(measured)
    setAhead(measured)
  }, [serverNow])
  return ahead
}

const AHEAD = 'clock-ahead-ms'

function keepAhead(ms: number): void {
  try {
    localStorage.setItem(AHEAD, String(ms))
  } catch {
    // Without a store a page read from this device trusts this device's clock.
  }
}

function knownAhead(): number {
  try {
    return Number(localStorage.getItem(AHEAD)) || 0
  } catch {
    return 0
  }
}
