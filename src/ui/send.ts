import type { Problem } from '../messages/problem'
import { texts } from './texts'

export type SendMethod = 'POST' | 'PATCH' | 'PUT'

export type Answer<T> =
  | { readonly ok: true; readonly data: T }
  | { readonly ok: false; readonly problem: Problem }

/** Sends a decision to an endpoint; a refusal or a lost connection comes back as a problem, never as an exception. */
export async function send<T>(
  method: SendMethod,
  address: string,
  body: unknown,
): Promise<Answer<T>> {
  try {
    const response = await fetch(address, {
      method,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
    const answer: unknown = await response.json()
    return response.ok ? { ok: true, data: answer as T } : { ok: false, problem: answer as Problem }
  } catch {
    return {
      ok: false,
      problem: {
        type: 'about:blank',
        title: 'no-answer',
        status: 0,
        code: 'no-answer',
        detail: texts.common.noAnswer,
        fields: [],
      },
    }
  }
}
