/** What can be smelt and seen, to be tapped. */
export const SMELLS = ['earthy', 'nothing', 'sour', 'rotten egg', 'ammonia'] as const
export const SIGHTS = [
  'crust',
  'moss',
  'fungus threads',
  'mushrooms',
  'gnats',
  'grubs',
  'worms',
] as const

export type Smell = (typeof SMELLS)[number]
export type Sight = (typeof SIGHTS)[number]

export interface Look {
  /** No air was in it: turn it and let it breathe before use. */
  readonly airless: boolean
  /** Manure or compost that is not done: let it stand. */
  readonly ammonia: boolean
  /** Animals to look up before it is used again. */
  readonly pests: readonly ('gnats' | 'grubs')[]
}

/** What a smell and a look mean for the next use. */
export function lookOver({
  smell,
  sights,
}: {
  smell: Smell | null
  sights: readonly Sight[]
}): Look {
  return {
    airless: smell === 'sour' || smell === 'rotten egg',
    ammonia: smell === 'ammonia',
    pests: sights.filter((sight) => sight === 'gnats' || sight === 'grubs'),
  }
}
