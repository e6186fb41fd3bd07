import { closeSync, fstatSync, openSync, readdirSync, readSync } from 'node:fs'
import path from 'node:path'

const PAGE_BYTES = 8192
const HEADER_BYTES = 24
/** Size and layout of a page as the engine writes them into its header (PageHeaderData in bufpage.h). */
const SIZE_AND_VERSION = PAGE_BYTES | 4
/** Tables and indexes, in all their segments; not their maps of free space and visibility, which mend themselves. */
const MAIN_FORK = /^\d+(\.\d+)?$/

/**
 * Looks at the first bytes of every page of a database's tables: one that was cut or overwritten would be found out only
 * when somebody reads it. Pages that are empty throughout are made by the engine itself; rows that are gone with one are
 * missed by their number.
 * @param database its folder; nothing is written in it meanwhile
 * @returns what is wrong, in words; null where nothing is
 */
export function findDamagedPage(database: string): string | null {
  const base = path.join(database, 'base')
  for (const folder of readdirSync(base, { withFileTypes: true })) {
    if (!folder.isDirectory()) continue
    for (const name of readdirSync(path.join(base, folder.name))) {
      if (!MAIN_FORK.test(name)) continue
      const found = damageOf(path.join(base, folder.name, name))
      if (found) return `its file base/${folder.name}/${name} ${found}`
    }
  }
  return null
}

function damageOf(file: string): string | null {
  const open = openSync(file, 'r')
  try {
    const { size } = fstatSync(open)
    if (size % PAGE_BYTES !== 0) return 'was cut in the middle of a page'
    const header = Buffer.alloc(HEADER_BYTES)
    for (let at = 0; at < size; at += PAGE_BYTES) {
      readSync(open, header, 0, HEADER_BYTES, at)
      if (header.every((byte) => byte === 0)) continue
      if (!isSound(header)) return `has a page that was overwritten (${at / PAGE_BYTES})`
    }
    return null
  } finally {
    closeSync(open)
  }
}

function isSound(header: Buffer): boolean {
  const [lower, upper, special, sizeAndVersion] = [12, 14, 16, 18].map((at) =>
    header.readUInt16LE(at),
  ) as [number, number, number, number]
  return (
    sizeAndVersion === SIZE_AND_VERSION &&
    HEADER_BYTES <= lower &&
    lower <= upper &&
    upper <= special &&
    special <= PAGE_BYTES
  )
}
