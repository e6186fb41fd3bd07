import { PGlite } from '@electric-sql/pglite'
import { drizzle } from 'drizzle-orm/pglite'
import { migrate } from 'drizzle-orm/pglite/migrator'
import { seedDemo } from '../src/data/demo/seedDemo'
import { prepareData } from '../src/data/prepare'
import * as schema from '../src/data/schema'

export const NOW = new Date('2026-11-02T10:00:00Z')

/** A database in memory with the demo garden, one for each test file. */
export async function demoDatabase() {
  const client = await PGlite.create()
  const db = drizzle(client, { schema })
  await migrate(db, { migrationsFolder: 'src/data/migrations' })
  await prepareData(db)
  await seedDemo(db, NOW)
  return { db, close: () => client.close() }
}
