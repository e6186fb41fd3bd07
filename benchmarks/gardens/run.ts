import { existsSync } from 'node:fs'
import path from 'node:path'
import { parseArgs } from 'node:util'
import { benchTests } from '../../src/data/bench'
import { containers } from '../../src/data/containers'
import { ledgerEntries, lots } from '../../src/data/media'
import { workOrders } from '../../src/data/recondition'
import { now } from '../../src/server/clock'
import { closeDatabase, opened } from '../../src/server/database'
import { tidyTables } from '../../src/server/storage/tidyTables'
import { growGarden } from './growGarden'
import { isSizeName, SIZES } from './sizes'

// `npm run seed -- --size nursery`: a made-up garden of that size in INNINGS_DATA, which must not hold one yet.
const { values } = parseArgs({ options: { size: { type: 'string', default: 'garden' } } })
const { size } = values
if (!isSizeName(size)) {
  console.error(`--size is one of ${Object.keys(SIZES).join(', ')}, not "${size}".`)
  process.exit(1)
}
const folder = path.resolve(process.env.INNINGS_DATA ?? `.seed-${size}`)
if (existsSync(path.join(folder, 'database'))) {
  console.error(`There is a garden in ${folder} already: name an empty folder with INNINGS_DATA.`)
  process.exit(1)
}
process.env.INNINGS_DATA = folder
process.env.INNINGS_DEMO = '1'
const from = performance.now()
const { db, client } = await opened()
await growGarden(db, SIZES[size], now())
await tidyTables(client)
const counts = [
  [await db.$count(containers), 'containers'],
  [await db.$count(lots), 'lots'],
  [await db.$count(ledgerEntries), 'ledger entries'],
  [await db.$count(benchTests), 'tests'],
  [await db.$count(workOrders), 'work orders'],
] as const
await closeDatabase()
const seconds = ((performance.now() - from) / 1000).toFixed(0)
console.log(`${folder}: ${counts.map(([n, what]) => `${n} ${what}`).join(', ')} in ${seconds} s`)
