import assert from 'node:assert/strict'
import { once } from 'node:events'
import { createServer, type ServerResponse } from 'node:http'
import type { AddressInfo } from 'node:net'
import { test } from 'node:test'
import { squeeze } from './squeeze'

/** What a reader who can unpack gets of an answer. */
async function read(answer: (response: ServerResponse) => void): Promise<string> {
  const server = createServer((request, response) =>
    squeeze(request, response, () => {
      response.setHeader('content-type', 'text/html')
      answer(response)
    }),
  ).listen(0, '127.0.0.1')
  await once(server, 'listening')
  const { port } = server.address() as AddressInfo
  const headers = { 'accept-encoding': 'gzip', connection: 'close' }
  try {
    const signal = AbortSignal.timeout(10_000)
    return await (await fetch(`http://127.0.0.1:${port}`, { headers, signal })).text()
  } finally {
    server.closeAllConnections()
    server.close()
  }
}

const LONG = '<p>pot</p>'.repeat(2000)

test('what is written in parts arrives whole, and who asks is told of each', async () => {
  const text = await read((response) => {
    response.write(LONG, () => response.write('<p>é</p>', 'utf8', () => response.end(LONG)))
  })
  assert.equal(text, `${LONG}<p>é</p>${LONG}`)
})

test('an answer that fails in its middle is cut off: nobody waits for the rest', async () => {
  const cut = read((response) => {
    response.write(LONG)
    response.write('failed', () => response.destroy())
  })
  await assert.rejects(cut, /terminated|fetch failed/)
})
