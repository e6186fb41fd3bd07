import { blendMedia, containerCapacity } from '../../media'
import { phWidth } from '../../ranges'
import type { Recipe, RecipeInput } from '../recipe'
import {
  acidMixShare,
  type Batch,
  type BatchShares,
  type CompostReason,
  compostShare,
  fillBatch,
  heldByTrial,
  noCorrection,
  planAcidity,
  type RecipeSetting,
  recipeSetting,
  solveRecipe,
  toppedUpTo,
  writeRecipe,
} from '../recipe'
import type { RungId } from './ladderTypes'

const USUAL_FRESH = 0.5
const LEAST_FRESH = 0.3
const MOST_FRESH = 0.9
const STEP = 0.05
const REACHED = 1e-9

/**
 * The recipe of each way: as it is, part fresh mix, compost only, all that a recipe does, new mix alone.
 * @returns null where the store's list holds no mix to make it with
 */
export const RUNG_RECIPES: Readonly<Record<RungId, (input: RecipeInput) => Recipe | null>> = {
  'as-is': asIs,
  'part-fresh': partFresh,
  compost: compostOnly,
  full: solveRecipe,
  replace,
}

/** As it stands: nothing is added, so it may come short. */
function asIs(input: RecipeInput): Recipe {
  const setting = recipeSetting(input, false)
  return write(setting, batchWith(setting, 0), 'way', false)
}

/** Half fresh, more where the air asks for it, less where it does not. */
function partFresh(input: RecipeInput): Recipe | null {
  const setting = recipeSetting(input)
  if (!setting.fresh) return null
  const holds = (share: number) => hasAir(setting, batchWith(setting, share))
  const step = (share: number, by: number) => Math.round((share + by) * 100) / 100
  let share = USUAL_FRESH
  if (holds(share)) {
    while (share > LEAST_FRESH && holds(step(share, -STEP))) share = step(share, -STEP)
  } else {
    while (share < MOST_FRESH && !holds(share)) share = step(share, STEP)
  }
  return write(setting, batchWith(setting, share), 'way', true)
}

/**
 * Compost by school, more of it where the old mix is too little; no aggregate, and no fresh mix but what brings a lime
 * hater's pH down.
 */
function compostOnly(input: RecipeInput): Recipe {
  const setting = recipeSetting(input)
  const { crop, limits, school, lotFeed } = setting
  const wanted = Math.min(school, limits.maxCompostShare)
  const compost = heldByTrial(
    compostShare(setting.sources, crop, wanted, input.season, lotFeed),
    setting,
  )
  const sources = toppedUpTo(setting.sources, compost)
  const freshAtLeast = acidMixShare(sources, crop, compost.share)
  const from = freshAtLeast > 0 ? sources : { ...sources, fresh: null }
  const batch = fillBatch(from, { compost: compost.share, aggregate: null, freshAtLeast })
  return write(setting, batch, compost.reason, true)
}

/**
 * A new mix, nothing of the old lot: a bagged one by itself; with all that pot and crop ask for; or of the parts that are
 * given. No limit on it.
 */
function replace(input: RecipeInput): Recipe | null {
  const { newMix } = input.school
  const { freshAlone: fresh } = recipeSetting(input)
  const isMade = typeof newMix === 'object' && newMix.length > 0
  if (!fresh && !isMade) return null
  const base = isMade ? newMix : fresh ? [{ material: fresh.material, parts: 1 }] : []
  if (newMix === 'adjusted') return solveRecipe({ ...input, lot: null, base })
  const setting = recipeSetting({ ...input, lot: null, base }, false)
  return write(setting, batchWith(setting, 0), 'way', false)
}

/** Old mix and a fixed share of fresh mix, as many litres as the old mix lasts. */
function batchWith({ sources, limits, usableLitres }: RecipeSetting, share: number): Batch {
  const plenty = {
    ...sources,
    usableLitres: Number.POSITIVE_INFINITY,
    limits: { ...limits, maxFreshShare: MOST_FRESH },
  }
  const wanted: BatchShares = { compost: 0, aggregate: null, freshAtLeast: share }
  const batch = fillBatch(plenty, wanted)
  const partLitres = Math.min(batch.partLitres, usableLitres / (1 - share))
  return { ...batch, partLitres }
}

function hasAir({ input, crop }: RecipeSetting, { components }: Batch): boolean {
  const { curve } = blendMedia({ components })
  const { airFraction } = containerCapacity({ curve, ...input.container })
  return airFraction >= crop.airMinPercent / 100 - REACHED
}

/** Without aggregate or fertilizer; the pH put right where the way does that. */
function write(
  setting: RecipeSetting,
  batch: Batch,
  compostReason: CompostReason,
  correctsPh: boolean,
): Recipe {
  const { crop, input, perKgOf } = setting
  const width = phWidth(batch.components)
  return writeRecipe(setting, {
    compost: { share: batch.shares.compost, reason: compostReason },
    air: {
      batch,
      shares: null,
      reach: 'way',
      compostLowered: false,
      freshRaised: false,
      loss: 0,
      score: 0,
    },
    acidity: correctsPh
      ? planAcidity(batch, crop, input.stock.amendments, perKgOf, width)
      : noCorrection('way', null),
    feeding: { stock: null, dose: null, reason: 'way' },
    search: null,
    acidFresh: 0,
    width,
  })
}
