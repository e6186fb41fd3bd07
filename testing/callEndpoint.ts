import type { APIContext, APIRoute } from 'astro'
import type { Problem } from '../src/messages/problem'

const HOST = 'localhost:4321'

export interface Called<T> {
  readonly status: number
  readonly answer: T
  /** Where it was refused. */
  readonly problem: Problem
  /** The first cookie that was set. */
  readonly cookie: string | null
  /** Sentences by field. */
  readonly fields: Readonly<Record<string, string>>
}

/** Calls an endpoint in process, as a page would; what is read is asked for in the address. */
export async function callEndpoint<T = Record<string, unknown>>(
  endpoint: APIRoute,
  body: unknown,
  {
    params = {},
    method = 'POST',
    headers = {},
  }: {
    readonly params?: Readonly<Record<string, string | number>>
    readonly method?: string
    readonly headers?: Readonly<Record<string, string>>
  } = {},
): Promise<Called<T>> {
  const asked = method === 'GET' ? Object.entries((body ?? {}) as Record<string, unknown>) : []
  const query = new URLSearchParams(asked.map(([name, value]) => [name, String(value)]))
  const url = new URL(`http://${HOST}/api/called?${query}`)
  const request = new Request(url, {
    method,
    headers: { host: HOST, 'content-type': 'application/json', ...headers },
    ...(method === 'GET' ? {} : { body: JSON.stringify(body) }),
  })
  const given = Object.fromEntries(
    Object.entries(params).map(([name, value]) => [name, String(value)]),
  )
  const context = { request, params: given, url } as unknown as APIContext
  const response = (await endpoint(context)) as Response
  const isJson = response.headers.get('content-type')?.includes('json')
  const answer: unknown = isJson
    ? await response.json()
    : { bytes: new Uint8Array(await response.arrayBuffer()) }
  const problem = answer as Problem
  const fields = Object.fromEntries(
    (response.ok ? [] : problem.fields).map(({ field, message }) => [field, message]),
  )
  const [cookie = null] = response.headers.getSetCookie()
  return { status: response.status, answer: answer as T, problem, cookie, fields }
}
