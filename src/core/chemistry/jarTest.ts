import { DomainError } from '../errors'
import { requireNumber, requireObject } from '../validate'
import type { LimingMaterial } from './limeDose'
import { reacted } from './release'

/** A jar of mix and water with a dose stirred in, and its pH at the end. */
export interface Jar {
  readonly gPerL: number
  readonly ph: number
}

export interface JarTest {
  /** Smallest dose that reaches the target, g per L of mix. */
  readonly gPerL: number
  /** g CaCO3-equivalent that moves 1 L by one pH unit; null where the target is too near to tell. */
  readonly buffer: number | null
  /** pH of the untreated jar. */
  readonly ph0: number
  /** Whether the jars themselves rose (or fell) all the way. */
  readonly monotone: boolean
  /** Weeks in a pot for which the dose holds. */
  readonly weeks: number
  /** The jars by dose, averaged and made monotone. */
  readonly curve: readonly Jar[]
}

/** A warm, stirred jar works this many times as fast as a pot. */
const JAR_SPEED = 4
/** Nearer to the target than this a buffer would be mostly error of reading. */
const TELLING_PH = 0.2

/**
 * The dose for a target pH read off jars with 0, 1, 2, 4 … g/L after one to four weeks, and the buffer they imply
 * (incubation method; Handreck & Black 2010). Read between jars only, never beyond the last.
 * @param points doses of 0 to 20 g/L and pH 2 to 12; jars of one dose are averaged
 * @param target pH wanted, 3.5 to 7.8
 * @param material what was stirred in: cce above 0 lifts, below 0 lowers
 * @param days the jars stood, 7 to 28
 * @throws DomainError `too-few` with fewer than three doses, `bad-argument` without an untreated jar,
 * `out-of-range` where the target lies beyond the last jar
 * @example jarTest({ points: [{ gPerL: 0, ph: 5.2 }, { gPerL: 1, ph: 5.7 }, { gPerL: 2, ph: 6.2 }], target: 6, material: amendment('dolomitic-lime') }).gPerL // 1.6
 */
export function jarTest({
  points,
  target,
  material,
  days = 14,
}: {
  points: readonly Jar[]
  target: number
  material: Pick<LimingMaterial, 'cce' | 'releaseDays50'>
  days?: number
}): JarTest {
  requireObject('The material', material)
  requireNumber('The strength of the material', material.cce)
  requireNumber('The half-time of the material', material.releaseDays50, { min: 0 })
  requireNumber('The target pH', target, { min: 3.5, max: 7.8 })
  requireNumber('The days', days, { min: 7, max: 28 })
  if (material.cce === 0) {
    throw new DomainError('bad-argument', 'This material does not change pH.')
  }
  const jars = averaged(points)
  if (jars.length < 3) {
    throw new DomainError('too-few', 'A jar test needs at least three different doses.')
  }
  if (jars[0]?.gPerL !== 0) {
    throw new DomainError('bad-argument', 'A jar without any dose is missing.')
  }
  const rising = material.cce > 0
  const curve = monotoneCurve(jars, rising)
  const monotone = curve.every(({ ph }, i) => Math.abs(ph - (jars[i] as WeighedJar).ph) < 1e-12)
  const ph0 = (curve[0] as Jar).ph
  const gPerL = doseFor(curve, target, rising)
  const distance = Math.abs(target - ph0)
  return {
    gPerL,
    buffer:
      distance < TELLING_PH || gPerL === 0
        ? null
        : (Math.abs(material.cce) * reacted(JAR_SPEED * days, material.releaseDays50) * gPerL) /
          distance,
    ph0,
    monotone,
    weeks: (JAR_SPEED * days) / 7,
    curve,
  }
}

interface WeighedJar extends Jar {
  readonly jars: number
}

/** One entry a dose, by rising dose. */
function averaged(points: readonly Jar[]): WeighedJar[] {
  const byDose = new Map<number, number[]>()
  for (const { gPerL, ph } of points ?? []) {
    requireNumber('The dose in a jar', gPerL, { min: 0, max: 20 })
    requireNumber('The pH of a jar', ph, { min: 2, max: 12 })
    byDose.set(gPerL, [...(byDose.get(gPerL) ?? []), ph])
  }
  return [...byDose]
    .map(([gPerL, readings]) => ({
      gPerL,
      ph: readings.reduce((sum, ph) => sum + ph, 0) / readings.length,
      jars: readings.length,
    }))
    .sort((a, b) => a.gPerL - b.gPerL)
}

/** Weighted pool-adjacent-violators (Ayer et al. 1955): neighbours that run the wrong way share their mean. */
function monotoneCurve(jars: readonly WeighedJar[], rising: boolean): Jar[] {
  const sign = rising ? 1 : -1
  const pools: { ph: number; jars: number; doses: number[] }[] = []
  for (const jar of jars) {
    pools.push({ ph: jar.ph, jars: jar.jars, doses: [jar.gPerL] })
    for (;;) {
      const last = pools.at(-1)
      const before = pools.at(-2)
      if (!last || !before || sign * before.ph <= sign * last.ph) break
      pools.splice(-2, 2, {
        ph: (before.ph * before.jars + last.ph * last.jars) / (before.jars + last.jars),
        jars: before.jars + last.jars,
        doses: [...before.doses, ...last.doses],
      })
    }
  }
  return pools.flatMap(({ ph, doses }) => doses.map((gPerL) => ({ gPerL, ph })))
}

function doseFor(curve: readonly Jar[], target: number, rising: boolean): number {
  const reaches = (ph: number) => (rising ? ph >= target : ph <= target)
  const at = curve.findIndex(({ ph }) => reaches(ph))
  if (at === 0) return 0
  const after = curve[at]
  const before = curve[at - 1]
  if (!after || !before) {
    const last = curve.at(-1) as Jar
    throw new DomainError(
      'out-of-range',
      `The strongest jar only came to pH ${last.ph.toFixed(1)}: make a jar with more.`,
      { reached: last.ph },
    )
  }
  const share = (target - before.ph) / (after.ph - before.ph)
  return before.gPerL + share * (after.gPerL - before.gPerL)
}
