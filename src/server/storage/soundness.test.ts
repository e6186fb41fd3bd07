import assert from 'node:assert/strict'
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { afterEach, beforeEach, test } from 'node:test'
import { bringCopies } from './bringCopies'
import { listCopies } from './copies'
import { findDamagedPage } from './pageHeaders'
import { lostSince, readRowsOfCopy, writeRowsOfCopy } from './rowsOfCopy'

let folder = ''
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'innings-sound-'))
})
afterEach(() => rmSync(folder, { recursive: true, force: true }))

/** A page with no rows as the engine writes one. */
function page(): Buffer {
  const bytes = Buffer.alloc(8192)
  bytes.writeUInt16LE(24, 12)
  bytes.writeUInt16LE(8192, 14)
  bytes.writeUInt16LE(8192, 16)
  bytes.writeUInt16LE(8192 | 4, 18)
  return bytes
}

test('pages that were cut or overwritten are found, room that was not written yet is none', () => {
  const base = path.join(folder, 'base', '5')
  mkdirSync(base, { recursive: true })
  const table = path.join(base, '16384')
  const write = (...pages: Buffer[]) => writeFileSync(table, Buffer.concat(pages))
  write(page(), page(), Buffer.alloc(8192))
  writeFileSync(path.join(base, '16384_fsm'), 'of the engine alone')
  assert.equal(findDamagedPage(folder), null)
  write(page(), page().subarray(0, 4000))
  assert.match(findDamagedPage(folder) ?? '', /base\/5\/16384 was cut in the middle of a page/)
  write(page(), Buffer.alloc(8192, 'x'))
  assert.match(findDamagedPage(folder) ?? '', /has a page that was overwritten \(1\)/)
})

test('one row less is lost where rows are only marked; where they are removed, most of them', () => {
  const before = { lots: 40, lot_places: 30, plantings: 25, photos: 3 }
  assert.deepEqual(lostSince({ ...before, lot_places: 16, plantings: 20 }, before), [])
  assert.deepEqual(lostSince({ ...before, lots: 39 }, before), [
    { table: 'lots', now: 39, before: 40 },
  ])
  assert.deepEqual(
    lostSince({ lots: 40, lot_places: 30, plantings: 2 }, before).map(({ table }) => table),
    ['plantings', 'photos'],
  )
})

test('what a copy held is known as long as that copy is there', () => {
  const backups = path.join(folder, 'backups')
  mkdirSync(backups)
  writeFileSync(path.join(backups, '2026-11-02.tar.gz'), 'copy')
  writeRowsOfCopy(folder, { name: '2026-11-02', rows: { lots: 4 } })
  assert.deepEqual(readRowsOfCopy(folder)?.rows, { lots: 4 })
  rmSync(path.join(backups, '2026-11-02.tar.gz'))
  assert.equal(readRowsOfCopy(folder), null)
})

test('copies are brought to a second folder, those no longer kept leave it, and what is not ours stays', async () => {
  const backups = path.join(folder, 'backups')
  const to = path.join(folder, 'elsewhere', 'garden')
  mkdirSync(backups)
  for (const day of ['2026-11-01', '2026-11-02']) {
    writeFileSync(path.join(backups, `${day}.tar.gz`), `copy of ${day}`)
  }
  await bringCopies(folder, to)
  writeFileSync(path.join(to, 'letter.txt'), 'mine')
  rmSync(path.join(backups, '2026-11-01.tar.gz'))
  // One that was cut on its way is brought again.
  writeFileSync(path.join(to, '2026-11-02.tar.gz'), 'cop')
  await bringCopies(folder, to)
  assert.deepEqual(readdirSync(to).sort(), ['2026-11-02.tar.gz', 'letter.txt'])
  assert.equal(readFileSync(path.join(to, '2026-11-02.tar.gz'), 'utf8'), 'copy of 2026-11-02')
  rmSync(backups, { recursive: true })
  await bringCopies(folder, to)
  assert.equal(readdirSync(to).length, 2, 'the last there is')
})

test('a file in the place of the copies is none of them', () => {
  writeFileSync(path.join(folder, 'backups'), 'a file')
  assert.deepEqual(listCopies(folder), [])
})
