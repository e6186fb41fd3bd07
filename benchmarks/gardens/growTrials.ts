import type { Database } from '../../src/data/database'
import { createTrial, readTrial } from '../../src/data/trials'
import { between, type Random } from '../../testing/random'

/** Adds trials like the one of the made-up garden until there are so many. */
export async function growTrials(
  db: Database,
  random: Random,
  wanted: number,
  now: Date,
): Promise<void> {
  const { treatments, potList, ...pattern } = await readTrial(db, 1)
  const numberOf = new Map(treatments.map(({ id, number }) => [id, number]))
  const { id: _, version: __, ...row } = pattern
  for (let i = 1; i < wanted; i++) {
    await createTrial(
      db,
      {
        ...row,
        name: `Trial ${i} of the house mix`,
        createdAt: now,
        seed: between(random, 1, 1e6),
      },
      treatments.map(({ id, trialId, lotId, number, ...one }) => one),
      potList.map(({ id, trialId, plantingId, treatmentId, ...pot }, index) => ({
        ...pot,
        code: `G${i}-${index}`,
        treatment: numberOf.get(treatmentId) as number,
      })),
    )
  }
}
