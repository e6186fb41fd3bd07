import { requireNumber, requireObject } from '../validate'
import { type Blend, blendMedia } from './blendMedia'
import { joinParts } from './joinParts'
import { type Component, componentShares, type Material } from './material'

export interface AgedMedia extends Blend {
  /** Parts after the time, in the unit they came in; fines that were made are among them. */
  readonly components: readonly Component[]
  /** Volume after for a volume of 1 before. */
  readonly volumeRatio: number
}

/** Of the mass that rots, so much stays behind as fine humus. */
const HUMIFIED_SHARE = 0.45
const Q10 = 2
const DAYS_PER_MONTH = 30.4
/**
 * What is left breaks into smaller pieces: the suction scale goes with their size, conductivity with its square. Our own
 * estimate: a bag mix in a 20 cm pot goes from 21 % air to 17 in two seasons and 14 in four.
 */
const PORES_CLOSE = 1.5

/**
 * A mix after some months: each organic part rots by its own rate, faster when warm; 45 % of the mass that is lost comes
 * back as humified fines, which fill pores (first-order decay; Handreck & Black 2010), and what is left of it breaks into
 * smaller pieces. Predicts how far a pot sinks and how much air it has left.
 * @param months at least 0
 * @param meanTempC of the mix over that time, −10 to 45 °C
 * @param humifiedFines the material the fines are counted as
 * @throws DomainError for impossible parts, times or temperatures
 */
export function ageMedia({
  components,
  months,
  meanTempC,
  humifiedFines,
}: {
  components: readonly Component[]
  months: number
  meanTempC: number
  humifiedFines: Material
}): AgedMedia {
  requireNumber('The months', months, { min: 0, max: 600 })
  requireNumber('The mean temperature in °C', meanTempC, { min: -10, max: 45 })
  requireObject('The humified fines', humifiedFines)
  componentShares(components)
  const warmth = Q10 ** ((meanTempC - 20) / 10)
  const years = (months / 12) * warmth
  const served = DAYS_PER_MONTH * months * warmth
  let fines = 0
  const left = components.map((component) => {
    const { material, parts } = component
    const rotted = material.decayPerYear * years
    const lost = parts * (1 - Math.exp(-rotted))
    fines += (HUMIFIED_SHARE * lost * material.bulkDensity) / humifiedFines.bulkDensity
    return {
      ...component,
      material: broken(material, rotted),
      parts: parts - lost,
      servedDays: (component.servedDays ?? 0) + served,
    }
  })
  const aged = withFines(left, humifiedFines, fines)
  const before = blendMedia({ components })
  const after = blendMedia({ components: aged })
  const total = (parts: readonly Component[]) => parts.reduce((sum, { parts: p }) => sum + p, 0)
  return {
    ...after,
    components: aged,
    volumeRatio: (total(aged) * after.volumeYield) / (total(components) * before.volumeYield),
  }
}

function withFines(
  components: readonly Component[],
  humifiedFines: Material,
  fines: number,
): Component[] {
  if (!(fines > 0)) return [...components]
  return joinParts(components, { material: humifiedFines, parts: fines })
}

/** A material after so much decay (rate times years), its pores narrower. */
function broken(material: Material, rotted: number): Material {
  if (rotted === 0) return material
  const { curve, ksCmPerS } = material
  const narrower = Math.exp(-PORES_CLOSE * rotted)
  return {
    ...material,
    curve: { ...curve, alpha: curve.alpha * narrower },
    ksCmPerS: ksCmPerS * narrower ** 2,
  }
}
