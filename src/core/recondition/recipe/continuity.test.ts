import assert from 'node:assert/strict'
import { test } from 'node:test'
import { drawFrom } from '../../../../testing/random'
import { leapBetween, NUDGES, randomRecipeInput } from '../../../../testing/recipes'
import { solveRecipe } from './solveRecipe'

const WALKS = 12
const STEPS = 10

for (const kind of ['depth', 'price', 'ph', 'ec'] as const) {
  test(`near inputs give near recipes: ${kind}`, () => {
    for (let walk = 1; walk <= WALKS; walk++) {
      const seed = 1000 * kind.length + walk
      let input = randomRecipeInput(drawFrom(seed))
      let recipe = solveRecipe(input)
      for (let step = 1; step <= STEPS; step++) {
        input = NUDGES[kind](input)
        const next = solveRecipe(input)
        assert.equal(
          leapBetween(recipe, next),
          null,
          `seed ${seed}, step ${step}, ${input.crop.id}`,
        )
        recipe = next
      }
    }
  })
}

test('invariants of any recipe', () => {
  for (let seed = 1; seed <= 60; seed++) {
    const input = randomRecipeInput(drawFrom(seed))
    const recipe = solveRecipe(input)
    const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0)
    const at = `seed ${seed}`
    assert.ok(Math.abs(sum(recipe.parts.map(({ share }) => share)) - 1) < 1e-9, at)
    assert.ok(
      Math.abs(sum(recipe.parts.map(({ litres }) => litres)) - recipe.partLitres) < 1e-9,
      at,
    )
    const { crop, lot } = input
    const limed = recipe.doses.find(({ role }) => role === 'lime')
    if (crop.limeHater && limed) assert.ok(recipe.predicted.ph <= crop.pHLow + 1e-6, at)
    assert.ok(recipe.checks.find(({ id }) => id === 'label')?.ok, at)
    const used = recipe.parts.find(({ role }) => role === 'lot')?.litres ?? 0
    assert.ok(Math.abs(used + recipe.leftoverLitres - (lot?.litres ?? 0) * 0.9) < 1e-6, at)
    assert.ok(recipe.feedPlan === null || recipe.feedPlan.nMgPerL >= 50, at)
    const mostAggregate = { succulent: 0.65, epiphyte: 0.8 }[crop.kind as 'succulent'] ?? 0.35
    const aggregate = recipe.parts.find(({ role }) => role === 'aggregate')?.share ?? 0
    assert.ok(aggregate <= mostAggregate + 1e-9, at)
  }
})
