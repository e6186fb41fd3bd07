import type { MaterialGroup } from '../../core/media'

/** How a part of a mix is drawn, by what it is for: it works without colour too. */
export type Grain = 'threads' | 'dashes' | 'stipple' | 'pebbles' | 'solid' | 'speckle'

const GRAIN_OF: Readonly<Record<MaterialGroup, Grain>> = {
  'organic base': 'threads',
  'bagged mix': 'threads',
  'spent media': 'threads',
  'coarse organic': 'dashes',
  compost: 'stipple',
  'breakdown product': 'speckle',
  aggregate: 'pebbles',
  'mineral soil': 'solid',
}

export function grainOf(group: MaterialGroup): Grain {
  return GRAIN_OF[group]
}

/** Light things on top, as they are poured; stones below. */
const ORDER: readonly Grain[] = ['threads', 'dashes', 'stipple', 'speckle', 'pebbles', 'solid']

export function byGrain<Row extends { readonly group: MaterialGroup; readonly share: number }>(
  strata: readonly Row[],
): Row[] {
  return [...strata].sort(
    (a, b) =>
      ORDER.indexOf(grainOf(a.group)) - ORDER.indexOf(grainOf(b.group)) || b.share - a.share,
  )
}
