import { useCallback, useEffect, useRef, useState } from 'react'
import type { PotLogKind } from '../../core/season'
import type { RoundPage, RoundPot } from '../../messages/containers/round'
import { newId } from '../../ui/newId'
import { ourOutbox } from '../../ui/outbox/ourOutbox'
import { request } from '../../ui/request'
import { round as words } from '../../ui/texts/containers/round'
import { goOn, goTo, newRound, type Round, readRound, type Written } from './round'

const KEPT = 'round'
const HELD_MS = 400

export interface Rounding {
  readonly round: Round
  readonly change: (next: (round: Round) => Round) => void
  /** Writes something down at a pot and goes on, unless one stays there. */
  readonly write: (pot: RoundPot, what: Said) => Promise<void>
  readonly takeBack: (written: Written) => Promise<void>
  /** Right after going on: the second half of a double tap must not fall on the next pot. */
  readonly isHeld: boolean
  /** Goes on to the next pot of the place. */
  readonly next: () => void
}

export type Said =
  | {
      readonly kind: PotLogKind
      readonly said: string
      readonly value?: number | null
      readonly problemId?: string
    }
  | { readonly jpeg: string; readonly said: string }

/** A round of the garden: where one is, and what was written down on it. */
export function useRound(page: RoundPage, today: string): Rounding {
  const [round, setRound] = useState<Round>(() => newRound(today))
  const latest = useRef(round)
  const change = useCallback((next: (round: Round) => Round) => {
    latest.current = next(latest.current)
    setRound(latest.current)
    keep(latest.current)
  }, [])

  // The server that made the page does not know where this browser was.
  useEffect(() => {
    const kept = readRound(read(), today)
    const asked = page.pots.find(({ id }) => id === page.asked.pot)
    change(() => {
      if (asked) return goTo(kept, asked)
      return page.asked.place
        ? goOn(page.pots, { ...kept, place: page.asked.place, potId: null })
        : kept
    })
  }, [page, today, change])

  // What has arrived gets its number, by which it is taken back later.
  useEffect(() => {
    let leave = () => {}
    let isGone = false
    void ourOutbox().then((outbox) => {
      if (isGone) return
      leave = outbox.listen((news) => {
        if (news.kind !== 'answered') return
        const { id } = (news.data ?? {}) as { id?: number }
        const isOurs = latest.current.written.some((one) => one.id === news.entry.id)
        if (isOurs && id !== undefined) {
          change((now) => ({ ...now, written: withLogId(now.written, news.entry.id, id) }))
        } else if (id !== undefined && takenBack.current.has(news.entry.id)) void counts(id)
      })
    })
    return () => {
      isGone = true
      leave()
    }
  }, [change])

  const takenBack = useRef(new Set<string>())
  const held = useRef(false)
  const [isHeld, setHeld] = useState(false)
  const hold = () => {
    held.current = true
    setHeld(true)
    setTimeout(() => {
      held.current = false
      setHeld(false)
    }, HELD_MS)
  }

  const next = () => {
    if (held.current) return
    hold()
    change((now) => goOn(page.pots, now))
  }

  const write = async (pot: RoundPot, what: Said) => {
    if (held.current) return
    hold()
    const id = newId()
    const { said } = what
    const outbox = await ourOutbox()
    const params = { id: pot.id }
    const asked =
      'jpeg' in what
        ? request('POST /api/containers/[id]/photos', {
            params,
            body: { jpeg: what.jpeg, note: '' },
          })
        : request('POST /api/containers/[id]/log', {
            params,
            body: {
              kind: what.kind,
              value: what.value ?? null,
              problemId: what.problemId ?? null,
              note: '',
            },
          })
    change((now) => {
      const written = [...now.written, { id, potId: pot.id, said, logId: null }]
      return now.stays ? { ...now, written } : goOn(page.pots, { ...now, written })
    })
    void outbox.add({
      id,
      about: `pot/${pot.id}`,
      title: said,
      where: `${pot.code} ${pot.name}`,
      page: `/pots/${pot.id}`,
      ...asked,
    })
  }

  const takeBack = async (written: Written) => {
    takenBack.current.add(written.id)
    change((now) => ({
      ...now,
      written: now.written.filter(({ id }) => id !== written.id),
    }))
    if (written.logId !== null) return counts(written.logId)
    const outbox = await ourOutbox()
    const entry = outbox.entries().find(({ id }) => id === written.id)
    // One that is on its way has its answer heard above.
    if (entry) await outbox.throwAway(entry)
  }

  return { round, change, write, takeBack, isHeld, next }
}

/** Takes a line of the log back; also this waits for a connection. */
async function counts(logId: number): Promise<void> {
  const outbox = await ourOutbox()
  await outbox.add({
    about: `log/${logId}`,
    title: words.takenBack,
    where: words.title,
    page: '/log',
    ...request('POST /api/containers/log/[id]/counts', {
      params: { id: logId },
      body: { counts: false },
    }),
  })
}

function withLogId(written: readonly Written[], id: string, logId: number): Written[] {
  return written.map((one) => (one.id === id ? { ...one, logId } : one))
}

function read(): string | null {
  try {
    return localStorage.getItem(KEPT)
  } catch {
    return null
  }
}

function keep(round: Round): void {
  try {
    localStorage.setItem(KEPT, JSON.stringify(round))
  } catch {
    // Without a store the round is walked all the same; a reload begins it anew.
  }
}
