import { sql } from 'drizzle-orm'
import type { OpenDatabase } from '../../src/server/database'
import { gardenTables } from '../../src/server/storage/gardenTables'
import { drawFrom, pick } from '../random'
import { makeRequest, nameOf } from './request'
import { listEndpoints, type Route } from './routes'
import { idsOf, momentsOf, namesOf, wordsOf } from './wordsOfGarden'

const WHOLE = 0.3
const IDS_EVERY = 40

export interface Trial {
  /** What should not have happened, each with its request. */
  readonly faults: readonly string[]
  /** Endpoints that took at least one request. */
  readonly accepted: ReadonlySet<string>
  readonly all: readonly string[]
}

/**
 * Sends requests made from the endpoints' own schemas, most of them with one thing wrong: none may end in a failure of
 * ours, and none that is refused may have written anything.
 * @param mostMore requests with nothing wrong to each endpoint before that, until it takes one
 */
export async function fuzzEndpoints(
  db: OpenDatabase,
  count: number,
  seed: number,
  mostMore = 0,
): Promise<Trial> {
  // Who may come in is kept beside the garden, has its own trial, and would end this one by a passphrase.
  const routes = listEndpoints().filter(({ endpoint }) => !endpoint.operation.besideGarden)
  const words = await wordsOf(db)
  const random = drawFrom(seed)
  const accepted = new Set<string>()
  const faults: string[] = []
  let before = await fingerprint(db)
  let written = await transactionsThatWrote(db)
  // First each with nothing wrong until it takes one, while the garden is as it was made: later what it needs may be gone.
  for (const route of routes) {
    const kin = routes.filter((other) => isKin(route, other))
    for (let more = 0; more < mostMore && !accepted.has(nameOf(route)); more++) {
      await tryOne(route, more, 1)
      // An order has to be there before a step of it can be ticked.
      if (kin.length > 0 && more % 2 === 1) await tryOne(pick(random, kin), more, 1)
    }
  }
  for (let i = 0; i < count; i++) await tryOne(routes[i % routes.length] as Route, i, WHOLE)
  return { faults, accepted, all: routes.map(nameOf) }

  async function tryOne(route: Route, i: number, whole: number): Promise<void> {
    if (i % IDS_EVERY === 0) {
      words.ids = await idsOf(db)
      words.keys = { ...words.keys, moment: await momentsOf(db, i) }
      words.named = await namesOf(db)
    }
    const { context, said } = makeRequest(route, words, random, whole)
    const response = (await route.endpoint(context)) as Response
    const text = await response.text()
    const where = `${said} -> ${response.status} ${text.slice(0, 300)}`
    const writtenNow = await transactionsThatWrote(db)
    // Looking through all rows takes longer than the request: only where anything was written, kept or not.
    const now = writtenNow === written ? before : await fingerprint(db)
    written = await transactionsThatWrote(db)
    if (response.status < 400) accepted.add(nameOf(route))
    else if (now !== before) faults.push(`wrote something though refused: ${where}`)
    if (response.status >= 500) faults.push(`failed: ${where}`)
    else if (response.status >= 400 && !isSentence(text)) faults.push(`not in words: ${where}`)
    before = now
  }
}

/** Endpoints about the same kind of rows. */
function isKin(route: Route, other: Route): boolean {
  const kind = ({ pattern }: Route) => pattern.split('/[')[0]
  return other !== route && other.method !== 'GET' && kind(other) === kind(route)
}

function isSentence(text: string): boolean {
  const { detail } = JSON.parse(text) as { detail: string }
  return /\S/.test(detail) && !/\[object|undefined|Failed query|NaN/.test(detail)
}

/** Counts every transaction that wrote something, also one that was taken back. */
async function transactionsThatWrote(db: OpenDatabase): Promise<string> {
  const { rows } = await db.execute<{ next: string }>(
    sql`select pg_snapshot_xmax(pg_current_snapshot())::text as next`,
  )
  return rows[0]?.next ?? ''
}

/** Of all rows of all tables. */
async function fingerprint(db: OpenDatabase): Promise<string> {
  const tables = gardenTables().map(
    (table) =>
      sql`select count(*) as rows, coalesce(sum(hashtextextended(${sql.identifier(table)}::text, 0)), 0) as sum from ${sql.identifier(table)}`,
  )
  const { rows } = await db.execute(sql.join(tables, sql` union all `))
  return JSON.stringify(rows)
}
