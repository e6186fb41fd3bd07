import type { Observation, TestKind } from '../../core/bench'

/** A test of the made-up garden, as it was observed. */
export interface DemoTest {
  readonly lot: string
  readonly kind: TestKind
  readonly innings: number
  /** Days before today; a season ends about three weeks ago, those before it a year earlier each. */
  readonly daysAgo: number
  /** Pen by its place in the list. */
  readonly pen?: number
  readonly judge?: string
  /** null while it is still on the go. */
  readonly observation: Observation | null
  /** Another run of the test before it in the list. */
  readonly repeats?: boolean
}

/** One pen that can be trusted, one whose last calibration is long ago. */
export const PENS = [
  {
    name: 'Bench pen',
    calibrations: [
      { daysAgo: 5, tempC: 19, millivolts: [171, 1] },
      { daysAgo: 33, tempC: 21, millivolts: [169, 2] },
      ...[42 + 365, 38 + 2 * 365, 33 + 3 * 365].map((daysAgo) => ({
        daysAgo,
        tempC: 18,
        millivolts: [170, 1],
      })),
    ],
  },
  {
    name: 'Old pen in the shed',
    calibrations: [{ daysAgo: 47, tempC: 16, millivolts: [131, -9] }],
  },
] as const

const YEAR = 365
const porosity = (drainedMl: number, addedMl = 700): Observation => ({
  kind: 'porosity',
  volumeMl: 1000,
  addedMl,
  drainedMl,
  startMoisture: 'air-dry',
  startMassG: null,
  dryMassG: null,
})
const meter = (ph: number, ecDsPerM: number, tempC = 18): Observation => ({
  kind: 'phEc',
  penId: null,
  method: '1:2',
  ph,
  ecDsPerM,
  tempC,
  compensated: false,
  waterEcDsPerM: 0.1,
})
const drain = (
  firstDripS: number,
  markS: number,
  stoppedS: number,
  drainedMl: number,
  stoodOnTop = false,
): Observation => ({
  kind: 'drain',
  pouredMl: 700,
  drainedMl,
  stoodOnTop,
  firstDripS,
  markS,
  stoppedS,
})

/** Oldest first. */
export const BENCH: readonly DemoTest[] = [
  // The camellia's mix closes over its innings.
  {
    lot: 'Camellia tub',
    kind: 'porosity',
    innings: 1,
    daysAgo: 30 + 3 * YEAR,
    observation: porosity(262, 735),
  },
  {
    lot: 'Camellia tub',
    kind: 'phEc',
    innings: 1,
    daysAgo: 30 + 3 * YEAR,
    pen: 0,
    observation: meter(5.1, 0.5),
  },
  {
    lot: 'Camellia tub',
    kind: 'porosity',
    innings: 2,
    daysAgo: 34 + 2 * YEAR,
    observation: porosity(225, 728),
  },
  {
    lot: 'Camellia tub',
    kind: 'phEc',
    innings: 2,
    daysAgo: 34 + 2 * YEAR,
    pen: 0,
    observation: meter(5.6, 0.6),
  },
  {
    lot: 'Camellia tub',
    kind: 'phEc',
    innings: 3,
    daysAgo: 40 + YEAR,
    pen: 0,
    observation: meter(6.0, 0.7),
  },
  {
    lot: 'Camellia tub',
    kind: 'porosity',
    innings: 4,
    daysAgo: 16,
    judge: 'M.',
    observation: porosity(112, 722),
  },
  {
    lot: 'Camellia tub',
    kind: 'porosity',
    innings: 4,
    daysAgo: 16,
    judge: 'M.',
    repeats: true,
    observation: porosity(120, 724),
  },
  // The bean sacks pass water as they should, and less of it each innings.
  {
    lot: 'Bean sacks, south wall',
    kind: 'porosity',
    innings: 1,
    daysAgo: 40 + YEAR,
    observation: porosity(150, 760),
  },
  {
    lot: 'Bean sacks, south wall',
    kind: 'squeeze',
    innings: 2,
    daysAgo: 15,
    observation: { kind: 'squeeze', ball: 'crumbles', drops: 'none' },
  },
  {
    lot: 'Bean sacks, south wall',
    kind: 'look',
    innings: 2,
    daysAgo: 15,
    observation: { kind: 'look', smell: 'earthy', sights: ['worms'] },
  },
  // The grow bags' tests disagree with what they should be made of.
  {
    lot: 'Grow bags on the crane deck',
    kind: 'porosity',
    innings: 1,
    daysAgo: 14,
    observation: porosity(64, 752),
  },
  {
    lot: 'Grow bags on the crane deck',
    kind: 'drain',
    innings: 1,
    daysAgo: 13,
    judge: 'R.',
    observation: drain(21, 205, 900, 655, true),
  },
  {
    lot: 'Grow bags on the crane deck',
    kind: 'drain',
    innings: 1,
    daysAgo: 13,
    judge: 'R.',
    repeats: true,
    observation: drain(23, 221, 900, 643, true),
  },
  {
    lot: 'Grow bags on the crane deck',
    kind: 'wetting',
    innings: 1,
    daysAgo: 13,
    observation: { kind: 'wetting', dropsS: [4, 9, 14, 15, 38], runsDownSide: false, gapMm: 1 },
  },
  // A pH by a pen nobody calibrated.
  {
    lot: 'Window box, north landing',
    kind: 'phEc',
    innings: 2,
    daysAgo: 6,
    pen: 1,
    observation: meter(7.1, 1.1, 14),
  },
  {
    lot: 'Long trough by the door',
    kind: 'sieve',
    innings: 3,
    daysAgo: 12,
    observation: { kind: 'sieve', litresIn: 10, litresOut: 8.8, woodyLitres: 0.3 },
  },
  { lot: 'Camellia tub', kind: 'jar', innings: 4, daysAgo: 9, observation: null },
]
