import { existsSync, mkdirSync, mkdtempSync, readdirSync, renameSync, statSync } from 'node:fs'
import path from 'node:path'
import { DIST, remove, startServer } from './server'

/** Beside the bundles of tests, which are made anew from the code as well. */
const KEPT = path.join('.tests', 'demo-gardens')

/**
 * The demo garden as this build makes it. It takes seconds: the first who asks makes it, tests of the process and of the
 * interface begin with a copy.
 */
export async function demoTemplate(): Promise<string> {
  const place = path.join(KEPT, `of-${Math.round(statSync(`${DIST}/main.mjs`).mtimeMs)}`)
  if (existsSync(place)) return place
  mkdirSync(KEPT, { recursive: true })
  // Those of earlier builds.
  for (const name of readdirSync(KEPT)) {
    if (name.startsWith('of-')) remove(path.join(KEPT, name))
  }
  const making = mkdtempSync(path.join(KEPT, 'making-'))
  await (await startServer(making, { INNINGS_DEMO: '1' })).stop()
  try {
    renameSync(making, place)
  } catch {
    // Another test file was first.
    remove(making)
  }
  return place
}
