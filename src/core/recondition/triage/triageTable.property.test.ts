import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { shippedProblems } from '../../../../testing/tables'
import { triage } from './triage'
import type { Problem, Triage, TriageAnswer, TriageDone, TriageOptions } from './triageTypes'

// The rules of what becomes of a lot, written down a second time as the table they are: the first row that fits.

const TODAY = '2026-08-31'
const SEASON = 2027
const ORDER: readonly TriageAnswer[] = ['reuse', 'clean', 'treat', 'restrict', 'compost', 'discard']
const WORK = ['clear-debris', 'skim', 'rewet', 'aerate', 'leach', 'heat', 'rest', 'seedling-test']

interface Finding {
  readonly problem: Problem
  readonly season: number
  readonly rotationGroup: string | null
}
interface Situation {
  readonly done: TriageDone
  readonly options: TriageOptions
}
interface Outcome {
  readonly verdict: TriageAnswer
  readonly isOpen: boolean
  readonly asks: readonly string[]
  readonly months: number
  readonly days: number
  readonly isLifted: boolean
  readonly isAnew: boolean
}

const outcome = (verdict: TriageAnswer, more: Partial<Outcome> = {}): Outcome => ({
  verdict,
  isOpen: true,
  asks: [],
  months: 0,
  days: 0,
  isLifted: false,
  isAnew: false,
  ...more,
})
const dealtWith = (isLifted = false) => outcome('reuse', { isOpen: false, isLifted })

const isLiving = ({ action }: Problem) =>
  ['clean-debris', 'skim-top', 'same-family-break', 'rest-sealed', 'heat-treat'].includes(action)
const isListed = ({ hosts }: Problem) => hosts.length > 0 && hosts[0] !== 'many'
const isPoison = ({ kind, action }: Problem) => kind === 'contaminant' && action !== 'leach'
const isHeated = ({ heatC, heatMinutes }: Problem, done: TriageDone) =>
  heatC !== null &&
  heatMinutes !== null &&
  ({ 60: done.minutesAt60, 71: done.minutesAt71, 82: done.minutesAt82 }[heatC] ?? 0) >= heatMinutes

function breakOf({ problem, season }: Finding): Outcome {
  const isRunning = SEASON <= season + (problem.familyBreakSeasons ?? 0)
  return isRunning ? outcome('restrict') : dealtWith()
}

function lastResort(finding: Finding): Outcome {
  const { problem } = finding
  const seasons = problem.familyBreakSeasons
  if (isListed(problem) && seasons !== null && seasons <= 5) return breakOf(finding)
  if (!isListed(problem) && problem.kind === 'disease-soil') return outcome('restrict')
  return problem.debrisTo === 'compost' || problem.severity <= 2
    ? outcome('compost')
    : outcome('discard')
}

function curedBy(
  order: readonly ('rest' | 'heat')[],
  finding: Finding,
  { done, options }: Situation,
) {
  const { restMonths, heatC } = finding.problem
  for (const cure of order) {
    if (cure === 'rest' && options.canRest && restMonths !== null) {
      return outcome('treat', { asks: ['rest'], months: restMonths - done.restedMonths })
    }
    if (cure === 'heat' && options.canHeat && heatC !== null) {
      return outcome('treat', { asks: ['heat'], days: 14 })
    }
  }
  return lastResort(finding)
}

function harmed({ problem }: Finding, { done, options }: Situation): Outcome {
  if (problem.familyBreakSeasons !== null) return outcome('restrict', { isAnew: true })
  if (problem.restMonths !== null) {
    const months = Math.max(0, problem.restMonths - done.restedMonths)
    return outcome('restrict', { asks: ['rest', 'seedling-test'], months, days: 28 })
  }
  if (problem.kind === 'condition' && options.canHeat && problem.heatC !== null) {
    return outcome('treat', { asks: ['heat', 'seedling-test'], days: 42 })
  }
  return outcome('discard')
}

