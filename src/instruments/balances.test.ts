import assert from 'node:assert/strict'
import { once } from 'node:events'
import { type AddressInfo, createServer, type Socket } from 'node:net'
import { test } from 'node:test'
import { balanceByLine, simulateBalance } from '.'
import { isStable } from './balance'
import { gramsOf, readReadingLine } from './readingLine'

test('five readings within the limit are at rest, fewer or wider ones are not', () => {
  assert.equal(isStable([9, 10, 10.1, 10, 10.1, 10], 0.2), true, 'only the last five count')
  assert.equal(isStable([10, 10, 10, 10], 0.2), false)
  assert.equal(isStable([10, 10, 10, 10, 10.3], 0.2), false)
})

test('a simulated balance swings in, says when it has come to rest, and shows what lies on it', () => {
  let now = 0
  const balance = simulateBalance({ seed: 3, clock: () => now })
  now = 2000
  assert.deepEqual(balance.read()?.isStable, true)
  assert.ok((balance.read()?.grams ?? 9) < 0.3, 'nothing lies on it')
  balance.lay(142)
  now = 2200
  const swinging = balance.read()
  assert.equal(swinging?.isStable, false)
  assert.ok((swinging?.grams ?? 0) < 100)
  now = 6000
  const rest = balance.read()
  assert.equal(rest?.isStable, true)
  assert.ok(Math.abs((rest?.grams ?? 0) - 142) < 0.3)
  // The same seed and time show the same; an hour later its zero has moved.
  assert.deepEqual(balance.read(), rest)
  now = 6000 + 3_600_000
  assert.ok((balance.read()?.grams ?? 0) > (rest?.grams ?? 0))
})

test('a line of the protocol is read, and whatever else comes is passed over', () => {
  assert.deepEqual(readReadingLine('2026-11-02T10:00:00Z,mass,142.3,g,1'), {
    time: '2026-11-02T10:00:00Z',
    quantity: 'mass',
    value: 142.3,
    unit: 'g',
    isStable: true,
  })
  for (const line of ['', 'BALANCE READY', 'x,mass,,g,1', 'x,mass,NaN,g,1', 'x,mass,1e3,g,1,2']) {
    assert.equal(readReadingLine(line), null, line)
  }
  const grams = (line: string) => {
    const read = readReadingLine(line)
    return read && gramsOf(read)
  }
  assert.equal(grams('t,Mass,0.25,kg,0'), 250)
  assert.equal(grams('t,mass,1,stone,0'), null)
  assert.equal(grams('t,temperature,21,g,1'), null)
})

test('a balance on a line shows its last reading while that is fresh, and nothing once the line is cut', async () => {
  const lines: Socket[] = []
  const server = createServer((socket) => lines.push(socket)).listen(0, '127.0.0.1')
  await once(server, 'listening')
  const { port } = server.address() as AddressInfo
  let now = 0
  const balance = balanceByLine({ host: '127.0.0.1', port, clock: () => now })
  assert.equal(balance.read(), null)
  await once(server, 'connection')
  // A reading comes in pieces, after a heading.
  lines[0]?.write('READY\r\nt,mass,81.')
  lines[0]?.write('4,g,0\r\nt,mass,81.6,g,1\r\n')
  await until(() => balance.read()?.isStable === true)
  assert.deepEqual(balance.read(), { grams: 81.6, isStable: true })
  now = 3500
  assert.equal(balance.read(), null, 'an old reading is not what lies on it now')
  now = 0
  assert.ok(balance.read())
  lines[0]?.destroy()
  await until(() => balance.read() === null)
  balance.close()
  server.close()
})

test('a line that nobody asks of is given up, and opened again when somebody does', async () => {
  const lines: Socket[] = []
  const server = createServer((socket) => lines.push(socket)).listen(0, '127.0.0.1')
  await once(server, 'listening')
  const { port } = server.address() as AddressInfo
  let now = 0
  const balance = balanceByLine({ host: '127.0.0.1', port, clock: () => now })
  await once(server, 'connection')
  const closed = once(lines[0] as Socket, 'close')
  now = 61_000
  lines[0]?.resume().write('t,mass,81.6,g,1\r\n')
  await closed
  assert.equal(lines.length, 1)
  const again = once(server, 'connection')
  assert.equal(balance.read(), null)
  await again
  lines[1]?.write('t,mass,12.5,g,1\r\n')
  await until(() => balance.read()?.grams === 12.5)
  balance.close()
  server.close()
})

/** Lets what is on its way arrive. */
async function until(arrived: () => boolean): Promise<void> {
  while (!arrived()) await new Promise((go) => setImmediate(go))
}
