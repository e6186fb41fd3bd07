import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { TEST_KINDS, type TestKind } from '../../core/bench'
import type { RecipeInput } from '../../core/recondition'
import { openNextInnings } from '../../data/media/innings'
import { finishSchema } from '../../messages/bench/observations'
import { finishBenchTest, startBenchTest } from '../bench'
import { newFound } from '../lots'
import { lotPage, newEntry, newLot } from '../media'
import { intakePage, recipePage, recipeStop } from '../recondition'
import { askedOf, buildRecipe } from '../recondition/buildRecipe'
import { validate } from '../validate'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const minutesLater = (minutes: number) => new Date(NOW.getTime() + 60_000 * minutes)
const POT = { kind: 'round', topDiameterCm: 30, baseDiameterCm: 24, heightCm: 30 } as const

/** A pot of mix with chard that is over. */
async function plantedPot(name: string): Promise<number> {
  const { id } = await newLot(
    garden.db,
    {
      name,
      origin: 'own recipe',
      components: [
        { materialId: 'peat-medium', litres: 8 },
        { materialId: 'garden-compost', litres: 4 },
        { materialId: 'perlite-coarse', litres: 3 },
      ],
      place: 'Test bench',
      container: { shape: POT, headspaceCm: 3, exposure: 'open', count: 1 },
    },
    NOW,
  )
  await openNextInnings(garden.db, id, {
    cropId: 'chard',
    startedOn: '2026-04-01',
    predicted: null,
    workOrderId: null,
    readyOn: '2026-04-01',
    plantedOn: '2026-04-01',
    litres: 15,
  })
  return id
}

async function run(lot: number, kind: TestKind, observation: object, minutes = 10) {
  const id = await startBenchTest(
    garden.db,
    { kind, sample: { kind: 'lot', id: lot } },
    minutesLater(minutes),
  )
  const body = {
    observation: { kind, ...observation },
    place: '',
    judge: '',
    note: '',
    water: null,
  }
  await finishBenchTest(
    garden.db,
    id,
    validate(finishSchema, body, false),
    minutesLater(minutes + 1),
  )
  return id
}

const answers = async (lot: number, crop = 'chard') => ({
  lot,
  drop: 0,
  roots: 'fine' as const,
  side: 'no' as const,
  crop,
  pots: (await intakePage(garden.db, lot)).pots.filter((pot) => pot.own).map(({ id }) => id),
  litres: null,
  share: 0.3,
  feed: 'organic' as const,
  every: null,
})
const inputOf = async (lot: number): Promise<RecipeInput> =>
  (await buildRecipe(garden.db, await answers(lot), minutesLater(60))).input

const drained = { pouredMl: 700, firstDripS: 20, markS: 60, stoppedS: null }

/** Of each test: one that finds trouble, and where that shows next. */
const ROOMS: Readonly<
  Record<
    TestKind,
    {
      readonly observation: object
      /** Kinds of findings it leaves on the lot. */
      readonly found: readonly string[]
      /** The lot's sentence: what is wrong first. */
      readonly sentence: RegExp | null
      readonly triage: readonly string[]
      /** Whether what the recipe is worked out from changes. */
      readonly recipe: ((input: RecipeInput) => unknown) | null
      /** Whether the next test of its kind is expected otherwise. */
      readonly expected: boolean
    }
  >
