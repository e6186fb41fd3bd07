import { DomainError } from '../errors'
import { requireNumber } from '../validate'

/** How moist the mix was before the test, where it was not weighed. */
export type StartMoisture = 'air-dry' | 'moist' | 'wet'

export interface PorosityObservation {
  /** Of the mix in the plugged container, mL. */
  readonly volumeMl: number
  /** Water added from below until it stood level with the surface, mL. */
  readonly addedMl: number
  /** Water that ran out in the hour after the holes were opened, mL. */
  readonly drainedMl: number
  readonly startMoisture: StartMoisture
  /** Of the mix before wetting, without its container, g; null where it was not weighed. */
  readonly startMassG: number | null
  /** The same mix dried in an oven, g; null where it was not dried. */
  readonly dryMassG: number | null
}

export interface PorosityReadings {
  /** All pores, air after draining and water after draining, shares of the volume. */
  readonly totalPorosity: number
  readonly airFraction: number
  readonly waterFraction: number
  /** Water in the mix before the test, a share of the volume: weighed, or supposed from how moist it was. */
  readonly startWaterFraction: number
  readonly startWaterWeighed: boolean
  /** Oven-dry, kg/L; null without weights. */
  readonly bulkDensity: number | null
  /** Drained, kg/L; null without weights. */
  readonly drainedKgPerL: number | null
}

/**
 * Water in a mix by its feel, share of the volume: dry to the touch, moist as it comes from a bag, wet enough to drip
 * when squeezed. Our own figures, good to about 5 points; weighing replaces them.
 */
export const SUPPOSED_WATER: Readonly<Record<StartMoisture, number>> = {
  'air-dry': 0.05,
  moist: 0.2,
  wet: 0.4,
}

/** Pores cannot be more than all of a light fibre mix leaves, nor less than packed sand has. */
const POROSITY_RANGE = { min: 0.25, max: 0.985 } as const

/**
 * Pores, air and water of a mix in its column: what fills it, and what runs out again (porometer method, Fonteno 1996).
 * Weights, where given, replace the guess at the water it held before.
 * @throws DomainError `bad-argument` for impossible volumes or masses; the details name the field
 */
export function porosityReadings({
  volumeMl,
  addedMl,
  drainedMl,
  startMoisture,
  startMassG,
  dryMassG,
}: PorosityObservation): PorosityReadings {
  requireNumber('The volume of the mix in mL', volumeMl, { min: 100, max: 200_000 })
  requireNumber('The water added in mL', addedMl, { above: 0 })
  requireNumber('The water run out in mL', drainedMl, { min: 0 })
  const dry = dryMassOf(startMassG, dryMassG)
  const startWaterMl =
    dry === null || startMassG === null
      ? SUPPOSED_WATER[startMoisture] * volumeMl
      : startMassG - dry
  const pores = (addedMl + startWaterMl) / volumeMl
  if (drainedMl > addedMl + startWaterMl) {
    refuse('drainedMl', 'More water ran out than was in the mix: one of the volumes is wrong.')
  }
  if (pores > POROSITY_RANGE.max) {
    refuse(
      'addedMl',
      `${percent(pores)} of the volume would be pores: more water than such a volume takes. Look at the volume of the mix again.`,
    )
  }
  if (pores < POROSITY_RANGE.min) {
    refuse(
      'addedMl',
      `Only ${percent(pores)} of the volume would be pores: it was not wet through yet. Wet it slowly, from below.`,
    )
  }
  const airFraction = drainedMl / volumeMl
  const waterFraction = pores - airFraction
  return {
    totalPorosity: pores,
    airFraction,
    waterFraction,
    startWaterFraction: startWaterMl / volumeMl,
    startWaterWeighed: dry !== null && startMassG !== null,
    bulkDensity: dry === null ? null : dry / volumeMl,
    drainedKgPerL: dry === null ? null : dry / volumeMl + waterFraction,
  }
}

function dryMassOf(startMassG: number | null, dryMassG: number | null): number | null {
  if (startMassG !== null) requireNumber('The weight before wetting in g', startMassG, { above: 0 })
  if (dryMassG === null) return null
  requireNumber('The dry weight in g', dryMassG, { above: 0 })
  if (startMassG !== null && dryMassG > startMassG) {
    refuse('dryMassG', 'It cannot weigh more dry than it did before.')
  }
  return dryMassG
}

function refuse(field: string, sentence: string): never {
  throw new DomainError('bad-argument', sentence, { field })
}

function percent(share: number): string {
  return `${Math.round(100 * share)} %`
}
