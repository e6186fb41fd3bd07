import type { FoundView, ProblemChoice, TriageStory, TriageView } from '../../messages/media/found'
import type { LookedView } from '../../messages/media/lotViews'
import type { TreatmentChange } from '../../messages/media/treatments'
import { Fold } from '../../ui/Fold'
import { ProblemNotice } from '../../ui/Notice'
import { request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { findings as words } from '../../ui/texts/media/findings'
import { treatments as treatmentWords } from '../../ui/texts/media/treatments'
import { showToastOnNextPage } from '../../ui/toast'
import { useSend } from '../../ui/useSend'
import { AddFound } from './AddFound'
import { DoneForm } from './doneForm'
import styles from './Found.module.css'
import { FoundList } from './FoundList'
import { foundText } from './foundText'
import { LotStory } from './LotStory'
import { lookedText } from './lookedText'
import { TriageNotice } from './TriageNotice'

/** All that was found in a lot and what follows, to be added to and taken back. */
export function LotFound({
  lotId,
  lotName,
  found,
  looked = null,
  triage,
  story,
  problems,
}: {
  readonly lotId: number
  readonly lotName: string
  readonly found: readonly FoundView[]
  /** Left out where the same is asked. */
  readonly looked?: LookedView | null
  readonly triage: TriageView | null
  readonly story: TriageStory
  readonly problems: readonly ProblemChoice[]
}) {
  const { format } = useSite()
  const { problem, isSending, deliver } = useSend()
  const takeBack = async (one: FoundView) => {
    const { seenId: findingId } = one
    if (isSending || findingId === null) return
    const counts = 'POST /api/media/lots/[id]/findings/[findingId]/counts'
    const params = { id: lotId, findingId }
    const answer = await deliver(counts, { params, body: { counts: false } })
    if (!answer) return
    showToastOnNextPage({
      text: words.takenBack(foundText(one, format)),
      undo: request(counts, { params, body: { counts: true } }),
    })
    window.location.reload()
  }
  const changeDone = async (
    { id, kind }: TriageStory['treatments'][number],
    body: TreatmentChange,
    undo: TreatmentChange,
    text: string,
  ) => {
    if (isSending) return
    if (
      !(await deliver('PUT /api/media/lots/[id]/treatments/[treatmentId]', {
        params: { id: lotId, treatmentId: id },
        body,
      }))
    )
      return
    showToastOnNextPage({
      text: `${treatmentWords.kinds[kind]}: ${text}`,
      undo: request('PUT /api/media/lots/[id]/treatments/[treatmentId]', {
        params: { id: lotId, treatmentId: id },
        body: undo,
      }),
    })
    window.location.reload()
  }
  return (
    <>
      <FoundList found={found} onTakeBack={(one) => void takeBack(one)} />
      {looked && <p className={styles.clear}>{lookedText(looked, format)}</p>}
      {triage && <TriageNotice triage={triage} />}
      <LotStory
        story={story}
        onTakeBack={(done) =>
          void changeDone(done, { counts: false }, { counts: true }, treatmentWords.notCounted)
        }
        onEnd={(done) =>
          void changeDone(done, { goesOn: false }, { goesOn: true }, treatmentWords.endedNow)
        }
      />
      <Fold title={treatmentWords.title} needs="manage">
        <DoneForm lotId={lotId} triage={triage} isInPots={story.isInPots} />
      </Fold>
      <ProblemNotice problem={problem} />
      <AddFound lotId={lotId} lotName={lotName} problems={problems} />
    </>
  )
}
