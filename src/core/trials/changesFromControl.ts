/** What may differ between two treatments. */
export type Difference = 'mix' | 'dose' | 'pot' | 'care'

/** A treatment, told by what may make its pots grow differently; alike means the same text or number. */
export interface ComparedTreatment {
  readonly name: string
  /** Which mix, lot or bag. */
  readonly mix: string
  /** Share of what is added to it, percent; 0 where nothing is. */
  readonly dosePercent: number
  readonly pot: string
  /** What is done differently, such as a feed; empty: nothing. */
  readonly care: string
}

/** In how many ways a treatment differs from the control: one is what a trial can tell the reason of. */
export function changesFromControl(
  control: ComparedTreatment,
  treatment: ComparedTreatment,
): Difference[] {
  const plain = (text: string) => text.trim().toLowerCase()
  return [
    ...(control.mix === treatment.mix ? [] : ['mix' as const]),
    ...(control.dosePercent === treatment.dosePercent ? [] : ['dose' as const]),
    ...(control.pot === treatment.pot ? [] : ['pot' as const]),
    ...(plain(control.care) === plain(treatment.care) ? [] : ['care' as const]),
  ]
}
