import { spawnSync } from 'node:child_process'
import path from 'node:path'

/** A certificate for localhost, signed by itself, and its key; null where there is no openssl to make it. */
export function makeCertificate(folder: string) {
  const certificate = path.join(folder, 'certificate.pem')
  const key = path.join(folder, 'key.pem')
  const words = `req -x509 -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -days 2 -subj /CN=localhost`
  const { status, stderr, error } = spawnSync(
    'openssl',
    [...words.split(' '), '-keyout', key, '-out', certificate],
    { encoding: 'utf8' },
  )
  if (error) return null
  if (status !== 0) throw new Error(stderr)
  return { certificate, key }
}
