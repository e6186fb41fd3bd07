import { type ChildProcess, spawn } from 'node:child_process'
import { constants, readdirSync, readFileSync, rmSync } from 'node:fs'
import { cp } from 'node:fs/promises'
import { setPriority } from 'node:os'
import path from 'node:path'
import { fileURLToPath } from 'node:url'
import type { PGlite } from '@electric-sql/pglite'
import type { GardenCheck } from './checkGarden'
import { copyFile, pruneCopies } from './copies'
import { tellLostRows } from './lostRows'
import { PROOF } from './packCopy'
import { placesIn } from './places'
import { lostSince, readRowsOfCopy, writeRowsOfCopy } from './rowsOfCopy'

const LOW_PRIORITY = 10
const ROWS = '.rows.part'

/**
 * Takes the copy of a day while the garden goes on: the files are copied at a moment when nothing is written, then packed
 * and proved by a process of its own, so that no answer waits for it.
 * @throws Error telling why there is no copy
 */
export async function takeCopy(client: PGlite, dataFolder: string, name: string): Promise<void> {
  const { database, backups } = placesIn(dataFolder)
  const file = copyFile(dataFolder, name)
  const still = path.join(backups, '.still')
  try {
    removeHalf(backups)
    await client.transaction(async (tx) => {
      await tx.exec('checkpoint')
      // Nothing else runs in the engine until this ends; a garden's files are copied in a blink.
      await cp(database, still, { recursive: true, mode: constants.COPYFILE_FICLONE })
    })
    const rows = path.join(backups, ROWS)
    await inOwnProcess([still, file, rows])
    const counted = JSON.parse(readFileSync(rows, 'utf8')) as GardenCheck
    rmSync(rows, { force: true })
    const last = readRowsOfCopy(dataFolder)
    const lost = last && last.name !== name ? lostSince(counted, last.rows) : []
    tellLostRows(last && lost.length > 0 ? { copy: last.name, tables: lost } : null)
    // Where rows are gone the older copies are all there is of them.
    if (lost.length > 0) return
    writeRowsOfCopy(dataFolder, { name, rows: counted })
    pruneCopies(dataFolder)
  } finally {
    rmSync(still, { recursive: true, force: true })
  }
}

/** What a copy that was cut short left behind. */
function removeHalf(backups: string): void {
  for (const name of readdirSync(backups)) {
    const half = name === '.still' || name === PROOF || name.endsWith('.part')
    if (half) rmSync(path.join(backups, name), { recursive: true, force: true })
  }
}

let running: ChildProcess | null = null

/** Ends a copy that is being made; what it left is removed with the next. */
export function stopCopy(): void {
  running?.kill('SIGKILL')
}

function inOwnProcess(given: readonly string[]): Promise<void> {
  const script = fileURLToPath(new URL('./packStill.mjs', import.meta.url))
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, [script, ...given], {
      stdio: ['ignore', 'ignore', 'pipe'],
    })
    running = child
    if (child.pid) setPriority(child.pid, LOW_PRIORITY)
    let said = ''
    child.stderr.on('data', (chunk: Buffer) => {
      said += chunk.toString()
    })
    child.once('error', reject)
    child.once('exit', (code) => {
      running = null
      if (code === 0) resolve()
      else reject(new Error(said.trim().split('\n')[0] || `the copy ended with ${code}`))
    })
  })
}
