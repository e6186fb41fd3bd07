import { DomainError } from '../errors'
import { requireNumber } from '../validate'

/** What was read while water ran through a column; seconds since pouring began. */
export interface DrainObservation {
  readonly pouredMl: number
  /** null where nothing dripped before the end. */
  readonly firstDripS: number | null
  /** A volume and when it had run out; null where it never had. */
  readonly markMl: number
  readonly markS: number | null
  /** When it stopped dripping; null where it still dripped at the end. */
  readonly stoppedS: number | null
  /** When the test was ended, s. */
  readonly endS: number
  /** All that ran out, mL. */
  readonly drainedMl: number
}

export interface DrainReadings {
  /** From the first drip to the mark; null where one of them was not reached. */
  readonly mlPerMin: number | null
  readonly retainedMl: number
  /** Of what was poured. */
  readonly retainedShare: number
  /** Less than the mark came through before the end. */
  readonly stalled: boolean
}

/** Cups and drops on the way: so much more than was poured may be read, mL. */
const SLACK_ML = 5

/**
 * How fast water ran through a column and how much it kept.
 * @throws DomainError `bad-argument` where more ran out than was poured, or times are out of order; the details name the
 * field
 */
export function drainReadings({
  pouredMl,
  firstDripS,
  markMl,
  markS,
  stoppedS,
  endS,
  drainedMl,
}: DrainObservation): DrainReadings {
  requireNumber('The water poured in mL', pouredMl, { above: 0, max: 50_000 })
  requireNumber('The water run out in mL', drainedMl, { min: 0 })
  requireNumber('The volume waited for in mL', markMl, { above: 0, max: 50_000 })
  requireNumber('The end of the test in s', endS, { above: 0, max: 86_400 })
  if (drainedMl > pouredMl + SLACK_ML) {
    refuse(
      'drainedMl',
      `${round(drainedMl)} mL cannot have run out of ${round(pouredMl)} mL poured: one of the two is wrong, or the mix was not drained before.`,
    )
  }
  inOrder([
    ['pouring', 0, 'pour'],
    ['the first drip', firstDripS, 'firstDripS'],
    [`${round(markMl)} mL out`, markS, 'markS'],
    ['dripping stopped', stoppedS, 'stoppedS'],
    ['the end', endS, 'endS'],
  ])
  if (markS !== null && drainedMl < markMl - SLACK_ML) {
    refuse(
      'drainedMl',
      `${round(markMl)} mL were seen to run out, so it cannot be ${round(drainedMl)} mL in all.`,
    )
  }
  const retainedMl = Math.max(0, pouredMl - drainedMl)
  return {
    mlPerMin:
      markS === null || firstDripS === null || markS <= firstDripS
        ? null
        : (60 * markMl) / (markS - firstDripS),
    retainedMl,
    retainedShare: retainedMl / pouredMl,
    stalled: markS === null && drainedMl < markMl - SLACK_ML,
  }
}

function inOrder(
  moments: readonly (readonly [name: string, s: number | null, field: string])[],
): void {
  let before: readonly [name: string, s: number] | null = null
  for (const [name, s, field] of moments) {
    if (s === null) continue
    requireNumber(`The time of ${name} in s`, s, { min: 0 })
    if (before && s < before[1]) {
      refuse(field, `The times are out of order: ${name} is before ${before[0]}.`)
    }
    before = [name, s]
  }
}

function refuse(field: string, sentence: string): never {
  throw new DomainError('bad-argument', sentence, { field })
}

function round(ml: number): string {
  return String(Math.round(ml))
}
