import { wilson } from '../statistics'
import { type Fisher, fisherExact } from './fisherExact'
import { holm } from './holm'
import { smallestFisherP, type Verdict, type VerdictReason, verdict } from './verdict'

/** So many out of so many: seeds that came up, pots that live. */
export interface CountOf {
  readonly count: number
  readonly total: number
}

export interface CountResult {
  /** Its place among the groups. */
  readonly group: number
  readonly fisher: Fisher
  /** Holm's, where there are several treatments. */
  readonly p: number
  readonly verdict: Verdict
  readonly reason: VerdictReason | null
}

export interface CountsResult {
  readonly groups: readonly (CountOf & ReturnType<typeof wilson>)[]
  readonly treatments: readonly CountResult[]
}

/**
 * Shares of treatments against the control's, by Fisher's exact test; several are adjusted by Holm.
 * @param groups the control first
 * @throws DomainError `bad-count`, `not-finite`
 */
export function compareCounts({
  groups,
  wish,
  isVoid,
}: {
  readonly groups: readonly CountOf[]
  readonly wish: 'more' | 'less'
  readonly isVoid: boolean
}): CountsResult {
  const described = groups.map(({ count, total }) => ({ count, total, ...wilson(count, total) }))
  const [control, ...others] = described
  if (!control) return { groups: [], treatments: [] }
  const tests = others.map(({ count, total }) =>
    fisherExact(count, total - count, control.count, control.total - control.count),
  )
  const adjusted = holm(tests.map(({ p }) => p))
  return {
    groups: described,
    treatments: others.map(({ total, proportion }, index) => {
      const p = adjusted[index] as number
      const said = verdict({
        isVoid,
        p,
        smallestP: Math.min(1, smallestFisherP(total, control.total) * others.length),
        difference: proportion - control.proportion,
        wish,
      })
      return { group: index + 1, fisher: tests[index] as Fisher, p, ...said }
    }),
  }
}
