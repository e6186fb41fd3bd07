import type { APIRoute } from 'astro'
import { NotFound } from '../data/errors'
import type { OperationName } from '../messages/operations'
import { requireMay, visitorOf } from './access'
import { accessEndpoints } from './access/endpoints'
import { benchEndpoints } from './bench/endpoints'
import { containersEndpoints } from './containers/endpoints'
import type { Endpoint } from './defineEndpoint'
import type { Endpoints } from './endpoints'
import { findEndpoints } from './find/endpoints'
import { healthEndpoints } from './health/endpoints'
import { requireOwnHost } from './hosts'
import { instrumentsEndpoints } from './instruments/endpoints'
import { mediaEndpoints } from './media/endpoints'
import { mixesEndpoints } from './mixes/endpoints'
import { problemResponse, Refused } from './problem'
import { reconditionEndpoints } from './recondition/endpoints'
import { siteEndpoints } from './site/endpoints'
import { trialsEndpoints } from './trials/endpoints'

/** Every endpoint there is, by its operation. */
export const endpointTable: Endpoints<OperationName> = {
  ...accessEndpoints,
  ...benchEndpoints,
  ...containersEndpoints,
  ...findEndpoints,
  ...healthEndpoints,
  ...instrumentsEndpoints,
  ...mediaEndpoints,
  ...mixesEndpoints,
  ...reconditionEndpoints,
  ...siteEndpoints,
  ...trialsEndpoints,
}

interface Route {
  readonly method: string
  readonly segments: readonly string[]
  readonly endpoint: Endpoint
}

interface Found {
  readonly endpoint: Endpoint
  readonly params: Readonly<Record<string, string>>
}

/** By the number of their segments; what stands there word for word before what holds a part in brackets. */
const byLength = new Map<number, Route[]>()
for (const [name, endpoint] of Object.entries(endpointTable)) {
  const [method = '', path = ''] = name.split(' ')
  const segments = path.split('/')
  const others = byLength.get(segments.length) ?? []
  byLength.set(segments.length, [...others, { method, segments, endpoint }].sort(wordsFirst))
}

/** Answers whatever is asked under /api. */
export const answerApi: APIRoute = async (context) => {
  const { request, url } = context
  try {
    const found = findRoute(request.method, url.pathname)
    if ('endpoint' in found) return await found.endpoint({ ...context, params: found.params })
    requireOwnHost(request)
    requireMay(await visitorOf(request), 'read')
    if (found.methods.length === 0) throw new NotFound('Nothing is answered at this address.')
    return wrongMethod(found.methods, request)
  } catch (error) {
    return problemResponse(error, request)
  }
}

function wrongMethod(methods: readonly string[], request: Request): Response {
  const said = `This address takes ${methods.join(' or ')}.`
  const response = problemResponse(new Refused(405, 'wrong-method', said), request)
  response.headers.set('allow', methods.join(', '))
  return response
}

function findRoute(method: string, path: string): Found | { readonly methods: readonly string[] } {
  const asked = method === 'HEAD' ? 'GET' : method
  const segments = path.split('/').map(decoded)
  const fitting = (byLength.get(segments.length) ?? []).filter((route) => fits(route, segments))
  const route = fitting.find((one) => one.method === asked)
  if (!route) return { methods: fitting.map((one) => one.method) }
  const named = route.segments.flatMap((segment, i) =>
    isPart(segment) ? [[segment.slice(1, -1), segments[i] ?? '']] : [],
  )
  return { endpoint: route.endpoint, params: Object.fromEntries(named) }
}

function fits(route: Route, segments: readonly string[]): boolean {
  return route.segments.every((segment, i) =>
    isPart(segment) ? segments[i] !== '' : segment === segments[i],
  )
}

function wordsFirst(a: Route, b: Route): number {
  const at = a.segments.findIndex((segment, i) => isPart(segment) !== isPart(b.segments[i] ?? ''))
  return at < 0 ? 0 : Number(isPart(a.segments[at] ?? '')) - Number(isPart(b.segments[at] ?? ''))
}

function isPart(segment: string): boolean {
  return segment.startsWith('[')
}

function decoded(segment: string): string {
  try {
    return decodeURIComponent(segment)
  } catch {
    return segment
  }
}
