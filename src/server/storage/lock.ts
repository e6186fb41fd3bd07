import { linkSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { placesIn } from './places'
import { StartError } from './startError'

export interface FolderLock {
  release(): void
}

interface Holder {
  readonly pid: number
  /** When that process started, where the system tells it: tells a number that was given out again apart. */
  readonly started: string | null
}

/** A takeover that was cut short leaves a guard behind, which is taken over in the same way; deeper than this is foul. */
const DEEPEST = 4
const WAIT_MS = 2000
const PAUSE_MS = 5

/**
 * Takes the data folder for this process. The engine itself has no lock: two processes on one folder would both open it
 * and lose rows silently. The lock appears whole (written beside, then linked: the link fails where one is), so that
 * there is no moment without a holder.
 * @throws StartError when another living process holds the folder, or it cannot be locked
 */
export function lockFolder(folder: string): FolderLock {
  const { lock } = placesIn(folder)
  const own = `${lock}.${process.pid}-${Math.random().toString(36).slice(2)}`
  const text = JSON.stringify({ pid: process.pid, started: startedAt(process.pid) })
  const holder = inOneSentence(folder, () => {
    writeFileSync(own, text, { flag: 'wx' })
    try {
      return take(lock, own, text, 0)
    } finally {
      rmSync(own, { force: true })
    }
  })
  if (holder) {
    throw new StartError(
      `The data folder ${folder} is open in another Innings (process ${holder.pid}): close that one first.`,
    )
  }
  return { release: () => releaseOwn(lock, text) }
}

function inOneSentence<T>(folder: string, work: () => T): T {
  try {
    return work()
  } catch (error) {
    throw new StartError(
      `The data folder ${folder} could not be locked (${codeOf(error) ?? error}): set INNINGS_DATA to a folder on a disk of this machine that you may write to.`,
    )
  }
}

/** @returns null when the lock is ours, else who holds it */
function take(lock: string, own: string, text: string, depth: number): Holder | null {
  const until = Date.now() + WAIT_MS
  for (;;) {
    if (tryLink(own, lock)) return null
    const found = readText(lock)
    if (found === null) continue
    const holder = holderOf(found)
    if (holder && isAlive(holder)) {
      // A guard is held for a blink: worth waiting for. The lock itself is held for days.
      if (depth === 0 || Date.now() > until) return holder
      pause()
      continue
    }
    if (depth >= DEEPEST) throw new Error('too many abandoned guards')
    const guard = `${lock}.guard`
    const guarding = take(guard, own, text, depth + 1)
    if (guarding) return guarding
    try {
      // Only who holds the guard replaces a stale lock, and only while it is still the one that was looked at.
      if (readText(lock) === found && replace(own, lock)) return null
    } finally {
      releaseOwn(guard, text)
    }
  }
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

/** null for what no Innings wrote: such a lock has no holder. */
function holderOf(text: string): Holder | null {
  try {
    const { pid, started } = JSON.parse(text) as Partial<Holder>
    if (typeof pid !== 'number' || !Number.isInteger(pid) || pid < 1) return null
    return { pid, started: typeof started === 'string' ? started : null }
  } catch {
    return null
  }
}

function isAlive({ pid, started }: Holder): boolean {
  try {
    process.kill(pid, 0)
  } catch (error) {
    if (codeOf(error) === 'ESRCH') return false
  }
  const startedNow = startedAt(pid)
  if (started === null || startedNow === null || started === startedNow) return true
  // Earlier versions wrote the ticks alone.
  return startedNow.split(' ')[0] === started
}

/** Clock ticks since the machine was started, and which start of the machine: numbers of processes come again. */
function startedAt(pid: number): string | null {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8')
    const boot = readFileSync('/proc/sys/kernel/random/boot_id', 'utf8').trim()
    // The process name in brackets may hold spaces; the start time is field 22, the 20th after it.
    const ticks = stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19]
    return ticks ? `${ticks} ${boot}` : null
  } catch {
    return null
  }
}

function pause(): void {
  Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, PAUSE_MS)
}

function codeOf(error: unknown): string | undefined {
  return (error as NodeJS.ErrnoException).code
}
