import { judgeSeedlings, type SeedlingJudgement, type SeedlingPot } from './judgeSeedlings'
import { type Observations, SHOWS_WEEDKILLER } from './observations'

export interface JudgedSeedlings extends SeedlingJudgement {
  /** More leaves were twisted or cupped than in the trusted mix. */
  readonly isCurled: boolean
}

/** In older tests nobody counted them: ticked, they count as enough to tell harm. */
const TICKED_COUNTS = 2

/** A seedling test as it was counted on the bench, by the rule of judgeSeedlings. */
export function judgedSeedlings({
  pots,
  signs,
  days,
  useSharePercent,
  sownAs,
}: Observations['seedling']): JudgedSeedlings {
  const rows = withTicked(pots, signs)
  const tried = rows.filter(({ sharePercent }) => sharePercent > 0)
  const shares = tried.map(({ sharePercent }) => sharePercent)
  const at = (share: number) =>
    judgeSeedlings({
      pots: rows,
      herbicideSensitive: sownAs != null && SHOWS_WEEDKILLER.includes(sownAs),
      days: days ?? 0,
      useSharePercent: share,
    })
  const asUsed = at(useSharePercent ?? Math.max(1, ...shares))
  // Harm that little of it does, more of it does as well: thinner pots cannot clear it, and can tell harm.
  const thinnest =
    asUsed.answer === 'too-weak' && shares.length > 0 ? at(Math.min(...shares)) : null
  const judged = thinnest?.answer === 'harmed' ? thinnest : asUsed
  return { ...judged, isCurled: tried.some(({ curled = 0 }) => curled > 0) }
}

function withTicked(
  pots: readonly SeedlingPot[],
  signs: Observations['seedling']['signs'],
): readonly SeedlingPot[] {
  const isTicked = signs.includes('cupped') || signs.includes('twisted')
  if (!isTicked || pots.some(({ curled }) => (curled ?? 0) > 0)) return pots
  const most = Math.max(0, ...pots.map(({ sharePercent }) => sharePercent))
  return pots.map((pot) =>
    pot.sharePercent === most && most > 0
      ? { ...pot, curled: Math.min(pot.sprouted, TICKED_COUNTS) }
      : pot,
  )
}

/** Pots of one share together, lowest first: what came up of what was sown. */
export function sproutedByShare(
  pots: readonly SeedlingPot[],
): { readonly sharePercent: number; readonly sproutedShare: number }[] {
  const shares = [...new Set(pots.map(({ sharePercent }) => sharePercent))].sort((a, b) => a - b)
  return shares.map((sharePercent) => {
    const same = pots.filter((pot) => pot.sharePercent === sharePercent)
    const sum = (field: 'sown' | 'sprouted') => same.reduce((all, pot) => all + pot[field], 0)
    return { sharePercent, sproutedShare: sum('sprouted') / sum('sown') }
  })
}
