import assert from 'node:assert/strict'
import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { demoTemplate } from '../../e2e/demoTemplate'
import { copyGarden, DIST, type Running, startServer } from '../../e2e/server'

export { freePort, NOW, type Running } from '../../e2e/server'
export { HELPER, MANAGER, withPassphrases } from './passphrases'

interface Ending {
  after(work: () => Promise<void>): void
}

const endings = new WeakMap<Ending, (() => void | Promise<void>)[]>()

/** Work for the end of a test, the latest first: what writes into a folder has ended before the folder is removed. */
function atEnd(test: Ending, work: () => void | Promise<void>): void {
  const known = endings.get(test)
  if (known) {
    known.unshift(work)
    return
  }
  const list = [work]
  endings.set(test, list)
  test.after(async () => {
    for (const one of list) await one()
  })
}

/** Starts the application for a test, and ends it with the test however that ends. */
export async function start(
  test: Ending,
  folder: string,
  env: NodeJS.ProcessEnv = {},
): Promise<Running> {
  const server = await startServer(folder, env)
  atEnd(test, () => server.stop('SIGKILL'))
  return server
}

/** A folder of its own for a test, removed at its end. */
export function newFolder(test: Ending): string {
  const folder = mkdtempSync(path.join(tmpdir(), 'innings-process-'))
  atEnd(test, () => rmSync(folder, { recursive: true, force: true }))
  return folder
}

/** A fresh copy of the demo garden's data. */
export async function demoFolder(test: Ending): Promise<string> {
  const folder = newFolder(test)
  copyGarden(await demoTemplate(), folder)
  return folder
}

/** Signs in and gives the cookie of it. */
export async function signIn(address: string, passphrase: string): Promise<string> {
  const answer = await put(`${address}/api/access/sign-in`, { passphrase })
  assert.equal(answer.status, 200, await answer.clone().text())
  return answer.headers.get('set-cookie')?.split(';')[0] ?? ''
}

/** Runs the application where it should not start; what it said, which has to be one line. */
export async function refusedStart(env: NodeJS.ProcessEnv): Promise<string> {
  const { code, said } = await runScript(`${DIST}/main.mjs`, [], env)
  assert.equal(code, 1, said)
  assert.equal(said.trim().split('\n').length, 1, said)
  assert.doesNotMatch(said, /\[object|^\s+at |undefined/m)
  return said.trim()
}

export async function runScript(
  script: string,
  words: readonly string[],
  env: NodeJS.ProcessEnv,
  wrapper: readonly string[] = [],
): Promise<{ code: number; said: string }> {
  const [command = process.execPath, ...args] = [...wrapper, process.execPath, script, ...words]
  const child = spawn(command, args, {
    env: { ...process.env, INNINGS_COPIES: '0', ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  let said = ''
  const listen = (chunk: Buffer) => {
    said += chunk.toString()
  }
  child.stdout.on('data', listen)
  child.stderr.on('data', listen)
  const [code] = await once(child, 'close')
  return { code: Number(code), said }
}

/** Waits for what another process does. */
export async function until(
  holds: () => boolean | Promise<boolean>,
  withinMs = 60_000,
): Promise<void> {
  const end = Date.now() + withinMs
  while (!(await holds())) {
    assert.ok(Date.now() < end, `not within ${withinMs} ms: ${holds}`)
    await new Promise((resolve) => setTimeout(resolve, 10))
  }
}

const sending =
  (method: string) =>
  (address: string, body: unknown = {}, headers: Readonly<Record<string, string>> = {}) =>
    fetch(address, {
      method,
      headers: { 'content-type': 'application/json', ...headers },
      body: JSON.stringify(body),
    })

export const post = sending('POST')
export const put = sending('PUT')

export { DIST }
