import type { TurnoverPage } from '../../../messages/recondition/turnover'
import type { SiteView } from '../../../messages/site/site'
import { PageHead } from '../../../ui/PageHead'
import { SiteProvider } from '../../../ui/SiteContext'
import { recondition as words } from '../../../ui/texts/recondition/recondition'
import { WaitingLots } from './WaitingLots'
import { FinishedOrders, OpenOrders } from './WorkOrders'

/** What is under way, which lots wait, and what was finished. */
export default function TurnoverScreen({ page, site }: { page: TurnoverPage; site: SiteView }) {
  return (
    <SiteProvider site={site}>
      <PageHead title={words.turnover} lead={words.list.lead} />
      <OpenOrders page={page} />
      <WaitingLots page={page} />
      <FinishedOrders page={page} />
    </SiteProvider>
  )
}
