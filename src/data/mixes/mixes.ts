import { and, asc, desc, eq, isNull, sql } from 'drizzle-orm'
import type { MixFor, MixPart } from '../../core/mixes'
import { among } from '../among'
import type { Database } from '../database'
import { Conflict, NotFound } from '../errors'
import { groupBy } from '../groupBy'
import { inTransaction } from '../inTransaction'
import { naturally } from '../naturally'
import { likeWord, wordsOf } from '../words'
import { mixes, mixVersions } from './mixTables'

export type MixVersion = typeof mixVersions.$inferSelect

/** A recipe with its versions, newest first. */
export interface Mix {
  readonly id: number
  readonly name: string
  readonly versions: readonly [MixVersion, ...MixVersion[]]
}

export interface NewVersion {
  readonly parts: readonly MixPart[]
  readonly madeFor: MixFor
  readonly note: string | null
}

/** All recipes that were not put away, by name. */
export async function listMixes(db: Database): Promise<Mix[]> {
  const rows = await db
    .select()
    .from(mixes)
    .where(isNull(mixes.putAwayAt))
    .orderBy(naturally(mixes.name))
  return withVersions(db, rows)
}

/** A page of the recipes, by name; those whose name holds all words of `find`. */
export async function findMixes(
  db: Database,
  {
    find = '',
    offset,
    limit,
  }: { readonly find?: string; readonly offset: number; readonly limit: number },
): Promise<{ readonly rows: readonly Mix[]; readonly total: number }> {
  const condition = isNamed(find)
  const rows = await db
    .select()
    .from(mixes)
    .where(condition)
    .orderBy(naturally(mixes.name), asc(mixes.id))
    .limit(limit)
    .offset(offset)
  return { rows: await withVersions(db, rows), total: await db.$count(mixes, condition) }
}

/** Names of recipes that hold all words of `find`. */
export async function findMixNames(
  db: Database,
  find: string,
  limit: number,
): Promise<{
  readonly rows: readonly { readonly id: number; readonly name: string }[]
  readonly total: number
}> {
  const condition = isNamed(find)
  const rows = await db
    .select({ id: mixes.id, name: mixes.name })
    .from(mixes)
    .where(condition)
    .orderBy(naturally(mixes.name), asc(mixes.id))
    .limit(limit)
  return { rows, total: await db.$count(mixes, condition) }
}

export async function listMixesByIds(db: Database, ids: readonly number[]): Promise<Mix[]> {
  if (ids.length === 0) return []
  const rows = await db
    .select()
    .from(mixes)
    .where(and(among(mixes.id, ids), isNull(mixes.putAwayAt)))
  return withVersions(db, rows)
}

function isNamed(find: string) {
  return and(
    isNull(mixes.putAwayAt),
    ...wordsOf(find).map((word) => sql`lower(${mixes.name}) like ${likeWord(word)}`),
  )
}

/** @throws NotFound */
export async function readMix(db: Database, id: number): Promise<Mix> {
  const rows = await db
    .select()
    .from(mixes)
    .where(and(eq(mixes.id, id), isNull(mixes.putAwayAt)))
  const [found] = await withVersions(db, rows)
  if (!found) throw new NotFound(`There is no mix ${id}.`)
  return found
}

async function withVersions(
  db: Database,
  rows: readonly (typeof mixes.$inferSelect)[],
): Promise<Mix[]> {
  if (rows.length === 0) return []
  const ids = rows.map(({ id }) => id)
  const versions = groupBy(
    await db
      .select()
      .from(mixVersions)
      .where(among(mixVersions.mixId, ids))
      .orderBy(desc(mixVersions.number)),
    ({ mixId }) => mixId,
  )
  return rows.flatMap(({ id, name }) => {
    const [newest, ...older] = versions.get(id) ?? []
    return newest ? [{ id, name, versions: [newest, ...older] as const }] : []
  })
}

/** Writes a recipe down with its first version. */
export async function createMix(
  db: Database,
  { name, at, ...first }: NewVersion & { readonly name: string; readonly at: Date },
): Promise<number> {
  return inTransaction(db, async (tx) => {
    const [made] = await tx
      .insert(mixes)
      .values({ name, createdAt: at })
      .returning({ id: mixes.id })
    if (!made) throw new Error('The mix was not made.')
    await tx.insert(mixVersions).values({ ...first, mixId: made.id, number: 1, at })
    return made.id
  })
}

/**
 * Adds the next version.
 * @param after the version it was made from
 * @returns its number
 * @throws Conflict when another version was saved since, NotFound for a recipe that is not there
 */
export async function addMixVersion(
  db: Database,
  id: number,
  { name, after, at, ...next }: NewVersion & { name: string; after: number; at: Date },
): Promise<number> {
  return inTransaction(db, async (tx) => {
    const [row] = await tx
      .select()
      .from(mixes)
      .where(and(eq(mixes.id, id), isNull(mixes.putAwayAt)))
      .for('update')
    if (!row) throw new NotFound(`There is no mix ${id}.`)
    const [newest] = await tx
      .select({ number: mixVersions.number })
      .from(mixVersions)
      .where(eq(mixVersions.mixId, id))
      .orderBy(desc(mixVersions.number))
      .limit(1)
    const latest = newest?.number ?? 0
    if (latest !== after) {
      throw new Conflict(
        `Version ${latest} was saved in the meantime. Yours is still here: save it as a mix of its own, or open version ${latest} first.`,
      )
    }
    if (row.name !== name) await tx.update(mixes).set({ name }).where(eq(mixes.id, id))
    await tx.insert(mixVersions).values({ ...next, mixId: id, number: latest + 1, at })
    return latest + 1
  })
}

/** @throws NotFound */
export async function putAwayMix(db: Database, id: number, at: Date | null): Promise<void> {
  const changed = await db
    .update(mixes)
    .set({ putAwayAt: at })
    .where(eq(mixes.id, id))
    .returning({ id: mixes.id })
  if (changed.length === 0) throw new NotFound(`There is no mix ${id}.`)
}
