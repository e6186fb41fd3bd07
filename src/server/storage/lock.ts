import { linkSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { beat, listenAlive, removeDeadSockets } from './alive'
import { codeOf, type Holder, holderOf, isAlive, isOurs, lives, thisProcess } from './holder'
import { placesIn } from './places'
import { StartError } from './startError'

export interface FolderLock {
  release(): void
}

/** A takeover that was cut short leaves a guard behind, which is taken over in the same way; deeper than this is foul. */
const DEEPEST = 4
const WAIT_MS = 2000
const PAUSE_MS = 5

/**
 * Takes the data folder for this process. The engine itself has no lock: two processes on one folder would both open it
 * and lose rows silently. The lock appears whole (written beside, then linked: the link fails where one is), so that
 * there is no moment without a holder. Whether a holder lives is told by its number only where numbers of processes mean
 * the same to both; elsewhere (a container, another machine) by a socket in the folder that it listens on, or by the
 * beat of its lock.
 * @throws StartError when another living process holds the folder, or it cannot be locked
 */
export async function lockFolder(folder: string): Promise<FolderLock> {
  const { lock } = placesIn(folder)
  const listening = await listenAlive(folder)
  const own = `${lock}.${process.pid}-${Math.random().toString(36).slice(2)}`
  const text = JSON.stringify({ ...thisProcess(), socket: listening?.name ?? null })
  try {
    const holder = await inOneSentence(folder, async () => {
      writeFileSync(own, text, { flag: 'wx' })
      try {
        return await take(folder, lock, own, text)
      } finally {
        rmSync(own, { force: true })
      }
    })
    if (holder) {
      throw new StartError(
        `The data folder ${folder} is open in another Innings (process ${holder.pid}${holder.host && holder.host !== thisProcess().host ? ` on ${holder.host}` : ''}): close that one first.`,
      )
    }
  } catch (error) {
    listening?.close()
    throw error
  }
  removeDeadSockets(folder)
  const beating = beat(lock, text)
  return {
    release: () => {
      beating.end()
      releaseOwn(lock, text)
      listening?.close()
    },
  }
}

async function inOneSentence<T>(folder: string, work: () => Promise<T>): Promise<T> {
  try {
    return await work()
  } catch (error) {
    throw new StartError(
      `The data folder ${folder} could not be locked (${codeOf(error) ?? error}): set INNINGS_DATA to a folder on a disk of this machine that you may write to.`,
    )
  }
}

/** @returns null when the lock is ours, else who holds it */
async function take(
  folder: string,
  lock: string,
  own: string,
  text: string,
): Promise<Holder | null> {
  for (;;) {
    if (tryLink(own, lock)) return null
    const found = readText(lock)
    if (found === null) continue
    const holder = holderOf(found)
    if (holder && (await isAlive(folder, lock, holder))) return holder
    if (takeOver(lock, found, own, text)) return null
  }
}

/**
 * Replaces a stale lock, which only who holds the guard does, and only while it is still the one that was looked at. A
 * takeover that was cut short leaves a guard behind, which is taken over in the same way.
 */
function takeOver(lock: string, found: string, own: string, text: string): boolean {
  takeGuard(`${lock}.guard`, own, text, 1)
  try {
    return readText(lock) === found && replace(own, lock)
  } finally {
    releaseOwn(`${lock}.guard`, text)
  }
}

/** A guard is held for a blink by processes of this machine: one that stands for seconds was left behind. */
function takeGuard(guard: string, own: string, text: string, depth: number): void {
  if (depth >= DEEPEST) throw new Error('too many abandoned guards')
  let seen = ''
  let since = Date.now()
  for (;;) {
    if (tryLink(own, guard)) return
    const found = readText(guard)
    if (found === null) continue
    if (found !== seen) {
      seen = found
      since = Date.now()
    }
    if (Date.now() - since > WAIT_MS || isSurelyGone(found)) {
      takeGuard(`${guard}.guard`, own, text, depth + 1)
      try {
        if (readText(guard) === found && replace(own, guard)) return
      } finally {
        releaseOwn(`${guard}.guard`, text)
      }
    }
    pause()
  }
}

function isSurelyGone(text: string): boolean {
  const holder = holderOf(text)
  return holder === null || (isOurs(holder) && !lives(holder))
}

function tryLink(own: string, lock: string): boolean {
  try {
    linkSync(own, lock)
    return true
  } catch (error) {
    if (codeOf(error) === 'EEXIST') return false
    throw error
  }
}

/**
 * One rename over the stale lock. A folder of that name, which nobody could hold, is moved out of the way first; then
 * another process may come in between.
 */
function replace(own: string, lock: string): boolean {
  if (statSync(lock).isDirectory()) {
    renameSync(lock, `${lock}.aside-${Date.now()}`)
    return tryLink(own, lock)
  }
  const copy = `${own}.in`
  linkSync(own, copy)
  renameSync(copy, lock)
  return true
}

function releaseOwn(lock: string, text: string): void {
  if (readText(lock) === text) rmSync(lock, { force: true })
}

/** What stands in the lock; empty for a folder; null where there is none. */
function readText(file: string): string | null {
  try {
    return readFileSync(file, 'utf8')
  } catch (error) {
    if (codeOf(error) === 'ENOENT') return null
    if (codeOf(error) === 'EISDIR') return ''
    throw error
  }
}

function pause(): void {
  Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, PAUSE_MS)
}
