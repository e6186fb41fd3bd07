import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { allLots } from '../../../testing/lots'
import { close as near } from '../../../testing/tables'
import { addFindings, appendLines, createLot, readLot, reverseEntry } from '../../data/media'
import { openPlantings } from '../../data/season'
import { readSite } from '../../data/site'
import { type TransferBody, transferSchema } from '../../messages/media/transfers'
import { readLotFacts } from '../lots'
import { Refused } from '../problem'
import { intakePage } from '../recondition'
import { readTables } from '../tables'
import { auditPage } from './auditPage'
import { lotPage } from './lotPage'
import { moveLot } from './moveLot'
import { newEntry } from './newEntry'
import { newTransfer } from './newTransfer'
import { transferTargets } from './transferTargets'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const LATER = new Date(NOW.getTime() + 60_000)
const THEN = new Date(NOW.getTime() + 120_000)

async function heap(materialId: string, litres: number, name = 'Heap'): Promise<number> {
  return createLot(garden.db, {
    name,
    origin: 'own recipe',
    storeBin: 'Bin 2',
    containerIds: [],
    lines: [
      {
        kind: 'filled',
        litres,
        components: [{ materialId, litres }],
        doses: [{ amendmentId: 'ground-limestone', grams: litres * 2 }],
        note: null,
      },
    ],
    at: NOW,
  })
}

const into = (lotId: number, more: Partial<TransferBody> = {}): TransferBody => ({
  litres: 10,
  to: { kind: 'lot', lotId },
  note: '',
  despite: '',
  ...more,
})

async function factsOf(lotId: number) {
  const { db } = garden
  return readLotFacts(db, await readTables(db, (await readSite(db)).timeZone), lotId)
}

const refused = (code: string, field?: string) => (error: unknown) =>
  error instanceof Refused &&
  error.code === code &&
  (field === undefined || error.fields.some((one) => one.field === field))

test('what goes into another lot goes with its materials, its lime, its families and what was found in it', async () => {
  const { db } = garden
  const [from, to] = [await heap('bark-fine', 20), await heap('peat-medium', 30)]
  await addFindings(db, from, [weevil()])
  const before = await factsOf(to)
  const { litres } = await newTransfer(
    db,
    from,
    into(to, { despite: 'both go to the tubs' }),
    LATER,
  )
  assert.equal(litres, 10)
  const facts = await factsOf(to)
  assert.deepEqual(
    facts.lot.contents.components.map(({ materialId, litres }) => [materialId, litres]),
    [
      ['peat-medium', 30],
      ['bark-fine', 10],
    ],
  )
  near(facts.unreactedLimeGPerL, before.unreactedLimeGPerL, 1e-9)
  assert.ok(facts.found.some(({ problemId }) => problemId === 'vine-weevil'))
  assert.equal(
    facts.triage?.reasons.some(({ problemId }) => problemId === 'vine-weevil'),
    true,
  )
  const page = await lotPage(db, to, LATER)
  assert.deepEqual(
    page.flows.map(({ lotId, litres }) => [lotId, litres]),
    [[from, 10]],
  )
  const other = await lotPage(db, from, LATER)
  assert.deepEqual(
    other.flows.map(({ lotId, litres }) => [lotId, litres]),
    [[to, -10]],
  )
})

test('the lime of a part that is taken back is back, at both ends', async () => {
  const { db } = garden
  const [from, to] = [await heap('bark-fine', 20), await heap('peat-medium', 30)]
  await appendLines(
    db,
    from,
    [
      {
        kind: 'amended',
        litres: 0,
        components: [],
        doses: [{ amendmentId: 'ground-limestone', grams: 60 }],
        note: null,
      },
    ],
    NOW,
  )
  const [hereBefore, thereBefore] = [await factsOf(from), await factsOf(to)]
  await newTransfer(db, from, into(to), LATER)
  const [here, there] = [await factsOf(from), await factsOf(to)]
  near(here.unreactedLimeGPerL, hereBefore.unreactedLimeGPerL, 1e-9)
  near(
    there.unreactedLimeGPerL,
    (thereBefore.unreactedLimeGPerL * 30 + hereBefore.unreactedLimeGPerL * 10) / 40,
    1e-9,
  )
  const entry = (await readLot(db, to)).ledger.find(({ kind }) => kind === 'merged')
  await reverseEntry(db, to, entry?.id ?? 0, THEN, null)
  near((await factsOf(from)).unreactedLimeGPerL, hereBefore.unreactedLimeGPerL, 1e-9)
  near((await factsOf(to)).unreactedLimeGPerL, thereBefore.unreactedLimeGPerL, 1e-9)
  near((await factsOf(to)).ph?.value ?? 0, thereBefore.ph?.value ?? 1, 1e-9)
})

test('a clean lot and a doubtful one come together only with a reason, and it stays written down', async () => {
  const { db } = garden
  const [from, to] = [await heap('bark-fine', 20), await heap('peat-medium', 30)]
  await addFindings(db, from, [{ ...weevil(), problemId: 'clubroot', rotationGroup: 'brassica' }])
  await assert.rejects(newTransfer(db, from, into(to), LATER), refused('doubtful', 'despite'))
  await assert.rejects(newTransfer(db, to, into(from), LATER), refused('doubtful', 'despite'))
  assert.equal((await readLot(db, to)).contents.litres, 30)
  await newTransfer(db, from, into(to, { despite: 'only for shrubs' }), LATER)
  const [newest] = (await auditPage(db)).transfers
  assert.equal(newest?.despite, 'only for shrubs')
  // And from then on the family is kept out of the other one as well.
  const bars = (await factsOf(to)).triage?.notFor ?? []
  assert.ok(bars.some(({ rotationGroup }) => rotationGroup === 'brassica'))
})

