import { nitrogenBudget } from '../src/core/chemistry'
import {
  blendMedia,
  type Component,
  containerCapacity,
  layeredCapacity,
  simulateDrainage,
} from '../src/core/media'
import { solveRecipe } from '../src/core/recondition'
import { amendment, crop, material, shippedMaterials } from '../testing/tables'
import { bestMs, type Figure } from './measure'

const POT = { kind: 'round', topDiameterCm: 24, baseDiameterCm: 18, heightCm: 22.5 } as const
const mix = (parts: Record<string, number>): Component[] =>
  Object.entries(parts).map(([id, amount]) => ({ material: material(id), parts: amount }))
const TIRED = mix({
  'peat-medium': 44,
  'garden-compost': 16,
  'humified-fines': 22,
  'perlite-coarse': 18,
})

/** The computations a person waits for. */
export function kernels(): Figure[] {
  const { curve, ksCmPerS } = blendMedia({ components: TIRED })
  const layers = [{ thicknessCm: 20, curve, ksCmPerS }]
  return [
    {
      name: '1 000 blends of four materials with container capacity',
      unit: 'ms',
      goal: { below: 1000 },
      value: bestMs(3, () => {
        for (let i = 0; i < 1000; i++) {
          const { curve: blended } = blendMedia({
            components: TIRED.map(({ material: one, parts }) => ({
              material: one,
              parts: parts + (i % 17),
            })),
          })
          containerCapacity({ curve: blended, shape: POT, fillHeightCm: 20 })
        }
      }),
    },
    {
      name: '24 h of drainage from saturation, 20 cm pot, 100 cells',
      unit: 'ms',
      goal: { below: 60 },
      value: bestMs(7, () => {
        simulateDrainage({
          shape: POT,
          layers,
          headspaceCm: 2.5,
          pours: [],
          initial: { kind: 'suction', cm: 0 },
          endS: 86_400,
        })
      }),
    },
    {
      name: 'a 15 min drain test',
      unit: 'ms',
      goal: { below: 40 },
      value: bestMs(7, () => {
        simulateDrainage({
          shape: POT,
          layers,
          headspaceCm: 2.5,
          pours: [{ atS: 0, millilitres: 1000, durationS: 20 }],
          initial: { kind: 'drained' },
          endS: 900,
        })
      }),
    },
    {
      name: 'a layered fill at rest',
      unit: 'ms',
      goal: { below: 2 },
      value: bestMs(20, () => {
        layeredCapacity({ shape: POT, layers })
      }),
    },
    {
      name: 'nitrogen budget over 30 weeks',
      unit: 'ms',
      goal: { below: 5 },
      value: bestMs(20, () => {
        nitrogenBudget({ components: TIRED, crop: crop('chard'), weeks: 30 })
      }),
    },
    {
      name: 'a whole recipe from a store of all shipped materials',
      unit: 'ms',
      goal: { below: 500 },
      value: bestMs(3, recipe),
    },
  ]
}

function recipe(): void {
  solveRecipe({
    lot: { id: '1', components: TIRED, litres: 27, triage: null },
    litresWanted: 37,
    container: { shape: POT, fillHeightCm: 20 },
    crop: crop('strawberry'),
    school: { compostShare: 0.3, feed: 'organic' },
    stock: {
      materials: shippedMaterials.map((one) => ({ material: one, litres: 40, pricePerLitre: 0.3 })),
      amendments: ['feather-meal', 'sulfur', 'calcitic-lime'].map((id) => ({
        amendment: amendment(id),
        grams: 1000,
        pricePerKg: 5,
      })),
    },
  })
}
