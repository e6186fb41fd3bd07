export interface Palm {
  readonly mostly: 'fibre' | 'sand' | 'silt and clay' | 'nothing in particular'
  /** What a mix like that usually lacks. */
  readonly lacks: 'air' | 'water in reach' | 'nothing'
}

/**
 * What a pinch rubbed wet in the palm is mostly made of: threads, grit, or a stain that stays (finger assessment of
 * texture, Thien 1979, shortened for mixes).
 * @example palmTest({ threads: 'none', grit: 'some', stain: 'brown' }).lacks // 'air'
 */
export function palmTest({
  threads,
  grit,
  stain,
}: {
  threads: boolean
  grit: boolean
  stain: boolean
}): Palm {
  if (stain && !threads) return { mostly: 'silt and clay', lacks: 'air' }
  if (grit && !threads && !stain) return { mostly: 'sand', lacks: 'water in reach' }
  if (threads && !stain) return { mostly: 'fibre', lacks: 'nothing' }
  return { mostly: 'nothing in particular', lacks: stain ? 'air' : 'nothing' }
}
