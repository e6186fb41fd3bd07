import assert from 'node:assert/strict'
import { once } from 'node:events'
import { existsSync, readFileSync } from 'node:fs'
import { type IncomingMessage, request } from 'node:http'
import { connect } from 'node:net'
import path from 'node:path'
import { test } from 'node:test'
import { gunzipSync } from 'node:zlib'
import { PGlite } from '@electric-sql/pglite'
import { fromSchema, type Words } from '../fuzz/fromSchema'
import { listEndpoints, listPages, type PageRoute } from '../fuzz/routes'
import { spoil } from '../fuzz/spoil'
import { drawFrom, type Random } from '../random'
import { demoFolder, post, type Running, start } from './application'

const REQUESTS = 260
const HARM = '<img src=x onerror=alert(1)>'

const WORDS: Words = {
  keys: {
    sample: ['perlite-coarse', '1', '2'],
    crop: ['strawberry', 'bay'],
    bag: ['all-purpose-mix'],
    group: ['seedlings'],
    key: ['x'],
  },
  ids: {},
  named: {},
  texts: ['North landing', HARM, '1,2', '"quoted"', 'Ünïcödé ☂'],
}

/** Addresses no link of ours has. */
const ODD = [
  '/%00',
  '/lots/%00',
  '/lots/%E0%A4%A',
  '/lots/1%2f..%2f2',
  '//',
  '/.././etc/passwd',
  '/lots/2147483648',
  '/lots/-1',
  '/lots/1e3',
  '/lots/٣',
  '/bench/samples/lot/99999999999999999999',
  '/bench/samples/material/__proto__',
  '/turnover/recipe?lot=1',
  '/turnover/recipe?lot=1&pots=%F0%9F',
  `/lots?place=${'x'.repeat(7000)}`,
  '/lots?place=a&place=b',
  '/lots?__proto__=1&constructor=2',
  '/mixes/design?mix=1&lot=1&group=x&bag=y',
  '/_astro/none.js',
  '/api/none',
  '/api/media/lots/1/none',
]

/** What the log of failures holds; empty where nothing failed. */
function failuresOf({ folder }: Running): string {
  const file = path.join(folder, 'logs', 'innings.log')
  return existsSync(file) ? readFileSync(file, 'utf8') : ''
}

function addressOf({ pattern, params, query }: PageRoute, random: Random): string {
  const draw = (schema: PageRoute['params']) => {
    const made = schema ? fromSchema(schema, WORDS, random) : {}
    return (random() < 0.5 ? made : spoil(made, random)) as Record<string, unknown> | null
  }
  const given = draw(params)
  const place = pattern.replace(/\[(\w+)\]/g, (_, name: string) =>
    encodeURIComponent(textOf(given?.[name]).slice(0, 500) || 'none'),
  )
  const asked = new URLSearchParams()
  for (const [name, value] of Object.entries(draw(query) ?? {})) {
    asked.set(name, textOf(value).slice(0, 3000))
  }
  return `${place}?${asked}`
}

/** As an address can hold it: halves of pairs are replaced there. */
function textOf(value: unknown): string {
  const text = typeof value === 'string' ? value : (JSON.stringify(value) ?? '')
  return text.toWellFormed?.() ?? text.replaceAll(/\p{Cs}/gu, '')
}

test('pages asked for in every odd way answer whole, in words, and show no markup of others', async (t) => {
  const server = await start(t, await demoFolder(t))
  const pages = await listPages()
  const random = drawFrom(3)
  const drawn = Array.from({ length: REQUESTS }, (_, i) =>
    addressOf(pages[i % pages.length] as PageRoute, random),
  )
  const shown = new Set<string>()
  for (const address of [...drawn, ...ODD]) {
    const response = await fetch(server.address + address)
    const html = await response.text()
    assert.ok(response.status < 500, `${address} -> ${response.status} ${html.slice(0, 300)}`)
    assert.ok(!html.includes(HARM), `${address} shows markup as markup`)
    if (response.headers.get('content-type')?.includes('html')) {
      assert.match(html, /<\/html>\s*$/, `${address} breaks off`)
    }
    if (response.ok) shown.add(address.split('?')[0] ?? '')
  }
  assert.ok(shown.size > 8, `only ${[...shown].join(', ')} were shown`)
  assert.equal(failuresOf(server), '')
})

test('methods without use are refused, a page is only read', async (t) => {
  const server = await start(t, await demoFolder(t))
  const { port } = new URL(server.address)
  const ask = async (method: string, place: string, body = '') => {
    const asked = request({ port, method, path: place, host: '127.0.0.1' })
    asked.end(body)
    const [answer] = (await once(asked, 'response')) as [{ statusCode: number; resume(): void }]
    answer.resume()
    return answer.statusCode
  }
  const endpoints = listEndpoints()
  const places = [...new Set(endpoints.map(({ pattern }) => pattern.replaceAll(/\[\w+\]/g, '1')))]
  for (const place of [...places, '/lots', '/lots/1', '/']) {
    assert.equal(await ask('TRACE', place), 405, place)
    assert.equal(await ask('PROPFIND', place), 405, place)
    const known = endpoints
      .filter(({ pattern }) => pattern.replaceAll(/\[\w+\]/g, '1') === place)
      .map(({ method }) => method)
    for (const method of ['DELETE', 'PUT', 'PATCH', 'POST'].filter((one) => !known.includes(one))) {
      const status = await ask(method, place, '{}')
      assert.ok(status >= 400 && status < 500, `${method} ${place} -> ${status}`)
    }
  }
  assert.equal(failuresOf(server), '')
})

