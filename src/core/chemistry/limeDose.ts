import { DomainError } from '../errors'
import { requireNumber, requireObject, requireWhole } from '../validate'
import { reacted } from './release'
import type { Amendment } from './tables'

export type LimeReason =
  | 'close-enough'
  | 'above-target'
  | 'free-lime-enough'
  | 'needed'
  | 'too-weak'

export interface LimeDose {
  readonly neededGPerL: number
  readonly gPerL: number
  /** What goes in now, g/L. */
  readonly firstGPerL: number
  /** Half now, a test after 4 weeks, then anew. */
  readonly split: boolean
  readonly reachable: boolean
  /** Share of the lime that has reacted by then. */
  readonly reactiveShare: number
  readonly phAfter: number
  /** Where pH ends when all has reacted and nothing acidifies. */
  readonly phEventual: number
  /** Stays on the lot and counts next time, g CaCO3-equivalent per L. */
  readonly unreactedGPerL: number
  readonly reason: LimeReason
}

export type LimingMaterial = Pick<Amendment, 'cce' | 'releaseDays50' | 'rateHighGPerL'>

/** Half of a mix's free lime counts as lime given. */
const FREE_LIME_SHARE = 0.5
/** Closer to the target than this, the error of the estimate is larger than the correction. */
export const CLOSE_ENOUGH_PH = 0.2
const CAUSTIC_CCE = 1.2
const LIVING_ROOTS_FIRST_G_PER_L = 1

/**
 * Lime that lifts a mix from its pH to a target, g per L of media
 * (buffer method; Bunt 1988, Handreck & Black 2010).
 * @param buffer g CaCO3-equivalent per L and pH unit
 * @param weeks until the pH is wanted, 1 to 52
 * @throws DomainError for values outside the ranges, for caustic lime on living roots, for a material that is no lime
 * @example limeDose({ ph: 5.2, target: 6.2, buffer: 2, material: amendment('calcitic-lime') }).gPerL // 2.84
 */
export function limeDose({
  ph,
  target,
  buffer,
  material,
  freeLimeGPerL = 0,
  weeks = 8,
  livingRoots = false,
}: {
  ph: number
  target: number
  buffer: number
  material: LimingMaterial
  freeLimeGPerL?: number
  weeks?: number
  livingRoots?: boolean
}): LimeDose {
  requireNumber('The pH', ph, { min: 2.5, max: 11 })
  requireNumber('The target pH', target, { min: 3.5, max: 7.8 })
  requireNumber('The buffer', buffer, { above: 0 })
  requireNumber('The free lime', freeLimeGPerL, { min: 0 })
  requireWhole('The weeks', weeks, { min: 1, max: 52 })
  requireObject('The liming material', material)
  requireNumber('The half-time of the liming material', material.releaseDays50, { min: 0 })
  if (!(material.cce > 0) || !(material.rateHighGPerL > 0)) {
    throw new DomainError('bad-argument', 'This material does not raise pH.')
  }
  if (livingRoots && material.cce > CAUSTIC_CCE) {
    throw new DomainError('bad-argument', 'Nothing caustic on living roots: use ground limestone.')
  }

  const { cce, rateHighGPerL } = material
  const reactiveShare = reacted(7 * weeks, material.releaseDays50)
  const neededGPerL =
    ((target - ph) * buffer - FREE_LIME_SHARE * freeLimeGPerL) / (cce * reactiveShare)
  const outcome = (reason: LimeReason, gPerL: number, firstGPerL: number, split: boolean) => ({
    neededGPerL: Math.max(0, neededGPerL),
    gPerL,
    firstGPerL,
    split,
    reachable: reason !== 'too-weak',
    reactiveShare,
    reason,
    ...limeEffect({ ph, buffer, freeLimeGPerL, material, gPerL: firstGPerL, weeks }),
  })

  if (Math.abs(target - ph) <= CLOSE_ENOUGH_PH + 1e-9) return outcome('close-enough', 0, 0, false)
  if (target < ph) return outcome('above-target', 0, 0, false)
  if (neededGPerL <= 0) return outcome('free-lime-enough', 0, 0, false)

  const tooWeak = neededGPerL > 2 * rateHighGPerL
  const inHalves = !tooWeak && neededGPerL > rateHighGPerL
  const gPerL = tooWeak ? rateHighGPerL : neededGPerL
  const wanted = inHalves ? neededGPerL / 2 : gPerL
  const firstGPerL = livingRoots ? Math.min(wanted, LIVING_ROOTS_FIRST_G_PER_L) : wanted
  return outcome(
    tooWeak ? 'too-weak' : 'needed',
    gPerL,
    firstGPerL,
    inHalves || firstGPerL < wanted,
  )
}

/** Where a dose of lime takes a mix: after `weeks`, and when all of it has reacted. */
export function limeEffect({
  ph,
  buffer,
  freeLimeGPerL,
  material,
  gPerL,
  weeks,
}: {
  ph: number
  buffer: number
  freeLimeGPerL: number
  material: LimingMaterial
  gPerL: number
  weeks: number
}): Pick<LimeDose, 'phAfter' | 'phEventual' | 'unreactedGPerL'> {
  const share = reacted(7 * weeks, material.releaseDays50)
  const lime = gPerL * material.cce
  const now = (lime * share + FREE_LIME_SHARE * freeLimeGPerL) / buffer
  const inTheEnd = (lime + freeLimeGPerL) / buffer
  return {
    phAfter: Math.max(ph, Math.min(7.8, ph + now)),
    phEventual: Math.max(ph, Math.min(8.2, ph + inTheEnd)),
    unreactedGPerL: lime * (1 - share),
  }
}
