import assert from 'node:assert/strict'
import { test } from 'node:test'
import { post, refusedStart, start } from './application'
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
  fillBut(disk, 5e6)
  const said = await refusedStart({ INNINGS_DATA: folder })
  assert.match(said, /The disk of the data folder .* is nearly full: 5.* MB are free, 34 MB/)
})
