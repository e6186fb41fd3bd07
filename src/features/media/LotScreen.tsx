import { Fragment, useState } from 'react'
import type { LotPage, LotWhyKey } from '../../messages/media/lotViews'
import type { SiteView } from '../../messages/site/site'
import { LinkButton } from '../../ui/Button'
import { Fold } from '../../ui/Fold'
import { PageHead } from '../../ui/PageHead'
import { InningsStrip } from '../../ui/pictures/InningsStrip'
import { PotSection } from '../../ui/pictures/PotSection'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { common } from '../../ui/texts/common'
import { labels as labelWords } from '../../ui/texts/containers/labels'
import { findings as findingWords } from '../../ui/texts/media/findings'
import { media as mediaWords } from '../../ui/texts/media/media'
import { LotFound } from '../found/LotFound'
import { InTrials } from '../trials/InTrials'
import { FeedPlan } from './FeedPlan'
import { findingText } from './findingText'
import { Ledger } from './Ledger'
import { LotAnswer } from './LotAnswer'
import { LotChemistrySection } from './LotChemistrySection'
import { LotComposition } from './LotComposition'
import { LotLineage } from './LotLineage'
import styles from './LotScreen.module.css'
import { type Asking, LotValues, VALUE_KEYS } from './LotValues'
import { LotChanges } from './lotForms'
import { PlantedForm } from './PlantedForm'
import { StateMark } from './StateMark'

/** One lot: its sentence with the next action, its pot cut open, what it is made of, its ledger. */
export default function LotScreen({ page, site }: { page: LotPage; site: SiteView }) {
  return (
    <SiteProvider site={site}>
      <Lot page={page} />
    </SiteProvider>
  )
}

function Lot({ page }: { page: LotPage }) {
  const { format } = useSite()
  const words = mediaWords
  const [asked, setAsked] = useState<LotWhyKey | null>(null)
  const asking: Asking = { asked, ask: (key) => setAsked(key === asked ? null : key) }
  return (
    <>
      <PageHead
        title={page.name}
        beside={
          <>
            {words.lotNumber(page.id)} · {page.where}
            {page.containers.map(({ id, code }, index) => (
              <Fragment key={id}>
                {index === 0 ? ' · ' : ', '}
                <a href={`/pots/${id}`}>{code}</a>
              </Fragment>
            ))}
            {' · '}
            {format.plain(format.litres(page.litres))}
            {page.roomLitres !== null &&
              ` ${words.ofRoom(format.plain(format.litres(page.roomLitres)))}`}
          </>
        }
        lead={
          <InningsStrip
            innings={page.innings}
            nextOpen={!['growing', 'act', 'ready'].includes(page.state)}
          />
        }
        actions={
          <>
            <LinkButton href={`/bench/samples/lot/${page.id}`}>
              {mediaWords.actions.tests}
            </LinkButton>
            <LinkButton href={`/trials/new?kind=dose&lot=${page.id}`} data-needs="manage">
              {mediaWords.actions.trial}
            </LinkButton>
          </>
        }
        main={page.state !== 'empty' && <NextAction page={page} />}
      />
      <div className={styles.finding}>
        <p className={styles.sentence}>
          <StateMark state={page.state} /> — {findingText(page.finding, format)}
          {page.remedy && page.finding.kind === 'air-short'
            ? `: ${mediaWords.remedy(
                format.measured(page.remedy.litres),
                page.remedy.name,
                format.plain(format.percent(page.remedy.airAfter)),
              )}`
            : '.'}
          {page.moreFaults > 0 && ` ${words.moreFaults(page.moreFaults)}`}
        </p>
        {page.faults.length > 1 && (
          <details className={styles.faults}>
            <summary>{words.allFaults}</summary>
            <ol>
              {page.faults.map((fault) => (
                <li key={findingText(fault, format)}>{findingText(fault, format)}.</li>
              ))}
            </ol>
          </details>
        )}
      </div>
      <div className={styles.grid}>
        {page.pot && (
          <section aria-labelledby="section">
            <h2 id="section">
              {page.potCount > 1 ? words.page.sectionOf(page.potCount) : words.page.section}
            </h2>
            <PotSection pot={page.pot} size="stage" planted={page.present?.plantedOn != null} />
            <p className={styles.note}>
              {words.page.below(format.plain(format.cm(page.pot.lowAirDepthCm)))}
            </p>
          </section>
        )}
        <section aria-labelledby="made-of">
          <h2 id="made-of">{words.page.composition}</h2>
          <LotComposition page={page} />
          <LotValues page={page} asking={asking} />
          <LotAnswer page={page} asking={asking} keys={VALUE_KEYS} />
        </section>
      </div>
      <InTrials trials={page.trials} />
      <PlantedForm page={page} />
      <FeedPlan page={page} />
      <section aria-labelledby="found" className={styles.foundIn}>
        <h2 id="found">{findingWords.title}</h2>
        <LotFound
          looked={page.looked}
          lotId={page.id}
          lotName={page.name}
          found={page.found}
          triage={page.triage}
          story={page.story}
          problems={page.problems}
        />
      </section>
      <LotChemistrySection page={page} asking={asking} />
      <LotLineage page={page} />
      <Ledger page={page} />
      <p>
        <a href={labelsOf(page)}>{labelWords.ofLot}</a> ·{' '}
        <a href={`/trials/candidates?of=lot:${page.id}`}>{common.actions.besideOthers}</a>
      </p>
      <Fold needs="manage" className={styles.changes} title={words.page.changeIt}>
        <LotChanges page={page} />
      </Fold>
    </>
  )
}

/** Of the lot, and of the pots it stands in. */
function labelsOf({ id, containers }: LotPage): string {
  const pots = containers.map((pot) => pot.id).join(',')
  return `/labels?lots=${id}${pots && `&pots=${pots}`}`
}

function NextAction({ page }: { page: LotPage }) {
  const { actions } = mediaWords
  if (page.openOrderId !== null) {
    return (
      <LinkButton weight="main" href={`/turnover/orders/${page.openOrderId}`}>
        {actions.continueOrder}
      </LinkButton>
    )
  }
  const urgent = page.state === 'turn-over' || page.state === 'act' || page.state === 'store'
  return (
    <LinkButton
      data-needs="manage"
      weight={urgent ? 'main' : 'plain'}
      href={`/turnover/new?lot=${page.id}`}
    >
      {page.state === 'store' ? actions.useIt : actions.turnOver}
    </LinkButton>
  )
}
