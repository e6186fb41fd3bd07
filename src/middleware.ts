import { defineMiddleware } from 'astro:middleware'
import { admit } from './server/access'
import { securityHeaders } from './server/headers'
import { requireOwnHost } from './server/hosts'
import { problemResponse } from './server/problem'

/** Pages pass the same checks as endpoints. */
export const onRequest = defineMiddleware(async (context, next) => {
  try {
    requireOwnHost(context.request)
    admit(context.request)
  } catch (error) {
    return problemResponse(error)
  }
  const response = await next()
  for (const [name, value] of securityHeaders) response.headers.set(name, value)
  return response
})
