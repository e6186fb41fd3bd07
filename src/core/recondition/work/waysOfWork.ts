import type { WorkVariant } from '../recipe'
import type { WorkDay } from './workDay'
import type { WorkStep } from './workTypes'
import { WAIT_DAYS } from './workWaits'

const FORK_CM = 15
const UNDERLAY_CM = 3
const DRESS_CM = 3

/** The steps of each way of working; the work's day is the earliest to plant when they are laid out. */
export const WAYS_OF_WORK: Readonly<Record<WorkVariant, (work: WorkDay) => WorkStep[]>> = {
  tipped,
  'in-place': inPlace,
  'potted-on': pottedOn,
  around,
  'unused-bag': unusedBag,
}

/** Tipped out on a sheet, cleaned, treated, mixed, filled in again. */
function tipped(work: WorkDay): WorkStep[] {
  const { litres, options, triage } = work
  const steps = [...cleared(work)]
  steps.push(
    work.step('tip-out', 3 + 0.15 * litres, ['sheet', 'gloves'], ['lifting']),
    work.step('clean', 0.6 * litres, ['gloves'], []),
    options.runsDownSide || work.asks('rewet')
      ? work.step('rewet', 10 + 0.2 * litres, ['can'], ['dust'])
      : work.inTurn(work.step('workable', 3, ['can'], []), 'dry', options.dryDays ?? 0),
  )
  if (work.asks('aerate')) {
    const aerate = work.step('aerate', 5 + 0.1 * litres, ['fork', 'sheet'], ['fumes'])
    const days = work.asks('heat') || work.asks('rest') ? 0 : work.daysLeft()
    steps.push(work.inTurn(aerate, 'aerate', days))
  }
  if (work.asks('heat')) {
    const heat = work.step('heat', 30 + 2 * litres, ['probe', 'gloves'], ['heat', 'legionella'])
    const dose = triage?.heat ? { heat: triage.heat } : {}
    steps.push(work.inTurn({ ...heat, ...dose }, 'heat', WAIT_DAYS.heat))
  }
  steps.push(...rested(work), ...mixed(work, true), ...work.rest())
  steps.push(
    ...work.retest(),
    work.containers(),
    work.step('fill', 4 + 0.2 * litres, ['can', 'gloves'], ['legionella', 'lifting']),
    work.plant(),
  )
  return steps
}

/** Forked over in its pot and topped up: a season more without lifting it out. */
function inPlace(work: WorkDay): WorkStep[] {
  const { litres, options } = work
  const added = work.parts(false)
  const steps = [...cleared(work)]
  if (options.runsDownSide || work.asks('rewet')) {
    steps.push(work.step('rewet', 10 + 0.2 * litres, ['can'], ['dust']))
  }
  steps.push(...rested(work))
  steps.push(...limed(work), ...work.powders(), {
    ...work.step('fork', 3 + 0.2 * litres, ['fork', 'gloves'], ['legionella']),
    depthCm: options.forkCm ?? FORK_CM,
  })
  if (added.length > 0) {
    const step = work.step('top-up', 3 + 0.1 * litres, ['bucket'], work.cautionsOfParts(), added)
    steps.push(withDepth(step, options.topUpCm))
  }
  steps.push(work.step('water-in', 4 + 0.05 * litres, ['can'], []), ...work.rest())
  steps.push(...work.retest(), work.plant())
  return steps
}

/** A living plant into a larger pot: the mix is ready before the roots are in the air. */
function pottedOn(work: WorkDay): WorkStep[] {
  const { litres, options } = work
  const steps = [...mixed(work, true), ...work.rest()]
  steps.push(
    work.containers(),
    work.step('lift', 5 + 0.2 * litres, ['gloves', 'sheet'], ['lifting']),
    withDepth(
      work.step('underlay', 3, ['gloves'], ['legionella']),
      options.underlayCm ?? UNDERLAY_CM,
    ),
    work.step('sides', 4 + 0.2 * litres, ['can', 'gloves'], ['legionella', 'lifting']),
    work.step('water-in', 4 + 0.05 * litres, ['can', 'tags'], []),
  )
  return steps
}

/** Between plants that stay: a thin layer scratched in, then seeds or small plugs. */
function around(work: WorkDay): WorkStep[] {
  const { litres, options } = work
  const steps = mixed(work, false)
  steps.push(
    withDepth(
      work.step('dress', 5 + 0.3 * litres, ['fork', 'gloves'], ['legionella']),
      options.dressCm ?? DRESS_CM,
    ),
    work.step('water-in', 4 + 0.05 * litres, ['can'], []),
    ...work.rest(),
  )
  steps.push(work.plant('sow-between'))
  return steps
}

/** Nothing to take out, to clean or to let rest: it is checked, moistened and filled in. */
function unusedBag(work: WorkDay): WorkStep[] {
  const { litres, options } = work
  const checked = work.inTurn(
    work.step('workable', 3, ['can'], ['legionella']),
    'dry',
    options.dryDays ?? 0,
  )
  return [
    checked,
    ...limed(work),
    ...work.powders(),
    work.containers(),
    work.step('fill', 4 + 0.2 * litres, ['can', 'gloves'], ['legionella', 'lifting'], work.parts()),
    work.plant(),
  ]
}

/** Plants and what lies on top taken out, salts washed out while it stands in its pot. */
function cleared(work: WorkDay): WorkStep[] {
  const { litres, triage, recipe } = work
  const steps = [work.step('clear', 5 + 0.1 * litres, ['tags', 'gloves'], ['legionella'])]
  if (work.asks('skim')) {
    const skim = work.step('skim', 2 + 0.05 * litres, ['gloves', 'bucket'], ['dust'])
    steps.push(triage?.skimCm ? { ...skim, skimCm: triage.skimCm } : skim)
  }
  if (recipe.leachLitres > 0) {
    const minutes = 15 + 0.3 * recipe.leachLitres
    const leach = work.step('leach', minutes, ['can', 'meter'], ['run-off'])
    steps.push(work.inTurn(leach, 'leach', WAIT_DAYS.leach))
  }
  return steps
}

/** A rest, and seedlings that tell whether it is over. */
function rested(work: WorkDay): WorkStep[] {
  const steps: WorkStep[] = []
  const testDays = work.asks('seedling-test') ? WAIT_DAYS.seedlings : 0
  if (work.asks('rest')) {
    const restDays = Math.max(0, work.daysLeft() - testDays)
    steps.push(work.inTurn(work.step('keep', 3, ['tags', 'sheet'], []), 'rest', restDays))
  }
  if (testDays > 0) {
    steps.push(work.inTurn(work.step('seedling-test', 20, ['tags'], []), 'seedlings', testDays))
  }
  return steps
}

/** Caustic lime by itself, and its week. */
function limed(work: WorkDay): WorkStep[] {
  const apart = work.limeApart()
  return apart ? [work.inTurn(apart, 'caustic', WAIT_DAYS.caustic)] : []
}

/** Measured out, powders scattered, folded over, moistened. */
function mixed(work: WorkDay, withLot: boolean): WorkStep[] {
  const { litres } = work
  return [
    ...limed(work),
    work.step(
      'spread',
      5 + 0.3 * litres,
      ['bucket', 'gloves'],
      work.cautionsOfParts(),
      work.parts(withLot),
    ),
    ...work.powders(),
    work.step('fold', 0.4 * litres, ['fork'], []),
    work.step('moisten', 4 + 0.05 * litres, ['can'], []),
  ]
}

function withDepth(step: WorkStep, depthCm: number | undefined): WorkStep {
  return depthCm === undefined ? step : { ...step, depthCm }
}
