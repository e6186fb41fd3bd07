import { existsSync, rmSync, statfsSync, writeFileSync } from 'node:fs'
import { Refused } from '../problem'
import { placesIn } from './places'
import { StartError } from './startError'

/** The engine's log grows in segments of this size. */
export const SEGMENT_BYTES = 16 * 1024 * 1024
/** A write may begin a segment while the one before is still kept. */
export const WRITE_NEEDS_BYTES = 2 * SEGMENT_BYTES
/** One more segment, and what the engine writes down when it begins. */
const OPEN_NEEDS_BYTES = SEGMENT_BYTES + 4 * 1024 * 1024
/** A new database with its first segments. */
export const NEW_NEEDS_BYTES = 8 * SEGMENT_BYTES

export function freeBytes(folder: string): number {
  const { bavail, bsize } = statfsSync(folder)
  return bavail * bsize
}

/**
 * Refuses a write before it begins where the disk could fill in the middle of it; reading goes on.
 * @throws Refused 507
 */
export function requireSpaceToWrite(folder: string): void {
  const free = freeBytes(folder)
  if (free >= WRITE_NEEDS_BYTES) return
  throw new Refused(
    507,
    'disk-full',
    `The disk is nearly full: ${megabytes(free)} are free where the garden is kept, and saving needs ${megabytes(WRITE_NEEDS_BYTES)}. Nothing was saved, and everything can still be read. Free some space, then send it again.`,
  )
}

/**
 * A garden that is there is opened to be read for as long as its engine has room to begin: the reserve is given up for it.
 * @returns what is to be said where nothing can be written; null where there is room
 * @throws StartError where the disk is too full to begin with
 */
export function requireSpaceToStart(folder: string, isNew: boolean): string | null {
  const needed = isNew ? NEW_NEEDS_BYTES : WRITE_NEEDS_BYTES
  if (freeBytes(folder) >= needed) return null
  if (!isNew) rmSync(placesIn(folder).reserve, { force: true })
  const free = freeBytes(folder)
  const full = `The disk of the data folder ${folder} is nearly full: ${megabytes(free)} are free, ${megabytes(needed)} are needed.`
  if (isNew || free < OPEN_NEEDS_BYTES) {
    throw new StartError(
      `${full} Free some space, or set INNINGS_DATA to a folder on another disk.`,
    )
  }
  if (free >= needed) return null
  return `${full} Everything can be read; nothing is saved until some space is free.`
}

/**
 * Room that is kept back and given free when another program fills the disk in the middle of a write: the write is
 * carried through, and the next is refused.
 */
export function keepReserve(folder: string): { giveUp(): boolean; renew(): void } {
  const { reserve } = placesIn(folder)
  return {
    giveUp: () => {
      const was = existsSync(reserve)
      rmSync(reserve, { force: true })
      return was
    },
    renew: () => {
      if (existsSync(reserve)) return
      if (freeBytes(folder) < WRITE_NEEDS_BYTES + NEW_NEEDS_BYTES) return
      writeFileSync(reserve, Buffer.alloc(WRITE_NEEDS_BYTES))
    },
  }
}

export function megabytes(bytes: number): string {
  return `${(bytes / 1e6).toFixed(bytes < 1e7 ? 1 : 0)} MB`
}
