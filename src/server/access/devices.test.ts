import assert from 'node:assert/strict'
import { mkdirSync, rmSync } from 'node:fs'
import path from 'node:path'
import { after, before, beforeEach, test } from 'node:test'
import { callEndpoint } from '../../../testing/callEndpoint'
import { endpointDatabase } from '../../../testing/database'
import { endpointTable } from '../routes'
import { type Access, changeAccess, OPEN } from './accessFile'
import { hashPassphrase } from './passphrase'

const signIn = endpointTable['PUT /api/access/sign-in']
const signOut = endpointTable['POST /api/access/sign-out']
const find = endpointTable['GET /api/find']

const MANAGER = 'four damp wooden crates'

let garden: Awaited<ReturnType<typeof endpointDatabase>>
let closed: Access
before(async () => {
  garden = await endpointDatabase()
  closed = { ...OPEN, manager: await hashPassphrase(MANAGER) }
})
after(() => garden.close())
beforeEach(() => {
  changeAccess(garden.folder, () => closed, OPEN)
})

type Headers = Readonly<Record<string, string>>

async function cookieFor(passphrase: string): Promise<Headers> {
  const { cookie } = await callEndpoint(signIn, { passphrase }, { method: 'PUT' })
  return { cookie: pairOf(cookie ?? '') }
}

const ask = (headers: Headers) => callEndpoint(find, null, { method: 'GET', headers })

test('what a program in front asks for itself is not taken for a token', async () => {
  const mine = await cookieFor(MANAGER)
  const basic = { authorization: 'Basic Z2FyZGVuOmdhdGU=' }
  assert.equal((await ask({ ...basic, ...mine })).status, 200)
  assert.equal((await ask(basic)).problem.code, 'sign-in')
  for (const none of ['Bearer', 'Bearer ', 'bearer inn_unknown']) {
    assert.equal((await ask({ ...mine, authorization: none })).problem.code, 'wrong-token')
  }
})

test('two gardens on one machine do not sign each other out, and a session of an earlier version goes on', async () => {
  const mine = await cookieFor(MANAGER)
  const other = mine.cookie?.replace(/-\w{8}=.*/, '-0therone=another') ?? ''
  assert.equal((await ask({ cookie: `${other}; ${mine.cookie}` })).status, 200)
  const secret = mine.cookie?.split('=')[1] ?? ''
  assert.equal((await ask({ cookie: `innings-session=${secret}` })).status, 200)
})

test('whoever signs out tells the browser to forget what it kept, where that is heard', async () => {
  const mine = await cookieFor(MANAGER)
  const leave = async (host: string) => {
    const url = new URL('http://localhost:4321/api/access/sign-out')
    const headers = { host, 'content-type': 'application/json', ...mine }
    const request = new Request(url, { method: 'POST', headers, body: '{}' })
    return (await signOut({ request, params: {}, url } as never)) as Response
  }
  const answer = await leave('localhost:4321')
  assert.equal(answer.headers.get('clear-site-data'), '"cache"')
  assert.equal(answer.headers.getSetCookie().length, 2)
})

test('a device is let in though the day it was here cannot be written down', async () => {
  const mine = await cookieFor(MANAGER)
  changeAccess(garden.folder, (access) => ({
    ...access,
    sessions: access.sessions.map((one) => ({ ...one, seen: '2026-10-20T10:00:00.000Z' })),
  }))
  const file = path.join(garden.folder, `access.json.${process.pid}`)
  mkdirSync(file)
  try {
    assert.equal((await ask(mine)).status, 200)
  } finally {
    rmSync(file, { recursive: true })
  }
})

test('a device that was signed in before is let in while strangers are slowed down', async (t) => {
  // Waits of seconds stand however long the machine takes.
  t.mock.timers.enable({ apis: ['Date'], now: Date.now() })
  const first = await signInFrom({})
  const [session = '', device = ''] = first.cookies
  assert.match(device, /^innings-device-\w{8}=[\w-]{43}; Path=\/; Max-Age=\d+; HttpOnly/)
  const out = await callEndpoint(signOut, {}, { headers: { cookie: pairOf(session) } })
  assert.equal(out.status, 200)
  // All of them behind one address, as from behind a proxy: the owner's too.
  for (let guess = 0; guess < 70; guess++) {
    await callEndpoint(signIn, { passphrase: `guess number ${guess} of them` }, { method: 'PUT' })
  }
  assert.equal((await signInFrom({})).status, 429)
  const known = { cookie: pairOf(device) }
  assert.equal((await ask(known)).status, 401, 'it opens nothing by itself')
  assert.equal((await signInFrom(known)).status, 200)
  assert.equal((await signInFrom({ cookie: device.replace(/=[\w-]+/, '=made-up') })).status, 429)
  // Whoever stole it guesses no faster than anybody.
  const told: number[] = []
  for (let guess = 0; guess < 8; guess++) {
    const body = { passphrase: `guess number ${guess} of them` }
    told.push((await callEndpoint(signIn, body, { method: 'PUT', headers: known })).status)
  }
  assert.deepEqual(told, [401, 401, 401, 401, 401, 429, 429, 429])
})

async function signInFrom(headers: Headers) {
  const url = new URL('http://localhost:4321/api/access/sign-in')
  const request = new Request(url, {
    method: 'PUT',
    headers: { host: 'localhost:4321', 'content-type': 'application/json', ...headers },
    body: JSON.stringify({ passphrase: MANAGER }),
  })
  const answer = (await signIn({ request, params: {}, url } as never)) as Response
  return { status: answer.status, cookies: answer.headers.getSetCookie() }
}

const pairOf = (cookie: string) => cookie.split(';')[0] ?? ''
