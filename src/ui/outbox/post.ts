import type { Problem } from '../../messages/problem'
import { GARDEN_HEADER } from '../gardenHere'
import { common as commonWords } from '../texts/common'
import type { Entry } from './entry'
import type { Answered } from './outbox'
import { keepTold } from './toldHere'

/** Nothing went on for so long: a slow line is no reason to stop, one that stands is. */
const STANDS_MS = 20_000
/** What the device has handed to its line may still be on its way: at 0.1 Mbit/s, in bytes a ms. */
const SLOWEST_LINE = 12.5
/** Of an entry of an earlier version, which told none. */
const NO_GARDEN = 'none'

/**
 * Sends an entry, for as long as something of it arrives: a photo takes a minute from the far end of a garden.
 *
 * How long ago it was entered is told, not when: a clock that is wrong is wrong at both ends.
 */
export async function post(entry: Entry, onProgress: () => void): Promise<Answered> {
  const { method, address, body, id, enteredAtMs, garden } = entry
  const headers = {
    'content-type': 'application/json',
    'idempotency-key': id,
    'entered-ago-ms': String(Math.max(0, Math.round(Date.now() - enteredAtMs))),
    [GARDEN_HEADER]: garden || NO_GARDEN,
  }
  const answered = await request(
    { method, address, headers, text: JSON.stringify(body) },
    onProgress,
  )
  if (!answered) return null
  const { status, text } = answered
  const data = parse(text)
  if (status < 400) {
    // A page in the place of an answer: something between here and Innings wrote it.
    if (data === undefined) return null
    // Before it leaves the queue: it may be the last thing that this page does.
    keepTold(Date.now(), { kind: 'answered', entry, data })
    return { ok: true, data }
  }
  return { ok: false, problem: isProblem(data) ? data : problemOf(status) }
}

interface Asked {
  readonly method: string
  readonly address: string
  readonly headers: Readonly<Record<string, string>>
  readonly text: string
}

/** By the older kind of request: it tells how much has gone out. */
function request(
  { method, address, headers, text }: Asked,
  onProgress: () => void,
): Promise<{ readonly status: number; readonly text: string } | null> {
  return new Promise((resolve) => {
    const asked = new XMLHttpRequest()
    let timer: ReturnType<typeof setTimeout>
    const end = (answer: { readonly status: number; readonly text: string } | null) => {
      clearTimeout(timer)
      resolve(answer)
    }
    const goesOn = () => {
      clearTimeout(timer)
      timer = setTimeout(() => asked.abort(), STANDS_MS + text.length / SLOWEST_LINE)
    }
    asked.open(method, address)
    for (const [name, value] of Object.entries(headers)) asked.setRequestHeader(name, value)
    asked.upload.onprogress = () => {
      goesOn()
      onProgress()
    }
    asked.onprogress = goesOn
    asked.onload = () => end({ status: asked.status, text: asked.responseText })
    asked.onerror = () => end(null)
    asked.onabort = () => end(null)
    goesOn()
    asked.send(text)
  })
}

function parse(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return undefined
  }
}

function isProblem(data: unknown): data is Problem {
  return typeof data === 'object' && data !== null && 'code' in data && 'detail' in data
}

/** A program in between refused it in words of its own. */
function problemOf(status: number): Problem {
  const detail = commonWords.refusedOnTheWay(status)
  return {
    type: 'about:blank',
    title: 'on-the-way',
    status,
    code: 'on-the-way',
    detail,
    fields: [],
  }
}
