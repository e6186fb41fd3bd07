import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { remove, startServer } from './server'

/** Makes the demo garden once; every test gets a copy of its own. */
export default async function makeTemplate() {
  const folder = mkdtempSync(path.join(tmpdir(), 'innings-template-'))
  process.env.INNINGS_TEMPLATE = folder
  const server = await startServer(folder, { INNINGS_DEMO: '1' })
  await server.stop()
  return () => remove(folder)
}
