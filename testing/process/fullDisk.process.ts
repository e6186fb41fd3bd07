import assert from 'node:assert/strict'
import { spawnSync } from 'node:child_process'
import { cpSync, mkdirSync, mkdtempSync, rmSync, statfsSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { type TestContext, test } from 'node:test'
import { demoFolder, post, type Running, refusedStart, start } from './application'

const SIZE_MB = 224
const ANSWER_WITHIN_MS = 10_000

/** A disk of its own, so small that it can be filled; null where this user may not mount one. */
async function smallDisk(t: TestContext): Promise<{ disk: string; folder: string } | null> {
  const disk = mkdtempSync(path.join(tmpdir(), 'innings-disk-'))
  const { status } = spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${SIZE_MB}m`, 'tmpfs', disk])
  if (status !== 0) {
    t.skip('a small disk can be mounted by root only')
    return null
  }
  t.after(() => {
    spawnSync('umount', ['-l', disk])
    rmSync(disk, { recursive: true })
  })
  const folder = path.join(disk, 'garden')
  mkdirSync(folder)
  cpSync(await demoFolder(t), folder, { recursive: true })
  return { disk, folder }
}

/** Fills the disk but for so many bytes; nothing where less is free already. */
function fillBut(disk: string, leave: number): void {
  const { bavail, bsize } = statfsSync(disk)
  const file = path.join(disk, 'somebody-elses')
  rmSync(file, { force: true })
  const { bavail: free } = statfsSync(disk)
  const bytes = Math.max(0, free, bavail) * bsize - leave
  if (bytes <= 0) return
  try {
    writeFileSync(file, Buffer.alloc(bytes))
  } catch {
    // The garden took some of it in the same instant: full all the same.
  }
}

const free = (disk: string) => rmSync(path.join(disk, 'somebody-elses'), { force: true })

/** A write of some size, answered in time or not at all. */
function write({ address }: Running, litres: number): Promise<number> {
  const request = post(`${address}/api/media/lots/2/entries`, {
    kind: 'topped-up',
    materialId: 'perlite-coarse',
    litres,
    note: 'x'.repeat(400),
  })
  return inTime(request.then(({ status }) => status))
}

async function inTime<T>(work: Promise<T>): Promise<T> {
  let timer: NodeJS.Timeout | undefined
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new Error('an answer hangs')), ANSWER_WITHIN_MS)
  })
  return Promise.race([work, late]).finally(() => clearTimeout(timer))
}

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
