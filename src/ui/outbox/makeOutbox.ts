import { gardenHere } from '../gardenHere'
import { newId } from '../newId'
import { createOutbox, type Means, type News, type Outbox, type Told } from './outbox'
import { post } from './post'
import { openStore } from './store'
import { toldSince } from './toldHere'

const AGAIN_MS = 4_000
const LONGEST_AGAIN_MS = 30_000
const MOST_TOLD = 200
/** A page that takes longer than this to come back is not waited for. */
const LEFT_WITHIN_MS = 60_000

/**
 * The outbox of this browser; from now on it sends what waits by itself.
 * @param channel on which pages of this browser tell each other
 */
export async function makeOutbox(channel: BroadcastChannel | null): Promise<Outbox> {
  const outbox = await createOutbox({
    store: await openStore(),
    holder: tabId(),
    now: Date.now,
    newId,
    post,
    garden: gardenHere,
    later: (work, ms) => setTimeout(work, ms),
    ...wire(channel),
  })
  keepSending(outbox)
  askBeforeLoss(outbox)
  return outbox
}

/**
 * What this page alone remembers must not be closed by a slip. Only then anybody is asked: a page that always may ask
 * is left later, not kept for the way back, and one that is closed while it loads itself anew would not close.
 */
function askBeforeLoss(outbox: Outbox): void {
  const ask = (event: BeforeUnloadEvent) => event.preventDefault()
  const look = () => {
    if (outbox.isForgetful()) window.addEventListener('beforeunload', ask)
    else window.removeEventListener('beforeunload', ask)
  }
  outbox.subscribe(look)
  look()
}

/** Tells and hears news, and tells a page that came later what it missed. */
function wire(channel: BroadcastChannel | null): Pick<Means, 'tell' | 'hear'> {
  const told: { readonly atMs: number; readonly news: News }[] = []
  // The page before in this tab may have been left between an answer and the telling of it.
  for (const news of toldSince(Date.now() - LEFT_WITHIN_MS)) {
    channel?.postMessage({ kind: 'again', news } satisfies Told)
  }
  const hear = (listener: (told: Told) => void) =>
    channel?.addEventListener('message', ({ data }: MessageEvent<Told>) => listener(data))
  hear((asked) => {
    if (asked.kind !== 'asks') return
    for (const { atMs, news } of told) {
      if (atMs >= asked.sinceMs) channel?.postMessage({ kind: 'again', news } satisfies Told)
    }
  })
  return {
    tell(news) {
      if (news.kind !== 'changed') told.push({ atMs: Date.now(), news })
      if (told.length > MOST_TOLD) told.shift()
      channel?.postMessage(news)
    },
    hear: (listener) => {
      hear((heard) => {
        if (heard.kind !== 'asks') listener(heard)
      })
    },
  }
}

/** The same through a reload of this tab: what it was sending then it goes on with at once. */
function tabId(): string {
  try {
    const kept = sessionStorage.getItem('tab') ?? newId()
    sessionStorage.setItem('tab', kept)
    return kept
  } catch {
    return newId()
  }
}

/** Soon at first, later less often; at once when there is a connection again or somebody looks at the page. */
function keepSending(outbox: Outbox): void {
  let waitMs = AGAIN_MS
  let timer: ReturnType<typeof setTimeout>
  const again = async () => {
    clearTimeout(timer)
    const waits = outbox.entries().some(({ problem }) => problem === null)
    if (waits) await outbox.flush()
    waitMs = outbox.hold() ? Math.min(waitMs * 1.5, LONGEST_AGAIN_MS) : AGAIN_MS
    clearTimeout(timer)
    timer = setTimeout(() => void again(), waitMs)
  }
  const now = () => {
    waitMs = AGAIN_MS
    void again()
  }
  window.addEventListener('online', now)
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') now()
  })
  now()
}
