import { homedir } from 'node:os'
import path from 'node:path'
import { StartError } from './storage/startError'

const DEFAULT_PORT = 4321

/** Settings of the running process, all from the environment. */
export interface Config {
  readonly dataFolder: string
  readonly host: string
  readonly port: number
  /** Hosts that may be named in a request besides this machine's own. */
  readonly extraHosts: readonly string[]
  /** Of a program in front of this one, which tells in it where a request comes from; null where none stands there. */
  readonly addressHeader: string | null
  readonly demo: boolean
  /** Whether a copy of the garden is taken each day. */
  readonly dailyCopies: boolean
  /** A second folder for copies, on another disk or machine; null for none. */
  readonly copiesTo: string | null
  /** Files of the certificate and its key; null where it answers unencrypted. */
  readonly tls: { readonly certificate: string; readonly key: string } | null
  /** A balance on the network, a simulated one, or none. */
  readonly balance: { readonly host: string; readonly port: number } | 'simulated' | null
  /** A standing clock, for tests and pictures. */
  readonly fixedNow: Date | null
}

/** @throws StartError for a setting that cannot be used */
export function readConfig(env: NodeJS.ProcessEnv = process.env): Config {
  const port = env.PORT === undefined || env.PORT === '' ? DEFAULT_PORT : Number(env.PORT)
  if (!Number.isInteger(port) || port < 1 || port > 65535) {
    throw new StartError(`PORT must be a number from 1 to 65535, not "${env.PORT}".`)
  }
  const fixedNow = env.INNINGS_NOW ? new Date(env.INNINGS_NOW) : null
  if (fixedNow && Number.isNaN(fixedNow.getTime())) {
    throw new StartError(`INNINGS_NOW must be a time like 2026-10-20T09:00:00Z.`)
  }
  return {
    dataFolder: path.resolve(env.INNINGS_DATA || defaultDataFolder(env)),
    host: env.HOST || '127.0.0.1',
    port,
    extraHosts: (env.INNINGS_HOSTS ?? '')
      .split(',')
      .map((host) => host.trim())
      .filter(Boolean),
    addressHeader: env.INNINGS_ADDRESS_HEADER?.trim().toLowerCase() || null,
    demo: env.INNINGS_DEMO === '1',
    dailyCopies: env.INNINGS_COPIES !== '0',
    copiesTo: env.INNINGS_COPIES_TO ? path.resolve(env.INNINGS_COPIES_TO) : null,
    balance: balanceOf(env),
    tls: tlsFiles(env),
    fixedNow,
  }
}

/** In the made-up garden a simulated one stands there: nobody's harvest is weighed on it. */
function balanceOf({
  INNINGS_BALANCE: setting,
  INNINGS_DEMO,
}: NodeJS.ProcessEnv): Config['balance'] {
  if (setting === undefined || setting === '') return INNINGS_DEMO === '1' ? 'simulated' : null
  if (setting === 'none') return null
  if (setting === 'simulated') return setting
  const [, host = '', port = ''] = /^\[?(.+?)\]?:(\d{1,5})$/.exec(setting) ?? []
  if (!host || Number(port) < 1 || Number(port) > 65535) {
    throw new StartError(
      `INNINGS_BALANCE must be a host and port such as 192.168.1.20:5000, "simulated" or "none", not "${setting}".`,
    )
  }
  return { host, port: Number(port) }
}

function tlsFiles({ INNINGS_TLS_CERT: certificate, INNINGS_TLS_KEY: key }: NodeJS.ProcessEnv) {
  if (!certificate && !key) return null
  if (!certificate || !key) {
    throw new StartError('INNINGS_TLS_CERT and INNINGS_TLS_KEY belong together: set both.')
  }
  return { certificate: path.resolve(certificate), key: path.resolve(key) }
}

function defaultDataFolder(env: NodeJS.ProcessEnv): string {
  const shared = env.XDG_DATA_HOME || path.join(homedir(), '.local', 'share')
  return path.join(shared, 'innings')
}
