import { type Crop, type Dose, nitrogenSpanWeeks } from '../../core/chemistry'
import { plantsInPlace } from '../../core/mixes'
import {
  aggregateHabit,
  type CropBar,
  cleaningLoss,
  cropAfterTrouble,
  cropBars,
  DEFAULT_SCHOOLS,
  type Intake,
  type LotMeasured,
  type LotTriage,
  litresAtLevel,
  type Recipe,
  type RecipeInput,
  RUNG_RECIPES,
  seasonOf,
  troubleAgain,
} from '../../core/recondition'
import {
  EXPOSURE_FACTORS,
  plantingDay,
  referenceEvapotranspiration,
  waterLoss,
  weeklyTemperatures,
  worstMonth,
} from '../../core/season'
import { listAmendments } from '../../data/chemistry'
import { requireContainers, type StoredContainer } from '../../data/containers'
import { Conflict, NotFound } from '../../data/errors'
import { listMaterials } from '../../data/media'
import { type TroubleAt, troubleIn } from '../../data/season'
import { readSite, type Site } from '../../data/site'
import type { IntakeAnswers } from '../../messages/recondition/turnover'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import {
  feedLeftOf,
  isNeverPlanted,
  judgeLot,
  type LotFacts,
  readLotFacts,
  type Tables,
} from '../lots'
import { Refused } from '../problem'
import { readTables } from '../tables'

/** A lot, what grows in it next, where, and what was found that speaks against it. */
interface Asked {
  readonly facts: LotFacts
  readonly tables: Tables
  readonly site: Site
  readonly crop: Crop
  readonly pots: readonly StoredContainer[]
  readonly container: StoredContainer
  readonly triage: LotTriage | null
  readonly bars: readonly CropBar[]
  /** Of the chosen pot that was seen too wet or too dry most often; null where none was. */
  readonly trouble: TroubleAt | null
}

export interface BuiltRecipe {
  readonly triage: LotTriage | null
  readonly facts: LotFacts
  readonly intake: Intake
  readonly crop: Crop
  readonly pots: readonly StoredContainer[]
  /** The container that decides the air: the lowest one. */
  readonly container: StoredContainer
  readonly input: RecipeInput
  readonly recipe: Recipe
  readonly site: Site
  readonly trouble: TroubleAt | null
}

/** @throws NotFound or Conflict where the answers do not fit what is kept */
export async function askedOf(
  db: OpenDatabase,
  answers: Pick<IntakeAnswers, 'lot' | 'crop' | 'pots'>,
): Promise<Asked> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const facts = await readLotFacts(db, tables, answers.lot)
  if (!(facts.lot.contents.litres > 0)) throw new Conflict('This lot is empty: fill it first.')
  const crop = tables.crops.get(answers.crop)
  if (!crop) throw new NotFound('That crop is not in the list.')
  const pots = await requireContainers(db, answers.pots)
  const taken = pots.find(({ lotId }) => lotId !== null && lotId !== facts.lot.id)
  if (taken) throw new Conflict(`Container ${taken.code} holds lot ${taken.lotId}: empty it first.`)
  const container = [...pots].sort((a, b) => a.fillHeightCm - b.fillHeightCm)[0]
  if (!container) throw new NotFound('Choose at least one container.')
  const triage = judgeLot(facts, tables, seasonOf(crop, tables.today, site.latitudeDeg))
  const trouble = await troubleOf(db, facts, answers.pots)
  return {
    facts,
    tables,
    site,
    crop: trouble ? cropAfterTrouble(crop, trouble) : crop,
    pots,
    container,
    triage,
    // What rests or is kept apart may be planned: its work waits for the day.
    bars: cropBars(triage, crop).filter(({ kind }) => kind !== 'held'),
    trouble,
  }
}

/** What was logged again and again at one of these pots since the mix in it was made. */
export async function troubleOf(
  db: OpenDatabase,
  { lot }: Pick<LotFacts, 'lot'>,
  potIds: readonly number[],
): Promise<TroubleAt | null> {
  const all = (await troubleIn(db, lot)).filter(({ containerId }) => potIds.includes(containerId))
  const again = all.filter((one) => troubleAgain(one) !== null)
  const times = (one: TroubleAt) => Math.max(one.staysWet, one.driesFast)
  return again.sort((a, b) => times(b) - times(a))[0] ?? null
}

/**
 * Works a recipe out from what a person told of a lot.
 * @throws NotFound, Conflict or Refused where the answers do not fit what is kept
 */
export async function buildRecipe(
  db: OpenDatabase,
  answers: IntakeAnswers,
  at: Date,
): Promise<BuiltRecipe> {
  const asked = await askedRecipe(db, answers, at)
  const { facts, site, crop, pots, container, triage, bars, trouble, intake, input } = asked
  if (bars.length > 0) {
    throw new Refused(422, 'barred', 'What was found in this lot speaks against that crop.', [
      { field: 'crop', message: 'What was found in this lot speaks against that crop.' },
    ])
  }
  const recipe = RUNG_RECIPES[answers.way ?? 'full'](input)
  if (!recipe) {
    const message = 'Your store’s list has no bagged mix to make that with: choose another way.'
    throw new Refused(422, 'no-fresh-mix', message, [{ field: 'way', message }])
  }
  return { facts, triage, intake, crop, pots, container, input, recipe, site, trouble }
}

/**
 * What a recipe is asked for, before anything is solved.
 * @throws NotFound, Conflict or Refused where the answers do not fit what is kept
 */
