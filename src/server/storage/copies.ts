import { mkdirSync, readdirSync, rmSync, statSync } from 'node:fs'
import path from 'node:path'
import { DAY_MS } from '../../core/units'
import { placesIn } from './places'

const DAYS_KEPT = 7
const WEEKS_KEPT = 4
const UPDATES_KEPT = 3
const ENDING = '.tar.gz'

/** A copy of a garden that was opened once to prove it. */
export interface Copy {
  /** The day it was taken, or "before-" and the update it was taken before. */
  readonly name: string
  readonly file: string
  readonly bytes: number
  readonly takenAt: Date
}

/** Copies of a garden, newest first. */
export function listCopies(dataFolder: string): Copy[] {
  const { backups } = placesIn(dataFolder)
  // Something else may stand there under that name.
  if (!statSync(backups, { throwIfNoEntry: false })?.isDirectory()) return []
  return readdirSync(backups)
    .filter((entry) => entry.endsWith(ENDING) && !entry.startsWith('.'))
    .map((entry) => {
      const file = path.join(backups, entry)
      const { size, mtime } = statSync(file)
      return { name: entry.slice(0, -ENDING.length), file, bytes: size, takenAt: mtime }
    })
    .sort((a, b) => b.takenAt.getTime() - a.takenAt.getTime() || b.name.localeCompare(a.name))
}

/** Where a copy of that name stands or will stand. */
export function copyFile(dataFolder: string, name: string): string {
  const { backups } = placesIn(dataFolder)
  mkdirSync(backups, { recursive: true })
  return path.join(backups, `${name}${ENDING}`)
}

/** Removes copies that are no longer kept: of days, of weeks, and of updates. */
export function pruneCopies(dataFolder: string): void {
  const copies = listCopies(dataFolder)
  const days = copies.map(({ name }) => name).filter(isDay)
  const updates = copies.filter(({ name }) => name.startsWith('before-')).slice(0, UPDATES_KEPT)
  const kept = new Set([...daysKept(days), ...updates.map(({ name }) => name)])
  for (const { name, file } of copies) {
    if (!kept.has(name) && (isDay(name) || name.startsWith('before-'))) rmSync(file)
  }
}

/**
 * Which days' copies are kept: the newest seven, and the newest of each of the four weeks before them.
 * @param days ISO days in any order
 */
export function daysKept(days: readonly string[]): string[] {
  const newestFirst = [...new Set(days)].sort().reverse()
  const recent = newestFirst.slice(0, DAYS_KEPT)
  const weeks = new Map<number, string>()
  for (const day of newestFirst.slice(DAYS_KEPT)) {
    const week = weekOf(day)
    if (!weeks.has(week)) weeks.set(week, day)
  }
  return [...recent, ...[...weeks.values()].slice(0, WEEKS_KEPT)]
}

/** Weeks, from Monday, since a Monday long ago. */
function weekOf(day: string): number {
  const MONDAY = Date.UTC(1900, 0, 1)
  return Math.floor((Date.parse(`${day}T00:00:00Z`) - MONDAY) / (7 * DAY_MS))
}

function isDay(name: string): boolean {
  return /^\d{4}-\d{2}-\d{2}$/.test(name)
}
