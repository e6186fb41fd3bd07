import { type ContainerShape, containerVolume } from '../../containers'
import type { RungId } from '../ladder'
import type { FeedSchool } from './recipeTypes'
import type { Schools } from './schools'

export type RootMass = 'fine' | 'dense' | 'bound' | 'woody'
export type WorkVariant = 'tipped' | 'in-place' | 'potted-on' | 'around' | 'unused-bag'

/** What was found in a tired lot and what it is wanted for. */
export interface Intake {
  /** How far the surface has sunk below its fill height, cm; null for a lot in a store bin. */
  readonly levelDropCm: number | null
  readonly litresNow: number
  readonly rootMass: RootMass
  /** By its roots and by what this garden takes out; by its roots alone in orders of before. */
  readonly cleaningLossShare?: number
  readonly runsDownSide: boolean
  readonly cropId: string
  readonly containerIds: readonly number[]
  readonly litresWanted: number
  readonly compostShare: number
  readonly feed: FeedSchool
  /** Days between waterings in high summer, where it was told. */
  readonly everyDays?: number | null
  /** Which of the five ways is gone; all that a recipe does where nothing is said. */
  readonly way?: RungId
  /** Forked over and topped up where it stands, wherever that can be done; tipped out where nothing is said. */
  readonly place?: Schools['place']
}

/**
 * Share of a lot that is lost with what does not crumble: roots, lumps, clinging mix.
 * Our own estimates from the root mass; weighing what was taken out replaces them.
 */
export const CLEANING_LOSS: Readonly<Record<RootMass, number>> = {
  fine: 0.05,
  dense: 0.1,
  bound: 0.2,
  woody: 0.25,
}

/**
 * Litres that stand in a container whose surface has sunk by so many cm.
 * @example litresAtLevel({ kind: 'round', topDiameterCm: 20, baseDiameterCm: 15, heightCm: 20 }, 2.5, 3) // 3.23
 */
export function litresAtLevel(
  shape: ContainerShape,
  headspaceCm: number,
  levelDropCm: number,
): number {
  const fillHeightCm = shape.heightCm - headspaceCm - levelDropCm
  return fillHeightCm <= 0 ? 0 : containerVolume({ shape, fillHeightCm })
}
