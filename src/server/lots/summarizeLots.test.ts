import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { listCalibrationsOfLots } from '../../data/bench'
import { addMeasurement, appendLines, findLots, readLot } from '../../data/media'
import { readSite } from '../../data/site'
import { lotsPage } from '../media/lotsPage'
import { readTables } from '../tables'
import { cardFacts } from './lotFacts'
import { freshCardFacts, readCardFacts, versionOfLot } from './readLotFacts'
import { summarizeAllLots, summarizeChangedLots } from './summarizeLots'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const rowOf = async (id: number) => (await lotsPage(garden.db)).lots.find((row) => row.id === id)

test('a list sorted by a measured number moves a lot with its newest reading', async () => {
  const first = async () => (await lotsPage(garden.db, { order: 'ph.down' })).lots[0]?.id
  assert.notEqual(await first(), 2)
  const reading = { quantity: 'ph', value: 8.9, method: '1:2 extract', readAs: null } as const
  await addMeasurement(garden.db, 2, { ...reading, at: NOW })
  await summarizeChangedLots(garden.db)
  assert.equal(await first(), 2)
  assert.equal((await rowOf(2))?.ph?.value, 8.9, 'and what was kept of it is worked out anew')
})

test('a lot that changed its state is found under the new one', async () => {
  const empty = () => findLots(garden.db, { states: ['empty'], offset: 0, limit: 50 })
  assert.ok(!(await empty()).ids.includes(6))
  const { contents } = await readLot(garden.db, 6)
  const components = contents.components.map((one) => ({ ...one, litres: -one.litres }))
  const line = { litres: -contents.litres, components, doses: [], note: null }
  await appendLines(garden.db, 6, [{ kind: 'emptied', ...line }], NOW)
  await summarizeChangedLots(garden.db)
  assert.ok((await empty()).ids.includes(6))
  assert.equal((await rowOf(6))?.state, 'empty')
})

test('facts that are kept are the facts worked out anew', async () => {
  const tables = await readTables(garden.db, (await readSite(garden.db)).timeZone)
  const ids = [1, 2, 3, 4, 5]
  const once = await readCardFacts(garden.db, tables, ids)
  const again = await readCardFacts(garden.db, tables, ids)
  assert.equal(again[0], once[0], 'nothing changed: nothing is worked out')
  const calibrations = await listCalibrationsOfLots(garden.db, ids)
  for (const { lot, air, ph, strata } of again) {
    const fresh = cardFacts(lot, tables, calibrations, [])
    assert.deepEqual([fresh.air, fresh.ph, fresh.strata], [air, ph, strata])
  }
  assert.deepEqual(await readCardFacts(garden.db, tables, [4711]), [])
})

test('facts that are worked out for a round are those pages show, and push out none of theirs', async () => {
  const tables = await readTables(garden.db, (await readSite(garden.db)).timeZone)
  const ids = [5, 3, 1, 4711]
  const shown = await readCardFacts(garden.db, tables, ids)
  const fresh = await freshCardFacts(garden.db, tables, ids)
  assert.deepEqual(
    fresh.map(({ lot }) => lot.id).sort((a, b) => a - b),
    shown.map(({ lot }) => lot.id).sort((a, b) => a - b),
  )
  for (const one of shown) {
    const other = fresh.find(({ lot }) => lot.id === one.lot.id)
    assert.notEqual(other, one, 'worked out anew')
    assert.deepEqual([other?.air, other?.ph, other?.where], [one.air, one.ph, one.where])
  }
  const again = await readCardFacts(garden.db, tables, ids)
  assert.ok(again.every((one, at) => one === shown[at]))
})

test('the version changes with the lot and with the day, and with nothing else', async () => {
  const tables = await readTables(garden.db, (await readSite(garden.db)).timeZone)
  const stamp = versionOfLot(3, tables)
  assert.equal(versionOfLot(3, { ...tables }), stamp)
  assert.notEqual(versionOfLot(4, tables), stamp)
  assert.notEqual(versionOfLot(3, { ...tables, today: '2027-01-01' }), stamp)
})

test('the round over all lots changes nothing where nothing has changed, and stops when told', async () => {
  const before = await lotsPage(garden.db, { order: 'air' })
  let asked = 0
  const round = (goesOn: boolean) =>
    summarizeAllLots(garden.db, async () => {
      asked++
      return goesOn
    })
  await round(true)
  assert.ok(asked > 1)
  assert.deepEqual(await lotsPage(garden.db, { order: 'air' }), before)
  asked = 0
  await round(false)
  assert.equal(asked, 1)
})
