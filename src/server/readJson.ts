import { Refused } from './problem'

const BODY_LIMIT_BYTES = 256 * 1024

/**
 * The text of a JSON body.
 * @throws Refused 415 for another content type, 413 for one that is too large
 */
export async function readJson(request: Request, limitBytes = BODY_LIMIT_BYTES): Promise<string> {
  const type = request.headers.get('content-type')?.split(';')[0]?.trim().toLowerCase()
  if (type !== 'application/json') {
    throw new Refused(415, 'not-json', 'Writes are taken as application/json only.')
  }
  return readLimited(request, limitBytes)
}

/** Counts while reading: a chunked body tells no length beforehand. */
async function readLimited(request: Request, limitBytes: number): Promise<string> {
  const tooLarge = new Refused(
    413,
    'too-large',
    `What arrived is larger than ${Math.round(limitBytes / 1024)} kB.`,
  )
  if (Number(request.headers.get('content-length') ?? 0) > limitBytes) throw tooLarge
  if (!request.body) return ''
  const chunks: Uint8Array[] = []
  let bytes = 0
  for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
    bytes += chunk.byteLength
    if (bytes > limitBytes) throw tooLarge
    chunks.push(chunk)
  }
  return Buffer.concat(chunks).toString('utf8')
}
