import type { ReactNode } from 'react'
import type { TestPage } from '../../messages/bench/benchViews'
import type { SiteView } from '../../messages/site/site'
import { PageHead } from '../../ui/PageHead'
import { CoreSample } from '../../ui/pictures/CoreSample'
import { SiteProvider } from '../../ui/SiteContext'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import styles from './Bench.module.css'
import { FirstTime, Protocol } from './Protocol'

const words = benchWords

/** What a test's page has while it runs and once it is finished: what was tested, and how it is done. */
export function TestFrame({
  page,
  site,
  children,
}: {
  readonly page: TestPage
  readonly site: SiteView
  readonly children: ReactNode
}) {
  const isFirst = !page.outcome && page.last === null && page.runNumber === 1
  return (
    <SiteProvider site={site}>
      <div className={page.outcome ? `${styles.test} ${styles.finished}` : styles.test}>
        <TestHead page={page} />
        {/* Whoever does it for the first time reads first. */}
        {isFirst && <FirstTime kind={page.kind} kit={page.kit} />}
        {children}
        <Protocol kind={page.kind} />
      </div>
    </SiteProvider>
  )
}

function TestHead({ page: { kind, sample, runNumber, isReference } }: { readonly page: TestPage }) {
  const beside = [words.run(runNumber), isReference ? words.reference : ''].filter(Boolean)
  return (
    <div className={styles.head}>
      <PageHead
        title={words.tests[kind].name}
        beside={beside.join(', ')}
        lead={<a href={`/bench/samples/${sample.kind}/${sample.id}`}>{sample.name}</a>}
      />
      {sample.strata.length > 0 && <CoreSample strata={sample.strata} size="row" />}
    </div>
  )
}
