import type { ReactNode } from 'react'
import type {
  TurnoverOrder,
  TurnoverPage,
  TurnoverQuery,
  WaitingLot,
} from '../../messages/recondition/turnover'
import type { SiteView } from '../../messages/site/site'
import { Button, LinkButton } from '../../ui/Button'
import { FootBar } from '../../ui/FootBar'
import type { Format } from '../../ui/format'
import { ChoiceSentence } from '../../ui/list/ChoiceSentence'
import { ChooseKey } from '../../ui/list/ChooseKey'
import { useChosen } from '../../ui/list/chosen'
import { listAddress } from '../../ui/list/listAddress'
import { orderChoice } from '../../ui/list/orderChoice'
import { Pager } from '../../ui/list/Pager'
import { RowList } from '../../ui/list/RowList'
import { RowNumber } from '../../ui/list/RowNumber'
import type { RowColumn } from '../../ui/list/rowColumn'
import { PageHead } from '../../ui/PageHead'
import { CoreSample } from '../../ui/pictures/CoreSample'
import { InningsStrip } from '../../ui/pictures/InningsStrip'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { list as listWords } from '../../ui/texts/list'
import { manyFound as manyFoundWords } from '../../ui/texts/media/manyFound'
import { media as mediaWords } from '../../ui/texts/media/media'
import { batches as batchWords } from '../../ui/texts/recondition/batches'
import { plan as planWords } from '../../ui/texts/recondition/plan'
import { recondition as reconditionWords } from '../../ui/texts/recondition/recondition'
import { verdictText } from '../found/verdictText'
import { findingText } from '../media/findingText'
import styles from './TurnoverScreen.module.css'

/** What is under way, which lots wait, and what was finished. */
export default function TurnoverScreen({ page, site }: { page: TurnoverPage; site: SiteView }) {
  const words = reconditionWords
  const { open, openTotal, finished, asked } = page
  return (
    <SiteProvider site={site}>
      <PageHead title={words.turnover} lead={words.list.lead} />
      {open.length > 0 && (
        <Orders title={words.list.under} orders={open}>
          {openTotal > open.length && <p>{words.list.newestOpen(open.length, openTotal)}</p>}
        </Orders>
      )}
      <Waiting page={page} />
      {(finished.length > 0 || asked.finishedFind) && (
        <Orders
          id="finished"
          title={words.list.finished}
          orders={finished}
          bar={<FinishedBar page={page} />}
          none={
            <>
              {listWords.nothing}{' '}
              <a href={listAddress('/turnover', { ...asked, finishedFind: undefined })}>
                {listWords.showAll}
              </a>
            </>
          }
        >
          <Pager
            part={page.finishedPart}
            addressOf={(to) => `${listAddress('/turnover', { ...asked, finished: to })}#finished`}
          />
        </Orders>
      )}
    </SiteProvider>
  )
}

function FinishedBar({ page: { asked, finishedPart } }: { page: TurnoverPage }) {
  const words = reconditionWords.list
  const { finished: _first, finishedFind = '', finishedOrder = '', ...rest } = asked
  if (!finishedFind && finishedPart.total <= finishedPart.pageRows) return null
  return (
    <ChoiceSentence
      path="/turnover#finished"
      label={words.findFinished}
      hint={words.findFinishedHint}
      name="finishedFind"
      find={finishedFind}
      keep={kept(rest)}
      says={words.orderCount(finishedPart.total)}
      choices={[
        {
          name: 'finishedOrder',
          label: listWords.sort,
          value: finishedOrder,
          options: [
            { value: '', name: listWords.newest },
            { value: 'oldest', name: listWords.oldest },
            { value: 'name', name: words.byLot, says: listWords.by(words.byLot) },
          ],
        },
      ]}
    />
  )
}

/** What an address carries on; its first page and what is empty go without saying. */
function kept(asked: Partial<TurnoverQuery>): Readonly<Record<string, string>> {
  return Object.fromEntries(new URLSearchParams(listAddress('', { ...asked }).slice(1)))
}

function Orders({
  id,
  title,
  orders,
  bar,
  none,
  children,
}: {
  id?: string
  title: string
  orders: readonly TurnoverOrder[]
  bar?: ReactNode
  /** Where none fits what was asked. */
  none?: ReactNode
  children?: ReactNode
}) {
  const { format } = useSite()
  return (
    <section className={styles.section} id={id}>
      <h2>{title}</h2>
      {bar}
      {orders.length === 0 ? (
        <p>{none}</p>
      ) : (
        <RowList
          label={title}
          rows={orders}
          columns={orderColumns(format)}
          idOf={({ id: order }) => order}
          addressOf={({ id: order }) => `/turnover/orders/${order}`}
        />
      )}
      {children}
    </section>
  )
}

function orderColumns(format: Format): readonly RowColumn<TurnoverOrder>[] {
  const words = reconditionWords.list
  return [
    {
      id: 'lot',
      head: mediaWords.columns.lot,
      kind: 'name',
      cell: ({ lotName }) => lotName,
      below: ({ lotId, cropName }) => `${mediaWords.lotNumber(lotId)} · ${words.planted(cropName)}`,
    },
    {
      id: 'steps',
      head: words.stepsDone,
      kind: 'words',
      cell: ({ done, steps }) => words.progress(done, steps),
    },
    {
      id: 'when',
      head: words.when,
      kind: 'state',
      cell: ({ finishedOn, readyOn }) =>
        finishedOn ? words.finishedOn(format.day(finishedOn)) : words.readyOn(format.day(readyOn)),
    },
  ]
}

