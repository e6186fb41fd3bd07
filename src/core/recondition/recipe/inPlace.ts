import type { TriageAction } from '../triage'
import type { RootMass } from './intake'
import type { Recipe } from './recipeTypes'
import type { Schools } from './schools'

/** Why a lot is tipped out although this garden works in place where it can. */
export type TippedFor = 'other-pots' | 'roots' | 'sieve' | 'treatment' | 'too-full'

const LEFT_OVER_LITRES = 0.5

/** What has to come out of its pot whatever the custom. @returns null where it can be worked where it stands */
export function whyTipped({
  inOwnPots,
  rootMass,
  actions,
  roots,
}: {
  /** All of its next pots hold it now. */
  readonly inOwnPots: boolean
  readonly rootMass: RootMass
  readonly actions: readonly TriageAction[]
  readonly roots: Schools['roots']
}): TippedFor | null {
  if (!inOwnPots) return 'other-pots'
  if (actions.includes('heat') || actions.includes('aerate')) return 'treatment'
  if (rootMass === 'bound' || rootMass === 'woody') return 'roots'
  return roots === 'sieve' ? 'sieve' : null
}

/** Compost that finds room above the old mix: nothing is taken out of the pot for it. */
export function shareInPlace(
  share: number,
  usableLitres: number,
  litresWanted: number,
  settlingShare: number,
): number {
  const mixLitres = litresWanted / (1 - settlingShare)
  return Math.min(share, Math.max(0, 1 - usableLitres / mixLitres))
}

/** Whether what a recipe adds finds no room unless old mix is taken out. */
export function isTooFull({ leftoverLitres }: Pick<Recipe, 'leftoverLitres'>): boolean {
  return leftoverLitres > LEFT_OVER_LITRES
}
