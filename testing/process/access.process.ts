import assert from 'node:assert/strict'
import { once } from 'node:events'
import { Agent, request as requestPlain } from 'node:http'
import { connect, Socket } from 'node:net'
import { test } from 'node:test'
import { listEndpoints, listPages, type Route } from '../fuzz/routes'
import {
  demoFolder,
  freePort,
  HELPER,
  MANAGER,
  post,
  put,
  refusedStart,
  signIn,
  start,
  until,
  withPassphrases,
} from './application'

const fill = (pattern: string) => pattern.replaceAll(/\[\w+\]/g, '1')

/** What only a manager may do, by its name: removing, taking back, changing what was agreed. */
const MANAGERS_ONLY =
  /put-away|throw-away|reverse|undo|put-back|transfers|access\/(?!sign)|places|site/

async function closedGarden(t: { after(work: () => Promise<void>): void }) {
  const folder = await demoFolder(t)
  await withPassphrases(folder)
  const server = await start(t, folder)
  const cookies = {
    manager: await signIn(server.address, MANAGER),
    helper: await signIn(server.address, HELPER),
  }
  const page = (place: string, cookie = '') =>
    fetch(server.address + place, { headers: { cookie }, redirect: 'manual' })
  const call = async ({ method, pattern }: Route, cookie = '') => {
    const answer = await fetch(server.address + fill(pattern), {
      method,
      headers: { cookie, 'content-type': 'application/json' },
      // Of no schema: nothing is written on this walk.
      ...(method === 'GET' ? {} : { body: '{"walk":1}' }),
    })
    return answer.status
  }
  return { server, cookies, page, call }
}

test('every page sends a stranger to the door, shows itself to helpers, and keeps the keys for managers', async (t) => {
  const { cookies, page } = await closedGarden(t)
  const patterns = (await listPages()).map(({ pattern }) => fill(pattern))
  assert.ok(patterns.length > 20)
  for (const place of [...patterns, '/nowhere', '/lots/1/nowhere', '/styleguide']) {
    if (place === '/sign-in') continue
    const closed = await page(place)
    assert.equal(closed.status, 303, place)
    assert.match(closed.headers.get('location') ?? '', /^\/sign-in/, place)
    assert.equal(await closed.text(), '', `${place} tells a stranger nothing`)
    const { status } = await page(place, cookies.helper)
    if (FOR_MANAGERS.includes(place)) assert.equal(status, 403, place)
    else assert.ok(![303, 401, 403].includes(status) || place === '/sign-in', `${place} ${status}`)
    assert.ok((await page(place, cookies.manager)).status !== 403, place)
  }
  const door = await page('/sign-in')
  assert.equal(door.status, 200)
  assert.doesNotMatch(await door.text(), /Foundry Steps/)
})

