import { type DBSchema, type IDBPDatabase, openDB } from 'idb'
import type { Entry } from './entry'

/** Where entries are kept until they were answered. */
export interface Store {
  /** Whether they are there still when the page was closed. */
  readonly isLasting: boolean
  /** In the order they were entered. */
  all(): Promise<readonly Entry[]>
  /** Keeps a new entry, and gives it its place in the queue. */
  add(entry: Omit<Entry, 'order'>): Promise<Entry>
  put(entry: Entry): Promise<void>
  remove(entry: Entry): Promise<void>
  /**
   * Takes the right to send for some time, renews it, or finds that another page has it.
   * @param untilMs 0 gives it back
   */
  takeTurn(holder: string, nowMs: number, untilMs: number, lane: Lane): Promise<boolean>
}

/** What is light and what is bulky go apart, each in its order. */
export type Lane = 'light' | 'bulky'

interface Tables extends DBSchema {
  entries: { key: number; value: Entry }
  turns: { key: string; value: { readonly holder: string; readonly untilMs: number } }
}

const NAME = 'innings-outbox'
const VERSION = 1
const OPEN_WITHIN_MS = 4000
/** By lane; the light one had no name at first. */
const TURNS: Readonly<Record<Lane, string>> = { light: 'turn', bulky: 'turn-bulky' }

/** The page's own database; where the browser allows none, or its disk is full, the memory of the page. */
export async function openStore(): Promise<Store> {
  try {
    const open = openDB<Tables>(NAME, VERSION, {
      upgrade(db) {
        db.createObjectStore('entries', { keyPath: 'order', autoIncrement: true })
        db.createObjectStore('turns')
      },
    })
    const tooLong = new Promise<never>((_, reject) => {
      setTimeout(() => reject(new Error('the database did not open')), OPEN_WITHIN_MS)
    })
    const db = await Promise.race([open, tooLong])
    const isOurs = ['entries', 'turns'].every((name) =>
      db.objectStoreNames.contains(name as 'turns'),
    )
    return isOurs ? lastingStore(db) : memoryStore()
  } catch {
    return memoryStore()
  }
}

function lastingStore(db: IDBPDatabase<Tables>): Store {
  // What the disk had no room for is kept here, so that it is sent all the same while the page is open.
  const spare = memoryStore()
  return {
    get isLasting() {
      return spare.isEmpty
    },
    async all() {
      const mine = await spare.all()
      const rest = (await db.getAll('entries')).filter((entry) => !spare.has(entry))
      return [...rest, ...mine].sort((one, other) => one.order - other.order)
    },
    async add(entry) {
      try {
        const order = await db.add('entries', entry as Entry)
        return { ...entry, order }
      } catch {
        return spare.add(entry)
      }
    },
    async put(entry) {
      try {
        if (spare.has(entry)) throw new Error('It is in the memory of the page only.')
        await db.put('entries', entry)
      } catch {
        await spare.put(entry)
      }
    },
    async remove(entry) {
      await spare.remove(entry)
      await db.delete('entries', entry.order)
    },
    async takeTurn(holder, nowMs, untilMs, lane) {
      try {
        // One transaction: two pages cannot both find it free.
        const tx = db.transaction('turns', 'readwrite')
        tx.done.catch(() => undefined)
        const turn = await tx.store.get(TURNS[lane])
        const isFree = !turn || turn.holder === holder || turn.untilMs <= nowMs
        if (isFree) await tx.store.put({ holder, untilMs }, TURNS[lane])
        await tx.done
        return isFree
      } catch {
        // On a full disk nobody can take it; what is sent twice is done once all the same.
        return true
      }
    },
  }
}

/** Entries in the memory of the page: they are gone with it. */
export function memoryStore(): Store & { readonly isEmpty: boolean; has(entry: Entry): boolean } {
  const entries = new Map<number, Entry>()
  // Behind whatever the database holds.
  let order = Number.MAX_SAFE_INTEGER / 2
  const turns = new Map<Lane, { readonly holder: string; readonly untilMs: number }>()
  return {
    isLasting: false,
    get isEmpty() {
      return entries.size === 0
    },
    has: ({ order: place }) => entries.has(place),
    all: async () => [...entries.values()],
    async add(entry) {
      order += 1
      const kept = { ...entry, order }
      entries.set(order, kept)
      return kept
    },
    async put(entry) {
      entries.set(entry.order, entry)
    },
    async remove({ order: place }) {
      entries.delete(place)
    },
    async takeTurn(holder, nowMs, untilMs, lane) {
      const turn = turns.get(lane)
      const isFree = !turn || turn.holder === holder || turn.untilMs <= nowMs
      if (isFree) turns.set(lane, { holder, untilMs })
      return isFree
    },
  }
}
