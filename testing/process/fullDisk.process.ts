import assert from 'node:assert/strict'
import { rmSync } from 'node:fs'
import path from 'node:path'
import { test } from 'node:test'
import {
  MANAGER,
  post,
  put,
  refusedStart,
  signIn,
  start,
  until,
  withPassphrases,
} from './application'
import { fillBut, free, inTime, smallDisk, write } from './smallDisk'

test('a disk that fills: writes are refused in words, reads go on, nothing hangs, and it goes on when there is room', async (t) => {
  const small = await smallDisk(t)
  if (!small) return
  const { disk, folder } = small
  const server = await start(t, folder)
  for (const megabytes of [40, 30, 12, 3, 0.2, 0]) {
    fillBut(disk, megabytes * 1e6)
    const expected = megabytes >= 34 ? 201 : 507
    assert.equal(await write(server, 0.01), expected, `${megabytes} MB left`)
    const page = await inTime(fetch(`${server.address}/lots/2`))
    assert.equal(page.status, 200)
    await page.text()
    if (expected === 507) {
      const refused = await post(`${server.address}/api/bench/pens`, { name: 'Pen' })
      const { detail } = (await refused.json()) as { detail: string }
      assert.match(detail, /The disk is nearly full: .* are free .*, and saving needs 34 MB/)
    }
    free(disk)
    assert.equal(await write(server, 0.01), 201, 'with room again')
  }
  await server.stop()
  rmSync(path.join(folder, 'reserve'), { force: true })
  fillBut(disk, 26e6)
  const reading = await start(t, folder)
  assert.equal((await inTime(fetch(`${reading.address}/lots/2`))).status, 200)
  assert.equal(await write(reading, 0.01), 507)
  await reading.stop()
  fillBut(disk, 5e6)
  const said = await refusedStart({ INNINGS_DATA: folder })
  assert.match(said, /The disk of the data folder .* is nearly full: 5.* MB are free, 34 MB/)
})

test('on a disk without a byte whoever is signed in reads on, and signing in and out is refused in words', async (t) => {
  const small = await smallDisk(t)
  if (!small) return
  const { disk, folder } = small
  await withPassphrases(folder)
  const server = await start(t, folder)
  const cookie = await signIn(server.address, MANAGER)
  fillBut(disk, 0)
  // The day it was here is written down with the first page of a day.
  const page = await inTime(fetch(`${server.address}/lots/2`, { headers: { cookie } }))
  assert.equal(page.status, 200)
  for (const refused of [
    await put(`${server.address}/api/access/sign-in`, { passphrase: MANAGER }),
    await post(`${server.address}/api/access/sign-out`, {}, { cookie }),
  ]) {
    assert.equal(refused.status, 507)
    const { detail } = (await refused.json()) as { detail: string }
    assert.match(detail, /The disk is full. Nothing was saved/)
  }
  free(disk)
  assert.equal((await post(`${server.address}/api/access/sign-out`, {}, { cookie })).status, 200)
})

test('a copy for which there is no room is told to the manager on every page, and taken when there is', async (t) => {
  const small = await smallDisk(t)
  if (!small) return
  const { disk, folder } = small
  const health = async (address: string) => (await fetch(`${address}/api/health`)).json()
  const lots = async (address: string) => (await fetch(`${address}/lots`)).text()
  fillBut(disk, 50e6)
  const cramped = await start(t, folder, { INNINGS_COPIES: '1' })
  await until(async () => (await health(cramped.address)).missedCopy !== null)
  const { newestCopy, missedCopy } = await health(cramped.address)
  assert.equal(newestCopy, null)
  assert.equal(missedCopy.day, '2026-11-02')
  const told =
    /No copy of the garden could be taken on 2 Nov 2026: \d+(\.\d)? MB are free on its disk, and a copy needs \d+(\.\d)? MB/
  assert.match(await lots(cramped.address), told)
  await cramped.stop()
  free(disk)
  const roomy = await start(t, folder, { INNINGS_COPIES: '1' })
  await until(async () => (await health(roomy.address)).newestCopy !== null, 240_000)
  assert.equal((await health(roomy.address)).missedCopy, null)
  assert.doesNotMatch(await lots(roomy.address), told)
  await roomy.stop()
})
