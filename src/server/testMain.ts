import './main'
import { sql } from 'drizzle-orm'
import { forgetAll } from '../data/kept'
import { opened } from './database'
import { gardenTables } from './storage/gardenTables'

/**
 * The application as the interface tests start it: with a door that puts its garden back as it was, so that one server
 * serves many tests. Nothing else starts this file.
 */
async function keepSnapshot(): Promise<void> {
  const { db } = await opened()
  await db.execute(sql`create schema snapshot`)
  for (const table of gardenTables()) {
    const name = sql.identifier(table)
    await db.execute(sql`create table snapshot.${name} as table public.${name}`)
  }
}

async function putBack(): Promise<void> {
  const { db } = await opened()
  const tables = gardenTables().map((table) => sql.identifier(table))
  await db.transaction(async (tx) => {
    // Rows refer to each other: in this transaction their order does not matter.
    await tx.execute(sql`set local session_replication_role = replica`)
    await tx.execute(sql`truncate ${sql.join(tables, sql`, `)} restart identity`)
    for (const name of tables) {
      await tx.execute(
        sql`insert into public.${name} overriding system value select * from snapshot.${name}`,
      )
    }
    const { rows } = await tx.execute<{ table: string; sequence: string }>(
      sql`select table_name as table, pg_get_serial_sequence(quote_ident(table_name), column_name) as sequence from information_schema.columns where table_schema = 'public' and is_identity = 'YES'`,
    )
    forgetAll()
    for (const { table, sequence } of rows) {
      await tx.execute(
        sql`select setval(${sequence}, coalesce((select max(id) from ${sql.identifier(table)}), 0) + 1, false)`,
      )
    }
  })
}

let kept: Promise<void> | null = null

process.on('message', (word) => {
  if (word !== 'reset') return
  const first = kept === null
  kept ??= keepSnapshot()
  const done = first ? kept : kept.then(putBack)
  done.then(
    () => process.send?.('reset'),
    (error: unknown) => process.send?.(String(error)),
  )
})
