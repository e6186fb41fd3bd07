import { randomUUID } from 'node:crypto'
import { readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs'
import { placesIn } from './places'

// Asked for with every page and write: read once a process.
const shared = globalThis as { inningsGardenId?: { readonly folder: string; readonly id: string } }

/**
 * Which garden this is, so that what was entered in another one, or before a copy was put back, is not written into this
 * one: ids of rows are given out again there. Made where it is missing.
 */
export function gardenId(dataFolder: string): string {
  const known = shared.inningsGardenId
  if (known?.folder === dataFolder) return known.id
  const id = read(dataFolder) ?? renewGardenId(dataFolder)
  shared.inningsGardenId = { folder: dataFolder, id }
  return id
}

/** Another garden stands in this folder from now on. Where it cannot be written it is told anew at each start. */
export function renewGardenId(dataFolder: string): string {
  const { identity } = placesIn(dataFolder)
  const id = randomUUID()
  const aside = `${identity}.${process.pid}`
  try {
    writeFileSync(aside, `${id}\n`, { mode: 0o600 })
    renameSync(aside, identity)
  } catch {
    rmSync(aside, { force: true })
  }
  return id
}

function read(dataFolder: string): string | null {
  try {
    return (
      /^[0-9a-f-]{36}$/.exec(readFileSync(placesIn(dataFolder).identity, 'utf8').trim())?.[0] ??
      null
    )
  } catch {
    return null
  }
}
