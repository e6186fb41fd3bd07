import {
  closeSync,
  existsSync,
  openSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  utimesSync,
} from 'node:fs'
import { connect, createServer } from 'node:net'
import path from 'node:path'
import { setTimeout } from 'node:timers/promises'

const ENDING = '.alive'
/** A socket's name has room for little more on any system. */
const LONGEST_NAME = 100
const JUST_MADE_MS = 60_000
const BEAT_MS = 2_000
/** Longer than any answer holds up the one that beats. */
const WATCHED_MS = 20_000

export interface Listening {
  readonly name: string
  close(): void
}

/**
 * A socket in the folder for as long as this process lives; the system closes it with the process, however that ends.
 * @returns null where the folder can hold none
 */
export async function listenAlive(folder: string): Promise<Listening | null> {
  if (process.platform === 'win32') return null
  const name = `${process.pid}-${Math.random().toString(36).slice(2, 10)}${ENDING}`
  const place = reachable(folder, name)
  if (!place) return null
  const server = createServer((socket) => socket.destroy())
  const isOpen = await new Promise<boolean>((resolve) => {
    server.once('error', () => resolve(false))
    server.listen(place.address, () => resolve(true))
  })
  server.unref()
  place.close()
  if (!isOpen) return null
  return {
    name,
    close: () => {
      server.close()
      rmSync(path.join(folder, name), { force: true })
    },
  }
}

/** Whether somebody listens there, in whatever room of this machine. */
export async function isListening(folder: string, name: string): Promise<boolean> {
  if (path.basename(name) !== name || !name.endsWith(ENDING)) return false
  const place = reachable(folder, name)
  if (!place) return false
  const isThere = await new Promise<boolean>((resolve) => {
    const socket = connect(place.address)
    const end = (answer: boolean) => {
      socket.destroy()
      resolve(answer)
    }
    socket
      .once('connect', () => end(true))
      .once('error', (error) => {
        // Whoever has no time to answer lives.
        end(['EAGAIN', 'EACCES', 'EPERM'].includes((error as NodeJS.ErrnoException).code ?? ''))
      })
  })
  place.close()
  return isThere
}

/** A folder with a long name is reached by its handle, where the system lends that. */
function reachable(folder: string, name: string): { address: string; close: () => void } | null {
  const address = path.join(folder, name)
  if (address.length <= LONGEST_NAME) return { address, close: () => {} }
  try {
    const handle = openSync(folder, 'r')
    const short = `/proc/self/fd/${handle}`
    if (existsSync(short))
      return { address: path.join(short, name), close: () => closeSync(handle) }
    closeSync(handle)
  } catch {
    // Whoever looks for the folder next says why it cannot be opened.
  }
  return null
}

/** Removes sockets of processes that were killed; called by who holds the folder. Those just made may not listen yet. */
export function removeDeadSockets(folder: string): void {
  for (const name of readdirSync(folder).filter((one) => one.endsWith(ENDING))) {
    const made = statSync(path.join(folder, name), { throwIfNoEntry: false })?.mtimeMs ?? Date.now()
    if (Date.now() - made < JUST_MADE_MS) continue
    void isListening(folder, name).then((isThere) => {
      if (!isThere) rmSync(path.join(folder, name), { force: true })
    })
  }
}

export interface Beating {
  end(): void
}

/** Sets the time of a lock anew every two seconds, for those who can ask in no other way. */
export function beat(lock: string, text: string): Beating {
  const timer = setInterval(() => {
    try {
      if (readFileSync(lock, 'utf8') !== text) return
      const now = new Date()
      utimesSync(lock, now, now)
    } catch {
      // A disk that does not answer: the next beat comes.
    }
  }, BEAT_MS)
  timer.unref()
  return { end: () => clearInterval(timer) }
}

/** Watches a lock until its time changes; false where it does not for longer than its holder could be busy. */
export async function beatsStill(lock: string, watchedMs = WATCHED_MS): Promise<boolean> {
  const timeOf = () => statSync(lock, { throwIfNoEntry: false })?.mtimeMs ?? null
  const first = timeOf()
  for (let waited = 0; waited < watchedMs; waited += BEAT_MS / 4) {
    await setTimeout(BEAT_MS / 4)
    const now = timeOf()
    if (now === null) return false
    if (now !== first) return true
  }
  return false
}
