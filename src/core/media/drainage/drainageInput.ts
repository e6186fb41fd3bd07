import type { ContainerShape } from '../../containers'
import { DomainError } from '../../errors'
import { requireNumber, requireObject, requireOneOf } from '../../validate'
import { type MediaLayer, requireLayers } from '../layeredCapacity'

/** Water poured onto the surface. */
export interface Pour {
  readonly atS: number
  readonly millilitres: number
  readonly durationS: number
}

export type InitialState =
  /** The same suction everywhere. */
  | { readonly kind: 'suction'; readonly cm: number }
  /** As it stands after draining. */
  | { readonly kind: 'drained' }
  /** Watered through before, and drained for so long since: as a grower's pot stands when it is watered again. */
  | { readonly kind: 'watered'; readonly restS: number }
  /** The same water content everywhere, m³ m⁻³. */
  | { readonly kind: 'moisture'; readonly fraction: number }

export interface DrainageInput {
  readonly shape: ContainerShape
  /** From the base up. */
  readonly layers: readonly MediaLayer[]
  readonly headspaceCm: number
  readonly pours: readonly Pour[]
  readonly initial: InitialState
  readonly endS: number
  readonly holeAreaCm2?: number
  readonly profileTimesS?: readonly number[]
  /** Height of an inert filler below the media. */
  readonly baseOffsetCm?: number
  /** Head of standing water at the base of the media. */
  readonly waterTableCm?: number
  /** Told now and then how much of the time has been worked out, 0 to 1. */
  readonly onProgress?: (share: number) => void
  /** For checking that an answer has converged: 2 halves the cells. */
  readonly fineness?: number
  /** For the same: 0.5 halves the error allowed in a step. */
  readonly tolerance?: number
}

const STATES = ['suction', 'drained', 'watered', 'moisture'] as const

/** @throws DomainError where a simulation cannot be what was asked for */
export function requireDrainage(input: DrainageInput): void {
  const { shape, layers, headspaceCm, pours, initial, endS, baseOffsetCm = 0 } = input
  requireLayers(shape, layers, baseOffsetCm)
  requireNumber('The headspace in cm', headspaceCm, { min: 0 })
  requireNumber('The end in s', endS, { above: 0, max: 60 * 86_400 })
  if (!Array.isArray(pours)) {
    throw new DomainError('bad-argument', 'The pours are missing.', { field: 'pours' })
  }
  for (const { atS, millilitres, durationS } of pours as typeof input.pours) {
    requireNumber('The time of a pour in s', atS, { min: 0 })
    requireNumber('The water poured in mL', millilitres, { min: 0 })
    requireNumber('How long a pour takes in s', durationS, { above: 0 })
    if (atS + durationS > endS) {
      throw new DomainError('out-of-range', 'A pour must be over before the end.', {
        field: 'pours',
      })
    }
  }
  requireObject('The state at the start', initial)
  requireOneOf('The state at the start', initial.kind, STATES)
  if (initial.kind === 'suction') requireNumber('The suction at the start', initial.cm, { min: 0 })
  if (initial.kind === 'watered') {
    requireNumber('The rest after watering in s', initial.restS, { above: 0, max: 60 * 86_400 })
  }
  if (initial.kind === 'moisture') {
    requireNumber('The water content at the start', initial.fraction, { above: 0, max: 1 })
  }
  if (input.holeAreaCm2 !== undefined) {
    requireNumber('The area of the holes in cm²', input.holeAreaCm2, { above: 0 })
  }
  if (input.waterTableCm !== undefined) {
    requireNumber('The standing water in cm', input.waterTableCm, { min: 0 })
  }
}
