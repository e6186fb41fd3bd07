import type { LotPage, LotWhyKey } from '../../messages/media/lotViews'
import { media as mediaWords } from '../../ui/texts/media/media'
import { WhyText } from '../../ui/WhyText'
import type { Asking } from './LotValues'

const words = mediaWords.page

/** The arithmetic of the number that was asked, beside the numbers it belongs to. */
export function LotAnswer({
  page,
  asking: { asked, ask },
  keys,
}: {
  readonly page: LotPage
  readonly asking: Asking
  readonly keys: readonly LotWhyKey[]
}) {
  const why = asked && keys.includes(asked) ? page.why[asked] : undefined
  if (!asked || !why) return null
  return (
    <WhyText title={words.whyTitle(words.whyNames[asked])} why={why} onClose={() => ask(null)} />
  )
}
