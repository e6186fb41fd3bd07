import type { ContainerShape } from '../../core/containers'

/** A point of the picture in px, y downwards. */
export type Point = readonly [x: number, y: number]

/** Half the width of the cut face at a height above the base, cm. Troughs are cut across. */
export function halfWidthCm(shape: ContainerShape, zCm: number): number {
  const up = Math.min(1, Math.max(0, zCm / shape.heightCm))
  switch (shape.kind) {
    case 'round':
      return (shape.baseDiameterCm + (shape.topDiameterCm - shape.baseDiameterCm) * up) / 2
    case 'rectangular':
      return (shape.baseWidthCm + (shape.topWidthCm - shape.baseWidthCm) * up) / 2
    case 'bowl': {
      const rim = shape.rimDiameterCm / 2
      const radius = (rim * rim + shape.heightCm * shape.heightCm) / (2 * shape.heightCm)
      return Math.sqrt(Math.max(0, zCm * (2 * radius - zCm)))
    }
  }
}

export interface Frame {
  readonly width: number
  readonly height: number
  readonly pxPerCm: number
  readonly toX: (cm: number) => number
  readonly toY: (zCm: number) => number
}

export interface Box {
  readonly width: number
  readonly height: number
  readonly left: number
  readonly right: number
  readonly top: number
  readonly bottom: number
}

/** Px a cm takes so that a container fits into a box. */
function scaleFor(shape: ContainerShape, { width, height, left, right, top, bottom }: Box): number {
  const widest = 2 * Math.max(halfWidthCm(shape, shape.heightCm), halfWidthCm(shape, 0))
  return Math.min((height - top - bottom) / shape.heightCm, (width - left - right) / widest)
}

/** Height a picture really needs: a wide, low container leaves the top of its box empty. */
export function fitHeight(shape: ContainerShape, box: Box): number {
  return Math.ceil(box.top + scaleFor(shape, box) * shape.heightCm + box.bottom)
}

/** Fits a container into a box of px, to scale, with room around it. */
export function frameFor(shape: ContainerShape, box: Box): Frame {
  const pxPerCm = scaleFor(shape, box)
  const middle = box.left + (box.width - box.left - box.right) / 2
  const base = box.height - box.bottom
  return {
    width: box.width,
    height: box.height,
    pxPerCm,
    toX: (cm) => middle + cm * pxPerCm,
    toY: (zCm) => base - zCm * pxPerCm,
  }
}

/** One wall of a container from height to height, as points from bottom to top. */
export function wall(
  shape: ContainerShape,
  frame: Frame,
  side: -1 | 1,
  fromCm: number,
  toCm: number,
): Point[] {
  const steps = shape.kind === 'bowl' ? 24 : 1
  return Array.from({ length: steps + 1 }, (_, i) => {
    const z = fromCm + ((toCm - fromCm) * i) / steps
    return [frame.toX(side * halfWidthCm(shape, z)), frame.toY(z)] as const
  })
}

export function pathOf(points: readonly Point[]): string {
  return points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('')
}
