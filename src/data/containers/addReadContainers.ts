import type { Database } from '../database'
import type { NewContainer } from './containers'
import { nextCodes } from './nextCodes'
import { placed } from './places'
import { containers } from './tables'

/** Codes that are given out, those of pots that were put away too. */
export async function takenCodes(db: Database): Promise<ReadonlySet<string>> {
  const rows = await db.select({ code: containers.code }).from(containers)
  return new Set(rows.map(({ code }) => code))
}

/** Adds containers of many kinds; those without a code of their own get the next free numbers. */
export async function addReadContainers(
  db: Database,
  pots: readonly (NewContainer & { readonly code: string | null; readonly count: number })[],
): Promise<number[]> {
  const taken = new Set(await takenCodes(db))
  for (const { code } of pots) if (code !== null) taken.add(code)
  const uncoded = pots.reduce((sum, { code, count }) => sum + (code === null ? count : 0), 0)
  const free = nextCodes(taken, uncoded).values()
  const rows: (typeof containers.$inferInsert)[] = []
  for (const { code, count, place, exposure, ...pot } of pots) {
    const where = await placed(db, place, exposure)
    for (let i = 0; i < count; i++) {
      rows.push({ ...pot, ...where, code: code ?? (free.next().value as string) })
    }
  }
  if (rows.length === 0) return []
  const added = await db.insert(containers).values(rows).returning({ id: containers.id })
  return added.map(({ id }) => id)
}
