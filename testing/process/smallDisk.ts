import { spawnSync } from 'node:child_process'
import { cpSync, mkdirSync, mkdtempSync, rmSync, statfsSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import type { TestContext } from 'node:test'
import { demoFolder, post, type Running } from './application'

const SIZE_MB = 224
/** Thirty writes stand in one queue, on a machine that may run other tests: this is hanging, not slow. */
const ANSWER_WITHIN_MS = 20_000

/** A disk of its own, so small that it can be filled; null where this user may not mount one. */
export async function smallDisk(t: TestContext): Promise<{ disk: string; folder: string } | null> {
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
export function fillBut(disk: string, leave: number): void {
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

export const free = (disk: string) => rmSync(path.join(disk, 'somebody-elses'), { force: true })

/** A write of some size, answered in time or not at all. */
export function write({ address }: Running, litres: number): Promise<number> {
  const request = post(`${address}/api/media/lots/2/entries`, {
    kind: 'topped-up',
    materialId: 'perlite-coarse',
    litres,
    note: 'x'.repeat(400),
  })
  return inTime(request.then(({ status }) => status))
}

export async function inTime<T>(work: Promise<T>): Promise<T> {
  let timer: NodeJS.Timeout | undefined
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new Error('an answer hangs')), ANSWER_WITHIN_MS)
  })
  return Promise.race([work, late]).finally(() => clearTimeout(timer))
}
