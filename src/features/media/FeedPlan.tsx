import type { LotPage } from '../../messages/media/lotViews'
import { Notice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { media as mediaWords } from '../../ui/texts/media/media'

const words = mediaWords.page

/** What is fed this season, and when next. */
export function FeedPlan({ page: { present } }: { readonly page: LotPage }) {
  const { format } = useSite()
  const plan = present?.feedPlan
  if (!plan) return null
  return (
    <Notice>
      {words.feeds(
        words.howOften(plan.feedsPerWeek),
        format.plain(format.grams(plan.grams)),
        plan.product,
        format.plain(format.litres(plan.litresPerFeed)),
      )}{' '}
      {plan.next
        ? words.nextFeed(format.day(plan.next), format.day(plan.to))
        : words.feedsOver(format.day(plan.to))}
    </Notice>
  )
}
