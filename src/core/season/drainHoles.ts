import { areaAt, type ContainerShape, requireShape } from '../containers'
import { requireNumber } from '../validate'

/** A place on the base or the surface of a container, cm from its middle. */
export interface Spot {
  readonly xCm: number
  readonly yCm: number
}

export interface DrainHoles {
  readonly count: number
  readonly diameterMm: number
  readonly positions: readonly Spot[]
}

const HOLE_MM = 12
const CM2_PER_HOLE = 100
const LEAST_HOLES = 4
/** Below this width one hole in the middle does. */
const SMALL_POT_CM = 14
const ONE_RING = 6
const INNER_SHARE = 0.3
const CM2_PER_EMITTER = 300
const RING = 0.6
/** Of a basket the lowest tenth counts as its base. */
const BOWL_BASE = 0.1

/**
 * Holes of 12 mm in the base: one for each 100 cm², four at least, one in the middle of a pot under 14 cm; evenly spaced.
 * @throws DomainError for an impossible shape
 */
export function drainHoles(shape: ContainerShape): DrainHoles {
  requireShape(shape)
  const holes = (positions: readonly Spot[]): DrainHoles => ({
    count: positions.length,
    diameterMm: HOLE_MM,
    positions,
  })
  if (widthOf(shape) < SMALL_POT_CM) return holes([{ xCm: 0, yCm: 0 }])
  const zCm = shape.kind === 'bowl' ? shape.heightCm * BOWL_BASE : 0
  const baseCm2 = areaAt({ shape, zCm })
  const count = Math.max(LEAST_HOLES, Math.ceil(baseCm2 / CM2_PER_HOLE - 1e-9))
  if (shape.kind === 'rectangular') return holes(grid(shape.baseLengthCm, shape.baseWidthCm, count))
  const radius = Math.sqrt(baseCm2 / Math.PI)
  if (count <= ONE_RING) return holes(ring(radius * RING, count))
  // Two rings, each with its part of the area.
  const inner = Math.max(1, Math.round(count * INNER_SHARE))
  return holes([
    ...(inner === 1 ? [{ xCm: 0, yCm: 0 }] : ring(radius * 0.35, inner)),
    ...ring(radius * 0.75, count - inner),
  ])
}

/**
 * Drip emitters: one for each 300 cm² of the top, one at least, evenly round a ring at 60 % of the radius, in troughs on a
 * grid.
 * @param flowLPerH of one emitter
 * @returns with what all of them give, L/h
 * @throws DomainError for an impossible shape or a flow not above 0
 * @example emitters({ kind: 'round', topDiameterCm: 20, baseDiameterCm: 15, heightCm: 20 }, 2).count // 1
 */
export function emitters(
  shape: ContainerShape,
  flowLPerH: number,
): { readonly count: number; readonly positions: readonly Spot[]; readonly litresPerHour: number } {
  requireShape(shape)
  requireNumber('The flow of an emitter in L/h', flowLPerH, { above: 0 })
  const topCm2 = areaAt({ shape, zCm: shape.heightCm })
  const count = Math.max(1, Math.round(topCm2 / CM2_PER_EMITTER))
  const positions =
    shape.kind === 'rectangular'
      ? grid(shape.topLengthCm, shape.topWidthCm, count)
      : count === 1
        ? [{ xCm: 0, yCm: 0 }]
        : ring(Math.sqrt(topCm2 / Math.PI) * RING, count)
  return { count: positions.length, positions, litresPerHour: positions.length * flowLPerH }
}

/** The width that pots are called by, cm. */
export function widthOf(shape: ContainerShape): number {
  switch (shape.kind) {
    case 'round':
      return shape.topDiameterCm
    case 'rectangular':
      return Math.min(shape.topLengthCm, shape.topWidthCm)
    case 'bowl':
      return shape.rimDiameterCm
  }
}

function ring(radiusCm: number, count: number): Spot[] {
  return Array.from({ length: count }, (_, index) => {
    const angle = (2 * Math.PI * index) / count
    return { xCm: radiusCm * Math.sin(angle), yCm: -radiusCm * Math.cos(angle) }
  })
}

/** In rows, as many as are asked for or a few more, so that every row is full. */
function grid(lengthCm: number, widthCm: number, least: number): Spot[] {
  const [long, short] = [Math.max(lengthCm, widthCm), Math.min(lengthCm, widthCm)]
  const rows = Math.max(1, Math.round(Math.sqrt((least * short) / long)))
  const each = Math.ceil(least / rows)
  return Array.from({ length: rows * each }, (_, index) => {
    const along = ((index % each) + 0.5) / each - 0.5
    const across = (Math.floor(index / each) + 0.5) / rows - 0.5
    return lengthCm >= widthCm
      ? { xCm: along * lengthCm, yCm: across * widthCm }
      : { xCm: across * lengthCm, yCm: along * widthCm }
  })
}
