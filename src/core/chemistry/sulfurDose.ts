import { DomainError } from '../errors'
import { requireNumber, requireObject, requireWhole } from '../validate'
import { CLOSE_ENOUGH_PH, type LimingMaterial } from './limeDose'
import { reacted } from './release'

export type SulfurReason = 'close-enough' | 'below-target' | 'limey' | 'too-much-sulfur' | 'needed'

export interface SulfurDose {
  readonly neededGPerL: number
  readonly gPerL: number
  /** What goes in now, g/L. */
  readonly firstGPerL: number
  /** Half now and a test after 8 weeks. */
  readonly split: boolean
  readonly reachable: boolean
  readonly reactiveShare: number
  readonly reason: SulfurReason
}

const ELEMENTAL_SULFUR: LimingMaterial = { cce: -3.12, releaseDays50: 45, rateHighGPerL: 0.75 }
const LIMEY_G_PER_L = 0.5
const LIVING_ROOTS_FIRST_G_PER_L = 0.3

/**
 * Sulfur (or another acidifier) that lowers a mix to a target pH, g per L of media (Handreck & Black 2010).
 * All of the free lime has to be used up before pH falls.
 * @throws DomainError for values outside the ranges or a material that does not acidify
 * @example sulfurDose({ ph: 7, target: 6, buffer: 2 }).gPerL // 1.11
 */
export function sulfurDose({
  ph,
  target,
  buffer,
  freeLimeGPerL = 0,
  weeks = 8,
  material = ELEMENTAL_SULFUR,
  livingRoots = false,
}: {
  ph: number
  target: number
  buffer: number
  freeLimeGPerL?: number
  weeks?: number
  material?: LimingMaterial
  livingRoots?: boolean
}): SulfurDose {
  requireNumber('The pH', ph, { min: 2.5, max: 11 })
  requireNumber('The target pH', target, { min: 3.5, max: 7.8 })
  requireNumber('The buffer', buffer, { above: 0 })
  requireNumber('The free lime', freeLimeGPerL, { min: 0 })
  requireWhole('The weeks', weeks, { min: 1, max: 52 })
  requireObject('The acidifying material', material)
  requireNumber('The half-time of the material', material.releaseDays50, { min: 0 })
  if (!(material.cce < 0) || !(material.rateHighGPerL > 0)) {
    throw new DomainError('bad-argument', 'This material does not lower pH.')
  }

  const reactiveShare = reacted(7 * weeks, material.releaseDays50)
  const neededGPerL = Math.max(
    0,
    ((ph - target) * buffer + freeLimeGPerL) / (-material.cce * reactiveShare),
  )
  const none = (reason: SulfurReason, reachable: boolean): SulfurDose => ({
    neededGPerL: reachable ? 0 : neededGPerL,
    gPerL: 0,
    firstGPerL: 0,
    split: false,
    reachable,
    reactiveShare,
    reason,
  })
  if (Math.abs(target - ph) <= CLOSE_ENOUGH_PH + 1e-9) return none('close-enough', true)
  if (target > ph) return none('below-target', true)
  if (freeLimeGPerL > LIMEY_G_PER_L) return none('limey', false)
  if (neededGPerL > 2 * material.rateHighGPerL) return none('too-much-sulfur', false)

  const inHalves = neededGPerL > material.rateHighGPerL
  const wanted = inHalves ? neededGPerL / 2 : neededGPerL
  const firstGPerL = livingRoots ? Math.min(wanted, LIVING_ROOTS_FIRST_G_PER_L) : wanted
  return {
    neededGPerL,
    gPerL: neededGPerL,
    firstGPerL,
    split: inHalves || firstGPerL < wanted,
    reachable: true,
    reactiveShare,
    reason: 'needed',
  }
}

/** pH after `weeks` with a dose of an acidifier: free lime is used up first. */
export function sulfurEffect({
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
}): number {
  const acid = gPerL * -material.cce * reacted(7 * weeks, material.releaseDays50)
  return ph - Math.max(0, acid - freeLimeGPerL) / buffer
}
