import type { LotTriage } from '../../core/recondition'
import type { Format } from '../../ui/format'
import { findings as words } from '../../ui/texts/media/findings'

type Judged = Pick<LotTriage, 'verdict' | 'hold' | 'overridden'>

/** What may become of a lot, in a few words: what keeps it apart comes before what it might be used for. */
export function verdictText(triage: Judged | null, format: Format): string | null {
  if (!triage) return null
  const { hold, overridden, verdict } = triage
  if (hold) return words.held[hold.kind](format.day(hold.until)).replace(/\.$/, '')
  if (overridden) return words.allTheSame
  return verdict === 'reuse' ? null : words.verdicts[verdict]
}
