import type { APIContext } from 'astro'
import { type SQL, sql } from 'drizzle-orm'
import { PLANT_GROUPS } from '../../src/core/mixes'
import { listAmendments } from '../../src/data/chemistry'
import { materialsById } from '../../src/data/media'
import { listCrops, listProblems } from '../../src/data/season'
import type { OpenDatabase } from '../../src/server/database'
import { gardenTables } from '../../src/server/storage/gardenTables'
import { TRIAL_OF_TWO_BAGS } from '../answers'
import { PACKED_TRIAL } from '../packedTrial'
import { drawFrom, pick, type Random } from '../random'
import { SMALL_JPEG } from '../smallJpeg'
import { fromSchema, type Words } from './fromSchema'
import { listEndpoints, type Route } from './routes'
import { spoil } from './spoil'

const HOST = 'localhost:4321'
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
  const routes = (await listEndpoints()).filter(({ endpoint }) => !endpoint.spec.besideGarden)
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
      words.named = {
        'The pot': await filledPots(db),
        'The larger pot': await emptyPots(db),
        'The table': TABLES,
        'The name of the treatment': TREATMENTS,
      }
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

function nameOf({ method, pattern }: Route): string {
  return `${method} ${pattern}`
}

function makeRequest(route: Route, words: Words, random: Random, whole: number) {
  const { spec } = route.endpoint
  const make = (schema: Parameters<typeof fromSchema>[0] | undefined) =>
    schema ? fromSchema(schema, words, random) : undefined
  let params = make(spec.params)
  let query = make(spec.query)
  let body = make(spec.body)
  const sound = SOUND[nameOf(route)]
  if (sound && random() < 0.5) body = { ...(body as object), ...sound }
  const wrong = random() < whole ? 'nothing' : pick(random, wrongsOf(route))
  if (wrong === 'params') params = spoil(params, random)
  if (wrong === 'query') query = spoil(query, random)
  if (wrong === 'body') body = spoil(body, random)
  const text = wrong === 'text' ? pick(random, BODIES) : JSON.stringify(body)
  const url = new URL(`http://${HOST}${route.pattern}`)
  for (const [name, value] of Object.entries((query ?? {}) as object)) {
    url.searchParams.set(name, asText(value))
  }
  const request = new Request(url, {
    method: route.method,
    headers: { host: HOST, 'content-type': 'application/json', ...headersOf(wrong, random) },
    ...(route.method === 'GET' ? {} : { body: text ?? '' }),
  })
  const given = Object.fromEntries(
    Object.entries((params ?? {}) as object).map(([name, value]) => [name, asText(value)]),
  )
  const context = { request, params: given, url, locals: {} } as unknown as APIContext
  const said = `${nameOf(route)} ${JSON.stringify(given)} ${url.search} ${(text ?? '').slice(0, 400)}`
  return { context, said }
}

/** What fits together in so many ways that a draw seldom does: half of the requests begin with it. */
const SOUND: Readonly<Record<string, object>> = {
  'POST /api/trials': TRIAL_OF_TWO_BAGS,
  'PUT /api/trials/[id]': TRIAL_OF_TWO_BAGS,
  'POST /api/trials/import': { package: PACKED_TRIAL },
  'PUT /api/instruments/balance/pan': { pot: null },
  'POST /api/trials/[id]/looks': { on: null, values: {}, note: 'seen' },
  'POST /api/trials/[id]/events': { on: null, kind: 'animal' },
  'PUT /api/trials/[id]/left-out': { leftOut: null },
  'POST /api/trials/[id]/findings': { kind: 'standard', cropId: null, maxPercent: null },
}

/** As an address holds it. */
function asText(value: unknown): string {
  return typeof value === 'string' ? value : (JSON.stringify(value) ?? '').slice(0, 4000)
}

function wrongsOf({ endpoint: { spec }, method }: Route): readonly string[] {
  return [
    ...(spec.params ? ['params'] : []),
    ...(spec.query ? ['query'] : []),
    ...(spec.body ? ['body', 'body', 'body', 'body', 'text'] : []),
    ...(method === 'GET' ? ['site'] : ['type', 'origin', 'id']),
  ]
}

const BODIES = [
  '',
  '{',
  'null',
  '[]',
  '"text"',
  '17',
  '['.repeat(50_000),
  `{"a":${'['.repeat(20_000)}${']'.repeat(20_000)}}`,
  `{"name":"${'x'.repeat(5_000_000)}"}`,
  '{"__proto__":{"admin":true}}',
  '\ufeff{}',
]

function headersOf(wrong: string, random: Random): Record<string, string> {
  switch (wrong) {
    case 'type':
      return { 'content-type': pick(random, ['text/plain', 'multipart/form-data', 'x', 'json/']) }
    case 'origin':
      return { origin: pick(random, ['null', 'http://elsewhere.example', 'http://', 'x']) }
    case 'site':
      return { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'no-cors' }
    case 'id':
      return {
        'idempotency-key': pick(random, ['', 'short', 'x'.repeat(500), 'with space and more']),
      }
    default:
      return {}
  }
}

/** Enough that two are seldom called alike. */
const TREATMENTS = Array.from({ length: 40 }, (_, i) => `Mix ${i} <b>`)

