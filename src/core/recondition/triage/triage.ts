import { DomainError } from '../../errors'
import { addDays, addMonths } from '../../units'
import { requireNumber, requireObject, requireOneOf, requireWhole } from '../../validate'
import { hasListedHosts, isLiving, type Judged, judgeFinding } from './judgeFinding'
import {
  type FamilyBar,
  type MixWith,
  type Problem,
  TRIAGE_ACTIONS,
  TRIAGE_VERDICTS,
  type Triage,
  type TriageAction,
  type TriageAnswer,
  type TriageDone,
  type TriageFinding,
  type TriageOptions,
} from './triageTypes'

const NOTHING_DONE: TriageDone = {
  debrisCleared: false,
  skimmedCm: 0,
  restedMonths: 0,
  minutesAt60: 0,
  minutesAt71: 0,
  minutesAt82: 0,
  leached: false,
  aerated: false,
  rewetted: false,
  seedlingTest: 'none',
}

const DONE_NUMBERS = [
  ['skimmedCm', 'The depth skimmed in cm'],
  ['restedMonths', 'The months rested'],
  ['minutesAt60', 'The minutes at 60 °C'],
  ['minutesAt71', 'The minutes at 71 °C'],
  ['minutesAt82', 'The minutes at 82 °C'],
] as const

const MIX_WITH: readonly MixWith[] = ['any', 'same-problem', 'none']

/**
 * What may become of a lot after what was found in it. The strictest finding wins; each keeps its own reason.
 * @param season year that is planted next
 * @param today ISO day
 * @throws DomainError `bad-argument`, `not-finite` or `out-of-range` for findings that are none
 */
export function triage({
  findings,
  done: doneSoFar = {},
  options: given = {},
  season,
  today,
}: {
  findings: readonly TriageFinding[]
  done?: Partial<TriageDone>
  options?: Partial<TriageOptions>
  season: number
  today: string
}): Triage {
  requireWhole('The season', season, { min: 1900, max: 2200 })
  addDays(today, 0)
  if (!Array.isArray(findings)) {
    throw new DomainError('bad-argument', 'The findings are missing.', { field: 'findings' })
  }
  const done = requireDone({ ...NOTHING_DONE, ...doneSoFar })
  const options: TriageOptions = { canHeat: true, canRest: true, ...given }
  const judged = findings.flatMap((finding) => {
    requireFinding(finding)
    if (finding.affectedShare === 0) return []
    return [judge(finding, done, options, season)]
  })

  const verdict = strictest(judged.map((one) => one.verdict))
  const givenUp = verdict === 'compost' || verdict === 'discard'
  const open = judged.filter((one) => one.open)
  const isBarredFood = open.some(({ problem }) => isPoison(problem))
  const harmsSeedlings = open.some(
    ({ problem: { severity, kind } }) => severity >= 2 && !(kind === 'condition' && severity === 2),
  )
  const shared = {
    verdict,
    mixWith: worstOf(judged.map((one) => mixWithOf(one))),
    notFor: barsOf(judged),
    forFood: !givenUp && !isBarredFood && !judged.some(({ problem }) => isOfUnknownOrigin(problem)),
    forSeedlings: !givenUp && !harmsSeedlings,
    reasons: judged.map(({ problem, rule, verdict: own }) => ({
      problemId: problem.id,
      rule,
      verdict: own,
    })),
  }
  if (givenUp) {
    return {
      ...shared,
      actions: [verdict],
      heat: null,
      skimCm: null,
      debrisTo: null,
      earliestReuse: null,
    }
  }
  const skims = open
    .map(({ problem }) => problem.skimCm ?? 0)
    .filter((skimCm) => skimCm > done.skimmedCm)
  const cleared = done.debrisCleared
    ? []
    : open.filter(({ problem }) => isLiving(problem) || problem.action === 'bioassay')
  const asked = new Set<TriageAction>(judged.flatMap(({ action = [] }) => action))
  if (skims.length > 0) asked.add('skim')
  if (cleared.length > 0) asked.add('clear-debris')
  return {
    ...shared,
    actions: TRIAGE_ACTIONS.filter((action) => asked.has(action)),
    heat: hottest(judged),
    skimCm: skims.length > 0 ? Math.max(...skims) : null,
    debrisTo:
      cleared.length === 0
        ? null
        : cleared.some(({ problem }) => problem.debrisTo === 'bin')
          ? 'bin'
          : 'compost',
    earliestReuse: latestDay([
      today,
      ...judged.map(({ waitMonths = 0, waitDays = 0 }) =>
        addDays(addMonths(today, waitMonths), waitDays),
      ),
    ]),
  }
}

