import type { FoundView } from '../../messages/media/found'
import type { Format } from '../../ui/format'
import { findingSays, findings as words } from '../../ui/texts/media/findings'

/** What was found, in a sentence without its full stop. */
export function foundText(found: FoundView, format: Format): string {
  const { kind, state, problemName, numbers, word, from } = found
  if (kind === 'problem' && from) {
    return carriedText(problemName ?? '', from.name, from.share, from.certainty, format)
  }
  if (kind === 'problem') return problemName ?? ''
  return findingSays[kind](format, numbers, word ?? undefined, state === 'trouble')
}

/** Something that was found in another lot and came here with its litres, or may have come from here. */
export function carriedText(
  problem: string,
  from: string,
  share: number,
  certainty: 'carried' | 'look',
  format: Format,
): string {
  if (certainty === 'look') return words.lookFor(problem, from)
  const shareText = share < 0.01 ? words.underOne : format.plain(format.percent(share))
  return words.carried(problem, from, shareText)
}
