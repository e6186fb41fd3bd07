import { readFileSync } from 'node:fs'
import path from 'node:path'
import type { PGlite } from '@electric-sql/pglite'
import { drizzle, type PgliteDatabase } from 'drizzle-orm/pglite'
import { migrate } from 'drizzle-orm/pglite/migrator'
import { seedDemo } from '../data/demo'
import { declareTopics } from '../data/kept'
import { mendReversals } from '../data/media'
import { prepareData } from '../data/prepare'
import { projectRoot } from '../data/projectRoot'
import * as schema from '../data/schema'
import { now } from './clock'
import { type Config, readConfig } from './config'
import { summarizeChangedLots } from './lots'
import { checkGarden, countRows } from './storage/checkGarden'
import { copyFile, pruneCopies } from './storage/copies'
import { openEngine } from './storage/engine'
import { FlushedFiles } from './storage/flushedFiles'
import { keepReserve, requireSpaceToStart } from './storage/freeSpace'
import { renewGardenId } from './storage/gardenId'
import { type FolderLock, lockFolder } from './storage/lock'
import { tellLostRows } from './storage/lostRows'
import { makeDatabase } from './storage/makeDatabase'
import { packCopy } from './storage/packCopy'
import { findDamagedPage } from './storage/pageHeaders'
import { placesIn } from './storage/places'
import { damaged, findGarden, requireDataFolder } from './storage/requireFolder'
import { forgetRowsOfCopy, lostSince, readRowsOfCopy } from './storage/rowsOfCopy'
import { StartError } from './storage/startError'
import { summarizeTrials } from './trials'

export type { Database as OpenDatabase } from '../data/database'

type Tables = PgliteDatabase<typeof schema>

export interface Opened {
  readonly db: Tables
  readonly client: PGlite
  readonly lock: FolderLock
  readonly dataFolder: string
  /** Makes room again that was given up when the disk was full. */
  readonly renewReserve: () => void
}

const MIGRATIONS = path.join(projectRoot(), 'src', 'data', 'migrations')

// One open database a process, whatever reloads the modules: two instances on a folder would lose rows.
const shared = globalThis as { inningsDatabase?: Promise<Opened> | undefined }

/** The open database; opens it at the first call. */
export async function database(): Promise<Tables> {
  return (await opened()).db
}

/** The open database with its engine, for its care; opens it at the first call. */
export function opened(): Promise<Opened> {
  shared.inningsDatabase ??= open()
  return shared.inningsDatabase
}

/** Closes it cleanly and gives the folder free. */
export async function closeDatabase(): Promise<void> {
  const opening = shared.inningsDatabase
  shared.inningsDatabase = undefined
  if (!opening) return
  const { client, lock } = await opening
  await client.close()
  lock.release()
}

async function open(): Promise<Opened> {
  const config = readConfig()
  const { dataFolder } = config
  requireDataFolder(dataFolder)
  const lock = await lockFolder(dataFolder)
  try {
    const isNew = !findGarden(dataFolder)
    const full = requireSpaceToStart(dataFolder, isNew)
    if (full) process.stderr.write(`${full}\n`)
    if (isNew) {
      await makeDatabase(dataFolder, fillNew)
      renewGardenId(dataFolder)
    }
    const reserve = keepReserve(dataFolder)
    reserve.renew()
    const client = await openGarden(dataFolder, reserve.giveUp)
    const db = drizzle(client, { schema })
    await bringUpToDate(client, db, config)
    return { db, client, lock, dataFolder, renewReserve: reserve.renew }
  } catch (error) {
    lock.release()
    throw error
  }
}

async function fillNew(client: PGlite): Promise<void> {
  const db = drizzle(client, { schema })
  await migrate(db, { migrationsFolder: MIGRATIONS })
  await declareTopics(db)
  await prepareData(db, now())
}

