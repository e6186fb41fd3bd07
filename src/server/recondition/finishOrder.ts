import { containerVolume, heightForVolume } from '../../core/containers'
import { blendMedia, componentShares, type LedgerLine } from '../../core/media'
import {
  finishBatch,
  leachOldMix,
  lotComponents,
  mixStateOf,
  predictMix,
  type StepAmount,
  type StepKind,
} from '../../core/recondition'
import { addDays, DAY_MS } from '../../core/units'
import type { StoredContainer } from '../../data/containers'
import type { Database } from '../../data/database'
import { NotFound } from '../../data/errors'
import { type Finish, finishWorkOrder, type WorkOrder } from '../../data/recondition'
import { readSite } from '../../data/site'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import { dosesIn, isNeverPlanted, keptFinding, MEASURED_TO, readLotFacts, sinksOf } from '../lots'
import { Refused } from '../problem'
import { readTables } from '../tables'
import { earlierFeed, lossOf, recipeInput } from './recipeInput'
import { stayingFindings } from './stayingFindings'
import { stockOf } from './stockOf'

/** Finishes a turnover: what was really measured out becomes the lot's next innings, in one transaction. */
export function finishOrder(db: OpenDatabase, orderId: number, at: Date) {
  return finishWorkOrder(db, orderId, (order, tx) => account(order, tx, at))
}

async function account(order: WorkOrder, db: Database, at: Date): Promise<Finish> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const facts = await readLotFacts(db, tables, order.lotId)
  const crop = tables.crops.get(order.intake.cropId)
  const container = tables.containers
    .filter(({ id }) => order.intake.containerIds.includes(id))
    .sort((a, b) => a.fillHeightCm - b.fillHeightCm)[0]
  if (!crop || !container) throw new NotFound('The crop or the container was put away meanwhile.')

  const amounts = withOldMix(order)
  const used = (unit: 'L' | 'g') =>
    amounts
      .filter((amount) => amount.unit === unit)
      .map((amount) => ({ ...amount, value: amount.actual ?? amount.planned }))
  const old = lotComponents(facts.components, { ...facts.measured, ...facts.measuredWater })
  const oldMix =
    order.recipe.leachLitres > 0
      ? leachOldMix(old, crop, container, site.tapWater.ecDsPerM).components
      : old
  const components = used('L').flatMap(({ id, role, value }) => {
    if (role === 'lot') {
      return oldMix.map((component) => ({ ...component, parts: component.parts * value }))
    }
    const material = tables.materials.get(id)
    return material ? [{ material, parts: value }] : []
  })
  componentShares(components)
  const { volumeYield } = blendMedia({ components })
  const batch = finishBatch({
    before: facts.lot.contents,
    litresFound: order.intake.litresNow,
    cleaningLossShare: lossOf(facts, order.intake),
    settlingShare: sinksOf(components, facts),
    volumeYield,
    amounts,
  })
  requireRoomForBatch(batch.after.litres, order, tables.containers)
  const stock = await stockOf(db)
  const mixLitres = used('L').reduce((sum, { value }) => sum + value, 0) * volumeYield
  const doses = used('g').flatMap(({ id, value }) => {
    const row = stock.amendments.find(({ amendment }) => amendment.id === id)
    return row && value > 0 ? [{ amendment: row.amendment, gPerL: value / mixLitres }] : []
  })
  const { season } = recipeInput(facts, order.intake, crop, container, stock, site, at)
  const pots = tables.containers.filter(({ id }) => order.intake.containerIds.includes(id))
  const place = { shape: container.shape, fillHeightCm: surfaceOf(pots, batch.after.litres) }
  const lotLitres = used('L').reduce(
    (sum, { role, value }) => sum + (role === 'lot' ? value : 0),
    0,
  )
  const feedOfOld = earlierFeed(facts, order.intake.litresNow, site)
  const feedLeft = feedOfOld.map((dose) => ({
    ...dose,
    gPerL: (dose.gPerL * lotLitres) / mixLitres,
  }))
  const predicted = predictMix({
    components,
    doses,
    crop,
    container: place,
    season,
    cost: order.recipe.cost,
    settledLitres: batch.after.litres,
    feedLeft,
  })
  const mixedAt = mixingMoment(order) ?? at
  return {
    batch: { ...batch, leftover: withDoses(batch.leftover) },
    predicted,
    at,
    startedOn: dayAt(site.timeZone, at),
    mixedAt,
    carried: mixStateOf({ components, doses, feedLeft, container: place }),
    readyOn: readyAfter(order, dayAt(site.timeZone, mixedAt)),
    leftover: {
      name: `${facts.lot.name}, left over`,
      bin: 'Store',
      origin: isNeverPlanted(facts.lot) ? facts.lot.origin : 'reconditioned',
      carried: isNeverPlanted(facts.lot)
        ? facts.lot.carried
        : mixStateOf({ components: old, doses: [], feedLeft: feedOfOld, container: place }),
      found: facts.found.filter(({ origin }) => origin.kind === 'test').map(keptFinding),
    },
    staying: stayingFindings(order, facts, tables),
  }

  /** What was weighed in before goes with what is left over. */
  function withDoses(line: LedgerLine | null): LedgerLine | null {
    if (!line) return null
    const share = (line.litres * facts.lot.contents.litres) / order.intake.litresNow
    return { ...line, doses: dosesIn(share, facts.doses, facts.asOf) }
  }
}

