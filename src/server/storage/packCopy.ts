import { mkdirSync, renameSync, rmSync } from 'node:fs'
import path from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { NodeFS } from '@electric-sql/pglite/nodefs'
import { checkGarden, type GardenCheck } from './checkGarden'
import { flush } from './flushFolder'
import { packFolder, unpackDatabase } from './packFolder'

/** Where a copy is unpacked to be proved, beside it. */
export const PROOF = '.proof'

/**
 * Packs the files of a database into a file, unpacks that beside it and opens it once: only what can be opened and holds
 * the same rows gets its name. Until then it is called ".part".
 * @param folder nothing is written in it meanwhile
 * @param there the rows it holds
 * @param whenPacked called when the folder is no longer needed
 * @throws Error when what was packed does not hold what it should
 */
export async function packCopy(
  folder: string,
  there: GardenCheck,
  file: string,
  whenPacked: () => void = () => {},
): Promise<void> {
  const part = `${file}.part`
  const proof = path.join(path.dirname(file), PROOF)
  try {
    await packFolder(folder, part)
    flush(part)
    whenPacked()
    await proveCopy(part, proof, there)
    renameSync(part, file)
    flush(path.dirname(file))
  } finally {
    rmSync(part, { force: true })
    rmSync(proof, { recursive: true, force: true })
  }
}

async function proveCopy(file: string, proof: string, there: GardenCheck): Promise<void> {
  rmSync(proof, { recursive: true, force: true })
  mkdirSync(proof, { mode: 0o700 })
  await unpackDatabase(file, proof)
  const copy = await PGlite.create({ fs: new NodeFS(proof) })
  try {
    const found = await checkGarden(copy)
    if (JSON.stringify(found) !== JSON.stringify(there)) {
      throw new Error('The copy does not hold the same rows.')
    }
  } finally {
    await copy.close()
  }
}
