import { useCallback, useEffect, useRef, useState } from 'react'
import { newId } from './newId'

/** What became of an entry that was sent. */
export type Sent = 'kept' | 'refused' | 'not sent'

interface Entry<What> {
  readonly id: string
  /** The tab it was entered in, and when: another tab sends it only where that one seems to be gone. */
  readonly tab: string
  readonly atMs: number
  readonly what: What
}

const AGAIN_MS = 4000
const LEFT_BEHIND_MS = 30_000

/**
 * What was entered goes out one after another, and is kept in this browser until it was answered: a lost connection, a
 * reload or a closed lid lose nothing.
 * @param name one a form and thing, such as "order/3"
 * @param send sends one entry; "not sent" is tried again
 */
export function useSendQueue<What>(
  name: string,
  send: (what: What) => Promise<Sent>,
): {
  readonly waiting: readonly What[]
  readonly isLate: boolean
  readonly add: (what: What) => void
} {
  const [entries, setEntries] = useState<readonly Entry<What>[]>([])
  const [isLate, setLate] = useState(false)
  const queue = useRef<readonly Entry<What>[]>([])
  const sending = useRef(false)
  const latest = useRef(send)
  latest.current = send

  const keep = useCallback(
    (next: readonly Entry<What>[]) => {
      // Another tab's entries stay where they are: each takes away only its own.
      const known = new Set([...queue.current, ...next].map(({ id }) => id))
      write(name, [...read<What>(name).filter(({ id }) => !known.has(id)), ...next])
      queue.current = next
      setEntries(next)
    },
    [name],
  )

  const flush = useCallback(async () => {
    if (sending.current) return
    sending.current = true
    for (let first = queue.current[0]; first; first = queue.current[0]) {
      const { id, what } = first
      const outcome = await latest.current(what)
      setLate(outcome === 'not sent')
      if (outcome === 'not sent') break
      keep(queue.current.filter((one) => one.id !== id))
    }
    sending.current = false
  }, [keep])

  useEffect(() => {
    const again = () => {
      const known = new Set(queue.current.map(({ id }) => id))
      const found = read<What>(name).filter((one) => !known.has(one.id) && isOurs(one))
      if (found.length > 0) keep([...found, ...queue.current])
      void flush()
    }
    again()
    const timer = setInterval(again, AGAIN_MS)
    window.addEventListener('online', again)
    return () => {
      clearInterval(timer)
      window.removeEventListener('online', again)
    }
  }, [name, keep, flush])

  return {
    waiting: entries.map(({ what }) => what),
    isLate: isLate && entries.length > 0,
    add: (what) => {
      keep([...queue.current, { id: newId(), tab: tabId(), atMs: Date.now(), what }])
      void flush()
    },
  }
}

function isOurs({ tab, atMs }: Entry<unknown>): boolean {
  return tab === tabId() || Date.now() - atMs > LEFT_BEHIND_MS
}

/** The same through a reload of this tab. */
function tabId(): string {
  try {
    const kept = sessionStorage.getItem('tab') ?? newId()
    sessionStorage.setItem('tab', kept)
    return kept
  } catch {
    return 'tab'
  }
}

function read<What>(name: string): readonly Entry<What>[] {
  try {
    return JSON.parse(localStorage.getItem(`queue/${name}`) ?? '[]') as readonly Entry<What>[]
  } catch {
    return []
  }
}

function write(name: string, entries: readonly unknown[]): void {
  try {
    if (entries.length === 0) localStorage.removeItem(`queue/${name}`)
    else localStorage.setItem(`queue/${name}`, JSON.stringify(entries))
  } catch {
    // A full or forbidden store: the entries stay in memory.
  }
}
