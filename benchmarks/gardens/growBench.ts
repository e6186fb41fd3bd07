import { isNotNull } from 'drizzle-orm'
import { benchMoments, benchTests, sampleCalibrations } from '../../src/data/bench'
import type { Database } from '../../src/data/database'
import { pick, type Random } from '../../testing/random'
import type { GrownLot } from './growLots'
import { insertRows } from './insertRows'

const DAY_MS = 86_400_000
const YEAR_DAYS = 365
const TESTED_SHARE = 0.35
const CALIBRATED_SHARE = 0.2

/** Tests of the grown lots over their years: those of the made-up garden's bench once more, on other days. */
export async function growBench(
  db: Database,
  random: Random,
  grown: readonly GrownLot[],
  now: Date,
): Promise<void> {
  const patterns = await db.select().from(benchTests).where(isNotNull(benchTests.outcome))
  const rows = grown.flatMap(({ id, years }) =>
    Array.from({ length: years }, (_, year) => year)
      .filter(() => random() < TESTED_SHARE)
      .map((year) => {
        const { id: _, setId: __, ...pattern } = pick(random, patterns)
        const daysAgo = 60 + (years - 1 - year) * YEAR_DAYS + Math.floor(random() * 90)
        const startedAt = new Date(now.getTime() - daysAgo * DAY_MS)
        return { ...pattern, lotId: id, innings: year + 1, startedAt, endedAt: startedAt }
      }),
  )
  const ids = await insertRows(db, benchTests, rows)
  await insertRows(
    db,
    benchMoments,
    rows.flatMap(({ startedAt }, i) =>
      ['start', 'drip', 'stopped'].map((key, order) => {
        const at = new Date(startedAt.getTime() + order * 60_000)
        return { id: `grown-${ids[i]}-${key}`, testId: ids[i] as number, key, at, tappedAt: at }
      }),
    ),
  )
  const calibrations = await db.select().from(sampleCalibrations)
  if (calibrations.length === 0) return
  await insertRows(
    db,
    sampleCalibrations,
    rows.flatMap(({ lotId, startedAt }, i) => {
      if (random() > CALIBRATED_SHARE) return []
      const { id: _, ...pattern } = pick(random, calibrations)
      return [{ ...pattern, lotId, at: startedAt, testIds: [ids[i] as number] }]
    }),
  )
}
