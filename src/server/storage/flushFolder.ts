import { closeSync, fsyncSync, openSync, readdirSync } from 'node:fs'
import path from 'node:path'

/** Flushes one file, or the names in one folder. */
export function flush(place: string): void {
  const handle = openSync(place, 'r')
  try {
    fsyncSync(handle)
  } finally {
    closeSync(handle)
  }
}

/** Flushes a folder with everything in it, names too. */
export function flushFolder(folder: string): void {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const place = path.join(folder, entry.name)
    if (entry.isDirectory()) flushFolder(place)
    else flush(place)
  }
  flush(folder)
}
