import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { NodeFS } from '@electric-sql/pglite/nodefs'
import { copyFile } from '../src/server/storage/copies'
import { openEngine } from '../src/server/storage/engine'
import { packCopy } from '../src/server/storage/packCopy'
import type { Figure } from './measure'

const WRITES = 300

/** What it costs that every answer is on the disk: the same write with the engine as it comes, and flushed. */
export async function storage(): Promise<Figure[]> {
  const folder = mkdtempSync(path.join(tmpdir(), 'innings-bench-'))
  const database = path.join(folder, 'database')
  try {
    const asItComes = await PGlite.create({ fs: new NodeFS(database) })
    await asItComes.exec('create table notes (id integer, words text)')
    const before = await writeMs(asItComes)
    await asItComes.close()
    const flushed = await openEngine(database)
    const after = await writeMs(flushed)
    const from = performance.now()
    await packCopy(flushed, copyFile(folder, '2026-11-02'))
    const copyS = (performance.now() - from) / 1000
    await flushed.close()
    return [
      { name: 'a write, the engine as it comes', unit: 'ms', value: before },
      { name: 'a write, flushed to the disk', unit: 'ms', goal: { below: 2 }, value: after },
      {
        name: 'a copy packed and opened to prove it',
        unit: 's',
        goal: { below: 15 },
        value: copyS,
      },
    ]
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}

/** Median of single writes, each answered before the next. */
async function writeMs(client: PGlite): Promise<number> {
  const times: number[] = []
  for (let i = 0; i < WRITES; i++) {
    const from = performance.now()
    await client.query('insert into notes values ($1, $2)', [i, 'x'.repeat(80)])
    times.push(performance.now() - from)
  }
  times.sort((a, b) => a - b)
  return times[Math.floor(times.length / 2)] ?? 0
}