type Row = readonly [
  fits: (problem: Problem, situation: Situation) => boolean,
  then: (finding: Finding, situation: Situation) => Outcome,
]
const TABLE: readonly Row[] = [
  [({ action }) => action === 'discard', () => outcome('discard')],
  [({ action }) => action === 'reuse', () => dealtWith()],
  [
    (one, { done }) =>
      isLiving(one) &&
      done.restedMonths >= (one.restMonths ?? Math.max(1, one.survivalMonths ?? 0)),
    () => dealtWith(true),
  ],
  [
    (one, { done }) => isLiving(one) && isHeated(one, done),
    ({ problem }) => dealtWith(problem.severity <= 2),
  ],
  [
    ({ action }) => action === 'clean-debris',
    (_, { done }) => (done.debrisCleared ? dealtWith() : outcome('clean')),
  ],
  [
    ({ action, kind }) => action === 'skim-top' && kind !== 'contaminant',
    ({ problem }, { done }) =>
      done.skimmedCm >= (problem.skimCm ?? 0) ? dealtWith() : outcome('clean'),
  ],
  [({ action }) => action === 'same-family-break', (finding) => breakOf(finding)],
  [
    ({ action }) => action === 'leach',
    (_, { done }) => (done.leached ? dealtWith() : outcome('treat', { asks: ['leach'], days: 7 })),
  ],
  [
    ({ action }) => action === 'aerate',
    ({ problem: { restMonths } }, { done }) =>
      done.aerated || (restMonths !== null && done.restedMonths >= restMonths)
        ? dealtWith()
        : outcome('treat', {
            asks: ['aerate'],
            months: restMonths === null ? 0 : restMonths - done.restedMonths,
          }),
  ],
  [
    ({ action }) => action === 'rewet',
    (_, { done }) => (done.rewetted ? dealtWith() : outcome('treat', { asks: ['rewet'] })),
  ],
  [
    ({ action }, { done }) => action === 'bioassay' && done.seedlingTest === 'clean',
    () => dealtWith(true),
  ],
  [
    ({ action }, { done }) => action === 'bioassay' && done.seedlingTest === 'none',
    () => outcome('restrict', { asks: ['seedling-test'], days: 28 }),
  ],
  [({ action }) => action === 'bioassay', harmed],
  [
    (one) => one.action === 'rest-sealed' && isListed(one) && one.familyBreakSeasons !== null,
    (finding) => breakOf(finding),
  ],
  [
    ({ action, kind }) =>
      action === 'rest-sealed' || (kind === 'contaminant' && action === 'skim-top'),
    (finding, situation) => curedBy(['rest', 'heat'], finding, situation),
  ],
  [
    ({ action }) => action === 'heat-treat',
    (finding, situation) => curedBy(['heat', 'rest'], finding, situation),
  ],
]

function byTable(finding: Finding, situation: Situation) {
  const { problem } = finding
  const row = TABLE.find(([fits]) => fits(problem, situation))
  assert.ok(row, `no row fits ${problem.id}`)
  const told = row[1](finding, situation)
  const seasons =
    problem.familyBreakSeasons ?? (problem.action === 'bioassay' && told.isOpen ? 1 : null)
  const seen = told.isAnew ? SEASON - 1 : finding.season
  const isBarred =
    isListed(problem) && !told.isLifted && seasons !== null && SEASON <= seen + seasons
  const groups = problem.byFamily && finding.rotationGroup ? [finding.rotationGroup] : problem.hosts
  const bars = isBarred ? groups.map((group) => [group, seen + (seasons ?? 0)] as const) : []
  const isHeldBack = isBarred || problem.id === 'unknown-origin'
  const verdict =
    isHeldBack && ORDER.indexOf(told.verdict) < ORDER.indexOf('restrict')
      ? 'restrict'
      : told.verdict
  return { ...told, problem, verdict, bars, mixWith: mixWithOf(problem, told, verdict, isBarred) }
}

function mixWithOf(problem: Problem, told: Outcome, verdict: TriageAnswer, isBarred: boolean) {
  const { severity, kind, action, survivesIn } = problem
  const isUncertain = told.isOpen && (action === 'bioassay' || isPoison(problem))
  if (verdict === 'discard' || severity === 4 || isUncertain) return 'none'
  if (severity === 1 || (kind === 'condition' && severity === 2)) return 'any'
  if (isBarred) return 'same-problem'
  const staysIn = action === 'rest-sealed' || action === 'heat-treat'
  return !told.isOpen || (survivesIn === 'neither' && !staysIn) ? 'any' : 'same-problem'
}

