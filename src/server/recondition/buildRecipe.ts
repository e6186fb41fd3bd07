import type { Crop } from '../../core/chemistry'
import {
  type CropBar,
  cleaningLoss,
  cropAfterTrouble,
  cropBars,
  type Intake,
  type LotTriage,
  litresAtLevel,
  type Recipe,
  type RecipeInput,
  RUNG_RECIPES,
  seasonOf,
  troubleAgain,
} from '../../core/recondition'
import { requireContainers, type StoredContainer } from '../../data/containers'
import { Conflict, NotFound } from '../../data/errors'
import { intakesOfPots } from '../../data/recondition'
import { type TroubleAt, troubleInLots } from '../../data/season'
import { readSite, type Site } from '../../data/site'
import type { IntakeAnswers } from '../../messages/recondition/answers'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import { judgeLot, type LotFacts, readLotFacts, type Tables } from '../lots'
import { Refused } from '../problem'
import { remembered } from '../remembered'
import { readTables } from '../tables'
import { newMixOf } from './habits'
import { recipeInput } from './recipeInput'
import { type StandardMix, standardMix } from './standardMix'
import { stockOf } from './stockOf'

/** A lot, what grows in it next, where, and what was found that speaks against it. */
interface Asked {
  readonly facts: LotFacts
  readonly tables: Tables
  readonly site: Site
  readonly crop: Crop
  readonly pots: readonly StoredContainer[]
  /** The container that decides the air: the lowest one. */
  readonly container: StoredContainer
  readonly triage: LotTriage | null
  readonly bars: readonly CropBar[]
  /** Of the chosen pot that was seen too wet or too dry most often; null where none was. */
  readonly trouble: TroubleAt | null
  /** Chosen pots that did not drain when somebody last looked, by their codes. */
  readonly blocked: readonly string[]
  /** What a trial made the standard for the crop; null where none did, or it is no mix and no bag. */
  readonly standard: StandardMix | null
}

export interface AskedRecipe extends Asked {
  readonly intake: Intake
  readonly input: RecipeInput
}

export interface BuiltRecipe extends AskedRecipe {
  readonly recipe: Recipe
}

/** @throws NotFound or Conflict where the answers do not fit what is kept */
export async function askedOf(
  db: OpenDatabase,
  answers: Pick<IntakeAnswers, 'lot' | 'crop' | 'pots'>,
): Promise<Asked> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const facts = await readLotFacts(db, tables, answers.lot)
  const pots = await requireContainers(db, answers.pots)
  const trouble = await troubleOf(db, facts, answers.pots)
  return {
    ...askedWith({ facts, tables, site }, answers, pots, trouble),
    blocked: await blockedOf(db, pots),
    standard: await standardMix(db, tables, answers.crop),
  }
}

/** The same from what was read already. */
export function askedWith(
  { facts, tables, site }: Pick<Asked, 'facts' | 'tables' | 'site'>,
  answers: Pick<IntakeAnswers, 'crop'>,
  pots: readonly StoredContainer[],
  trouble: TroubleAt | null,
): Asked {
  if (!(facts.lot.contents.litres > 0)) throw new Conflict('This lot is empty: fill it first.')
  const crop = tables.crops.get(answers.crop)
  if (!crop) throw new NotFound('That crop is not in the list.')
  const taken = pots.find(({ lotId }) => lotId !== null && lotId !== facts.lot.id)
  if (taken) throw new Conflict(`Container ${taken.code} holds lot ${taken.lotId}: empty it first.`)
  const container = [...pots].sort((a, b) => a.fillHeightCm - b.fillHeightCm)[0]
  if (!container) throw new NotFound('Choose at least one container.')
  const triage = judgeLot(facts, tables, seasonOf(crop, tables.today, site.latitudeDeg))
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
    blocked: [],
    standard: null,
  }
}

async function blockedOf(
  db: OpenDatabase,
  pots: readonly StoredContainer[],
): Promise<readonly string[]> {
  const looks = await intakesOfPots(
    db,
    pots.map(({ id }) => id),
  )
  const stuck = new Set(looks.filter(({ drains }) => !drains).map(({ containerId }) => containerId))
  return pots.filter(({ id }) => stuck.has(id)).map(({ code }) => code)
}

/** What was logged again and again at one of these pots since the mix in it was made. */
export async function troubleOf(
  db: OpenDatabase,
  { lot }: { readonly lot: { readonly id: number } },
  potIds: readonly number[],
): Promise<TroubleAt | null> {
  const { timeZone } = await readSite(db)
  const seen = await troubleInLots(db, [lot.id], (at) => dayAt(timeZone, at))
  return worstTrouble(seen.get(lot.id) ?? [], potIds)
}

/** @param seen what was logged at the pots of a lot */
export function worstTrouble(
  seen: readonly TroubleAt[],
  potIds: readonly number[],
): TroubleAt | null {
  const all = seen.filter(({ containerId }) => potIds.includes(containerId))
  const again = all.filter((one) => troubleAgain(one) !== null)
  const times = (one: TroubleAt) => Math.max(one.staysWet, one.driesFast)
  return again.sort((a, b) => times(b) - times(a))[0] ?? null
}

const recipeOf = remembered(
  50,
  ({ way, input }: { readonly way: keyof typeof RUNG_RECIPES; readonly input: RecipeInput }) =>
    RUNG_RECIPES[way](input),
)

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
  const { bars, input } = asked
  if (bars.length > 0) {
    throw new Refused(422, 'barred', 'What was found in this lot speaks against that crop.', [
      { field: 'crop', message: 'What was found in this lot speaks against that crop.' },
    ])
  }
  const recipe = recipeOf({ way: answers.way ?? 'full', input })
  if (!recipe) {
    const message = 'Your store’s list has no bagged mix to make that with: choose another way.'
    throw new Refused(422, 'no-fresh-mix', message, [{ field: 'way', message }])
  }
  return { ...asked, recipe }
}

/**
 * What a recipe is asked for, before anything is solved.
 * @throws NotFound, Conflict or Refused where the answers do not fit what is kept
 */
export async function askedRecipe(
  db: OpenDatabase,
  answers: IntakeAnswers,
  at: Date,
): Promise<AskedRecipe> {
  return askedInput(await askedOf(db, answers), answers, await stockOf(db), at)
}

/** What the solver is asked of a lot, from what was read already. @throws Refused */
export function askedInput(
  asked: Asked,
  answers: IntakeAnswers,
  stock: RecipeInput['stock'],
  at: Date,
): AskedRecipe {
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
    place: answers.place ?? tables.schools.place,
  }
  if (intake.litresWanted > room * 1.001) {
    const message = `You asked for ${intake.litresWanted.toFixed(1)} L; these hold ${room.toFixed(1)} L. Add a pot or make less.`
    throw new Refused(422, 'not-valid', message, [{ field: 'litres', message }])
  }
  const newMix = newMixOf(tables.schools, crop, tables.materials, asked.standard?.components)
  const input = recipeInput(facts, intake, crop, container, stock, site, at, triage, newMix)
  return { ...asked, intake, input }
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
