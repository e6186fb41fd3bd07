import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { addContainers, listContainers } from '../../data/containers'
import { createLot, readLot } from '../../data/media'
import { listMixes } from '../../data/mixes'
import { plantingsIn, takePlantingsOut } from '../../data/season'
import { putAwayTrial, readTrial } from '../../data/trials'
import { type NewTrialBody, newTrialSchema } from '../../messages/trials/trials'
import { potPage } from '../containers'
import { labelsPage } from '../labels'
import { validate } from '../validate'
import {
  changePlan,
  keepLessons,
  newTrial,
  newTrialPage,
  plantTrial,
  setPots,
  tickTrialStep,
  trialLayout,
  trialPage,
  trialsPage,
} from '.'

const ON = '2026-11-02'
let garden: Awaited<ReturnType<typeof demoDatabase>>
const mixes: number[] = []
let lotId = 0
before(async () => {
  garden = await demoDatabase()
  mixes.push(...(await listMixes(garden.db)).map(({ id }) => id))
  lotId = await createLot(garden.db, {
    name: 'Green waste, doubtful',
    origin: 'bag',
    storeBin: 'Store',
    containerIds: [],
    lines: [
      {
        kind: 'filled',
        litres: 40,
        components: [{ materialId: 'green-waste-compost', litres: 40 }],
        doses: [],
        note: null,
      },
    ],
    at: NOW,
  })
})
after(() => garden.close())

const mix = (index: number) => ({ kind: 'mix' as const, mixId: mixes[index] as number })
const bag = (materialId: string) => ({ kind: 'bag' as const, materialId })
const treatment = (name: string, more: object = {}) => ({
  name,
  medium: bag('all-purpose-mix'),
  dose: 0,
  ...more,
})
const body = (more: object = {}): NewTrialBody =>
  validate(
    newTrialSchema,
    {
      kind: 'comparison',
      name: 'Chard in three mixes',
      question: 'Does our own mix carry chard as far as the bag?',
      wish: 'more',
      must: 'survival',
      mustValue: 80,
      measures: ['height', 'harvest'],
      checkDays: [14, 7],
      cropId: 'chard',
      how: 'planted',
      perPot: 1,
      pots: 4,
      blocks: true,
      isBlind: false,
      place: 'Trial bench',
      potSize: {
        name: 'Pot of 17 cm',
        shape: { kind: 'round', topDiameterCm: 17, baseDiameterCm: 13, heightCm: 15 },
        headspaceCm: 1.5,
      },
      protocol: { presoakHours: 0, depthCm: 1, bottomWater: false, light: 'outdoors' },
      cv: 20,
      treatments: [
        treatment('Bag'),
        treatment('Own', { medium: mix(0) }),
        treatment('Other', { medium: mix(1) }),
      ],
      ...more,
    },
    false,
  )
const make = (more: object = {}) => newTrial(garden.db, body(more), NOW)
const plant = async (id: number, more: object = {}) => {
  const { version } = await readTrial(garden.db, id)
  return plantTrial(garden.db, id, { version, on: ON, despite: '', ...more }, NOW)
}
const refused = (field: string, pattern: RegExp) => (error: unknown) => {
  const { fields = [], message } = error as { fields?: { field: string }[]; message: string }
  assert.ok(
    fields.some((one) => one.field === field),
    `${JSON.stringify(fields)} ${message}`,
  )
  assert.match(message, pattern)
  return true
}

test('a comparison in blocks: each block holds every treatment once, codes are nobody else’s', async () => {
  const page = await trialPage(garden.db, await make())
  assert.equal(page.potList.length, 12)
  for (let block = 0; block < 4; block++) {
    const there = page.potList.filter((pot) => pot.block === block).map((pot) => pot.treatment)
    assert.deepEqual(there.sort(), [0, 1, 2])
  }
  const codes = (await listContainers(garden.db)).map(({ code }) => code)
  assert.ok(page.potList.every(({ code }) => !codes.includes(code)))
  assert.deepEqual(
    page.checks.map(({ day }) => day),
    [7, 14],
  )
  // 17 cm pots hold 2.3 L once settled; loose, and before it is mixed, more is measured out.
  const [, own] = page.treatments
  assert.ok(own && own.litres > 4 * 2.2 && own.litres < 4 * 3)
  const measured = own.parts.reduce((sum, { litres }) => sum + litres, 0)
  assert.ok(measured >= own.litres)
})

