import assert from 'node:assert/strict'
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { after, before, test } from 'node:test'
import { PGlite } from '@electric-sql/pglite'
import { NodeFS } from '@electric-sql/pglite/nodefs'
import { demoDatabase } from '../../../testing/database'
import { checkGarden } from './checkGarden'
import { packCopy } from './packCopy'
import { packFolder, unpackDatabase } from './packFolder'

let folder: string
let asBefore: string
let there: Awaited<ReturnType<typeof checkGarden>>
before(async () => {
  folder = mkdtempSync(path.join(tmpdir(), 'innings-pack-'))
  asBefore = path.join(folder, 'as-before.tar.gz')
  const garden = await demoDatabase()
  there = await checkGarden(garden.client)
  const dump = await garden.client.dumpDataDir('gzip')
  writeFileSync(asBefore, Buffer.from(await dump.arrayBuffer()))
  await garden.close()
})
after(() => rmSync(folder, { recursive: true, force: true }))

function emptyFolder(name: string): string {
  const place = path.join(folder, name)
  mkdirSync(place)
  return place
}

test('a garden that the engine itself packed, as it once was, opens with all its rows; packed again it does too', async () => {
  const place = emptyFolder('garden')
  await unpackDatabase(asBefore, place)
  const copy = path.join(folder, 'copy.tar.gz')
  let isNeeded = true
  await packCopy(place, there, copy, () => {
    isNeeded = false
    rmSync(place, { recursive: true })
  })
  assert.ok(!isNeeded, 'proved without the folder')
  const again = emptyFolder('again')
  await unpackDatabase(copy, again)
  const client = await PGlite.create({ fs: new NodeFS(again) })
  assert.deepEqual(await checkGarden(client), there)
  await client.close()
})

test('a copy with a row less than the garden gets no name and leaves nothing', async () => {
  const place = emptyFolder('fewer')
  await unpackDatabase(asBefore, place)
  const backups = emptyFolder('backups')
  const file = path.join(backups, 'copy.tar.gz')
  await assert.rejects(
    packCopy(place, { ...there, lots: (there.lots ?? 0) + 1 }, file),
    /does not hold the same rows/,
  )
  assert.deepEqual(readdirSync(backups), [])
})

test('what was cut, is not packed, or holds something else is no database', async () => {
  const packed = readFileSync(asBefore)
  const cut = path.join(folder, 'cut.tar.gz')
  writeFileSync(cut, packed.subarray(0, packed.length / 2))
  await assert.rejects(unpackDatabase(cut, emptyFolder('of-cut')), /unexpected end of file/)

  const text = path.join(folder, 'text.tar.gz')
  writeFileSync(text, 'not packed at all')
  await assert.rejects(unpackDatabase(text, emptyFolder('of-text')), /incorrect header check/)

  const other = emptyFolder('other')
  writeFileSync(path.join(other, 'notes'), 'peat')
  const otherPacked = path.join(folder, 'other.tar.gz')
  await packFolder(other, otherPacked)
  await assert.rejects(unpackDatabase(otherPacked, emptyFolder('of-other')), /holds no database/)
})
