import { listAmendments } from '../../data/chemistry'
import { readLotVersions } from '../../data/media'
import { readWorkOrder, type WorkOrderStep } from '../../data/recondition'
import { readSite } from '../../data/site'
import type {
  NamedThing,
  OrderPage,
  OrderState,
  OrderStepView,
} from '../../messages/recondition/turnover'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import { readLotFacts } from '../lots'
import { readTables } from '../tables'
import { loadsOf } from './loadsOf'

export async function orderPage(db: OpenDatabase, id: number): Promise<OrderPage> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const order = await readWorkOrder(db, id)
  const facts = await readLotFacts(db, tables, order.lotId)
  const names: Record<string, NamedThing> = {
    [String(facts.lot.id)]: { name: facts.lot.name, stratum: null, caution: null },
  }
  const cautions = new Map(
    (await listAmendments(db)).map(({ amendment }) => [amendment.id, amendment] as const),
  )
  for (const { id: key } of order.steps.flatMap(({ amounts }) => amounts)) {
    const material = tables.materials.get(key)
    const amendment = cautions.get(key)
    if (material) {
      const { name, group, grainMm } = material
      const stratum = { materialId: key, name, group, grainMm, share: 1 }
      names[key] = { name, caution: null, stratum }
    } else if (amendment) {
      names[key] = { name: amendment.name, caution: amendment.caution, stratum: null }
    }
  }
  const { intake, recipe } = order
  return {
    id,
    version: order.version,
    state: order.state,
    lot: { id: facts.lot.id, name: facts.lot.name, innings: facts.innings },
    cropName: tables.crops.get(intake.cropId)?.name ?? intake.cropId,
    litresWanted: intake.litresWanted,
    litresFound: intake.litresNow,
    potCodes: tables.containers
      .filter((pot) => intake.containerIds.includes(pot.id))
      .map(({ code }) => code),
    steps: order.steps.map((step) => stepView(step, site.timeZone)),
    names,
    readyOn: order.readyOn,
    finishedOn: order.finishedAt ? dayAt(site.timeZone, order.finishedAt) : null,
    canUndo: order.undo !== null && facts.lot.version === order.undo.lotVersion,
    leachLitres: recipe.leachLitres,
    loads: loadsOf(recipe, site),
    predictedAir: recipe.predictedRounded.airFraction,
    recipeAnswers:
      order.state === 'finished'
        ? null
        : {
            lot: order.lotId,
            drop: intake.levelDropCm ?? 0,
            roots: intake.rootMass,
            side: intake.runsDownSide ? 'yes' : 'no',
            crop: intake.cropId,
            pots: intake.containerIds,
            litres: intake.litresWanted,
            share: intake.compostShare,
            feed: intake.feed,
            every: intake.everyDays ?? null,
            way: intake.way ?? 'full',
            ...(intake.place ? { place: intake.place } : {}),
          },
  }
}

/** What may have been changed by others since the page was made. */
export async function orderState(db: OpenDatabase, id: number): Promise<OrderState> {
  const { timeZone } = await readSite(db)
  const order = await readWorkOrder(db, id)
  const versions = await readLotVersions(db, [order.lotId])
  return {
    state: order.state,
    steps: order.steps.map((step) => stepView(step, timeZone)),
    finishedOn: order.finishedAt ? dayAt(timeZone, order.finishedAt) : null,
    canUndo: order.undo !== null && versions.get(order.lotId) === order.undo.lotVersion,
  }
}

export function stepView(step: WorkOrderStep, timeZone: string): OrderStepView {
  return {
    id: step.id,
    version: step.version,
    plan: step.plan,
    amounts: step.amounts,
    doneOn: step.doneAt ? dayAt(timeZone, step.doneAt) : null,
    earlyFor: step.earlyFor,
  }
}
