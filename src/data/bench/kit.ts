import { and, eq, sql } from 'drizzle-orm'
import type { TestKit } from '../../core/bench'
import type { Database } from '../database'
import { StaleWrite } from '../errors'
import { testKits } from './benchTables'

/** Two litres in a column 14 cm wide, 700 mL poured, and a litre pot for pores: things a kitchen has. */
export const DEFAULT_KIT: TestKit = {
  columnShape: { kind: 'round', topDiameterCm: 14, baseDiameterCm: 14, heightCm: 18 },
  mixLitres: 2,
  pouredMl: 700,
  pourS: 20,
  markMl: 150,
  endS: 900,
  porosityShape: { kind: 'round', topDiameterCm: 13, baseDiameterCm: 10, heightCm: 12 },
  porosityLitres: 1,
  drainMinutes: 60,
  meshMm: 12,
}

/** The test kit of the site with its version; the usual one, version 0, until it is set. */
export async function readKit(db: Database): Promise<{ kit: TestKit; version: number }> {
  const [row] = await db.select().from(testKits).where(eq(testKits.id, 1))
  return row ? { kit: row.kit, version: row.version } : { kit: DEFAULT_KIT, version: 0 }
}

/**
 * Sets the kit; tests that were made keep the one they were made with.
 * @throws StaleWrite when it was changed since `expected`
 */
export async function writeKit(db: Database, kit: TestKit, expected: number): Promise<number> {
  return db.transaction(async (tx) => {
    const { version, kit: now } = await readKit(tx)
    const stale = () =>
      new StaleWrite('The test kit was changed in the meantime; your entries are kept here.', {
        ...now,
        version,
      })
    if (version !== expected) throw stale()
    if (version === 0) {
      await tx.insert(testKits).values({ id: 1, kit })
      return 1
    }
    const [row] = await tx
      .update(testKits)
      .set({ kit, version: sql`${testKits.version} + 1` })
      .where(and(eq(testKits.id, 1), eq(testKits.version, expected)))
      .returning({ version: testKits.version })
    if (!row) throw stale()
    return row.version
  })
}
