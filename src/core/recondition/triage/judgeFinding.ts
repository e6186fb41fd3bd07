import type {
  Problem,
  TriageAction,
  TriageAnswer,
  TriageDone,
  TriageOptions,
  TriageRule,
} from './triageTypes'

/** What follows from one finding by itself. */
export interface Judged {
  readonly verdict: TriageAnswer
  readonly rule: TriageRule
  /** false once it was dealt with. */
  readonly open: boolean
  readonly action?: readonly TriageAction[]
  readonly waitMonths?: number
  readonly waitDays?: number
  /** Its hosts may come back earlier than their break says. */
  readonly barLifted?: boolean
  /** It was harmful again just now: its break begins anew. */
  readonly barAnew?: boolean
}

const HEAT_DAYS = 14
const SEEDLING_DAYS = 28
const LEACH_DAYS = 7
/** Seasons that may be waited out where nothing else helps. */
const LONGEST_BREAK = 5
/** Problems that heat, rest or time can end. */
const LIVING = ['clean-debris', 'skim-top', 'same-family-break', 'rest-sealed', 'heat-treat']

export const isLiving = ({ action }: Problem) => LIVING.includes(action)
export const hasListedHosts = ({ hosts }: Problem) => hosts.length > 0 && !hosts.includes('many')

/**
 * The first rule that fits a finding.
 * @param seen year in which it was seen
 * @param season year that is planted next
 */
export function judgeFinding(
  problem: Problem,
  done: TriageDone,
  options: TriageOptions,
  seen: number,
  season: number,
): Judged {
  const { action, severity, kind } = problem
  if (action === 'discard') return { verdict: 'discard', rule: 'never-again', open: true }
  if (action === 'reuse') return { verdict: 'reuse', rule: 'harmless', open: false }
  if (isLiving(problem)) {
    const rest = problem.restMonths ?? Math.max(1, problem.survivalMonths ?? 0)
    if (done.restedMonths >= rest) {
      return { verdict: 'reuse', rule: 'rested', open: false, barLifted: true }
    }
    if (isHeated(problem, done)) {
      return { verdict: 'reuse', rule: 'heated', open: false, barLifted: severity <= 2 }
    }
  }
  switch (action) {
    case 'clean-debris':
      return done.debrisCleared
        ? { verdict: 'reuse', rule: 'cleaned', open: false }
        : { verdict: 'clean', rule: 'clean', open: true }
    case 'skim-top':
      if (kind === 'contaminant') return restOrHeat(problem, done, options, seen, season)
      return done.skimmedCm >= (problem.skimCm ?? 0)
        ? { verdict: 'reuse', rule: 'skimmed', open: false }
        : { verdict: 'clean', rule: 'skim', open: true }
    case 'same-family-break':
      return familyBreak(problem, seen, season)
    case 'leach':
      return done.leached ? treated : treat('leach', { waitDays: LEACH_DAYS })
    case 'aerate': {
      const rest = problem.restMonths
      if (done.aerated || (rest !== null && done.restedMonths >= rest)) return treated
      return treat('aerate', { waitMonths: rest === null ? 0 : rest - done.restedMonths })
    }
    case 'rewet':
      return done.rewetted ? treated : treat('rewet', {})
    case 'bioassay':
      return askSeedlings(problem, done, options)
    case 'rest-sealed':
      if (hasListedHosts(problem) && problem.familyBreakSeasons !== null) {
        return familyBreak(problem, seen, season)
      }
      return restOrHeat(problem, done, options, seen, season)
    default:
      return heatOrRest(problem, done, options, seen, season)
  }
}

const treated: Judged = { verdict: 'reuse', rule: 'treated', open: false }

function treat(
  action: 'leach' | 'aerate' | 'rewet',
  wait: Pick<Judged, 'waitDays' | 'waitMonths'>,
): Judged {
  return { verdict: 'treat', rule: action, open: true, action: [action], ...wait }
}

