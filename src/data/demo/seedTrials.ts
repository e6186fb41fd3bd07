import { layoutTrial } from '../../core/trials'
import { DAY_MS } from '../../core/units'
import type { Database } from '../database'
import { createTrial, type NewTreatment } from '../trials/trials'
import { OVER } from './demoTrials'
import { seedOverTrial } from './seedOverTrial'
import { seedRunningTrial } from './seedRunningTrial'

const SEED = 2611
const POTS = 6
const PLANNED_DAYS_AGO = 9

const plain = { added: null, dose: 0, potSize: null, care: '', risks: [] }
const TREATMENTS: readonly NewTreatment[] = [
  { ...plain, name: 'Bag', medium: { kind: 'bag', materialId: 'all-purpose-mix' } },
  { ...plain, name: 'Trough mix', medium: { kind: 'mix', mixId: 1, version: 3 } },
  { ...plain, name: 'Trough mix, first try', medium: { kind: 'mix', mixId: 1, version: 2 } },
]

/** Trials of the made-up garden: one planned for the next spell of mild weather, five that are over, one that runs. */
export async function seedTrials(db: Database, now: Date): Promise<void> {
  await seedPlanned(db, now)
  for (const over of OVER) await seedOverTrial(db, over, now)
  await seedRunningTrial(db, now)
}

async function seedPlanned(db: Database, now: Date): Promise<void> {
  const pots = layoutTrial({
    treatments: TREATMENTS.map((_, number) => String(number)),
    replicates: POTS,
    columns: TREATMENTS.length,
    seed: SEED,
  })
  await createTrial(
    db,
    {
      name: 'Chard in three mixes',
      kind: 'comparison',
      question: 'Does our own mix carry chard as far as the bag, and was the last change worth it?',
      wish: 'more',
      must: 'survival',
      mustValue: 80,
      measures: ['height', 'vigour', 'harvest'],
      decides: 'harvest',
      decidesDay: 56,
      checkDays: [14, 28, 42, 56],
      cropId: 'chard',
      how: 'planted',
      perPot: 1,
      pots: POTS,
      blocks: true,
      columns: TREATMENTS.length,
      seed: SEED,
      isBlind: true,
      place: 'Kitchen terrace',
      potSize: {
        name: 'Pot of 17 cm',
        shape: { kind: 'round', topDiameterCm: 17, baseDiameterCm: 13, heightCm: 15 },
        headspaceCm: 1.5,
      },
      protocol: { presoakHours: 0, depthCm: 1, bottomWater: false, light: 'outdoors' },
      cv: 20,
      createdAt: new Date(now.getTime() - PLANNED_DAYS_AGO * DAY_MS),
    },
    TREATMENTS,
    pots.map(({ treatment, ...pot }) => ({
      ...pot,
      treatment: Number(treatment),
      cropId: null,
      containerId: null,
    })),
  )
}
