import assert from 'node:assert/strict'
import { afterEach, test } from 'node:test'
import { readConfig } from './config'
import { inAddress, isShared, ownAddresses, requireOwnHost } from './hosts'

afterEach(() => {
  delete process.env.HOST
  delete process.env.INNINGS_HOSTS
})

const ask = (host: string, more: Readonly<Record<string, string>> = {}, method = 'GET') =>
  requireOwnHost(new Request('http://localhost:4321/lots', { method, headers: { host, ...more } }))

test('on this machine alone only its own names are answered', () => {
  for (const host of ['localhost:4321', '127.0.0.1:4321', '[::1]:4321', 'LOCALHOST']) ask(host)
  for (const host of [...ownAddresses().map(inAddress), 'garden.example', 'localhost.example']) {
    assert.throws(() => ask(`${host}:4321`), /does not answer under that name/, host)
  }
})

test('on the network the numbers of this machine are answered, and names only that were told', () => {
  process.env.HOST = '0.0.0.0'
  for (const number of ownAddresses()) ask(`${inAddress(number)}:4321`)
  for (const host of ['203.0.113.9', 'rebound.example', '[2001:db8::9]']) {
    assert.throws(() => ask(`${host}:4321`), /does not answer under that name/, host)
  }
  process.env.INNINGS_HOSTS = 'garden.example, tub.example'
  ask('garden.example')
  ask('TUB.example:443', { origin: 'https://TUB.example:443' }, 'GET')
})

test('a write from a page of another address is refused, also from one of the same machine', () => {
  process.env.HOST = '0.0.0.0'
  const from = (origin: string) => ask('localhost:4321', { origin }, 'POST')
  from('http://localhost:4321')
  for (const origin of ['http://localhost:8080', 'http://garden.example', 'null', 'nonsense']) {
    assert.throws(() => from(origin), /from pages of this Innings only/, origin)
  }
})

test('a garden is shared when it listens to others, or a program in front of it may', () => {
  const shared = (env: NodeJS.ProcessEnv) => isShared(readConfig(env))
  for (const HOST of [undefined, '127.0.0.1', '127.0.0.53', 'localhost', '::1']) {
    assert.equal(shared(HOST === undefined ? {} : { HOST }), false, HOST)
  }
  for (const HOST of ['0.0.0.0', '::', '192.168.1.5']) assert.equal(shared({ HOST }), true, HOST)
  assert.equal(shared({ INNINGS_HOSTS: 'garden.example' }), true)
})