> = {
  drain: {
    observation: { ...drained, drainedMl: 620, stoodOnTop: true },
    found: ['drainage'],
    sentence: /Slumped/,
    triage: ['aerate'],
    recipe: ({ lot }) => lot?.measured?.ksCmPerS,
    expected: true,
  },
  layers: {
    observation: {
      ...drained,
      drainedMl: 620,
      stoodOnTop: false,
      bottomMaterialId: 'gravel',
      bottomCm: 5,
      wetZoneCm: 9,
    },
    found: ['wetZone'],
    sentence: null,
    triage: [],
    recipe: null,
    expected: false,
  },
  porosity: {
    observation: {
      volumeMl: 1000,
      addedMl: 640,
      drainedMl: 15,
      startMoisture: 'air-dry',
      startMassG: null,
      dryMassG: null,
    },
    found: ['air'],
    sentence: /air-short/,
    triage: [],
    recipe: ({ lot }) => lot?.measured?.airFraction,
    expected: true,
  },
  squeeze: {
    observation: { ball: 'keeps', drops: 'stream' },
    found: ['moisture'],
    sentence: null,
    triage: [],
    // Not the mix, but the days of the work: told by its own test below.
    recipe: null,
    expected: false,
  },
  palm: {
    observation: { threads: false, grit: false, stain: true },
    found: ['texture'],
    sentence: null,
    triage: [],
    recipe: null,
    expected: false,
  },
  wetting: {
    observation: { dropsS: [300, 400], runsDownSide: true, gapMm: 4 },
    found: ['wetting'],
    sentence: /Water runs down the side/,
    triage: ['rewet'],
    recipe: ({ lot }) => lot?.triage?.verdict,
    expected: false,
  },
  settling: {
    observation: { heightsCm: [26, 22] },
    found: ['settling'],
    sentence: null,
    triage: [],
    recipe: ({ limits }) => limits?.settlingShare,
    expected: false,
  },
  phEc: {
    observation: {
      method: 'SME',
      ph: 4.4,
      ecDsPerM: 9,
      tempC: 25,
      compensated: true,
      penId: null,
      waterEcDsPerM: 0,
    },
    found: ['ph', 'salts'],
    sentence: /salty/,
    triage: [],
    recipe: ({ lot }) => lot?.measured?.ecSme,
    expected: false,
  },
  jar: {
    observation: {
      amendmentId: 'calcitic-lime',
      target: 6.5,
      days: 14,
      points: [
        { gPerL: 0, ph: 4.8 },
        { gPerL: 2, ph: 5.6 },
        { gPerL: 4, ph: 6.4 },
        { gPerL: 8, ph: 7.2 },
      ],
    },
    found: ['ph', 'buffer'],
    sentence: /ph-off/,
    triage: [],
    recipe: ({ lot }) => [lot?.measured?.ph, lot?.measured?.buffer],
    expected: false,
  },
  seedling: {
    observation: {
      pots: [
        { sharePercent: 0, sown: 10, sprouted: 10, heightMm: 60 },
        { sharePercent: 100, sown: 10, sprouted: 9, heightMm: 30, curled: 3 },
      ],
      signs: [],
      sownAs: 'legume',
    },
    found: ['seedlings'],
    sentence: /weedkiller/,
    triage: ['clear-debris'],
    recipe: null,
    expected: false,
  },
  weeds: {
    observation: {
      areaCm2: 400,
      litres: 1,
      counts: [{ on: '2026-11-01', count: 12 }],
      untreatedAreaCm2: null,
      untreatedCount: null,
    },
    found: ['weeds'],
    sentence: /weeds/i,
    triage: ['skim'],
    recipe: ({ lot }) => lot?.triage?.verdict,
    expected: false,
  },
  heat: {
    observation: {
      problemId: 'vine-weevil',
      readings: [
        { minute: 0, tempC: 62 },
        { minute: 40, tempC: 63 },
      ],
    },
    found: ['heat'],
    sentence: null,
    triage: [],
    recipe: null,
    expected: false,
  },
  sieve: {
    observation: { litresIn: 10, litresOut: 7, woodyLitres: 1 },
    found: ['cleaning'],
    sentence: null,
    triage: [],
    recipe: ({ lot }) => lot?.measured?.sieveLossShare,
    expected: false,
  },
  look: {
    observation: { smell: 'sour', sights: ['grubs', 'gnats'] },
    found: ['smell', 'grubs', 'gnats'],
    sentence: /asks/,
    triage: ['skim', 'aerate'],
    recipe: ({ lot }) => lot?.triage?.verdict,
    expected: false,
  },
}

test('what each test found shows in the rooms that follow: lot, intake, triage, recipe, next test', async (t) => {
  for (const kind of TEST_KINDS) {
    await t.test(kind, async () => {
      const room = ROOMS[kind]
      const lot = await plantedPot(`Pot of the ${kind} test`)
      const clean = await inputOf(lot)
      assert.equal((await intakePage(garden.db, lot)).found.length, 0)
      await run(lot, kind, room.observation)

      const page = await lotPage(garden.db, lot, minutesLater(30))
      const kinds = page.found.map((one) => one.kind)
      for (const one of room.found) assert.ok(kinds.includes(one as 'air'), `lot: ${one}`)
      const said = page.faults.map((one) => ('problemName' in one ? one.problemName : one.kind))
      if (room.sentence) assert.match(said.join(', '), room.sentence)

      const intake = await intakePage(garden.db, lot)
      assert.deepEqual(
        intake.found.map((one) => one.kind),
        kinds,
        'the intake knows what the lot knows',
      )
      if (kind === 'wetting') assert.equal(intake.answers.side, 'yes')
      if (kind === 'sieve') assert.equal(intake.answers.sieveLossShare, 0.3)

      const asked = await askedOf(garden.db, await answers(lot))
      const actions: readonly string[] = asked.triage?.actions ?? []
      for (const action of room.triage) assert.ok(actions.includes(action), `triage: ${action}`)
      if (room.triage.length === 0) assert.deepEqual(actions, [])

      if (room.recipe) {
        assert.notDeepEqual(room.recipe(await inputOf(lot)), room.recipe(clean), 'recipe')
      }
      if (room.expected) {
        const began = await startBenchTest(
          garden.db,
          { kind, sample: { kind: 'lot', id: lot } },
          minutesLater(40),
        )
        const fresh = await plantedPot(`Fresh pot of the ${kind} test`)
        const other = await startBenchTest(
          garden.db,
          { kind, sample: { kind: 'lot', id: fresh } },
          minutesLater(40),
        )
        const { readBenchTest } = await import('../../data/bench')
        const [mine, theirs] = [
          (await readBenchTest(garden.db, began)).expected,
          (await readBenchTest(garden.db, other)).expected,
        ]
        assert.notDeepEqual(mine, theirs, 'the next test is held against this one')
      }
    })
  }
})