test('pages and scripts go out packed to who can unpack them, and are the same; a picture goes as it is', async (t) => {
  const server = await start(t, await demoFolder(t))
  const { port } = new URL(server.address)
  const ask = async (place: string, encodings?: string) => {
    const headers = encodings === undefined ? {} : { 'accept-encoding': encodings }
    const asked = request({ port, path: place, host: '127.0.0.1', headers })
    asked.end()
    const [answer] = (await once(asked, 'response')) as [IncomingMessage]
    const parts: Buffer[] = []
    for await (const part of answer) parts.push(part as Buffer)
    assert.equal(answer.statusCode, 200, place)
    return { as: answer.headers['content-encoding'], bytes: Buffer.concat(parts) }
  }
  for (const place of ['/lots/1', '/sw.js']) {
    const plain = await ask(place)
    assert.equal(plain.as, undefined, place)
    assert.equal((await ask(place, 'identity')).as, undefined)
    const packed = await ask(place, 'gzip, deflate')
    assert.equal(packed.as, 'gzip', place)
    assert.ok(gunzipSync(packed.bytes).equals(plain.bytes), `${place} is the same`)
    assert.ok(packed.bytes.length < plain.bytes.length / 2, `${place} is less than half`)
  }
  assert.equal((await ask('/icon-192.png', 'gzip, deflate')).as, undefined)
})

test('writes from elsewhere, in other formats, or too large are refused with a code', async (t) => {
  const server = await start(t, await demoFolder(t))
  const address = `${server.address}/api/media/lots`
  const told = async (response: Response) => [
    response.status,
    ((await response.json()) as { code: string }).code,
  ]
  const foreign = { origin: 'http://elsewhere.example' }
  assert.deepEqual(await told(await post(address, {}, foreign)), [403, 'wrong-origin'])
  assert.equal((await post(address, {}, { origin: 'null' })).status, 403)
  const elsewhere = { 'sec-fetch-site': 'cross-site' }
  assert.deepEqual(await told(await post(address, {}, elsewhere)), [403, 'wrong-site'])
  const image = { ...elsewhere, 'sec-fetch-mode': 'no-cors', 'sec-fetch-dest': 'image' }
  const seen = await fetch(`${server.address}/lots`, { headers: image })
  assert.deepEqual(await told(seen), [403, 'wrong-site'])
  const text = { method: 'POST', body: 'x', headers: { 'content-type': 'text/plain' } }
  assert.deepEqual(await told(await fetch(address, text)), [415, 'not-json'])
  const large = { name: 'x'.repeat(400_000) }
  assert.deepEqual(await told(await post(address, large)), [413, 'too-large'])
  const json = { 'content-type': 'application/json' }
  const broken = await fetch(address, { method: 'POST', body: '{', headers: json })
  assert.deepEqual(await told(broken), [400, 'bad-json'])
})

test('slow and silent connections are closed, and others are answered meanwhile', async (t) => {
  const server = await start(t, await demoFolder(t))
  const port = Number(new URL(server.address).port)
  const from = Date.now()
  const closed = ['', 'GET /lots HTTP/1.1\r\nHost: localhost\r\nX-Slow: '].map(async (words) => {
    const socket = connect(port, '127.0.0.1')
    socket.on('error', () => {})
    socket.write(words)
    await once(socket.resume(), 'close')
    return Date.now() - from
  })
  const page = await fetch(`${server.address}/lots`)
  assert.equal(page.status, 200)
  for (const ms of await Promise.all(closed)) assert.ok(ms < 20_000, `closed after ${ms} ms`)
})

test('a fault ends in a sentence with an id, which the log explains without what was entered', async (t) => {
  const folder = await demoFolder(t)
  // A garden that lost a table under its feet: the nearest thing to a bug that a test can have.
  const client = await PGlite.create(path.join(folder, 'database'))
  await client.exec('drop table pens cascade')
  await client.close()
  const server = await start(t, folder)

  const name = 'A name nobody should read'
  const failed = await post(`${server.address}/api/bench/pens?secret=word`, { name })
  assert.equal(failed.status, 500)
  const { id, detail } = (await failed.json()) as { id: string; detail: string }
  assert.match(detail, new RegExp(`Nothing was saved; try again\\. \\(${id} in the log\\.\\)`))

  const page = await fetch(`${server.address}/bench/pens?secret=word`)
  assert.equal(page.status, 500)
  const pageId = /\(([A-Z0-9]{6}) in the log/.exec(await page.text())?.[1]

  const health = await fetch(`${server.address}/api/health`)
  assert.equal(health.status, 503)
  assert.match(((await health.json()) as { detail: string }).detail, /table "pens" cannot be read/)

  const log = failuresOf(server)
  const lines = log
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as { id: string; path: string })
  assert.deepEqual(lines.slice(0, 2), [
    { ...lines[0], id, path: '/api/bench/pens' },
    { ...lines[1], id: pageId, path: '/bench/pens' },
  ])
  assert.doesNotMatch(log, /nobody should read|secret|word/)
})