export async function askedRecipe(
  db: OpenDatabase,
  answers: IntakeAnswers,
  at: Date,
): Promise<Asked & { readonly intake: Intake; readonly input: RecipeInput }> {
  const asked = await askedOf(db, answers)
  const { facts, tables, site, crop, pots, container, triage } = asked
  const room = pots.reduce((sum, { litres }) => sum + litres, 0)
  const intake: Intake = {
    levelDropCm: facts.containers.length > 0 ? answers.drop : null,
    litresNow: litresFound(facts, answers.drop),
    rootMass: answers.roots,
    cleaningLossShare: cleaningLoss(answers.roots, tables.schools),
    runsDownSide: answers.side === 'yes',
    cropId: crop.id,
    containerIds: answers.pots,
    litresWanted: answers.litres ?? room,
    compostShare: answers.share,
    feed: answers.feed,
    everyDays: answers.every,
    way: answers.way ?? 'full',
  }
  if (intake.litresWanted > room * 1.001) {
    const message = `You asked for ${intake.litresWanted.toFixed(1)} L; these hold ${room.toFixed(1)} L. Add a pot or make less.`
    throw new Refused(422, 'not-valid', message, [{ field: 'litres', message }])
  }
  const stock = await stockOf(db)
  const input = recipeInput(facts, intake, crop, container, stock, site, at, triage)
  return { ...asked, intake, input }
}

export function recipeInput(
  facts: LotFacts,
  intake: Intake,
  crop: Crop,
  container: StoredContainer,
  stock: RecipeInput['stock'],
  site: Site,
  at: Date,
  triage: LotTriage | null = null,
): RecipeInput {
  const monthlyMeanTempC = site.climateByMonth.map(({ tMinC, tMaxC }) => (tMinC + tMaxC) / 2)
  return {
    lot: {
      id: String(facts.lot.id),
      components: facts.components,
      litres: intake.litresNow,
      triage,
      measured: { ...facts.measured, ...facts.measuredWater, ...sieved(facts) },
      feedLeft: earlierFeed(facts, intake.litresNow, site),
      neverPlanted: isNeverPlanted(facts.lot),
    },
    litresWanted: intake.litresWanted,
    container: { shape: container.shape, fillHeightCm: container.fillHeightCm },
    crop,
    school: {
      compostShare: intake.compostShare,
      feed: intake.feed,
      ...aggregateShareOf(site),
    },
    stock,
    limits: {
      cleaningLossShare: intake.cleaningLossShare ?? cleaningLoss(intake.rootMass, DEFAULT_SCHOOLS),
      ...settled(facts),
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
  const { shape, exposure } = container
  const { canopyCm2, kc, refillSuctionCm } = plantsInPlace({ crop }, container)
  const exposureFactor = EXPOSURE_FACTORS[exposure]
  const et0MmPerDay = referenceEvapotranspiration(place)
  const lossLPerDay = waterLoss({ et0MmPerDay, kc, exposureFactor, canopyCm2, shape })
  return { everyDays, lossLPerDay, refillSuctionCm }
}

/** What its own sieve test held back takes the place of what its roots let expect. */
function sieved({ found }: LotFacts): Pick<LotMeasured, 'sieveLossShare'> {
  const share = found.find(({ kind }) => kind === 'cleaning')?.numbers.lossShare
  return share === undefined ? {} : { sieveLossShare: share }
}

/** The most that can be settled by a test and still be believed. */
const MOST_SETTLING = 0.5

/** How far its own mix sank when it was watered in. */
export function settled({ found }: LotFacts): { settlingShare?: number } {
  const share = found.find(({ kind }) => kind === 'settling')?.numbers.settledShare
  return share === undefined ? {} : { settlingShare: Math.min(MOST_SETTLING, share) }
}

/** Cleaning loss by its sieve test, else by its roots. */
export function lossOf(
  facts: LotFacts,
  intake: Pick<Intake, 'rootMass' | 'cleaningLossShare'>,
): number {
  return (
    sieved(facts).sieveLossShare ??
    intake.cleaningLossShare ??
    cleaningLoss(intake.rootMass, DEFAULT_SCHOOLS)
  )
}

/**
 * What can be had: everything in stock or with a price. A group of which nothing was entered yet is offered whole,
 * so that a new garden gets a recipe too.
 */
export async function stockOf(db: OpenDatabase): Promise<RecipeInput['stock']> {
  const materials = await listMaterials(db)
  const amendments = await listAmendments(db)
  return {
    materials: entered(
      materials,
      ({ material }) => material.group,
      ({ litres, pricePerLitre }) => litres > 0 || pricePerLitre !== null,
    ),
    amendments: entered(
      amendments,
      ({ amendment }) => amendment.kind,
      ({ grams, pricePerKg }) => grams > 0 || pricePerKg !== null,
    ),
  }
}

function entered<Row>(
  rows: readonly Row[],
  groupOf: (row: Row) => string,
  isEntered: (row: Row) => boolean,
): Row[] {
  const known = new Set(rows.filter(isEntered).map(groupOf))
  return rows.filter((row) => isEntered(row) || !known.has(groupOf(row)))
}

/** Litres that stand in the lot's containers with the surface sunk so far; in a bin what the ledger says. */
function litresFound({ containers, lot }: LotFacts, dropCm: number): number {
  if (containers.length === 0) return lot.contents.litres
  const litres = containers.reduce(
    (sum, { shape, headspaceCm }) => sum + litresAtLevel(shape, headspaceCm, dropCm),
    0,
  )
  if (!(litres > 0)) {
    throw new Refused(422, 'not-valid', 'With that level drop nothing would be left in the pot.', [
      { field: 'drop', message: 'With that level drop nothing would be left in the pot.' },
    ])
  }
  return litres
}
