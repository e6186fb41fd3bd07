import { createHash } from 'node:crypto'
import { getTableColumns, getTableName, sql } from 'drizzle-orm'
import type { Database } from '../database'
import { type RestsOn, TOPICS } from './topics'

/**
 * Lets every table tell its topics when it is written: a trigger gives the topic a new stamp, as part of the transaction
 * that wrote. So nobody who writes has to remember it, what is undone tells nothing, and another process hears of it.
 */
export async function declareTopics(db: Database): Promise<void> {
  const triggers = Object.entries(TOPICS).flatMap(([topic, rows]: [string, readonly RestsOn[]]) =>
    rows.flatMap((one, index) => triggersOn(topic, one, index)),
  )
  const sum = createHash('sha256').update(triggers.join('\n')).digest('hex')
  if ((await declaredSum(db)) === sum) return
  await db.transaction(async (tx) => {
    await tx.execute(sql`drop schema if exists kept cascade`)
    await tx.execute(sql`create schema kept`)
    await tx.execute(sql`create table kept.declared (sum text not null)`)
    await tx.execute(sql`insert into kept.declared values (${sum})`)
    await tx.execute(sql`create table kept.stamps (topic text primary key, stamp uuid not null)`)
    for (const topic of Object.keys(TOPICS)) {
      await tx.execute(sql`insert into kept.stamps values (${topic}, gen_random_uuid())`)
    }
    // A stamp that was given is never given again, also where what was written is undone.
    await tx.execute(
      sql`create function kept.raise() returns trigger language plpgsql as $$ begin update kept.stamps set stamp = gen_random_uuid() where topic = tg_argv[0]; return null; end $$`,
    )
    for (const trigger of triggers) await tx.execute(sql.raw(trigger))
  })
}

/** For those who write around the triggers: putting a test's garden back. */
export async function raiseAllTopics(db: Database): Promise<void> {
  await db.execute(sql`update kept.stamps set stamp = gen_random_uuid()`)
}

async function declaredSum(db: Database): Promise<string | null> {
  const { rows } = await db.execute<{ found: string | null }>(
    sql`select to_regclass('kept.declared')::text as found`,
  )
  if (!rows[0]?.found) return null
  const declared = await db.execute<{ sum: string }>(sql`select sum from kept.declared`)
  return declared.rows[0]?.sum ?? null
}

/** Dropped with the schema, for their function is in it. */
function triggersOn(topic: string, one: RestsOn, index: number): string[] {
  const table = getTableName(one.table)
  const written = updated(one)
  const update = written ? `update of ${written.join(', ')}` : 'update'
  const made = (name: string, when: string, each: string) =>
    `create trigger kept_${topic.toLowerCase()}_${index}_${name} after ${when} on public.${table} for each ${each} execute function kept.raise('${topic}')`
  if (!one.having) return [made('any', `insert or delete or truncate or ${update}`, 'statement')]
  const { name } = one.having
  return [
    made('new', `insert or ${update}`, `row when (new.${name} is not null)`),
    made('gone', 'delete', `row when (old.${name} is not null)`),
  ]
}

/** Columns of which an update counts; null for all. */
function updated({ table, only, besides }: RestsOn): string[] | null {
  if (only) return only.map(({ name }) => name)
  if (!besides) return null
  const left = besides.map(({ name }) => name)
  return Object.values(getTableColumns(table))
    .map(({ name }) => name)
    .filter((name) => !left.includes(name))
}
