import type { Problem } from '../messages/problem'
import { GARDEN_HEADER, gardenHere } from './gardenHere'
import {
  type AnswerTo,
  type AskedOf,
  type Request,
  request,
  type SendMethod,
  type Write,
} from './request'
import { createSendOnce } from './sendOnce'
import { common as commonWords } from './texts/common'

export type Answer<T> =
  | { readonly ok: true; readonly data: T }
  | { readonly ok: false; readonly problem: Problem }

const once = createSendOnce(() => sessionStorage)

/**
 * Sends a decision to an endpoint; a refusal or a lost connection comes back as a problem, never as an exception. What
 * makes something is sent once, however often it is clicked; a PUT says how a thing is to be, and may come again.
 */
export async function send<T>({ method, address, body }: Request<T>): Promise<Answer<T>> {
  const text = JSON.stringify(body)
  if (method === 'PUT') return attempt(method, address, text)
  const answer = await once(`${method} ${address}\n${text}`, async (id) => {
    const got = await attempt<T>(method, address, text, id)
    return { ...got, answered: got.ok || (got.problem.status > 0 && got.problem.status < 500) }
  })
  return answer
}

/** Asks for what an operation does, and hears what came of it. */
export function ask<Name extends Write>(
  name: Name,
  asked: AskedOf<Name>,
): Promise<Answer<AnswerTo<Name>>> {
  return send(request(name, asked))
}

async function attempt<T>(
  method: SendMethod,
  address: string,
  body: string,
  id?: string,
): Promise<Answer<T>> {
  try {
    const response = await fetch(address, {
      method,
      headers: {
        'content-type': 'application/json',
        ...(gardenHere() ? { [GARDEN_HEADER]: gardenHere() } : {}),
        ...(id ? { 'idempotency-key': id } : {}),
      },
      body,
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
        detail: commonWords.noAnswer,
        fields: [],
      },
    }
  }
}
