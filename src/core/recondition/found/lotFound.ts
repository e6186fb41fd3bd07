import type { Finding, FindingKind } from '../../bench'
import { DAY_MS } from '../../units'
import type { Problem } from '../triage'
import { problemsShownBy } from './problemSigns'

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
    /** Found in another lot, whose litres came here; or from which they came, to be looked for. */
    | {
        readonly kind: 'carried'
        readonly findingId: number
        readonly fromLotId: number
        readonly fromName: string
        readonly share: number
        readonly certainty: 'carried' | 'look'
      }
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
  gnats: ['fungus-gnat'],
  crust: ['salt-crust'],
  moss: ['moss-algae'],
}

/** What hides: only two searches of the tipped-out mix, so far apart that eggs have hatched between them, end it. */
const HIDDEN = ['vine-weevil', 'chafer-grubs', 'cutworm', 'wireworm']
const SEARCHES_APART_MS = 28 * DAY_MS

/**
 * What is in force of all that was found in a lot: the newest of each kind, and of each problem. Conditions, readings and
 * tests hold until something is mixed in; organisms, weeds and poisons stay with the mix until they are dealt with. A look
 * that sees no grubs ends nothing: they hide.
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
      found.origin.kind !== 'test' && problem !== undefined && problem.kind !== 'condition'
    if (!staysInMix && mixedAt !== null && found.at <= mixedAt) continue
    const key = found.kind === 'problem' || staysInMix ? `problem ${found.problemId}` : found.kind
    const known = newest.get(key)
    // A seedling test too weak to tell takes the place of none that told.
    if (!known || (known.kind === 'seedlings' && known.state === 'known')) newest.set(key, found)
  }
  const kept = [...newest.values()]
  const searches = all.filter(({ kind, state }) => kind === 'grubs' && state === 'clear')
  return kept.filter(
    (found) =>
      !isSearchedOut(found, searches) &&
      !isAnswered(found, kept) &&
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

/** Searched for twice since, four weeks apart, and not found. */
function isSearchedOut({ problemId, at }: Found, searches: readonly Found[]): boolean {
  if (problemId === null || !HIDDEN.includes(problemId)) return false
  const since = searches.filter((search) => search.at > at).map((search) => search.at)
  return since.length > 1 && Math.max(...since) - Math.min(...since) >= SEARCHES_APART_MS
}

/** Grubs that were seen are a question until somebody says which. */
function isAnswered({ kind, state, problemId, at }: Found, kept: readonly Found[]): boolean {
  if (kind !== 'grubs' || state !== 'trouble' || problemId !== null) return false
  const named = problemsShownBy('grubs')
  return kept.some(
    (one) =>
      one.origin.kind === 'seen' &&
      one.at >= at &&
      one.problemId !== null &&
      named.includes(one.problemId),
  )
}
