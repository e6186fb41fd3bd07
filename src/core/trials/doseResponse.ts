import { DomainError } from '../errors'
import { requireFinite, requireIn, requireList, tQuantileAt, welchError } from '../statistics'
import { type PotValues, sumUp, usedAtLeast, variance } from './pots'
import { random32 } from './random32'

export interface DoseResponse {
  /** Ascending. */
  readonly doses: readonly number[]
  /** Never rising. */
  readonly fitted: readonly number[]
  /** Largest dose with at least nine tenths of the control's fitted value; null where that is not above 0. */
  readonly noEffectUpTo: number | null
  /**
   * Largest dose at which, as at every one below it, harm of more than 15 % is ruled out; null where it is at none, or
   * without replicates.
   */
  readonly ruledOutUpTo: number | null
  /** 2.5 and 97.5 % by bootstrap, doses of the trial; null without replicates. */
  readonly interval: readonly [number, number] | null
}

const HARMLESS = 0.9
/** Share of the control's mean that the lower end of a dose's interval stays above. */
const RULED_OUT = 0.85
/** Of both ends together. */
const CONFIDENCE = 0.9
const ROUNDING = 1e-9
const USUAL_DRAWS = 2000
const TAILS = [0.025, 0.975] as const

interface Dose {
  readonly dose: number
  readonly mean: number
  readonly weight: number
  /** null for a mean without its pots. */
  readonly pots: readonly number[] | null
}

/**
 * Steps that never rise with the dose (pool adjacent violators, Ayer et al. 1955), and up to where no effect is seen.
 * @param values by dose: a mean, or the values of its pots
 * @throws DomainError `no-control` without dose 0, `bad-argument` for a dose twice or lists of different length,
 *   `too-few` below two doses or a dose without a used pot, `not-finite`
 */
export function doseResponse(
  doses: readonly number[],
  values: readonly (number | PotValues)[],
  { draws = USUAL_DRAWS, seed = 1 }: { readonly draws?: number; readonly seed?: number } = {},
): DoseResponse {
  requireIn('The draws', draws, 1, 1_000_000)
  requireIn('The seed', seed, -(2 ** 31), 2 ** 32 - 1)
  const rows = rowsOf(doses, values)
  const fitted = fitFalling(rows)
  const ascending = rows.map(({ dose }) => dose)
  return {
    doses: ascending,
    fitted,
    noEffectUpTo: noEffect(ascending, fitted),
    ruledOutUpTo: ruledOut(rows),
    interval: bootstrap(rows, draws, seed),
  }
}

function rowsOf(doses: readonly number[], values: readonly (number | PotValues)[]): Dose[] {
  requireList('The doses', doses)
  requireList('The values', values)
  if (doses.length !== values.length) {
    throw new DomainError('bad-argument', 'Each dose needs one value, or the values of its pots.')
  }
  if (doses.length < 2) throw new DomainError('too-few', 'At least two doses are needed.')
  const rows = doses.map((dose, at): Dose => {
    requireFinite('Each dose', dose)
    const value = values[at]
    if (typeof value === 'number') {
      return { dose, mean: requireFinite('Each mean', value), weight: 1, pots: null }
    }
    const pots = usedAtLeast(`Dose ${dose}`, value as PotValues, 1)
    return { dose, mean: meanOf(pots), weight: pots.length, pots }
  })
  if (new Set(doses).size < doses.length) {
    throw new DomainError('bad-argument', 'A dose stands there twice.')
  }
  if (!doses.includes(0)) throw new DomainError('no-control', 'Dose 0, the control, is missing.')
  return rows.sort((a, b) => a.dose - b.dose)
}

/** Weighted pool adjacent violators. */
function fitFalling(rows: readonly Pick<Dose, 'mean' | 'weight'>[]): number[] {
  const pools: { mean: number; weight: number; count: number }[] = []
  for (const { mean, weight } of rows) {
    pools.push({ mean, weight, count: 1 })
    for (;;) {
      const [before, last] = [pools.at(-2), pools.at(-1)]
      if (!before || !last || before.mean >= last.mean) break
      pools.splice(-2, 2, {
        mean:
          (before.mean * before.weight + last.mean * last.weight) / (before.weight + last.weight),
        weight: before.weight + last.weight,
        count: before.count + last.count,
      })
    }
  }
  return pools.flatMap(({ mean, count }) => Array<number>(count).fill(mean))
}

function noEffect(doses: readonly number[], fitted: readonly number[]): number | null {
  const control = fitted[doses.indexOf(0)] as number
  if (!(control > 0)) return null
  const least = HARMLESS * control - ROUNDING * Math.abs(control)
  const reached = doses.filter((_, at) => (fitted[at] as number) >= least)
  return reached.at(-1) ?? null
}

/** By the lower end of Welch's interval of the difference to the control: what was not seen may still be there. */
function ruledOut(rows: readonly Dose[]): number | null {
  const control = rows.find(({ dose }) => dose === 0)?.pots
  if (!control || control.length < 2) return null
  const ofControl = sumUp(control)
  if (!(ofControl.mean > 0)) return null
  let reached: number | null = null
  for (const { dose, pots } of rows) {
    if (dose <= 0) continue
    if (!pots || pots.length < 2) break
    const mine = sumUp(pots)
    const error = welchError(
      { ...ofControl, variance: variance(ofControl) },
      { ...mine, variance: variance(mine) },
    )
    if (!error) break
    const half = tQuantileAt((1 + CONFIDENCE) / 2, error.df) * error.se
    if (!(1 + (mine.mean - ofControl.mean - half) / ofControl.mean > RULED_OUT)) break
    reached = dose
  }
  return reached
}

/** Pots drawn with replacement within each dose. */
function bootstrap(rows: readonly Dose[], draws: number, seed: number): DoseResponse['interval'] {
  const groups = rows.map(({ pots }) => pots)
  if (!groups.every((pots) => pots !== null && pots.length >= 2)) return null
  const draw = random32(seed)
  const doses = rows.map(({ dose }) => dose)
  const found = Array.from({ length: draws }, () => {
    const drawn = (groups as readonly (readonly number[])[]).map((pots) => ({
      mean: meanOf(pots.map(() => pots[draw(pots.length)] as number)),
      weight: pots.length,
    }))
    return noEffect(doses, fitFalling(drawn)) ?? 0
  }).sort((a, b) => a - b)
  const at = (share: number) => found[Math.max(0, Math.ceil(share * draws - 1e-9) - 1)] as number
  return [at(TAILS[0]), at(TAILS[1])]
}

function meanOf(values: readonly number[]): number {
  return values.reduce((sum, one) => sum + one, 0) / values.length
}