function Waiting({ page }: { page: TurnoverPage }) {
  const { format } = useSite()
  const words = reconditionWords.list
  const { asked, waiting, waitingPart } = page
  const { find: _find, order: _order, page: _page, ...others } = asked
  const isLong = asked.find || waitingPart.total > waitingPart.pageRows
  const chosen = useChosen('turnover')
  const columns = waitingColumns(format)
  return (
    <section className={styles.section} id="waiting">
      <div className={styles.head}>
        <h2>{words.waiting}</h2>
        <span className={styles.head}>
          <LinkButton href="/turnover/found">{manyFoundWords.many}</LinkButton>
          <LinkButton href="/turnover/batches">{batchWords.make}</LinkButton>
          <LinkButton href="/turnover/plan">{planWords.make}</LinkButton>
          <ChooseKey chosen={chosen} />
        </span>
      </div>
      {isLong && (
        <ChoiceSentence
          path="/turnover#waiting"
          label={mediaWords.findLots}
          hint={mediaWords.findHint}
          find={asked.find ?? ''}
          keep={kept(others)}
          says={mediaWords.lotCount(waitingPart.total, format.number(waitingPart.total))}
          choices={[orderChoice(columns, asked.order, mediaWords.byNumber)]}
        />
      )}
      {waiting.length === 0 &&
        (asked.find ? (
          <p>
            {listWords.nothing} <a href="/turnover">{listWords.showAll}</a>
          </p>
        ) : (
          <p>{words.nothing}</p>
        ))}
      {waiting.length > 0 && (
        <RowList
          label={words.waiting}
          rows={waiting}
          columns={columns}
          idOf={({ lotId }) => lotId}
          addressOf={({ lotId }) => `/turnover/new?lot=${lotId}`}
          groupOf={({ group }) => words.groups[group]}
          order={{
            asked: asked.order,
            addressOf: (order) =>
              `${listAddress('/turnover', { ...asked, page: 1, order })}#waiting`,
          }}
          chosen={{ ...chosen, nameOf: ({ lotName }) => words.choose(lotName) }}
        />
      )}
      <Pager
        part={waitingPart}
        addressOf={(to) => `${listAddress('/turnover', { ...asked, page: to })}#waiting`}
      />
      {chosen.ids.length > 0 && (
        <ChosenLots ids={chosen.ids} rows={waiting} onNone={chosen.chooseNone} />
      )}
    </section>
  )
}

/** What can be done with the lots that are ticked, once for all of them. */
function ChosenLots({
  ids,
  rows,
  onNone,
}: {
  readonly ids: readonly number[]
  readonly rows: readonly WaitingLot[]
  readonly onNone: () => void
}) {
  const { format } = useSite()
  const words = reconditionWords.list
  const here = rows.filter(({ lotId }) => ids.includes(lotId))
  const litres = here.reduce((sum, { litres: own }) => sum + own, 0)
  const list = ids.join(',')
  return (
    <FootBar
      actions={
        <>
          <Button weight="quiet" onClick={onNone}>
            {words.chooseNone}
          </Button>
          {ids.length > 1 && (
            <LinkButton href={`/turnover/batches?lots=${list}`}>{words.intoHeap}</LinkButton>
          )}
          <LinkButton
            weight="main"
            href={ids.length === 1 ? `/turnover/new?lot=${list}` : `/turnover/plan?lots=${list}`}
          >
            {words.turnChosen(ids.length)}
          </LinkButton>
        </>
      }
    >
      <strong>{words.ticked(ids.length)}</strong>
      {here.length === ids.length && `: ${format.plain(format.litres(litres))}`}
    </FootBar>
  )
}

function waitingColumns(format: Format): readonly RowColumn<WaitingLot>[] {
  const words = reconditionWords.list
  const { columns } = mediaWords
  return [
    {
      id: 'sample',
      head: columns.sample,
      kind: 'picture',
      cell: ({ strata }) => <CoreSample strata={strata} />,
    },
    {
      id: 'lot',
      head: columns.lot,
      kind: 'name',
      order: 'name',
      linkName: ({ lotName }) => words.beginLot(lotName),
      cell: ({ lotName }) => lotName,
      below: ({ lotId, where }) => `${mediaWords.lotNumber(lotId)} · ${where}`,
    },
    {
      id: 'litres',
      head: columns.litres,
      kind: 'number',
      order: 'litres',
      isLead: true,
      cell: ({ litres }) => <RowNumber amount={format.litres(litres)} />,
    },
    {
      id: 'innings',
      head: columns.innings,
      kind: 'strip',
      order: 'innings',
      cell: ({ innings, reason }) => (
        <InningsStrip innings={innings} nextOpen={reason !== 'air-short'} most={4} />
      ),
    },
    {
      id: 'why',
      head: words.standsInTheWay,
      kind: 'words',
      cell: ({ finding, triage }) =>
        [verdictText(triage, format), findingText(finding, format)].filter(Boolean).join(' · '),
    },
  ]
}
