import type { Problem } from '../../messages/problem'
import { type Entry, type Hold, isBulky, type NewEntry, type Outcome } from './entry'
import type { Lane, Store } from './store'

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
export type Told = Heard | { readonly kind: 'asks'; readonly sinceMs: number }

/** News, and what somebody may have heard already. */
export type Heard = News | { readonly kind: 'again'; readonly news: News }

export interface Outbox {
  /** What waits, and what was not taken, in the order it was entered. */
  readonly entries: () => readonly Entry[]
  readonly hold: () => Hold
  /** Whether a photo is on its way: a page that is left would have to begin it anew. */
  readonly isCarrying: () => boolean
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
  /** The garden that this page shows. */
  readonly garden: () => string
  /** @param onProgress called while more of it arrives */
  readonly post: (entry: Entry, onProgress: () => void) => Promise<Answered>
  readonly tell: (news: News) => void
  readonly hear: (listener: (told: Heard) => void) => void
  readonly later: (work: () => void, ms: number) => void
}

/** A page that was closed while it was sending gives its turn up after so long. */
const TURN_MS = 30_000
/** An entry that got no answer within this time is told as waiting. */
const PATIENCE_MS = 2_500
const LANES: readonly Lane[] = ['light', 'bulky']
/** What fails there so often in a row fails for good: somebody has to decide. */
const MOST_FAILURES = 6

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
  const holds: Record<Lane, Hold> = { light: null, bulky: null }
  const sending = new Map<Lane, Promise<void>>()
  const failures = new Map<string, number>()
  const listeners = new Set<() => void>()
  const ears = new Set<(news: News) => void>()
  const asked = new Map<string, Asked>()
  /** What got no answer in time: on a line that hangs nothing else would tell. */
  const overdue = new Set<string>()
  /** What was seen waiting here and nobody told the end of. */
  const open = new Set<string>()

  const notify = () => {
    for (const listener of listeners) listener()
  }

  async function refresh(): Promise<void> {
    entries = await store.all()
    for (const { id, problem } of entries) if (problem === null) open.add(id)
    notify()
  }

  function setHold(lane: Lane, next: Hold): void {
    holds[lane] = next
    notify()
  }

  function take(news: News): void {
    if (news.kind !== 'changed') {
      open.delete(news.entry.id)
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

  means.hear((told) => {
    // A page that was left while its answer came tells it once it is back: news to whoever waits for it still.
    if (told.kind !== 'again') take(told)
    else if (told.news.kind !== 'changed' && open.has(told.news.entry.id)) take(told.news)
    void refresh()
  })

  async function flush(): Promise<void> {
    await Promise.all(LANES.map(flushLane))
  }

  async function flushLane(lane: Lane): Promise<void> {
    const now = sending.get(lane) ?? sendAll(lane).finally(() => sending.delete(lane))
    sending.set(lane, now)
    await now
  }

  /** Sends a lane in its order. What fails there is left for later, with what was entered of the same thing behind it. */
  async function sendAll(lane: Lane): Promise<void> {
    const renew = () => store.takeTurn(holder, now(), now() + TURN_MS, lane)
    const left = new Set<string>()
    while (await renew()) {
      const next = (await store.all()).find(
        (one) => one.problem === null && laneOf(one) === lane && !left.has(one.about),
      )
      if (!next) {
        setHold(lane, left.size > 0 ? 'no answer' : null)
        break
      }
      const answer = await post(next, () => void renew())
      if (isFailure(answer) && !hasFailedForGood(next)) {
        left.add(next.about)
        continue
      }
      const held = isFailure(answer) ? null : holdOf(answer)
      setHold(lane, held)
      if (held || !answer) break
      failures.delete(next.id)
      await settle(next, answer)
    }
    await store.takeTurn(holder, now(), 0, lane)
    // Another page may have sent it, and have been left before it told.
    await refresh()
  }

  function hasFailedForGood({ id }: Entry): boolean {
    const count = (failures.get(id) ?? 0) + 1
    failures.set(id, count)
    return count >= MOST_FAILURES
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
    hold: () => holds.light ?? holds.bulky,
    isCarrying: () =>
      sending.has('bulky') &&
      holds.bulky === null &&
      entries.some((one) => one.problem === null && isBulky(one)),
    isLate: () =>
      entries.some(
        (one) => one.problem === null && (holds[laneOf(one)] !== null || overdue.has(one.id)),
      ),
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
      await store.add({ ...what, id, enteredAtMs: now(), garden: means.garden(), problem: null })
      await refresh()
      means.tell({ kind: 'changed' })
      const lane = laneOf(what)
      void flushLane(lane).then(() => {
        // It may have come when the last one had just been looked for.
        if (holds[lane] === null && entries.some((one) => one.id === id)) void flushLane(lane)
      })
      return outcome as Promise<Outcome<never>>
    },
    flush,
    async again(entry, body = entry.body) {
      // Changed, or of another garden, it is another request; whoever sends it again means the garden that is here.
      const garden = means.garden()
      const id = body === entry.body && garden === entry.garden ? entry.id : newId()
      failures.delete(entry.id)
      await store.put({ ...entry, id, body, garden, problem: null })
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

function laneOf(entry: Pick<Entry, 'body'>): Lane {
  return isBulky(entry) ? 'bulky' : 'light'
}

/** Something went wrong with this one there: others may pass. What says that it has no room or no time holds all. */
function isFailure(answer: Answered): boolean {
  if (!answer || answer.ok) return false
  const { status } = answer.problem
  return status >= 500 && status !== 503 && status !== 507
}

/** What comes back without an answer is tried again; who has to sign in does so first. */
function holdOf(answer: Answered): Hold {
  if (!answer) return 'no answer'
  if (answer.ok) return null
  const { status, code } = answer.problem
  if (code === 'sign-in') return 'sign in'
  return status === 0 || status === 503 || status === 507 || status === 429 ? 'no answer' : null
}
