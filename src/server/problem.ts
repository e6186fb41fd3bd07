import { DomainError } from '../core/errors'
import { Conflict, NotFound, StaleWrite } from '../data/errors'
import type { FieldError, Problem } from '../messages/problem'

/** A refusal at the edge: wrong host, wrong content type, too large, not valid. */
export class Refused extends Error {
  override readonly name = 'Refused'

  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly fields: readonly FieldError[] = [],
  ) {
    super(message)
  }
}

/** Whatever was thrown, as a problem (RFC 9457) with a stable code and a sentence; bugs tell nothing of the inside. */
export function problemOf(error: unknown): Problem {
  if (error instanceof Refused) {
    return problem(error.status, error.code, error.message, { fields: error.fields })
  }
  if (error instanceof DomainError) {
    const field = error.details.field
    return problem(422, error.code, error.message, {
      fields: typeof field === 'string' ? [{ field, message: error.message }] : [],
    })
  }
  if (error instanceof NotFound) return problem(404, 'not-found', error.message)
  if (error instanceof StaleWrite) {
    return problem(409, 'stale', error.message, { current: error.current })
  }
  if (error instanceof Conflict) {
    return problem(409, 'conflict', error.message, { current: error.details })
  }
  return problem(500, 'unexpected', 'Something went wrong here. Nothing was saved; try again.')
}

export function problemResponse(error: unknown): Response {
  const body = problemOf(error)
  if (body.status === 500) process.stderr.write(`${(error as Error)?.stack ?? String(error)}\n`)
  return new Response(JSON.stringify(body), {
    status: body.status,
    headers: { 'content-type': 'application/problem+json' },
  })
}

function problem(
  status: number,
  code: string,
  detail: string,
  more: Partial<Pick<Problem, 'fields' | 'current'>> = {},
): Problem {
  return { type: 'about:blank', title: code, status, code, detail, fields: [], ...more }
}
