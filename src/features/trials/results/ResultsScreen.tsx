import type { SiteView } from '../../../messages/site/site'
import type { MeasureView, ResultsPage } from '../../../messages/trials/resultViews'
import { LinkButton } from '../../../ui/Button'
import { Chart } from '../../../ui/chart/Chart'
import { Notice } from '../../../ui/Notice'
import { PageHead } from '../../../ui/PageHead'
import { addressOf } from '../../../ui/request'
import { SiteProvider, useSite } from '../../../ui/SiteContext'
import { trialResults as words } from '../../../ui/texts/trials/trialResults'
import { trialWords } from '../../../ui/texts/trials/trialWords'
import { mustText } from '../mustText'
import { HandOn } from '../package/HandOn'
import { DoseResult } from './DoseResult'
import { MeasureDots } from './MeasureDots'
import { OutcomeTable } from './OutcomeTable'
import styles from './Results.module.css'
import { ResultsTable } from './ResultsTable'
import { ResultWhy } from './ResultWhy'
import { growthChart } from './resultCharts'
import { TrialHappened } from './TrialHappened'
import { Verdicts } from './Verdicts'

/** What a trial found by rule, or how its pots stand while it goes on. */
export default function ResultsScreen({ page, site }: { page: ResultsPage; site: SiteView }) {
  return (
    <SiteProvider site={site}>
      <Results page={page} />
    </SiteProvider>
  )
}

function Results({ page }: { readonly page: ResultsPage }) {
  const { format } = useSite()
  const view = page.results.find(({ measure }) => measure === page.measure)
  const growth = growthChart(page)
  return (
    <>
      <PageHead
        title={page.name}
        beside={[
          trialWords.kinds[page.kind].name,
          page.cropName,
          page.closedOn ? words.closed(format.day(page.closedOn)) : words.running,
        ]
          .filter(Boolean)
          .join(' · ')}
        lead={page.question}
        actions={
          <>
            {page.closedOn && (
              <LinkButton href={`/trials/${page.trialId}/report`}>{words.report.title}</LinkButton>
            )}
            {page.candidates.length > 1 && (
              <LinkButton
                href={`/trials/candidates?of=${page.candidates.join(',')}&by=trial:${page.trialId}`}
              >
                {words.candidates}
              </LinkButton>
            )}
            <LinkButton href={`/trials/${page.trialId}`}>{words.back}</LinkButton>
          </>
        }
      />
      <div className={styles.results}>
        <Standing page={page} />
        <div className={page.isVoid ? styles.greyed : styles.found}>
          {view && page.closedOn && <Verdicts page={page} view={view} />}
          {!view && !page.isHidden && page.results.length === 0 && (
            <p>
              {words.nothing} <a href={`/trials/${page.trialId}/look`}>{words.look}</a>
            </p>
          )}
          {view && <MeasureDots page={page} view={view} />}
          {view && <Dose page={page} view={view} />}
          {page.results.length > 0 && <ResultsTable page={page} />}
          {growth && (
            <section aria-labelledby="growth" className={styles.part}>
              <h2 id="growth">{words.growth.head}</h2>
              <Chart spec={growth} />
            </section>
          )}
          {page.treatments.length > 0 && <OutcomeTable page={page} />}
        </div>
        {page.closedOn && !page.isVoid && page.results.length > 0 && <HandOn page={page} />}
        <TrialHappened page={page} />
        {view && page.closedOn && <ResultWhy page={page} view={view} />}
        <p className={styles.files}>
          {words.files.head}{' '}
          <a
            href={addressOf('GET /api/trials/[id]/readings', { params: { id: page.trialId } })}
            download
          >
            {words.files.csv}
          </a>
          {page.closedOn && (
            <a
              href={addressOf('GET /api/trials/[id]/package', { params: { id: page.trialId } })}
              download
            >
              {words.files.package}
            </a>
          )}
        </p>
      </div>
    </>
  )
}

function Dose({ page, view }: { readonly page: ResultsPage; readonly view: MeasureView }) {
  return page.kind === 'dose' && page.closedOn ? <DoseResult page={page} view={view} /> : null
}

/** Whether anything may be read out of it. */
function Standing({ page }: { readonly page: ResultsPage }) {
  const { format } = useSite()
  if (page.isHidden) return <Notice>{words.hidden}</Notice>
  if (page.isVoid && page.control) {
    return (
      <Notice tone="stop">
        {words.void(...mustText(page.must, page.control.value, page.mustValue, format))}{' '}
        <a href={`/trials/new?like=${page.trialId}`} data-needs="manage">
          {words.voidNext}
        </a>
      </Notice>
    )
  }
  return page.closedOn === null ? <Notice>{words.early}</Notice> : null
}
