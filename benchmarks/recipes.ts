import type { Component } from '../src/core/media'
import {
  type LadderInput,
  planLadder,
  type RecipeInput,
  recipeRanges,
  solveRecipe,
} from '../src/core/recondition'
import { MIX_SETTING, POT } from '../testing/samples'
import { amendment, crop, shippedMaterials } from '../testing/tables'
import { bestMs, type Figure } from './measure'

/** Recipes and ladders of a tired mix, from a store that holds everything. */
export function recipes(tired: readonly Component[]): Figure[] {
  return [
    {
      name: 'a whole recipe from a store of all shipped materials',
      unit: 'ms',
      goal: { below: 20 },
      value: bestMs(25, () => {
        solveRecipe(recipeInput(tired))
      }),
    },
    {
      name: 'a whole recipe with its ranges',
      unit: 'ms',
      goal: { below: 60 },
      value: bestMs(15, () => {
        const input = recipeInput(tired)
        recipeRanges(solveRecipe(input), input)
      }),
    },
    {
      name: 'five ways to go on with one lot',
      unit: 'ms',
      goal: { below: 150 },
      value: bestMs(7, () => {
        planLadder(ladderInput(tired, 0))
      }),
    },
    {
      name: 'five ways to go on with each of 100 lots',
      unit: 'ms',
      goal: { below: 15_000 },
      value: bestMs(1, () => {
        for (let at = 0; at < 100; at++) planLadder(ladderInput(tired, at))
      }),
    },
  ]
}

function recipeInput(components: readonly Component[]): RecipeInput {
  return {
    lot: { id: '1', components, litres: 27, triage: null },
    litresWanted: 37,
    container: { shape: POT, fillHeightCm: 20 },
    crop: crop('strawberry'),
    school: { compostShare: 0.3, feed: 'organic' },
    stock: {
      materials: shippedMaterials.map((one) => ({ material: one, litres: 40, pricePerLitre: 0.3 })),
      amendments: ['feather-meal', 'sulfur', 'calcitic-lime', 'soluble-20-10-20'].map((id) => ({
        amendment: amendment(id),
        grams: 1000,
        pricePerKg: 5,
      })),
    },
  }
}

/** A lot, a pot and a pH of its own each, as in a real garden: nothing is found again by its key. */
function ladderInput(tired: readonly Component[], at: number): LadderInput {
  const input = recipeInput(
    tired.map((one, i) => ({ ...one, parts: one.parts + ((at * (i + 3)) % 11) / 10 })),
  )
  return {
    ...input,
    lot: {
      id: String(at),
      litres: 27,
      components: input.lot?.components ?? tired,
      triage: null,
      measured: { ph: 5.5 + (at % 20) / 10 },
    },
    container: { shape: { ...POT, heightCm: 22.5 + (at % 7) }, fillHeightCm: 20 + (at % 7) },
    climate: { ...MIX_SETTING.place, exposureFactor: 1 },
    today: '2026-11-10',
    priorities: { cost: 1, effort: 1, yield: 2 },
  }
}
