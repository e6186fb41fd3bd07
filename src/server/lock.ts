import { closeSync, openSync, readFileSync, renameSync, rmSync, writeSync } from 'node:fs'
import path from 'node:path'
import { StartError } from './config'

export interface FolderLock {
  release(): void
}

interface Holder {
  readonly pid: number
  /** Start time of that process in clock ticks, where the system tells it: tells a reused pid apart. */
  readonly started: string | null
}

/**
 * Takes the data folder for this process. The database itself has no lock: two processes on one folder would both
 * open it and lose rows silently.
 * @throws StartError when another living process holds the folder, or the folder cannot be written
 */
export function lockFolder(folder: string): FolderLock {
  const file = path.join(folder, 'innings.lock')
  for (let attempt = 0; attempt < 5; attempt++) {
    const handle = tryCreate(file)
    if (handle !== null) {
      const me: Holder = { pid: process.pid, started: startedAt(process.pid) }
      writeSync(handle, JSON.stringify(me))
      closeSync(handle)
      return { release: () => rmSync(file, { force: true }) }
    }
    const holder = readHolder(file)
    if (holder && isAlive(holder)) {
      throw new StartError(
        `The data folder ${folder} is open in another Innings (process ${holder.pid}): close that one first.`,
      )
    }
    moveStaleAside(file)
  }
  throw new StartError(
    `The data folder ${folder} could not be locked: is another Innings starting?`,
  )
}

function tryCreate(file: string): number | null {
  try {
    return openSync(file, 'wx')
  } catch (error) {
    if (codeOf(error) === 'EEXIST') return null
    throw new StartError(`The data folder ${path.dirname(file)} cannot be written.`)
  }
}

function readHolder(file: string): Holder | null {
  try {
    return JSON.parse(readFileSync(file, 'utf8')) as Holder
  } catch {
    return null
  }
}

function isAlive({ pid, started }: Holder): boolean {
  if (pid === process.pid) return started === startedAt(pid)
  try {
    process.kill(pid, 0)
  } catch (error) {
    if (codeOf(error) === 'ESRCH') return false
  }
  const startedNow = startedAt(pid)
  return started === null || startedNow === null || started === startedNow
}

/** Renaming is atomic: of two processes that find the same stale lock only one moves it. */
function moveStaleAside(file: string): void {
  const aside = `${file}.stale-${process.pid}`
  try {
    renameSync(file, aside)
    rmSync(aside, { force: true })
  } catch (error) {
    if (codeOf(error) !== 'ENOENT') throw error
  }
}

function startedAt(pid: number): string | null {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8')
    // The process name in brackets may hold spaces; the start time is field 22, the 20th after it.
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19] ?? null
  } catch {
    return null
  }
}

function codeOf(error: unknown): string | undefined {
  return (error as NodeJS.ErrnoException).code
}
