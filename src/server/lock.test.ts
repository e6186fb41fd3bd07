import assert from 'node:assert/strict'
import { spawnSync } from 'node:child_process'
import { existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { afterEach, beforeEach, test } from 'node:test'
import { lockFolder } from './lock'

let folder = ''
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'innings-lock-'))
})
afterEach(() => rmSync(folder, { recursive: true, force: true }))

test('a folder is held once and free again after release', () => {
  const lock = lockFolder(folder)
  assert.throws(() => lockFolder(folder), /is open in another Innings/)
  lock.release()
  lockFolder(folder).release()
  assert.equal(existsSync(path.join(folder, 'innings.lock')), false)
})

test('the lock of a process that died is taken over', () => {
  const dead = spawnSync(process.execPath, ['-e', 'process.stdout.write(String(process.pid))'])
  const pid = Number(dead.stdout.toString())
  writeFileSync(path.join(folder, 'innings.lock'), JSON.stringify({ pid, started: '1' }))
  lockFolder(folder).release()
})

test('a torn lock file does not lock anyone out', () => {
  writeFileSync(path.join(folder, 'innings.lock'), '{"pid":')
  lockFolder(folder).release()
})