interface JudgedFinding extends Judged {
  readonly problem: Problem
  /** Families it keeps out, with their last season. */
  readonly bars: readonly FamilyBar[]
}

function judge(
  { problem, season: seenIn, rotationGroup }: TriageFinding,
  done: TriageDone,
  options: TriageOptions,
  season: number,
): JudgedFinding {
  const seen = seenIn ?? season - 1
  const one = judgeFinding(problem, done, options, seen, season)
  const bars = familyBars(problem, one, one.barAnew ? season - 1 : seen, season, rotationGroup)
  const isHeldBack = bars.length > 0 || isOfUnknownOrigin(problem)
  return {
    ...one,
    problem,
    bars,
    verdict: isHeldBack ? strictest([one.verdict, 'restrict']) : one.verdict,
  }
}

function familyBars(
  problem: Problem,
  { barLifted, open }: Judged,
  seen: number,
  season: number,
  rotationGroup: string | null | undefined,
): FamilyBar[] {
  if (!hasListedHosts(problem) || barLifted) return []
  const asksSeedlings = problem.action === 'bioassay' && open
  const seasons = problem.familyBreakSeasons ?? (asksSeedlings ? 1 : null)
  if (seasons === null || season > seen + seasons) return []
  const groups = problem.byFamily && rotationGroup ? [rotationGroup] : problem.hosts
  return groups.map((group) => ({ rotationGroup: group, untilSeason: seen + seasons }))
}

function barsOf(judged: readonly JudgedFinding[]): FamilyBar[] {
  const until = new Map<string, number>()
  for (const { rotationGroup, untilSeason } of judged.flatMap(({ bars }) => bars)) {
    until.set(rotationGroup, Math.max(untilSeason, until.get(rotationGroup) ?? untilSeason))
  }
  return [...until]
    .map(([rotationGroup, untilSeason]) => ({ rotationGroup, untilSeason }))
    .sort((a, b) => (a.rotationGroup < b.rotationGroup ? -1 : 1))
}

function mixWithOf({ problem, verdict, open, bars }: JudgedFinding): MixWith {
  const { severity, action, kind, survivesIn } = problem
  if (verdict === 'discard' || severity === 4) return 'none'
  if (open && (action === 'bioassay' || isPoison(problem))) return 'none'
  if (severity === 1 || (kind === 'condition' && severity === 2)) return 'any'
  if (bars.length > 0) return 'same-problem'
  if (!open) return 'any'
  const staysBehind = action === 'rest-sealed' || action === 'heat-treat'
  return survivesIn === 'neither' && !staysBehind ? 'any' : 'same-problem'
}

/** What is in the mix for good, or until it was tested or rested: salts alone wash out. */
const isPoison = ({ kind, action }: Problem) => kind === 'contaminant' && action !== 'leach'
const isOfUnknownOrigin = ({ id }: Problem) => id === 'unknown-origin'

function hottest(judged: readonly JudgedFinding[]): Triage['heat'] {
  const doses = judged
    .filter(({ action }) => action?.includes('heat'))
    .flatMap(({ problem: { heatC, heatMinutes } }) =>
      heatC === null ? [] : [{ tempC: heatC, minutes: heatMinutes ?? 0 }],
    )
  return doses.sort((a, b) => b.tempC - a.tempC || b.minutes - a.minutes)[0] ?? null
}

function latestDay(days: readonly string[]): string {
  return [...days].sort().at(-1) as string
}

function strictest(verdicts: readonly TriageAnswer[]): TriageAnswer {
  return verdicts.reduce<TriageAnswer>(
    (worst, one) => (TRIAGE_VERDICTS.indexOf(one) > TRIAGE_VERDICTS.indexOf(worst) ? one : worst),
    'reuse',
  )
}

function worstOf(all: readonly MixWith[]): MixWith {
  return all.reduce<MixWith>(
    (worst, one) => (MIX_WITH.indexOf(one) > MIX_WITH.indexOf(worst) ? one : worst),
    'any',
  )
}

function requireFinding(finding: TriageFinding): void {
  requireObject('A finding', finding)
  requireObject('The problem of a finding', finding.problem)
  requireNumber('The share affected', finding.affectedShare ?? 1, { min: 0, max: 1 })
  if (finding.season !== undefined) {
    requireWhole('The season of a finding', finding.season, { min: 1900, max: 2200 })
  }
}

function requireDone(done: TriageDone): TriageDone {
  for (const [key, name] of DONE_NUMBERS) requireNumber(name, done[key], { min: 0 })
  requireOneOf('The seedling test', done.seedlingTest, [
    'none',
    'clean',
    'harmed',
    'too-weak',
  ] as const)
  return done
}
