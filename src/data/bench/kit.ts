import { and, eq, sql } from 'drizzle-orm'
import { DEFAULT_KIT, type TestKit } from '../../core/bench'
import type { Database } from '../database'
import { StaleWrite } from '../errors'
import { inTransaction } from '../inTransaction'
import { keep } from '../kept'
import { testKits } from './benchTables'

/** The test kit of the site with its version; the usual one, version 0, until it is set. */
export const readKit = keep('kit', async (db): Promise<{ kit: TestKit; version: number }> => {
  const [row] = await db.select().from(testKits).where(eq(testKits.id, 1))
  return row ? { kit: row.kit, version: row.version } : { kit: DEFAULT_KIT, version: 0 }
})

/**
 * Sets the kit; tests that were made keep the one they were made with.
 * @throws StaleWrite when it was changed since `expected`
 */
export async function writeKit(db: Database, kit: TestKit, expected: number): Promise<number> {
  return inTransaction(db, async (tx) => {
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
