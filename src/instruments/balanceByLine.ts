import { connect, type Socket } from 'node:net'
import type { Balance, BalanceReading } from './balance'
import { gramsOf, readReadingLine } from './readingLine'

const AGAIN_MS = 5000
/** An older reading is not what lies on it now. */
const FRESH_MS = 3000
/** Asked by nobody for so long, the line is given up until somebody asks again. */
const UNASKED_MS = 60_000
/** No line is longer; whatever sends more is no instrument. */
const LONGEST_LINE = 500

/**
 * A balance that sends lines over a TCP port, one reading a line (see readReadingLine). A line that is cut is tried again
 * every few seconds; until it is back nothing is shown.
 */
export function balanceByLine({
  host,
  port,
  clock,
}: {
  readonly host: string
  readonly port: number
  readonly clock: () => number
}): Balance {
  let last: { readonly reading: BalanceReading; readonly at: number } | null = null
  let socket: Socket | null = null
  let again: NodeJS.Timeout | null = null
  let isClosed = false
  let askedAt = clock()

  const take = (line: string) => {
    const read = readReadingLine(line)
    const grams = read && gramsOf(read)
    if (read && grams !== null) last = { reading: { grams, isStable: read.isStable }, at: clock() }
  }
  const open = () => {
    let rest = ''
    socket = connect({ host, port })
    socket.setEncoding('utf8')
    // Nobody waits for it at the end.
    socket.unref()
    socket.on('data', (text) => {
      if (clock() - askedAt > UNASKED_MS) {
        socket?.destroy()
        return
      }
      const lines = (rest + text).split(/\r?\n/)
      rest = (lines.pop() ?? '').slice(0, LONGEST_LINE)
      for (const line of lines) take(line)
    })
    socket.on('error', () => {})
    socket.on('close', () => {
      last = null
      socket = null
      const isAsked = clock() - askedAt <= UNASKED_MS
      if (!isClosed && isAsked) again = setTimeout(open, AGAIN_MS).unref()
    })
  }
  open()
  return {
    isSimulated: false,
    read: () => {
      const wasAsked = clock() - askedAt <= UNASKED_MS
      askedAt = clock()
      if (!wasAsked && socket === null) open()
      return last && clock() - last.at < FRESH_MS ? last.reading : null
    },
    close: () => {
      isClosed = true
      if (again) clearTimeout(again)
      socket?.destroy()
    },
  }
}
