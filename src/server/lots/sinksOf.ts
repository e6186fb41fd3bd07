import { type Component, settlingShare } from '../../core/media'
import type { CardFacts } from './lotFacts'

/** The most that can be settled by a test and still be believed. */
const MOST_SETTLING = 0.5

/** How far a lot's own mix sank when it was watered in, by its test; null where there was none. */
export function settlingTested({ found }: Pick<CardFacts, 'found'>): number | null {
  const share = found.find(({ kind }) => kind === 'settling')?.numbers.settledShare
  return share === undefined ? null : Math.min(MOST_SETTLING, share)
}

/** How far a mix sinks when it is watered in: by a lot's own test, else by what it is made of. */
export function sinksOf(
  components: readonly Component[],
  facts: Pick<CardFacts, 'found'> | null = null,
): number {
  return (facts && settlingTested(facts)) ?? settlingShare({ components })
}