test('a finding that forbids a crop stops its recipe, with reasons and the ways out', async () => {
  const lot = await plantedPot('Pot of cupped beans')
  await run(lot, 'seedling', ROOMS.seedling.observation)
  const bean = await answers(lot, 'dwarf-bean')
  const stop = await recipeStop(garden.db, bean)
  assert.deepEqual(stop?.bars.map(({ kind }) => kind).sort(), ['family', 'food'])
  assert.ok(stop?.otherCrops.length)
  await assert.rejects(buildRecipe(garden.db, bean, NOW), /speaks against that crop/)
  for (const { id } of stop.otherCrops) {
    assert.equal(await recipeStop(garden.db, { ...bean, crop: id }), null, id)
  }
  // Beans that grow well later take the bar away.
  await run(
    lot,
    'seedling',
    {
      pots: [0, 100].map((sharePercent) => ({
        sharePercent,
        sown: 10,
        sprouted: 10,
        heightMm: 60,
      })),
      signs: [],
      sownAs: 'legume',
      days: 21,
    },
    20,
  )
  assert.ok(await recipeStop(garden.db, bean), 'one pot of each could not have seen harm')
  const six = [0, 0, 0, 100, 100, 100].map((sharePercent, i) => ({
    sharePercent,
    sown: 5,
    sprouted: 5,
    heightMm: 60 + (i % 3),
  }))
  const grown = { pots: six, signs: [], days: 21 }
  await run(lot, 'seedling', { ...grown, sownAs: 'brassica' }, 30)
  assert.ok(await recipeStop(garden.db, bean), 'cress shows no weedkiller')
  await run(lot, 'seedling', { ...grown, pots: six.slice(0, 3), sownAs: 'legume' }, 40)
  assert.ok(await recipeStop(garden.db, bean), 'the control alone says nothing')
  await run(lot, 'seedling', { ...grown, sownAs: 'legume' }, 50)
  assert.equal(await recipeStop(garden.db, bean), null)
})

test('heat that reached the dose ends what heat ends; too short a time does not', async () => {
  const lot = await plantedPot('Pot of grubs')
  await run(lot, 'look', { smell: 'earthy', sights: ['grubs'] }, 1)
  const actions = async () => (await askedOf(garden.db, await answers(lot))).triage?.actions
  assert.ok(!(await actions())?.includes('heat'), 'grubs are a question, not a weevil nobody saw')
  await newFound(garden.db, lot, { problemId: 'vine-weevil' }, minutesLater(5))
  const asks = async () => (await lotPage(garden.db, lot, minutesLater(6))).faults
  assert.ok(!(await asks()).some(({ kind }) => kind === 'asks'), 'answered')
  // A later look without grubs ends nothing: they hide.
  await run(lot, 'look', { smell: 'earthy', sights: [] }, 8)
  assert.ok((await actions())?.includes('heat'))
  const heated = (minutes: number) => ({
    problemId: 'vine-weevil',
    readings: [
      { minute: 0, tempC: 62 },
      { minute: minutes, tempC: 62 },
    ],
  })
  await run(lot, 'heat', heated(20), 20)
  assert.ok((await actions())?.includes('heat'))
  await run(lot, 'heat', heated(31), 30)
  assert.ok(!(await actions())?.includes('heat'))
})

test('conditions end where something is mixed in; what lives in the mix stays until it is dealt with', async () => {
  const lot = await plantedPot('Pot that is topped up')
  await run(lot, 'look', { smell: 'sour', sights: [] })
  await newFound(garden.db, lot, { problemId: 'clubroot' }, minutesLater(12))
  await newFound(garden.db, lot, { problemId: 'salt-crust', note: 'white' }, minutesLater(12))
  const found = async () =>
    (await lotPage(garden.db, lot, minutesLater(60))).found
      .filter(({ state }) => state === 'trouble')
      .map(({ problemName }) => problemName)
  assert.deepEqual((await found()).sort(), ['Clubroot', 'Salt crust', 'Sour or rotten smell'])
  const page = await lotPage(garden.db, lot, minutesLater(60))
  assert.deepEqual(page.faults[0], {
    kind: 'found',
    problemName: 'Clubroot',
    verdict: 'discard',
    on: '2026-11-02',
  })
  await newEntry(
    garden.db,
    lot,
    { kind: 'topped-up', litres: 1, materialId: 'garden-compost' },
    minutesLater(20),
  )
  assert.deepEqual(await found(), ['Clubroot'])
})

test('too wet a handful moves the work by its days', async () => {
  const lot = await plantedPot('Pot that is wet')
  await run(lot, 'squeeze', ROOMS.squeeze.observation)
  const page = await recipePage(garden.db, await answers(lot), minutesLater(30))
  const dry = await plantedPot('Pot that is not')
  const other = await recipePage(garden.db, await answers(dry), minutesLater(30))
  assert.ok(page.readyOn > other.readyOn, `${page.readyOn} is later than ${other.readyOn}`)
})
