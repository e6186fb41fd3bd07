/** What somebody saw of a pot's mix beside its problems. */
export interface PotLook {
  /** null where nobody smelled at it. */
  readonly smell: 'earth' | 'sour' | null
  /** Worms, springtails, woodlice; null where nobody looked. */
  readonly life: 'much' | 'little' | null
  /** What lies on top of the mix, cm. */
  readonly mulchCm: number
  /** Seasons the mix is in use, as told; null where nobody said. */
  readonly years: number | null
  /** false where water does not run out below. */
  readonly drains: boolean
  /** Where leaves, stems and roots went; left where they still are. */
  readonly debris: 'left' | 'compost' | 'bin'
}

export const NO_LOOK: PotLook = {
  smell: null,
  life: null,
  mulchCm: 0,
  years: null,
  drains: true,
  debris: 'left',
}

/** Findings that an answer is by itself, by their ids. */
export function foundByLook(
  { smell, life }: Pick<PotLook, 'smell' | 'life'>,
  runsDownSide: boolean,
): string[] {
  return [
    ...(runsDownSide ? ['water-repellent'] : []),
    ...(smell === 'sour' ? ['sour-smell'] : []),
    ...(life === 'much' ? ['soil-decomposers'] : []),
  ]
}

/** How far the mix itself lies below its usual surface: what lies on top of it is none. */
export function mixDropCm(dropCm: number, { mulchCm }: Pick<PotLook, 'mulchCm'>): number {
  return dropCm + mulchCm
}

/** Where debris of what was found has to go, the strictest deciding; null where nothing asks for either. */
export function debrisAsked(asked: readonly (string | null)[]): 'bin' | 'compost' | null {
  if (asked.includes('bin')) return 'bin'
  return asked.includes('compost') ? 'compost' : null
}
