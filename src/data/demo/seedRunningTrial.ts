import { eq, inArray } from 'drizzle-orm'
import { layoutTrial } from '../../core/trials'
import { DAY_MS } from '../../core/units'
import { containers } from '../containers/tables'
import type { Database } from '../database'
import { plantings, potLog } from '../season/plantingTables'
import { changeTrial, changeTrialPots, createTrial, readTrial } from '../trials/trials'

const SEED = 12
const STARTED_DAYS_AGO = 29
const FIRST_LOOK_DAY = 14
/** Of the strawberry ladder, top to bottom. */
const CODES = ['P13', 'P14', 'P15', 'P16', 'P17', 'P18']
const LEAVES = [14, 11, 13, 12, 15, 12]
const PICKED_G = [24, 31, 18, 40, 27, 35]

/** A trial with pots that stand there anyway: strawberries, half of them fed; its second look is late by a day. */
export async function seedRunningTrial(db: Database, now: Date): Promise<void> {
  const rows = await db.select().from(containers).where(inArray(containers.code, CODES))
  const pots = CODES.flatMap((code) => rows.find((one) => one.code === code) ?? [])
  const [first] = pots
  if (!first) return
  const [growing] = await db.select().from(plantings).where(eq(plantings.containerId, first.id))
  if (!growing) return
  const medium = { kind: 'lot' as const, lotId: growing.lotId }
  const plain = { added: null, dose: 0, potSize: null, risks: [], medium }
  const treatments = [
    { ...plain, name: 'As they are', care: '' },
    { ...plain, name: 'Fed once a week', care: 'liquid feed at half strength, once a week' },
  ]
  const layout = layoutTrial({
    treatments: treatments.map((_, number) => String(number)),
    replicates: CODES.length / treatments.length,
    columns: treatments.length,
    seed: SEED,
  })
  const started = new Date(now.getTime() - STARTED_DAYS_AGO * DAY_MS)
  const id = await createTrial(
    db,
    {
      name: 'Strawberries, fed or not',
      kind: 'comparison',
      question: 'Do the strawberries on the ladder gain anything from a weekly feed in autumn?',
      wish: 'more',
      must: 'survival',
      mustValue: 80,
      measures: ['leaves', 'vigour', 'picked'],
      decides: 'picked',
      decidesDay: 42,
      checkDays: [14, 28, 42],
      cropId: 'strawberry',
      how: 'plugs',
      perPot: 1,
      pots: CODES.length / treatments.length,
      blocks: true,
      columns: treatments.length,
      seed: SEED,
      isBlind: false,
      place: 'South wall',
      potSize: { name: first.name, shape: first.shape, headspaceCm: first.headspaceCm },
      protocol: { presoakHours: 0, depthCm: 1, bottomWater: false, light: 'outdoors' },
      cv: 20,
      createdAt: started,
    },
    treatments,
    layout.map(({ treatment, ...pot }, at) => ({
      ...pot,
      code: CODES[at] ?? pot.code,
      treatment: Number(treatment),
      cropId: null,
      containerId: pots[at]?.id ?? null,
    })),
  )
  const made = await readTrial(db, id)
  for (const [at, pot] of made.potList.entries()) {
    const containerId = pot.containerId as number
    const planted = await db.select().from(plantings).where(eq(plantings.containerId, containerId))
    const growingThere = planted.find(({ endedOn }) => endedOn === null)
    await changeTrialPots(db, [{ id: pot.id, plantingId: growingThere?.id ?? null }])
    const looked = new Date(started.getTime() + FIRST_LOOK_DAY * DAY_MS)
    const entry = { containerId, plantingId: growingThere?.id ?? null, at: looked, trialId: id }
    await db.insert(potLog).values([
      { ...entry, kind: 'leaves' as const, value: LEAVES[at] ?? 12 },
      { ...entry, kind: 'growth' as const, value: 3 + (at % 2) },
      { ...entry, kind: 'harvest' as const, value: PICKED_G[at] ?? 30 },
    ])
  }
  await changeTrial(db, id, 1, { plantedOn: started.toISOString().slice(0, 10) })
}
