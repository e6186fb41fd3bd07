import type { SiteView } from '../../messages/site/site'
import type { TrialRowView, TrialsPage } from '../../messages/trials/trialViews'
import { LinkButton } from '../../ui/Button'
import type { Format } from '../../ui/format'
import { ChoiceSentence } from '../../ui/list/ChoiceSentence'
import { listAddress } from '../../ui/list/listAddress'
import { Pager } from '../../ui/list/Pager'
import { RowList } from '../../ui/list/RowList'
import type { RowColumn } from '../../ui/list/rowColumn'
import { PageHead } from '../../ui/PageHead'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { EmptyState } from '../../ui/States'
import { list as listWords } from '../../ui/texts/list'
import { trials as words } from '../../ui/texts/trials/trials'
import { trialsSentence as sentenceWords } from '../../ui/texts/trials/trialsSentence'
import { trialVerdicts as verdictWords } from '../../ui/texts/trials/trialVerdicts'
import { trialWords } from '../../ui/texts/trials/trialWords'
import styles from './Trials.module.css'
import { trialsSentence } from './trialsSentence'

/** All trials: what was asked, and where each stands. */
export default function TrialsScreen({ page, site }: { page: TrialsPage; site: SiteView }) {
  return (
    <SiteProvider site={site} isStill>
      <Head page={page} />
      {(page.asked.find || page.part.total > page.part.pageRows) && (
        <ChoiceSentence
          path="/trials"
          label={words.find}
          hint={words.findHint}
          find={page.asked.find ?? ''}
          says={words.trialCount(page.part.total)}
        />
      )}
      {page.trials.length === 0 && page.asked.find ? (
        <p>
          {listWords.nothing} <a href="/trials">{listWords.showAll}</a>
        </p>
      ) : page.trials.length === 0 ? (
        <EmptyState title={words.empty} next={words.emptyNext} />
      ) : (
        <Trials trials={page.trials} />
      )}
      <Pager
        part={page.part}
        addressOf={(to) => listAddress('/trials', { ...page.asked, page: to })}
      />
      <section aria-labelledby="questions" data-needs="manage" className={styles.begin}>
        <h2 id="questions">{words.questions}</h2>
        <ul>
          {Object.entries(trialWords.kinds).map(([id, { question, note }]) => (
            <li key={id}>
              <a href={`/trials/new?kind=${id}`}>{question}</a>
              <span>{note}</span>
            </li>
          ))}
        </ul>
      </section>
    </SiteProvider>
  )
}

function Head({ page: { asked, part, trials } }: { readonly page: TrialsPage }) {
  const { format, site } = useSite()
  // Those that go on come first: of what was found, or further back, it would tell a part only.
  const isWhole = !asked.find && part.page === 1
  const said = isWhole ? trialsSentence(trials, site.today, format.day) : null
  const plan = (weight: 'main' | 'plain') => (
    <LinkButton weight={weight} href="/trials/new" data-needs="manage">
      {words.plan}
    </LinkButton>
  )
  return (
    <PageHead
      title={words.title}
      lead={
        said ? (
          <>
            <strong>{said.strong}</strong> {said.rest}
          </>
        ) : (
          words.lead
        )
      }
      actions={
        <>
          <LinkButton href="/trials/candidates">{words.candidates}</LinkButton>
          <LinkButton href="/trials/pots">{words.howMany}</LinkButton>
          {said?.lookAt != null && plan('plain')}
        </>
      }
      main={
        said?.lookAt == null ? (
          plan('main')
        ) : (
          <LinkButton weight="main" href={`/trials/${said.lookAt}/look`} data-needs="log">
            {sentenceWords.lookNow}
          </LinkButton>
        )
      }
    />
  )
}

function Trials({ trials }: { readonly trials: readonly TrialRowView[] }) {
  const { format } = useSite()
  const { columns } = words
  const rows: readonly RowColumn<TrialRowView>[] = [
    {
      id: 'trial',
      head: columns.trial,
      kind: 'name',
      cell: ({ name }) => name,
      below: ({ cropNames, pots }) =>
        [...cropNames, ...(pots > 0 ? [words.pots(pots)] : [])].join(' · '),
    },
    {
      id: 'question',
      head: columns.question,
      kind: 'words',
      cell: ({ question, treatments }) => (
        <>
          {question}
          <span className={styles.small}>{words.against(treatments)}</span>
        </>
      ),
    },
    {
      id: 'says',
      head: columns.says,
      kind: 'words',
      cell: (trial) => whatItSays(trial),
    },
    {
      id: 'next',
      head: columns.next,
      kind: 'state',
      cell: (trial) => (
        <>
          {trial.lateLooks > 0 && (
            <strong className={styles.late}>
              <span aria-hidden="true">▲</span> {words.late}
            </strong>
          )}
          <span className={trial.lateLooks > 0 ? styles.small : undefined}>
            {whenOf(trial, format)}
          </span>
        </>
      ),
    },
  ]
  return (
    <div className={styles.trials}>
      <RowList
        label={words.title}
        rows={trials}
        columns={rows}
        idOf={({ id }) => id}
        addressOf={({ id }) => `/trials/${id}`}
      />
    </div>
  )
}

/** What a closed trial found; where another stands, its state. */
function whatItSays({ isVoid, isEarlierRule, found, state }: TrialRowView): string {
  if (isVoid) return verdictWords.void
  if (found.length === 0) return words.states[state]
  return [
    ...found.map(({ name, verdict }) => `${name}: ${verdictWords.verdicts[verdict]}`),
    ...(isEarlierRule ? [words.earlierRule] : []),
  ].join(' · ')
}

function whenOf({ state, plantedOn, nextCheck }: TrialRowView, format: Format): string {
  return [
    ...(plantedOn
      ? [(state === 'closed' ? words.wasPlantedOn : words.plantedOn)(format.day(plantedOn))]
      : []),
    ...(nextCheck ? [words.nextCheck(format.day(nextCheck))] : []),
  ].join(' · ')
}
