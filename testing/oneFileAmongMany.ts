import nodeTest, { mock } from 'node:test'

/**
 * What a test file gets as 'node:test' where many of them share a process: what it says is collected, and run as the
 * parts of one test that is named after the file. Starting a process and a database takes longer than most files.
 */
interface Collected {
  readonly hooks: [kind: 'before' | 'after' | 'beforeEach' | 'afterEach', hook: Hook][]
  readonly tests: Parts[]
}
type Hook = () => unknown
type Parts = Parameters<typeof nodeTest>

let now: Collected | null = null

function collecting(): Collected {
  if (!now) throw new Error('A test was added after its file had been read')
  return now
}

export const test = (...parts: Parts): void => {
  collecting().tests.push(parts)
}
const hook = (kind: Collected['hooks'][number][0]) => (run: Hook) => {
  collecting().hooks.push([kind, run])
}
export const before = hook('before')
export const after = hook('after')
export const beforeEach = hook('beforeEach')
export const afterEach = hook('afterEach')
export { mock }

let atEnd: Map<string, Hook> | null = null

/**
 * Has something done at the end of the process's last file.
 * @returns false where this file has the process to itself: it does so itself, then
 */
export function afterAllFiles(name: string, run: Hook): boolean {
  atEnd?.set(name, run)
  return atEnd !== null
}

/** Runs one file after the other; what a file set in the environment is put back behind it. */
export async function runFiles(
  files: readonly (readonly [name: string, read: () => Promise<unknown>])[],
): Promise<void> {
  atEnd = new Map()
  for (const [name, read] of files) {
    const environment = { ...process.env }
    await nodeTest(name, async (t) => {
      const file: Collected = { hooks: [], tests: [] }
      now = file
      await read()
      now = null
      for (const [kind, run] of file.hooks) t[kind](() => run() as Promise<void>)
      for (const parts of file.tests) await t.test(...(parts as Parameters<typeof t.test>))
    })
    process.env = environment
  }
  for (const run of atEnd.values()) await run()
}
