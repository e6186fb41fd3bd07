import { createHash } from 'node:crypto'
import type { APIContext, APIRoute } from 'astro'
import type { Database } from '../data/database'
import { asOneReading } from '../data/kept'
import type { FileAnswer, Operation } from '../messages/operation'
import { requireMay, type Visitor, visitorOf } from './access'
import { Download, Picture, WithHeaders } from './answerKinds'
import { answerOnce, type Wanted } from './answerOnce'
import { ADDRESS_HEADER } from './callerAddress'
import { now } from './clock'
import { opened } from './database'
import { enteredAt } from './enteredAt'
import { requireOwnHost } from './hosts'
import { summarizeChangedLots } from './lots'
import { problemResponse, Refused } from './problem'
import { readJson } from './readJson'
import { requireSpaceToWrite } from './storage/freeSpace'
import { requireThisGarden } from './thisGarden'
import { validate } from './validate'

const TAG_LETTERS = 22
const READING = ['GET', 'HEAD', 'OPTIONS']

export interface EndpointInput<Params, Query, Body> {
  readonly params: Params
  readonly query: Query
  readonly body: Body
  /** The open database for what reads; of what writes, a transaction that ends with the answer. */
  readonly db: Database
  readonly now: Date
  readonly visitor: Visitor
  readonly request: Request
  /** Where the request comes from. */
  readonly address: string
}

/** What a handler says: the answer, or one in a wrapping that tells more of it. */
export type Reply<Answer> =
  // biome-ignore lint/suspicious/noConfusingVoidType: a handler that has nothing to say says nothing
  | (Answer extends null ? Answer | void : Answer extends FileAnswer ? Download | Picture : Answer)
  | WithHeaders<Answer>

export type Handler<Declared> =
  Declared extends Operation<infer Params, infer Query, infer Body, infer Answer>
    ? (input: EndpointInput<Params, Query, Body>) => Promise<Reply<Answer>> | Reply<Answer>
    : never

/** An endpoint that tells what it takes, so that a test can be made from it. */
export interface Endpoint extends APIRoute {
  readonly operation: Operation
}

/**
 * An endpoint: checks host, origin and access, reads and validates what came, answers JSON. What writes does so in one
 * transaction, and the same request twice is answered the same. Whatever is thrown becomes a problem with a code and a
 * sentence.
 */
export function defineEndpoint(operation: Operation, handle: Handler<Operation>): Endpoint {
  const route: APIRoute = async (context) => {
    const { request } = context
    try {
      requireOwnHost(request)
      const visitor = await visitorOf(request)
      const isReading = READING.includes(request.method)
      requireMay(visitor, operation.needs ?? (isReading ? 'read' : 'manage'))
      const params = validate(operation.params, context.params, true)
      const query = validate(operation.query, queryOf(context), true)
      const text = operation.body ? await readJson(request, operation.limitBytes) : ''
      const body = operation.body ? validate(operation.body, parse(text), false) : undefined
      const address = addressOf(context)
      const answer = async (db: Database) => ({
        status: operation.status ?? 200,
        answer: await handle({
          params,
          query,
          body,
          db,
          now: enteredAt(request, now()),
          visitor,
          request,
          address,
        }),
      })
      const write = async (db: Database) => {
        const written = await answer(db)
        await summarizeChangedLots(db)
        return written
      }
      const open = await opened()
      if (isReading || operation.besideGarden) {
        return json(await asOneReading(() => answer(open.db)), request)
      }
      requireThisGarden(request, open.dataFolder)
      requireSpaceToWrite(open.dataFolder)
      const wanted: Wanted = { request, text, at: now() }
      const written = await open.db.transaction((tx) => {
        return answerOnce(tx, wanted, () => write(tx))
      })
      return json(written, request)
    } catch (error) {
      return problemResponse(error, request)
    }
  }
  return Object.assign(route, { operation })
}

function picture({ bytes, type }: Picture, request: Request): Response {
  const tag = `"${createHash('sha256').update(bytes).digest('base64url').slice(0, TAG_LETTERS)}"`
  const headers = { 'cache-control': 'private, no-cache', etag: tag }
  if (request.headers.get('if-none-match') === tag)
    return new Response(null, { status: 304, headers })
  return new Response(new Uint8Array(bytes), { headers: { ...headers, 'content-type': type } })
}

function json(
  { status, answer }: { readonly status: number; readonly answer: unknown },
  request: Request,
): Response {
  if (answer instanceof Picture) return picture(answer, request)
  if (answer instanceof Download) {
    return new Response(new Uint8Array(answer.bytes), {
      status,
      headers: {
        'content-type': answer.type,
        'content-disposition': `attachment; filename="${answer.fileName}"`,
        'cache-control': 'no-store',
      },
    })
  }
  const [body, more] =
    answer instanceof WithHeaders ? [answer.answer, answer.headers] : [answer, []]
  const headers = new Headers({ 'content-type': 'application/json', 'cache-control': 'no-store' })
  for (const [name, value] of more) headers.append(name, value)
  return new Response(JSON.stringify(body ?? null), { status, headers })
}

/** Where there is no connection (called in process), there is no address. */
function addressOf(context: APIContext): string {
  const forwarded = context.request.headers.get(ADDRESS_HEADER)
  if (forwarded !== null) return forwarded
  try {
    return context.clientAddress ?? ''
  } catch {
    return ''
  }
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
