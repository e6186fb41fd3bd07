import { eq, isNull, sql } from 'drizzle-orm'
import type { StockAmendment } from '../../core/recondition'
import { byName } from '../byName'
import type { Database } from '../database'
import { keep } from '../kept'
import { amendments } from './tables'

/** All amendments that were not put away, by name. */
export const listAmendments = keep('amendments', async (db): Promise<readonly StockAmendment[]> => {
  const rows = await db.select().from(amendments).where(isNull(amendments.putAwayAt))
  return rows
    .map(({ origin, pricePerKg, stockGrams, putAwayAt, version, ...amendment }) => ({
      amendment,
      grams: stockGrams,
      pricePerKg,
    }))
    .sort((a, b) => byName(a.amendment.name, b.amendment.name))
})

/** Takes grams out of the stock of an amendment; what was not there counts as bought. */
export async function takeGramsFromStock(db: Database, id: string, grams: number): Promise<number> {
  const [row] = await db
    .select({ there: amendments.stockGrams })
    .from(amendments)
    .where(eq(amendments.id, id))
    .for('update')
  await db
    .update(amendments)
    .set({
      stockGrams: sql`greatest(0, ${amendments.stockGrams} - ${grams})`,
      version: sql`${amendments.version} + 1`,
    })
    .where(eq(amendments.id, id))
  return Math.min(grams, row?.there ?? 0)
}

/** Gives back what was taken. */
export async function giveGramsToStock(db: Database, id: string, grams: number): Promise<void> {
  await db
    .update(amendments)
    .set({
      stockGrams: sql`${amendments.stockGrams} + ${grams}`,
      version: sql`${amendments.version} + 1`,
    })
    .where(eq(amendments.id, id))
}
