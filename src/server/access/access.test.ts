import assert from 'node:assert/strict'
import { readFileSync, statSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { after, before, beforeEach, test } from 'node:test'
import { callEndpoint } from '../../../testing/callEndpoint'
import { endpointDatabase } from '../../../testing/database'
import { fromSchema, type Words } from '../../../testing/fuzz/fromSchema'
import { listEndpoints } from '../../../testing/fuzz/routes'
import { spoil } from '../../../testing/fuzz/spoil'
import { drawFrom } from '../../../testing/random'
import type { MadeToken } from '../../messages/access/access'
import { endpointTable } from '../routes'
import { type Access, changeAccess, OPEN, readAccess } from './accessFile'
import { admitToPage, ownAddress } from './admitPage'
import { hashPassphrase } from './passphrase'

const endHelpers = endpointTable['POST /api/access/helpers/end']
const open = endpointTable['PUT /api/access/open']
const setPassphrase = endpointTable['PUT /api/access/passphrases']
const endSession = endpointTable['POST /api/access/sessions/[id]/end']
const signIn = endpointTable['PUT /api/access/sign-in']
const signOut = endpointTable['POST /api/access/sign-out']
const everywhere = endpointTable['POST /api/access/sign-out-everywhere']
const endToken = endpointTable['POST /api/access/tokens/[id]/end']
const makeToken = endpointTable['POST /api/access/tokens']
const log = endpointTable['POST /api/containers/[id]/log']
const find = endpointTable['GET /api/find']
const putAway = endpointTable['POST /api/media/lots/[id]/put-away']
const found = endpointTable['POST /api/recondition/found']

const MANAGER = 'four damp wooden crates'
const HELPER = 'seven empty seed trays'

let garden: Awaited<ReturnType<typeof endpointDatabase>>
let closed: Access
before(async () => {
  garden = await endpointDatabase()
  const [manager, helper] = [await hashPassphrase(MANAGER), await hashPassphrase(HELPER)]
  closed = { ...OPEN, manager, helper }
})
after(() => garden.close())
beforeEach(() => {
  changeAccess(garden.folder, () => closed, OPEN)
})

type Headers = Readonly<Record<string, string>>

async function cookieFor(passphrase: string): Promise<Headers> {
  const { status, cookie } = await callEndpoint(signIn, { passphrase }, { method: 'PUT' })
  assert.equal(status, 200)
  assert.match(
    cookie ?? '',
    /^innings-session-\w{8}=[\w-]{43}; Path=\/; Max-Age=\d+; HttpOnly; SameSite=Lax$/,
  )
  return { cookie: (cookie ?? '').split(';')[0] ?? '' }
}

const ask = (headers: Headers) => callEndpoint(find, null, { method: 'GET', headers })
const logIt = (headers: Headers) =>
  callEndpoint(log, { kind: 'stays wet' }, { params: { id: 1 }, headers })
const remove = (headers: Headers) => callEndpoint(putAway, {}, { params: { id: 1 }, headers })

test('without a passphrase this machine is its owner; with one a stranger reads and writes nothing', async () => {
  changeAccess(garden.folder, () => OPEN)
  assert.equal((await ask({})).status, 200)
  changeAccess(garden.folder, () => closed)
  for (const call of [ask, logIt, remove]) {
    const { status, problem } = await call({})
    assert.equal(status, 401)
    assert.equal(problem.code, 'sign-in')
  }
  assert.equal((await ask({ cookie: `innings-session=${'A'.repeat(43)}` })).status, 401)
})

test('a manager changes everything; a helper logs, ticks and tests, and is told what is for managers', async () => {
  const manager = await cookieFor(MANAGER)
  const helper = await cookieFor(HELPER)
  assert.equal((await logIt(helper)).status, 201)
  assert.equal((await ask(helper)).status, 200)
  const { status, problem } = await remove(helper)
  assert.equal(status, 403)
  assert.match(problem.detail, /a manager has to do it/)
  assert.notEqual((await remove(manager)).status, 403)
  for (const [endpoint, method] of [
    [makeToken, 'POST'],
    [everywhere, 'POST'],
    [setPassphrase, 'PUT'],
  ] as const) {
    assert.equal((await callEndpoint(endpoint, {}, { method, headers: helper })).status, 403)
  }
})

test('a helper says what was found in a pot; its mix is parted from a lot by a manager', async () => {
  const look = (part: boolean, headers: Headers) =>
    callEndpoint(
      found,
      { pots: [{ potId: 28, drop: null, roots: 'fine', side: 'no', part }] },
      { headers },
    )
  const helper = await cookieFor(HELPER)
  assert.equal((await look(true, helper)).status, 403)
  assert.equal((await look(false, helper)).status, 201)
  assert.notEqual((await look(true, await cookieFor(MANAGER))).status, 403)
})

test('a cookie that was stolen opens nothing once its owner has signed out', async () => {
  const mine = await cookieFor(MANAGER)
  assert.equal((await ask(mine)).status, 200)
  const out = await callEndpoint(signOut, {}, { headers: mine })
  assert.match(out.cookie ?? '', /^innings-session-\w{8}=; Path=\/; Max-Age=0/)
  assert.equal((await ask(mine)).status, 401)
})

test('signing out everywhere ends all devices; one may be ended alone', async () => {
  const mine = await cookieFor(MANAGER)
  const lost = await cookieFor(HELPER)
  const { sessions } = readAccess(garden.folder)
  const id = sessions.find(({ role }) => role === 'helper')?.id ?? ''
  const end = () => callEndpoint(endSession, {}, { params: { id }, headers: mine })
  assert.equal((await end()).status, 200)
  assert.equal((await ask(lost)).status, 401)
  assert.equal((await end()).status, 404)
  const other = await cookieFor(HELPER)
  await callEndpoint(everywhere, {}, { headers: mine })
  for (const cookie of [mine, other]) assert.equal((await ask(cookie)).status, 401)
})

test('of passphrases, cookies and tokens nothing is kept that would open the garden', async () => {
  const mine = await cookieFor(MANAGER)
  const { answer } = await callEndpoint<MadeToken>(
    makeToken,
    { name: 'Weather', scope: 'read' },
    { headers: mine },
  )
  const file = path.join(garden.folder, 'access.json')
  const text = readFileSync(file, 'utf8')
  for (const secret of [MANAGER, HELPER, mine.cookie?.split('=')[1] ?? '', answer.token]) {
    assert.ok(secret.length > 10 && !text.includes(secret))
  }
  assert.equal(statSync(file).mode & 0o077, 0)
  const kept = await garden.client.query<{ count: number }>(
    "select count(*)::int as count from answered_requests where answer::text like '%inn\\_%'",
  )
  assert.equal(kept.rows[0]?.count, 0)
})

test('a token does what its scope says and no more, and ends', async () => {
  const mine = await cookieFor(MANAGER)
  const bearer = async (scope: string): Promise<Headers> => {
    const body = { name: `For ${scope}`, scope }
    const { answer } = await callEndpoint<MadeToken>(makeToken, body, { headers: mine })
    return { authorization: `Bearer ${answer.token}` }
  }
  const [read, write, manage] = [await bearer('read'), await bearer('log'), await bearer('manage')]
  for (const token of [read, write, manage]) assert.equal((await ask(token)).status, 200)
  assert.equal((await logIt(read)).status, 403)
  assert.equal((await logIt(write)).status, 201)
  assert.equal((await remove(write)).status, 403)
  assert.notEqual((await remove(manage)).status, 403)
  const { problem } = await callEndpoint(
    makeToken,
    { name: 'More', scope: 'manage' },
    { headers: manage },
  )
  assert.equal(problem.code, 'not-by-script')
  const id = readAccess(garden.folder).tokens.find(({ scope }) => scope === 'read')?.id ?? ''
  assert.equal((await callEndpoint(endToken, {}, { params: { id }, headers: mine })).status, 200)
  assert.equal((await ask(read)).status, 401)
  const again = await callEndpoint(makeToken, { name: 'for LOG', scope: 'log' }, { headers: mine })
  assert.match(again.fields.name ?? '', /Another token is called "for LOG"/)
})

test('a new passphrase signs out who had the old one, and needs the present one', async () => {
  const mine = await cookieFor(MANAGER)
  const lost = await cookieFor(MANAGER)
  const helper = await cookieFor(HELPER)
  const set = (body: object) =>
    callEndpoint(
      setPassphrase,
      { role: 'manager', passphrase: 'nine late frosted pears', present: MANAGER, ...body },
      { method: 'PUT', headers: mine },
    )
  assert.ok((await set({ present: 'wrong and wrong' })).fields.present)
  assert.match((await set({ present: HELPER })).fields.present ?? '', /of the helpers/)
  assert.match((await set({ passphrase: 'short' })).fields.passphrase ?? '', /at least 12 letters/)
  assert.match(
    (await set({ passphrase: 'aaaaaaaaaaaaaaaa' })).fields.passphrase ?? '',
    /soon guessed/,
  )
  assert.match((await set({ passphrase: HELPER })).fields.passphrase ?? '', /different passphrases/)
  const { status, cookie } = await set({})
  assert.equal(status, 200)
  assert.equal((await ask({ cookie: cookie?.split(';')[0] ?? '' })).status, 200)
  for (const old of [mine, lost]) assert.equal((await ask(old)).status, 401)
  assert.equal((await ask(helper)).status, 200)
})

test('helpers come when the manager has a passphrase, and go at once', async () => {
  changeAccess(garden.folder, () => OPEN)
  const body = { role: 'helper', passphrase: HELPER, present: '' }
  const first = await callEndpoint(setPassphrase, body, { method: 'PUT' })
  assert.match(first.fields.role ?? '', /manager first/)
  changeAccess(garden.folder, () => closed)
  const mine = await cookieFor(MANAGER)
  const helper = await cookieFor(HELPER)
  await callEndpoint(endHelpers, {}, { headers: mine })
  assert.equal((await ask(helper)).status, 401)
  const { status } = await callEndpoint(signIn, { passphrase: HELPER }, { method: 'PUT' })
  assert.equal(status, 401)
})

test('a garden that nobody else reaches may do without again; one that is shared may not', async () => {
  const mine = await cookieFor(MANAGER)
  const without = () => callEndpoint(open, { present: MANAGER }, { method: 'PUT', headers: mine })
  process.env.HOST = '0.0.0.0'
  assert.equal((await without()).problem.code, 'shared')
  process.env.HOST = ''
  assert.equal((await without()).status, 200)
  assert.equal((await ask({})).status, 200)
})

test('a file that cannot be read lets nobody in', async () => {
  writeFileSync(path.join(garden.folder, 'access.json'), '{"manager": null}')
  const { status, problem } = await ask({})
  assert.equal(status, 503)
  assert.match(problem.detail, /nobody is let in/)
})

test('a device that was away for three months signs in again', async () => {
  const mine = await cookieFor(MANAGER)
  const aged = (days: number) =>
    changeAccess(garden.folder, (access) => ({
      ...access,
      sessions: access.sessions.map((one) => ({
        ...one,
        seen: new Date(Date.parse('2026-11-02T10:00:00Z') - days * 86_400_000).toISOString(),
      })),
    }))
  aged(89)
  assert.equal((await ask(mine)).status, 200)
  assert.match(readAccess(garden.folder).sessions[0]?.seen ?? '', /^2026-11-02/)
  aged(91)
  assert.equal((await ask(mine)).status, 401)
})

test('a page asked for by a stranger follows after signing in, and never leads to another site', async () => {
  const at = (address: string, route: string) =>
    admitToPage(new Request(`http://localhost:4321${address}`), route)
  assert.deepEqual(await at('/pots/3?tab=log', '/pots/[id]'), {
    signInAt: '/sign-in?to=%2Fpots%2F3%3Ftab%3Dlog',
  })
  assert.deepEqual(await at('/', '/'), { signInAt: '/sign-in' })
  assert.equal(ownAddress('/pots/3?tab=log'), '/pots/3?tab=log')
  for (const foreign of [
    '//elsewhere.invalid',
    '/\\elsewhere.invalid',
    'https://elsewhere.invalid',
    'javascript:1',
    '/sign-in?to=/x',
    '/.//elsewhere.invalid',
    '/..//elsewhere.invalid',
    '/pots/..//elsewhere.invalid',
    '/%2F/elsewhere.invalid',
    '//localhost:4321/pots',
    '/api/find',
    '/nowhere',
    '',
    undefined,
  ]) {
    assert.equal(ownAddress(foreign), '/', String(foreign))
  }
  assert.equal(ownAddress('/\t/elsewhere.invalid'), '/')
})

test('400 requests with one thing wrong to who may come in: no failure of ours', async () => {
  const random = drawFrom(18)
  const words: Words = { keys: {}, ids: {}, named: {}, texts: [MANAGER, 'Weather'] }
  const routes = listEndpoints().filter(({ endpoint }) => endpoint.operation.besideGarden)
  assert.equal(routes.length, 9)
  for (let round = 0; round < 400; round++) {
    const route = routes[round % routes.length]
    if (!route) continue
    if (round % 20 === 0) changeAccess(garden.folder, () => ({ ...closed, manager: null }), OPEN)
    const { operation } = route.endpoint
    const body = operation.body
      ? spoil(fromSchema(operation.body, words, random), random)
      : undefined
    const { status, problem } = await callEndpoint(route.endpoint, body, {
      method: route.method,
      params: { id: 'none' },
    })
    assert.ok(status < 500, `${route.pattern} ${JSON.stringify(body)} ${problem?.detail}`)
  }
})
