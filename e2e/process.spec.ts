import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { chmodSync, mkdtempSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { expect, test as plain } from '@playwright/test'
import { test } from './garden'
import { remove, startServer } from './server'

const ANSWERS = {
  lot: 1,
  drop: 5,
  roots: 'fine',
  side: 'no',
  crop: 'strawberry',
  pots: [1],
  litres: null,
  share: 0.3,
  feed: 'organic',
}

async function refusedStart(env: NodeJS.ProcessEnv): Promise<string> {
  const child = spawn(process.execPath, ['dist/main.mjs'], { env: { ...process.env, ...env } })
  let said = ''
  child.stderr.on('data', (chunk: Buffer) => {
    said += chunk.toString()
  })
  const [code] = await once(child, 'exit')
  expect(code).toBe(1)
  expect(said.trim().split('\n')).toHaveLength(1)
  return said
}

const post = (address: string, body: unknown = {}, headers: Record<string, string> = {}) =>
  fetch(address, {
    method: 'POST',
    headers: { 'content-type': 'application/json', ...headers },
    body: JSON.stringify(body),
  })

test('a second process on the same folder is refused in one line', async ({ garden }) => {
  const said = await refusedStart({ INNINGS_DATA: garden.folder, PORT: '45871' })
  expect(said).toContain('is open in another Innings')
})

plain(
  'a taken port, a wrong port and a folder that cannot be written are told in one line',
  async () => {
    const folder = mkdtempSync(path.join(tmpdir(), 'innings-start-'))
    const taken = createServer().listen(0, '127.0.0.1')
    await once(taken, 'listening')
    const address = taken.address()
    const port = typeof address === 'object' && address ? String(address.port) : ''
    expect(await refusedStart({ INNINGS_DATA: folder, PORT: port })).toContain(
      `Port ${port} is taken`,
    )
    taken.close()
    expect(await refusedStart({ INNINGS_DATA: folder, PORT: 'harbour' })).toContain(
      'PORT must be a number',
    )
    const file = path.join(folder, 'a-file')
    writeFileSync(file, '')
    chmodSync(file, 0o444)
    expect(await refusedStart({ INNINGS_DATA: path.join(file, 'inside') })).toContain(
      'cannot be written',
    )
    remove(folder)
  },
)

plain(
  'own data starts empty with one next step, and stays after a clean stop',
  async ({ page }) => {
    const folder = mkdtempSync(path.join(tmpdir(), 'innings-own-'))
    const first = await startServer(folder)
    await page.goto(`${first.address}/`)
    await expect(page.getByRole('link', { name: 'Enter your first lot' })).toBeVisible()
    const made = await post(`${first.address}/api/media/lots`, {
      name: 'First pot',
      place: 'Yard',
      origin: 'bag',
      components: [{ materialId: 'all-purpose-mix', litres: 9 }],
      container: null,
    })
    expect(made.status).toBe(201)
    await first.stop()
    const second = await startServer(folder)
    await page.goto(`${second.address}/lots`)
    await expect(page.getByRole('link', { name: 'First pot' })).toBeVisible()
    await second.stop()
    remove(folder)
  },
)

test('kill -9 in the middle of finishing leaves all of it or nothing', async ({ garden }) => {
  test.setTimeout(120_000)
  let server = garden
  for (const delayMs of [0, 15, 40, 90, 180]) {
    const created = await post(`${server.address}/api/recondition/work-orders`, ANSWERS)
    expect(created.status, await created.clone().text()).toBe(201)
    const { id } = (await created.json()) as { id: number }
    const before = await (await fetch(`${server.address}/lots/1`)).text()
    const inningsBefore = Math.max(
      ...[...before.matchAll(/Innings (\d+)/g)].map(([, n]) => Number(n)),
    )
    const finishing = post(`${server.address}/api/recondition/work-orders/${id}/finish`).catch(
      () => null,
    )
    await new Promise((resolve) => setTimeout(resolve, delayMs))
    await server.stop('SIGKILL')
    await finishing
    server = await startServer(garden.folder)
    const lot = await (await fetch(`${server.address}/lots/1`)).text()
    const innings = Math.max(...[...lot.matchAll(/Innings (\d+)/g)].map(([, n]) => Number(n)))
    const order = await (await fetch(`${server.address}/turnover/orders/${id}`)).text()
    const finished = order.includes('Finished on')
    const booked = lot.includes(`/turnover/orders/${id}`) && lot.includes(`turnover ${id}`)
    expect(innings).toBe(inningsBefore + (finished ? 1 : 0))
    expect(booked).toBe(finished)
    if (!finished) {
      expect(
        (await post(`${server.address}/api/recondition/work-orders/${id}/put-away`)).status,
      ).toBe(200)
    }
  }
  await server.stop()
})

test('writes from elsewhere, in other formats, or too large are refused with a code', async ({
  garden,
}) => {
  const address = `${garden.address}/api/media/lots`
  const code = async (response: Response) => ((await response.json()) as { code: string }).code
  const foreign = await post(address, {}, { origin: 'http://elsewhere.example' })
  expect([foreign.status, await code(foreign)]).toEqual([403, 'wrong-origin'])
  const opaque = await post(address, {}, { origin: 'null' })
  expect(opaque.status).toBe(403)
  const text = await fetch(address, {
    method: 'POST',
    body: 'x',
    headers: { 'content-type': 'text/plain' },
  })
  expect([text.status, await code(text)]).toEqual([415, 'not-json'])
  const large = await post(address, { name: 'x'.repeat(400_000) })
  expect([large.status, await code(large)]).toEqual([413, 'too-large'])
  const broken = await fetch(address, {
    method: 'POST',
    body: '{',
    headers: { 'content-type': 'application/json' },
  })
  expect([broken.status, await code(broken)]).toEqual([400, 'bad-json'])
  const negative = await post(`${garden.address}/api/media/lots/1/entries`, {
    kind: 'lost',
    litres: -3,
  })
  expect(negative.status).toBe(422)
  expect(((await negative.json()) as { fields: { field: string }[] }).fields[0]?.field).toBe(
    'litres',
  )
})
