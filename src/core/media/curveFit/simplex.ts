import { ALPHA_STEP, evaluate, LOG_ALPHA, LOG_N, N_STEP, type Trial, type Wanted } from './misfit'

/** Nelder & Mead (1965) simplex in two dimensions, held inside the bounds. */
export function descend(start: Trial, wanted: Wanted): Trial {
  const [alphaLow, alphaHigh] = LOG_ALPHA
  const [nLow, nHigh] = LOG_N
  const at = (a: number, n: number) =>
    evaluate(Math.min(alphaHigh, Math.max(alphaLow, a)), Math.min(nHigh, Math.max(nLow, n)), wanted)
  let [first, second, third] = [
    start,
    at(
      start.logAlpha + (start.logAlpha + ALPHA_STEP / 2 > alphaHigh ? -1 : 1) * (ALPHA_STEP / 2),
      start.logN,
    ),
    at(start.logAlpha, start.logN + (start.logN + N_STEP / 2 > nHigh ? -1 : 1) * (N_STEP / 2)),
  ]
  for (let step = 0; step < 200; step++) {
    if (second.misfit < first.misfit) [first, second] = [second, first]
    if (third.misfit < second.misfit) [second, third] = [third, second]
    if (second.misfit < first.misfit) [first, second] = [second, first]
    const size =
      Math.abs(third.logAlpha - first.logAlpha) +
      Math.abs(third.logN - first.logN) +
      Math.abs(second.logAlpha - first.logAlpha) +
      Math.abs(second.logN - first.logN)
    if (size < 1e-7) break
    const midAlpha = (first.logAlpha + second.logAlpha) / 2
    const midN = (first.logN + second.logN) / 2
    const along = (factor: number) =>
      at(
        midAlpha + factor * (midAlpha - (third as Trial).logAlpha),
        midN + factor * (midN - (third as Trial).logN),
      )
    const reflected = along(1)
    if (reflected.misfit < first.misfit) {
      const expanded = along(2)
      third = expanded.misfit < reflected.misfit ? expanded : reflected
    } else if (reflected.misfit < second.misfit) {
      third = reflected
    } else {
      const contracted = along(reflected.misfit < third.misfit ? 0.5 : -0.5)
      if (contracted.misfit < Math.min(reflected.misfit, third.misfit)) {
        third = contracted
      } else {
        second = at((second.logAlpha + first.logAlpha) / 2, (second.logN + first.logN) / 2)
        third = at((third.logAlpha + first.logAlpha) / 2, (third.logN + first.logN) / 2)
      }
    }
  }
  return first
}
