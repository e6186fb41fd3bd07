import type { IncomingMessage, ServerResponse } from 'node:http'
import compression from 'compression'

/** Of gzip: half the time of the usual level, for a tenth to a third more. */
const LEVEL = 3
/** Below, it would not be noticed. */
const FROM_BYTES = 2048

const packs = compression({ level: LEVEL, threshold: FROM_BYTES })

/**
 * Pages and scripts go out packed to whoever can unpack them: a third or less for a phone at the far end of the garden.
 * Nothing secret stands in a page beside what its address says, from whose length it could be guessed: who comes is told
 * by a cookie. Photos and copies are packed already and go out as they are.
 */
export function squeeze(
  request: IncomingMessage,
  response: ServerResponse,
  answer: () => void,
): void {
  packs(request, response, () => {
    callBack(response)
    answer()
  })
}

/**
 * Whoever writes a part may ask to be told when it is on its way; the library forgets that. A page that fails in its
 * middle is cut off so: without, its reader would wait for the rest for ever.
 */
function callBack(response: ServerResponse): void {
  const write = response.write.bind(response)
  const writeAndTell = (
    chunk: unknown,
    encoding?: BufferEncoding | (() => void),
    told?: () => void,
  ) => {
    const tell = typeof encoding === 'function' ? encoding : told
    const hasRoom = write(chunk, typeof encoding === 'string' ? encoding : 'utf8')
    if (tell) setImmediate(tell)
    return hasRoom
  }
  response.write = writeAndTell as ServerResponse['write']
}
