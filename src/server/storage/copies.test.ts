import assert from 'node:assert/strict'
import { mkdirSync, mkdtempSync, readdirSync, rmSync, utimesSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { test } from 'node:test'
import { daysKept, listCopies, pruneCopies } from './copies'

const dayBefore = (days: number) =>
  new Date(Date.UTC(2026, 10, 26) - days * 86_400_000).toISOString().slice(0, 10)

test('of a garden that runs every day seven days are kept and four weeks before them', () => {
  const days = Array.from({ length: 90 }, (_, i) => dayBefore(i))
  const kept = daysKept(days)
  assert.deepEqual(kept.slice(0, 7), days.slice(0, 7))
  assert.equal(kept.length, 11)
  const weeks = kept.slice(7).map((day) => Math.floor((Date.parse(day) / 86_400_000 + 3) / 7))
  assert.deepEqual(
    weeks,
    [...weeks].sort((a, b) => b - a),
  )
  assert.equal(new Set(weeks).size, 4, 'one a week')
})

test('of a garden that runs now and then the last seven are kept, however old', () => {
  const days = ['2024-04-01', '2025-04-01', '2026-04-01']
  assert.deepEqual(daysKept(days), [...days].reverse())
})

test('old copies go, copies before updates and files of others stay', () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'innings-copies-'))
  const backups = path.join(folder, 'backups')
  mkdirSync(backups)
  const put = (name: string, daysAgo: number) => {
    const file = path.join(backups, name)
    writeFileSync(file, 'packed')
    const at = new Date(Date.UTC(2026, 10, 26) - daysAgo * 86_400_000)
    utimesSync(file, at, at)
  }
  for (let i = 0; i < 60; i++) put(`${dayBefore(i)}.tar.gz`, i)
  for (let i = 0; i < 5; i++) put(`before-000${i}_update.tar.gz`, 400 - i)
  put('my-own.tar.gz', 900)
  put('half.tar.gz.part', 0)
  pruneCopies(folder)
  const left = readdirSync(backups)
  assert.equal(left.filter((name) => /^2026/.test(name)).length, 11)
  assert.deepEqual(
    left.filter((name) => !/^2026/.test(name)),
    [2, 3, 4]
      .map((i) => `before-000${i}_update.tar.gz`)
      .concat('half.tar.gz.part', 'my-own.tar.gz'),
  )
  assert.equal(listCopies(folder)[0]?.name, '2026-11-26', 'the newest first; what is half is none')
  rmSync(folder, { recursive: true })
})
