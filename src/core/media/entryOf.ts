import type { Component } from './material'

/** Entry suction of a layer: of one coarse material its own, cm; a blend has none. */
export function entryOf(components: readonly Component[]): number | null {
  const [only, ...others] = components.filter(({ parts }) => parts > 0)
  return only && others.length === 0 ? (only.material.entryCm ?? null) : null
}
