import { useState } from 'react'
import type { SiteView } from '../../messages/site/site'
import type { TrialPage } from '../../messages/trials/trialViews'
import { Button, LinkButton } from '../../ui/Button'
import { ProblemNotice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { request } from '../../ui/request'
import { SiteProvider } from '../../ui/SiteContext'
import { Stepper } from '../../ui/Stepper'
import { trials as words } from '../../ui/texts/trials/trials'
import { trialWords } from '../../ui/texts/trials/trialWords'
import { showToastOnNextPage } from '../../ui/toast'
import { useReady } from '../../ui/useReady'
import { useSend } from '../../ui/useSend'
import { Lessons } from './Lessons'
import { ProtocolList } from './ProtocolList'
import { DesignPanel } from './plan/DesignPanel'
import { designOf } from './plan/plannedDesign'
import { SetUpPart } from './SetUpPart'
import styles from './Trial.module.css'
import { TrialGrid } from './TrialGrid'
import { TrialLooks } from './TrialLooks'
import { TrialTreatments } from './TrialTreatments'

/** A trial as it is planned, set up and goes on. */
export default function TrialScreen({ page, site }: { page: TrialPage; site: SiteView }) {
  return (
    <SiteProvider site={site}>
      <Trial first={page} />
    </SiteProvider>
  )
}

function Trial({ first }: { readonly first: TrialPage }) {
  const [page, setPage] = useState(first)
  const [isCovered, setCovered] = useState(first.isBlind)
  const isHidden = page.isHidden || isCovered
  const ready = useReady()
  const { problem, deliver } = useSend()

  const putAway = async () => {
    if (!(await deliver('POST /api/trials/[id]/put-away', { params: { id: page.id } }))) return
    showToastOnNextPage({
      text: words.putAwayDone(page.name),
      undo: request('POST /api/trials/[id]/take-up', { params: { id: page.id } }),
    })
    window.location.assign('/trials')
  }

  return (
    <>
      <PageHead
        title={page.name}
        beside={`${trialWords.kinds[page.kind].name} · ${words.states[page.state]}`}
        lead={page.question}
      />
      <div className={styles.way}>
        <Stepper label={words.steps.label} steps={stepsOf(page)} />
      </div>
      <fieldset disabled={!ready} className={`plain ${styles.frame}`}>
        <div className={styles.main}>
          <SetUpPart page={page} onChange={setPage} />
          {page.plantedOn !== null && <TrialLooks page={page} />}
          <TrialTreatments page={page} isHidden={isHidden} />
          <TrialGrid page={page} isHidden={isHidden} onHide={setCovered} onChange={setPage} />
          <ProtocolList page={page} onSteps={(steps) => setPage((now) => ({ ...now, steps }))} />
          {page.plantedOn === null && <TrialLooks page={page} />}
          <Lessons page={page} onChange={setPage} />
          <div className={styles.foot}>
            {page.potList.every(({ containerId }) => containerId === null) &&
              page.plantedOn === null && (
                <LinkButton href={`/trials/new?change=${page.id}`} data-needs="manage">
                  {words.change}
                </LinkButton>
              )}
            <LinkButton href={`/trials/new?like=${page.id}`} data-needs="manage">
              {words.another}
            </LinkButton>
            <Button weight="quiet" data-needs="manage" onClick={() => void putAway()}>
              {words.putAway}
            </Button>
          </div>
          <ProblemNotice problem={problem} />
        </div>
        <DesignPanel question={designOf(page)} />
      </fieldset>
    </>
  )
}

function stepsOf({ state }: TrialPage) {
  const names = [words.steps.plan, words.steps.pots, words.steps.fill, words.steps.run]
  const now =
    state === 'planned'
      ? 1
      : state === 'ready'
        ? 2
        : state === 'running'
          ? names.length - 1
          : names.length
  return names.map((name, index) => ({
    name,
    state: index < now ? ('done' as const) : index === now ? ('now' as const) : ('next' as const),
  }))
}
