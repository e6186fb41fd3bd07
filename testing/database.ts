import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import type { PGlite } from '@electric-sql/pglite'
import { drizzle, type PgliteDatabase } from 'drizzle-orm/pglite'
import { migrate } from 'drizzle-orm/pglite/migrator'
import { seedDemo } from '../src/data/demo'
import { declareTopics } from '../src/data/kept'
import { prepareData } from '../src/data/prepare'
import * as schema from '../src/data/schema'
import type { Opened } from '../src/server/database'
import { summarizeChangedLots } from '../src/server/lots'
import { keepSnapshot, putBack } from '../src/server/storage/gardenSnapshot'
import { summarizeTrials } from '../src/server/trials'
import { emptyEngine, openKept } from './keptEngines'
import { afterAllFiles } from './oneFileAmongMany'

export const NOW = new Date('2026-11-02T10:00:00Z')

interface InMemory {
  readonly db: PgliteDatabase<typeof schema>
  readonly client: PGlite
}

/** Gardens of this process that nobody uses, as they were at first. */
const free: InMemory[] = []

/** A database in memory with the demo garden, for one test file; put back when it is closed, for the next one. */
export async function demoDatabase() {
  const taken = free.pop() ?? (await openDemo())
  return {
    ...taken,
    close: async () => {
      if (!afterAllFiles('gardens', closeFree)) return taken.client.close()
      await putBack(taken.db)
      free.push(taken)
    },
  }
}

async function closeFree(): Promise<void> {
  for (const { client } of free.splice(0)) await client.close()
}

async function openDemo(): Promise<InMemory> {
  const client = await openKept('demo', async () => {
    const made = await emptyEngine()
    const db = drizzle(made, { schema })
    await migrate(db, { migrationsFolder: 'src/data/migrations' })
    await declareTopics(db)
    await prepareData(db, NOW)
    await seedDemo(db, NOW)
    await summarizeChangedLots(db)
    await summarizeTrials(db)
    await keepSnapshot(db)
    return made
  })
  return { db: drizzle(client, { schema }), client }
}

/** The demo garden as endpoints find it: called in process, they open this one instead of a folder. */
export async function endpointDatabase() {
  const { db, client, close } = await demoDatabase()
  const folder = mkdtempSync(path.join(tmpdir(), 'innings-endpoints-'))
  const shared = globalThis as { inningsDatabase?: Promise<Opened> | undefined }
  shared.inningsDatabase = Promise.resolve({
    db,
    client,
    lock: { release: () => {} },
    dataFolder: folder,
    renewReserve: () => {},
  })
  process.env.INNINGS_NOW = NOW.toISOString()
  process.env.INNINGS_BALANCE = 'simulated'
  // Who may come in is read there.
  process.env.INNINGS_DATA = folder
  return {
    db,
    client,
    folder,
    close: async () => {
      shared.inningsDatabase = undefined
      await close()
      rmSync(folder, { recursive: true, force: true })
    },
  }
}
