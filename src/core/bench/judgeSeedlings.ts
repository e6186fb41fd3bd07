import { DomainError } from '../errors'
import { tQuantileAt, welchError, wilson } from '../statistics'
import { requireNumber, requireObject, requireWhole } from '../validate'

/** One pot of a seedling test. */
export interface SeedlingPot {
  /** Of the doubtful material in the mix; 0 for the trusted mix alone. */
  readonly sharePercent: number
  readonly sown: number
  readonly sprouted: number
  /** Mean height of those that sprouted; null where it was not measured. */
  readonly heightMm: number | null
  /** Seedlings with twisted or cupped leaves. */
  readonly curled?: number
}

export type SeedlingAnswer = 'clean' | 'harmed' | 'too-weak' | 'void'

/** What a test lacks that could lift a bar: pots, seeds, days, a plant that shows harm, or a surer answer. */
export type SeedlingLack =
  | 'pots'
  | 'seeds'
  | 'control-pots'
  | 'control-seeds'
  | 'days'
  | 'species'
  | 'leaves'
  | 'sprouted'
  | 'height'

export interface RatioRange {
  /** Against the control; 1 is alike. */
  readonly ratio: number
  readonly low: number
  readonly high: number
}

export interface SeedlingJudgement {
  readonly answer: SeedlingAnswer
  readonly missing: readonly SeedlingLack[]
  readonly sprouted: RatioRange | null
  readonly height: RatioRange | null
}

/** Fresh, presoaked large seeds come up this well in a good mix. */
export const CONTROL_SPROUTS = 0.8
/** What is asked of a test before it can lift a bar. */
export const LEAST_POTS = 3
export const LEAST_SEEDS = 12
export const LEAST_DAYS = 21
const CURLED_HARM = 2
const HARMED_BELOW = 0.9
const CLEAN_ABOVE = 0.7
/** Nothing that was measured is lower: it divides what the others grew to. */
const LEAST_HEIGHT_MM = 1e-3
/** Of the 90 % intervals of the ratios. */
const CONFIDENCE = 0.9

/**
 * Whether a material harms seedlings, by what came up at the share it will be used at (or more) against the trusted mix
 * alone. Harm may be told from little; what lifts a bar must have been able to see it.
 * Sprouting: both Wilson (1927) limits joined to an interval of the ratio after Donner & Zou (2012). Height: Welch's
 * interval of the difference of pot means, over the control's mean.
 * @param pots one row a pot
 * @param herbicideSensitive whether what was sown shows weedkiller residue
 * @param days since sowing
 * @param residue whether such residue is doubted
 * @throws DomainError `too-few` without a pot, `bad-argument` or `out-of-range` for impossible counts
 */
export function judgeSeedlings({
  pots,
  herbicideSensitive,
  days,
  useSharePercent = 100,
  residue = true,
}: {
  readonly pots: readonly SeedlingPot[]
  readonly herbicideSensitive: boolean
  readonly days: number
  readonly useSharePercent?: number
  readonly residue?: boolean
}): SeedlingJudgement {
  requirePots(pots)
  requireNumber('The days since sowing', days, { min: 0, max: 400 })
  requireNumber('The share it is used at', useSharePercent, { above: 0, max: 100 })
  requireBoolean('Whether the plant shows weedkiller', herbicideSensitive)
  requireBoolean('Whether residue is doubted', residue)
  const control = pots.filter(({ sharePercent }) => sharePercent === 0)
  const tried = pots.filter(({ sharePercent }) => sharePercent >= useSharePercent)
  const [sown, sownTried] = [total(control, 'sown'), total(tried, 'sown')]
  if (control.length > 0 && total(control, 'sprouted') < CONTROL_SPROUTS * sown) {
    return { answer: 'void', missing: [], sprouted: null, height: null }
  }
  const sprouted = control.length > 0 && tried.length > 0 ? sproutedRatio(tried, control) : null
  const height = heightRatio(tried, control)
  const curledMore =
    total(tried, 'curled') - (sown > 0 ? (total(control, 'curled') * sownTried) / sown : 0)
  const known = [sprouted, height].flatMap((one) => one ?? [])
  if (
    control.length > 0 &&
    (curledMore >= CURLED_HARM || known.some(({ high }) => high < HARMED_BELOW))
  ) {
    return { answer: 'harmed', missing: [], sprouted, height }
  }
  const lacks: readonly (readonly [SeedlingLack, boolean])[] = [
    ['control-pots', control.length < LEAST_POTS],
    ['control-seeds', sown < LEAST_SEEDS],
    ['pots', tried.length < LEAST_POTS],
    ['seeds', sownTried < LEAST_SEEDS],
    ['days', days < LEAST_DAYS],
    ['species', residue && !herbicideSensitive],
    ['leaves', curledMore > 0],
    ['sprouted', sprouted !== null && sprouted.low <= CLEAN_ABOVE],
    ['height', height !== null && height.low <= CLEAN_ABOVE],
  ]
  const missing = lacks.filter(([, isLacking]) => isLacking).map(([lack]) => lack)
  return { answer: missing.length === 0 ? 'clean' : 'too-weak', missing, sprouted, height }
}

