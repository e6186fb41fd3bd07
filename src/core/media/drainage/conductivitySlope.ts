import { conductivityExponent, ENTRY_STEEPNESS, entryShare } from '../conductivity'
import type { MediaLayer } from '../layeredCapacity'

/**
 * Conductivity of a layer at a pressure head, cm/s, and how it changes with it, 1/s.
 * @param head cm, negative for suction
 */
export function conductivitySlope(
  { curve: { alpha, n }, ksCmPerS, entryCm = null }: MediaLayer,
  head: number,
): { readonly k: number; readonly slope: number } {
  if (head > -1e-12) return { k: ksCmPerS, slope: 0 }
  const h = -head
  const m = 1 - 1 / n
  const b = conductivityExponent(n)
  const x = (alpha * h) ** n
  const share = entryShare(h, entryCm)
  const k = ksCmPerS * (1 + x) ** (-m * b) * share
  return {
    // A floor, so that two bone-dry halves in series do not divide by nothing.
    k: Math.max(1e-30, k),
    slope: (k * ((b * m * n * x) / (1 + x) + ENTRY_STEEPNESS * (1 - share))) / h,
  }
}
