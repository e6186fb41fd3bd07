import { newId } from './newId'

/** A double click's second half comes within this time of the answer to the first. */
const SAME_CLICK_MS = 2000
const KEPT = 'unanswered'
const MOST_KEPT = 20
const LONGEST_KEPT = 4000

export interface Outcome {
  /** Whether there was an answer, of whatever kind. */
  readonly answered: boolean
  readonly ok: boolean
}

interface Sent<T> {
  readonly answer: Promise<T>
  settledAt: number | null
}

type Store = Pick<Storage, 'getItem' | 'setItem'>

/**
 * Sends the same request once, however often it is asked for: while it is under way, and right after, the second gets the
 * answer of the first. A request that got no answer keeps its id for the next try, also after the page was loaded anew,
 * so that the server does not do twice what had arrived.
 */
export function createSendOnce(store: () => Store, now: () => number = Date.now) {
  const sent = new Map<string, Sent<unknown>>()

  return function sendOnce<T extends Outcome>(
    request: string,
    attempt: (id: string) => Promise<T>,
  ): Promise<T> {
    const signature = shortened(request)
    for (const [other, { settledAt }] of sent) {
      const over = settledAt !== null && (other !== signature || now() - settledAt > SAME_CLICK_MS)
      if (over) sent.delete(other)
    }
    const before = sent.get(signature) as Sent<T> | undefined
    if (before) return before.answer
    const id = idFor(store, signature)
    const answer = attempt(id)
    const entry: Sent<T> = { answer, settledAt: null }
    sent.set(signature, entry)
    void answer.then(({ answered, ok }) => {
      if (answered) forget(store, signature)
      if (ok) entry.settledAt = now()
      else sent.delete(signature)
    })
    return answer
  }
}

/** A photo would fill the store: of a long request its beginning, its length and a sum of its letters are kept. */
function shortened(request: string): string {
  if (request.length <= LONGEST_KEPT) return request
  let sum = 0
  for (let at = 0; at < request.length; at++) {
    sum = (Math.imul(sum, 31) + request.charCodeAt(at)) | 0
  }
  return `${request.slice(0, LONGEST_KEPT)}… ${request.length} ${sum}`
}

type Kept = readonly (readonly [signature: string, id: string])[]

function idFor(store: () => Store, signature: string): string {
  const kept = read(store)
  const known = kept.find(([other]) => other === signature)
  if (known) return known[1]
  const id = newId()
  write(store, [...kept, [signature, id] as const].slice(-MOST_KEPT))
  return id
}

function forget(store: () => Store, signature: string): void {
  write(
    store,
    read(store).filter(([other]) => other !== signature),
  )
}

function read(store: () => Store): Kept {
  try {
    return JSON.parse(store().getItem(KEPT) ?? '[]') as Kept
  } catch {
    return []
  }
}

function write(store: () => Store, kept: Kept): void {
  try {
    store().setItem(KEPT, JSON.stringify(kept))
  } catch {
    // A full or forbidden store: a try after the page was loaded anew gets another id.
  }
}
