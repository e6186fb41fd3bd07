import type { Finding, FindingKind } from '../bench'
import type { Crop } from '../chemistry'
import { plantingDay } from '../season'
import { triage } from './triage/triage'
import type { Problem, Triage, TriageDone } from './triage/triageTypes'

/** A finding with its day and where it comes from. */
export interface Found extends Omit<Finding, 'kind'> {
  readonly kind: FindingKind | 'problem'
  /** Milliseconds since 1970. */
  readonly at: number
  /** ISO day. */
  readonly on: string
  readonly origin:
    | { readonly kind: 'test'; readonly testId: number }
    | { readonly kind: 'seen'; readonly id: number; readonly note: string | null }
  /** Year in which it was seen. */
  readonly season: number
  /** Of the crop that stood in it. */
  readonly rotationGroup: string | null
}

/** What somebody saw is over once a later test of this kind finds nothing of it. */
const ENDED_BY: Readonly<Partial<Record<FindingKind, readonly string[]>>> = {
  wetting: ['water-repellent'],
  weeds: ['annual-weeds', 'self-seeders'],
  smell: ['sour-smell'],
  grubs: ['vine-weevil', 'chafer-grubs'],
  gnats: ['fungus-gnat'],
  crust: ['salt-crust'],
  moss: ['moss-algae'],
}

/**
 * What is in force of all that was found in a lot: the newest of each kind, and of each problem. Conditions, readings and
 * tests hold until something is mixed in; organisms, weeds and poisons stay with the mix until they are dealt with.
 * @param all in any order
 * @param mixedAt when something was last mixed in, ms; null where it never was
 */
export function inForce(
  all: readonly Found[],
  mixedAt: number | null,
  problems: ReadonlyMap<string, Problem>,
): Found[] {
  const newest = new Map<string, Found>()
  for (const found of [...all].sort((a, b) => b.at - a.at)) {
    const problem = found.problemId === null ? undefined : problems.get(found.problemId)
    const staysInMix =
      found.origin.kind === 'seen' && problem !== undefined && problem.kind !== 'condition'
    if (!staysInMix && mixedAt !== null && found.at <= mixedAt) continue
    const key = found.kind === 'problem' || staysInMix ? `problem ${found.problemId}` : found.kind
    if (!newest.has(key)) newest.set(key, found)
  }
  const kept = [...newest.values()]
  return kept.filter(
    (found) =>
      !kept.some(
        ({ kind, state, at }) =>
          state === 'clear' &&
          at > found.at &&
          kind !== 'problem' &&
          found.problemId !== null &&
          ENDED_BY[kind]?.includes(found.problemId),
      ),
  )
}

/**
 * Triage of a lot by what is in force on it.
 * @returns null where nothing was found that points at a problem
 */
export function triageOfLot({
  found,
  problems,
  season,
  today,
  done = {},
}: {
  found: readonly Found[]
  problems: ReadonlyMap<string, Problem>
  season: number
  today: string
  done?: Partial<TriageDone>
}): Triage | null {
  const findings = found.flatMap((one) => {
    const problem = one.problemId === null ? undefined : problems.get(one.problemId)
    return problem && one.state !== 'clear' ? [{ one, problem }] : []
  })
  if (findings.length === 0) return null
  const latest = Math.max(...findings.map(({ one }) => one.at))
  const heat = found.find(({ kind, at }) => kind === 'heat' && at >= latest)?.numbers
  const seedlings = found.find(({ kind }) => kind === 'seedlings')
  const asked = findings.filter(({ problem }) => problem.action === 'bioassay')
  const isAnswered = asked.every(({ one }) => seedlings !== undefined && seedlings.at >= one.at)
  return triage({
    findings: findings.map(({ one, problem }) => ({
      problem,
      season: one.season,
      rotationGroup: one.families?.[0] ?? one.rotationGroup,
    })),
    done: {
      minutesAt60: heat?.minutesAt60 ?? 0,
      minutesAt71: heat?.minutesAt71 ?? 0,
      minutesAt82: heat?.minutesAt82 ?? 0,
      ...(asked.length > 0 && seedlings && isAnswered
        ? { seedlingTest: seedlings.state === 'trouble' ? ('harmed' as const) : ('clean' as const) }
        : {}),
      ...done,
    },
    season,
    today,
  })
}

/** The year in which a crop is planted next. */
export function seasonOf(crop: Crop, today: string, latitudeDeg: number): number {
  return Number(plantingDay(crop, today, latitudeDeg).slice(0, 4))
}

export type CropBar =
  | { readonly kind: 'given-up'; readonly verdict: 'compost' | 'discard' }
  | { readonly kind: 'family'; readonly rotationGroup: string; readonly untilSeason: number }
  | { readonly kind: 'food' }
  | { readonly kind: 'seedlings' }

const FOOD: readonly Crop['kind'][] = ['vegetable', 'herb', 'fruit']

/** Why a crop may not be planted into a lot; none where it may. */
export function cropBars(
  judged: Pick<Triage, 'verdict' | 'notFor' | 'forFood' | 'forSeedlings'> | null,
  crop: Crop,
): CropBar[] {
  if (!judged) return []
  const { verdict, notFor, forFood, forSeedlings } = judged
  if (verdict === 'compost' || verdict === 'discard') return [{ kind: 'given-up', verdict }]
  return [
    ...notFor
      .filter(({ rotationGroup }) => rotationGroup === crop.rotationGroup)
      .map((bar) => ({ kind: 'family', ...bar }) as const),
    ...(!forFood && FOOD.includes(crop.kind) ? [{ kind: 'food' } as const] : []),
    ...(!forSeedlings && crop.kind === 'seedling' ? [{ kind: 'seedlings' } as const] : []),
  ]
}