test('planted, its pots are containers with lots and plantings of the garden, entered once', async () => {
  const id = await make()
  assert.equal((await trialPage(garden.db, id)).state, 'planned')
  await setPots(garden.db, id, 1)
  const ready = await trialPage(garden.db, id)
  assert.equal(ready.state, 'ready')
  await plant(id)
  const page = await trialPage(garden.db, id)
  assert.equal(page.state, 'running')
  assert.deepEqual(
    page.checks.map(({ on }) => on),
    ['2026-11-09', '2026-11-16'],
  )
  const containers = new Map((await listContainers(garden.db)).map((one) => [one.id, one]))
  for (const pot of page.potList) {
    const container = containers.get(pot.containerId as number)
    assert.equal(container?.code, pot.code)
    assert.equal(container?.lotId, page.treatments[pot.treatment ?? -1]?.lotId)
    assert.equal(container?.place, 'Trial bench')
  }
  const plantings = await plantingsIn(
    garden.db,
    page.potList.map(({ containerId }) => containerId as number),
  )
  assert.equal(plantings.length, 12)
  assert.ok(plantings.every(({ cropId, startedOn }) => cropId === 'chard' && startedOn === ON))
  const lot = await readLot(garden.db, page.treatments[1]?.lotId as number)
  assert.equal(lot.name, 'Chard in three mixes: Own')
  assert.equal(lot.containerIds.length, 4)
  // What sank is in the ledger: the pots stand at their gap.
  const room = lot.containerIds.reduce((sum, one) => sum + (containers.get(one)?.litres ?? 0), 0)
  assert.ok(Math.abs(lot.contents.litres - room) < 1e-6)
  await assert.rejects(plant(id), /planted/)
  await assert.rejects(trialLayout(garden.db, id, { version: page.version, swap: null }), /planted/)
  // A planting that was taken out is no planting of the trial any more.
  await takePlantingsOut(garden.db, [plantings[0]?.id as number])
  const left = (await readTrial(garden.db, id)).potList.filter((pot) => pot.plantingId === null)
  assert.equal(left.length, 1)
})

test('a dose series mixes a lot into the trusted mix: its litres leave it, shares are by volume', async () => {
  const before = (await readLot(garden.db, lotId)).contents.litres
  const id = await make({
    kind: 'dose',
    name: 'Beans in green waste',
    must: 'germination',
    cropId: 'dwarf-bean',
    how: 'sown',
    perPot: 5,
    pots: 2,
    treatments: [0, 50, 100].map((dose) =>
      treatment(`${dose} %`, {
        medium: bag('seed-mix'),
        added: dose > 0 ? { kind: 'lot', lotId } : null,
        dose,
      }),
    ),
  })
  const planned = await trialPage(garden.db, id)
  assert.ok(planned.steps.some((step) => step.id === 'depth'))
  await plant(id)
  const page = await trialPage(garden.db, id)
  const [none, half, all] = await Promise.all(
    page.treatments.map((one) => readLot(garden.db, one.lotId as number)),
  )
  const share = (lot: typeof none) => {
    const found = lot?.contents.components.find((one) => one.materialId === 'green-waste-compost')
    return (found?.litres ?? 0) / (lot?.contents.litres ?? 1)
  }
  assert.equal(share(none), 0)
  assert.ok(Math.abs(share(half) - 0.5) < 1e-9)
  assert.equal(share(all), 1)
  const taken = planned.treatments.reduce((sum, { dose, litres }) => sum + (litres * dose) / 100, 0)
  const after = (await readLot(garden.db, lotId)).contents.litres
  assert.ok(Math.abs(before - after - taken) < 1e-6)
})

