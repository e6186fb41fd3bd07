import { requireNumber, requireObject, requireOneOf } from '../../validate'
import type { Recipe, WorkVariant } from '../recipe'
import { WAYS_OF_WORK } from './waysOfWork'
import { WorkDay } from './workDay'
import type { ScheduleOptions, TriageForWork, WorkStep } from './workTypes'

const VARIANTS = Object.keys(WAYS_OF_WORK) as WorkVariant[]
const DEPTHS = ['forkCm', 'topUpCm', 'underlayCm', 'dressCm'] as const

/**
 * Steps of a turnover with amounts, tools, minutes, cautions where they matter, and the earliest day to plant. Salty old
 * mix is leached and caustic lime worked in before anything else, one after the other; waits after mixing run side by side.
 * Minutes are our own estimates per litre moved.
 * @param variant tipped out on a sheet; forked over and topped up in place; a living plant potted on; a dressing around
 *   survivors; a mix never planted that is used as it is
 * @param startDate ISO date
 * @throws DomainError `bad-argument` for a way of working that is not known, or a date that is none
 */
export function scheduleWork({
  recipe,
  triage,
  variant,
  startDate,
  options = {},
}: {
  recipe: Recipe
  triage: TriageForWork | null
  variant: WorkVariant
  startDate: string
  options?: ScheduleOptions
}): { steps: WorkStep[]; readyOn: string; totalMinutes: number } {
  requireObject('The recipe', recipe)
  requireOneOf('The way of working', variant, VARIANTS)
  for (const depth of DEPTHS) {
    if (options[depth] !== undefined)
      requireNumber('A depth in cm', options[depth], { min: 0, max: 200 })
  }
  const work = new WorkDay(recipe, triage, startDate, options)
  const steps = WAYS_OF_WORK[variant](work)
  return {
    steps,
    readyOn: work.day,
    totalMinutes: steps.reduce((sum, { minutes }) => sum + minutes, 0),
  }
}
