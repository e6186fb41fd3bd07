import { accessSync, constants, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { drizzle, type PgliteDatabase } from 'drizzle-orm/pglite'
import { migrate } from 'drizzle-orm/pglite/migrator'
import { seedDemo } from '../data/demo/seedDemo'
import { prepareData } from '../data/prepare'
import { projectRoot } from '../data/projectRoot'
import * as schema from '../data/schema'
import { now } from './clock'
import { readConfig, StartError } from './config'
import { type FolderLock, lockFolder } from './lock'

export type OpenDatabase = PgliteDatabase<typeof schema>

interface Opened {
  readonly db: OpenDatabase
  readonly client: PGlite
  readonly lock: FolderLock
}

const MIGRATIONS = path.join(projectRoot(), 'src', 'data', 'migrations')

// One open database a process, whatever reloads the modules: two instances on a folder would lose rows.
const shared = globalThis as { inningsDatabase?: Promise<Opened> | undefined }

/** The open database; opens it at the first call. */
export async function database(): Promise<OpenDatabase> {
  shared.inningsDatabase ??= open()
  return (await shared.inningsDatabase).db
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
  prepareFolder(config.dataFolder)
  const lock = lockFolder(config.dataFolder)
  try {
    const client = await PGlite.create(path.join(config.dataFolder, 'database'))
    const db = drizzle(client, { schema })
    await applyMigrations(client, db, config.dataFolder, MIGRATIONS)
    await prepareData(db)
    if (config.demo) await seedDemo(db, now())
    return { db, client, lock }
  } catch (error) {
    lock.release()
    throw error
  }
}

function prepareFolder(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true })
    accessSync(folder, constants.W_OK)
  } catch {
    throw new StartError(
      `The data folder ${folder} cannot be written: set INNINGS_DATA to another.`,
    )
  }
}

/** Brings the tables up to date; a copy of the data is taken before a migration that is new to it. */
export async function applyMigrations(
  client: PGlite,
  db: OpenDatabase,
  folder: string,
  migrationsFolder: string,
): Promise<void> {
  const journal = JSON.parse(
    readFileSync(path.join(migrationsFolder, 'meta', '_journal.json'), 'utf8'),
  ) as { entries: readonly { tag: string }[] }
  const applied = await countApplied(client)
  if (applied > journal.entries.length) {
    throw new StartError('This data was written by a newer Innings: update the program first.')
  }
  const next = journal.entries[applied]
  if (next && applied > 0) await backUp(client, folder, next.tag)
  await migrate(db, { migrationsFolder })
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

async function backUp(client: PGlite, folder: string, tag: string): Promise<void> {
  const backups = path.join(folder, 'backups')
  mkdirSync(backups, { recursive: true })
  const file = path.join(backups, `before-${tag}.tar.gz`)
  if (existsSync(file)) return
  const dump = await client.dumpDataDir('gzip')
  writeFileSync(file, Buffer.from(await dump.arrayBuffer()))
}
