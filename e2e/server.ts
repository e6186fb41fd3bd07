import { type ChildProcess, spawn } from 'node:child_process'
import { once } from 'node:events'
import { cpSync, mkdtempSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import path from 'node:path'

/** How Node is started: for tests, or as growers start it for benchmarks. */
const ENGINE_FLAGS = process.env.INNINGS_ENGINE_FLAGS?.split(' ') ?? []
/** Where the build is that is tried. */
export const DIST = process.env.INNINGS_DIST ?? 'dist'
export const NOW = '2026-11-02T10:00:00Z'

export interface Running {
  readonly address: string
  readonly folder: string
  readonly process: ChildProcess
  /** Ends the process, cleanly unless another signal is given. */
  stop(signal?: NodeJS.Signals): Promise<void>
}

/**
 * Starts the built application on a data folder and waits until it answers.
 * @param script what is started: the application, or the one with a door for tests
 */
export async function startServer(
  folder: string,
  env: NodeJS.ProcessEnv = {},
  script = `${DIST}/main.mjs`,
): Promise<Running> {
  const port = await freePort()
  const child = spawn(process.execPath, [...ENGINE_FLAGS, script], {
    env: {
      ...process.env,
      PORT: String(port),
      INNINGS_DATA: folder,
      INNINGS_NOW: NOW,
      // A copy would be taken in the middle of a test.
      INNINGS_COPIES: '0',
      INNINGS_BALANCE: 'simulated',
      ...env,
    },
    stdio: ['ignore', 'pipe', 'pipe', 'ipc'],
  })
  let said = ''
  await new Promise<void>((resolve, reject) => {
    child.stdout?.on('data', (chunk: Buffer) => {
      said += chunk.toString()
      if (said.includes('Innings is ready')) resolve()
    })
    child.stderr?.on('data', (chunk: Buffer) => {
      said += chunk.toString()
    })
    child.once('exit', () => reject(new Error(said)))
  })
  return {
    address: `http://localhost:${port}`,
    folder,
    process: child,
    stop: async (signal = 'SIGTERM') => {
      if (child.exitCode !== null || child.signalCode !== null) return
      const gone = once(child, 'exit')
      child.kill(signal)
      await gone
    },
  }
}

/** A server that serves many tests. */
export interface Resettable extends Running {
  /** Puts its garden back as it was, and its clock. */
  reset(): Promise<void>
  /** @param now as an ISO time; its clock stands there */
  setClock(now: string): Promise<void>
}

/** Starts the application on a copy of the demo garden, with the door by which its garden is put back. */
export async function startResettable(): Promise<Resettable> {
  const running = await startServer(copyOfDemo(), {}, `${DIST}/testMain.mjs`)
  const tell = async (word: string) => {
    const answer = once(running.process, 'message')
    running.process.send(word)
    const [said] = await answer
    if (said !== word) throw new Error(`Not done: ${word}, ${said}`)
  }
  return { ...running, reset: () => tell('reset'), setClock: tell }
}

/** A fresh copy of the demo garden's data. */
export function copyOfDemo(): string {
  const folder = mkdtempSync(path.join(tmpdir(), 'innings-e2e-'))
  copyGarden(process.env.INNINGS_TEMPLATE ?? '', folder)
  return folder
}

/** A copy without the room that is kept for a full disk: a garden makes that again at its start. */
export function copyGarden(from: string, to: string): void {
  cpSync(from, to, { recursive: true, filter: (place) => path.basename(place) !== 'reserve' })
}

export function remove(folder: string): void {
  rmSync(folder, { recursive: true, force: true })
}

export async function freePort(): Promise<number> {
  const probe = createServer().listen(0, '127.0.0.1')
  await once(probe, 'listening')
  const address = probe.address()
  const port = typeof address === 'object' && address ? address.port : 0
  probe.close()
  await once(probe, 'close')
  return port
}
