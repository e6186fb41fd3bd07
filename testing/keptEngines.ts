import { existsSync, mkdirSync } from 'node:fs'
import { readFile, rename, rm, writeFile } from 'node:fs/promises'
import path from 'node:path'
import { setTimeout } from 'node:timers/promises'
import type { PGlite } from '@electric-sql/pglite'
import { openQuickEngine } from '../src/server/storage/quickEngine'

/** Longer than any takes to be made: whoever was at it is gone. */
const MADE_WITHIN_MS = 120_000

/** An engine in memory without any tables. */
export function emptyEngine(): Promise<PGlite> {
  return openKept('empty', () => openQuickEngine())
}

/**
 * An engine in memory as the first process made it. Making one takes seconds: where the runner names a folder, it is kept
 * there, and others wait for it and begin with a copy.
 */
export async function openKept(name: string, make: () => Promise<PGlite>): Promise<PGlite> {
  const folder = process.env.INNINGS_TEST_FOLDER
  if (!folder) return make()
  const kept = path.join(folder, `${name}.tar`)
  const making = `${kept}.making`
  if (!existsSync(kept) && isFirst(making)) {
    try {
      const made = await make()
      await keep(made, kept)
      return made
    } finally {
      await rm(making, { recursive: true })
    }
  }
  const end = Date.now() + MADE_WITHIN_MS
  for (;;) {
    const isBeingMade = existsSync(making)
    if (existsSync(kept)) break
    if (!isBeingMade || Date.now() > end) return make()
    await setTimeout(50)
  }
  return openQuickEngine({ loadDataDir: new Blob([await readFile(kept)]) })
}

function isFirst(making: string): boolean {
  try {
    mkdirSync(making)
    return true
  } catch {
    return false
  }
}

/** Written aside and moved into place: nobody reads half of it. */
async function keep(client: PGlite, kept: string): Promise<void> {
  const dump = await client.dumpDataDir('none')
  await writeFile(`${kept}.part`, Buffer.from(await dump.arrayBuffer()))
  await rename(`${kept}.part`, kept)
}
