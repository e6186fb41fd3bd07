import { readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { checkGarden, type GardenCheck } from './checkGarden'
import { flush } from './flushFolder'

/**
 * Packs an open database into a file and opens that file once: only what can be opened and holds the same rows gets its
 * name. Until then it is called ".part".
 * @throws Error when what was packed does not hold what it should
 */
export async function packCopy(client: PGlite, file: string): Promise<GardenCheck> {
  const part = `${file}.part`
  try {
    await client.exec('checkpoint')
    const there = await checkGarden(client)
    const packed = await client.dumpDataDir('gzip')
    writeFileSync(part, Buffer.from(await packed.arrayBuffer()), { mode: 0o600 })
    flush(part)
    await proveCopy(part, there)
    renameSync(part, file)
    flush(path.dirname(file))
    return there
  } finally {
    rmSync(part, { force: true })
  }
}

async function proveCopy(file: string, there: GardenCheck): Promise<void> {
  const copy = await PGlite.create({ loadDataDir: new Blob([readFileSync(file)]) })
  try {
    const found = await checkGarden(copy)
    if (JSON.stringify(found) !== JSON.stringify(there)) {
      throw new Error('The copy does not hold the same rows.')
    }
  } finally {
    await copy.close()
  }
}
