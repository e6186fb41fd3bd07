import type { APIContext, APIRoute } from 'astro'
import type Joi from 'joi'
import type { Database } from '../data/database'
import { shareKept } from '../data/kept'
import { admit, type Visitor } from './access'
import { answerOnce, type Wanted } from './answerOnce'
import { now } from './clock'
import { opened } from './database'
import { requireOwnHost } from './hosts'
import { summarizeChangedLots } from './lots'
import { problemResponse, Refused } from './problem'
import { readJson } from './readJson'
import { requireSpaceToWrite } from './storage/freeSpace'
import { validate } from './validate'

const READING = ['GET', 'HEAD', 'OPTIONS']

export interface EndpointInput<Params, Query, Body> {
  readonly params: Params
  readonly query: Query
  readonly body: Body
  /** The open database for what reads; of what writes, a transaction that ends with the answer. */
  readonly db: Database
  readonly now: Date
  readonly visitor: Visitor
}

export interface EndpointSpec<Params, Query, Body> {
  readonly params?: Joi.ObjectSchema<Params>
  readonly query?: Joi.ObjectSchema<Query>
  readonly body?: Joi.ObjectSchema<Body>
  /** Of the body, where it may be larger than others. */
  readonly limitBytes?: number
  /** Status of success, 200 when left out. */
  readonly status?: number
  handle(input: EndpointInput<Params, Query, Body>): Promise<unknown>
}

/** An endpoint that tells what it takes, so that a test can be made from it. */
export interface Endpoint<Params = unknown, Query = unknown, Body = unknown> extends APIRoute {
  readonly spec: EndpointSpec<Params, Query, Body>
}

/**
 * An endpoint: checks host, origin and access, reads and validates what came, answers JSON. What writes does so in one
 * transaction, and the same request twice is answered the same. Whatever is thrown becomes a problem with a code and a
 * sentence.
 */
export function defineEndpoint<Params = unknown, Query = unknown, Body = unknown>(
  spec: EndpointSpec<Params, Query, Body>,
): Endpoint<Params, Query, Body> {
  const route: APIRoute = async (context) => {
    const { request } = context
    try {
      requireOwnHost(request)
      const visitor = admit(request)
      const params = validate(spec.params, context.params, true)
      const query = validate(spec.query, queryOf(context), true)
      const text = spec.body ? await readJson(request, spec.limitBytes) : ''
      const body = spec.body ? validate(spec.body, parse(text), false) : (undefined as Body)
      const answer = async (db: Database) => ({
        status: spec.status ?? 200,
        answer: await spec.handle({ params, query, body, db, now: now(), visitor }),
      })
      const write = async (db: Database) => {
        const written = await answer(db)
        await summarizeChangedLots(db)
        return written
      }
      const open = await opened()
      if (READING.includes(request.method)) return json(await answer(open.db))
      requireSpaceToWrite(open.dataFolder)
      const wanted: Wanted = { request, text, at: now() }
      const written = await open.db.transaction((tx) => {
        shareKept(open.db, tx)
        return answerOnce(tx, wanted, () => write(tx))
      })
      return json(written)
    } catch (error) {
      return problemResponse(error, request)
    }
  }
  return Object.assign(route, { spec })
}

/** An answer that is a picture; what has a number never changes. */
export class Picture {
  constructor(
    readonly bytes: Uint8Array,
    readonly type: string,
  ) {}
}

function json({ status, answer }: { readonly status: number; readonly answer: unknown }): Response {
  if (answer instanceof Picture) {
    return new Response(new Uint8Array(answer.bytes), {
      status,
      headers: {
        'content-type': answer.type,
        'cache-control': 'private, max-age=31536000, immutable',
      },
    })
  }
  return new Response(JSON.stringify(answer ?? null), {
    status,
    headers: { 'content-type': 'application/json', 'cache-control': 'no-store' },
  })
}

function queryOf({ url }: APIContext): Record<string, string> {
  return Object.fromEntries(url.searchParams)
}

function parse(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    throw new Refused(400, 'bad-json', 'What arrived is no JSON.')
  }
}
