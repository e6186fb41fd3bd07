import { eq, sql } from 'drizzle-orm'
import type { Database } from './database'
import { SHIPPED_ORIGIN, type ShippedRow, shippedLists } from './defaults'
import { inTransaction } from './inTransaction'
import type { materials } from './media/materialTables'
import { type ShippedList, shippedCorrections, shippedRows } from './site/correctionTables'

/** The part of all four tables that this writes by; their other columns are named by the shipped rows. */
type ListTable = typeof materials

/**
 * Brings shipped rows into a garden: those that are new, and values that were corrected since the garden got them. What its
 * grower changed stays as it is, and either is written down, to be told once. A column that came later is filled in.
 */
export async function renewShipped(db: Database, at: Date): Promise<void> {
  await inTransaction(db, async (tx) => {
    for (const { list, table, rows } of shippedLists()) {
      await renewList(tx, list, table as unknown as ListTable, rows, at)
    }
  })
}

async function renewList(
  db: Database,
  list: ShippedList,
  table: ListTable,
  rows: readonly ShippedRow[],
  at: Date,
): Promise<void> {
  const given = await db.select().from(shippedRows).where(eq(shippedRows.list, list))
  const before = new Map(given.map(({ rowId, shipped }) => [rowId, shipped]))
  const present = new Map((await db.select().from(table)).map((row) => [row.id, row]))
  for (const row of rows) {
    const old = before.get(row.id)
    const changed = Object.keys(row).filter((name) => !old || !isSame(old[name], row[name]))
    if (changed.length === 0) continue
    const now: Readonly<Record<string, unknown>> | undefined = present.get(row.id)
    if (!now) await insertRow(db, table, row)
    else if (old) {
      // A column that was not shipped before cannot have been changed by anybody.
      const isUntouched = changed.every((name) => !(name in old) || isSame(old[name], now[name]))
      const isTaken = isUntouched && now.origin === SHIPPED_ORIGIN
      if (isTaken) await updateRow(db, table, row, changed)
      await db.insert(shippedCorrections).values({ list, rowId: row.id, taken: isTaken, at })
    }
    await db
      .insert(shippedRows)
      .values({ list, rowId: row.id, shipped: row })
      .onConflictDoUpdate({ target: [shippedRows.list, shippedRows.rowId], set: { shipped: row } })
  }
}

async function insertRow(db: Database, table: ListTable, row: ShippedRow): Promise<void> {
  await db.insert(table).values({ ...row, origin: SHIPPED_ORIGIN } as typeof table.$inferInsert)
}

async function updateRow(
  db: Database,
  table: ListTable,
  row: ShippedRow,
  changed: readonly string[],
): Promise<void> {
  const values = Object.fromEntries(changed.map((name) => [name, row[name]]))
  await db
    .update(table)
    .set({ ...values, version: sql`${table.version} + 1` })
    .where(eq(table.id, row.id))
}

function isSame(one: unknown, other: unknown): boolean {
  return JSON.stringify(one) === JSON.stringify(other)
}
