import type { ContainerShape } from '../../core/containers'
import type { Stratum } from '../../messages/media/lotViews'
import { type Grain, grainOf } from './grains'
import { type Frame, halfWidthCm } from './potGeometry'

/** All grains of one material as one path. */
export interface GrainPath {
  readonly materialId: string
  readonly grain: Grain
  readonly d: string
}

const SMALLEST_PX = 0.7
const LARGEST_PX = 5.5

/**
 * Scatters the grains of every material through a stretch of the cut face, as many as its share, as large as its grains.
 * Always the same for the same mix: positions come from a counter hashed, not from chance.
 */
export function scatterGrains(
  strata: readonly Stratum[],
  shape: ContainerShape,
  frame: Frame,
  { fromCm, toCm }: { readonly fromCm: number; readonly toCm: number },
  count: number,
): GrainPath[] {
  return strata.map((stratum, row) => {
    const grain = grainOf(stratum.group)
    const wanted = Math.round(count * stratum.share * DENSITY[grain])
    const radius = Math.min(
      LARGEST_PX,
      Math.max(SMALLEST_PX, (stratum.grainMm / 20) * frame.pxPerCm),
    )
    let d = ''
    for (let i = 0; i < wanted; i++) {
      const z = fromCm + hash(row, i, 1) * (toCm - fromCm)
      const half = halfWidthCm(shape, z)
      const x = (2 * hash(row, i, 2) - 1) * half * 0.97
      d += DRAW[grain](
        frame.toX(x),
        frame.toY(z),
        radius * (0.75 + 0.5 * hash(row, i, 3)),
        hash(row, i, 4),
      )
    }
    return { materialId: stratum.materialId, grain, d }
  })
}

const DENSITY: Readonly<Record<Grain, number>> = {
  threads: 0.8,
  dashes: 0.8,
  stipple: 1.1,
  speckle: 1.2,
  pebbles: 1,
  solid: 1.4,
}

type Draw = (x: number, y: number, radius: number, turn: number) => string

const circle: Draw = (x, y, r) =>
  `M${px(x - r)} ${px(y)}a${px(r)} ${px(r)} 0 1 0 ${px(2 * r)} 0a${px(r)} ${px(r)} 0 1 0 ${px(-2 * r)} 0`

const thread: Draw = (x, y, radius, turn) => {
  const length = 4 + 3 * radius
  const dx = Math.cos(turn * Math.PI * 2) * length
  const dy = Math.sin(turn * Math.PI * 2) * length * 0.5
  return `M${px(x)} ${px(y)}q${px(dx / 2)} ${px(dy / 2 - 2)} ${px(dx)} ${px(dy)}`
}

const dash: Draw = (x, y, radius, turn) => {
  const dx = (2 + 1.6 * radius) * Math.cos((turn - 0.5) * 1.6)
  const dy = (2 + 1.6 * radius) * Math.sin((turn - 0.5) * 1.6)
  return `M${px(x - dx / 2)} ${px(y - dy / 2)}l${px(dx)} ${px(dy)}`
}

const DRAW: Readonly<Record<Grain, Draw>> = {
  threads: thread,
  dashes: dash,
  stipple: circle,
  speckle: circle,
  pebbles: circle,
  solid: circle,
}

function px(value: number): string {
  return value.toFixed(1)
}

/** A well-mixed number from 0 to 1 for three whole numbers (after Wang's integer hash). */
function hash(a: number, b: number, c: number): number {
  let h = (a * 374761393 + b * 668265263 + c * 2147483647) | 0
  h = Math.imul(h ^ (h >>> 13), 1274126177)
  h = Math.imul(h ^ (h >>> 16), 2246822519)
  return ((h ^ (h >>> 15)) >>> 0) / 4294967296
}