async function idsOf(db: OpenDatabase): Promise<Words['ids']> {
  // The newest few, so that a row and what belongs to it are drawn together now and then.
  const list = async (from: SQL, count: number) => {
    const found = await db.execute<{ id: number }>(
      sql`select id from ${from} order by id desc limit ${count}`,
    )
    return found.rows.map(({ id }) => id)
  }
  const lot = await list(sql`lots where put_away_at is null`, 6)
  const test = await list(sql`bench_tests where ended_at is null and thrown_away_at is null`, 3)
  const order = [
    ...(await list(sql`work_orders where state = 'open'`, 2)),
    ...(await list(sql`work_orders where state = 'finished'`, 1)),
  ]
  const running = await list(
    sql`trials where put_away_at is null and planted_on is not null and closed_at is null and kind <> 'jar'`,
    1,
  )
  const closed = await list(
    sql`trials where put_away_at is null and closed_at is not null and outcome->>'isVoid' = 'false'`,
    1,
  )
  const trial = [
    ...(await list(sql`trials where put_away_at is null`, 3)),
    // What is read in a trial, and what is handed on by one, needs those.
    ...running,
    ...running,
    ...closed,
    ...closed,
  ]
  const among = (ids: readonly number[]) => sql.raw(`(${[0, ...ids].join(',')})`)
  return {
    lot,
    test,
    'work order': order,
    mix: await list(sql`mixes where put_away_at is null`, 6),
    pen: await list(sql`pens`, 6),
    // Those that were just made stand empty; others hold a lot.
    container: [
      ...(await list(sql`containers`, 6)),
      ...(await list(sql`(select container_id as id from lot_places) as placed`, 6)),
      ...(await list(
        sql`(select container_id as id from plantings where ended_on is null) as planted`,
        4,
      )),
    ],
    // Those that were moved can be moved back.
    planting: [
      ...(await list(sql`plantings`, 8)),
      ...(await list(sql`plantings where ended_on is null`, 4)),
      ...(await list(sql`plantings where moved_from_id is not null and ended_on is null`, 4)),
    ],
    'log entry': await list(sql`pot_log`, 4),
    photo: await list(sql`photos`, 3),
    // Those that were just made have no pot.
    place: await list(sql`places where put_away_at is null`, 3),
    treatment: await list(sql`lot_treatments where lot_id in ${among(lot)}`, 12),
    finding: await list(sql`lot_findings where lot_id in ${among(lot)}`, 12),
    entry: await list(sql`ledger_entries where lot_id in ${among(lot)}`, 12),
    trial,
    'pot of the trial': [
      ...(await list(sql`trial_pots where trial_id in ${among(trial)}`, 8)),
      ...(await list(sql`trial_pots where trial_id in ${among(running)}`, 8)),
    ],
    'treatment of the trial': await list(
      sql`trial_treatments where trial_id in ${among(closed)}`,
      4,
    ),
    'finding of the trial': await list(sql`trial_findings`, 4),
    step: await list(sql`work_order_steps where work_order_id in ${among(order)}`, 30),
  }
}

/** Codes of pots that hold a mix. */
async function filledPots(db: OpenDatabase): Promise<string[]> {
  const { rows } = await db.execute<{ code: string }>(
    sql`select code from containers join lot_places on container_id = containers.id order by containers.id limit 8`,
  )
  return rows.map(({ code }) => code)
}

/** Codes of pots that stand empty, the highest first: most plants fit in. */
async function emptyPots(db: OpenDatabase): Promise<string[]> {
  const { rows } = await db.execute<{ code: string }>(
    sql`select code from containers where put_away_at is null and id not in (select container_id from lot_places) order by (shape->>'heightCm')::float desc limit 8`,
  )
  return rows.map(({ code }) => code)
}

const TABLES = [
  'name,place,top,height\nTub,Yard,30,30',
  'code;name;place;top;height;count\n;Herb pot;Bench;14;12;2',
  'name\tplace\ttop\theight\nTub\tYard\twide\t30',
]

/** Of the newest running tests, and one that is new. */
async function momentsOf(db: OpenDatabase, i: number): Promise<string[]> {
  const { rows } = await db.execute<{ id: string }>(
    sql`select m.id from bench_moments m join bench_tests t on t.id = m.test_id where t.ended_at is null and t.thrown_away_at is null order by t.id desc limit 3`,
  )
  return [`tap-${i}`, ...rows.map(({ id }) => id)]
}

async function wordsOf(db: OpenDatabase): Promise<Words> {
  const materials = [...(await materialsById(db)).keys()]
  const products = (await listAmendments(db)).map(({ amendment }) => amendment.id)
  return {
    keys: {
      material: materials,
      layer: materials,
      bag: materials,
      sample: materials,
      product: products,
      amount: [...materials, ...products],
      crop: (await listCrops(db)).map(({ id }) => id),
      problem: (await listProblems(db)).map(({ id }) => id),
      photo: [SMALL_JPEG],
      group: PLANT_GROUPS.map(({ id }) => id),
      weighed: products,
      step: ['label', 'pots', 'places', 'jar-wait'],
      key: ['pour', 'drip', 'mark', 'stopped', 'start'],
      field: ['pouredMl', 'drainedMl', 'note'],
    },
    ids: {},
    named: {},
    texts: [
      'North tub',
      'Ünïcödé ☂ 花',
      '  spaced  ',
      'two\nlines',
      '<img src=x onerror=alert(1)>',
      '"quoted" & \'more\'',
      '12 L',
    ],
  }
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