/** Calendar months on, kept inside the month, then days. */
function dayAfter(months: number, days: number): string {
  const [year, month, day] = TODAY.split('-').map(Number) as [number, number, number]
  const last = new Date(Date.UTC(year, month + months, 0)).getUTCDate()
  const then = new Date(Date.UTC(year, month - 1 + months, Math.min(day, last) + days))
  return then.toISOString().slice(0, 10)
}

function expected(findings: readonly Finding[], situation: Situation) {
  const each = findings.map((finding) => byTable(finding, situation))
  const verdict = ORDER[Math.max(0, ...each.map((one) => ORDER.indexOf(one.verdict)))]
  const isLost = verdict === 'compost' || verdict === 'discard'
  const open = each.filter(({ isOpen }) => isOpen)
  const { done } = situation
  const skims = open
    .map(({ problem }) => problem.skimCm ?? 0)
    .filter((skimCm) => skimCm > done.skimmedCm)
  const toClear = done.debrisCleared
    ? []
    : open.filter(({ problem }) => isLiving(problem) || problem.action === 'bioassay')
  const asks = new Set(each.flatMap((one) => one.asks))
  if (skims.length > 0) asks.add('skim')
  if (toClear.length > 0) asks.add('clear-debris')
  const mixing = ['any', 'same-problem', 'none']
  const until = new Map<string, number>()
  for (const [group, season] of each.flatMap(({ bars }) => bars)) {
    until.set(group, Math.max(season, until.get(group) ?? 0))
  }
  const days = each.map((one) => dayAfter(one.months, one.days))
  return {
    verdict,
    actions: isLost ? [verdict] : WORK.filter((one) => asks.has(one)),
    mixWith: mixing[Math.max(0, ...each.map((one) => mixing.indexOf(one.mixWith)))],
    notFor: [...until]
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([rotationGroup, untilSeason]) => ({ rotationGroup, untilSeason })),
    forFood:
      !isLost &&
      !open.some(({ problem }) => isPoison(problem)) &&
      !each.some(({ problem }) => problem.id === 'unknown-origin'),
    forSeedlings:
      !isLost &&
      !open.some(
        ({ problem: { severity, kind } }) =>
          severity >= 2 && !(kind === 'condition' && severity === 2),
      ),
    skimCm: isLost || skims.length === 0 ? null : Math.max(...skims),
    debrisTo:
      isLost || toClear.length === 0
        ? null
        : toClear.some(({ problem }) => problem.debrisTo === 'bin')
          ? 'bin'
          : 'compost',
    earliestReuse: isLost ? null : [TODAY, ...days].sort().at(-1),
  }
}

const GROUPS = [...new Set(shippedProblems.flatMap(({ hosts }) => hosts))].filter(
  (group) => group !== 'many',
)
const dones = fc.record<TriageDone>({
  debrisCleared: fc.boolean(),
  skimmedCm: fc.constantFrom(0, 0, 2, 3, 5, 10),
  restedMonths: fc.constantFrom(0, 0, 1, 3, 6, 12, 24),
  minutesAt60: fc.constantFrom(0, 0, 29, 30, 60),
  minutesAt71: fc.constantFrom(0, 0, 29, 30, 60),
  minutesAt82: fc.constantFrom(0, 0, 29, 30, 60),
  leached: fc.boolean(),
  aerated: fc.boolean(),
  rewetted: fc.boolean(),
  seedlingTest: fc.constantFrom('none', 'clean', 'harmed'),
})
const situations = fc.record<Situation>({
  done: dones,
  options: fc.record({ canHeat: fc.boolean(), canRest: fc.boolean() }),
})
const findingsOf = (problems: fc.Arbitrary<Problem>) =>
  fc.record<Finding>({
    problem: problems,
    season: fc.integer({ min: SEASON - 9, max: SEASON - 1 }),
    rotationGroup: fc.constantFrom(null, ...GROUPS),
  })
const shipped = findingsOf(fc.constantFrom(...shippedProblems))

