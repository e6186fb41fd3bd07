import { eq, sql } from 'drizzle-orm'
import { byName } from '../byName'
import { amendments } from '../chemistry/tables'
import { keep } from '../kept'
import { materials } from '../media/materialTables'
import { crops, problems } from '../season/tables'
import { shippedCorrections } from './correctionTables'

/** Typical values that an update of the program corrected in this garden's lists. */
export interface Corrections {
  readonly at: Date
  /** How many rows took the new values. */
  readonly taken: number
  /** Names of rows that no longer held the old ones, and stayed as they were. */
  readonly left: readonly string[]
}

/** What the last update corrected; null where none did. */
export const readCorrections = keep(
  ['corrections', 'materials', 'amendments', 'crops', 'problems'],
  async (db) => {
    const rows = await db
      .select({
        at: shippedCorrections.at,
        taken: shippedCorrections.taken,
        name: sql<string>`coalesce(${materials.name}, ${amendments.name}, ${crops.name}, ${problems.name}, ${shippedCorrections.rowId})`,
      })
      .from(shippedCorrections)
      .leftJoin(
        materials,
        sql`${shippedCorrections.list} = 'materials' and ${eq(materials.id, shippedCorrections.rowId)}`,
      )
      .leftJoin(
        amendments,
        sql`${shippedCorrections.list} = 'amendments' and ${eq(amendments.id, shippedCorrections.rowId)}`,
      )
      .leftJoin(
        crops,
        sql`${shippedCorrections.list} = 'crops' and ${eq(crops.id, shippedCorrections.rowId)}`,
      )
      .leftJoin(
        problems,
        sql`${shippedCorrections.list} = 'problems' and ${eq(problems.id, shippedCorrections.rowId)}`,
      )
    if (rows.length === 0) return null
    const at = new Date(Math.max(...rows.map((row) => row.at.getTime())))
    const found: Corrections = {
      at,
      taken: rows.filter((row) => row.taken && row.at.getTime() === at.getTime()).length,
      left: [...new Set(rows.filter(({ taken }) => !taken).map(({ name }) => name))].sort(byName),
    }
    return found
  },
)
