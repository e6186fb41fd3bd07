import { readFileSync, readlinkSync } from 'node:fs'
import { hostname } from 'node:os'
import { beatsStill, isListening } from './alive'

/** Who holds a folder, as its lock tells. */
export interface Holder {
  readonly pid: number
  /** When that process started, where the system tells it: tells a number that was given out again apart. */
  readonly started: string | null
  /** Where numbers of processes mean the same; earlier versions and systems without such rooms tell none. */
  readonly room: string | null
  /** The machine, and which start of it; null where the system does not tell. */
  readonly machine: string | null
  readonly boot: string | null
  readonly host: string | null
  /** Of the socket in the folder that it listens on; null where there can be none. */
  readonly socket: string | null
}

let own: Omit<Holder, 'socket'> | null = null

/** This process, as it signs a lock. */
export function thisProcess(): Omit<Holder, 'socket'> {
  own ??= {
    pid: process.pid,
    started: startedAt(process.pid),
    room: orNull(() => readlinkSync('/proc/self/ns/pid')),
    machine: orNull(() => readFileSync('/etc/machine-id', 'utf8').trim()) || null,
    boot: bootId(),
    host: hostname(),
  }
  return own
}

/** null for what no Innings wrote: such a lock has no holder. */
export function holderOf(text: string): Holder | null {
  try {
    const found = JSON.parse(text) as Partial<Holder>
    const { pid } = found
    if (typeof pid !== 'number' || !Number.isInteger(pid) || pid < 1) return null
    const word = (value: unknown) => (typeof value === 'string' ? value : null)
    return {
      pid,
      started: word(found.started),
      room: word(found.room),
      machine: word(found.machine),
      boot: word(found.boot),
      host: word(found.host),
      socket: word(found.socket),
    }
  } catch {
    return null
  }
}

/**
 * Whether who holds a folder lives. Of another room or machine its number says nothing: it is asked by its socket, or its
 * lock is watched for a beat.
 */
export async function isAlive(folder: string, lock: string, holder: Holder): Promise<boolean> {
  if (isOurs(holder)) return lives(holder)
  if (holder.socket !== null && (await isListening(folder, holder.socket))) return true
  const { boot, machine } = thisProcess()
  // On this very machine a socket that nobody answers is proof; so is a start of it that is over.
  if (holder.socket !== null && boot !== null && holder.boot === boot) return false
  if (machine !== null && holder.machine === machine && holder.boot !== boot) return false
  return beatsStill(lock)
}

/** Whether the numbers of its processes mean the same here. Locks of earlier versions were this machine's. */
export function isOurs({ room, boot, host }: Holder): boolean {
  const mine = thisProcess()
  const isEarlier = room === null && boot === null && host === null
  return (
    isEarlier || (room === mine.room && boot === mine.boot && (room !== null || host === mine.host))
  )
}

/** Whether a process of this room lives and is the one that wrote the lock. */
export function lives({ pid, started }: Holder): boolean {
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
  return orNull(() => {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8')
    // The process name in brackets may hold spaces; the start time is field 22, the 20th after it.
    const ticks = stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19]
    const boot = bootId()
    return ticks && boot ? `${ticks} ${boot}` : null
  })
}

function bootId(): string | null {
  return orNull(() => readFileSync('/proc/sys/kernel/random/boot_id', 'utf8').trim())
}

function orNull<T>(read: () => T): T | null {
  try {
    return read()
  } catch {
    return null
  }
}

export function codeOf(error: unknown): string | undefined {
  return (error as NodeJS.ErrnoException).code
}