function isHeated({ heatC, heatMinutes }: Problem, done: TriageDone): boolean {
  if (heatC === null || heatMinutes === null) return false
  const minutes = heatC <= 60 ? done.minutesAt60 : heatC <= 71 ? done.minutesAt71 : done.minutesAt82
  return minutes >= heatMinutes
}

function familyBreak({ familyBreakSeasons }: Problem, seen: number, season: number): Judged {
  return season <= seen + (familyBreakSeasons ?? 0)
    ? { verdict: 'restrict', rule: 'family-break', open: true }
    : { verdict: 'reuse', rule: 'break-over', open: false }
}

function askSeedlings(problem: Problem, done: TriageDone, { canHeat }: TriageOptions): Judged {
  if (done.seedlingTest === 'clean') {
    return { verdict: 'reuse', rule: 'seedlings-grew', open: false, barLifted: true }
  }
  const harmed = { rule: 'seedlings-harmed', open: true } as const
  // A test that could not have seen harm says as little as none.
  if (done.seedlingTest === 'none' || done.seedlingTest === 'too-weak') {
    return {
      verdict: 'restrict',
      rule: 'seedlings-to-ask',
      open: true,
      action: ['seedling-test'],
      waitDays: SEEDLING_DAYS,
    }
  }
  if (problem.familyBreakSeasons !== null) return { verdict: 'restrict', ...harmed, barAnew: true }
  if (problem.restMonths !== null) {
    return {
      verdict: 'restrict',
      ...harmed,
      action: ['rest', 'seedling-test'],
      waitMonths: Math.max(0, problem.restMonths - done.restedMonths),
      waitDays: SEEDLING_DAYS,
    }
  }
  if (problem.kind === 'condition' && canHeat && problem.heatC !== null) {
    return {
      verdict: 'treat',
      ...harmed,
      action: ['heat', 'seedling-test'],
      waitDays: HEAT_DAYS + SEEDLING_DAYS,
    }
  }
  return { verdict: 'discard', ...harmed }
}

function resting({ restMonths }: Problem, done: TriageDone, options: TriageOptions): Judged | null {
  if (!options.canRest || restMonths === null) return null
  const waitMonths = restMonths - done.restedMonths
  return { verdict: 'treat', rule: 'rest', open: true, action: ['rest'], waitMonths }
}

function heating({ heatC }: Problem, options: TriageOptions): Judged | null {
  if (!options.canHeat || heatC === null) return null
  return { verdict: 'treat', rule: 'heat', open: true, action: ['heat'], waitDays: HEAT_DAYS }
}

function restOrHeat(
  problem: Problem,
  done: TriageDone,
  options: TriageOptions,
  seen: number,
  season: number,
): Judged {
  return (
    resting(problem, done, options) ??
    heating(problem, options) ??
    neitherPossible(problem, seen, season)
  )
}

function heatOrRest(
  problem: Problem,
  done: TriageDone,
  options: TriageOptions,
  seen: number,
  season: number,
): Judged {
  return (
    heating(problem, options) ??
    resting(problem, done, options) ??
    neitherPossible(problem, seen, season)
  )
}

function neitherPossible(problem: Problem, seen: number, season: number): Judged {
  const { familyBreakSeasons, kind, debrisTo, severity } = problem
  if (
    hasListedHosts(problem) &&
    familyBreakSeasons !== null &&
    familyBreakSeasons <= LONGEST_BREAK
  ) {
    return familyBreak(problem, seen, season)
  }
  if (!hasListedHosts(problem) && kind === 'disease-soil') {
    return { verdict: 'restrict', rule: 'no-cure', open: true }
  }
  if (debrisTo === 'compost' || severity <= 2) {
    return { verdict: 'compost', rule: 'no-cure', open: true }
  }
  return { verdict: 'discard', rule: 'no-cure', open: true }
}
