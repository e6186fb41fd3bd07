import { addDays } from '../../units'
import type { WorkStep } from './workTypes'

/** A step of an order as far as it is done. */
export interface StepState {
  readonly plan: Pick<WorkStep, 'startsOn' | 'waitDays'>
  /** ISO day; null while it is not ticked. */
  readonly doneOn: string | null
}

export interface StepDay {
  /** ISO day on which it can begin, by what is ticked before it. */
  readonly startsOn: string
  /** ISO day from which it is over: later than it begins where something has to be waited for. */
  readonly overOn: string
}

/**
 * On which day each step of an order can begin and be over, moved by what was ticked late. A step that waits is over when
 * its wait is.
 * @param today ISO day
 */
export function stepDays(steps: readonly StepState[], today: string): StepDay[] {
  let free = steps[0]?.plan.startsOn ?? today
  return steps.map(({ plan, doneOn }) => {
    // A wait runs by itself since the step before it; work that was not done yet is done today at the earliest.
    const since = latest(free, plan.startsOn)
    const startsOn = doneOn === null && plan.waitDays === 0 ? latest(since, today) : since
    const overOn = addDays(startsOn, plan.waitDays)
    free = doneOn ?? overOn
    return { startsOn, overOn }
  })
}

function latest(...days: readonly string[]): string {
  return [...days].sort().at(-1) as string
}
