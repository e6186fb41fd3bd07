import { DEFAULT_COMPOST_SHARE, DEFAULT_LIMITS, solveRecipe } from '../../core/recondition'
import { worstMonth } from '../../core/season'
import { keepEach } from '../../data/kept'
import type { Site } from '../../data/site'
import type { LotPage } from '../../messages/media/lotViews'
import type { OpenDatabase } from '../database'
import { LOT_TOPICS, type LotFacts, type Tables, versionOfLot } from '../lots'
import { recipeInput } from '../recondition'
import { lotChemistry } from './lotChemistry'
import { lotWhy } from './lotWhy'

type Stock = Parameters<typeof recipeInput>[4]

/** What takes a solver, draws or forecasts, and is the same until the lot or what it is worked out from changes. */
interface WorkedOut {
  readonly chemistry: ReturnType<typeof lotChemistry>
  readonly lotWhy: ReturnType<typeof lotWhy>
  readonly remedy: LotPage['remedy']
}

const keptOfLots = keepEach<number, WorkedOut>(
  [...LOT_TOPICS, 'stock', 'amendments', 'containers'],
  500,
)

export async function workedOutOfLot(
  db: OpenDatabase,
  facts: LotFacts,
  tables: Tables,
  site: Site,
  stock: Stock,
  at: Date,
): Promise<WorkedOut> {
  const { id, version } = facts.lot
  const stamp = [
    versionOfLot(version, tables),
    // What trials found to be the most of a material is told with the stock.
    JSON.stringify(stock.materials.flatMap(({ mostFound = [] }) => mostFound)),
  ].join(' ')
  const kept = await keptOfLots(db)
  const known = kept.read(id, stamp)
  if (known) return known
  const made: WorkedOut = {
    chemistry: lotChemistry(facts, tables, site),
    lotWhy: lotWhy(facts, {
      meanTempC: worstMonth(site).place.seasonMeanTempC,
      humifiedFines: tables.materials.get('humified-fines'),
    }),
    remedy: remedyOf(facts, stock, site, at),
  }
  kept.write(id, stamp, made)
  return made
}

/** What the recipe solver would add to give the same crop its air in the same container. */
function remedyOf(facts: LotFacts, stock: Stock, site: Site, at: Date): LotPage['remedy'] {
  const { container, crop, lot, air, containers } = facts
  if (!container || !crop || !air || air.value >= crop.airMinPercent / 100) return null
  const recipe = solveRecipe(
    recipeInput(
      facts,
      {
        levelDropCm: null,
        litresNow: lot.contents.litres,
        rootMass: 'fine',
        runsDownSide: false,
        cropId: crop.id,
        containerIds: lot.containerIds,
        litresWanted: containers.reduce((sum, { litres }) => sum + litres, 0),
        compostShare: Math.min(DEFAULT_COMPOST_SHARE, DEFAULT_LIMITS.maxCompostShare),
        feed: 'organic',
        everyDays: null,
      },
      crop,
      container,
      stock,
      site,
      at,
    ),
  )
  const aggregate = recipe.parts.find(({ role }) => role === 'aggregate')
  const reaches = recipe.predicted.airFraction >= crop.airMinPercent / 100
  if (!aggregate || !reaches) return null
  const name = stock.materials.find(({ material }) => material.id === aggregate.id)?.material.name
  return {
    name: name ?? aggregate.id,
    litres: aggregate.litres,
    airAfter: recipe.predicted.airFraction,
  }
}
