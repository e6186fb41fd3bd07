import { useState } from 'react'
import type { BenchPage, TestKind } from '../../messages/bench/benchViews'
import type { SiteView } from '../../messages/site/site'
import { Button, LinkButton } from '../../ui/Button'
import type { Format } from '../../ui/format'
import { ChoiceSentence } from '../../ui/list/ChoiceSentence'
import { listAddress } from '../../ui/list/listAddress'
import { narrowChoice } from '../../ui/list/narrowChoice'
import { Pager } from '../../ui/list/Pager'
import { RowList } from '../../ui/list/RowList'
import type { RowColumn } from '../../ui/list/rowColumn'
import { ProblemNotice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { CoreSample } from '../../ui/pictures/CoreSample'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import { benchVerdict } from '../../ui/texts/bench/benchVerdicts'
import { list as listWords } from '../../ui/texts/list'
import { useReady } from '../../ui/useReady'
import styles from './Bench.module.css'
import { SampleChooser } from './SampleChooser'
import { keyOf } from './useSampleSearch'
import { useStartTest } from './useStartTest'
import { worstFirst } from './worstFirst'

const words = benchWords

/** What is on the go, what can be tested, and what was tested lately. */
export default function BenchScreen({
  page,
  site,
}: {
  readonly page: BenchPage
  readonly site: SiteView
}) {
  return (
    <SiteProvider site={site}>
      <PageHead
        title={words.title}
        lead={words.lead}
        actions={
          <>
            <LinkButton href="/bench/pens">{words.pens}</LinkButton>
            <LinkButton href="/bench/kit">{words.kit}</LinkButton>
          </>
        }
      />
      {page.running.length > 0 && <OnTheGo page={page} />}
      <Begin page={page} />
      <Lately page={page} />
    </SiteProvider>
  )
}

function OnTheGo({ page: { running, runningTotal } }: { readonly page: BenchPage }) {
  const { format } = useSite()
  return (
    <section aria-labelledby="on-the-go" className={styles.section}>
      <h2 id="on-the-go">{words.running}</h2>
      <RowList
        label={words.running}
        rows={running}
        columns={[
          ...sampleColumns<BenchPage['running'][number]>(),
          {
            id: 'since',
            head: words.listColumns.on,
            kind: 'words',
            cell: ({ startedOn, startedAt }) =>
              words.runningSince(`${format.day(startedOn)}, ${format.time(startedAt)}`),
          },
        ]}
        idOf={({ id }) => id}
        addressOf={({ id }) => `/bench/tests/${id}`}
      />
      {runningTotal > running.length && <p>{words.newest(running.length, runningTotal)}</p>}
    </section>
  )
}

/** So many kinds of tests are offered again at once. */
const USED_LAST = 3

function Begin({ page: { samples, chosen, running, finished } }: { readonly page: BenchPage }) {
  const [showsAll, setShowsAll] = useState(false)
  const lastKinds = [...new Set([...running, ...finished].map(({ kind }) => kind))]
  const ready = useReady()
  const [found, setFound] = useState(samples.listed.find((one) => keyOf(one) === chosen) ?? null)
  const [missing, setMissing] = useState(false)
  const { problem, begin } = useStartTest()
  const start = (kind: TestKind) => {
    if (!found) return setMissing(true)
    begin({ kind, sample: { kind: found.kind, id: found.id } })
  }
  return (
    <section aria-labelledby="begin" className={styles.section}>
      <h2 id="begin">{words.begin}</h2>
      <fieldset disabled={!ready} className="plain">
        <ProblemNotice problem={problem} />
        <div className={styles.sample}>
          <SampleChooser
            label={words.onWhat}
            none={words.chooseSample}
            samples={samples}
            chosen={found}
            error={missing && !found ? words.chooseFirst : undefined}
            onChoose={setFound}
          />
        </div>
        {lastKinds.length > 0 && (
          <div className={styles.last}>
            <span>{words.usedLast}</span>
            {lastKinds.slice(0, USED_LAST).map((kind) => (
              <Button
                key={kind}
                aria-label={words.again2(words.tests[kind].name)}
                onClick={() => start(kind)}
              >
                {words.tests[kind].name}
              </Button>
            ))}
          </div>
        )}
        {lastKinds.length > 0 && (
          <span className={styles.onPhone}>
            <Button weight="quiet" aria-expanded={showsAll} onClick={() => setShowsAll(!showsAll)}>
              {showsAll ? words.fewerTests : words.allTests}
            </Button>
          </span>
        )}
        <div
          className={`${styles.groups} ${showsAll || lastKinds.length === 0 ? '' : styles.folded}`}
        >
          {words.groups.map(({ name, kinds }) => (
            <div key={name}>
              <h3>{name}</h3>
              <ul>
                {kinds.map((kind) => (
                  <li key={kind}>
                    <Button onClick={() => start(kind)}>{words.tests[kind].name}</Button>
                    <span>
                      {words.tests[kind].tells} <small>{words.tests[kind].takes}</small>
                    </span>
                  </li>
                ))}
              </ul>
            </div>
          ))}
        </div>
      </fieldset>
    </section>
  )
}

/** So many finished tests a phone shows at first. */
const FEW = 4

function Lately({ page: { finished, finishedPart, asked, chosen } }: { readonly page: BenchPage }) {
  const [showsAll, setShowsAll] = useState(false)
  const { format } = useSite()
  const isAsked = Boolean(asked.find || asked.test || asked.order)
  // What a test would begin on stays chosen while its list is leafed through.
  const [kind, sample] = chosen.split(':')
  const keep = kind && sample ? { [kind]: sample } : {}
  return (
    <section aria-labelledby="lately" className={styles.section}>
      <h2 id="lately">{words.lately}</h2>
      {(isAsked || finishedPart.total > finishedPart.pageRows) && (
        <ChoiceSentence
          path="/bench#lately"
          label={words.findTests}
          hint={words.findTestsHint}
          find={asked.find ?? ''}
          keep={keep}
          says={words.testCount(finishedPart.total, format.number(finishedPart.total))}
          choices={[
            narrowChoice(
              'test',
              words.testField,
              asked.test,
              words.anyTest,
              words.groups.flatMap(({ kinds }) =>
                kinds.map((kind) => ({ value: kind, name: words.tests[kind].name })),
              ),
            ),
            {
              name: 'order',
              label: listWords.sort,
              value: asked.order ?? '',
              options: [
                { value: '', name: listWords.newest },
                { value: 'oldest', name: listWords.oldest },
                { value: 'sample', name: words.bySample, says: listWords.by(words.bySample) },
              ],
            },
          ]}
        />
      )}
      {finished.length === 0 && isAsked ? (
        <p>
          {listWords.nothing} <a href={listAddress('/bench', keep)}>{listWords.showAll}</a>
        </p>
      ) : finished.length === 0 ? (
        <p className={styles.quiet}>{words.nothingYet}</p>
      ) : (
        <>
          <div className={showsAll ? undefined : styles.few}>
            <RowList
              label={words.lately}
              rows={finished}
              columns={testColumns(format)}
              idOf={({ id }) => id}
              addressOf={({ id }) => `/bench/tests/${id}`}
            />
          </div>
          {finished.length > FEW && !showsAll && (
            <span className={styles.onPhone}>
              <Button weight="quiet" onClick={() => setShowsAll(true)}>
                {words.allFinished(finished.length)}
              </Button>
            </span>
          )}
        </>
      )}
      <Pager
        part={finishedPart}
        addressOf={(to) => `${listAddress('/bench', { ...keep, ...asked, page: to })}#lately`}
      />
    </section>
  )
}

/** The sample's picture, with which test of which sample it is. */
function sampleColumns<
  Row extends Pick<BenchPage['running'][number], 'kind' | 'sample'>,
>(): readonly RowColumn<Row>[] {
  return [
    {
      id: 'picture',
      head: words.listColumns.picture,
      kind: 'picture',
      cell: ({ sample: { strata } }) => <CoreSample strata={strata} size="row" />,
    },
    {
      id: 'test',
      head: words.listColumns.test,
      kind: 'name',
      cell: ({ kind, sample: { name } }) => `${words.tests[kind].name}: ${name}`,
    },
  ]
}

function testColumns(format: Format): readonly RowColumn<BenchPage['finished'][number]>[] {
  return [
    ...sampleColumns<BenchPage['finished'][number]>(),
    {
      id: 'on',
      head: words.listColumns.on,
      kind: 'words',
      cell: ({ startedOn, innings, isReference }) =>
        [
          format.day(startedOn),
          innings === null ? '' : words.innings(innings),
          isReference ? words.reference : '',
        ]
          .filter(Boolean)
          .join(' · '),
    },
    {
      id: 'says',
      head: words.listColumns.says,
      kind: 'words',
      cell: ({ outcome }) => {
        const [first] = worstFirst(outcome?.verdicts ?? [])
        return first && benchVerdict(first, format)
      },
    },
  ]
}
