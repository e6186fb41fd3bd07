import { createReadStream, createWriteStream, existsSync, lstatSync, readdirSync } from 'node:fs'
import path from 'node:path'
import { pipeline } from 'node:stream/promises'
import { createGunzip, createGzip } from 'node:zlib'
import { packTar, unpackTar } from 'modern-tar/fs'

/** Half the time of the usual level, for a sixth more on the disk. */
const LEVEL = 3

/** Packs a folder piece by piece: a large garden was held in memory several times over when it was packed as a whole. */
export async function packFolder(folder: string, file: string): Promise<void> {
  const packed = createGzip({ level: LEVEL })
  await pipeline(packTar(folder), packed, createWriteStream(file, { mode: 0o600 }))
}

/**
 * Unpacks a database into a folder that is there and empty.
 * @throws Error where the file is cut, or holds something else
 */
export async function unpackDatabase(file: string, folder: string): Promise<void> {
  const unpacked = unpackTar(folder, { fmode: 0o600, dmode: 0o700 })
  await pipeline(createReadStream(file), createGunzip(), unpacked)
  // In a folder without it the engine would make a new database.
  if (!existsSync(path.join(folder, 'PG_VERSION'))) throw new Error(`${file} holds no database.`)
}

/** What the files of a folder take, bytes. */
export function bytesOf(folder: string): number {
  let bytes = 0
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const place = path.join(folder, entry.name)
    bytes += entry.isDirectory() ? bytesOf(place) : lstatSync(place).size
  }
  return bytes
}
