import { mkdirSync, renameSync, rmSync } from 'node:fs'
import { PGlite } from '@electric-sql/pglite'
import { NodeFS } from '@electric-sql/pglite/nodefs'
import { flush, flushFolder } from './flushFolder'
import { placesIn } from './places'

/**
 * Makes the database of a new garden beside its place and moves it there when all of it is on the disk: a first start
 * that is cut leaves nothing half, and the next one begins anew.
 * @param fill makes its tables and writes what every garden begins with
 */
export async function makeDatabase(
  dataFolder: string,
  fill: (client: PGlite) => Promise<void>,
): Promise<void> {
  const { database, unfinished } = placesIn(dataFolder)
  rmSync(unfinished, { recursive: true, force: true })
  mkdirSync(unfinished)
  // Nothing was answered for yet, so it is flushed once at the end instead of at every step.
  const client = await PGlite.create({ fs: new NodeFS(unfinished) })
  try {
    await fill(client)
  } finally {
    await client.close()
  }
  flushFolder(unfinished)
  renameSync(unfinished, database)
  flush(dataFolder)
}