/** What was measured out; a mix that is worked where it stands is measured out at no step, but it is used all the same. */
function withOldMix({ steps, recipe }: WorkOrder): StepAmount[] {
  const amounts = steps.flatMap((step) => step.amounts)
  const old = recipe.parts.find(({ role }) => role === 'lot')
  if (!old || amounts.some(({ role }) => role === 'lot')) return amounts
  const { id, role, rounded, litres } = old
  return [{ id, role, unit: 'L', planned: litres, text: rounded.text, actual: null }, ...amounts]
}

/** When the heap was really mixed; null where no such step was ticked. */
function mixingMoment({ steps }: WorkOrder): Date | null {
  const doneAt = (kind: StepKind) => steps.find(({ plan }) => plan.kind === kind)?.doneAt ?? null
  return doneAt('fold') ?? doneAt('powders') ?? doneAt('spread') ?? doneAt('fork')
}

/** The waits begin when it was mixed: later than planned, later ready. */
function readyAfter({ steps, readyOn }: WorkOrder, mixedOn: string): string {
  const planned = steps.find(({ plan }) => plan.kind === 'fold')?.plan.startsOn ?? mixedOn
  const late = Math.max(0, Math.round((Date.parse(mixedOn) - Date.parse(planned)) / DAY_MS))
  return addDays(readyOn, late)
}

/** Where the surface of the mix stands in the lowest of its containers. */
function surfaceOf(pots: readonly StoredContainer[], litres: number): number {
  const room = pots.reduce((sum, pot) => sum + pot.litres, 0)
  const [lowest] = [...pots].sort((a, b) => a.fillHeightCm - b.fillHeightCm)
  if (!lowest) throw new NotFound('The containers were put away meanwhile.')
  const share = Math.min(1, litres / room)
  return heightForVolume({ shape: lowest.shape, litres: lowest.litres * share })
}

/** A heap that was noted at a step by a slip of the finger is not booked into a pot. */
function requireRoomForBatch(
  litres: number,
  { intake }: WorkOrder,
  containers: readonly StoredContainer[],
): void {
  const rim = containers
    .filter(({ id }) => intake.containerIds.includes(id))
    .reduce((sum, { shape }) => sum + containerVolume({ shape }), 0)
  if (litres <= rim * MEASURED_TO) return
  throw new Refused(
    422,
    'too-much',
    `By what was noted as really used ${litres.toFixed(0)} L of mix were made; the containers hold ${rim.toFixed(0)} L to the rim. Correct the amounts at their steps.`,
  )
}
