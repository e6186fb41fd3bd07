import type { Finding, FindingKind } from '../bench'
import type { Problem } from './triage/triageTypes'

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
