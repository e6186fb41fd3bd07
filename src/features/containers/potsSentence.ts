import type { PotsPage } from '../../messages/containers/potViews'
import type { Format } from '../../ui/format'
import { pageSentences } from '../../ui/texts/containers/pageSentences'
import { upperFirst } from '../../ui/texts/lowerFirst'

/** What is said first, and what may be skipped. */
export interface PageSentence {
  readonly strong: string
  readonly rest: string
}

/**
 * What is to be done at the pots: tired mixes before empty pots, those before pots that wait for a plant.
 * @returns null where it would speak of a part that somebody looked for, or of no pot
 */
export function potsSentence(
  {
    asked: { find },
    counts: { growing, waiting, empty },
    tiredLots,
  }: Pick<PotsPage, 'counts' | 'tiredLots'> & { readonly asked: Pick<PotsPage['asked'], 'find'> },
  format: Pick<Format, 'number'>,
): PageSentence | null {
  const words = pageSentences.pots
  const count = format.number
  const all = growing + waiting + empty
  // Of what was looked for its number is said by the list; where nothing stands there is nothing to say.
  if (find || all === 0) return null
  const planted = growing > 0 ? [words.planted(growing, count)] : []
  const filled = waiting > 0 ? [words.filled(waiting, count)] : []
  const sentence = (parts: readonly string[]) =>
    parts.length === 0 ? '' : `${upperFirst(parts.join(', '))}.`
  if (tiredLots > 0 || (empty > 0 && empty < all)) {
    return {
      strong: sentence([
        ...(tiredLots > 0 ? [words.tired(tiredLots, count)] : []),
        ...(empty > 0 ? [words.empty(empty, count)] : []),
      ]),
      rest: sentence([...planted, ...filled]),
    }
  }
  if (empty > 0) return { strong: sentence([words.allEmpty(empty, count)]), rest: '' }
  if (waiting > 0) {
    return { strong: sentence([words.waiting(waiting, count)]), rest: sentence(planted) }
  }
  return { strong: sentence([words.allPlanted(growing, count)]), rest: '' }
}
