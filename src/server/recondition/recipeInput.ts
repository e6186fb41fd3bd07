import { type Crop, type Dose, nitrogenSpanWeeks } from '../../core/chemistry'
import { areaAt } from '../../core/containers'
import {
  aggregateHabit,
  cleaningLoss,
  DEFAULT_SCHOOLS,
  type Intake,
  type LotMeasured,
  type LotTriage,
  type RecipeInput,
  shareInPlace,
  waterLostIn,
} from '../../core/recondition'
import { EXPOSURE_FACTORS, plantingDay, weeklyTemperatures, worstMonth } from '../../core/season'
import type { StoredContainer } from '../../data/containers'
import type { Site } from '../../data/site'
import { dayAt } from '../clock'
import { feedLeftOf, isNeverPlanted, type LotFacts, settlingTested, sinksOf } from '../lots'

/** What the solver is asked: the lot as measured, the container, the crop, the stock, the season and the schools. */
export function recipeInput(
  facts: LotFacts,
  intake: Intake,
  crop: Crop,
  container: StoredContainer,
  stock: RecipeInput['stock'],
  site: Site,
  at: Date,
  triage: LotTriage | null = null,
  newMix: Pick<RecipeInput['school'], 'newMix' | 'minerals'> = {},
): RecipeInput {
  const monthlyMeanTempC = site.climateByMonth.map(({ tMinC, tMaxC }) => (tMinC + tMaxC) / 2)
  return {
    lot: {
      id: String(facts.lot.id),
      components: facts.components,
      litres: intake.litresNow,
      triage,
      measured: { ...facts.measured, ...facts.measuredWater, ...skimmedAndSieved(facts, intake) },
      feedLeft: earlierFeed(facts, intake.litresNow, site),
      neverPlanted: isNeverPlanted(facts.lot),
    },
    litresWanted: intake.litresWanted,
    container: { shape: container.shape, fillHeightCm: container.fillHeightCm },
    crop,
    school: {
      compostShare: compostFor(intake, facts),
      feed: intake.feed,
      ...aggregateShareOf(site),
      ...newMix,
    },
    stock,
    limits: {
      cleaningLossShare: intake.cleaningLossShare ?? cleaningLoss(intake.rootMass, DEFAULT_SCHOOLS),
      settlingShare: settlingTested(facts),
    },
    season: {
      weeklyMeanTempC: weeklyTemperatures({
        monthlyMeanTempC,
        startDate: plantingDay(crop, dayAt(site.timeZone, at), site.latitudeDeg),
        weeks: Math.ceil(nitrogenSpanWeeks(crop)),
      }),
      waterEc: site.tapWater.ecDsPerM,
    },
    measures: site.measures,
    watering: wateringHabit(intake.everyDays ?? null, crop, container, site),
  }
}

/** As told; worked in place, no more than finds room above the old mix. */
function compostFor(intake: Intake, facts: LotFacts): number {
  const { place, compostShare, litresNow, litresWanted } = intake
  if (place !== 'in-place') return compostShare
  const usable = litresNow * (1 - lossOf(facts, intake))
  return shareInPlace(compostShare, usable, litresWanted, sinksOf(facts.components, facts))
}

/** A fixed share where this garden puts some into everything. */
function aggregateShareOf({ practice }: Site): { aggregateShare?: number } {
  const share = aggregateHabit({ ...DEFAULT_SCHOOLS, ...practice.schools })
  return share === undefined ? {} : { aggregateShare: share }
}

/** Earlier feed, in each litre of what really stands there: a sunken mix holds it denser. */
export function earlierFeed(
  { doses, lot, asOf }: Pick<LotFacts, 'doses' | 'lot' | 'asOf'>,
  litresNow: number,
  site: Site,
): Dose[] {
  return feedLeftOf(doses, asOf, site).map((dose) => ({
    ...dose,
    gPerL: (dose.gPerL * lot.contents.litres) / litresNow,
  }))
}

/** In the month that asks most, the plants full-grown. */
export function wateringHabit(
  everyDays: number | null,
  crop: Crop,
  container: StoredContainer,
  site: Site,
): RecipeInput['watering'] {
  if (everyDays === null) return undefined
  const { place } = worstMonth(site)
  const { lossLPerDay, refillSuctionCm } = waterLostIn(
    crop,
    container,
    place,
    EXPOSURE_FACTORS[container.exposure],
  )
  return { everyDays, lossLPerDay, refillSuctionCm }
}

/** What its own sieve test held back takes the place of what its roots let expect. */
function sieved({ found }: LotFacts): Pick<LotMeasured, 'sieveLossShare'> {
  const share = found.find(({ kind }) => kind === 'cleaning')?.numbers.lossShare
  return share === undefined ? {} : { sieveLossShare: share }
}

type Loses = Pick<Intake, 'rootMass' | 'cleaningLossShare' | 'litresNow'>

/** What is skimmed off the top, and of the rest what cleaning takes: by its sieve test, else by its roots. */
export function lossOf(facts: LotFacts, intake: Loses): number {
  const cleaning =
    sieved(facts).sieveLossShare ??
    intake.cleaningLossShare ??
    cleaningLoss(intake.rootMass, DEFAULT_SCHOOLS)
  return 1 - (1 - skimShare(facts, intake)) * (1 - cleaning)
}

/** The same as a recipe takes it; nothing where cleaning alone is asked and no sieve told. */
function skimmedAndSieved(facts: LotFacts, intake: Loses): Pick<LotMeasured, 'sieveLossShare'> {
  return skimShare(facts, intake) > 0 ? { sieveLossShare: lossOf(facts, intake) } : sieved(facts)
}

const MOST_SKIMMED = 0.9

/** Share of what stands there that is ordered to be skimmed off, over the surface of all its pots. */
function skimShare(
  { triage, containers, surfaceCm }: LotFacts,
  { litresNow }: Pick<Intake, 'litresNow'>,
): number {
  if (!triage?.skimCm || !triage.actions.includes('skim') || !(litresNow > 0)) return 0
  const surface = containers.reduce(
    (sum, { shape }) =>
      sum + areaAt({ shape, zCm: Math.min(surfaceCm ?? shape.heightCm, shape.heightCm) }),
    0,
  )
  return Math.min(MOST_SKIMMED, (surface * triage.skimCm) / 1000 / litresNow)
}