test('more of a lot than is left is refused with both amounts, and nothing is half planted', async () => {
  const id = await make({
    pots: 40,
    treatments: [treatment('Bag'), treatment('Waste', { medium: { kind: 'lot', lotId } })],
  })
  const pots = (await listContainers(garden.db)).length
  await assert.rejects(
    garden.db.transaction(async (tx) => {
      const { version } = await readTrial(tx, id)
      await plantTrial(tx, id, { version, on: ON, despite: '' }, NOW)
    }),
    refused('on', /Waste takes [\d.]+ L of Green waste, doubtful, and [\d.]+ L are left/),
  )
  assert.equal((await readTrial(garden.db, id)).plantedOn, null)
  assert.equal((await listContainers(garden.db)).length, pots)
})

test('side by side: each crop stands in each mix, one block a crop', async () => {
  const id = await make({
    kind: 'side-by-side',
    cropId: null,
    crops: ['chard', 'lettuce'],
    pots: 1,
    must: 'vigour',
    mustValue: 3,
    treatments: [treatment('Bag'), treatment('Own', { medium: mix(0) })],
  })
  const page = await trialPage(garden.db, id)
  assert.equal(page.crops, 2)
  const crops = page.potList.map(({ block, cropName }) => `${block} ${cropName}`)
  assert.equal(new Set(crops).size, 2)
  await plant(id)
  const grown = await plantingsIn(
    garden.db,
    (await readTrial(garden.db, id)).potList.map(({ containerId }) => containerId as number),
  )
  assert.deepEqual(grown.map(({ cropId }) => cropId).sort(), [
    'chard',
    'chard',
    'lettuce',
    'lettuce',
  ])
})

test('a weed count sows nothing: its trays hold mix and no planting', async () => {
  const id = await make({
    kind: 'count',
    cropId: null,
    perPot: 0,
    must: 'weeds',
    mustValue: 5,
    pots: 1,
    measures: ['emerged'],
    treatments: [treatment('Untreated'), treatment('Fresh', { medium: bag('seed-mix') })],
  })
  await plant(id)
  const { potList } = await readTrial(garden.db, id)
  assert.ok(potList.every(({ containerId, plantingId }) => containerId && plantingId === null))
  await assert.rejects(
    make({ kind: 'count', cropId: null, perPot: 0, must: 'germination', mustValue: 80 }),
    refused('must', /has to show weeds/),
  )
})

test('own pots: those that hold a candidate stay with it, and growing ones are refused', async () => {
  const standing = await createLot(garden.db, {
    name: 'Turned over',
    origin: 'own recipe',
    storeBin: null,
    containerIds: [],
    lines: [
      {
        kind: 'filled',
        litres: 9,
        components: [{ materialId: 'garden-compost', litres: 9 }],
        doses: [],
        note: null,
      },
    ],
    at: NOW,
  })
  const first = await make({
    pots: 2,
    treatments: [treatment('Bag'), treatment('Own', { medium: mix(0) })],
  })
  await setPots(garden.db, first, 1)
  const free = (await readTrial(garden.db, first)).potList.map(
    ({ containerId }) => containerId as number,
  )
  const { placeLot } = await import('../../data/containers/containers')
  await placeLot(garden.db, standing, free.slice(0, 2))
  const id = await make({
    pots: 2,
    potIds: free,
    treatments: [treatment('Bag'), treatment('Used', { medium: { kind: 'lot', lotId: standing } })],
  })
  const page = await trialPage(garden.db, id)
  const used = page.potList.filter((pot) => pot.treatment === 1).map((pot) => pot.containerId)
  assert.deepEqual(used.sort(), free.slice(0, 2).sort())
  assert.equal(page.treatments[1]?.litres, 0)
  await plant(id)
  assert.equal((await trialPage(garden.db, id)).treatments[1]?.lotId, standing)
  await assert.rejects(make({ pots: 2, potIds: free }), refused('potIds', /Something grows in/))
})

