import { fitSpeed } from '../src/core/bench'
import { nitrogenBudget } from '../src/core/chemistry'
import { containerVolume } from '../src/core/containers'
import {
  blendMedia,
  type Component,
  calibrateFromDrainTest,
  containerCapacity,
  type DrainTest,
  layeredCapacity,
  type MediaLayer,
  simulateDrainage,
  triangleField,
} from '../src/core/media'
import { mixWithRange, smallestChange } from '../src/core/mixes'
import { mediaRange } from '../src/core/ranges'
import { MIX_SETTING, POT } from '../testing/samples'
import { crop, material, shippedMaterials } from '../testing/tables'
import { bestMs, type Figure } from './measure'
import { recipes } from './recipes'
import { trials } from './trials'

const mix = (parts: Record<string, number>): Component[] =>
  Object.entries(parts).map(([id, amount]) => ({ material: material(id), parts: amount }))
const FOUR_PARTS = mix({
  'all-purpose-mix': 4,
  'garden-compost': 2,
  'perlite-coarse': 2,
  'bark-fine': 2,
})
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
          ...DAY,
          layers,
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
      name: 'cell-steps of a day of drainage, in a second',
      unit: '1/s',
      value: cellStepsPerSecond(layers),
    },
    ...[
      ['peat', 'peat-medium', 2, 0.7],
      ['husk chips, far from the prior', 'coir-chips', 0.3, 2],
    ].map(([name, id, ksTimes, alphaTimes]): Figure => {
      const drainTest = drainTestOf(id as string, ksTimes as number, alphaTimes as number)
      return {
        name: `a mix learnt from its drain test: ${name}`,
        unit: 'ms',
        goal: { below: 2000 },
        value: bestMs(2, () => calibrateFromDrainTest(drainTest)),
      }
    }),
    {
      name: 'the speed of a mix with measured pores, from its drain test',
      unit: 'ms',
      goal: { below: 1000 },
      value: bestMs(2, () => {
        const { column, pour, prior, endS, firstDripS, timeToMl, endDrainedMl } = drainTestOf(
          'peat-medium',
          2,
          1,
        )
        const [markMl, markS] = timeToMl[0] ?? [150, null]
        fitSpeed(
          prior,
          {
            shape: column.shape,
            mixLitres: containerVolume({ shape: column.shape, fillHeightCm: column.fillHeightCm }),
          },
          { pourS: pour.durationS },
          {
            pouredMl: pour.millilitres,
            firstDripS,
            markMl,
            markS,
            stoppedS: null,
            endS,
            drainedMl: endDrainedMl,
          },
        )
      }),
    },
    {
      name: 'a mix in its place: every number of the designer',
      unit: 'ms',
      goal: { below: 50 },
      value: bestMs(10, () => {
        mixWithRange(MIX_IN_PLACE)
      }),
    },
    {
      name: 'the smallest change of all materials',
      unit: 'ms',
      goal: { below: 500 },
      value: bestMs(3, () => {
        smallestChange({
          components: TIRED,
          candidates: shippedMaterials,
          valueFor: (components) =>
            containerCapacity({
              curve: blendMedia({ components }).curve,
              shape: POT,
              fillHeightCm: 20,
            }).airFraction,
          low: 0.18,
          high: 0.3,
        })
      }),
    },
    {
      name: 'a triangle of 153 mixes',
      unit: 'ms',
      goal: { below: 300 },
      value: bestMs(3, () => {
        triangleField({
          corners: ['peat-medium', 'garden-compost', 'perlite-coarse'].map(material),
          container: { shape: POT, fillHeightCm: 20 },
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
      name: 'how sure a four-part mix is: 400 draws',
      unit: 'ms',
      goal: { below: 60 },
      value: bestMs(5, () => {
        mediaRange({ components: FOUR_PARTS, container: { shape: POT, fillHeightCm: 17.5 } })
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
    ...recipes(TIRED),
    ...trials(),
  ]
}

const MIX_IN_PLACE = {
  components: TIRED,
  ...MIX_SETTING,
}

const DAY = {
  shape: POT,
  headspaceCm: 2.5,
  pours: [],
  initial: { kind: 'suction', cm: 0 },
  endS: 86_400,
} as const

function cellStepsPerSecond(layers: readonly MediaLayer[]): number {
  let cellSteps = 0
  const ms = bestMs(7, () => {
    const { steps, profiles } = simulateDrainage({ ...DAY, layers, profileTimesS: [86_400] })
    cellSteps = steps * (profiles[0]?.z.length ?? 0)
  })
  return (1000 * cellSteps) / ms
}

/** A test in the usual column, read without error from a mix that is not what its composition says. */
function drainTestOf(id: string, ksTimes: number, alphaTimes: number): DrainTest {
  const { curve, ksCmPerS } = material(id)
  const column = {
    shape: { kind: 'round', topDiameterCm: 14, baseDiameterCm: 14, heightCm: 16 },
    fillHeightCm: 13,
    headspaceCm: 3,
    initial: { kind: 'drained' },
  } as const
  const pour = { atS: 0, millilitres: 700, durationS: 20 }
  const { shape, fillHeightCm, ...rest } = column
  const run = simulateDrainage({
    ...rest,
    shape,
    layers: [
      {
        thicknessCm: fillHeightCm,
        curve: { ...curve, alpha: curve.alpha * alphaTimes },
        ksCmPerS: ksCmPerS * ksTimes,
      },
    ],
    pours: [pour],
    endS: 900,
  })
  const to150S = run.timeToMl(150)
  return {
    prior: { curve, ksCmPerS },
    column,
    pour,
    endS: 900,
    firstDripS: run.firstDripS,
    timeToMl: to150S === null ? [] : [[150, to150S]],
    endDrainedMl: run.drainedMl,
  }
}
