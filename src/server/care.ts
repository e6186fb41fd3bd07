import { readdirSync } from 'node:fs'
import path from 'node:path'
import { forgetOldAnswers } from '../data/requests'
import { readSite } from '../data/site'
import { dayAt, now } from './clock'
import { type Config, readConfig } from './config'
import { type Opened, opened } from './database'
import { logFailure, newFailureId } from './log'
import { summarizeAllLots } from './lots'
import { lull } from './lull'
import { bringCopies } from './storage/bringCopies'
import { listCopies } from './storage/copies'
import { freeBytes, megabytes, WRITE_NEEDS_BYTES } from './storage/freeSpace'
import { missedCopy, tellMissedCopy } from './storage/missedCopy'
import { bytesOf } from './storage/packFolder'
import { placesIn } from './storage/places'
import { stopCopy, takeCopy } from './storage/takeCopy'
import { tidyTables } from './storage/tidyTables'

const FIRST_MS = 5_000
const EVERY_MS = 10 * 60_000
/** The engine runs alone and never shortens its log by itself. */
const SEGMENTS_BEFORE_CHECKPOINT = 3
/** What a garden needs while it is open: a short log, a copy of each day. @returns ends it */
export function careForGarden(): () => void {
  let stopped = false
  let timer: NodeJS.Timeout
  let summarizedOn = ''
  const mayGoOn = async () => {
    if (!stopped) await lull()
    return !stopped
  }
  const round = async () => {
    try {
      await careOnce()
      // A new day ends rests and seasons: lots are seen anew.
      const { db } = await opened()
      const today = dayAt((await readSite(db)).timeZone, now())
      if (summarizedOn !== today) await summarizeAllLots(db, mayGoOn)
      summarizedOn = today
    } catch (error) {
      logFailure({ id: newFailureId(), what: 'care', error })
    }
    if (!stopped) timer = setTimeout(round, EVERY_MS).unref()
  }
  timer = setTimeout(round, FIRST_MS).unref()
  return () => {
    stopped = true
    clearTimeout(timer)
    stopCopy()
  }
}

async function careOnce(): Promise<void> {
  const config = readConfig()
  const open = await opened()
  open.renewReserve()
  if (freeBytes(config.dataFolder) < WRITE_NEEDS_BYTES) return
  await forgetOldAnswers(open.db, now())
  await tidyTables(open.client)
  await shortenLog(open, config)
  if (config.dailyCopies) await copyOfToday(open, config)
}

async function shortenLog({ client }: Opened, { dataFolder }: Config): Promise<void> {
  const log = path.join(placesIn(dataFolder).database, 'pg_wal')
  const segments = readdirSync(log).filter((name) => /^[0-9A-F]{24}$/.test(name))
  if (segments.length > SEGMENTS_BEFORE_CHECKPOINT) await client.exec('checkpoint')
}

async function copyOfToday(
  { client, db }: Opened,
  { dataFolder, copiesTo }: Config,
): Promise<void> {
  const { timeZone } = await readSite(db)
  const today = dayAt(timeZone, now())
  if (listCopies(dataFolder).some(({ name }) => name === today)) {
    return bringAlong(dataFolder, today, copiesTo)
  }
  // The files are copied aside, packed, and unpacked again: room for two of the three, and for what is written meanwhile.
  const needed = 2 * bytesOf(placesIn(dataFolder).database) + WRITE_NEEDS_BYTES
  const free = freeBytes(dataFolder)
  if (free < needed) {
    const isTold = missedCopy()?.day === today
    const room = { free: megabytes(free), needed: megabytes(needed) }
    tellMissedCopy({ day: today, room, isHere: false })
    if (isTold) return
    throw new Error(
      `No copy could be taken on ${today}: ${room.free} are free where the garden is kept, and it needs ${room.needed}.`,
    )
  }
  try {
    await takeCopy(client, dataFolder, today)
  } catch (error) {
    tellMissedCopy({ day: today, room: null, isHere: false })
    throw error
  }
  await bringAlong(dataFolder, today, copiesTo)
}

/** Brings copies to the second folder, where there is one. */
async function bringAlong(dataFolder: string, day: string, to: string | null): Promise<void> {
  try {
    if (to !== null) await bringCopies(dataFolder, to)
    tellMissedCopy(null)
  } catch (error) {
    const isTold = missedCopy()?.day === day
    tellMissedCopy({ day, room: null, isHere: true })
    if (!isTold) throw error
  }
}
