import type { SiteView } from '../../messages/site/site'
import type { TrialRowView, TrialsPage } from '../../messages/trials/trials'
import { LinkButton } from '../../ui/Button'
import { ListBar } from '../../ui/list/ListBar'
import { listAddress } from '../../ui/list/listAddress'
import { Pager } from '../../ui/list/Pager'
import { PageHead } from '../../ui/PageHead'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { EmptyState } from '../../ui/States'
import { list as listWords } from '../../ui/texts/list'
import { trials as words } from '../../ui/texts/trials/trials'
import { trialVerdicts as verdictWords } from '../../ui/texts/trials/trialVerdicts'
import { trialWords } from '../../ui/texts/trials/trialWords'
import styles from './Trials.module.css'

/** All trials: what was asked, and where each stands. */
export default function TrialsScreen({ page, site }: { page: TrialsPage; site: SiteView }) {
  return (
    <SiteProvider site={site} isStill>
      <PageHead
        title={words.title}
        lead={words.lead}
        actions={
          <>
            <LinkButton href="/trials/candidates">{words.candidates}</LinkButton>
            <LinkButton href="/trials/pots">{words.howMany}</LinkButton>
            <LinkButton weight="main" href="/trials/new" data-needs="manage">
              {words.plan}
            </LinkButton>
          </>
        }
      />
      {(page.asked.find || page.part.total > page.part.pageRows) && (
        <ListBar
          path="/trials"
          label={words.find}
          hint={words.findHint}
          find={page.asked.find ?? ''}
        />
      )}
      {page.trials.length === 0 && page.asked.find ? (
        <p>
          {listWords.nothing} <a href="/trials">{listWords.showAll}</a>
        </p>
      ) : page.trials.length === 0 ? (
        <EmptyState title={words.empty} next={words.emptyNext} />
      ) : (
        <ul className={styles.trials}>
          {page.trials.map((trial) => (
            <Row key={trial.id} trial={trial} />
          ))}
        </ul>
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

function Row({ trial }: { readonly trial: TrialRowView }) {
  const { format } = useSite()
  return (
    <li className={styles.trial}>
      <div>
        <a href={`/trials/${trial.id}`} className={styles.name}>
          {trial.name}
        </a>
        <p>{trial.question}</p>
        <span>{words.against(trial.treatments)}</span>
      </div>
      <dl>
        <div>
          <dt>{trialWords.kinds[trial.kind].name}</dt>
          <dd>
            {[...trial.cropNames, ...(trial.pots > 0 ? [words.pots(trial.pots)] : [])].join(' · ')}
          </dd>
        </div>
        <div>
          <dt>{trial.isVoid ? verdictWords.void : words.states[trial.state]}</dt>
          <dd>
            {[
              ...(trial.lateLooks > 0 ? [words.late] : []),
              ...(trial.isVoid
                ? []
                : trial.found.map(
                    ({ name, verdict }) => `${name}: ${verdictWords.verdicts[verdict]}`,
                  )),
              ...(trial.isEarlierRule && !trial.isVoid && trial.found.length > 0
                ? [words.earlierRule]
                : []),
              ...(trial.plantedOn
                ? [
                    (trial.state === 'closed' ? words.wasPlantedOn : words.plantedOn)(
                      format.day(trial.plantedOn),
                    ),
                  ]
                : []),
              ...(trial.nextCheck ? [words.nextCheck(format.day(trial.nextCheck))] : []),
            ].join(' · ')}
          </dd>
        </div>
      </dl>
    </li>
  )
}
