import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { PGlite, types } from '@electric-sql/pglite'
import { NodeFS } from '@electric-sql/pglite/nodefs'
import { checkGarden } from '../src/server/storage/checkGarden'
import { copyFile } from '../src/server/storage/copies'
import { openEngine } from '../src/server/storage/engine'
import { packCopy } from '../src/server/storage/packCopy'
import type { Figure } from './measure'

const TIMES = 300
const WRITE = 'insert into notes values ($1, $2)'
const NOTE = 'x'.repeat(80)
const QUESTION = 'select words from notes where id = $1'
/** Handed over with every question by the library that builds them. */
const OPTIONS = { rowMode: 'array', parsers: { [types.DATE]: (text: string) => text } } as const

/** What it costs that every answer is on the disk, and what a small question takes: with the engine as it comes, and ours. */
export async function storage(): Promise<Figure[]> {
  const folder = mkdtempSync(path.join(tmpdir(), 'innings-bench-'))
  const database = path.join(folder, 'database')
  try {
    const asItComes = await PGlite.create({ fs: new NodeFS(database) })
    await asItComes.exec('create table notes (id integer, words text)')
    const before = await medianMs((i) => asItComes.query(WRITE, [i, NOTE]))
    const askedBefore = await medianMs((i) => asItComes.query(QUESTION, [i], OPTIONS))
    await asItComes.close()
    const flushed = await openEngine(database)
    const after = await medianMs((i) => flushed.query(WRITE, [i, NOTE]))
    const askedAfter = await medianMs((i) => flushed.query(QUESTION, [i], OPTIONS))
    const from = performance.now()
    await packCopy(database, await checkGarden(flushed), copyFile(folder, '2026-11-02'))
    const copyS = (performance.now() - from) / 1000
    await flushed.close()
    return [
      { name: 'a write, the engine as it comes', unit: 'ms', value: before },
      { name: 'a write, flushed to the disk', unit: 'ms', goal: { below: 2 }, value: after },
      { name: 'a small question, the engine as it comes', unit: 'ms', value: askedBefore },
      {
        name: 'a small question, in one trip',
        unit: 'ms',
        goal: { below: Math.round(askedBefore * 60) / 100 },
        value: askedAfter,
      },
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

/** Median of single ones, each answered before the next. */
async function medianMs(once: (i: number) => Promise<unknown>): Promise<number> {
  const times: number[] = []
  for (let i = 0; i < TIMES; i++) {
    const from = performance.now()
    await once(i)
    times.push(performance.now() - from)
  }
  times.sort((a, b) => a - b)
  return times[Math.floor(times.length / 2)] ?? 0
}
