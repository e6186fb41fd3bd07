import { readFileSync, rmSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import type { GardenCheck } from './checkGarden'
import { listCopies } from './copies'
import { placesIn } from './places'

/** The rows that the newest copy of a day holds, counted when it was proved. */
export interface RowsOfCopy {
  readonly name: string
  readonly rows: GardenCheck
}

const NAME = 'rows.json'

/**
 * Tables from which rows are removed: only one that is all but empty tells something. Everywhere else rows are marked at
 * the most, and one less is one lost.
 */
const ROWS_GO: readonly string[] = [
  'answered_requests',
  'innings',
  'lot_contents',
  'lot_places',
  'lots_reached',
  'plantings',
  'trial_pots',
  'trial_treatments',
]
/** Of a table from which rows are removed: fewer than this share of what there was, and so many less. */
const SUSPICIOUS = { share: 0.5, rows: 10 } as const

/** What stood in the newest copy; null where there is none or it is not known. */
export function readRowsOfCopy(dataFolder: string): RowsOfCopy | null {
  try {
    const { backups } = placesIn(dataFolder)
    const kept = JSON.parse(readFileSync(path.join(backups, NAME), 'utf8')) as RowsOfCopy
    return listCopies(dataFolder).some(({ name }) => name === kept.name) ? kept : null
  } catch {
    return null
  }
}

export function writeRowsOfCopy(dataFolder: string, kept: RowsOfCopy): void {
  writeFileSync(path.join(placesIn(dataFolder).backups, NAME), JSON.stringify(kept))
}

/** After an older copy was put back, or an update that may remove rows: what was counted tells nothing any more. */
export function forgetRowsOfCopy(dataFolder: string): void {
  rmSync(path.join(placesIn(dataFolder).backups, NAME), { force: true })
}

/** A table that holds fewer rows than it should. */
export interface LostRows {
  readonly table: string
  readonly now: number
  readonly before: number
}

/** Tables in which rows are gone that nobody can have removed. */
export function lostSince(now: GardenCheck, before: GardenCheck): LostRows[] {
  return Object.entries(before)
    .map(([table, rows]) => ({ table, now: now[table] ?? 0, before: rows }))
    .filter(({ table, now: there, before: was }) => {
      if (!ROWS_GO.includes(table)) return there < was
      return there < was * SUSPICIOUS.share && was - there >= SUSPICIOUS.rows
    })
}
