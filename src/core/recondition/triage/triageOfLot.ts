import { addDays, addMonths } from '../../units'
import type { Found } from '../found'
import { doneSince, overrideOf, quarantineOf, restOf, type Treatment } from './treatments'
import { triage } from './triage'
import type {
  Problem,
  Triage,
  TriageAnswer,
  TriageDone,
  TriageFinding,
  TriageOptions,
} from './triageTypes'

const SEEDLING_DAYS = 28
const SEEDLINGS_TOLD = { trouble: 'harmed', clear: 'clean', known: 'too-weak' } as const

/** What may become of a lot, with what was done about it and decided of it. */
export interface LotTriage extends Triage {
  /** Against which verdict it is used all the same, and why; null where nobody decided so. */
  readonly overridden: {
    readonly id: number
    readonly verdict: TriageAnswer
    readonly reason: string
    readonly on: string
  } | null
  /** Kept apart now; null where it is not. */
  readonly hold: {
    readonly id: number
    readonly kind: 'rest' | 'quarantine'
    readonly since: string
    /** ISO day from which on it may be used. */
    readonly until: string
    readonly note: string | null
  } | null
}

/**
 * Triage of a lot by what is in force on it and what was done since.
 * @param found as `inForce` gives it
 * @param treatments of the lot, in any order
 * @returns null where nothing was found that points at a problem and nothing keeps it apart
 */
export function triageOfLot({
  found,
  problems,
  season,
  today,
  treatments = [],
  options = {},
  done = {},
}: {
  found: readonly Found[]
  problems: ReadonlyMap<string, Problem>
  season: number
  today: string
  treatments?: readonly Treatment[]
  options?: Partial<TriageOptions>
  done?: Partial<TriageDone>
}): LotTriage | null {
  const findings = found.flatMap((one) => {
    const problem = one.problemId === null ? undefined : problems.get(one.problemId)
    // What is only to be looked for bars nothing.
    const isLookedFor = one.origin.kind === 'carried' && one.origin.certainty === 'look'
    return problem && one.state !== 'clear' && !isLookedFor ? [{ one, problem }] : []
  })
  const quarantine = quarantineOf(treatments, today)
  if (findings.length === 0 && !quarantine) return null
  const latest = Math.max(0, ...findings.map(({ one }) => one.at))
  const latestOn =
    findings
      .map(({ one }) => one.on)
      .sort()
      .at(-1) ?? today
  const heat = found.find(({ kind, at }) => kind === 'heat' && at >= latest)?.numbers
  const seedlings = found.find(({ kind }) => kind === 'seedlings')
  const asked = findings.filter(({ problem }) => problem.action === 'bioassay')
  const isAnswered = asked.every(({ one }) => seedlings !== undefined && seedlings.at >= one.at)
  const judging = {
    done: {
      minutesAt60: heat?.minutesAt60 ?? 0,
      minutesAt71: heat?.minutesAt71 ?? 0,
      minutesAt82: heat?.minutesAt82 ?? 0,
      ...(asked.length > 0 && seedlings && isAnswered
        ? { seedlingTest: SEEDLINGS_TOLD[seedlings.state] }
        : {}),
      ...doneSince(treatments, latest, latestOn, today),
      ...done,
    },
    options,
    season,
    today,
  }
  const asFindings = (rows: typeof findings): TriageFinding[] =>
    rows.map(({ one, problem }) => ({
      problem,
      season: one.season,
      rotationGroup: one.families?.[0] ?? one.rotationGroup,
    }))
  const judged = triage({ ...judging, findings: asFindings(findings) })
  const override = overrideOf(
    treatments,
    judged.reasons.filter(({ verdict }) => verdict !== 'reuse').map(({ problemId }) => problemId),
  )
  const rest = restOf(treatments)
  const isResting = rest !== null && rest.endedOn === null && judged.actions.includes('rest')
  const restsUntil = isResting ? restUntil(judged, rest, latestOn, problems) : null
  // What rests already is over on its own day, not so long from today; other waits stand beside it.
  const otherWaits = () => {
    const resting = restingProblems(judged)
    const others = findings.filter(({ problem }) => !resting.includes(problem.id))
    return triage({ ...judging, findings: asFindings(others) }).earliestReuse
  }
  const waits = [
    override ? null : restsUntil ? otherWaits() : judged.earliestReuse,
    override ? null : restsUntil,
    quarantine?.until ?? null,
  ]
  return {
    ...(override ? usedAllTheSame(judged) : judged),
    earliestReuse: isGivenUp(judged) && !override ? null : laterOf(...waits),
    overridden: override && {
      id: override.id,
      verdict: judged.verdict,
      reason: override.note ?? '',
      on: override.on,
    },
    hold: quarantine
      ? {
          id: quarantine.id,
          kind: 'quarantine',
          since: quarantine.on,
          until: quarantine.until ?? today,
          note: quarantine.note,
        }
      : rest && restsUntil && !override
        ? { id: rest.id, kind: 'rest', since: rest.on, until: restsUntil, note: rest.note }
        : null,
  }
}

function isGivenUp({ verdict }: Triage): boolean {
  return verdict === 'compost' || verdict === 'discard'
}

/** null where nothing waits. */
function laterOf(...days: readonly (string | null)[]): string | null {
  return (
    days
      .flatMap((day) => day ?? [])
      .sort()
      .at(-1) ?? null
  )
}

/** What a rest is kept for. */
function restingProblems({ reasons }: Pick<Triage, 'reasons'>): string[] {
  return reasons
    .filter(({ rule }) => rule === 'rest' || rule === 'seedlings-harmed')
    .map(({ problemId }) => problemId)
}

/** When all that rests has rested long enough, and seedlings told so where they are asked. */
function restUntil(
  { reasons, actions }: Triage,
  rest: Treatment,
  latestOn: string,
  problems: ReadonlyMap<string, Problem>,
): string {
  const months = restingProblems({ reasons }).map((id) => problems.get(id)?.restMonths ?? 0)
  const from = [rest.on, latestOn].sort()[1] as string
  const over = addMonths(from, Math.max(0, ...months))
  return actions.includes('seedling-test') ? addDays(over, SEEDLING_DAYS) : over
}

/**
 * What the grower takes on: cleaning, waits and kept-out families are lifted. What makes food unsafe, and what it may be
 * mixed with, is not for one pot's grower to lift.
 */
function usedAllTheSame(judged: Triage): Triage {
  return {
    ...judged,
    verdict: 'reuse',
    actions: [],
    notFor: [],
    forSeedlings: true,
    heat: null,
    skimCm: null,
    debrisTo: null,
    earliestReuse: null,
  }
}
