import { readFileSync } from 'node:fs'
import { createSecureContext } from 'node:tls'
import type { Config } from './config'
import { StartError } from './storage/startError'

/**
 * The certificate and key that its files hold.
 * @throws StartError naming the file that cannot be used
 */
export function readTls({ certificate, key }: NonNullable<Config['tls']>) {
  const files = { cert: read(certificate, 'INNINGS_TLS_CERT'), key: read(key, 'INNINGS_TLS_KEY') }
  try {
    createSecureContext(files)
  } catch (error) {
    throw new StartError(
      `The certificate ${certificate} and the key ${key} do not go together, or are no PEM files (${(error as Error).message}).`,
    )
  }
  return files
}

function read(file: string, setting: string): Buffer {
  try {
    return readFileSync(file)
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException
    throw new StartError(`${setting} names ${file}, which cannot be read (${code}).`)
  }
}
