import { blendMedia } from '../../core/media'
import {
  cropInPot,
  DEFAULT_PRIORITIES,
  type LadderInput,
  planLadder,
  type Recipe,
  type RecipeInput,
  type Rung,
  recipeComponents,
} from '../../core/recondition'
import { EXPOSURE_FACTORS, worstMonth } from '../../core/season'
import { readOpenOrder } from '../../data/recondition'
import type { IntakeAnswers } from '../../messages/recondition/answers'
import type { LadderPage, RungView } from '../../messages/recondition/ladder'
import type { OpenDatabase } from '../database'
import { foundViews, potView, triageView } from '../lots'
import { remembered } from '../remembered'
import { type AskedRecipe, askedRecipe } from './buildRecipe'
import { spareUse, workHabits } from './habits'
import { cropChoice, lotHead, troubleView } from './intakePage'
import { fillAfterCm } from './recipePage'
import { rungWhy } from './rungWhy'

const waysOf = remembered(30, planLadder)

/** The ways to go on with a lot, in the containers and for the crop that come next. */
export async function ladderPage(
  db: OpenDatabase,
  answers: IntakeAnswers,
  at: Date,
): Promise<LadderPage> {
  const asked = await askedRecipe(db, answers, at)
  const { facts, tables, site, crop, container, triage, intake } = asked
  const input = ladderInput(asked)
  const { rungs } = waysOf(input)
  return {
    lot: lotHead(facts),
    answers,
    crop: {
      ...cropChoice(crop),
      ecMaxSme: crop.ecMaxSme,
      nSeasonMgPerL: cropInPot(crop, container).nSeasonMgPerL,
    },
    litresWanted: intake.litresWanted,
    litresFound: intake.litresNow,
    worstMonth: worstMonth(site).month,
    found: foundViews(facts.found, tables),
    triage: triageView(triage, tables),
    trouble: troubleView(asked.trouble, facts, tables, site),
    priorities: input.priorities,
    rungs: rungs.map((rung) => rungView(rung, asked, input)),
    phMeasuredOn: facts.ph?.measuredOn ?? null,
    ecMeasuredOn: facts.ecSme?.measuredOn ?? null,
    openOrderId: (await readOpenOrder(db, facts.lot.id))?.id ?? null,
    usualWay: tables.schools.way === 'compare' ? null : tables.schools.way,
    spare: spareUse(facts.lot.contents.litres, triage, tables.schools),
    standard: standardView(asked.standard),
  }
}

function standardView(standard: AskedRecipe['standard']): LadderPage['standard'] {
  if (!standard) return null
  const { name, trialId, trialName } = standard
  return { name, trialId, trialName }
}

/** What the ladder asks beyond a recipe: the climate of its place, what matters to the grower, and today. */
export function ladderInput({
  input,
  facts,
  triage,
  site,
  container,
  tables,
}: AskedRecipe): LadderInput & { readonly priorities: Required<LadderInput['priorities']> } {
  const { lot } = input
  if (!lot) throw new Error(`Lot ${facts.lot.id} is asked for without its mix.`)
  const priorities = { ...DEFAULT_PRIORITIES, ...site.practice.priorities }
  const { peatFree, noMineralFeed } = priorities
  const { amendments } = input.stock
  return {
    ...input,
    lot: { ...lot, triage },
    // What is ruled out is not proposed where there is another of its kind.
    limits: { ...input.limits, ...(peatFree ? { peatFree } : {}) },
    stock: {
      ...input.stock,
      amendments: noMineralFeed ? withoutMineralFeed(amendments) : amendments,
    },
    climate: {
      ...worstMonth(site).place,
      exposureFactor: EXPOSURE_FACTORS[container.exposure],
    },
    today: tables.today,
    ...workHabits(tables.schools, facts, tables),
    priorities,
  }
}

type Amendments = RecipeInput['stock']['amendments']

/** Mineral feeds are left out where another of their kind can be had. */
function withoutMineralFeed(amendments: Amendments): Amendments {
  const others = new Set(
    amendments.filter(({ amendment }) => !amendment.mineral).map(({ amendment }) => amendment.kind),
  )
  return amendments.filter(({ amendment }) => !amendment.mineral || !others.has(amendment.kind))
}

function rungView({ recipe, ...rung }: Rung, asked: AskedRecipe, ladder: LadderInput): RungView {
  const { container, crop, input } = asked
  const rows = new Map([
    ...input.stock.materials.map(({ material }) => [material.id, material.name] as const),
    ...input.stock.amendments.map(({ amendment }) => [amendment.id, amendment.name] as const),
  ])
  const named = (id: string) => rows.get(id) ?? id
  return {
    ...rung,
    added: recipe
      ? [
          ...recipe.parts
            .filter(({ role }) => role !== 'lot')
            .map(({ id, litres }) => ({ name: named(id), amount: litres, unit: 'L' as const })),
          ...recipe.doses.map(({ id, firstGrams }) => ({
            name: named(id),
            amount: firstGrams,
            unit: 'g' as const,
          })),
        ]
      : [],
    feedName: rung.feedPlan && named(rung.feedPlan.productId),
    unpricedNames: [...new Set(rung.unpriced)].map(named),
    pot: recipe && potOf(recipe),
    why: rungWhy({ recipe, ...rung }, ladder),
  }

  function potOf(of: Recipe) {
    const components = recipeComponents(of, input)
    if (components.length === 0) return null
    const { curve } = blendMedia({ components })
    return potView(components, curve, container, fillAfterCm(asked, of.settledLitres), crop)
  }
}
