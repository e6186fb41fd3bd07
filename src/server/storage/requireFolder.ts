import {
  accessSync,
  constants,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmdirSync,
  statSync,
} from 'node:fs'
import path from 'node:path'
import { listCopies } from './copies'
import { placesIn } from './places'
import { StartError } from './startError'

/** The engine's own format; each major version has another. */
const FORMAT = '18'
/** Without these the engine would make a new database over what is there, or stop without a word. */
const NEEDED = ['PG_VERSION', 'global/pg_control', 'postgresql.conf', 'pg_wal', 'base']

/** Makes the data folder where it is missing. @throws StartError where it cannot be used */
export function requireDataFolder(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 })
    accessSync(folder, constants.R_OK | constants.W_OK | constants.X_OK)
  } catch (error) {
    throw new StartError(
      `The data folder ${folder} cannot be written (${reasonOf(error)}): give yourself the right to it, or set INNINGS_DATA to another folder.`,
    )
  }
}

/**
 * Whether a garden stands in the folder; looked at before the engine is let near it.
 * @throws StartError when something else stands in its place, parts are missing or may not be read
 */
export function findGarden(dataFolder: string): boolean {
  const { database } = placesIn(dataFolder)
  if (!existsSync(database)) {
    requireNoCopies(dataFolder)
    return false
  }
  if (!statSync(database).isDirectory()) {
    throw new StartError(
      `In the data folder ${dataFolder}, "database" is a file that Innings did not write: move it away, or set INNINGS_DATA to another folder.`,
    )
  }
  const entries = readable(dataFolder, () => readdirSync(database))
  if (entries.length === 0) {
    rmdirSync(database)
    requireNoCopies(dataFolder)
    return false
  }
  const missing = NEEDED.filter((name) => !existsSync(path.join(database, name)))
  if (missing.length === NEEDED.length) {
    throw new StartError(
      `In the data folder ${dataFolder}, "database" holds files that Innings did not write (${entries.slice(0, 3).join(', ')}): move it away, or set INNINGS_DATA to another folder.`,
    )
  }
  if (missing.length > 0) throw damaged(dataFolder, `${missing.join(' and ')} is missing`)
  const format = readable(dataFolder, () => readFileSync(path.join(database, 'PG_VERSION'), 'utf8'))
  if (format.trim() !== FORMAT) {
    throw new StartError(
      `The garden in ${dataFolder} was written in another format (${format.trim()}, this Innings reads ${FORMAT}): use the Innings that wrote it.`,
    )
  }
  requireReadable(dataFolder, database)
  return true
}

/** The garden cannot be opened: what was found, and the way back. */
export function damaged(dataFolder: string, found: string): StartError {
  const [newest] = listCopies(dataFolder)
  const way = newest
    ? `The newest good copy was taken on ${dayOf(newest.takenAt)}: "npm run restore -- ${newest.name}" puts it back and keeps what is there beside it.`
    : `There is no copy in ${placesIn(dataFolder).backups}: put back a copy of the folder that you made yourself.`
  return new StartError(`The garden in ${dataFolder} cannot be opened: ${found}. ${way}`)
}

/** A garden that is gone while its copies are there was lost, not never made. */
function requireNoCopies(dataFolder: string): void {
  const { unfinished } = placesIn(dataFolder)
  if (listCopies(dataFolder).length > 0 && !existsSync(unfinished)) {
    throw damaged(dataFolder, 'its folder "database" is gone')
  }
}

function requireReadable(dataFolder: string, folder: string): void {
  for (const entry of readable(dataFolder, () => readdirSync(folder, { withFileTypes: true }))) {
    const place = path.join(folder, entry.name)
    if (entry.isDirectory()) requireReadable(dataFolder, place)
    readable(dataFolder, () => accessSync(place, constants.R_OK | constants.W_OK))
  }
}

function readable<T>(dataFolder: string, look: () => T): T {
  try {
    return look()
  } catch (error) {
    const { path: place } = error as NodeJS.ErrnoException
    throw new StartError(
      `In the data folder ${dataFolder}, ${place ?? 'a file'} cannot be read and written (${reasonOf(error)}): give yourself the right to everything in the folder.`,
    )
  }
}

function reasonOf(error: unknown): string {
  const code = (error as NodeJS.ErrnoException).code ?? 'unknown'
  const words: Record<string, string> = {
    EACCES: 'no permission',
    EPERM: 'no permission',
    EROFS: 'the disk is read-only',
    ENOSPC: 'the disk is full',
    ENOTDIR: 'part of the path is a file',
    EEXIST: 'it is a file',
  }
  return words[code] ?? code
}

function dayOf(at: Date): string {
  return at.toLocaleDateString('en-GB', { dateStyle: 'medium' })
}
