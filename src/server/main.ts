import {
  createServer,
  type IncomingMessage,
  type RequestListener,
  type Server,
  type ServerResponse,
} from 'node:http'
import { createServer as createTlsServer } from 'node:https'
import { readAccess, sessionIdOf } from './access'
import { ADDRESS_HEADER, keepCallerAddress } from './callerAddress'
import { careForGarden } from './care'
import { type Config, readConfig } from './config'
import { closeDatabase, database } from './database'
import { createFairTurns } from './fairTurns'
import { securityHeaders } from './headers'
import { inAddress, isShared } from './hosts'
import { logFailure, logInto, newFailureId } from './log'
import { countUntilAnswered } from './lull'
import { plainAddress } from './plainAddress'
import { squeeze } from './squeeze'
import { placesIn } from './storage/places'
import { requireDataFolder } from './storage/requireFolder'
import { StartError } from './storage/startError'
import { readTls } from './tls'

const NODE_AT_LEAST = 20
const CLOSE_WITHIN_MS = 3000
/** A connection that waits for the next request; shorter, it is closed in the moment a phone sends one. */
const KEPT_ALIVE_MS = 65_000
const HEADERS_WITHIN_MS = 15_000
const BODY_WITHIN_MS = 60_000
/** A photo from the far end of a garden. */
const PHOTO_WITHIN_MS = 300_000
/** Nothing goes in or out for so long: somebody who does not read, or is gone. */
const STANDS_MS = 90_000
/** Whoever reads a page as slowly as that does not wait for it. */
const ANSWER_WITHIN_MS = 300_000
const LOOK_FOR_SLOW_EVERY_MS = 2_000
const LIMITS = {
  headersTimeout: HEADERS_WITHIN_MS,
  requestTimeout: PHOTO_WITHIN_MS,
  connectionsCheckingInterval: LOOK_FOR_SLOW_EVERY_MS,
  keepAliveTimeout: KEPT_ALIVE_MS,
}
/** The others (TRACE, CONNECT) have no use here, and the layers above fall over them. */
const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS']

const turns = createFairTurns()
let server: Server | null = null
let stopCare = () => {}
let stopping = false

/** Starts the built application: data first, then the port; stops cleanly on SIGTERM and SIGINT, also while starting. */
async function main(): Promise<void> {
  const major = Number(process.versions.node.split('.')[0])
  if (major < NODE_AT_LEAST) {
    throw new StartError(
      `Innings needs Node.js ${NODE_AT_LEAST} or newer; this is ${process.version}.`,
    )
  }
  process.on('SIGTERM', stop)
  process.on('SIGINT', stop)
  process.on('uncaughtException', fail)
  // What is kept here is nobody else's.
  process.umask(0o077)
  const config = readConfig()
  const tls = config.tls && readTls(config.tls)
  requireDataFolder(config.dataFolder)
  requirePassphraseToShare(config)
  await database()
  if (stopping) return
  logInto(placesIn(config.dataFolder).logs)
  process.env.ASTRO_NODE_AUTOSTART = 'disabled'
  // React looks here, and draws three times as slowly while it checks itself.
  process.env.NODE_ENV ??= 'production'
  const entry = new URL('./server/entry.mjs', import.meta.url).href
  const { handler } = (await import(entry)) as { handler: RequestListener }
  const answer: RequestListener = (request, response) => {
    countUntilAnswered(response)
    for (const [name, value] of securityHeaders) response.setHeader(name, value)
    request.url = plainAddress(request.url ?? '/')
    keepCallerAddress(request.headers, config.addressHeader)
    if (!METHODS.includes(request.method ?? '')) {
      response.writeHead(405, { allow: METHODS.join(', '), connection: 'close' }).end()
      return
    }
    closeLate(request, response)
    const isTaken = turns.take(deviceOf(request), (over) => {
      response.once('close', over)
      if (response.destroyed || request.socket.destroyed) over()
      else squeeze(request, response, () => handler(request, response))
    })
    if (!isTaken) response.writeHead(429, { 'retry-after': '2', connection: 'close' }).end()
  }
  server = tls ? createTlsServer({ ...LIMITS, ...tls }, answer) : createServer(LIMITS, answer)
  server.setTimeout(STANDS_MS)
  await listen(server, config.port, config.host)
  if (stopping) return
  stopCare = careForGarden()
  print(`Innings is ready: ${addressOf(config)}`)
  print(`Your data is in ${config.dataFolder}`)
}

