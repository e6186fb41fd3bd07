import { type SQL, sql } from 'drizzle-orm'
import type { Database } from '../../data/database'
import { raiseAllTopics } from '../../data/kept'
import { gardenTables } from './gardenTables'

/**
 * For tests: keeps all rows of a garden aside, and marks from now on which tables are written to, so that putting it
 * back takes a time by what a test wrote, not by all there is.
 */
export async function keepSnapshot(db: Database): Promise<void> {
  await db.execute(sql`create schema snapshot`)
  await db.execute(sql`create table snapshot.written (name text primary key)`)
  await db.execute(
    sql`create function snapshot.mark() returns trigger language plpgsql as $$ begin insert into snapshot.written values (tg_table_name) on conflict do nothing; return null; end $$`,
  )
  for (const table of gardenTables()) {
    const name = sql.identifier(table)
    await db.execute(sql`create table snapshot.${name} as table public.${name}`)
    await db.execute(
      sql`create trigger snapshot_mark after insert or update or delete or truncate on public.${name} for each statement execute function snapshot.mark()`,
    )
  }
}

/** Puts the garden back as it was when its snapshot was kept, its counters too. */
export async function putBack(db: Database): Promise<void> {
  const { rows: written } = await db.execute<{ name: string }>(
    sql`select name from snapshot.written`,
  )
  if (written.length === 0) return
  const tables = written.map(({ name }) => sql.identifier(name))
  await db.transaction(async (tx) => {
    // Rows refer to each other: in this transaction their order does not matter, and nothing is marked.
    await tx.execute(sql`set local session_replication_role = replica`)
    for (const name of tables) {
      await tx.execute(sql`delete from public.${name}`)
      await tx.execute(
        sql`insert into public.${name} overriding system value select * from snapshot.${name}`,
      )
    }
    await tx.execute(sql`delete from snapshot.written`)
    await raiseAllTopics(tx)
    await putCountersBack(
      tx,
      sql.join(
        written.map(({ name }) => sql`${name}`),
        sql`, `,
      ),
    )
  })
  // What was put back again and again would be read over by every later test.
  await db.execute(sql`vacuum ${sql.join(tables, sql`, `)}`)
}

async function putCountersBack(tx: Database, tables: SQL): Promise<void> {
  const { rows } = await tx.execute<{ table: string; sequence: string }>(
    sql`select table_name as table, pg_get_serial_sequence(quote_ident(table_name), column_name) as sequence from information_schema.columns where table_schema = 'public' and is_identity = 'YES' and table_name in (${tables})`,
  )
  for (const { table, sequence } of rows) {
    await tx.execute(
      sql`select setval(${sequence}, coalesce((select max(id) from ${sql.identifier(table)}), 0) + 1, false)`,
    )
  }
}
