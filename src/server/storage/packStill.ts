import { rmSync, writeFileSync } from 'node:fs'
import { checkGarden } from './checkGarden'
import { openEngine } from './engine'
import { packCopy } from './packCopy'

// A process of its own: packs the files of a garden that were copied aside, and proves the result by opening it.
const [still, file, rows] = process.argv.slice(2)

async function packStill(): Promise<void> {
  if (!still || !file || !rows) throw new Error('The folder and the files are missing.')
  process.umask(0o077)
  const client = await openEngine(still)
  const there = await checkGarden(client).finally(() => client.close())
  writeFileSync(rows, JSON.stringify(there))
  // Both at once beside the garden itself would be its size three times.
  await packCopy(still, there, file, () => rmSync(still, { recursive: true, force: true }))
}

packStill().then(
  () => process.exit(0),
  (error: unknown) => {
    process.stderr.write(`${(error as Error)?.message ?? error}\n`)
    process.exit(1)
  },
)
