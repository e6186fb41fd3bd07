import type { Component } from '../../media'
import { ageMedia, type Material } from '../../media'
import type { PotLook } from '../found'
import type { RootMass } from './intake'

/** What is known or was told of how long a mix has served. */
export interface ServedSigns {
  /** Seasons, as told; null where nobody said. */
  readonly years: number | null
  /** Seasons that something grew in it. */
  readonly seasons: number
  readonly roots: RootMass | null
  readonly life: PotLook['life']
  /** How far its surface has sunk, as a share of the fill; null where nobody looked. */
  readonly sunkShare: number | null
}

/** Seasons that such roots take at least; our own estimates. */
const SEASONS_BY_ROOTS: Readonly<Record<RootMass, number>> = {
  fine: 0,
  dense: 1,
  bound: 2,
  woody: 3,
}
/** Worms and woodlice move in by themselves. */
const SEASONS_BY_LIFE = 1
/** The first watering sinks it already. */
const SINKS_BY_WATER = 0.1
const MOST_BY_SINKING = 4
const MONTHS_A_YEAR = 12
const HALVINGS = 20

/**
 * Seasons a mix has served: as told, else the most that its seasons, its roots, its life and its sunken surface say. An
 * estimate until it is tested.
 * @param mix as it was filled, and how warm its years are: how long a sunken surface takes is worked out from them
 */
export function seasonsServed(
  { years, seasons, roots, life, sunkShare }: ServedSigns,
  mix: {
    readonly components: readonly Component[]
    readonly yearMeanTempC: number
    readonly humifiedFines: Material
  } | null,
): number {
  if (years !== null) return Math.max(years, 0)
  return Math.max(
    seasons,
    roots ? SEASONS_BY_ROOTS[roots] : 0,
    life === 'much' ? SEASONS_BY_LIFE : 0,
    mix && sunkShare !== null ? yearsToSink(sunkShare - SINKS_BY_WATER, mix) : 0,
  )
}

/** Years of rot that take so much of a mix's volume, four at most. */
function yearsToSink(
  share: number,
  {
    components,
    yearMeanTempC: meanTempC,
    humifiedFines,
  }: { components: readonly Component[]; yearMeanTempC: number; humifiedFines: Material },
): number {
  if (!(share > 0) || components.length === 0) return 0
  const leftAfter = (years: number) =>
    ageMedia({ components, months: years * MONTHS_A_YEAR, meanTempC, humifiedFines }).volumeRatio
  let [low, high] = [0, MOST_BY_SINKING]
  if (leftAfter(high) > 1 - share) return high
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (leftAfter(middle) > 1 - share) low = middle
    else high = middle
  }
  return high
}

/** mg N of starter charge and the salts it reads as: 0.6 g of a soluble feed of 20 % N give 120 mg/L. */
const EC_PER_STARTER_MG = 0.0024
/** Some salts are always there. */
const LEAST_EC = 0.1

/** Salts of a bagged mix once its starter charge is used up and washed out, 1:2 extract, dS/m. */
export function ecWithoutStarter({
  ec1to2,
  starterNMgPerL,
}: Pick<Material, 'ec1to2' | 'starterNMgPerL'>): number {
  const spent = EC_PER_STARTER_MG * (starterNMgPerL ?? 0)
  return spent > 0 ? Math.max(Math.min(LEAST_EC, ec1to2), ec1to2 - spent) : ec1to2
}
