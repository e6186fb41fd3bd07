import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto'

/** A passphrase as it is kept: nothing leads back from it. */
export interface HashedPassphrase {
  readonly salt: string
  readonly hash: string
}

// About 0.1 s and 32 MB a try: slow enough for whoever stole the file, quick enough for whoever signs in.
const COST = { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 1024 * 1024 }
const SALT_BYTES = 16
const HASH_BYTES = 32

/** A passphrase salted and hashed by scrypt (RFC 7914). */
export async function hashPassphrase(passphrase: string): Promise<HashedPassphrase> {
  const salt = randomBytes(SALT_BYTES)
  const hash = await derive(passphrase, salt)
  return { salt: salt.toString('base64'), hash: hash.toString('base64') }
}

/** Whether this is the passphrase that was hashed; as slow for a wrong one as for the right one. */
export async function isPassphrase(passphrase: string, kept: HashedPassphrase): Promise<boolean> {
  const hash = await derive(passphrase, Buffer.from(kept.salt, 'base64'))
  const wanted = Buffer.from(kept.hash, 'base64')
  return hash.length === wanted.length && timingSafeEqual(hash, wanted)
}

let last: Promise<unknown> = Promise.resolve()

/** One after another: many guesses at once would take all memory. */
function derive(passphrase: string, salt: Buffer): Promise<Buffer> {
  const next = last.then(
    () =>
      new Promise<Buffer>((resolve, reject) => {
        const text = passphrase.normalize('NFKC')
        scrypt(text, salt, HASH_BYTES, COST, (error, hash) =>
          error ? reject(error) : resolve(hash),
        )
      }),
  )
  last = next.catch(() => {})
  return next
}
