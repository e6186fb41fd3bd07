import { defineMiddleware } from 'astro:middleware'
import { admit } from './server/access'
import { securityHeaders } from './server/headers'
import { requireOwnHost } from './server/hosts'
import { problemOf, problemResponse, Refused, tellFailure } from './server/problem'

const PAGE_METHODS = ['GET', 'HEAD']

/** Pages pass the same checks as endpoints; one that fails tells under which id it stands in the log. */
export const onRequest = defineMiddleware(async (context, next) => {
  const { request, url } = context
  try {
    requireOwnHost(request)
    admit(request)
    if (!url.pathname.startsWith('/api/') && !PAGE_METHODS.includes(request.method)) {
      throw new Refused(405, 'only-read', 'A page can only be read.')
    }
  } catch (error) {
    return problemResponse(error, request)
  }
  try {
    const response = await next()
    for (const [name, value] of securityHeaders) response.headers.set(name, value)
    return response
  } catch (error) {
    tellFailure(problemOf(error), error, request)
    throw error
  }
})
