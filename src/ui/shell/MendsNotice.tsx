import { useState } from 'react'
import type { MendView } from '../../messages/media/audit'
import type { SiteView } from '../../messages/site/site'
import { Button } from '../Button'
import { formatFor } from '../format'
import { Notice, ProblemNotice } from '../Notice'
import { site as words } from '../texts/site'
import { useReady } from '../useReady'
import { useSend } from '../useSend'

/** At the head of every page of a manager until seen: which ledgers an update put right, and by how many litres. */
export default function MendsNotice({
  mends,
  site,
}: {
  readonly mends: readonly MendView[]
  readonly site: SiteView
}) {
  const { problem, isSending, deliver } = useSend()
  const [isSeen, setSeen] = useState(false)
  const ready = useReady()
  const { litres, plain } = formatFor(site)
  if (isSeen) return null
  const see = async () => {
    const ids = mends.map(({ id }) => id)
    if (await deliver('POST /api/media/mends/seen', { body: { ids } })) setSeen(true)
  }
  return (
    <Notice tone="act">
      {words.mended(mends.length)}
      <ul>
        {mends.map((mend) => (
          <li key={mend.id}>
            <a href={`/lots/${mend.lotId}`}>{mend.name}</a>:{' '}
            {sentenceOf(mend, plain(litres(Math.abs(mend.litres))))}
          </li>
        ))}
      </ul>
      <p>
        <Button disabled={!ready || isSending} onClick={() => void see()}>
          {words.mendsSeen}
        </Button>
      </p>
      <ProblemNotice problem={problem} />
    </Notice>
  )
}

function sentenceOf({ litres, isTakenOut }: MendView, told: string): string {
  if (isTakenOut) return litres > 0 ? words.takenOut(told) : words.putIn(told)
  return litres > 0 ? words.countAgain(told) : words.countAgainLess(told)
}
