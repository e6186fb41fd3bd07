import { linearUpToCm } from '../conductivity'
import type { MediaLayer } from '../layeredCapacity'

/**
 * Conductivity of a layer at a pressure head and how it changes with it (Mualem 1976 with van Genuchten 1980),
 * in a straight line next to saturation where the curve is too steep.
 * @param head cm, negative for suction
 */
export function conductivitySlope(
  { curve: { alpha, n }, ksCmPerS }: MediaLayer,
  head: number,
): { readonly k: number; readonly slope: number } {
  if (head > -1e-12) return { k: ksCmPerS, slope: 0 }
  const m = 1 - 1 / n
  const linearCm = linearUpToCm(n)
  const linear = -head < linearCm
  const h = linear ? linearCm : -head
  const x = (alpha * h) ** n
  const ratio = x / (1 + x)
  const power = ratio ** m
  const inner = 1 - power
  const root = (1 + x) ** (-m / 2)
  const there = root * inner * inner
  if (linear) {
    return {
      k: ksCmPerS * (1 + (there - 1) * (-head / linearCm)),
      slope: (ksCmPerS * (1 - there)) / linearCm,
    }
  }
  const dRoot = ((-m / 2) * (n * ratio * root)) / h
  const dInner = (-m * n * power) / (h * (1 + x))
  return {
    // A floor, so that two bone-dry halves in series do not divide by nothing.
    k: Math.max(1e-30, ksCmPerS * there),
    slope: -ksCmPerS * (dRoot * inner * inner + 2 * root * inner * dInner),
  }
}
