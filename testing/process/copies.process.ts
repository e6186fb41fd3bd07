import assert from 'node:assert/strict'
import { readdirSync, statSync, truncateSync } from 'node:fs'
import path from 'node:path'
import { test } from 'node:test'
import {
  DIST,
  demoFolder,
  newFolder,
  post,
  type Running,
  refusedStart,
  runScript,
  start,
  until,
} from './application'

const restore = (folder: string, ...words: string[]) =>
  runScript(`${DIST}/restore.mjs`, words, { INNINGS_DATA: folder })

async function newestCopy({ address }: Running): Promise<string | null> {
  const answer = await fetch(`${address}/api/health`)
  return ((await answer.json()) as { newestCopy: string | null }).newestCopy
}

async function nameOfLot({ address }: Running): Promise<string> {
  const page = await (await fetch(`${address}/lots/1`)).text()
  return /<h1[^>]*>([^<]+)</.exec(page)?.[1] ?? ''
}

test('the copy of the day is proved, survives a damaged garden, and is put back beside it', async (t) => {
  const folder = await demoFolder(t)
  const server = await start(t, folder, { INNINGS_COPIES: '1' })
  const name = await nameOfLot(server)
  // It is packed when nobody else wants the machine: beside other tests that takes its time.
  await until(async () => (await newestCopy(server)) !== null, 240_000)
  // Another entry after the copy: what is put back does not have it.
  const renamed = await fetch(`${server.address}/api/media/lots/1`, {
    method: 'PATCH',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ name: 'After the copy', version: await versionOfLot(server) }),
  })
  assert.equal(renamed.status, 200, await renamed.text())
  const inUse = await restore(folder, '2026-11-02')
  assert.equal(inUse.code, 1)
  assert.match(inUse.said, /is open in another Innings/)
  await server.stop()

  const listed = await restore(folder)
  assert.match(listed.said, /2026-11-02 {2}taken .* MB/)
  assert.match(listed.said, /npm run restore -- 2026-11-02/)
  const unknown = await restore(folder, '1999-01-01')
  assert.match(unknown.said, /There is no copy "1999-01-01"/)
  assert.equal(unknown.said.trim().split('\n').length, 1)

  truncateSync(path.join(folder, 'database', 'base', '5', '1259'))
  assert.match(await refusedStart({ INNINGS_DATA: folder }), /"npm run restore -- 2026-11-02" puts/)

  const back = await restore(folder, '2026-11-02')
  assert.equal(back.code, 0, back.said)
  assert.match(back.said, /is back in/)
  const kept = readdirSync(folder).filter((entry) => entry.startsWith('database.kept-'))
  assert.equal(kept.length, 1, 'the garden that was there is kept')
  const again = await start(t, folder)
  assert.equal(await nameOfLot(again), name)
  await again.stop()

  // And a copy that cannot be opened changes nothing.
  const file = path.join(folder, 'backups', '2026-11-02.tar.gz')
  truncateSync(file, Math.floor(statSync(file).size / 2))
  const before = readdirSync(folder).sort()
  const spoilt = await restore(folder, '2026-11-02')
  assert.equal(spoilt.code, 1)
  assert.match(spoilt.said, /cannot be opened: take another one\. Nothing was changed/)
  assert.deepEqual(readdirSync(folder).sort(), before)
})

test('a garden without copies says how to get one', async (t) => {
  const { code, said } = await restore(newFolder(t))
  assert.equal(code, 0)
  assert.match(said, /There are no copies in .*backups\.\nInnings takes one each day it runs/)
})

async function versionOfLot({ address }: Running): Promise<number> {
  const away = await post(`${address}/api/media/lots/1/entries`, { kind: 'lost', litres: 0.1 })
  assert.equal(away.status, 201)
  const stale = await fetch(`${address}/api/media/lots/1`, {
    method: 'PATCH',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ name: 'x', version: 0 }),
  })
  const { current } = (await stale.json()) as { current: { version: number } }
  return current.version
}
