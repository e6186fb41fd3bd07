import {
  ageMedia,
  blendMedia,
  calibrateFromDrainTest,
  calibrateFromPorosity,
  containerCapacity,
  simulateDrainage,
  waterContent,
} from '../../../src/core/media'
import { dryDown, referenceEvapotranspiration } from '../../../src/core/season'
import type { ChartSpec, Point } from '../../../src/ui/chart/chartSpec'
import { material } from '../../../testing/tables'

const COLUMN = { kind: 'round', topDiameterCm: 14, baseDiameterCm: 14, heightCm: 16 } as const
const POT = { kind: 'round', topDiameterCm: 24, baseDiameterCm: 18, heightCm: 22.5 } as const
const FINES = material('humified-fines')
const MIX = [
  { material: material('garden-compost'), parts: 30 },
  { material: material('bark-fine'), parts: 50 },
  { material: material('coir-pith'), parts: 20 },
]
const per100 = (share: number): number => Math.round(share * 1000) / 10

export function drainTest(): ChartSpec {
  const prior = material('all-purpose-mix')
  const pour = { atS: 0, millilitres: 700, durationS: 20 }
  const column = { fillHeightCm: 13, headspaceCm: 3, initial: { kind: 'drained' } as const }
  // Readings of a test on a mix that has filled with fines.
  const read = { firstDripS: 55, timeToMl: [[150, 120] as const], endDrainedMl: 520 }
  const found = calibrateFromDrainTest({
    prior,
    column: { shape: COLUMN, ...column },
    pour,
    endS: 900,
    ...read,
  })
  const run = (of: Pick<typeof found, 'curve' | 'ksCmPerS'>): Point[] => {
    const { timeToMl, drainedMl } = simulateDrainage({
      shape: COLUMN,
      layers: [{ thicknessCm: 13, curve: of.curve, ksCmPerS: of.ksCmPerS }],
      headspaceCm: 3,
      pours: [pour],
      initial: column.initial,
      endS: 900,
    })
    const volumes = [1, ...Array.from({ length: 50 }, (_, i) => (i + 1) * 14)]
    const points = volumes.flatMap((ml): Point[] => {
      const s = timeToMl(ml)
      return s === null ? [] : [[Math.round(s), ml]]
    })
    return [...points, [900, Math.round(drainedMl)]]
  }
  return {
    title: 'What a drain test teaches',
    says: `Water came later and less of it than the composition let expect. The fit makes the mix conduct ${(found.ksCmPerS / prior.ksCmPerS).toFixed(1)} times what was expected, with alpha ${(found.alpha / prior.curve.alpha).toFixed(2)} times.`,
    x: { name: 'Time', unit: 's', min: 0, max: 900 },
    y: { name: 'Run out', unit: 'mL', min: 0 },
    series: [
      { kind: 'line', name: 'expected', tone: 'quiet', points: run(prior), dashed: true },
      { kind: 'line', name: 'fitted', tone: 'water', points: run(found) },
      {
        kind: 'dots',
        name: 'read',
        tone: 'ink',
        points: [
          [read.firstDripS, 1],
          ...read.timeToMl.map(([ml, s]): Point => [s, ml]),
          [900, read.endDrainedMl],
        ],
      },
    ],
  }
}

export function porosityTest(): ChartSpec {
  const prior = material('all-purpose-mix').curve
  const fitted = calibrateFromPorosity({
    prior,
    columnShape: COLUMN,
    fillHeightCm: 13,
    totalPorosity: 0.83,
    waterFraction: 0.72,
  })
  const curve = fitted.feasible ? fitted.curve : prior
  const at = [1, 1.5, 2, 3, 5, 7, 10, 15, 20, 30, 50, 70, 100]
  const line = (of: typeof prior) => at.map((cm): Point => [cm, per100(waterContent(of, cm))])
  return {
    title: 'What a porosity test teaches',
    says: 'The measured pores set where the curve begins, the measured water how fast it falls; its shape is kept.',
    x: { name: 'Suction', unit: 'cm of water', log: true },
    y: { name: 'Water', unit: '% of the volume', min: 0 },
    series: [
      { kind: 'line', name: 'expected', tone: 'quiet', points: line(prior), dashed: true },
      { kind: 'line', name: 'bent to the test', tone: 'water', points: line(curve) },
    ],
  }
}

export function ageing(): ChartSpec {
  const months = Array.from({ length: 13 }, (_, i) => i * 4)
  const at = (count: number) =>
    count === 0
      ? { curve: blendMedia({ components: MIX }).curve, volumeRatio: 1 }
      : ageMedia({ components: MIX, months: count, meanTempC: 18, humifiedFines: FINES })
  return {
    title: 'A mix of bark, compost and coir over four years at 18 °C',
    says: 'It sinks and its air goes; both are what a turnover has to put back.',
    x: { name: 'Time', unit: 'months', min: 0 },
    y: { name: 'Share', unit: '%', min: 0, max: 100 },
    series: [
      {
        kind: 'line',
        name: 'volume left',
        tone: 'loam',
        points: months.map((count): Point => [count, per100(at(count).volumeRatio)]),
      },
      {
        kind: 'line',
        name: 'air in a 20 cm pot',
        tone: 'ok',
        points: months.map(
          (count): Point => [
            count,
            per100(
              containerCapacity({ curve: at(count).curve, shape: POT, fillHeightCm: 20 })
                .airFraction,
            ),
          ],
        ),
      },
    ],
  }
}

export function evapotranspiration(): ChartSpec {
  const days = Array.from({ length: 25 }, (_, i) => 1 + i * 15)
  // A made-up mild coast: warmest at the end of July.
  const meanC = (day: number) => 10.5 - 5.5 * Math.cos(((day - 25) / 365) * 2 * Math.PI)
  const weather = (day: number) => ({
    latitudeDeg: 50.4,
    dayOfYear: day,
    tMinC: meanC(day) - 4,
    tMaxC: meanC(day) + 4,
  })
  const { curve, bulkDensity } = material('all-purpose-mix')
  return {
    title: 'What the air takes, and how long a 20 cm pot lasts',
    says: 'At 50° north a pot in full leaf that lasts many days in spring wants water every few in July.',
    x: { name: 'Day of the year', unit: '', min: 1, max: 365 },
    y: { name: 'Millimetres a day; days', unit: '', min: 0, max: 16 },
    series: [
      {
        kind: 'line',
        name: 'evapotranspiration',
        tone: 'act',
        points: days.map(
          (day): Point => [day, Math.round(referenceEvapotranspiration(weather(day)) * 100) / 100],
        ),
        nameAt: 'peak',
      },
      {
        kind: 'line',
        name: 'days it lasts',
        tone: 'water',
        points: days.flatMap((day): Point[] => {
          const { days: lasts } = dryDown({
            ...weather(day),
            curve,
            bulkDensity,
            shape: POT,
            fillHeightCm: 20,
            kc: 1,
            canopyCm2: 900,
          })
          // In winter it lasts for weeks, which would flatten all that matters.
          return lasts === null || lasts > 16 ? [] : [[day, Math.round(lasts * 10) / 10]]
        }),
      },
    ],
  }
}
