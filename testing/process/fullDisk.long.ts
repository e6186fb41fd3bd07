import assert from 'node:assert/strict'
import { test } from 'node:test'
import { type Running, start } from './application'
import { fillBut, free, inTime, smallDisk, write } from './smallDisk'

test('another program that fills the disk in the middle of writes: no answer hangs, none is lost', async (t) => {
  const small = await smallDisk(t)
  if (!small) return
  const { disk, folder } = small
  let server = await start(t, folder)
  let kept = 0
  const before = await entriesOfLot(server)
  for (let round = 0; round < 8; round++) {
    const writes = Array.from({ length: 30 }, (_, i) =>
      write(server, 0.01)
        .then((status) => {
          if (status === 201) kept++
          return status
        })
        .catch((error: Error) => {
          assert.notEqual(error.message, 'an answer hangs')
          return i
        }),
    )
    for (let i = 0; i < 6; i++) {
      fillBut(disk, 0)
      await new Promise((resolve) => setImmediate(resolve))
      free(disk)
    }
    await Promise.all(writes)
    free(disk)
    // Where even the kept-back room was gone it stops in a sentence, and starts again.
    if (server.process.exitCode !== null) server = await start(t, folder)
  }
  assert.ok(kept > 0)
  assert.ok((await entriesOfLot(server)) >= before + kept, 'every answered write is there')
  await server.stop()
})

async function entriesOfLot({ address }: Running): Promise<number> {
  const page = await (await inTime(fetch(`${address}/lots/2`))).text()
  return [...page.matchAll(/x{400}/g)].length
}
