import { judgeSeedlings, type SeedlingJudgement, type SeedlingPot } from './judgeSeedlings'
import { type Observations, SHOWS_WEEDKILLER } from './observations'

export interface JudgedSeedlings extends SeedlingJudgement {
  /** Seedlings with twisted or cupped leaves, where the material is in the mix. */
  readonly curledCount: number
  /** A greater part of them than in the trusted mix. */
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
  const [inIt, inTrusted] = [tried, rows.filter(({ sharePercent }) => sharePercent === 0)].map(
    (some) => ({ curled: sumOf(some, 'curled'), sprouted: sumOf(some, 'sprouted') }),
  ) as [Leaves, Leaves]
  return {
    ...judged,
    curledCount: inIt.curled,
    // By cross products, so that a mix in which nothing came up divides by nothing.
    isCurled:
      inTrusted.curled === 0
        ? inIt.curled > 0
        : inIt.curled * inTrusted.sprouted > inTrusted.curled * inIt.sprouted,
  }
}

interface Leaves {
  readonly curled: number
  readonly sprouted: number
}

function sumOf(pots: readonly SeedlingPot[], field: 'sown' | 'sprouted' | 'curled'): number {
  return pots.reduce((all, pot) => all + (pot[field] ?? 0), 0)
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

export interface SeedlingsOfShare {
  readonly sharePercent: number
  readonly sproutedShare: number
  /** Mean of the pots; null where none was measured. */
  readonly heightMm: number | null
  readonly curledCount: number
}

/** Pots of one share together, lowest first: what came up of what was sown, how high it grew, how many leaves curled. */
export function seedlingsByShare(pots: readonly SeedlingPot[]): SeedlingsOfShare[] {
  const shares = [...new Set(pots.map(({ sharePercent }) => sharePercent))].sort((a, b) => a - b)
  return shares.map((sharePercent) => {
    const same = pots.filter((pot) => pot.sharePercent === sharePercent)
    const heights = same.flatMap(({ heightMm }) => heightMm ?? [])
    return {
      sharePercent,
      sproutedShare: sumOf(same, 'sprouted') / sumOf(same, 'sown'),
      heightMm:
        heights.length === 0 ? null : heights.reduce((all, one) => all + one, 0) / heights.length,
      curledCount: sumOf(same, 'curled'),
    }
  })
}