function sproutedRatio(tried: readonly SeedlingPot[], control: readonly SeedlingPot[]): RatioRange {
  const one = wilson(total(tried, 'sprouted'), total(tried, 'sown'), CONFIDENCE)
  const two = wilson(total(control, 'sprouted'), total(control, 'sown'), CONFIDENCE)
  const [p1, [l1, u1]] = [one.proportion, one.ci]
  const [p2, [l2, u2]] = [two.proportion, two.ci]
  const low =
    (p1 * p2 - Math.sqrt(Math.max(0, (p1 * p2) ** 2 - l1 * u2 * (2 * p1 - l1) * (2 * p2 - u2)))) /
    (u2 * (2 * p2 - u2))
  const high =
    (p1 * p2 + Math.sqrt(Math.max(0, (p1 * p2) ** 2 - u1 * l2 * (2 * p1 - u1) * (2 * p2 - l2)))) /
    (l2 * (2 * p2 - l2))
  return { ratio: p1 / p2, low: Math.max(0, low), high }
}

/** null where fewer than two pots of either were measured; pots that do not vary at all tell their ratio as it is. */
function heightRatio(
  tried: readonly SeedlingPot[],
  control: readonly SeedlingPot[],
): RatioRange | null {
  const [one, two] = [tried, control].map((pots) =>
    spreadOf(pots.flatMap((pot) => pot.heightMm ?? [])),
  )
  if (!one || !two || !(two.mean > LEAST_HEIGHT_MM)) return null
  const ratio = one.mean / two.mean
  const error = welchError(one, two)
  if (!error) return { ratio, low: ratio, high: ratio }
  const half = (tQuantileAt((1 + CONFIDENCE) / 2, error.df) * error.se) / two.mean
  return { ratio, low: ratio - half, high: ratio + half }
}

function spreadOf(values: readonly number[]) {
  const n = values.length
  if (n < 2) return null
  const mean = values.reduce((sum, one) => sum + one, 0) / n
  const variance = values.reduce((sum, one) => sum + (one - mean) ** 2, 0) / (n - 1)
  return { n, mean, variance }
}

function total(pots: readonly SeedlingPot[], field: 'sown' | 'sprouted' | 'curled'): number {
  return pots.reduce((sum, pot) => sum + (pot[field] ?? 0), 0)
}

function requirePots(pots: readonly SeedlingPot[]): void {
  if (!Array.isArray(pots)) {
    throw new DomainError('bad-argument', 'A seedling test needs a list of pots.')
  }
  if (pots.length === 0) throw new DomainError('too-few', 'Count at least one pot.')
  for (const [at, pot] of pots.entries()) {
    requireObject('A pot of the seedling test', pot)
    const { sharePercent, sown, sprouted, heightMm, curled = 0 } = pot
    requireNumber('The share in per cent', sharePercent, { min: 0, max: 100 })
    requireWhole('The seeds sown', sown, { min: 1, max: 10_000 })
    requireWhole('The seeds sprouted', sprouted, { min: 0 })
    requireWhole('The seedlings with twisted leaves', curled, { min: 0 })
    if (heightMm !== null) requireNumber('The height in mm', heightMm, { min: 0, max: 5000 })
    if (sprouted > sown) {
      throw new DomainError('bad-argument', 'More sprouted than were sown.', {
        field: `pots.${at}.sprouted`,
      })
    }
    if (curled > sprouted) {
      throw new DomainError('bad-argument', 'More have twisted leaves than came up.', {
        field: `pots.${at}.curled`,
      })
    }
  }
}

function requireBoolean(what: string, value: unknown): void {
  if (typeof value !== 'boolean') throw new DomainError('bad-argument', `${what}: yes or no.`)
}
