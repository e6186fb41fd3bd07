import type { NewTrialPage } from '../../../messages/trials/trials'
import { Notice } from '../../../ui/Notice'
import { useSite } from '../../../ui/SiteContext'
import { rerun as words } from '../../../ui/texts/trials/rerun'
import { trialWords } from '../../../ui/texts/trials/trialWords'

/** Why the run before was void, and what to change before it is run again. */
export function RerunNotice({ page }: { readonly page: NewTrialPage }) {
  const { format } = useSite()
  const { rerunOf } = page
  if (!rerunOf) return null
  const { must, mustValue, reached, name } = rerunOf
  const of = (value: number) =>
    `${format.number(value, must === 'vigour' ? 1 : 0)} ${trialWords.musts[must].unit}`
  return (
    <Notice tone="act">
      {words.why(name, of(reached), of(mustValue))}
      <ul>
        {words.change[must].map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </Notice>
  )
}
