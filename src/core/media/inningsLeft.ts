import type { ContainerShape } from '../containers'
import { DomainError } from '../errors'
import { requireNumber, requireObject } from '../validate'
import { ageMedia } from './ageMedia'
import { blendMedia } from './blendMedia'
import { containerCapacity } from './containerCapacity'
import { joinParts } from './joinParts'
import type { Component, Material, Share } from './material'

/** What a mix can still do in a container, with nothing added between seasons and with what is planned. */
export interface InningsLeft {
  /** Further seasons that end with enough air when nothing is done. */
  readonly without: number
  /** The same with each season's reconditioning; null where none is planned. */
  readonly withReconditioning: number | null
  /** Air in the container now, then after each season, as shares of the volume; up to the first that is too low. */
  readonly airWithout: readonly number[]
  readonly airWith: readonly number[] | null
  /** Counting stops at so many seasons: the number may be larger. */
  readonly most: number
}

/** Farther ahead a forecast by rates of decay says nothing: what is left then is told as "4 or more". */
const MOST_SEASONS = 4
const MONTHS_PER_SEASON = 7

/**
 * How many more seasons a mix serves before its air in a container falls below what the crop needs at least, always
 * filled to the same height: rotting makes fines and lets the rest sink together (see ageMedia). Reconditioning, where
 * planned, takes place before each season.
 * @param components the mix as it is now
 * @param container what it stands in
 * @param cropAirMin least air at container capacity, share of the volume, 0 to 1
 * @param seasonMeanTempC mean temperature of the mix over a season, −10 to 45 °C
 * @param reconditioning materials that go in before each season as shares of all parts; old media make up the rest
 * @throws DomainError for impossible parts, seasons or shares (`out-of-range`: shares of 1 or more leave no old media)
 */
export function inningsLeft({
  components,
  container,
  cropAirMin,
  monthsPerSeason = MONTHS_PER_SEASON,
  seasonMeanTempC,
  humifiedFines,
  reconditioning,
}: {
  components: readonly Component[]
  container: { readonly shape: ContainerShape; readonly fillHeightCm?: number }
  cropAirMin: number
  monthsPerSeason?: number
  seasonMeanTempC: number
  humifiedFines: Material
  reconditioning?: readonly Share[]
}): InningsLeft {
  requireObject('The container', container)
  requireNumber('The least air of the crop', cropAirMin, { min: 0, max: 1 })
  requireNumber('The months of a season', monthsPerSeason, { above: 0, max: 24 })
  requireShares(reconditioning)
  const { shape } = container
  const fillHeightCm = container.fillHeightCm ?? shape.heightCm
  const airOf = (mix: readonly Component[]) =>
    containerCapacity({ curve: blendMedia({ components: mix }).curve, shape, fillHeightCm })
      .airFraction
  const airOverSeasons = (added: readonly Share[]): number[] => {
    let mix = components
    const air = [airOf(mix)]
    // What is planned comes first, so a mix that is too tight now may still be put right by it.
    const enough = () =>
      (air.at(-1) as number) >= cropAirMin || (air.length === 1 && added.length > 0)
    while (air.length <= MOST_SEASONS && enough()) {
      mix = ageMedia({
        components: reconditioned(mix, added),
        months: monthsPerSeason,
        meanTempC: seasonMeanTempC,
        humifiedFines,
      }).components
      air.push(airOf(mix))
    }
    return air
  }
  const without = airOverSeasons([])
  const planned = reconditioning?.length ? airOverSeasons(reconditioning) : null
  return {
    without: seasonsIn(without, cropAirMin),
    withReconditioning: planned && seasonsIn(planned, cropAirMin),
    airWithout: without,
    airWith: planned,
    most: MOST_SEASONS,
  }
}

/** The mix now is not a season; neither is the one that ends with too little air. */
function seasonsIn(air: readonly number[], cropAirMin: number): number {
  return air.slice(1).filter((share) => share >= cropAirMin).length
}

function reconditioned(mix: readonly Component[], added: readonly Share[]): readonly Component[] {
  if (added.length === 0) return mix
  const old = mix.reduce((sum, { parts }) => sum + parts, 0)
  const addedShare = added.reduce((sum, { share }) => sum + share, 0)
  const whole = old / (1 - addedShare)
  return added.reduce<readonly Component[]>(
    (next, { material, share }) => joinParts(next, { material, parts: share * whole }),
    mix,
  )
}

function requireShares(added: readonly Share[] | undefined): void {
  if (added === undefined) return
  if (!Array.isArray(added)) {
    throw new DomainError('bad-argument', 'The reconditioning needs a list of materials.')
  }
  let total = 0
  for (const one of added) {
    requireObject('A material of the reconditioning', one?.material)
    total += requireNumber(`The share of ${one.material.name}`, one.share, { min: 0 })
  }
  if (total >= 1) {
    throw new DomainError('out-of-range', 'Reconditioning must leave some of the old media.', {
      field: 'reconditioning',
      value: total,
    })
  }
}
