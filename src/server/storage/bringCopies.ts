import { copyFile, mkdir, readdir, rename, rm, stat } from 'node:fs/promises'
import path from 'node:path'
import { listCopies } from './copies'
import { flush } from './flushFolder'

const ENDING = '.tar.gz'
const OURS = /^(\d{4}-\d{2}-\d{2}|before-[\w-]+)\.tar\.gz$/

/**
 * Brings the copies of a garden to a second folder, on another disk or machine: what stands here stands there, what is
 * no longer kept here is removed there. Files of other names are left alone.
 * @throws Error where that folder cannot be written
 */
export async function bringCopies(dataFolder: string, to: string): Promise<void> {
  await mkdir(to, { recursive: true })
  const copies = listCopies(dataFolder)
  for (const { name, file, bytes } of copies) {
    const target = path.join(to, `${name}${ENDING}`)
    const there = await stat(target).catch(() => null)
    if (there?.size === bytes) continue
    const part = `${target}.part`
    await copyFile(file, part)
    flush(part)
    await rename(part, target)
  }
  const kept = new Set(copies.map(({ name }) => `${name}${ENDING}`))
  for (const name of await readdir(to)) {
    // Where nothing stands here any more, what stands there is the last there is.
    if (OURS.test(name) && !kept.has(name) && kept.size > 0) await rm(path.join(to, name))
  }
}
