import type { ReactNode } from 'react'
import type {
  TurnoverOrder,
  TurnoverPage,
  TurnoverQuery,
} from '../../messages/recondition/turnover'
import type { SiteView } from '../../messages/site/site'
import { LinkButton } from '../../ui/Button'
import { SelectField } from '../../ui/Field'
import { ListBar } from '../../ui/list/ListBar'
import { listAddress } from '../../ui/list/listAddress'
import { Pager } from '../../ui/list/Pager'
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
import styles from './TurnoverScreen.module.css'

/** What is under way, which lots wait, and what was finished. */
export default function TurnoverScreen({ page, site }: { page: TurnoverPage; site: SiteView }) {
  const words = reconditionWords
  const { open, openTotal, finished, asked } = page
  return (
    <SiteProvider site={site} isStill>
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
    <ListBar
      path="/turnover#finished"
      label={words.findFinished}
      hint={words.findFinishedHint}
      name="finishedFind"
      find={finishedFind}
      keep={kept(rest)}
    >
      <SelectField label={listWords.sort} name="finishedOrder" defaultValue={finishedOrder}>
        <option value="">{listWords.newest}</option>
        <option value="oldest">{listWords.oldest}</option>
        <option value="name">{words.byLot}</option>
      </SelectField>
    </ListBar>
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
  const words = reconditionWords.list
  return (
    <section className={styles.section} id={id}>
      <h2>{title}</h2>
      {bar}
      {orders.length === 0 ? (
        <p>{none}</p>
      ) : (
        <ul className={styles.list}>
          {orders.map((order) => (
            <li key={order.id} className={`${styles.item} ${styles.plain}`}>
              <div>
                <a className={styles.name} href={`/turnover/orders/${order.id}`}>
                  {order.lotName}
                </a>
                <span className={styles.small}>
                  {mediaWords.lotNumber(order.lotId)} · {words.planted(order.cropName)}
                </span>
              </div>
              <span>
                {order.finishedOn
                  ? words.finishedOn(format.day(order.finishedOn))
                  : `${words.progress(order.done, order.steps)} · ${words.readyOn(format.day(order.readyOn))}`}
              </span>
              {!order.finishedOn && (
                <LinkButton href={`/turnover/orders/${order.id}`}>{words.goOn}</LinkButton>
              )}
            </li>
          ))}
        </ul>
      )}
      {children}
    </section>
  )
}

function Waiting({ page }: { page: TurnoverPage }) {
  const { format } = useSite()
  const words = reconditionWords.list
  const { asked, waitingPart } = page
  const { find: _find, order: _order, page: _page, ...others } = asked
  const isLong = asked.find || waitingPart.total > waitingPart.pageRows
  return (
    <section className={styles.section} id="waiting">
      <div className={styles.head}>
        <h2>{words.waiting}</h2>
        <span className={styles.head}>
          <LinkButton href="/turnover/found">{manyFoundWords.many}</LinkButton>
          <LinkButton href="/turnover/batches">{batchWords.make}</LinkButton>
          <LinkButton href="/turnover/plan">{planWords.make}</LinkButton>
        </span>
      </div>
      {isLong && (
        <ListBar
          path="/turnover#waiting"
          label={mediaWords.findLots}
          hint={mediaWords.findHint}
          find={asked.find ?? ''}
          keep={kept(others)}
        >
          <SelectField label={mediaWords.orderField} name="order" defaultValue={asked.order ?? ''}>
            <option value="">{mediaWords.byNumber}</option>
            <option value="name">{mediaWords.columns.lot}</option>
            <option value="litres.down">{mediaWords.downwards(mediaWords.columns.litres)}</option>
            <option value="air">{mediaWords.upwards(mediaWords.columns.air)}</option>
            <option value="innings.down">{mediaWords.downwards(mediaWords.columns.innings)}</option>
          </SelectField>
        </ListBar>
      )}
      {page.waiting.length === 0 &&
        (asked.find ? (
          <p>
            {listWords.nothing} <a href="/turnover">{listWords.showAll}</a>
          </p>
        ) : (
          <p>{words.nothing}</p>
        ))}
      {page.waiting.length > 0 && (
        <ul className={styles.list}>
          {page.waiting.map((row) => (
            <li key={row.lotId} className={styles.item}>
              <CoreSample strata={row.strata} />
              <div>
                <a className={styles.name} href={`/lots/${row.lotId}`}>
                  {row.lotName}
                </a>
                <span className={styles.small}>
                  {mediaWords.lotNumber(row.lotId)} · {row.where} ·{' '}
                  {format.plain(format.litres(row.litres))} · {words.reasons[row.reason]}
                </span>
                {verdictText(row.triage, format) && (
                  <strong className={styles.small}>{verdictText(row.triage, format)}</strong>
                )}
              </div>
              <InningsStrip innings={row.innings} nextOpen={row.reason !== 'air-short'} />
              <LinkButton
                href={`/turnover/new?lot=${row.lotId}`}
                aria-label={words.beginLot(row.lotName)}
              >
                {words.begin}
              </LinkButton>
            </li>
          ))}
        </ul>
      )}
      <Pager
        part={waitingPart}
        addressOf={(to) => `${listAddress('/turnover', { ...asked, page: to })}#waiting`}
      />
    </section>
  )
}