async function openGarden(dataFolder: string, giveUp: () => boolean): Promise<PGlite> {
  const folder = placesIn(dataFolder).database
  const onFull = (inLog: boolean): boolean => {
    if (giveUp()) return true
    // All that was answered is flushed. Without room for its log the engine would never answer again.
    if (inLog) stopFull(dataFolder)
    return false
  }
  try {
    const client = await openEngine(folder, new FlushedFiles(folder, onFull))
    await client.query('select 1')
    await requireSound(client, dataFolder)
    return client
  } catch (error) {
    if (error instanceof StartError) throw error
    throw damaged(dataFolder, 'its database is damaged')
  }
}

/**
 * Damage that the engine itself would not notice: pages that were cut or overwritten are refused; rows that the newest
 * copy holds and that are gone are told to the manager on every page.
 */
async function requireSound(client: PGlite, dataFolder: string): Promise<void> {
  const found = findDamagedPage(placesIn(dataFolder).database)
  if (found) {
    await client.close().catch(() => {})
    throw damaged(dataFolder, found)
  }
  const last = readRowsOfCopy(dataFolder)
  if (!last) return tellLostRows(null)
  const lost = lostSince(await countRows(client), last.rows)
  tellLostRows(lost.length > 0 ? { copy: last.name, tables: lost } : null)
  if (lost.length > 0) {
    process.stderr.write(
      `Fewer rows are in the garden than in its copy of ${last.name} (${lost.map(({ table, now, before }) => `${table}: ${now} of ${before}`).join(', ')}): "npm run restore -- ${last.name}" puts that back.\n`,
    )
  }
}

async function bringUpToDate(client: PGlite, db: Tables, config: Config): Promise<void> {
  const { dataFolder, demo } = config
  try {
    await applyMigrations(client, db, dataFolder, MIGRATIONS)
    await prepareData(db, now())
    if (demo) await seedDemo(db, now())
    await mendReversals(db, now())
    await summarizeChangedLots(db)
    await summarizeTrials(db)
  } catch (error) {
    await client.close().catch(() => {})
    if (error instanceof StartError) throw error
    throw damaged(dataFolder, 'some of its tables cannot be read')
  }
}

/** Brings the tables up to date; a copy of the data is taken before a migration that is new to it. */
export async function applyMigrations(
  client: PGlite,
  db: Tables,
  folder: string,
  migrationsFolder: string,
): Promise<void> {
  const journal = JSON.parse(
    readFileSync(path.join(migrationsFolder, 'meta', '_journal.json'), 'utf8'),
  ) as { entries: readonly { tag: string }[] }
  const applied = await countApplied(client)
  if (applied > journal.entries.length) {
    throw new StartError(
      `The garden in ${folder} was written by a newer Innings: update the program first. Nothing was changed.`,
    )
  }
  const next = journal.entries[applied]
  if (next && applied > 0) {
    await copyBeforeUpdate(client, folder, `before-${next.tag}`)
    forgetRowsOfCopy(folder)
  }
  await migrate(db, { migrationsFolder })
  await declareTopics(db)
}

async function copyBeforeUpdate(client: PGlite, folder: string, name: string): Promise<void> {
  try {
    const file = copyFile(folder, name)
    process.stdout.write('The tables of the garden change: a copy of it is taken first.\n')
    await client.exec('checkpoint')
    await packCopy(placesIn(folder).database, await checkGarden(client), file)
  } catch (error) {
    const reason = (error as NodeJS.ErrnoException).code ?? (error as Error).message
    throw new StartError(
      `Before this update a copy of the garden in ${folder} is taken, and it could not be made (${reason}): free some space on that disk and start again. Nothing was changed.`,
    )
  }
  pruneCopies(folder)
}

async function countApplied(client: PGlite): Promise<number> {
  const there = await client.query<{ found: string | null }>(
    `select to_regclass('drizzle.__drizzle_migrations')::text as found`,
  )
  if (!there.rows[0]?.found) return 0
  const { rows } = await client.query<{ count: number }>(
    'select count(*)::int as count from drizzle.__drizzle_migrations',
  )
  return rows[0]?.count ?? 0
}

function stopFull(dataFolder: string): never {
  process.stderr.write(
    `Innings stopped: the disk of ${dataFolder} is full. Everything that was saved is kept; free some space and start it again.\n`,
  )
  process.exit(1)
}
