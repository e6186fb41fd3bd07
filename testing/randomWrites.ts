import assert from 'node:assert/strict'
import { sql } from 'drizzle-orm'
import type { OpenDatabase } from '../src/server/database'
import { auditPage } from '../src/server/media'
import { ACTS, type Asked, type Garden } from './acts'
import { callEndpoint } from './callEndpoint'
import { makeRequest } from './fuzz/request'
import { listEndpoints, type Route } from './fuzz/routes'
import { idsOf, momentsOf, namesOf, wordsOf } from './fuzz/wordsOfGarden'
import { pick, type Random } from './random'

/** Whatever else an endpoint takes, drawn from its schemas. */
const OTHER_SHARE = 0.15
const LITRES_SHARP = 1e-6

/**
 * Writes at random over the endpoints, now and then two at the same moment, and proves after each that no litre came
 * from nowhere or went nowhere, and that no entry was reversed twice.
 * @param beside what else has to hold after each step
 * @returns how many requests each endpoint took
 */
export async function writeAtRandom(
  db: OpenDatabase,
  random: Random,
  steps: number,
  beside: (step: number, said: readonly string[]) => Promise<void> = async () => {},
): Promise<ReadonlyMap<string, number>> {
  const routes = new Map(
    listEndpoints()
      .filter(({ method, endpoint }) => method !== 'GET' && !endpoint.operation.besideGarden)
      .map((route) => [`${route.method} ${route.pattern}`, route]),
  )
  const words = await wordsOf(db)
  const garden: Garden = {
    db,
    random,
    one: async (from) => pick(random, [...(await newest(db, from, 8)), null] as (number | null)[]),
    some: async (from, most) => {
      const all = await newest(db, from, 12)
      return [...all].sort(() => random() - 0.5).slice(0, most)
    },
  }
  const drawn = ACTS.flatMap((act) => Array.from({ length: act[1] }, () => act))
  const taken = new Map<string, number>()
  const said: string[] = []
  for (let step = 0; step < steps; step++) {
    words.ids = await idsOf(db)
    words.keys = { ...words.keys, moment: await momentsOf(db, step) }
    words.named = await namesOf(db)
    const isTwice = random() < 0.1
    const calls = await Promise.all([draw(), random() < 0.3 ? draw() : null])
    const all = calls.flatMap((call) => (call ? (isTwice ? [call, call] : [call]) : []))
    const statuses = await Promise.all(all.map(({ run }) => run()))
    for (const [index, status] of statuses.entries()) {
      const name = all[index]?.name ?? ''
      said.push(`${name} ${all[index]?.what} -> ${status}`)
      assert.ok(status < 500, said.slice(-3).join('\n'))
      if (status < 400) taken.set(name, (taken.get(name) ?? 0) + 1)
    }
    await requireBalance(db, said)
    await beside(step, said)
  }
  return taken

  async function draw(): Promise<Call | null> {
    if (random() < OTHER_SHARE) {
      const route = pick(random, [...routes.values()])
      const { context, said: what } = makeRequest(route, words, random, 1)
      const run = async () => ((await route.endpoint(context)) as Response).status
      // A request is read once: sent twice, it is another one with the same words.
      let first: Promise<number> | null = null
      return { name: 'another', what, run: () => (first ??= run()) }
    }
    const [name, , ask] = pick(random, drawn)
    const route = routes.get(name)
    assert.ok(route, `${name} is no endpoint`)
    const asked = await ask(garden)
    if (!asked) return null
    return { name, what: JSON.stringify(asked), run: () => callRoute(route, asked) }
  }
}

interface Call {
  readonly name: string
  readonly what: string
  readonly run: () => Promise<number>
}

async function callRoute({ endpoint, method }: Route, asked: NonNullable<Asked>): Promise<number> {
  const { params = {}, body = {} } = asked
  return (await callEndpoint(endpoint, body, { params, method })).status
}

async function newest(db: OpenDatabase, from: string, most: number): Promise<number[]> {
  const { rows } = await db.execute<{ id: number }>(
    sql`select id from ${sql.raw(from)} order by id desc limit ${most}`,
  )
  return rows.map(({ id }) => id)
}

/** What every grower may rely on, whatever was done. */
async function requireBalance(db: OpenDatabase, said: readonly string[]): Promise<void> {
  const last = said.slice(-4).join('\n')
  const { unaccountedLitres, unbalanced } = await auditPage(db)
  assert.ok(Math.abs(unaccountedLitres) < LITRES_SHARP, `${unaccountedLitres} L after\n${last}`)
  assert.deepEqual(unbalanced, [], last)
  const { rows } = await db.execute<{ what: string }>(sql`
    select 'a reversal was reversed: ' || b.id as what from ledger_entries a join ledger_entries b on b.reverses_id = a.id where a.reverses_id is not null
    union all
    select 'less than nothing in lot ' || lot_id from lot_contents where litres < -0.000001
    union all
    select 'in a lot that was put away: pot ' || container_id from lot_places join lots on lots.id = lot_id where put_away_at is not null
    union all
    select 'moved away and still there: planting ' || a.id from plantings a join plantings b on b.moved_from_id = a.id where a.ended_on is null and b.ended_on is null`)
  assert.deepEqual(rows, [], last)
}
