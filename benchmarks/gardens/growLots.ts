import { containerVolume } from '../../src/core/containers'
import { contentsOf } from '../../src/core/media'
import { containers } from '../../src/data/containers'
import type { Database } from '../../src/data/database'
import {
  innings,
  ledgerEntries,
  lotContents,
  lotPlaces,
  lots,
  measurements,
} from '../../src/data/media'
import { plantings } from '../../src/data/season'
import { between, pick, type Random } from '../../testing/random'
import { insertRows } from './insertRows'
import { lotHistory } from './lotHistory'

const NAMES = ['Chard', 'Strawberry', 'Camellia', 'Bean', 'Salad', 'Herb', 'Fern', 'Tulip'] as const
const THINGS = ['tub', 'trough', 'row', 'sacks', 'bowls', 'stand'] as const
/** Of a garden's containers stand so many full. */
const FILLED_SHARE = 0.9
const STILL_GROWING = 0.6

interface Pot {
  readonly id: number
  readonly litres: number
}

export interface GrownLot {
  readonly id: number
  readonly years: number
  readonly potIds: readonly number[]
}

/** Adds lots with their lives until the garden has so many; half of them stand in its empty pots, the rest in bins. */
export async function growLots(
  db: Database,
  random: Random,
  { lots: wanted, years }: { readonly lots: number; readonly years: number },
  now: Date,
): Promise<GrownLot[]> {
  const missing = Math.max(0, wanted - (await db.$count(lots)))
  const free = await emptyPots(db)
  const inPots = Math.min(missing, Math.ceil(missing / 2), free.length)
  const each = Math.max(1, Math.floor((free.length * FILLED_SHARE) / Math.max(1, inPots)))
  const lives = Array.from({ length: missing }, (_, i) => {
    const pots = i < inPots ? free.slice(i * each, i * each + each) : []
    const room = pots.reduce((sum, { litres }) => sum + litres, 0)
    const litres = pots.length > 0 ? room * (0.85 + 0.1 * random()) : between(random, 10, 120)
    const lived = between(random, 1, years)
    const stillGrows = pots.length > 0 && random() < STILL_GROWING
    return { pots, years: lived, ...lotHistory(random, { litres, years: lived, stillGrows, now }) }
  })
  const ids = await insertRows(
    db,
    lots,
    lives.map(({ pots, beganAt, lines }, i) => ({
      name: `${pick(random, NAMES)} ${pick(random, THINGS)} ${i + 1}`,
      origin: pick(random, ['bag', 'own recipe', 'reconditioned'] as const),
      storeBin: pots.length > 0 ? null : `Bin ${between(random, 1, 40)}`,
      createdAt: beganAt,
      mixedAt: lines.filter(({ litres }) => litres > 0).at(-1)?.at ?? null,
    })),
  )
  const ofLot = <Row>(rowsOf: (life: (typeof lives)[number], lotId: number) => readonly Row[]) =>
    lives.flatMap((life, i) => rowsOf(life, ids[i] as number))
  await insertRows(
    db,
    lotPlaces,
    ofLot(({ pots }, lotId) => pots.map(({ id }) => ({ lotId, containerId: id }))),
  )
  await insertRows(
    db,
    ledgerEntries,
    ofLot(({ lines }, lotId) => lines.map((line) => ({ ...line, lotId }))),
  )
  await insertRows(
    db,
    lotContents,
    ofLot(({ lines }, lotId) => contentsOf(lines).components.map((one) => ({ ...one, lotId }))),
  )
  const seasons = ofLot((life, lotId) => life.innings.map((one) => ({ ...one, lotId })))
  const inningsIds = await insertRows(db, innings, seasons)
  const potsOf = new Map(ids.map((lotId, i) => [lotId, lives[i]?.pots ?? []]))
  await insertRows(
    db,
    plantings,
    seasons.flatMap(({ lotId, cropId, startedOn, endedOn }, i) =>
      (cropId ? (potsOf.get(lotId) ?? []) : []).map(({ id }) => ({
        containerId: id,
        lotId,
        inningsId: inningsIds[i] as number,
        cropId: cropId as string,
        how: 'planted' as const,
        startedOn,
        endedOn: endedOn ?? null,
        growth: endedOn ? between(random, 1, 5) : null,
        endedWhy: endedOn ? ('season over' as const) : null,
      })),
    ),
  )
  await insertRows(
    db,
    measurements,
    ofLot((life, lotId) => life.measurements.map((one) => ({ ...one, lotId }))),
  )
  return lives.map(({ pots, years: lived }, i) => ({
    id: ids[i] as number,
    years: lived,
    potIds: pots.map(({ id }) => id),
  }))
}

async function emptyPots(db: Database): Promise<Pot[]> {
  const taken = new Set((await db.select().from(lotPlaces)).map(({ containerId }) => containerId))
  return (await db.select().from(containers))
    .filter(({ id }) => !taken.has(id))
    .map(({ id, shape, headspaceCm }) => ({
      id,
      litres: containerVolume({ shape, fillHeightCm: shape.heightCm - headspaceCm }),
    }))
}
