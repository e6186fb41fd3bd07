import { randomInt } from 'node:crypto'
import { mkdirSync } from 'node:fs'
import { createStream, type RotatingFileStream } from 'rotating-file-stream'

/** One request that failed: enough to find the cause, nothing of what a grower entered. */
export interface LogLine {
  /** Shown to the grower beside the sentence. */
  readonly id: string
  readonly what: string
  readonly method?: string
  /** Path without its query. */
  readonly path?: string
  readonly status?: number
  readonly error?: unknown
}

const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789'
const ID_LETTERS = 6
const MOST_FRAMES = 12

// The process around the pages and the pages themselves are bundled apart and share one log.
const shared = globalThis as {
  inningsLog?: { readonly folder: string; stream: RotatingFileStream | null } | undefined
}

/** Logs into a folder from now on, in files of at most 1 MB, the last five kept; until then to the terminal. */
export function logInto(folder: string): void {
  shared.inningsLog = { folder, stream: null }
}

function openLog(): RotatingFileStream | null {
  const log = shared.inningsLog
  if (!log) return null
  if (log.stream) return log.stream
  mkdirSync(log.folder, { recursive: true })
  const stream = createStream('innings.log', { path: log.folder, size: '1M', maxFiles: 5 })
  stream.on('error', () => {
    // A log that cannot be written (a full disk) must not stop the garden; the next line tries again.
    log.stream = null
  })
  log.stream = stream
  return stream
}

/** A short id that can be read aloud: no letters that look like digits. */
export function newFailureId(): string {
  return Array.from({ length: ID_LETTERS }, () => LETTERS[randomInt(LETTERS.length)]).join('')
}

/** Writes one JSON line. */
export function logFailure({ error, ...line }: LogLine): void {
  const text = JSON.stringify({
    at: new Date().toISOString(),
    ...line,
    ...(error === undefined ? {} : { error: describeError(error) }),
  })
  try {
    const stream = openLog()
    if (stream) {
      stream.write(`${text}\n`)
      return
    }
  } catch {
    // Told to the terminal instead.
  }
  process.stderr.write(`${text}\n`)
}

/**
 * An error without its contents: the name, the database's code, the statement with its gaps, and where it was thrown.
 * Messages are left out, since they repeat what was entered.
 */
export function describeError(error: unknown): Readonly<Record<string, unknown>> {
  if (!(error instanceof Error)) return { name: typeof error }
  const { cause, query, code } = error as Error & { query?: unknown; code?: unknown }
  const frames = (error.stack ?? '')
    .split('\n')
    .map((frame) => frame.trim())
    .filter((frame) => /^at .*:\d+:\d+\)?$/.test(frame))
    .slice(0, MOST_FRAMES)
  return {
    name: error.name,
    ...(typeof code === 'string' ? { code } : {}),
    ...(typeof query === 'string' ? { query } : {}),
    frames,
    ...(cause === undefined ? {} : { cause: describeError(cause) }),
  }
}
