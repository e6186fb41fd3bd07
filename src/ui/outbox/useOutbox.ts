import { useCallback, useEffect, useRef, useState } from 'react'
import type { Problem } from '../../messages/problem'
import type { Entry, Hold, NewEntry, Outcome } from './entry'
import { hearOld, ourOutbox } from './ourOutbox'
import type { News, Outbox } from './outbox'

interface Seen {
  readonly entries: readonly Entry[]
  readonly hold: Hold
  readonly isLate: boolean
  readonly isForgetful: boolean
}

const NOTHING: Seen = { entries: [], hold: null, isLate: false, isForgetful: false }

/** The outbox as a part of a page sees it; null until it is open. */
export function useWholeOutbox(): Seen & { readonly outbox: Outbox | null } {
  const [outbox, setOutbox] = useState<Outbox | null>(null)
  const [seen, setSeen] = useState(NOTHING)
  useEffect(() => {
    let leave = () => {}
    let isGone = false
    void ourOutbox().then((opened) => {
      if (isGone) return
      const look = () =>
        setSeen({
          entries: opened.entries(),
          hold: opened.hold(),
          isLate: opened.isLate(),
          isForgetful: opened.isForgetful(),
        })
      leave = opened.subscribe(look)
      setOutbox(opened)
      look()
    })
    return () => {
      isGone = true
      leave()
    }
  }, [])
  return { outbox, ...seen }
}

export interface OutboxOf<Body> {
  /** What waits of this thing, in the order it was entered. */
  readonly waiting: readonly (Entry & { readonly body: Body })[]
  /** Whether what this browser kept is known by now. */
  readonly isOpen: boolean
  /** The last try to send got no answer or none in time, or one has to sign in first. */
  readonly isLate: boolean
  /** Enters something; it is kept before this comes back. */
  readonly add: <Data>(
    what: Omit<NewEntry, 'about' | 'body'> & { readonly body: Body },
    hasForm?: boolean,
  ) => Promise<Outcome<Data>>
}

/**
 * Enters things and hears what became of them, whichever page of this browser sent them.
 * @param about one a thing, such as "order/3"
 */
export function useOutbox<Body, Data = unknown>(
  about: string,
  hear: {
    readonly onAnswer?: (data: Data, entry: Entry) => void
    readonly onRefused?: (problem: Problem, entry: Entry) => void
    /** An answer may be told again, or be older than the page: whoever listens can tell. */
    readonly tellsOld?: boolean
  } = {},
): OutboxOf<Body> {
  const { outbox, entries, isLate } = useWholeOutbox()
  const latest = useRef(hear)
  latest.current = hear
  useEffect(() => {
    const take = (news: News) => {
      if (news.kind === 'changed' || news.entry.about !== about) return
      if (news.kind === 'answered') latest.current.onAnswer?.(news.data as Data, news.entry)
      else latest.current.onRefused?.(news.problem, news.entry)
    }
    const leave = outbox?.listen(take)
    const leaveOld = latest.current.tellsOld
      ? hearOld((news) => {
          if (news.kind === 'answered') take(news)
        })
      : undefined
    return () => {
      leave?.()
      leaveOld?.()
    }
  }, [outbox, about])
  const add: OutboxOf<Body>['add'] = useCallback(
    async (what, hasForm) => (await ourOutbox()).add({ ...what, about }, hasForm),
    [about],
  )
  const waiting = entries.filter((entry) => entry.about === about && entry.problem === null)
  return {
    waiting: waiting as (Entry & { body: Body })[],
    isOpen: outbox !== null,
    isLate: isLate && waiting.length > 0,
    add,
  }
}
