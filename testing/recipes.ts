import type { ContainerShape } from '../src/core/containers'
import type { Component } from '../src/core/media'
import type { LotMeasured, Recipe, RecipeInput } from '../src/core/recondition'
import { amendment, material, shippedCrops } from './tables'

const LOT_PARTS = [
  'peat-medium',
  'coir-pith',
  'bark-fine',
  'all-purpose-mix',
  'garden-compost',
  'leaf-mould',
  'perlite-coarse',
  'humified-fines',
  'spent-mix',
  'coarse-sand',
]
const COMPOSTS = ['garden-compost', 'leaf-mould', 'green-waste-compost', 'cattle-manure']
const AGGREGATES = [
  'perlite-coarse',
  'perlite-fine',
  'rice-hulls',
  'pumice',
  'grit',
  'lava',
  'bark-fine',
]
const AMENDMENTS = [
  'calcitic-lime',
  'dolomitic-lime',
  'sulfur',
  'granular-444',
  'feather-meal',
  'crf-5-month',
]

/** A recipe somebody might ask for: any lot, any pot, any crop that grows in used mix. */
export function randomRecipeInput(random: () => number): RecipeInput {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T
  const between = (low: number, high: number) => low + random() * (high - low)
  const some = (list: readonly string[], least: number, most: number): string[] => {
    const left = [...list]
    return Array.from({ length: Math.floor(between(least, most + 1)) }, () => {
      const [id] = left.splice(Math.floor(random() * left.length), 1)
      return id as string
    })
  }
  const heightCm = between(12, 40)
  const topDiameterCm = between(14, 45)
  const shape: ContainerShape = {
    kind: 'round',
    topDiameterCm,
    baseDiameterCm: topDiameterCm * between(0.7, 1),
    heightCm,
  }
  const litresWanted = between(3, 40)
  const components: Component[] = some(LOT_PARTS, 1, 4).map((id) => ({
    material: material(id),
    parts: between(1, 10),
    measured: { starterNMgPerL: 0 },
  }))
  const stock = (id: string, low: number, high: number) => ({
    material: material(id),
    litres: 500,
    pricePerLitre: between(low, high),
  })
  return {
    lot: {
      id: 'lot',
      components,
      litres: litresWanted * between(0.5, 2),
      triage: null,
      measured: { ph: between(4.2, 7.8), ecSme: between(0.3, 4) },
    },
    litresWanted,
    container: { shape, fillHeightCm: heightCm - 3 },
    crop: pick(shippedCrops.filter(({ freshOnly }) => !freshOnly)),
    school: { compostShare: pick([0, 0.1, 0.2, 0.3, 0.5]), feed: pick(['organic', 'coated']) },
    stock: {
      materials: [
        ...some(COMPOSTS, 1, 2).map((id) => stock(id, 0.02, 0.2)),
        ...some(AGGREGATES, 1, 4).map((id) => stock(id, 0.1, 0.6)),
        ...some(['all-purpose-mix', 'acid-mix'], 0, 2).map((id) => stock(id, 0.15, 0.4)),
      ],
      amendments: AMENDMENTS.map((id) => ({
        amendment: amendment(id),
        grams: 5000,
        pricePerKg: 3,
      })),
    },
    season: { weeklyMeanTempC: between(12, 24) },
  }
}

/** A small change of what was asked, as between two readings of the same thing. */
export const NUDGES: Readonly<
  Record<'depth' | 'price' | 'ph' | 'ec', (input: RecipeInput) => RecipeInput>
> = {
  depth: (input) => {
    const { shape, fillHeightCm } = input.container
    return {
      ...input,
      container: {
        shape: { ...shape, heightCm: shape.heightCm + 0.1 },
        fillHeightCm: fillHeightCm + 0.1,
      },
    }
  },
  price: (input) => ({
    ...input,
    stock: {
      ...input.stock,
      materials: input.stock.materials.map((row) =>
        row.material.group === 'aggregate' || row.material.group === 'coarse organic'
          ? { ...row, pricePerLitre: (row.pricePerLitre ?? 0) * 1.01 }
          : row,
      ),
    },
  }),
  ph: (input) => measured(input, (now) => ({ ...now, ph: (now.ph ?? 6) - 0.01 })),
  ec: (input) => measured(input, (now) => ({ ...now, ecSme: (now.ecSme ?? 1) + 0.05 })),
}

function measured(input: RecipeInput, change: (now: LotMeasured) => LotMeasured): RecipeInput {
  const { lot } = input
  return lot ? { ...input, lot: { ...lot, measured: change(lot.measured ?? {}) } } : input
}

/**
 * What is wrong between a recipe and that of a nudged input: null where the aggregate's amount moves by under two points,
 * or is swapped for one whose score is as good within two per cent. A step of compost (a twentieth, where salts or
 * nitrogen reach their line) is a step of its own.
 */
export function leapBetween(before: Recipe, after: Recipe): string | null {
  const share = (recipe: Recipe, role: string) =>
    recipe.parts.find((part) => part.role === role)?.share ?? 0
  const idOf = (recipe: Recipe) => recipe.parts.find(({ role }) => role === 'aggregate')?.id ?? null
  const steps = Math.abs(share(after, 'compost') - share(before, 'compost'))
  if (steps > 0.1 + 1e-9) return `compost leaps by ${steps.toFixed(3)}`
  if (steps > 0.02) return null
  const moved = Math.abs(share(after, 'aggregate') - share(before, 'aggregate'))
  if (moved < 0.02) return null
  const [own, other] = [before.score, after.score]
  if (idOf(before) !== idOf(after) && Math.abs(other - own) <= 0.02 * own + 0.02) return null
  return `${idOf(before)} ${share(before, 'aggregate').toFixed(3)} (${own.toFixed(3)}) -> ${idOf(after)} ${share(after, 'aggregate').toFixed(3)} (${other.toFixed(3)}), compost ${share(before, 'compost').toFixed(3)} -> ${share(after, 'compost').toFixed(3)}, fresh ${share(before, 'fresh').toFixed(3)} -> ${share(after, 'fresh').toFixed(3)}`
}
