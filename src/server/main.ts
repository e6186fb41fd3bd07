import { createServer, type Server } from 'node:http'
import { readConfig, StartError } from './config'
import { closeDatabase, database } from './database'
import { securityHeaders } from './headers'

const NODE_AT_LEAST = 20
const CLOSE_WITHIN_MS = 3000

type Handler = Parameters<typeof createServer>[1]

/** Starts the built application: data first, then the port; stops cleanly on SIGTERM and SIGINT. */
async function main(): Promise<void> {
  const major = Number(process.versions.node.split('.')[0])
  if (major < NODE_AT_LEAST) {
    throw new StartError(
      `Innings needs Node.js ${NODE_AT_LEAST} or newer; this is ${process.version}.`,
    )
  }
  const config = readConfig()
  await database()
  process.env.ASTRO_NODE_AUTOSTART = 'disabled'
  const entry = new URL('./server/entry.mjs', import.meta.url).href
  const { handler } = (await import(entry)) as { handler: NonNullable<Handler> }
  const server = createServer((request, response) => {
    for (const [name, value] of securityHeaders) response.setHeader(name, value)
    handler(request as never, response as never)
  })
  await listen(server, config.port, config.host)
  print(
    `Innings is ready: http://${config.host === '127.0.0.1' ? 'localhost' : config.host}:${config.port}`,
  )
  print(`Your data is in ${config.dataFolder}`)

  let stopping = false
  const stop = () => {
    if (stopping) return
    stopping = true
    setTimeout(() => server.closeAllConnections(), CLOSE_WITHIN_MS).unref()
    server.close(() => {
      closeDatabase().then(
        () => process.exit(0),
        () => process.exit(1),
      )
    })
    server.closeIdleConnections()
  }
  process.on('SIGTERM', stop)
  process.on('SIGINT', stop)
}

function listen(server: Server, port: number, host: string): Promise<void> {
  return new Promise((resolve, reject) => {
    server.once('error', (error: NodeJS.ErrnoException) => {
      const taken = error.code === 'EADDRINUSE'
      reject(
        new StartError(
          taken
            ? `Port ${port} is taken: stop the other program or set PORT to another number.`
            : `Port ${port} cannot be opened (${error.code}).`,
        ),
      )
    })
    server.listen(port, host, () => resolve())
  })
}

function print(line: string): void {
  process.stdout.write(`${line}\n`)
}

main().catch(async (error: unknown) => {
  process.stderr.write(
    `${error instanceof StartError ? error.message : ((error as Error).stack ?? error)}\n`,
  )
  await closeDatabase().catch(() => {})
  process.exit(1)
})
