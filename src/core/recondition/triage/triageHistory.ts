import { addMonths } from '../../units'
import { type Found, inForce } from '../found'
import type { Treatment, TreatmentKind } from './treatments'
import { type LotTriage, triageOfLot } from './triageOfLot'
import { type Problem, TRIAGE_VERDICTS, type TriageAnswer, type TriageOptions } from './triageTypes'

/** What a lot might be used for changed on a day, and what changed it. */
export interface TriageChange {
  /** ISO day. */
  readonly on: string
  readonly before: TriageAnswer
  readonly after: TriageAnswer
  /** Families that may come again, and that may not any more. */
  readonly freed: readonly string[]
  readonly barred: readonly string[]
  readonly because:
    | { readonly kind: 'found'; readonly problemId: string }
    | { readonly kind: 'test' }
    | { readonly kind: 'done'; readonly treatment: TreatmentKind }
    /** A rest, a quarantine or a break was over. */
    | { readonly kind: 'time' }
}

/**
 * How the judgement of a lot came to be what it is: each day on which something found, something done or the calendar
 * changed it, oldest first. Worked out from what is written down: nothing has to be kept beside it.
 * @param found all that was ever found and still counts, in any order
 * @param from earlier changes are left out, ISO day
 */
export function triageHistory({
  found,
  treatments,
  mixedOn,
  mixedAt,
  problems,
  options = {},
  from,
  today,
}: {
  found: readonly Found[]
  treatments: readonly Treatment[]
  mixedOn: string | null
  mixedAt: number | null
  problems: ReadonlyMap<string, Problem>
  options?: Partial<TriageOptions>
  from: string
  today: string
}): TriageChange[] {
  const judgeOn = (day: string): LotTriage | null =>
    triageOfLot({
      found: inForce(
        found.filter(({ on }) => on <= day),
        mixedOn !== null && mixedOn <= day ? mixedAt : null,
        problems,
      ),
      treatments: treatments
        .filter(({ on }) => on <= day)
        .map((one) => ({
          ...one,
          endedOn: one.endedOn !== null && one.endedOn <= day ? one.endedOn : null,
        })),
      problems,
      options,
      season: Number(day.slice(0, 4)),
      today: day,
    })
  const days = [...new Set(eventDays(found, treatments, problems, today))]
    .filter((day) => day > from && day <= today)
    .sort()
  const changes: TriageChange[] = []
  let before = judgeOn(from)
  for (const day of days) {
    const after = judgeOn(day)
    const change = changeBetween(before, after)
    if (change) {
      const worse = isStricter(change.after, change.before) || change.barred.length > 0
      changes.push({ on: day, ...change, because: causeOn(day, found, treatments, worse) })
    }
    before = after
  }
  return changes
}

/** Days on which it may have been judged anew. */
function eventDays(
  found: readonly Found[],
  treatments: readonly Treatment[],
  problems: ReadonlyMap<string, Problem>,
  today: string,
): string[] {
  const starts = [...found.map(({ on }) => on), ...treatments.map(({ on }) => on)].sort()
  const first = Number((starts[0] ?? today).slice(0, 4))
  const years = Array.from(
    { length: Number(today.slice(0, 4)) - first },
    (_, year) => `${first + year + 1}-01-01`,
  )
  const rests = treatments.filter(({ kind }) => kind === 'rest')
  const months = [
    ...new Set(
      found.flatMap(({ problemId }) => {
        const problem = problemId === null ? undefined : problems.get(problemId)
        return problem ? [problem.restMonths ?? Math.max(1, problem.survivalMonths ?? 0)] : []
      }),
    ),
  ]
  const overs = rests.flatMap((rest) =>
    [rest.on, ...found.map(({ on }) => on).filter((on) => on > rest.on)].flatMap((on) =>
      months.map((count) => addMonths(on, count)),
    ),
  )
  return [
    ...starts,
    ...treatments.flatMap(({ endedOn, until }) => [
      ...(endedOn ? [endedOn] : []),
      ...(until ? [until] : []),
    ]),
    ...years,
    ...overs,
  ]
}

function changeBetween(
  before: LotTriage | null,
  after: LotTriage | null,
): Pick<TriageChange, 'before' | 'after' | 'freed' | 'barred'> | null {
  const verdictOf = (one: LotTriage | null) => one?.verdict ?? 'reuse'
  const barsOf = (one: LotTriage | null) =>
    (one?.notFor ?? []).map(({ rotationGroup }) => rotationGroup)
  const freed = barsOf(before).filter((group) => !barsOf(after).includes(group))
  const barred = barsOf(after).filter((group) => !barsOf(before).includes(group))
  const isHeldAnew = (before?.hold?.kind ?? null) !== (after?.hold?.kind ?? null)
  if (verdictOf(before) === verdictOf(after) && freed.length + barred.length === 0 && !isHeldAnew) {
    return null
  }
  return { before: verdictOf(before), after: verdictOf(after), freed, barred }
}

function isStricter(one: TriageAnswer, other: TriageAnswer): boolean {
  return TRIAGE_VERDICTS.indexOf(one) > TRIAGE_VERDICTS.indexOf(other)
}

function causeOn(
  day: string,
  found: readonly Found[],
  treatments: readonly Treatment[],
  /** Only what was found makes it worse. */
  worse: boolean,
): TriageChange['because'] {
  const treatment = treatments.filter(({ on }) => on === day).sort((a, b) => b.at - a.at)[0]
  const seen = found.filter(({ on }) => on === day).sort((a, b) => b.at - a.at)[0]
  const isLater = treatment !== undefined && treatment.at >= (seen?.at ?? 0)
  if (treatment && isLater && !(worse && seen)) return { kind: 'done', treatment: treatment.kind }
  if (!seen) return { kind: 'time' }
  return seen.problemId !== null && seen.state === 'trouble'
    ? { kind: 'found', problemId: seen.problemId }
    : { kind: 'test' }
}
