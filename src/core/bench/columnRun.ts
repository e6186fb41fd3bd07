import { type ContainerShape, heightForVolume } from '../containers'
import {
  calibrateFromDrainTest,
  type DrainCalibration,
  REST_AFTER_WATERING_S,
  type RetentionCurve,
  simulateDrainage,
} from '../media'
import { requireNumber } from '../validate'
import type { DrainObservation } from './drainReadings'

/** As the test asks for it: watered well, then ten minutes to drain. */
const TEST_START = { kind: 'watered', restS: REST_AFTER_WATERING_S } as const

/** A column of a test kit with a measured amount of mix in it. */
export interface Column {
  readonly shape: ContainerShape
  readonly mixLitres: number
}

export interface Hydraulics {
  readonly curve: RetentionCurve
  readonly ksCmPerS: number
}

/** What a curve and conductivity let expect of a drain test. */
export interface ExpectedDrain {
  readonly firstDripS: number | null
  readonly markS: number | null
  readonly drainedMl: number
}

/** Water poured onto a drained column, and until when it is watched. */
export interface ColumnPour {
  readonly pouredMl: number
  readonly pourS: number
  readonly markMl: number
  readonly endS: number
}

/**
 * How a drain test would go by what is known of a mix.
 * @throws DomainError where the mix does not fit the column, or the simulation does not converge
 */
export function expectedDrain(
  { curve, ksCmPerS }: Hydraulics,
  column: Column,
  { pouredMl, pourS, markMl, endS }: ColumnPour,
): ExpectedDrain {
  const { shape, fillHeightCm, headspaceCm } = filled(column)
  const run = simulateDrainage({
    shape,
    layers: [{ thicknessCm: fillHeightCm, curve, ksCmPerS }],
    headspaceCm,
    pours: [{ atS: 0, millilitres: pouredMl, durationS: pourS }],
    initial: TEST_START,
    endS,
  })
  return {
    firstDripS: run.firstDripS,
    markS: run.timeToMl(markMl),
    drainedMl: run.drainedMl,
  }
}

/**
 * Curve and conductivity of a sample from how water ran through its column; see calibrateFromDrainTest.
 * @throws DomainError for a test that tells too little
 */
export function learnFromDrain(
  prior: Hydraulics,
  column: Column,
  { pourS }: Pick<ColumnPour, 'pourS'>,
  { pouredMl, firstDripS, markMl, markS, endS, drainedMl }: DrainObservation,
): DrainCalibration {
  return calibrateFromDrainTest({
    prior,
    column: { ...filled(column), initial: TEST_START },
    pour: { atS: 0, millilitres: pouredMl, durationS: pourS },
    endS,
    firstDripS,
    timeToMl: markS === null ? [] : [[markMl, markS]],
    endDrainedMl: drainedMl,
  })
}

/** Where the surface of the mix stands in its column. @throws DomainError where it does not fit */
export function filled({ shape, mixLitres }: Column): {
  shape: ContainerShape
  fillHeightCm: number
  headspaceCm: number
} {
  requireNumber('The mix in the column in litres', mixLitres, { above: 0 })
  const fillHeightCm = heightForVolume({ shape, litres: mixLitres })
  return { shape, fillHeightCm, headspaceCm: Math.max(0, shape.heightCm - fillHeightCm) }
}
