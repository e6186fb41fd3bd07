import type { TestPage } from '../../messages/bench/benchViews'
import type { SiteView } from '../../messages/site/site'
import { ResultPanel } from './ResultPanel'
import { TestFrame } from './TestFrame'

/** What a test came to: a page of its own, since nothing is typed into it and all of the form stays away. */
export default function FinishedTestScreen(props: {
  readonly page: TestPage
  readonly site: SiteView
}) {
  return (
    <TestFrame {...props}>
      <ResultPanel page={props.page} />
    </TestFrame>
  )
}