test('into itself, into what is not there, more than fits, and while a turnover is open: refused', async () => {
  const { db } = garden
  const from = await heap('bark-fine', 400)
  await assert.rejects(newTransfer(db, from, into(from), LATER), refused('not-valid', 'to.lotId'))
  await assert.rejects(newTransfer(db, from, into(999_999), LATER), /There is no lot 999999/)
  await assert.rejects(
    newTransfer(db, from, into(3, { litres: 300 }), LATER),
    (error: unknown) =>
      refused('too-much', 'litres')(error) && Number((error as Refused).current?.fits) < 60,
  )
  await assert.rejects(newTransfer(db, from, into(3, { litres: 500 }), LATER), /Only 400.0 L/)
  const { contents } = await readLot(db, from)
  assert.equal(contents.litres, 400)
})

test('plants do not stand in nothing: all of a mix goes only once their season is over', async () => {
  const { db } = garden
  const growing = (await openPlantings(db))[0]
  assert.ok(growing)
  const to = await heap('peat-medium', 5)
  const all = into(to, { litres: null, despite: 'all of it' })
  await assert.rejects(newTransfer(db, growing.lotId, all, LATER), refused('still-growing'))
  await assert.rejects(
    moveLot(db, growing.lotId, { containerIds: [], storeBin: 'Bin 1' }, LATER),
    refused('still-growing'),
  )
})

test('a whole lot moves and comes back; what does not go into the pots is kept as a lot of its own', async () => {
  const { db } = garden
  const lot = await heap('bark-fine', 60, 'Bark heap')
  const { pots } = await transferTargets(db, lot, '')
  const [pot] = [...pots].sort((a, b) => a.litres - b.litres)
  assert.ok(pot, 'the demo garden has an empty pot')
  const asked = { containerIds: [pot.id], storeBin: '' }
  await assert.rejects(moveLot(db, lot, asked, LATER), refused('too-much', 'litres'))
  assert.deepEqual((await readLot(db, lot)).containerIds, [])
  const { before, restId } = await moveLot(db, lot, { ...asked, rest: 'store' }, LATER)
  assert.deepEqual(before, { containerIds: [], storeBin: 'Bin 2' })
  assert.ok(restId)
  const [inPot, rest] = [await readLot(db, lot), await readLot(db, restId)]
  assert.deepEqual(inPot.containerIds, [pot.id])
  near(inPot.contents.litres + rest.contents.litres, 60, 1e-9)
  assert.ok(inPot.contents.litres <= pot.litres * 1.4)
  assert.equal(rest.name, 'Bark heap, left over')
  assert.equal(inPot.ledger.at(-1)?.kind, 'moved')
  await moveLot(db, lot, before, THEN)
  const back = await readLot(db, lot)
  assert.deepEqual([back.containerIds, back.storeBin], [[], 'Bin 2'])
})

test('what came together is asked by the next crop: its families are told with their share', async () => {
  const { db } = garden
  const grown = (await allLots(db)).find(({ innings }) =>
    innings.some(({ plantedOn }) => plantedOn),
  )
  assert.ok(grown)
  const to = await heap('peat-medium', 30)
  const litres = Math.min(5, grown.contents.litres / 2)
  await newTransfer(db, grown.id, into(to, { litres, despite: 'tried on purpose' }), LATER)
  const page = await lotPage(db, to, LATER)
  assert.ok(page.families.length > 0)
  for (const { share } of page.families) near(share, litres / (30 + litres), 1e-9)
  const { families } = await intakePage(db, to)
  assert.ok(families.every(({ season }) => season >= 2025))
  assert.equal(families.length, page.families.filter(({ season }) => season >= 2025).length)
})

test('what a test found to live in a mix does not leave it because something is added', async () => {
  const { db } = garden
  const lot = await heap('bark-fine', 20)
  await addFindings(db, lot, [weevil()])
  await newEntry(db, lot, { kind: 'topped-up', litres: 1, materialId: 'peat-medium' }, LATER)
  assert.ok((await factsOf(lot)).found.some(({ problemId }) => problemId === 'vine-weevil'))
})

test('every litre is accounted for, whatever was done above', async () => {
  const page = await auditPage(garden.db)
  near(page.unaccountedLitres, 0, 1e-6)
  assert.deepEqual(page.unbalanced, [])
  const { transfers, betweenByYear } = page
  const moved = transfers.reduce((sum, { litres }) => sum + litres, 0)
  assert.ok(moved > 0)
  near(
    betweenByYear.reduce((sum, one) => sum + one, 0),
    moved,
    1e-9,
  )
  for (const { byYear, litres } of page.rows) {
    near(
      byYear.reduce((sum, one) => sum + one, 0),
      litres,
      1e-9,
    )
  }
})

test('no lot chosen is said in a sentence, not in a number', () => {
  const { error } = transferSchema.validate({ litres: 2, to: { kind: 'lot', lotId: 0 } })
  assert.match(error?.message ?? '', /^Choose the lot it goes to/)
})

function weevil() {
  return {
    at: NOW,
    kind: 'problem',
    state: 'trouble',
    problemId: 'vine-weevil',
    numbers: {},
    word: null,
    families: [],
    season: 2026,
    rotationGroup: null as string | null,
    source: 'seen',
    testId: null,
    note: null,
  } as const
}
