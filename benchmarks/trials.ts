import { maxTAgainstControl, replicatesNeeded, smallestDifference } from '../src/core/trials'
import { bestMs, type Figure } from './measure'

const POTS = 6

/** Permutations and pot counts of a trial. */
export function trials(): Figure[] {
  const groups = Array.from({ length: 7 }, (_, group) =>
    Array.from({ length: POTS }, (_one, pot) => 10 + group / 3 + Math.sin(7 * group + 3 * pot)),
  )
  return [
    {
      name: '50,000 permutations of seven mixes of six pots each',
      unit: 'ms',
      goal: { below: 150 },
      value: bestMs(7, () => {
        maxTAgainstControl(groups)
      }),
    },
    {
      name: 'how many pots, and what so many would show',
      unit: 'ms',
      goal: { below: 50 },
      value: bestMs(15, () => {
        replicatesNeeded({ differencePercent: 5, comparisons: 6 })
        smallestDifference({ nControl: POTS, nTreatment: POTS, comparisons: 6 })
      }),
    },
  ]
}
