import { useState } from 'react'
import { bestRung, type RungId } from '../../../core/recondition'
import type { LadderPage, RungRow } from '../../../messages/recondition/ladder'
import type { SiteView } from '../../../messages/site/site'
import { Button, LinkButton } from '../../../ui/Button'
import { Notice } from '../../../ui/Notice'
import { PageHead } from '../../../ui/PageHead'
import { InningsStrip } from '../../../ui/pictures/InningsStrip'
import { SiteProvider, useSite } from '../../../ui/SiteContext'
import { loggedTrouble } from '../../../ui/texts/media/loggedTrouble'
import { ladder as words } from '../../../ui/texts/recondition/ladder'
import { recondition as reconditionWords } from '../../../ui/texts/recondition/recondition'
import { WhyText } from '../../../ui/WhyText'
import { TriageNotice } from '../../found/TriageNotice'
import { intakeAddress, recipeAddress } from '../intake/answers'
import { TurnoverSteps } from '../intake/TurnoverSteps'
import { spareText } from '../recipe/spareText'
import { BestWay } from './BestWay'
import styles from './Ladder.module.css'
import { LadderTable } from './LadderTable'
import { PriorityFields } from './PriorityFields'
import { TwoWays } from './TwoWays'
import { usePriorities } from './usePriorities'

/** The number that is asked, of one of the ways. */
export interface AskedCell {
  readonly way: RungId
  readonly row: RungRow
}

/** Five ways to go on with a lot, side by side in the container and for the crop that come next. */
export default function LadderScreen({ page, site }: { page: LadderPage; site: SiteView }) {
  return (
    <SiteProvider site={site}>
      <Ways page={page} />
    </SiteProvider>
  )
}

function Ways({ page }: { page: LadderPage }) {
  const { format } = useSite()
  const { lot, crop, rungs, answers, triage } = page
  const chosenPriorities = usePriorities(page.priorities)
  const priorities = chosenPriorities.values
  const [asked, setAsked] = useState<AskedCell | null>(null)
  const best = bestRung(rungs, priorities, {
    lowAir: crop.airMin,
    litresWanted: page.litresWanted,
  })
  const [picked, pick] = useState<RungId | null>(null)
  const [two, setTwo] = useState(false)
  const open = (way: RungId | null) => rungs.find(({ id, allowed }) => id === way && allowed)?.id
  const chosen = open(picked) ?? open(page.usualWay) ?? best?.id ?? null
  const why = asked && rungs.find(({ id }) => id === asked.way)?.why[asked.row]
  return (
    <>
      <PageHead
        title={words.title(lot.name)}
        beside={words.next(crop.name, format.plain(format.litres(page.litresWanted)))}
        lead={<InningsStrip innings={lot.innings} nextOpen />}
      />
      <div className={styles.way}>
        <TurnoverSteps now={1} addresses={[intakeAddress(answers)]} />
      </div>
      {triage && <TriageNotice triage={triage} />}
      {page.trouble && (
        <Notice tone="act">
          {loggedTrouble.recipe(page.trouble, format.plain(format.percent(crop.airMin)))}
        </Notice>
      )}
      <LadderTable
        page={page}
        best={best?.id ?? null}
        chosen={chosen}
        asked={asked}
        onAsk={(cell) => setAsked(asked?.way === cell.way && asked.row === cell.row ? null : cell)}
        onPick={pick}
      />
      {asked && why && (
        <div className={styles.why}>
          <WhyText
            title={words.whyTitle(words.names2[asked.row], words.names[asked.way])}
            why={why}
            onClose={() => setAsked(null)}
          />
        </div>
      )}
      <div className={styles.foot}>
        <BestWay page={page} best={best} priorities={priorities} />
        <span className={styles.actions}>
          <LinkButton href={intakeAddress(answers)}>{words.toIntake}</LinkButton>
          <Button aria-expanded={two} onClick={() => setTwo(!two)}>
            {words.two.open}
          </Button>
          {page.openOrderId !== null ? (
            <LinkButton weight="main" href={`/turnover/orders/${page.openOrderId}`}>
              {reconditionWords.intake.toOrder}
            </LinkButton>
          ) : (
            chosen && (
              <LinkButton
                weight="main"
                href={
                  chosen === 'replace'
                    ? `/lots/${lot.id}#ledger`
                    : recipeAddress({ ...answers, way: chosen })
                }
              >
                {chosen === 'replace' ? words.anew : words.write(words.names[chosen])}
              </LinkButton>
            )
          )}
        </span>
      </div>
      {two && <TwoWays page={page} begin={chosen ?? 'full'} />}
      {page.standard && (
        <p className={styles.quiet}>
          {words.standard(page.standard.name, crop.name)}{' '}
          <a href={`/trials/${page.standard.trialId}/results`}>{page.standard.trialName}</a>.
        </p>
      )}
      {chosen === 'replace' && (
        <p className={styles.quiet}>
          {words.anewNote} {page.spare && spareText(page.spare, format)}
        </p>
      )}
      <PriorityFields priorities={chosenPriorities} />
    </>
  )
}
