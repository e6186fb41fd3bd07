import { layoutTrial } from '../../../core/trials'
import { nextCodes, takenCodes } from '../../../data/containers'
import { codesInUse } from '../../../data/trials'
import type { OpenDatabase } from '../../database'

const SPARE = 400

/**
 * The same codes, but for those that a container has or had, or another trial's pot.
 * @param mine codes of this trial that are in use already, as they should be
 */
export async function freshCodes(
  db: OpenDatabase,
  codes: readonly string[],
  seed: number,
  mine: readonly string[] = [],
): Promise<readonly string[]> {
  const own = new Set(mine)
  const inTrials = [...(await codesInUse(db))].filter((code) => !own.has(code))
  const used = new Set([...inTrials, ...(await takenCodes(db))])
  const wanted = new Set(codes)
  const spare = layoutTrial({
    treatments: ['0', '1'],
    replicates: SPARE,
    columns: 2,
    seed: Math.max(1, seed - 1),
  })
    .map(({ code }) => code)
    .filter((code) => !used.has(code) && !wanted.has(code))
  // Drawn from the same seed again and again they run out: then plain numbers are given.
  const plain = nextCodes(new Set([...used, ...wanted]), codes.length)
  return codes.map((code) => (used.has(code) ? (spare.pop() ?? plain.pop() ?? code) : code))
}
