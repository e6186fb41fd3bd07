import type { TrialKind, TrialMeasure } from './trialKinds'

/** What is known of a crop that tells whether its harvest is fruit. */
export interface HarvestedCrop {
  readonly kind: string
  readonly rotationGroup: string
  readonly latin: string
}

const FRUITING_GROUPS: readonly string[] = ['solanum', 'legume', 'cucurbit', 'grass']
/** Of a fruiting family, grown for what is in the mix. */
const TUBERS: readonly string[] = ['Solanum tuberosum']

/** Whether the harvest of a crop is fruit that is picked, pods and cobs among them; of any other it is shoots. */
export function bearsFruit({ kind, rotationGroup, latin }: HarvestedCrop): boolean {
  if (kind === 'fruit') return true
  return kind === 'vegetable' && FRUITING_GROUPS.includes(rotationGroup) && !TUBERS.includes(latin)
}

/** What is weighed or counted up goes before what is looked at on the way. */
const OF_FRUIT: readonly TrialMeasure[] = ['picked', 'fruits-picked', 'harvest']
const OF_SHOOTS: readonly TrialMeasure[] = ['harvest', 'picked', 'fruits-picked']

/**
 * The measure that decides where none was named.
 * @param measures at least one, in the order in which they are read
 */
export function mainMeasure(
  kind: TrialKind,
  measures: readonly TrialMeasure[],
  isFruit: boolean,
): TrialMeasure {
  const counted: readonly TrialMeasure[] = kind === 'count' || kind === 'dose' ? ['emerged'] : []
  const first = [...counted, ...(isFruit ? OF_FRUIT : OF_SHOOTS)]
  return first.find((one) => measures.includes(one)) ?? measures[0] ?? 'vigour'
}
