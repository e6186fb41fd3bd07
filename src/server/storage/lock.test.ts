import assert from 'node:assert/strict'
import { type ChildProcess, fork, spawn, spawnSync } from 'node:child_process'
import { once } from 'node:events'
import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { after, afterEach, beforeEach, type TestContext, test } from 'node:test'
import { setTimeout } from 'node:timers/promises'
import { buildSync } from 'esbuild'
import type { Order } from '../../../testing/lockContender'
import { beat, beatsStill } from './alive'
import { holderOf, isOurs } from './holder'
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

test('a folder is held once, and free without a trace after release', async () => {
  const lock = await lockFolder(folder)
  await assert.rejects(lockFolder(folder), /is open in another Innings \(process \d+\)/)
  lock.release()
  ;(await lockFolder(folder)).release()
  assert.deepEqual(readdirSync(folder), [])
})

test('a lock is released only by its owner', async () => {
  const lock = await lockFolder(folder)
  const other = JSON.stringify({ pid: process.ppid, started: null })
  writeFileSync(lockFile(), other)
  lock.release()
  assert.deepEqual(readdirSync(folder), ['innings.lock'])
})

test('a takeover that was cut short does not lock anyone out', async () => {
  const dead = JSON.stringify({ pid: deadPid(), started: '1' })
  writeFileSync(lockFile(), dead)
  writeFileSync(`${lockFile()}.guard`, dead)
  ;(await lockFolder(folder)).release()
  assert.deepEqual(readdirSync(folder), [])
})

test('a folder that may not be locked is told in a sentence', async () => {
  const file = path.join(folder, 'no-folder')
  writeFileSync(file, '')
  await assert.rejects(lockFolder(file), /could not be locked \(ENOTDIR\): set INNINGS_DATA/)
})

/** A process in a room of its own, where numbers of processes mean something else; null where this user may not. */
function inOtherRoom(t: TestContext, ...mount: readonly string[]): ChildProcess | null {
  const unshare = ['--pid', '--fork', '--kill-child', '--mount-proc', ...mount]
  if (spawnSync('unshare', [...unshare, 'true']).status !== 0) {
    t.skip('a room of its own is made by root only')
    return null
  }
  const child = spawn('unshare', [...unshare, process.execPath, contender()], {
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
  })
  t.after(() => child.kill('SIGKILL'))
  return child
}

let bundle = ''
function contender(): string {
  if (bundle === '') {
    bundle = mkdtempSync(path.join(tmpdir(), 'innings-contender-'))
    // Bundled once: each would else begin with a compiler of its own.
    const outfile = path.join(bundle, 'contender.mjs')
    buildSync({ entryPoints: ['testing/lockContender.ts'], outfile, ...FOR_NODE })
  }
  return path.join(bundle, 'contender.mjs')
}
after(() => rmSync(bundle, { recursive: true, force: true }))

test('a holder is seen from another room of processes, the folder mounted twice or not', async (t) => {
  const again = mkdtempSync(path.join(tmpdir(), 'innings-again-'))
  // Before the room is made: it sees what was mounted then.
  spawnSync('mount', ['--bind', folder, again])
  t.after(() => {
    spawnSync('umount', ['-l', again])
    rmSync(again, { recursive: true, force: true })
  })
  const other = inOtherRoom(t)
  if (!other) return
  const lock = await lockFolder(folder)
  for (const place of [folder, again]) {
    const [refused] = await ask([other], { do: 'take', folder: place, at: 0 })
    assert.match(refused ?? '', /is open in another Innings/, place)
  }
  lock.release()
  assert.deepEqual(await ask([other], { do: 'take', folder: again, at: 0 }), ['held'])
  await assert.rejects(lockFolder(folder), /is open in another Innings/)
})

test('a holder in another room that was killed locks nobody out', async (t) => {
  const other = inOtherRoom(t)
  if (!other) return
  assert.deepEqual(await ask([other], { do: 'take', folder, at: 0 }), ['held'])
  const gone = once(other, 'exit')
  other.kill('SIGKILL')
  await gone
  // What was inside ends a moment after what made the room.
  const end = Date.now() + 20_000
  const taken = async (): Promise<void> => {
    try {
      ;(await lockFolder(folder)).release()
    } catch (error) {
      if (Date.now() > end) throw error
      await setTimeout(50)
      await taken()
    }
  }
  await taken()
})

test('where neither number nor socket tells, a lock that beats is held, and one that does not is not', async () => {
  const lock = lockFile()
  writeFileSync(lock, '{}')
  assert.equal(await beatsStill(lock, 1000), false)
  const beating = beat(lock, '{}')
  try {
    assert.equal(await beatsStill(lock, 8000), true)
  } finally {
    beating.end()
  }
  const elsewhere = { pid: 1, room: 'pid:[1]', boot: 'another', machine: 'another', socket: null }
  const holder = holderOf(JSON.stringify(elsewhere))
  assert.ok(holder)
  assert.equal(isOurs(holder), false)
})

test('a folder with a long name is locked as well', async () => {
  const long = path.join(folder, 'x'.repeat(120))
  mkdirSync(long)
  const lock = await lockFolder(long)
  await assert.rejects(lockFolder(long), /is open in another Innings/)
  lock.release()
  assert.deepEqual(readdirSync(long), [])
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
  const processes = Array.from({ length: PROCESSES }, () => fork(contender(), { execArgv: [] }))
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
