import type { Problem } from '../../messages/problem'
import type { Entry, Hold, NewEntry, Outcome } from './entry'
import type { Store } from './store'

/** What came back for an entry; null where nothing did. */
export type Answered =
  | { readonly ok: true; readonly data: unknown }
  | { readonly ok: false; readonly problem: Problem }
  | null

/** What pages of the same browser tell each other. */
export type News =
  | { readonly kind: 'changed' }
  | { readonly kind: 'answered'; readonly entry: Entry; readonly data: unknown }
  | { readonly kind: 'refused'; readonly entry: Entry; readonly problem: Problem }

/** What goes from page to page: news, and for a page that was not there yet, what it missed. */
export type Told =
  | News
  | { readonly kind: 'asks'; readonly sinceMs: number }
  | { readonly kind: 'again'; readonly news: News }

export interface Outbox {
  /** What waits, and what was not taken, in the order it was entered. */
  readonly entries: () => readonly Entry[]
  readonly hold: () => Hold
  /** Whether something waits for a connection, not only for the answer that is on its way. */
  readonly isLate: () => boolean
  /** Whether what waits is lost with the page. */
  readonly isForgetful: () => boolean
  /** Called whenever one of these may have changed. */
  readonly subscribe: (listener: () => void) => () => void
  /** Called for each answer, whichever page sent it. */
  readonly listen: (listener: (news: News) => void) => () => void
  /**
   * Keeps an entry and sends it once all before it were answered.
   * @param hasForm a refusal is shown at the form it came from: it is not kept then
   */
  readonly add: <Data>(what: NewEntry, hasForm?: boolean) => Promise<Outcome<Data>>
  /** Sends what waits. */
  readonly flush: () => Promise<void>
  /** Sends one that was not taken once more, changed or as it was. */
  readonly again: (entry: Entry, body?: unknown) => Promise<void>
  readonly throwAway: (entry: Entry) => Promise<void>
}

export interface Means {
  readonly store: Store
  /** This page, told from others of the same browser. */
  readonly holder: string
  readonly now: () => number
  readonly newId: () => string
  readonly post: (entry: Entry) => Promise<Answered>
  readonly tell: (news: News) => void
  readonly hear: (listener: (news: News) => void) => void
  readonly later: (work: () => void, ms: number) => void
}

/** A page that was closed while it was sending gives its turn up after so long. */
const TURN_MS = 30_000
/** An entry that got no answer within this time is told as waiting. */
const PATIENCE_MS = 2_500

interface Asked {
  readonly settle: (outcome: Outcome<unknown>) => void
  readonly hasForm: boolean
}

/**
 * One queue for everything that is entered: kept before it is sent, sent once and in order, by one page at a time. What
 * is refused stays until somebody decides; nothing is dropped.
 */
export async function createOutbox(means: Means): Promise<Outbox> {
  const { store, holder, now, newId, post } = means
  let entries: readonly Entry[] = await store.all()
  let hold: Hold = null
  let sending: Promise<void> | null = null
  const listeners = new Set<() => void>()
  const ears = new Set<(news: News) => void>()
  const asked = new Map<string, Asked>()
  /** What got no answer in time: on a line that hangs nothing else would tell. */
  const overdue = new Set<string>()

  const notify = () => {
    for (const listener of listeners) listener()
  }

  async function refresh(): Promise<void> {
    entries = await store.all()
    notify()
  }

  function setHold(next: Hold): void {
    hold = next
    notify()
  }

  function take(news: News): void {
    if (news.kind !== 'changed') {
      const waiting = asked.get(news.entry.id)
      asked.delete(news.entry.id)
      waiting?.settle(
        news.kind === 'answered'
          ? { kind: 'answered', data: news.data }
          : { kind: 'refused', problem: news.problem },
      )
      for (const ear of ears) ear(news)
    }
  }

  async function spread(news: News): Promise<void> {
    await refresh()
    means.tell(news)
    take(news)
  }

  means.hear((news) => {
    take(news)
    void refresh()
  })

  async function flush(): Promise<void> {
    sending ??= sendAll().finally(() => {
      sending = null
    })
    await sending
  }

  async function sendAll(): Promise<void> {
    while (await store.takeTurn(holder, now(), now() + TURN_MS)) {
      const next = (await store.all()).find(({ problem }) => problem === null)
      if (!next) {
        setHold(null)
        break
      }
      const answer = await post(next)
      const held = holdOf(answer)
      setHold(held)
      if (held || !answer) break
      await settle(next, answer)
    }
    await store.takeTurn(holder, now(), 0)
  }

  async function settle(entry: Entry, answer: NonNullable<Answered>): Promise<void> {
    if (answer.ok) {
      await store.remove(entry)
      await spread({ kind: 'answered', entry, data: answer.data })
      return
    }
    const { problem } = answer
    if (asked.get(entry.id)?.hasForm) await store.remove(entry)
    else await store.put({ ...entry, problem })
    await spread({ kind: 'refused', entry, problem })
  }

  function outcomeOf<Data>(id: string, hasForm: boolean): Promise<Outcome<Data>> {
    return new Promise((resolve) => {
      const settle = (outcome: Outcome<unknown>) => resolve(outcome as Outcome<Data>)
      asked.set(id, { settle, hasForm })
      means.later(() => {
        // From now on no form waits for it: a refusal is kept in the list.
        if (asked.delete(id)) settle({ kind: 'waiting' })
      }, PATIENCE_MS)
      watch(id)
    })
  }

  function watch(id: string): void {
    means.later(() => {
      overdue.add(id)
      notify()
    }, PATIENCE_MS)
  }
  for (const { id } of entries) watch(id)

  return {
    entries: () => entries,
    hold: () => hold,
    isLate: () =>
      entries.some(({ id, problem }) => problem === null && (hold !== null || overdue.has(id))),
    isForgetful: () => entries.length > 0 && !store.isLasting,
    subscribe(listener) {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    listen(ear) {
      ears.add(ear)
      return () => ears.delete(ear)
    },
    async add(what, hasForm = false) {
      const id = what.id ?? newId()
      const outcome = outcomeOf(id, hasForm)
      await store.add({ ...what, id, enteredAtMs: now(), problem: null })
      await refresh()
      means.tell({ kind: 'changed' })
      void flush().then(() => {
        // It may have come when the last one had just been looked for.
        if (hold === null && entries.some((one) => one.id === id)) void flush()
      })
      return outcome as Promise<Outcome<never>>
    },
    flush,
    async again(entry, body = entry.body) {
      // Changed, it is another request.
      const id = body === entry.body ? entry.id : newId()
      await store.put({ ...entry, id, body, problem: null })
      await refresh()
      await flush()
    },
    async throwAway(entry) {
      await store.remove(entry)
      await refresh()
      means.tell({ kind: 'changed' })
    },
  }
}

/** What comes back without an answer is tried again; who has to sign in does so first. */
function holdOf(answer: Answered): Hold {
  if (!answer) return 'no answer'
  if (answer.ok) return null
  const { status, code } = answer.problem
  if (code === 'sign-in') return 'sign in'
  return status === 0 || status >= 500 || status === 429 ? 'no answer' : null
}
