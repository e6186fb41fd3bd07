import type { FoundView, ProblemChoice, TriageView } from '../../messages/media/found'
import { ProblemNotice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { findings as words } from '../../ui/texts/findings'
import { showToastOnNextPage } from '../../ui/toast'
import { useSend } from '../../ui/useSend'
import { AddFound } from './AddFound'
import { FoundList } from './FoundList'
import { foundText } from './foundText'
import { TriageNotice } from './TriageNotice'

/** All that was found in a lot and what follows, to be added to and taken back. */
export function LotFound({
  lotId,
  lotName,
  found,
  triage,
  problems,
}: {
  readonly lotId: number
  readonly lotName: string
  readonly found: readonly FoundView[]
  readonly triage: TriageView | null
  readonly problems: readonly ProblemChoice[]
}) {
  const { format } = useSite()
  const { problem, isSending, deliver } = useSend()
  const takeBack = async (one: FoundView) => {
    if (isSending) return
    const address = `/api/media/lots/${lotId}/findings/${one.seenId}/counts`
    const answer = await deliver('POST', address, { counts: false })
    if (!answer) return
    showToastOnNextPage({
      text: words.takenBack(foundText(one, format)),
      undo: { method: 'POST', address, body: { counts: true } },
    })
    window.location.reload()
  }
  return (
    <>
      <FoundList found={found} onTakeBack={(one) => void takeBack(one)} />
      {triage && <TriageNotice triage={triage} />}
      <ProblemNotice problem={problem} />
      <AddFound lotId={lotId} lotName={lotName} problems={problems} />
    </>
  )
}
