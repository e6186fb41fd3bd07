import assert from 'node:assert/strict'
import { spawn } from 'node:child_process'
import { once } from 'node:events'
import {
  chmodSync,
  chownSync,
  cpSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs'
import { createServer } from 'node:net'
import path from 'node:path'
import { test } from 'node:test'
import {
  DIST,
  demoFolder,
  freePort,
  newFolder,
  post,
  refusedStart,
  runScript,
  start,
  until,
  withPassphrases,
} from './application'

test('a second process on the same folder is refused in one sentence', async (t) => {
  const folder = await demoFolder(t)
  const server = await start(t, folder)
  const said = await refusedStart({ INNINGS_DATA: folder, PORT: String(await freePort()) })
  assert.match(said, /is open in another Innings \(process \d+\): close that one first/)
  await server.stop()
})

test('settings that cannot be used are told in one sentence', async (t) => {
  const folder = await demoFolder(t)
  const taken = createServer().listen(0, '127.0.0.1')
  await once(taken, 'listening')
  const { port } = taken.address() as { port: number }
  assert.match(
    await refusedStart({ INNINGS_DATA: folder, PORT: String(port) }),
    new RegExp(`Port ${port} is taken: stop the other program or set PORT`),
  )
  taken.close()
  assert.match(await refusedStart({ PORT: 'harbour' }), /PORT must be a number from 1 to 65535/)
  const elsewhere = { INNINGS_DATA: folder, PORT: String(await freePort()), HOST: '203.0.113.7' }
  assert.match(await refusedStart(elsewhere), /HOST or INNINGS_HOSTS lets other machines/)
  await withPassphrases(folder)
  assert.match(await refusedStart(elsewhere), /HOST is 203\.0\.113\.7, which is no address of this/)
  assert.ok(!existsSync(path.join(folder, 'innings.lock')), 'a refused start frees the folder')
})

test('what stands in the place of a garden is named, and left as it is', async (t) => {
  const folder = newFolder(t)
  const file = path.join(folder, 'a-file')
  writeFileSync(file, '')
  assert.match(
    await refusedStart({ INNINGS_DATA: path.join(file, 'inside') }),
    /cannot be written \(part of the path is a file\): .*set INNINGS_DATA/,
  )
  writeFileSync(path.join(folder, 'database'), 'letters')
  assert.match(await refusedStart({ INNINGS_DATA: folder }), /"database" is a file that Innings/)
  rmSync(path.join(folder, 'database'))
  mkdirSync(path.join(folder, 'database'))
  writeFileSync(path.join(folder, 'database', 'letter.txt'), 'Dear')
  assert.match(
    await refusedStart({ INNINGS_DATA: folder }),
    /holds files that Innings did not write \(letter\.txt\): move it away/,
  )
  assert.deepEqual(readdirSync(path.join(folder, 'database')), ['letter.txt'])
})

const DAMAGES: Readonly<Record<string, (database: string) => void>> = {
  'no version': (database) => rmSync(path.join(database, 'PG_VERSION')),
  'no control file': (database) => rmSync(path.join(database, 'global', 'pg_control')),
  'an empty control file': (database) => truncateSync(path.join(database, 'global', 'pg_control')),
  'no log': (database) => {
    const log = path.join(database, 'pg_wal')
    for (const name of readdirSync(log)) {
      if (/^[0-9A-F]{24}$/.test(name)) rmSync(path.join(log, name))
    }
  },
  'no settings': (database) => rmSync(path.join(database, 'postgresql.conf')),
  'no tables': (database) => rmSync(path.join(database, 'base', '5'), { recursive: true }),
  'an empty catalogue': (database) => truncateSync(path.join(database, 'base', '5', '1259')),
  'a catalogue of noise': (database) =>
    writeFileSync(path.join(database, 'base', '5', '1249'), Buffer.alloc(65_536, 0xa7)),
}

test('a damaged garden is told in one sentence, with the newest copy and the command', async (t) => {
  const whole = await demoFolder(t)
  const folder = newFolder(t)
  const database = path.join(folder, 'database')
  mkdirSync(path.join(folder, 'backups'))
  writeFileSync(path.join(folder, 'backups', '2026-10-31.tar.gz'), 'packed')
  for (const [what, damage] of Object.entries(DAMAGES)) {
    rmSync(database, { recursive: true, force: true })
    cpSync(path.join(whole, 'database'), database, { recursive: true })
    damage(database)
    const before = readdirSync(database).length
    const said = await refusedStart({ INNINGS_DATA: folder })
    assert.match(said, /The garden in .* cannot be opened: /, what)
    assert.match(said, /"npm run restore -- 2026-10-31" puts it back and keeps what is there/, what)
    assert.ok(readdirSync(database).length >= before, `${what}: nothing was written over it`)
  }
  rmSync(path.join(folder, 'backups'), { recursive: true })
  assert.match(await refusedStart({ INNINGS_DATA: folder }), /There is no copy in .*backups: put/)
})

test('a garden of another version, or gone while its copies are there, is not written over', async (t) => {
  const folder = await demoFolder(t)
  writeFileSync(path.join(folder, 'database', 'PG_VERSION'), '17\n')
  assert.match(
    await refusedStart({ INNINGS_DATA: folder }),
    /another format \(17, this .* reads 18/,
  )
  rmSync(path.join(folder, 'database'), { recursive: true })
  mkdirSync(path.join(folder, 'backups'))
  writeFileSync(path.join(folder, 'backups', '2026-10-31.tar.gz'), 'packed')
  assert.match(await refusedStart({ INNINGS_DATA: folder }), /its folder "database" is gone/)
})

test('a folder or a file in it without permission is named', async (t) => {
  if (process.getuid?.() !== 0) return t.skip('only root can become somebody else')
  const folder = await demoFolder(t)
  const asNobody = async () => {
    const { code, said } = await runScript(`${DIST}/main.mjs`, [], { INNINGS_DATA: folder }, [
      'setpriv',
      '--reuid=65534',
      '--regid=65534',
      '--clear-groups',
    ])
    assert.equal(code, 1)
    assert.equal(said.trim().split('\n').length, 1, said)
    return said
  }
  chmodSync(folder, 0o700)
  assert.match(await asNobody(), /The data folder .* cannot be written \(no permission\)/)
  chownTree(folder, 65534)
  const secret = path.join(folder, 'database', 'global', 'pg_control')
  chownSync(secret, 0, 0)
  chmodSync(secret, 0o600)
  assert.match(await asNobody(), /pg_control cannot be read and written \(no permission\)/)
})

test('a first start that is cut begins anew; one that is stopped stops cleanly', async (t) => {
  const folder = newFolder(t)
  const env = { ...process.env, INNINGS_DATA: folder, PORT: String(await freePort()) }
  for (const signal of ['SIGKILL', 'SIGTERM'] as const) {
    const child = spawn(process.execPath, [`${DIST}/main.mjs`], { env, stdio: 'ignore' })
    await until(() => {
      const lock = path.join(folder, 'innings.lock')
      const owned = existsSync(lock) && readFileSync(lock, 'utf8').includes(`"pid":${child.pid},`)
      return owned && existsSync(path.join(folder, 'database.unfinished', 'PG_VERSION'))
    })
    child.kill(signal)
    const [code] = await once(child, 'exit')
    if (signal === 'SIGTERM') assert.equal(code, 0)
  }
  assert.ok(!existsSync(path.join(folder, 'innings.lock')))
  const server = await start(t, folder)
  const made = await post(`${server.address}/api/media/lots`, {
    name: 'First pot',
    place: 'Yard',
    origin: 'bag',
    components: [{ materialId: 'all-purpose-mix', litres: 9 }],
    container: null,
  })
  assert.equal(made.status, 201)
  await server.stop()
  const again = await start(t, folder)
  assert.match(await (await fetch(`${again.address}/lots`)).text(), /First pot/)
  await again.stop()
})

function chownTree(folder: string, owner: number): void {
  chownSync(folder, owner, owner)
  for (const name of readdirSync(folder, { recursive: true })) {
    chownSync(path.join(folder, String(name)), owner, owner)
  }
}
