import type { APIContext, APIRoute } from 'astro'
import type Joi from 'joi'
import { admit, type Visitor } from './access'
import { now } from './clock'
import { database, type OpenDatabase } from './database'
import { requireOwnHost } from './hosts'
import { problemResponse, Refused } from './problem'

const BODY_LIMIT_BYTES = 256 * 1024

export interface EndpointInput<Params, Query, Body> {
  readonly params: Params
  readonly query: Query
  readonly body: Body
  readonly db: OpenDatabase
  readonly now: Date
  readonly visitor: Visitor
}

export interface EndpointSpec<Params, Query, Body> {
  readonly params?: Joi.ObjectSchema<Params>
  readonly query?: Joi.ObjectSchema<Query>
  readonly body?: Joi.ObjectSchema<Body>
  /** Status of success, 200 when left out. */
  readonly status?: number
  handle(input: EndpointInput<Params, Query, Body>): Promise<unknown>
}

/**
 * An endpoint: checks host, origin and access, reads and validates what came, answers JSON. Whatever is thrown
 * becomes a problem with a code and a sentence.
 */
export function defineEndpoint<Params = unknown, Query = unknown, Body = unknown>(
  spec: EndpointSpec<Params, Query, Body>,
): APIRoute {
  return async (context) => {
    try {
      requireOwnHost(context.request)
      const visitor = admit(context.request)
      const params = validate(spec.params, context.params, true)
      const query = validate(spec.query, queryOf(context), true)
      const body = spec.body
        ? validate(spec.body, await readJson(context.request), false)
        : (undefined as Body)
      const db = await database()
      const answer = await spec.handle({ params, query, body, db, now: now(), visitor })
      return new Response(JSON.stringify(answer ?? null), {
        status: spec.status ?? 200,
        headers: { 'content-type': 'application/json', 'cache-control': 'no-store' },
      })
    } catch (error) {
      return problemResponse(error)
    }
  }
}

/**
 * Checks a value against its schema and collects what is wrong at each field.
 * @param fromText numbers may arrive as text (addresses), not so in JSON
 * @throws Refused 422
 */
export function validate<T>(
  schema: Joi.ObjectSchema<T> | undefined,
  value: unknown,
  fromText: boolean,
): T {
  if (!schema) return value as T
  const result = schema.validate(value, {
    abortEarly: false,
    convert: fromText,
    errors: { wrap: { label: false }, label: 'key' },
  })
  if (!result.error) return result.value
  const fields = result.error.details.map(({ path, message }) => ({
    field: path.join('.'),
    message: `${message.charAt(0).toUpperCase()}${message.slice(1)}.`,
  }))
  const sentence = fields.map(({ message }) => message).join(' ')
  throw new Refused(422, 'not-valid', sentence, fields)
}

function queryOf({ url }: APIContext): Record<string, string> {
  return Object.fromEntries(url.searchParams)
}

async function readJson(request: Request): Promise<unknown> {
  const type = request.headers.get('content-type')?.split(';')[0]?.trim().toLowerCase()
  if (type !== 'application/json') {
    throw new Refused(415, 'not-json', 'Writes are taken as application/json only.')
  }
  const text = await readLimited(request)
  try {
    return JSON.parse(text)
  } catch {
    throw new Refused(400, 'bad-json', 'What arrived is no JSON.')
  }
}

/** Counts while reading: a chunked body tells no length beforehand. */
async function readLimited(request: Request): Promise<string> {
  const tooLarge = new Refused(413, 'too-large', 'What arrived is larger than 256 kB.')
  if (Number(request.headers.get('content-length') ?? 0) > BODY_LIMIT_BYTES) throw tooLarge
  if (!request.body) return ''
  const chunks: Uint8Array[] = []
  let bytes = 0
  for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
    bytes += chunk.byteLength
    if (bytes > BODY_LIMIT_BYTES) throw tooLarge
    chunks.push(chunk)
  }
  return Buffer.concat(chunks).toString('utf8')
}
