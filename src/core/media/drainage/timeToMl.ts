/**
 * When so much had run out, read between the points of an outflow series; null where it never had.
 * @param tS times, s, rising
 * @param ml water run out by then, mL
 * @example timeToMl([0, 10, 20], [0, 400, 600], 500) // 15
 */
export function timeToMl(
  tS: readonly number[],
  ml: readonly number[],
  wantedMl: number,
): number | null {
  const last = ml.length - 1
  if (!(wantedMl > 0)) return 0
  if ((ml[last] as number) < wantedMl) return null
  let low = 0
  let high = last
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if ((ml[middle] as number) < wantedMl) low = middle
    else high = middle
  }
  const from = ml[low] as number
  const to = ml[high] as number
  const share = to > from ? (wantedMl - from) / (to - from) : 1
  return (tS[low] as number) + share * ((tS[high] as number) - (tS[low] as number))
}
