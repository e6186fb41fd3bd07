import type { TrialMeasure } from '../../../core/trials'
import type {
  Candidate,
  CandidatesTrial,
  CandidateTest,
} from '../../../messages/trials/candidateViews'
import type { Wanted } from '../../../ui/AgainstWanted'
import type { Amount, Format } from '../../../ui/format'
import { candidates as words } from '../../../ui/texts/mixes/candidates'
import type { MixWhyKey } from '../../mixes/whyOfMix'

/** What stands in the sheet for one candidate. */
export interface SheetCell {
  /** null where a sentence says it. */
  readonly amount: Amount | null
  /** ISO day of the test; null: worked out; left out: counted, or bought for. */
  readonly measuredOn?: string | null
  readonly text?: string
  /** Small lines below it. */
  readonly notes: readonly string[]
  /** Where it comes from. */
  readonly origin?: { readonly name: string; readonly href: string }
  readonly why?: MixWhyKey
  readonly against?: {
    readonly quantity: 'air' | 'ph'
    readonly value: number
    readonly wanted: Wanted
  }
}

export interface SheetRow {
  readonly key: string
  readonly name: string
  /** Where all of its cells come from. */
  readonly href?: string
  readonly cells: readonly (SheetCell | null)[]
}

export interface SheetGroup {
  readonly key: string
  readonly name: string
  readonly href?: string
  readonly note?: string
  /** Nothing of it counts. */
  readonly isVoid?: boolean
  readonly rows: readonly SheetRow[]
}

/** Makes a row of what is known of each candidate; none where nothing is known of any. */
export type RowMaker = (
  key: string,
  name: string,
  cellOf: (candidate: Candidate, at: number) => SheetCell | null,
  href?: string,
) => SheetRow[]

/** Where a trial shows a measure. */
export function resultAddress({ trialId }: CandidatesTrial, measure: TrialMeasure): string {
  return `/trials/${trialId}/results?measure=${measure}`
}

export function testOrigin({ testId, runs, on }: CandidateTest, format: Format) {
  return { origin: { name: words.test(runs, format.day(on)), href: `/bench/tests/${testId}` } }
}

export function sentence(text: string): SheetCell {
  return { amount: null, text, notes: [] }
}
