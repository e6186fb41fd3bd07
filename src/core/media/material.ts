import { DomainError } from '../errors'
import { requireNumber, requireObject } from '../validate'
import type { RetentionCurve } from './retention'

export type MaterialGroup =
  | 'organic base'
  | 'coarse organic'
  | 'compost'
  | 'aggregate'
  | 'mineral soil'
  | 'bagged mix'
  | 'spent media'
  | 'breakdown product'

/** What a medium is made of: one row of the materials table. */
export interface Material {
  readonly id: string
  readonly name: string
  readonly group: MaterialGroup
  /** Dry bulk density, g cm⁻³ (= kg L⁻¹). */
  readonly bulkDensity: number
  /** All pores as a share of the volume. */
  readonly totalPorosity: number
  /** Voids between the grains in bulk, as a share of the volume. */
  readonly interPorosity: number
  /** Median grain, mm. */
  readonly grainMm: number
  /** Retention curve with thetaS = totalPorosity. */
  readonly curve: RetentionCurve
  /** Saturated hydraulic conductivity, cm s⁻¹. */
  readonly ksCmPerS: number
  /** Suction up to which the large pores of a coarse material take no water from the mix above, cm; null: none. */
  readonly entryCm?: number | null
  /** Decay rate at 20 °C, 1/year. */
  readonly decayPerYear: number
  readonly pH: number
  /** g CaCO3-equivalent that moves 1 L by one pH unit. */
  readonly limeBuffer: number
  readonly freeLimeGPerL: number
  /** Electrical conductivity of the 1:2 extract at 25 °C, dS/m. */
  readonly ec1to2: number
  /** Carbon to nitrogen ratio; 0 for minerals. */
  readonly cToN: number
  /** Nitrogen as per cent of the dry mass. */
  readonly nPercentDry: number
  /** Share of that nitrogen set free in a long season. */
  readonly nReleaseSeason: number
  /** How much of the nitrogen that its decay could take up it does take from the mix, 0 to 1; left out: all of it. */
  readonly nDrawdown?: number
  /** Share of it that rots within weeks, 0 to 1. */
  readonly labileShare?: number
  /** Largest share of a mix it is used in; null: no limit of its own. */
  readonly maxShare?: number | null
  /** How far a fill of it sinks once it was watered, per cent of its volume. */
  readonly settlePercent?: number
  /** Water content below which it repels water; 0: never. */
  readonly shedsBelow?: number
  /** Mineral nitrogen in a fresh bagged mix, mg/L. */
  readonly starterNMgPerL: number | null
  readonly dustHazard: 'low' | 'medium' | 'high'
  /** From a bog, or a mix that holds such material. */
  readonly peat: boolean
  readonly note: string | null
}

/** What a measurement on the real thing may replace. */
export type MeasuredMaterial = Partial<
  Pick<
    Material,
    | 'pH'
    | 'limeBuffer'
    | 'freeLimeGPerL'
    | 'ec1to2'
    | 'cToN'
    | 'nPercentDry'
    | 'nReleaseSeason'
    | 'starterNMgPerL'
    | 'bulkDensity'
  >
> & {
  /** How far a doubtful pH reading may be off, as a standard deviation; 0 or left out: not in doubt. */
  readonly pHSpread?: number
}

/** A material and how much of it was measured out, by bulk volume. */
export interface Component {
  readonly material: Material
  readonly parts: number
  readonly measured?: MeasuredMaterial
  /** Days it has served, counted at 20 °C; 0 for what is new. What has served gives less nitrogen. */
  readonly servedDays?: number
}

/** A component as a share of all parts, with measurements put in place of the material's own values. */
export interface Share {
  readonly material: Material
  readonly share: number
  /** Days it has served, counted at 20 °C. */
  readonly servedDays?: number
}

/**
 * Turns parts into shares that sum to 1, leaves out zero parts and applies measurements.
 * @throws DomainError `out-of-range` for negative parts, `too-few` when nothing is left
 */
export function componentShares(components: readonly Component[]): Share[] {
  if (!Array.isArray(components)) {
    throw new DomainError('bad-argument', 'The mix needs a list of materials.')
  }
  let total = 0
  for (const component of components) {
    requireObject('A material of the mix', component?.material)
    total += requireNumber(`The parts of ${component.material.name}`, component.parts, { min: 0 })
    requireNumber(`The days ${component.material.name} has served`, component.servedDays ?? 0, {
      min: 0,
    })
  }
  if (!(total > 0)) {
    throw new DomainError('too-few', 'Parts must be above 0: measure out at least one material.')
  }
  return components
    .filter((component) => component.parts > 0)
    .map(({ material, parts, measured, servedDays = 0 }) => ({
      material: measured ? { ...material, ...measured } : material,
      share: parts / total,
      ...(servedDays > 0 ? { servedDays } : {}),
    }))
}
