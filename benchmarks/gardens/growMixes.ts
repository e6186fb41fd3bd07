import type { Database } from '../../src/data/database'
import { mixes, mixVersions } from '../../src/data/mixes'
import { between, pick, type Random } from '../../testing/random'
import { insertRows } from './insertRows'

/** Adds recipes like those of the made-up garden until it has so many, with one to four versions each. */
export async function growMixes(
  db: Database,
  random: Random,
  wanted: number,
  now: Date,
): Promise<void> {
  const patterns = await db.select().from(mixVersions)
  const missing = Math.max(0, wanted - (await db.$count(mixes)))
  const ids = await insertRows(
    db,
    mixes,
    Array.from({ length: missing }, (_, i) => ({ name: `House mix ${i + 1}`, createdAt: now })),
  )
  await insertRows(
    db,
    mixVersions,
    ids.flatMap((mixId) =>
      Array.from({ length: between(random, 1, 4) }, (__, index) => {
        const { id: _, ...pattern } = pick(random, patterns)
        const parts = pattern.parts.map((part) => ({
          ...part,
          litres: part.litres * (0.7 + 0.6 * random()),
        }))
        return { ...pattern, mixId, number: index + 1, parts, at: now }
      }),
    ),
  )
}
