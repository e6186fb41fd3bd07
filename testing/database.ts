import { existsSync, mkdtempSync, rmSync } from 'node:fs'
import { readFile, rename, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { drizzle } from 'drizzle-orm/pglite'
import { migrate } from 'drizzle-orm/pglite/migrator'
import { seedDemo } from '../src/data/demo'
import { prepareData } from '../src/data/prepare'
import * as schema from '../src/data/schema'
import type { Opened } from '../src/server/database'
import { summarizeChangedLots } from '../src/server/lots'
import { summarizeTrials } from '../src/server/trials'

export const NOW = new Date('2026-11-02T10:00:00Z')

/**
 * A database in memory with the demo garden, one for each test file. Making one takes seconds; where the runner names a
 * folder, the first one made is kept there and the others begin with a copy.
 */
export async function demoDatabase() {
  const folder = process.env.INNINGS_TEST_FOLDER
  const kept = folder && path.join(folder, 'demo.tar')
  if (kept && existsSync(kept)) {
    const client = await PGlite.create({ loadDataDir: new Blob([await readFile(kept)]) })
    return { db: drizzle(client, { schema }), client, close: () => client.close() }
  }
  const client = await PGlite.create()
  const db = drizzle(client, { schema })
  await migrate(db, { migrationsFolder: 'src/data/migrations' })
  await prepareData(db)
  await seedDemo(db, NOW)
  await summarizeChangedLots(db)
  await summarizeTrials(db)
  if (kept) await keep(client, kept)
  return { db, client, close: () => client.close() }
}

/** Written aside and moved into place: two test files may be the first at once. */
async function keep(client: PGlite, kept: string): Promise<void> {
  const dump = await client.dumpDataDir('none')
  const aside = `${kept}.${process.pid}`
  await writeFile(aside, Buffer.from(await dump.arrayBuffer()))
  await rename(aside, kept)
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
