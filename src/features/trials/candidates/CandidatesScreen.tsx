import type { SiteView } from '../../../messages/site/site'
import type { CandidatesPage } from '../../../messages/trials/candidateViews'
import { LinkButton } from '../../../ui/Button'
import { Fold } from '../../../ui/Fold'
import { Notice } from '../../../ui/Notice'
import { PageHead } from '../../../ui/PageHead'
import { SiteProvider } from '../../../ui/SiteContext'
import { EmptyState } from '../../../ui/States'
import { candidates as words } from '../../../ui/texts/mixes/candidates'
import { CandidateChoices } from './CandidateChoices'
import styles from './Candidates.module.css'
import { CandidateTable } from './CandidateTable'
import { isJudged, rankPage, rankText } from './candidateRank'
import { planAddress, waterAddress } from './sheetAddress'

/** Mixes, bags and lots held against each other: all that is known of each, and what may be said of the difference. */
export default function CandidatesScreen({
  page,
  site,
}: {
  readonly page: CandidatesPage
  readonly site: SiteView
}) {
  return (
    <SiteProvider site={site}>
      <Sheet page={page} />
    </SiteProvider>
  )
}

function Sheet({ page }: { readonly page: CandidatesPage }) {
  const { candidates, missing, of, trials } = page
  const ranked = rankPage(page)
  const water = waterAddress(of)
  const wasTried = trials.some((one) => isJudged(one) && one.treatments.filter(Boolean).length > 1)
  return (
    <>
      <PageHead
        title={words.title}
        lead={words.lead}
        actions={water && <LinkButton href={water}>{words.water}</LinkButton>}
      />
      {missing > 0 && <Notice tone="act">{words.missing(missing)}</Notice>}
      {candidates.length === 0 ? (
        <>
          <EmptyState title={words.empty} next={words.emptyNext} />
          <CandidateChoices page={page} />
        </>
      ) : (
        <>
          <p className={styles.said}>
            <strong>
              {rankText(
                ranked,
                candidates.map(({ name }) => name),
              )}
            </strong>{' '}
            {candidates.length === 1
              ? words.onePlan
              : !wasTried && (
                  <>
                    {words.planNext}{' '}
                    <a href={planAddress(of)} data-needs="manage">
                      {words.plan}
                    </a>
                  </>
                )}
          </p>
          <CandidateChoices page={page} />
          <CandidateTable page={page} order={ranked.order} />
          <Fold title={words.rule} className={styles.rule}>
            {words.ruleSaid.map((one) => (
              <p key={one}>{one}</p>
            ))}
          </Fold>
        </>
      )}
    </>
  )
}
