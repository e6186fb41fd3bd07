import assert from 'node:assert/strict'
import { test } from 'node:test'
import { drawFrom } from '../../../../testing/random'
import { randomRecipeInput } from '../../../../testing/recipes'
import { material, shippedCrops } from '../../../../testing/tables'
import type { RecipeInput } from './recipeTypes'
import { solveRecipe } from './solveRecipe'

// What a grower relies on in any recipe, whatever is asked for.

const POT: RecipeInput['container'] = {
  shape: { kind: 'round', topDiameterCm: 34, baseDiameterCm: 28, heightCm: 29 },
  fillHeightCm: 26,
}

/** Peat and perlite, used once, and garden compost on the shelf. */
const withGardenCompost = (crop: RecipeInput['crop'], litres: number): RecipeInput => ({
  ...randomRecipeInput(drawFrom(9000)),
  crop,
  container: POT,
  litresWanted: 20,
  lot: {
    id: 'lot',
    litres,
    triage: null,
    components: [
      { material: material('peat-medium'), parts: 7, measured: { starterNMgPerL: 0 } },
      { material: material('perlite-coarse'), parts: 2 },
    ],
    measured: { ph: 5.8, ecSme: 0.6 },
  },
  school: { compostShare: 0.3, feed: 'organic' },
  stock: {
    materials: [{ material: material('garden-compost'), litres: 500, pricePerLitre: 0.05 }],
    amendments: [],
  },
})

const compostOf = (input: RecipeInput) =>
  solveRecipe(input).parts.find(({ role }) => role === 'compost')?.share ?? 0

test('garden compost goes to most crops, with enough old mix and with too little, and to no lime hater', () => {
  const crops = shippedCrops.filter(({ freshOnly }) => !freshOnly)
  for (const litres of [40, 16]) {
    const given = crops.filter((crop) => compostOf(withGardenCompost(crop, litres)) > 0)
    assert.ok(given.length > 0.6 * crops.length, `${given.length} of ${crops.length}`)
    assert.ok(given.every(({ limeHater }) => !limeHater))
  }
})

test('whoever waters less often never gets a mix that holds less', () => {
  for (let at = 0; at < 40; at++) {
    const input = randomRecipeInput(drawFrom(8000 + at))
    const lossLPerDay = input.litresWanted / 20
    const waters = [1, 2, 3, 5, 8].map((everyDays) => {
      const watering = { everyDays, lossLPerDay, refillSuctionCm: 50 }
      return solveRecipe({ ...input, watering }).predicted.availableLitres
    })
    for (const [i, water] of waters.entries()) {
      assert.ok(
        water >= 0.99 * (waters[i - 1] ?? 0),
        `recipe ${at}, ${input.crop.id}: ${waters.map((one) => one.toFixed(2)).join(', ')}`,
      )
    }
  }
})

test('less than two litres of old mix are left over only where the pots hold no more of it', () => {
  let small = 0
  for (let at = 0; at < 60; at++) {
    const input = randomRecipeInput(drawFrom(7000 + at))
    const { leftoverLitres, parts, predicted } = solveRecipe(input)
    if (leftoverLitres < 1e-6 || leftoverLitres >= 2) continue
    small += 1
    const room = parts.filter(({ role }) => role === 'compost' || role === 'fresh')
    const roomLitres = room.reduce((sum, { litres }) => sum + litres, 0)
    const isAirShort = predicted.airFraction < input.crop.airMinPercent / 100 + 0.02
    const isSalty = predicted.ecSme > 0.8 * input.crop.ecMaxSme
    assert.ok(
      roomLitres < leftoverLitres || isAirShort || isSalty,
      `recipe ${at}, ${input.crop.id}: ${leftoverLitres.toFixed(2)} L`,
    )
  }
  assert.ok(small > 0 && small < 10, `${small} of 60`)
})
