import type { FoundView } from '../../messages/media/found'
import type { Format } from '../../ui/format'
import { findingSays } from '../../ui/texts/findings'

/** What was found, in a sentence without its full stop. */
export function foundText(found: FoundView, format: Format): string {
  const { kind, state, problemName, numbers, word } = found
  if (kind === 'problem') return problemName ?? ''
  return findingSays[kind](format, numbers, word ?? undefined, state === 'trouble')
}
