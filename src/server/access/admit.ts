import type { TokenScope } from '../../messages/access/access'
import type { Need } from '../../messages/operation'
import { now } from '../clock'
import { readConfig } from '../config'
import { Refused } from '../problem'
import { readAccess } from './accessFile'
import { keepSeen, sessionOf, sumOf } from './sessions'

/** Who asks, and what that one may do. */
export type Visitor =
  /** Nobody set a passphrase: only this machine reaches the address. */
  | { readonly kind: 'owner'; readonly may: 'manage' }
  | { readonly kind: 'session'; readonly may: 'log' | 'manage'; readonly sessionId: string }
  | { readonly kind: 'token'; readonly may: TokenScope }
  | { readonly kind: 'stranger'; readonly may: 'nothing' }

const RANKS = { nothing: 0, read: 1, log: 2, manage: 3 } as const
const BEARER = /^Bearer(?:\s+(\S*))?\s*$/i

/**
 * Who asks. Every page and endpoint passes through here before anything is read or written.
 * @throws Refused 401 for a token that is none, 503 where nobody can be let in
 */
export async function visitorOf(request: Request): Promise<Visitor> {
  const { dataFolder } = readConfig()
  const access = readAccess(dataFolder)
  // Of another kind it is for a program in front of this one, such as a proxy that asks for a password of its own.
  const bearer = BEARER.exec(request.headers.get('authorization') ?? '')
  if (bearer) {
    const hash = sumOf(bearer[1] ?? '')
    const token = access.tokens.find((one) => one.hash === hash)
    if (!token) throw new Refused(401, 'wrong-token', 'This token is not known here, or was ended.')
    return { kind: 'token', may: token.scope }
  }
  if (!access.manager) return { kind: 'owner', may: 'manage' }
  const session = sessionOf(access, request, now())
  if (!session) return { kind: 'stranger', may: 'nothing' }
  keepSeen(dataFolder, session, now())
  const may = session.role === 'manager' ? 'manage' : 'log'
  return { kind: 'session', may, sessionId: session.id }
}

/**
 * Lets in who may.
 * @throws Refused 401 for a stranger, 403 for who may not do this
 */
export function requireMay(visitor: Visitor, need: Need): void {
  if (need === 'anyone') return
  if (visitor.kind === 'stranger') {
    throw new Refused(401, 'sign-in', 'Sign in first: this garden has a passphrase.')
  }
  if (need === 'keys') {
    if (visitor.kind === 'token') {
      throw new Refused(
        403,
        'not-by-script',
        'Who may come in is changed by a manager, not by a script.',
      )
    }
    if (visitor.may === 'manage') return
  } else if (RANKS[visitor.may] >= RANKS[need]) return
  throw visitor.kind === 'token'
    ? new Refused(
        403,
        'not-in-scope',
        `This token may ${visitor.may === 'read' ? 'only read' : 'only log, tick and test'}.`,
      )
    : new Refused(
        403,
        'for-managers',
        'Helpers log, tick and test. This changes more: a manager has to do it.',
      )
}