/** Who asks, as far as turns go: a device that is signed in by itself, for a household may share an address. */
function deviceOf({ headers, socket }: IncomingMessage): string {
  const address = String(headers[ADDRESS_HEADER] ?? socket.remoteAddress)
  return sessionIdOf(headers.cookie) ?? address
}

/** Cuts off what takes too long to arrive, or is not read. */
function closeLate(request: IncomingMessage, response: ServerResponse): void {
  const within = /\/photos$/.test(request.url ?? '') ? PHOTO_WITHIN_MS : BODY_WITHIN_MS
  const body = setTimeout(() => {
    if (!request.complete) request.destroy()
  }, within)
  const answer = setTimeout(() => response.destroy(), within + ANSWER_WITHIN_MS)
  for (const timer of [body, answer]) timer.unref()
  response.once('close', () => {
    clearTimeout(body)
    clearTimeout(answer)
  })
}

function addressOf({ host, port, tls }: Config): string {
  const isHere = ['127.0.0.1', '0.0.0.0', '::', '::1'].includes(host)
  return `${tls ? 'https' : 'http'}://${isHere ? 'localhost' : inAddress(host)}:${port}`
}

/** Whoever reaches the address could change the garden: without a passphrase nobody else may reach it. */
function requirePassphraseToShare(config: Config): void {
  if (hasPassphrase(config.dataFolder) || !isShared(config)) return
  throw new StartError(
    'HOST or INNINGS_HOSTS lets other machines reach this garden, which has no passphrase yet: "npm run share" asks for one and shows how to share it safely.',
  )
}

function hasPassphrase(dataFolder: string): boolean {
  try {
    return readAccess(dataFolder).manager !== null
  } catch (error) {
    throw new StartError((error as Error).message)
  }
}

function stop(): void {
  if (stopping) return
  stopping = true
  stopCare()
  const close = () =>
    closeDatabase().then(
      () => process.exit(0),
      () => process.exit(1),
    )
  if (!server?.listening) {
    close()
    return
  }
  const open = server
  setTimeout(() => open.closeAllConnections(), CLOSE_WITHIN_MS).unref()
  open.close(close)
  open.closeIdleConnections()
}

function listen(listener: Server, port: number, host: string): Promise<void> {
  return new Promise((resolve, reject) => {
    listener.once('error', (error: NodeJS.ErrnoException) => {
      reject(new StartError(listenTrouble(error.code ?? 'unknown', port, host)))
    })
    listener.listen(port, host, () => resolve())
  })
}

function listenTrouble(code: string, port: number, host: string): string {
  if (code === 'EADDRINUSE') {
    return `Port ${port} is taken: stop the other program or set PORT to another number.`
  }
  if (code === 'EACCES') {
    return `Port ${port} may not be opened by you: set PORT to a number from 1024 on.`
  }
  if (code === 'EADDRNOTAVAIL' || code === 'ENOTFOUND') {
    return `HOST is ${host}, which is no address of this machine: leave it out, or set it to one.`
  }
  return `Port ${port} cannot be opened (${code}): set PORT to another number.`
}

/** A bug that no request could catch: nothing answered is lost, and going on could harm. */
function fail(error: unknown): void {
  const id = newFailureId()
  logFailure({ id, what: 'stopped', error })
  process.stderr.write(
    `Innings stopped because of a fault (${id} in the log). Everything that was saved is kept; start it again.\n`,
  )
  // What failed may be the engine itself: it is not waited for without end.
  setTimeout(() => process.exit(1), CLOSE_WITHIN_MS)
  closeDatabase().then(
    () => process.exit(1),
    () => process.exit(1),
  )
}

function print(line: string): void {
  process.stdout.write(`${line}\n`)
}

function tellTrouble(error: unknown): void {
  if (error instanceof StartError) {
    process.stderr.write(`${error.message}\n`)
    return
  }
  const id = newFailureId()
  logFailure({ id, what: 'start', error })
  process.stderr.write(
    `Innings could not start (${id}); what was found is written above or in the log of the data folder.\n`,
  )
}

main().catch(async (error: unknown) => {
  if (!stopping) tellTrouble(error)
  await closeDatabase().catch(() => {})
  process.exit(1)
})
