import { heightForVolume } from '../../core/containers'
import { blendMedia } from '../../core/media'
import {
  cropInPot,
  heatBeforeSeed,
  recipeComponents,
  recipeRanges,
  type Schools,
  scheduleWork,
  type WorkStep,
  type WorkVariant,
  whyWithRanges,
} from '../../core/recondition'
import { readOpenOrder } from '../../data/recondition'
import type { IntakeAnswers } from '../../messages/recondition/answers'
import type { NamedThing, RecipePage } from '../../messages/recondition/turnover'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import { foundViews, isNeverPlanted, potView, triageView } from '../lots'
import { remembered } from '../remembered'
import { type BuiltRecipe, buildRecipe } from './buildRecipe'
import { spareUse, tippedFor, workHabits } from './habits'
import { cropChoice, lotHead, potChoice, troubleView } from './intakePage'
import { loadsOf } from './loadsOf'

const rangesOf = remembered(50, ({ recipe, input }: Pick<BuiltRecipe, 'recipe' | 'input'>) =>
  recipeRanges(recipe, input),
)

export async function recipePage(
  db: OpenDatabase,
  answers: IntakeAnswers,
  at: Date,
): Promise<RecipePage> {
  const built = await buildRecipe(db, answers, at)
  const { facts, recipe, crop, container, pots, site, tables, triage } = built
  const { readyOn, totalMinutes, steps } = scheduleOf(built, at)
  const surfaceNow = facts.container ? surfaceNowCm(built) : null
  const mix = recipeComponents(recipe, built.input)
  const ranges = rangesOf({ recipe, input: built.input })
  const { curve } = blendMedia({ components: mix })
  const after = potView(mix, curve, container, fillAfterCm(built, recipe.settledLitres), crop)
  if (!after) throw new Error('A recipe without a mix cannot be drawn.')
  return {
    trouble: troubleView(built.trouble, facts, tables, site),
    lot: lotHead(facts),
    answers,
    intake: built.intake,
    crop: {
      ...cropChoice(crop),
      ecMaxSme: crop.ecMaxSme,
      nSeasonMgPerL: cropInPot(crop, container).nSeasonMgPerL,
    },
    pots: pots.map((pot) => potChoice(pot, facts.lot.id)),
    recipe: { ...recipe, why: whyWithRanges(recipe.why, ranges) },
    ranges,
    loads: loadsOf(recipe, site),
    names: namesOf(built),
    before:
      facts.container && surfaceNow && facts.hydraulics
        ? potView(facts.components, facts.hydraulics.curve, facts.container, surfaceNow, crop)
        : null,
    after,
    readyOn,
    minutes: totalMinutes,
    tippedFor: tippedFor(built, tables.schools),
    spare: spareUse(recipe.leftoverLitres, triage, tables.schools),
    passedOver: passedOverIn(steps),
    cautions: [...new Set(steps.flatMap(({ cautions }) => cautions))],
    freshPricePerLitre: freshPrice(built),
    pricesMissing: pricesMissing(built),
    found: foundViews(facts.found, tables),
    triage: triageView(triage, tables),
    lotPhMeasuredOn: facts.ph?.measuredOn ?? null,
    openOrderId: (await readOpenOrder(db, facts.lot.id))?.id ?? null,
  }
}

export function scheduleOf(built: BuiltRecipe, at: Date) {
  const { recipe, intake, input, site, tables, triage, facts, blocked } = built
  const { schools } = tables
  const custom = heatBeforeSeed(triage, input.crop, schools)
  const moisture = facts.found.find(({ kind }) => kind === 'moisture')
  return scheduleWork({
    recipe,
    triage: custom && { verdict: 'treat', ...triage, ...custom },
    variant: variantOf(built, schools),
    startDate: dayAt(site.timeZone, at),
    options: {
      runsDownSide: intake.runsDownSide,
      dryDays: moisture?.numbers.dryDays ?? 0,
      materials: input.stock.materials.map(({ material }) => material),
      amendments: input.stock.amendments.map(({ amendment }) => amendment),
      crop: input.crop,
      ...workHabits(schools, facts, tables),
      blocked,
    },
  })
}

function variantOf(built: BuiltRecipe, schools: Schools): WorkVariant {
  const { intake, recipe, facts } = built
  if (isUsedAsItIs(recipe, facts)) return 'unused-bag'
  if (intake.way === 'as-is') return 'in-place'
  return intake.place === 'in-place' && !tippedFor(built, schools) ? 'in-place' : 'tipped'
}

/** Waits that this garden does not keep: what they are for, and the day that would be safe. */
function passedOverIn(steps: readonly WorkStep[]): RecipePage['passedOver'] {
  const notes = steps.flatMap(({ notes = [] }) => notes)
  return notes.find((note) => note.id === 'not-waited') ?? null
}

/** A mix that nothing grew in and nothing is added to but a starter feed: it is planted as it is. */
function isUsedAsItIs(recipe: BuiltRecipe['recipe'], { lot }: BuiltRecipe['facts']): boolean {
  const isAlone = recipe.parts.every(({ role }) => role === 'lot')
  const isCorrected = recipe.doses.some(({ role }) => role !== 'fertilizer')
  return isNeverPlanted(lot) && isAlone && !isCorrected && recipe.leachLitres === 0
}

/** Surface of the new mix: full to the headspace, lower where the litres do not reach. */
export function fillAfterCm(
  { container, intake, pots }: Pick<BuiltRecipe, 'container' | 'intake' | 'pots'>,
  settledLitres: number,
): number {
  const share = Math.min(1, settledLitres / intake.litresWanted)
  const room = pots.reduce((sum, { litres }) => sum + litres, 0)
  const filled = Math.min(1, (share * intake.litresWanted) / room)
  return heightForVolume({ shape: container.shape, litres: container.litres * filled })
}

function surfaceNowCm({ facts, intake }: BuiltRecipe): number {
  const pot = facts.container
  if (!pot) return 0
  return Math.max(0, pot.fillHeightCm - (intake.levelDropCm ?? 0))
}

function namesOf({ recipe, input, facts }: BuiltRecipe): Record<string, NamedThing> {
  const names: Record<string, NamedThing> = {
    [String(facts.lot.id)]: { name: facts.lot.name, stratum: null, caution: null },
  }
  for (const { material } of input.stock.materials) {
    const { id, name, group, grainMm } = material
    names[id] = { name, caution: null, stratum: { materialId: id, name, group, grainMm, share: 1 } }
  }
  for (const { amendment } of input.stock.amendments) {
    names[amendment.id] = { name: amendment.name, stratum: null, caution: amendment.caution }
  }
  const used = [...recipe.parts, ...recipe.doses, ...recipe.aggregateOptions].map(({ id }) => id)
  if (recipe.feedPlan) used.push(recipe.feedPlan.productId)
  if (recipe.testFirst) used.push(recipe.testFirst.id)
  return Object.fromEntries(Object.entries(names).filter(([id]) => used.includes(id)))
}

/** Price of the cheapest bagged mix, to compare with buying new. */
function freshPrice({ input }: BuiltRecipe): number | null {
  const prices = input.stock.materials
    .filter(({ material }) => material.group === 'bagged mix')
    .flatMap(({ pricePerLitre }) => (pricePerLitre && pricePerLitre > 0 ? [pricePerLitre] : []))
  return prices.length > 0 ? Math.min(...prices) : null
}

function pricesMissing(built: BuiltRecipe): string[] {
  const names = namesOf(built)
  return built.recipe.unpriced.map((id) => names[id]?.name ?? id)
}
