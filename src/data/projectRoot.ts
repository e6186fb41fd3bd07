import { existsSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { fileURLToPath } from 'node:url'

/**
 * Folder that holds package.json: files read at run time (migrations, shipped tables) are found from here,
 * never from the working directory, because the code runs both from src and bundled in dist.
 */
export function projectRoot(): string {
  let folder = path.dirname(fileURLToPath(import.meta.url))
  while (!isProject(folder)) {
    const parent = path.dirname(folder)
    if (parent === folder) throw new Error('The project folder of Innings was not found.')
    folder = parent
  }
  return folder
}

function isProject(folder: string): boolean {
  const file = path.join(folder, 'package.json')
  return existsSync(file) && JSON.parse(readFileSync(file, 'utf8')).name === 'innings'
}
