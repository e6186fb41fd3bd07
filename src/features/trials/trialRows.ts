import type { TrialPotView } from '../../messages/trials/trialViews'

export interface TrialBlock {
  /** null: all pots together, at random. */
  readonly block: number | null
  /** Of a side by side: what grows in this block. */
  readonly cropName: string | null
  /** Along the rows. */
  readonly pots: readonly TrialPotView[]
}

/** Pots block by block, each in the order of its places. */
export function rowsOf(pots: readonly TrialPotView[]): TrialBlock[] {
  const blocks = new Map<number | null, TrialPotView[]>()
  for (const pot of [...pots].sort((a, b) => a.position - b.position)) {
    const there = blocks.get(pot.block)
    if (there) there.push(pot)
    else blocks.set(pot.block, [pot])
  }
  return [...blocks].map(([block, there]) => ({
    block,
    cropName: there[0]?.cropName ?? null,
    pots: there,
  }))
}
