import assert from 'node:assert/strict'
import { test } from 'node:test'
import { drawFrom } from '../../../../testing/random'
import { leapBetween, NUDGES, randomRecipeInput } from '../../../../testing/recipes'
import { solveRecipe } from './solveRecipe'

const CASES = 500

for (const kind of ['depth', 'price', 'ph', 'ec'] as const) {
  test(`near inputs give near recipes, ${CASES} of them: ${kind}`, () => {
    const leaps: string[] = []
    for (let seed = 1; seed <= CASES; seed++) {
      const input = randomRecipeInput(drawFrom(100_000 * kind.length + seed))
      const leap = leapBetween(solveRecipe(input), solveRecipe(NUDGES[kind](input)))
      if (leap) leaps.push(`seed ${100_000 * kind.length + seed}, ${input.crop.id}: ${leap}`)
    }
    assert.deepEqual(leaps, [])
  })
}
