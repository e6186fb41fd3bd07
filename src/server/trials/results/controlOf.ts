import { controlReached, potValue, type TrialMeasure } from '../../../core/trials'
import type { Trial } from '../../../data/trials'
import type { ControlView } from '../../../messages/trials/trialViews'
import type { PotOfTrial, TrialCourse } from '../look/courseOf'
import { seedsOf } from '../look/lookRules'

/** What the control of a trial came to so far; null where nothing tells, as with jars, which are read at the bench. */
export function controlOf(
  trial: Pick<Trial, 'kind' | 'must' | 'mustValue' | 'how' | 'perPot'>,
  { pots, until, plantedOn }: TrialCourse,
): ControlView | null {
  const control = pots.filter(
    ({ treatment, excludedFrom }) =>
      treatment === 0 && (excludedFrom === null || excludedFrom > until),
  )
  const last = (measure: TrialMeasure) =>
    control.flatMap((pot) => potValue(pot, { measure, on: until, since: plantedOn }) ?? [])
  const emerged = last('emerged')
  const sum = emerged.length === 0 ? null : emerged.reduce((all, one) => all + one, 0)
  const isSown = seedsOf(trial) > 0
  return controlReached(trial.must, trial.mustValue, {
    sown: emerged.length * seedsOf(trial),
    emerged: isSown ? sum : null,
    planted: isLookedAt(control) ? control.length : 0,
    alive: control.filter(({ diedOn }) => diedOn == null || diedOn > until).length,
    vigour: last('vigour'),
    weeds: isSown ? null : sum,
  })
}

/** That pots live is known once one of them was looked at. */
function isLookedAt(pots: readonly PotOfTrial[]): boolean {
  return pots.some(({ records, diedOn }) => records.length > 0 || diedOn != null)
}

/** A closed trial whose control did not reach what it had to tells nothing. */
export function isVoid(
  { closedAt }: Pick<Trial, 'closedAt'>,
  control: ControlView | null,
): boolean {
  return closedAt !== null && control !== null && !control.isReached
}
