import { createInterface } from 'node:readline'
import { Writable } from 'node:stream'
import type { Role } from '../../messages/access/access'
import { newPassphraseSchema } from '../../messages/access/access'
import { readConfig } from '../config'
import { inAddress, ownAddresses } from '../hosts'
import { qrText } from '../labels'
import { Refused } from '../problem'
import { requireDataFolder } from '../storage/requireFolder'
import { StartError } from '../storage/startError'
import { validate } from '../validate'
import { type Access, changeAccess, OPEN, readAccess } from './accessFile'
import { hashPassphrase, isPassphrase } from './passphrase'

const HELP = `npm run share                  opens your garden to your own network, with a passphrase
npm run share -- --passphrase  sets a new passphrase for the manager, whose devices sign in again
npm run share -- --helper      sets one for helpers, who log, tick and test only`

// `npm run share`: asks for a passphrase where there is none, then starts Innings for the whole network.
async function share(words: readonly string[]): Promise<void> {
  if (words.some((word) => !['--passphrase', '--helper'].includes(word))) {
    print(HELP)
    process.exit(1)
  }
  process.umask(0o077)
  process.env.HOST ||= '0.0.0.0'
  const { dataFolder, port, tls, host } = readConfig()
  requireDataFolder(dataFolder)
  const access = known(dataFolder, words.includes('--passphrase'))
  if (!access.manager || words.includes('--passphrase')) await ask(dataFolder, 'manager', access)
  if (words.includes('--helper')) await ask(dataFolder, 'helper', readAccess(dataFolder))
  // From here on Ctrl-C is for the server.
  reader?.close()
  const isAny = host === '0.0.0.0' || host === '::'
  const numbers = isAny ? likeliestFirst(ownAddresses()) : [host]
  const addresses = numbers.map((one) => `${tls ? 'https' : 'http'}://${inAddress(one)}:${port}/`)
  tellHow(addresses, tls !== null)
}

/** Home networks first; bridges of containers and long numbers last, since a phone can rarely reach those. */
function likeliestFirst(numbers: readonly string[]): string[] {
  const ranks = [/^192\.168\./, /^10\./, /^172\./, /^[\d.]+$/, /./]
  const rankOf = (one: string) => ranks.findIndex((rank) => rank.test(one))
  return numbers
    .filter((one) => !one.startsWith('fe80:'))
    .sort((one, other) => rankOf(one) - rankOf(other))
}

/** @throws StartError for a file that cannot be read, unless it is about to be set anew */
function known(dataFolder: string, isAnew: boolean): Access {
  try {
    return readAccess(dataFolder)
  } catch (error) {
    if (isAnew) return OPEN
    throw new StartError((error as Error).message)
  }
}

async function ask(dataFolder: string, role: Role, before: Access): Promise<void> {
  print(
    role === 'manager'
      ? 'Whoever knows the passphrase can see and change everything. Four words that do not belong together make a good one.'
      : 'A passphrase for helpers: they log, tick and test, and cannot remove or change the rest.',
  )
  const passphrase = await readPassphrase(`Passphrase for the ${role}: `)
  try {
    validate(newPassphraseSchema, { role, passphrase, present: '' }, false)
  } catch (error) {
    throw new StartError((error as Refused).message)
  }
  const other = before[role === 'manager' ? 'helper' : 'manager']
  if (other && (await isPassphrase(passphrase, other))) {
    throw new StartError('Manager and helper need different passphrases.')
  }
  const hashed = await hashPassphrase(passphrase)
  const change = (access: Access) => ({
    ...access,
    [role]: hashed,
    sessions: access.sessions.filter((one) => one.role !== role),
  })
  changeAccess(dataFolder, change, before)
}

/** From the keyboard unseen and twice, or one line from another program. */
async function readPassphrase(question: string): Promise<string> {
  if (!process.stdin.isTTY) return nextLine('')
  const first = await nextLine(question)
  const again = await nextLine('The same again: ')
  if (first !== again)
    throw new StartError('The two were not the same. Nothing was set; start again.')
  return first
}

const unseen = new Writable({ write: (_chunk, _encoding, done) => done() })
const keyboard = () =>
  createInterface({
    input: process.stdin,
    output: unseen,
    terminal: process.stdin.isTTY ?? false,
  }).on('SIGINT', () => process.exit(130))
let reader: ReturnType<typeof keyboard> | null = null
let lines: AsyncIterator<string> | null = null

async function nextLine(question: string): Promise<string> {
  process.stdout.write(question)
  reader ??= keyboard()
  lines ??= reader[Symbol.asyncIterator]()
  const { value } = await lines.next()
  if (question) process.stdout.write('\n')
  return (value as string | undefined) ?? ''
}

function tellHow(addresses: readonly string[], isEncrypted: boolean): void {
  const [first] = addresses
  if (!first) {
    print('This machine is in no network now: other devices cannot reach it.')
    return
  }
  print(`On your own network: ${addresses.join('  ')}`)
  print(qrText(first))
  print('Share it only on a network you trust, and let no router lead to it from outside.')
  if (!isEncrypted) {
    print(
      'The connection is not encrypted: who listens on this network can read along. With INNINGS_TLS_CERT and INNINGS_TLS_KEY it is.',
    )
  }
  print(
    'Who is signed in, helpers and scripts: at /access. Stop sharing with Ctrl-C; "npm start" opens it to this machine only.',
  )
}

function print(line: string): void {
  process.stdout.write(`${line}\n`)
}

share(process.argv.slice(2)).then(
  // The server is bundled beside this file.
  () => import(new URL('./main.mjs', import.meta.url).href),
  (error: unknown) => {
    const isSentence = error instanceof StartError || error instanceof Refused
    process.stderr.write(
      `${isSentence ? error.message : `The garden could not be shared: ${error}`}\n`,
    )
    process.exit(1)
  },
)
