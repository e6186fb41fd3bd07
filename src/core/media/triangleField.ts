import type { ContainerShape } from '../containers'
import { DomainError } from '../errors'
import { requireWhole } from '../validate'
import { blendMedia } from './blendMedia'
import { containerCapacity } from './containerCapacity'
import type { Component, Material } from './material'

/** One mix of three materials: shares of the parts, and what it does in the container. */
export interface TrianglePoint {
  readonly shares: readonly [number, number, number]
  readonly air: number
  /** Water between draining and 100 cm of suction, as a share of the volume. */
  readonly available: number
}

/**
 * Every mix of three materials in equal steps of their shares, in one container: a field over a triangle.
 * @param corners three different materials
 * @param rest parts that stay as they are, and how large a share of all parts they are (0 to under 1)
 * @param steps along each side, 2 to 40; (steps + 1)(steps + 2) / 2 mixes are worked out
 * @throws DomainError for corners that are not three, or impossible containers
 */
export function triangleField({
  corners,
  rest = [],
  restShare = 0,
  container: { shape, fillHeightCm },
  steps = 16,
  onProgress,
}: {
  corners: readonly Material[]
  rest?: readonly Component[]
  restShare?: number
  container: { shape: ContainerShape; fillHeightCm: number }
  steps?: number
  onProgress?: (share: number) => void
}): readonly TrianglePoint[] {
  requireWhole('The steps', steps, { min: 2, max: 40 })
  const [first, second, third] = corners
  if (!first || !second || !third || corners.length !== 3) {
    throw new DomainError('bad-argument', 'A triangle has three materials.', { field: 'corners' })
  }
  const restParts = rest.reduce((sum, { parts }) => sum + parts, 0)
  const scale = restParts > 0 ? restShare / restParts : 0
  const kept = rest.map((one) => ({ ...one, parts: one.parts * scale }))
  const points: TrianglePoint[] = []
  for (let i = 0; i <= steps; i++) {
    for (let j = 0; j <= steps - i; j++) {
      const shares = [i / steps, j / steps, (steps - i - j) / steps] as const
      const mixed = [first, second, third].map((material, k) => ({
        material,
        parts: (shares[k] as number) * (1 - (restParts > 0 ? restShare : 0)),
      }))
      const { curve } = blendMedia({ components: [...mixed, ...kept] })
      const { airFraction, availableLitres, waterLitres, waterFraction } = containerCapacity({
        curve,
        shape,
        fillHeightCm,
      })
      const litres = waterLitres / waterFraction
      points.push({ shares, air: airFraction, available: availableLitres / litres })
    }
    onProgress?.((i + 1) / (steps + 1))
  }
  return points
}
