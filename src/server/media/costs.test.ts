import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { close as near } from '../../../testing/tables'
import { createLot, readLot, reverseEntry } from '../../data/media'
import { lotPage } from './lotPage'
import { newEntry } from './newEntry'
import { newTransfer } from './newTransfer'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

async function heap(materialId: string, litres: number): Promise<number> {
  return createLot(garden.db, {
    name: 'Heap',
    origin: 'own recipe',
    storeBin: 'Bin 2',
    containerIds: [],
    lines: [
      { kind: 'filled', litres, components: [{ materialId, litres }], doses: [], note: null },
    ],
    at: NOW,
  })
}
const costOf = async (id: number) => (await lotPage(garden.db, id, NOW)).cost

test('what comes in costs what the shelf says; what is lost takes its share, what sinks none', async () => {
  const { db } = garden
  const id = await heap('all-purpose-mix', 20)
  near((await costOf(id))?.total ?? 0, 20 * 0.22, 1e-9)
  await newEntry(db, id, { kind: 'topped-up', materialId: 'perlite-coarse', litres: 5 }, NOW)
  near((await costOf(id))?.total ?? 0, 4.4 + 5 * 0.34, 1e-9)
  await newEntry(db, id, { kind: 'settled', litres: 1 }, NOW)
  near((await costOf(id))?.total ?? 0, 6.1, 1e-9)
  await newEntry(db, id, { kind: 'lost', litres: 12 }, NOW)
  const half = await costOf(id)
  near(half?.total ?? 0, 3.05, 1e-9)
  near(half?.perLitre ?? 0, 3.05 / 12, 1e-9)
  const lost = (await readLot(db, id)).ledger.find(({ kind }) => kind === 'lost')
  await reverseEntry(db, id, lost?.id ?? 0, NOW, null)
  near((await costOf(id))?.total ?? 0, 6.1, 1e-9)
})

test('litres that go to another lot take their cost along, and what is own and free costs nothing', async () => {
  const { db } = garden
  const [dear, free] = [await heap('all-purpose-mix', 20), await heap('leaf-mould', 10)]
  near((await costOf(free))?.total ?? -1, 0, 1e-12)
  const body = { litres: 5, to: { kind: 'lot' as const, lotId: free }, note: '', despite: '' }
  await newTransfer(db, dear, body, NOW)
  near((await costOf(dear))?.total ?? 0, 15 * 0.22, 1e-9)
  near((await costOf(free))?.total ?? 0, 5 * 0.22, 1e-9)
  near((await costOf(free))?.perLitre ?? 0, (5 * 0.22) / 15, 1e-9)
})

test('what has no price is told apart, also where it goes on into another lot', async () => {
  const { db } = garden
  const unknown = await heap('clay-soil', 10)
  assert.equal(await costOf(unknown), null)
  const known = await heap('all-purpose-mix', 10)
  const body = { litres: 4, to: { kind: 'lot' as const, lotId: known }, note: '', despite: '' }
  await newTransfer(db, unknown, body, NOW)
  const cost = await costOf(known)
  near(cost?.total ?? 0, 2.2, 1e-9)
  near(cost?.unknownLitres ?? 0, 4, 1e-9)
})
