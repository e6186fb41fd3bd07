import { type ComparedTreatment, changesFromControl, type Difference } from './changesFromControl'
import type { TrialKind } from './trialKinds'

/** What a design should be changed for, or known of it, before anything is planted. */
export type DesignRemark =
  | {
      readonly id: 'two-changes'
      readonly treatment: string
      readonly differences: readonly Difference[]
    }
  | { readonly id: 'no-change' | 'twice'; readonly treatment: string }
  | { readonly id: 'one-pot' | 'not-in-blocks' | 'few-doses' | 'no-full-dose' | 'no-check' }

export interface DesignToReview {
  readonly kind: TrialKind
  /** The control first. */
  readonly treatments: readonly ComparedTreatment[]
  readonly pots: number
  readonly blocks: boolean
  /** Days after planting on which it is looked at. */
  readonly checkDays: readonly number[]
}

const LEAST_DOSES = 3

/** In the order in which they matter; none where the design is sound. */
export function reviewDesign({
  kind,
  treatments,
  pots,
  blocks,
  checkDays,
}: DesignToReview): DesignRemark[] {
  const [control, ...others] = treatments
  if (!control) return []
  const remarks: DesignRemark[] = []
  others.forEach((treatment, index) => {
    const differences = changesFromControl(control, treatment)
    if (differences.length > 1) {
      remarks.push({ id: 'two-changes', treatment: treatment.name, differences })
    }
    if (differences.length === 0) remarks.push({ id: 'no-change', treatment: treatment.name })
    else if (
      others.slice(0, index).some((one) => changesFromControl(one, treatment).length === 0)
    ) {
      remarks.push({ id: 'twice', treatment: treatment.name })
    }
  })
  if (kind === 'dose') {
    if (others.length < LEAST_DOSES) remarks.push({ id: 'few-doses' })
    if (kind === 'dose' && !others.some(({ dosePercent }) => dosePercent === 100)) {
      remarks.push({ id: 'no-full-dose' })
    }
  }
  const isCompared = kind === 'comparison' || kind === 'dose' || kind === 'count'
  if (isCompared && pots < 2) remarks.push({ id: 'one-pot' })
  if (isCompared && pots >= 2 && !blocks) remarks.push({ id: 'not-in-blocks' })
  if (checkDays.length === 0) remarks.push({ id: 'no-check' })
  return remarks
}
