import assert from 'node:assert/strict'
import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { request as requestTls } from 'node:https'
import path from 'node:path'
import { test } from 'node:test'
import jsQR from 'jsqr'
import {
  DIST,
  demoFolder,
  freePort,
  MANAGER,
  newFolder,
  refusedStart,
  signIn,
  start,
  withPassphrases,
} from './application'
import { makeCertificate } from './certificate'

test('share asks for a passphrase, prints the address as a code, and the address asks for it', async (t) => {
  const folder = await demoFolder(t)
  const port = await freePort()
  const env = {
    ...process.env,
    INNINGS_DATA: folder,
    PORT: String(port),
    INNINGS_COPIES: '0',
    HOST: '',
  }
  const share = async (line: string) => {
    const child = spawn(process.execPath, [path.join(DIST, 'share.mjs')], { env })
    t.after(() => child.kill('SIGKILL'))
    let said = ''
    for (const stream of [child.stdout, child.stderr]) {
      stream.on('data', (chunk: Buffer) => {
        said += chunk.toString()
        if (said.includes('Innings is ready')) child.emit('ready')
      })
    }
    child.stdin.end(`${line}\n`)
    await Promise.race([once(child, 'ready'), once(child, 'close')])
    return { child, said: () => said }
  }
  const refused = await share('short')
  assert.match(refused.said(), /Take at least 12 letters/)
  const { child, said } = await share(MANAGER)
  assert.match(said(), /Innings is ready/)
  assert.match(said(), /not encrypted/)
  const address = /On your own network: (\S+)/.exec(said())?.[1]
  assert.ok(address, said())
  assert.equal(readCode(said()), address)
  const closed = await fetch(`${address}lots`, { redirect: 'manual' })
  assert.equal(closed.status, 303)
  const cookie = await signIn(address.replace(/\/$/, ''), MANAGER)
  assert.equal((await fetch(`${address}lots`, { headers: { cookie } })).status, 200)
  const gone = once(child, 'exit')
  child.kill('SIGINT')
  await gone
})

/** The code on a dark terminal, as a camera sees it. */
function readCode(said: string): string | undefined {
  const lines = said.split('\n').filter((line) => /^[ ▀▄█]{20,}$/.test(line))
  const scale = 4
  const wide = Math.max(...lines.map(({ length }) => length))
  const [width, height] = [wide * scale, lines.length * 2 * scale]
  const pixels = new Uint8ClampedArray(width * height * 4)
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const row = Math.floor(y / scale)
      const letter = lines[Math.floor(row / 2)]?.[Math.floor(x / scale)] ?? ' '
      const isLight = letter === '█' || letter === (row % 2 === 0 ? '▀' : '▄')
      const at = (y * width + x) * 4
      pixels.fill(isLight ? 255 : 0, at, at + 3)
      pixels[at + 3] = 255
    }
  }
  return jsQR(pixels, width, height)?.data
}

test('with a certificate of your own it is encrypted, and the cookie goes no other way', async (t) => {
  const folder = await demoFolder(t)
  await withPassphrases(folder)
  const files = makeCertificate(newFolder(t))
  const other = makeCertificate(newFolder(t))
  if (!files || !other) return t.skip('there is no openssl here')
  const env = { INNINGS_TLS_CERT: files.certificate, INNINGS_TLS_KEY: files.key }
  const wrong = { INNINGS_DATA: folder, PORT: String(await freePort()) }
  assert.match(await refusedStart({ ...wrong, INNINGS_TLS_CERT: files.certificate }), /set both/)
  assert.match(
    await refusedStart({ ...wrong, ...env, INNINGS_TLS_KEY: other.key }),
    /do not go together/,
  )
  assert.match(
    await refusedStart({ ...wrong, ...env, INNINGS_TLS_KEY: `${folder}/none` }),
    /INNINGS_TLS_KEY names .* cannot be read \(ENOENT\)/,
  )
  const server = await start(t, folder, env)
  const port = new URL(server.address).port
  const asked = requestTls({
    host: '127.0.0.1',
    port,
    path: '/api/access/sign-in',
    method: 'PUT',
    rejectUnauthorized: false,
    headers: { host: `localhost:${port}`, 'content-type': 'application/json' },
  })
  asked.end(JSON.stringify({ passphrase: MANAGER }))
  const [answer] = (await once(asked, 'response')) as [import('node:http').IncomingMessage]
  assert.equal(answer.statusCode, 200)
  assert.match(answer.headers['set-cookie']?.[0] ?? '', /; Secure$/)
})