test('every endpoint refuses a stranger, and a helper where more is changed than logged, ticked or tested', async (t) => {
  const { cookies, call } = await closedGarden(t)
  const routes = listEndpoints()
  assert.ok(routes.length > 60)
  const logged: string[] = []
  for (const route of routes) {
    const name = `${route.method} ${route.pattern}`
    if (/access\/sign-(in|out)/.test(name)) continue
    assert.equal(await call(route), 401, name)
    const asHelper = await call(route, cookies.helper)
    if (route.method !== 'GET' && asHelper !== 403) logged.push(route.pattern)
    if (MANAGERS_ONLY.test(route.pattern) && route.method !== 'GET') {
      assert.equal(asHelper, 403, name)
    }
    assert.ok(![401, 403].includes(await call(route, cookies.manager)), name)
    assert.ok(asHelper !== 401, name)
  }
  assert.deepEqual(
    logged.filter((pattern) => !/^\/api\/bench\//.test(pattern)),
    [
      '/api/containers/[id]/log',
      '/api/containers/[id]/photos',
      '/api/containers/log/[id]/counts',
      '/api/instruments/balance/pan',
      '/api/media/lots/[id]/findings/[findingId]/counts',
      '/api/media/lots/[id]/findings',
      '/api/media/lots/[id]/readings',
      '/api/recondition/found',
      '/api/recondition/work-orders/[id]/steps/[stepId]',
      '/api/trials/[id]/events',
      '/api/trials/[id]/left-out',
      '/api/trials/[id]/looks',
      '/api/trials/[id]/steps',
    ],
  )
})

/** Pages that are of no use to anybody else: what stands on them could not be saved. */
const FOR_MANAGERS = ['/access', '/lots/new', '/pots/paste', '/trials/new']

/** Other ways to write an address that a router might read as the same. */
function spellingsOf(place: string): string[] {
  const last = place.slice(place.lastIndexOf('/') + 1)
  const coded = `%${last.charCodeAt(0).toString(16)}${last.slice(1)}`
  const head = place.slice(0, place.length - last.length)
  return [
    `/${place}`,
    `${place}/`,
    `${place}//`,
    `/.${place}`,
    `/lots/..${place}`,
    `/lots/%2e%2e${place}`,
    `${head}/${last}`,
    `${head}${coded}`,
    `${head}${coded.toUpperCase()}`,
    `${head}${last.toUpperCase()}`,
    `${place}?x=//y`,
    `${place}/.`,
    `${place}%00`,
    `${place};x`,
    `\\${place}`,
  ]
}

/** As it stands: what fetches a page otherwise would mend the address first. */
function statusOf(
  address: string,
  place: string,
  { method = 'GET', ...headers }: { method?: string; cookie?: string; authorization?: string },
): Promise<{ status: number; text: string }> {
  const { hostname, port } = new URL(address)
  return new Promise((resolve, reject) => {
    const request = requestPlain({ hostname, port, path: place, method, headers, agent: lines })
    request.once('error', reject).once('response', (response) => {
      let text = ''
      response.on('data', (part: Buffer) => {
        text += part.toString()
      })
      response.once('end', () => resolve({ status: response.statusCode ?? 0, text }))
    })
    request.end()
  })
}

const lines = new Agent({ keepAlive: true, maxSockets: 8 })

test('however an address is spelled, a stranger is told nothing, and helpers and tokens do no more than plainly', async (t) => {
  const { server, cookies } = await closedGarden(t)
  const made = await post(
    `${server.address}/api/access/tokens`,
    { name: 'Weather', scope: 'read' },
    { cookie: cookies.manager },
  )
  const { token } = (await made.json()) as { token: string }
  const authorization = `Bearer ${token}`
  const pages = (await listPages()).map(({ pattern }) => fill(pattern))
  for (const place of pages.filter((one) => one !== '/sign-in')) {
    for (const spelling of spellingsOf(place)) {
      const { status, text } = await statusOf(server.address, spelling, {})
      assert.ok([303, 400, 401, 404].includes(status), `${spelling}: ${status}`)
      assert.doesNotMatch(text, /Foundry Steps|Devices/, spelling)
    }
  }
  for (const spelling of FOR_MANAGERS.flatMap(spellingsOf)) {
    for (const who of [{ cookie: cookies.helper }, { authorization }]) {
      const { status, text } = await statusOf(server.address, spelling, who)
      // In capitals it is the word of a lot or trial that there is none of.
      assert.ok([403, 400, 404, 422].includes(status), `${spelling}: ${status}`)
      assert.doesNotMatch(text, /Sign out everywhere|<form/i, spelling)
    }
  }
  for (const { method, pattern } of listEndpoints()) {
    if (/access\/sign-(in|out)$/.test(pattern)) continue
    const needs = MANAGERS_ONLY.test(pattern) && method !== 'GET'
    for (const spelling of spellingsOf(fill(pattern))) {
      const stranger = await statusOf(server.address, spelling, { method })
      assert.ok([400, 401, 403, 404, 405].includes(stranger.status), `${method} ${spelling}`)
      if (!needs) continue
      for (const who of [{ cookie: cookies.helper }, { authorization }]) {
        const { status } = await statusOf(server.address, spelling, { method, ...who })
        assert.ok([400, 403, 404, 405].includes(status), `${method} ${spelling}: ${status}`)
      }
    }
  }
})

test('an address that is none is answered in words, and one of the endpoints as they answer', async (t) => {
  const { server, cookies } = await closedGarden(t)
  const { cookie } = { cookie: cookies.manager }
  for (const place of ['/%', '/lots/%', '/%zz', '/%c3', '/a%2fb']) {
    const { status, text } = await statusOf(server.address, place, { cookie })
    assert.ok([404, 422].includes(status), place)
    assert.match(text, /<h1[^>]*>[^<]*[a-z]/, place)
  }
  for (const place of ['/api/nowhere', '/api', '//api//nowhere', '/api/media/lots/1/nowhere']) {
    const { status, text } = await statusOf(server.address, place, { cookie })
    assert.equal(status, 404, place)
    assert.match((JSON.parse(text) as { detail: string }).detail, /Nothing is answered/, place)
  }
  assert.equal((await statusOf(server.address, '/api/nowhere', {})).status, 401)
})

test('of 1,000 guesses a handful is looked at, the rest wait, and the garden goes on for who is signed in', async (t) => {
  const { server, cookies, page } = await closedGarden(t)
  const from = Date.now()
  const tried = (count: number) =>
    put(
      `${server.address}/api/access/sign-in`,
      { passphrase: `guess number ${count} of them` },
      { 'x-forwarded-for': `10.0.0.${count % 250}` },
    )
  const guess = async (count: number) => (await tried(count)).status
  /** Whether the next one has to wait for longer than the next request takes. */
  const isLong = async () => {
    const answer = await tried(1000)
    const { detail } = (await answer.json()) as { detail: string }
    return answer.status === 401 || /in (\d{2,} seconds|[3-9] seconds|\d+ minutes)/.test(detail)
  }
  const told: number[] = []
  for (let at = 0; at < 1000; at += 50) {
    told.push(...(await Promise.all(Array.from({ length: 50 }, (_, more) => guess(at + more)))))
  }
  const looked = told.filter((status) => status === 401).length
  assert.ok(looked >= 5 && looked <= 12, `${looked} were looked at in ${Date.now() - from} ms`)
  assert.equal(told.length - looked, told.filter((status) => status === 429).length)
  // On a slow machine the wait may be over in this very moment: a wrong one that is looked at begins a longer one.
  await until(isLong)
  const right = await put(`${server.address}/api/access/sign-in`, { passphrase: MANAGER })
  assert.equal(right.status, 429)
  assert.match(
    ((await right.json()) as { detail: string }).detail,
    /looked at in \d+ (seconds|minutes)/,
  )
  assert.equal((await page('/lots', cookies.manager)).status, 200)
})

test('a device that asks for hundreds of pages at once and reads none holds nobody else up', async (t) => {
  const { server, cookies, page } = await closedGarden(t)
  const port = Number(new URL(server.address).port)
  const request = `GET /lots HTTP/1.1\r\nHost: localhost:${port}\r\nCookie: ${cookies.manager}\r\n\r\n`
  const sockets = Array.from({ length: 60 }, () => connect(port, '127.0.0.1'))
  t.after(async () => {
    for (const socket of sockets) socket.destroy()
  })
  for (const socket of sockets) {
    socket.on('error', () => {})
    socket.pause()
    socket.write(request.repeat(8))
  }
  await once(sockets.at(-1) ?? sockets[0] ?? new Socket(), 'connect')
  const from = Date.now()
  for (let round = 0; round < 5; round++) {
    assert.equal((await page('/lots', cookies.helper)).status, 200)
  }
  const ms = Date.now() - from
  // Alone it takes half a second here; behind all of the others it took two minutes.
  assert.ok(ms < 20_000, `${ms} ms`)
})

test('no other machine reaches a garden without a passphrase', async (t) => {
  const folder = await demoFolder(t)
  const env = { INNINGS_DATA: folder, PORT: String(await freePort()) }
  for (const open of [{ HOST: '0.0.0.0' }, { HOST: '::' }, { INNINGS_HOSTS: 'garden.example' }]) {
    assert.match(await refusedStart({ ...env, ...open }), /no passphrase yet: "npm run share" asks/)
  }
})