function agrees(findings: readonly Finding[], situation: Situation): void {
  const told: Triage = triage({ findings, ...situation, season: SEASON, today: TODAY })
  const { heat, reasons, ...rest } = told
  assert.deepEqual(rest, expected(findings, situation))
  assert.deepEqual(
    reasons.map(({ problemId, verdict }) => [problemId, verdict]),
    findings.map((finding) => [finding.problem.id, byTable(finding, situation).verdict]),
  )
  const heats = told.actions.includes('heat')
  assert.equal(heat !== null, heats, 'a temperature where heat is asked for, and only there')
  if (!heat) return
  const asking = findings.filter((finding) => byTable(finding, situation).asks.includes('heat'))
  assert.equal(heat.tempC, Math.max(...asking.map(({ problem }) => problem.heatC ?? 0)))
}

test('every shipped problem alone is judged as the table says, whatever was done', () => {
  fc.assert(
    fc.property(shipped, situations, (finding, situation) => agrees([finding], situation)),
    {
      numRuns: 2000,
    },
  )
})

test('several findings together are judged as the table says', () => {
  fc.assert(fc.property(fc.array(shipped, { maxLength: 4 }), situations, agrees), { numRuns: 2000 })
})

test('a problem that a garden adds itself is judged by the same table', () => {
  const made = fc.record<Problem>({
    id: fc.constantFrom('own-problem', 'unknown-origin'),
    kind: fc.constantFrom(
      'disease-soil',
      'disease-leaf',
      'pest',
      'weed',
      'contaminant',
      'condition',
    ),
    hosts: fc.oneof(
      fc.constant(['many']),
      fc.constant([]),
      fc.uniqueArray(fc.constantFrom(...GROUPS), { minLength: 1, maxLength: 3 }),
    ),
    byFamily: fc.boolean(),
    survivesIn: fc.constantFrom('media', 'debris', 'both', 'neither'),
    survivalMonths: fc.constantFrom(null, 0, 3, 24),
    action: fc.constantFrom(
      'discard',
      'reuse',
      'clean-debris',
      'skim-top',
      'same-family-break',
      'leach',
      'aerate',
      'rewet',
      'bioassay',
      'rest-sealed',
      'heat-treat',
    ),
    heatC: fc.constantFrom(null, 60, 71, 82),
    heatMinutes: fc.constant(30),
    restMonths: fc.constantFrom(null, 1, 6, 12),
    familyBreakSeasons: fc.constantFrom(null, 1, 3, 5, 8),
    skimCm: fc.constantFrom(null, 2, 5),
    debrisTo: fc.constantFrom(null, 'bin', 'compost'),
    severity: fc.integer({ min: 1, max: 4 }),
  })
  fc.assert(fc.property(fc.array(findingsOf(made), { maxLength: 3 }), situations, agrees), {
    numRuns: 3000,
  })
})

test('the order in which things were found changes nothing', () => {
  fc.assert(
    fc.property(
      fc.array(shipped, { minLength: 2, maxLength: 4 }),
      situations,
      (findings, situation) => {
        const input = { ...situation, season: SEASON, today: TODAY }
        const { reasons: _, ...one } = triage({ findings, ...input })
        const { reasons: __, ...other } = triage({ findings: [...findings].reverse(), ...input })
        assert.deepEqual(one, other)
      },
    ),
  )
})

test('doing more never makes a verdict worse, but where it begins a rest or a test anew', () => {
  fc.assert(
    fc.property(shipped, situations, (finding, { done, options }) => {
      const judged = (more: Partial<TriageDone>) =>
        triage({
          findings: [finding],
          done: { ...done, seedlingTest: 'none', ...more },
          options,
          season: SEASON,
          today: TODAY,
        })
      const before = judged({})
      const after = judged({
        debrisCleared: true,
        skimmedCm: 30,
        restedMonths: 600,
        minutesAt60: 60,
        minutesAt71: 60,
        minutesAt82: 60,
        leached: true,
        aerated: true,
        rewetted: true,
        seedlingTest: 'clean',
      })
      assert.ok(ORDER.indexOf(after.verdict) <= ORDER.indexOf(before.verdict))
      assert.ok(after.notFor.length <= before.notFor.length)
    }),
    { numRuns: 1000 },
  )
})
