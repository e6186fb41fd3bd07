import { DomainError } from '../core/errors'
import { Conflict, NotFound, StaleWrite } from '../data/errors'
import type { FieldError, Problem } from '../messages/problem'
import { logFailure, newFailureId } from './log'

/** A refusal at the edge: wrong host, wrong content type, too large, not valid. */
export class Refused extends Error {
  override readonly name = 'Refused'

  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly fields: readonly FieldError[] = [],
    /** What a page may offer instead. */
    readonly current?: Readonly<Record<string, unknown>>,
  ) {
    super(message)
  }
}

/** Refuses what stands in one field, with its sentence. */
export function refuseField(field: string, message: string): never {
  throw new Refused(422, 'not-valid', message, [{ field, message }])
}

/** Of the engine, and of files beside the garden. */
const DISK_FULL = ['53100', 'ENOSPC', 'EDQUOT']

/** Whatever was thrown, as a problem (RFC 9457) with a stable code and a sentence; bugs tell nothing of the inside. */
export function problemOf(error: unknown): Problem {
  if (error instanceof Refused) {
    const { status, code, message, fields, current } = error
    return problem(status, code, message, { fields, ...(current ? { current } : {}) })
  }
  if (error instanceof DomainError) {
    const { field, plantGroup } = error.details
    return problem(422, error.code, error.message, {
      fields: typeof field === 'string' ? [{ field, message: error.message }] : [],
      ...(typeof plantGroup === 'string' ? { plantGroup } : {}),
    })
  }
  if (error instanceof NotFound) return problem(404, 'not-found', error.message)
  if (error instanceof StaleWrite) {
    return problem(409, 'stale', error.message, { current: error.current })
  }
  if (error instanceof Conflict) {
    return problem(409, 'conflict', error.message, { current: error.details })
  }
  if (DISK_FULL.includes(sqlStateOf(error) ?? '')) {
    const sentence = 'The disk is full. Nothing was saved; free some space, then send it again.'
    return problem(507, 'disk-full', sentence)
  }
  return problem(500, 'unexpected', 'Something went wrong here. Nothing was saved; try again.')
}

/** The answer to a request that was refused or failed; a failure is logged, under an id that the answer tells. */
export function problemResponse(error: unknown, request: Request): Response {
  const body = tellFailure(problemOf(error), error, request)
  return new Response(JSON.stringify(body), {
    status: body.status,
    headers: { 'content-type': 'application/problem+json', 'cache-control': 'no-store' },
  })
}

// The page of a failure is made apart from the page that failed, and gets nothing but its error.
const ids = new WeakMap<Error, string>()

/** Under which id an error stands in the log; null where it does not. */
export function failureId(error: unknown): string | null {
  return (error instanceof Error && ids.get(error)) || null
}

/** Logs what failed here and adds its id to the sentence; a refusal is left as it is. */
export function tellFailure(told: Problem, error: unknown, request: Request): Problem {
  // A full disk is told before anything was tried: nothing failed here.
  const expected = error instanceof Refused && told.code === 'disk-full'
  if (told.status < 500 || expected) return told
  const id = newFailureId()
  const { method, url } = request
  const { pathname } = new URL(url)
  logFailure({ id, what: told.code, method, path: pathname, status: told.status, error })
  if (error instanceof Error) ids.set(error, id)
  return { ...told, id, detail: `${told.detail} (${id} in the log.)` }
}

function sqlStateOf(error: unknown): string | undefined {
  const { code, cause } = (error ?? {}) as { code?: unknown; cause?: { code?: unknown } }
  const found = cause?.code ?? code
  return typeof found === 'string' ? found : undefined
}

function problem(
  status: number,
  code: string,
  detail: string,
  more: Partial<Pick<Problem, 'fields' | 'current' | 'plantGroup'>> = {},
): Problem {
  return { type: 'about:blank', title: code, status, code, detail, fields: [], ...more }
}
