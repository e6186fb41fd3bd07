import assert from 'node:assert/strict'
import { type ChildProcess, fork, spawnSync } from 'node:child_process'
import { once } from 'node:events'
import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { afterEach, beforeEach, test } from 'node:test'
import { buildSync } from 'esbuild'
import type { Order } from '../../../testing/lockContender'
import { lockFolder } from './lock'

const PROCESSES = 8
const ROUNDS = 50
const FOR_NODE = { bundle: true, platform: 'node', format: 'esm', target: 'node20' } as const

let folder = ''
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'innings-lock-'))
})
afterEach(() => rmSync(folder, { recursive: true, force: true }))

const lockFile = () => path.join(folder, 'innings.lock')
const deadPid = () => Number(spawnSync(process.execPath, ['-p', 'process.pid']).stdout)

test('a folder is held once, and free without a trace after release', () => {
  const lock = lockFolder(folder)
  assert.throws(() => lockFolder(folder), /is open in another Innings \(process \d+\)/)
  lock.release()
  lockFolder(folder).release()
  assert.deepEqual(readdirSync(folder), [])
})

test('a lock is released only by its owner', () => {
  const lock = lockFolder(folder)
  const other = JSON.stringify({ pid: process.ppid, started: null })
  writeFileSync(lockFile(), other)
  lock.release()
  assert.deepEqual(readdirSync(folder), ['innings.lock'])
})

test('a takeover that was cut short does not lock anyone out', () => {
  const dead = JSON.stringify({ pid: deadPid(), started: '1' })
  writeFileSync(lockFile(), dead)
  writeFileSync(`${lockFile()}.guard`, dead)
  lockFolder(folder).release()
  assert.deepEqual(readdirSync(folder), [])
})

test('a folder that may not be locked is told in a sentence', () => {
  const file = path.join(folder, 'no-folder')
  writeFileSync(file, '')
  assert.throws(() => lockFolder(file), /could not be locked \(ENOTDIR\): set INNINGS_DATA/)
})

test('of eight processes at the same instant one holds the folder, whatever lies there', async () => {
  const before: Readonly<Record<string, (pid: number) => void>> = {
    'no lock': () => {},
    'a stale lock': (pid) => writeFileSync(lockFile(), JSON.stringify({ pid, started: '1' })),
    'pid 0': () => writeFileSync(lockFile(), '{"pid":0,"started":null}'),
    'pid -1': () => writeFileSync(lockFile(), '{"pid":-1,"started":null}'),
    text: () => writeFileSync(lockFile(), 'open'),
    'a torn lock': () => writeFileSync(lockFile(), '{"pid":'),
    'a list': () => writeFileSync(lockFile(), '[]'),
    'a folder': () => mkdirSync(lockFile()),
  }
  // Bundled once: each would else begin with a compiler of its own.
  const bundle = mkdtempSync(path.join(tmpdir(), 'innings-contender-'))
  const outfile = path.join(bundle, 'contender.mjs')
  buildSync({ entryPoints: ['testing/lockContender.ts'], outfile, ...FOR_NODE })
  const processes = Array.from({ length: PROCESSES }, () => fork(outfile, { execArgv: [] }))
  const pid = deadPid()
  try {
    for (const [what, lay] of Object.entries(before)) {
      for (let round = 0; round < ROUNDS; round++) {
        lay(pid)
        const at = Date.now() + 4
        const said = await ask(processes, { do: 'take', folder, at })
        const where = `${what}, round ${round}`
        assert.equal(said.filter((word) => word === 'held').length, 1, `${where}: ${said}`)
        const refused = said.filter((word) => /is open in another Innings/.test(word))
        assert.equal(refused.length, PROCESSES - 1, `${where}: ${said}`)
        await ask(processes, { do: 'release' })
        const left = readdirSync(folder).filter((name) => !name.includes('.aside-'))
        assert.deepEqual(left, [], where)
      }
    }
  } finally {
    for (const child of processes) child.kill()
    rmSync(bundle, { recursive: true, force: true })
  }
})

function ask(processes: readonly ChildProcess[], order: Order): Promise<string[]> {
  return Promise.all(
    processes.map(async (child) => {
      const answer = once(child, 'message')
      child.send(order)
      return String((await answer)[0])
    }),
  )
}
