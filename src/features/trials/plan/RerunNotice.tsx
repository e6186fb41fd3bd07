import type { NewTrialPage } from '../../../messages/trials/trialViews'
import { Notice } from '../../../ui/Notice'
import { useSite } from '../../../ui/SiteContext'
import { rerun as words } from '../../../ui/texts/trials/rerun'
import { mustText } from '../mustText'

/** Why the run before was void, and what to change before it is run again. */
export function RerunNotice({ page }: { readonly page: NewTrialPage }) {
  const { format } = useSite()
  const { rerunOf } = page
  if (!rerunOf) return null
  const { must, mustValue, reached, name } = rerunOf
  return (
    <Notice tone="act">
      {words.why(name, ...mustText(must, reached, mustValue, format))}
      <ul>
        {words.change[must].map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </Notice>
  )
}
