import { existsSync, mkdirSync, renameSync, rmSync } from 'node:fs'
import path from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { NodeFS } from '@electric-sql/pglite/nodefs'
import { checkGarden } from './checkGarden'
import { type Copy, listCopies } from './copies'
import { flush, flushFolder } from './flushFolder'
import { freeBytes, megabytes, NEW_NEEDS_BYTES } from './freeSpace'
import { renewGardenId } from './gardenId'
import { lockFolder } from './lock'
import { unpackDatabase } from './packFolder'
import { placesIn } from './places'
import { forgetRowsOfCopy } from './rowsOfCopy'
import { StartError } from './startError'

/**
 * Puts a copy back. It is unpacked and opened beside the present garden, which then keeps a name of its own: nothing is
 * removed, and a cut in the middle leaves the one or the other.
 * @returns the copy, and where the garden stands that was there before; null where there was none
 * @throws StartError when there is no such copy, it cannot be opened, or the folder is in use
 */
export async function restoreCopy(
  dataFolder: string,
  name: string,
  at: Date,
): Promise<{ readonly copy: Copy; readonly keptIn: string | null }> {
  const copy = listCopies(dataFolder).find((one) => one.name === name)
  if (!copy) {
    throw new StartError(`There is no copy "${name}" in ${placesIn(dataFolder).backups}.`)
  }
  const lock = await lockFolder(dataFolder)
  try {
    await unpack(dataFolder, copy)
    return { copy, keptIn: swap(dataFolder, at) }
  } finally {
    lock.release()
  }
}

async function unpack(dataFolder: string, copy: Copy): Promise<void> {
  const { restoring } = placesIn(dataFolder)
  if (freeBytes(dataFolder) < NEW_NEEDS_BYTES) {
    throw new StartError(
      `Too little room in ${dataFolder}: ${megabytes(NEW_NEEDS_BYTES)} are needed beside the present garden.`,
    )
  }
  rmSync(restoring, { recursive: true, force: true })
  mkdirSync(restoring)
  try {
    await unpackDatabase(copy.file, restoring)
    const client = await PGlite.create({ fs: new NodeFS(restoring) })
    await checkGarden(client)
    await client.close()
  } catch (error) {
    rmSync(restoring, { recursive: true, force: true })
    if ((error as NodeJS.ErrnoException).code === 'ENOSPC') {
      throw new StartError(
        `Too little room in ${dataFolder}: the copy was unpacked until the disk was full. Nothing was changed.`,
      )
    }
    throw new StartError(
      `The copy ${copy.file} cannot be opened: take another one. Nothing was changed.`,
    )
  }
  flushFolder(restoring)
}

function swap(dataFolder: string, at: Date): string | null {
  const { database, restoring } = placesIn(dataFolder)
  const stamp = at.toISOString().slice(0, 19).replaceAll(':', '-')
  const keptIn = path.join(dataFolder, `database.kept-${stamp}`)
  const wasThere = existsSync(database)
  if (wasThere) renameSync(database, keptIn)
  renameSync(restoring, database)
  renewGardenId(dataFolder)
  forgetRowsOfCopy(dataFolder)
  flush(dataFolder)
  return wasThere ? keptIn : null
}