test('a plan is changed until its pots are there; another begins as it was', async () => {
  const id = await make()
  const changed = { ...body({ pots: 2, name: 'Changed' }), version: 1 }
  await changePlan(garden.db, id, changed)
  const page = await trialPage(garden.db, id)
  assert.deepEqual([page.name, page.potList.length, page.version], ['Changed', 6, 2])
  await assert.rejects(changePlan(garden.db, id, changed), /changed on another page/)
  const { plan, change, sizes } = await newTrialPage(garden.db, { change: id })
  assert.deepEqual(change, { id, version: 2, name: 'Changed' })
  const { treatments, ...rest } = body({ pots: 2, name: 'Changed' })
  const again = validate(newTrialSchema, plan, false)
  const named = { decides: plan?.decides, decidesDay: plan?.decidesDay }
  assert.deepEqual({ ...again, treatments: [] }, { ...rest, ...named, treatments: [] })
  assert.deepEqual(
    again.treatments.map(({ name }) => name),
    treatments.map(({ name }) => name),
  )
  assert.ok(sizes.some(({ name }) => name === plan?.potSize.name))
  await setPots(garden.db, id, 2)
  await assert.rejects(changePlan(garden.db, id, { ...changed, version: 3 }), /pots are there/)
  const like = await newTrialPage(garden.db, { like: id })
  assert.equal(like.change, null)
  await assert.rejects(newTrialPage(garden.db, { like: 99_999 }), /There is no trial/)
  const tried = await newTrialPage(garden.db, { kind: 'dose', lot: 1 })
  assert.equal(tried.candidate, 'lot:1')
  assert.ok(tried.choices.lots.some((lot) => lot.id === 1))
  await assert.rejects(
    make({
      treatments: [treatment('Bag'), treatment('Old', { medium: { ...mix(0), version: 99 } })],
    }),
    refused('treatments.1.medium', /has no version 99/),
  )
})

test('scored blind, neither a label nor the pot’s page tells what is in it', async () => {
  const id = await make({ isBlind: true })
  await plant(id)
  const { potList, treatments } = await readTrial(garden.db, id)
  const pot = potList[0]?.containerId as number
  const page = await potPage(garden.db, pot)
  assert.ok(page.isBlind)
  assert.match(page.lot?.name ?? '', /: mix [ABC]$/)
  assert.equal(new Set(treatments.map(({ lotId: lot }) => lot)).size, 3)
  const labels = await labelsPage(garden.db, { pots: `${pot},1` }, 'http://localhost')
  const told = (of: number) => {
    const label = labels.labels.find((one) => one.id === of)
    return label && (label.lotName !== '' || label.strata.length > 0)
  }
  assert.deepEqual([told(pot), told(1)], [false, true])
})

test('pots change places within a block; a stale page is told', async () => {
  const id = await make()
  const { potList, version } = await trialPage(garden.db, id)
  const [one, other] = potList.filter(({ block }) => block === 0)
  const far = potList.find(({ block }) => block === 1)
  if (!one || !other || !far) throw new Error('Blocks hold pots.')
  await trialLayout(garden.db, id, { version, swap: [one.id, other.id] })
  const after = await trialPage(garden.db, id)
  const at = (pot: number) => after.potList.find((each) => each.id === pot)?.position
  assert.deepEqual([at(one.id), at(other.id)], [other.position, one.position])
  await assert.rejects(
    trialLayout(garden.db, id, { version, swap: [one.id, other.id] }),
    /changed on another page/,
  )
  await assert.rejects(
    trialLayout(garden.db, id, { version: after.version, swap: [one.id, far.id] }),
    /within a block/,
  )
  await trialLayout(garden.db, id, { version: after.version, swap: null })
  const anew = await trialPage(garden.db, id)
  assert.deepEqual(
    anew.potList.map(({ position }) => position),
    [...Array(12).keys()],
  )
})

test('a code that a container was given meanwhile is no pot’s of a trial', async () => {
  const id = await make({ pots: 1 })
  const [first] = (await trialPage(garden.db, id)).potList
  const shape = { kind: 'round', topDiameterCm: 12, baseDiameterCm: 9, heightCm: 11 } as const
  const pot = { name: 'Odd one', place: 'Yard', shape, exposure: 'open', headspaceCm: 1 } as const
  await addContainers(garden.db, pot, 1, [first?.code ?? ''])
  await setPots(garden.db, id, 1)
  const { potList } = await trialPage(garden.db, id)
  assert.notEqual(potList[0]?.code, first?.code)
  assert.equal(new Set(potList.map(({ code }) => code)).size, 3)
})

