/** Longer numbers are somebody's own, and no place in a row. */
const NUMBERED = /^P(\d{1,9})$/

/**
 * Codes that follow on the highest in use, "P07" after "P06"; none that is taken.
 * @param taken all codes that were ever given out
 */
export function nextCodes(taken: ReadonlySet<string>, count: number): string[] {
  let number = 0
  for (const code of taken) number = Math.max(number, Number(NUMBERED.exec(code)?.[1] ?? 0))
  const codes: string[] = []
  while (codes.length < count) {
    number += 1
    const code = `P${String(number).padStart(2, '0')}`
    if (!taken.has(code)) codes.push(code)
  }
  return codes
}
