import { defineMiddleware } from 'astro:middleware'
import { NotFound } from './data/errors'
import { asOneReading } from './data/kept'
import { unseenMends } from './data/media'
import { admitToPage, isApi } from './server/access'
import { readConfig } from './server/config'
import { database } from './server/database'
import { securityHeaders } from './server/headers'
import { requireOwnHost } from './server/hosts'
import { problemOf, problemResponse, Refused, tellFailure } from './server/problem'
import { gardenId } from './server/storage/gardenId'
import { lostRows } from './server/storage/lostRows'
import { missedCopy } from './server/storage/missedCopy'

const PAGE_METHODS = ['GET', 'HEAD']

/** A page that is not for whoever asks says so in its place. */
function withStatus(page: Response, status: number): Response {
  return new Response(page.body, { status, headers: page.headers })
}

/** Pages pass the same checks as endpoints; one that fails tells under which id it stands in the log. */
export const onRequest = defineMiddleware(async (context, next) => {
  const { request, url, routePattern } = context
  try {
    requireOwnHost(request)
    // Endpoints know themselves who may ask; one that is not there is told to whoever may see a page.
    if (!isApi(routePattern)) {
      if (!PAGE_METHODS.includes(request.method)) {
        throw new Refused(405, 'only-read', 'A page can only be read.')
      }
      const admitted = await admitToPage(request, routePattern)
      if ('signInAt' in admitted) return context.redirect(admitted.signInAt, 303)
      if (isApi(url.pathname)) throw new NotFound('Nothing is answered at this address.')
      context.locals.visitor = admitted
      context.locals.garden = gardenId(readConfig().dataFolder)
      if (admitted.may === 'manage') {
        context.locals.missedCopy = missedCopy()
        context.locals.lostRows = lostRows()
        context.locals.mends = await unseenMends(await database())
      }
    }
  } catch (error) {
    const problem = problemOf(error)
    const isShown =
      problem.status === 403 && problem.code === 'for-managers' && !isApi(url.pathname)
    if (!isShown) return problemResponse(error, request)
    context.locals.refused = problem
  }
  try {
    const { refused } = context.locals
    const answer = () => (isApi(routePattern) ? next() : asOneReading(() => next()))
    const response = refused ? withStatus(await next('/404'), refused.status) : await answer()
    for (const [name, value] of securityHeaders) response.headers.set(name, value)
    // Who signed out must not come back to a page by the back button.
    if (context.locals.visitor?.kind === 'session') {
      response.headers.set('cache-control', 'no-store')
    }
    return response
  } catch (error) {
    tellFailure(problemOf(error), error, request)
    throw error
  }
})
