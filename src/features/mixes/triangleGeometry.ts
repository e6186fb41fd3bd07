import type { Component, MaterialGroup } from '../../core/media'

export type Shares = readonly [fibre: number, compost: number, aggregate: number]

/** Room around the triangle for the names at its corners. */
export const TRIANGLE = { side: 380, left: 20, top: 26, width: 420, height: 392 } as const
const HEIGHT = (TRIANGLE.side * Math.sqrt(3)) / 2

/** Materials that may stand at each corner. */
export const CORNER_GROUPS: readonly (readonly MaterialGroup[])[] = [
  ['organic base', 'bagged mix', 'coarse organic'],
  ['compost'],
  ['aggregate'],
]
const USUAL_CORNERS = ['all-purpose-mix', 'garden-compost', 'perlite-coarse'] as const

/** Which material of the mix stands at each corner: the largest of its kind, else the usual one. */
export function cornersOf(components: readonly Component[]): [string, string, string] {
  const largest = (groups: readonly MaterialGroup[]) =>
    components
      .filter(({ material }) => groups.includes(material.group))
      .sort((a, b) => b.parts - a.parts)[0]?.material.id
  const [fibre, compost, aggregate] = CORNER_GROUPS.map(
    (groups, i) => largest(groups) ?? USUAL_CORNERS[i],
  )
  return [fibre ?? '', compost ?? '', aggregate ?? '']
}

/** Fibre at the left, compost at the right, aggregate on top. */
export function pointOf([fibre, compost, aggregate]: Shares): { x: number; y: number } {
  const total = fibre + compost + aggregate
  const { side, left, top } = TRIANGLE
  return {
    x: left + (side * (compost + aggregate / 2)) / total,
    y: top + HEIGHT * (1 - aggregate / total),
  }
}

/** The shares at a place, brought inside the triangle. */
export function sharesAt(x: number, y: number): Shares {
  const aggregate = clamp(1 - (y - TRIANGLE.top) / HEIGHT, 0, 1)
  const compost = clamp((x - TRIANGLE.left) / TRIANGLE.side - aggregate / 2, 0, 1 - aggregate)
  return [1 - aggregate - compost, compost, aggregate]
}

/** A step by the arrow keys: up and down for the aggregate, left and right between fibre and compost. */
export function stepped([fibre, compost, aggregate]: Shares, key: string): Shares | null {
  const step = 0.02
  switch (key) {
    case 'ArrowUp':
    case 'ArrowDown': {
      const next = clamp(aggregate + (key === 'ArrowUp' ? step : -step), 0, 1)
      const others = fibre + compost
      // Where hardly any of the others is left there is no proportion to keep.
      if (others < 1e-6) return [1 - next, 0, next]
      const scale = (1 - next) / others
      return [fibre * scale, compost * scale, next]
    }
    case 'ArrowLeft':
    case 'ArrowRight': {
      const next = clamp(compost + (key === 'ArrowRight' ? step : -step), 0, fibre + compost)
      return [fibre + compost - next, next, aggregate]
    }
    default:
      return null
  }
}

function clamp(value: number, low: number, high: number): number {
  return Math.min(high, Math.max(low, value))
}
