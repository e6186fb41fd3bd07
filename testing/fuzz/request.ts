import type { APIContext } from 'astro'
import { TRIAL_OF_TWO_BAGS } from '../answers'
import { PACKED_TRIAL } from '../packedTrial'
import { pick, type Random } from '../random'
import { fromSchema, type Words } from './fromSchema'
import type { Route } from './routes'
import { spoil } from './spoil'

const HOST = 'localhost:4321'

export function nameOf({ method, pattern }: Route): string {
  return `${method} ${pattern}`
}

/**
 * A request made from the schemas of an endpoint.
 * @param whole share of those with nothing wrong
 */
export function makeRequest(route: Route, words: Words, random: Random, whole: number) {
  const { operation } = route.endpoint
  const make = (schema: Parameters<typeof fromSchema>[0] | undefined) =>
    schema ? fromSchema(schema, words, random) : undefined
  let params = make(operation.params)
  let query = make(operation.query)
  let body = make(operation.body)
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

/** What may be left out is said as well: drawn at random it hardly ever fits the rest. */
const SOUND_TRIAL = {
  ...TRIAL_OF_TWO_BAGS,
  decides: 'height',
  decidesDay: 14,
  crops: [],
  potIds: [],
}

/** What fits together in so many ways that a draw seldom does: half of the requests begin with it. */
const SOUND: Readonly<Record<string, object>> = {
  'POST /api/trials': SOUND_TRIAL,
  'PUT /api/trials/[id]': SOUND_TRIAL,
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

function wrongsOf({ endpoint: { operation }, method }: Route): readonly string[] {
  return [
    ...(operation.params ? ['params'] : []),
    ...(operation.query ? ['query'] : []),
    ...(operation.body ? ['body', 'body', 'body', 'body', 'text'] : []),
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
