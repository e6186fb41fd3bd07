import type { SiteView } from '../../../messages/site/site'
import type { ResultsPage } from '../../../messages/trials/resultViews'
import { Button, LinkButton } from '../../../ui/Button'
import type { Format } from '../../../ui/format'
import { SiteProvider, useSite } from '../../../ui/SiteContext'
import { trialResults } from '../../../ui/texts/trials/trialResults'
import { mustText } from '../mustText'
import { DoseResult } from './DoseResult'
import { MeasureDots } from './MeasureDots'
import { OutcomeTable } from './OutcomeTable'
import styles from './Report.module.css'
import { ResultsTable } from './ResultsTable'
import { ResultWhy } from './ResultWhy'
import { TrialHappened } from './TrialHappened'
import { Verdicts } from './Verdicts'

const words = trialResults.report

/** What a trial asked, how, and what it found: two pages to be handed round. */
export default function ReportScreen({ page, site }: { page: ResultsPage; site: SiteView }) {
  return (
    <SiteProvider site={site} isStill>
      <div className={styles.above}>
        <Button weight="main" data-print="">
          {words.print}
        </Button>
        <LinkButton href={`/trials/${page.trialId}/results`}>{words.back}</LinkButton>
      </div>
      <article className={styles.report}>
        <First page={page} />
        <Second page={page} />
      </article>
    </SiteProvider>
  )
}

function First({ page }: { readonly page: ResultsPage }) {
  const { site, format } = useSite()
  const view = page.results.find(({ measure }) => measure === page.measure)
  return (
    <section className={styles.page}>
      <header className={styles.head}>
        <h1>{page.name}</h1>
        <span>{words.printed(format.day(site.today), site.name)}</span>
      </header>
      <h2>{words.asked}</h2>
      <p>{page.question}</p>
      <h2>{words.how}</h2>
      <How page={page} />
      <h2>{words.found}</h2>
      {page.isVoid && page.control && <p>{words.void(...reachedText(page, format))}</p>}
      {view && <Verdicts page={page} view={view} />}
      {view && <MeasureDots page={page} view={view} isStill />}
      {view && page.kind === 'dose' && <DoseResult page={page} view={view} isStill />}
    </section>
  )
}

function Second({ page }: { readonly page: ResultsPage }) {
  const view = page.results.find(({ measure }) => measure === page.measure)
  return (
    <section className={styles.page}>
      {page.results.length > 0 && <ResultsTable page={page} />}
      <OutcomeTable page={page} />
      <TrialHappened page={page} />
      {page.lessons && (
        <>
          <h2>{words.learnt}</h2>
          <p>{page.lessons}</p>
        </>
      )}
      {view && <ResultWhy page={page} view={view} isOpen />}
    </section>
  )
}

function How({ page }: { readonly page: ResultsPage }) {
  const { format } = useSite()
  const { design, crops, plantedOn, closedOn, control, checks } = page
  const [reached, must] = reachedText(page, format)
  const from = format.day(plantedOn)
  const to = format.day(closedOn ?? page.on)
  const names = crops.map(({ name }) => name).join(', ')
  return (
    <ul>
      <li>
        {words.treatments}:{' '}
        {page.treatments
          .map(({ name, medium, number }) =>
            [
              name,
              medium !== name && `(${medium})`,
              number === 0 && `(${trialResults.dots.control})`,
            ]
              .filter(Boolean)
              .join(' '),
          )
          .join(' · ')}
      </li>
      <li>{names ? words.grew(names, from, to) : words.grewNothing(from, to)}</li>
      <li>
        {words.layout(design.potsOfEach, design.place, design.potName)},{' '}
        {design.isInBlocks ? words.blocks : words.random}
        {design.isBlind && `, ${words.blind}`}
      </li>
      <li>{control ? words.must(must, reached) : words.mustUnknown(must)}</li>
      {checks.length > 0 && (
        <li>{words.looks(checks.filter(({ state }) => state === 'done').length, checks.length)}</li>
      )}
    </ul>
  )
}

function reachedText({ must, mustValue, control }: ResultsPage, format: Format) {
  return mustText(must, control?.value ?? 0, mustValue, format)
}
