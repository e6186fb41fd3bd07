import { DomainError } from '../errors'
import { requireNumber, requireWhole } from '../validate'

/** Pots with one share of the doubtful material. */
export interface SeedlingPots {
  readonly sharePercent: number
  readonly sown: number
  readonly sprouted: number
  /** Mean height of those that sprouted; null where it was not measured. */
  readonly heightMm: number | null
}

export interface SeedlingRecord {
  /** Lowest share first, with its sprouted share and its height against the control's, in per cent. */
  readonly pots: readonly (SeedlingPots & {
    readonly sproutedShare: number
    readonly heightPercent: number | null
  })[]
  /** Too few sprouted in the trusted mix: nothing can be said of the other pots. */
  readonly controlFailed: boolean
}

/** Fresh, presoaked large seeds come up this well in a good mix. */
const CONTROL_SPROUTS = 0.8

/**
 * A seedling test as it was counted; what it means for the material is for a trial's statistics to say.
 * @throws DomainError `bad-argument` without pots of the trusted mix alone, or with more sprouted than sown
 */
export function seedlingRecord({ pots }: { pots: readonly SeedlingPots[] }): SeedlingRecord {
  for (const { sharePercent, sown, sprouted, heightMm } of pots) {
    requireNumber('The share in per cent', sharePercent, { min: 0, max: 100 })
    requireWhole('The seeds sown', sown, { min: 1, max: 10_000 })
    requireWhole('The seeds sprouted', sprouted, { min: 0 })
    if (heightMm !== null) requireNumber('The height in mm', heightMm, { min: 0, max: 5000 })
    if (sprouted > sown) {
      throw new DomainError('bad-argument', 'More sprouted than were sown.', { field: 'sprouted' })
    }
  }
  const control = pots.find(({ sharePercent }) => sharePercent === 0)
  if (!control) {
    throw new DomainError(
      'bad-argument',
      'Without pots of a trusted mix alone (0 %) nothing can be compared.',
      { field: 'pots' },
    )
  }
  return {
    pots: [...pots]
      .sort((a, b) => a.sharePercent - b.sharePercent)
      .map((one) => ({
        ...one,
        sproutedShare: one.sprouted / one.sown,
        heightPercent:
          one.heightMm === null || !control.heightMm
            ? null
            : (100 * one.heightMm) / control.heightMm,
      })),
    controlFailed: control.sprouted / control.sown < CONTROL_SPROUTS,
  }
}
