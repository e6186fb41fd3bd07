import { randomUUID } from 'node:crypto'
import {
  closeSync,
  fsyncSync,
  openSync,
  readFileSync,
  renameSync,
  statSync,
  writeSync,
} from 'node:fs'
import path from 'node:path'
import Joi from 'joi'
import type { Role, TokenScope } from '../../messages/access/access'
import { Refused } from '../problem'
import { flush } from '../storage/flushFolder'
import { placesIn } from '../storage/places'
import type { HashedPassphrase } from './passphrase'

/** A device that signed in. Of its cookie only a sum is kept. */
export interface KeptSession {
  readonly id: string
  readonly hash: string
  readonly role: Role
  /** What the device says of itself. */
  readonly device: string
  readonly since: string
  /** The day it was last here. */
  readonly seen: string
}

/** A script's way in. */
export interface KeptToken {
  readonly id: string
  readonly hash: string
  readonly name: string
  readonly scope: TokenScope
  readonly since: string
}

/** Who may come in. It stands beside the garden, not in it: a copy put back brings no old passphrase with it. */
export interface Access {
  /** Of this folder, in the names of its cookies. */
  readonly id: string
  readonly manager: HashedPassphrase | null
  readonly helper: HashedPassphrase | null
  readonly sessions: readonly KeptSession[]
  readonly tokens: readonly KeptToken[]
  /** Sums of the cookies of devices that were signed in once: what strangers guess does not slow them down. */
  readonly devices: readonly string[]
}

export const OPEN: Access = {
  id: '',
  manager: null,
  helper: null,
  sessions: [],
  tokens: [],
  devices: [],
}

const text = Joi.string().max(200).required()
const passphrase = Joi.object({ salt: text, hash: text }).allow(null).required()
const kept = { id: text, hash: text, since: text }
const schema = Joi.object<Access>({
  // Earlier versions wrote neither.
  id: Joi.string().max(200).allow('').default(''),
  devices: Joi.array().items(Joi.string().max(200)).default([]),
  manager: passphrase,
  helper: passphrase,
  sessions: Joi.array()
    .items({
      ...kept,
      role: Joi.valid('manager', 'helper').required(),
      device: text.allow(''),
      seen: text,
    })
    .required(),
  tokens: Joi.array()
    .items({ ...kept, name: text, scope: Joi.valid('read', 'log', 'manage').required() })
    .required(),
})

interface Read {
  readonly file: string
  readonly stamp: string
  readonly access: Access
}

// Pages and the process around them are bundled apart: what was read is kept once a process.
const shared = globalThis as { inningsAccess?: Read | undefined }

/**
 * Who may come in, read again when the file has changed: `npm run share` may write it while Innings runs.
 * @throws Refused 503 where it cannot be read: nobody is let in until it was looked at
 */
export function readAccess(dataFolder: string): Access {
  const { access: file } = placesIn(dataFolder)
  const stat = statSync(file, { throwIfNoEntry: false })
  if (!stat) return OPEN
  const stamp = `${stat.mtimeMs} ${stat.size} ${stat.ino}`
  const known = shared.inningsAccess
  if (known?.file === file && known.stamp === stamp) return known.access
  const access = parse(file)
  shared.inningsAccess = { file, stamp, access }
  return access
}

/**
 * Changes who may come in: on the disk before it is answered, and never half written.
 * @param before what is changed; what the file holds, unless it cannot be read
 */
export function changeAccess(
  dataFolder: string,
  change: (access: Access) => Access,
  before: Access = readAccess(dataFolder),
): Access {
  const { access: file } = placesIn(dataFolder)
  const changed = change(before)
  const next = { ...changed, id: changed.id || randomUUID().slice(0, 8) }
  const aside = `${file}.${process.pid}`
  const open = openSync(aside, 'w', 0o600)
  try {
    writeSync(open, `${JSON.stringify(next, null, 2)}\n`)
    fsyncSync(open)
  } finally {
    closeSync(open)
  }
  renameSync(aside, file)
  flush(path.dirname(file))
  return next
}

function parse(file: string): Access {
  try {
    const { value, error } = schema.validate(JSON.parse(readFileSync(file, 'utf8')))
    if (error) throw error
    return value as Access
  } catch {
    throw new Refused(
      503,
      'access-damaged',
      'Who may come in cannot be read, so nobody is let in. Run "npm run share -- --passphrase" on the machine of this garden.',
    )
  }
}