test('what does not fit is refused at its field', async () => {
  await assert.rejects(make({ cropId: null }), refused('cropId', /Choose what is sown/))
  await assert.rejects(make({ cropId: 'nothing' }), refused('cropId', /from the list/))
  await assert.rejects(make({ perPot: 0 }), refused('perPot', /how many/))
  await assert.rejects(
    make({ pots: 100, treatments: [...Array(5).keys()].map((n) => treatment(`${n}`)) }),
    refused('pots', /500 pots/),
  )
  await assert.rejects(
    make({ treatments: [treatment('Bag'), treatment('Odd', { medium: bag('nothing') })] }),
    refused('treatments.1.medium', /from the list/),
  )
  assert.throws(() => body({ treatments: [treatment('Bag'), treatment('bag')] }), /same name/)
  assert.throws(() => body({ treatments: [treatment('Bag'), { medium: 7 }, {}] }), /name/)
  assert.throws(() => body({ kind: 'no', must: 3, treatments: [3, null] }))
  assert.throws(() => body({ treatments: [treatment('Bag')] }), /control/)
  await assert.rejects(make({ must: 'weeds' }), refused('must', /of this kind/))
  await assert.rejects(make({ mustValue: 120 }), refused('mustValue', /from 1 to 100/))
  assert.throws(() => body({ checkDays: [0] }), /begin with 1/)
  await assert.rejects(plant(await make(), { on: '2027-01-01' }), refused('on', /not come yet/))
})

test('lessons are shown when the next one is planned; put away, a trial is gone from the list', async () => {
  const id = await make({ name: 'With lessons' })
  await tickTrialStep(garden.db, id, { step: 'label', done: true }, NOW)
  const { steps, version } = await trialPage(garden.db, id)
  assert.equal(steps.find((step) => step.id === 'label')?.doneOn, ON)
  await keepLessons(garden.db, id, { version, lessons: 'Net it against pigeons.' })
  const page = await newTrialPage(garden.db, {})
  assert.ok(page.lessons.some(({ lessons }) => lessons === 'Net it against pigeons.'))
  assert.ok(page.sizes.length > 4)
  assert.ok((await trialsPage(garden.db)).trials.some((trial) => trial.id === id))
  await putAwayTrial(garden.db, id, NOW)
  assert.ok(!(await trialsPage(garden.db)).trials.some((trial) => trial.id === id))
  await assert.rejects(trialPage(garden.db, id), /There is no trial/)
  await assert.rejects(tickTrialStep(garden.db, id, { step: 'label', done: true }, NOW), /no trial/)
})

test('before anything is filled the plan warns of salts, air and litres of each candidate for its crop', async () => {
  const remarks = async (more: object) => {
    const told = (await trialPage(garden.db, await make(more))).remarks
    return told.map(({ what, treatment }) => `${what}: ${treatment}`).sort()
  }
  const plain = { treatments: [treatment('Bag'), treatment('Bag again')] }
  assert.deepEqual(await remarks({ ...plain, pots: 1 }), [])
  const odd = {
    cropId: 'strawberry',
    treatments: [
      treatment('Bag'),
      treatment('Castings', { medium: bag('worm-castings') }),
      treatment('Gravel', { medium: bag('gravel') }),
    ],
  }
  assert.deepEqual(await remarks(odd), ['air-high: Gravel', 'air-low: Castings', 'salts: Castings'])
  // Both take of the same litres.
  const green = { medium: { kind: 'lot' as const, lotId } }
  const taken = {
    pots: 12,
    treatments: [treatment('Green', green), treatment('Green too', green)],
  }
  const id = await make(taken)
  const short = (await trialPage(garden.db, id)).remarks.find(({ what }) => what === 'litres')
  assert.ok(short?.what === 'litres' && short.value > short.limit)
  assert.equal(short.treatment, 'Green, Green too')
})
