import type { ReactNode } from 'react'
import type { TurnoverOrder, TurnoverPage } from '../../messages/recondition/turnover'
import type { SiteView } from '../../messages/site'
import { LinkButton } from '../../ui/Button'
import { ListBar } from '../../ui/list/ListBar'
import { listAddress } from '../../ui/list/listAddress'
import { Pager } from '../../ui/list/Pager'
import { PageHead } from '../../ui/PageHead'
import { CoreSample } from '../../ui/pictures/CoreSample'
import { InningsStrip } from '../../ui/pictures/InningsStrip'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { list as listWords } from '../../ui/texts/list'
import { media as mediaWords } from '../../ui/texts/media'
import { recondition as reconditionWords } from '../../ui/texts/recondition'
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
      {finished.length > 0 && (
        <Orders title={words.list.finished} orders={finished}>
          <Pager
            part={page.finishedPart}
            addressOf={(to) => listAddress('/turnover', { ...asked, finished: to })}
          />
        </Orders>
      )}
    </SiteProvider>
  )
}

function Orders({
  title,
  orders,
  children,
}: {
  title: string
  orders: readonly TurnoverOrder[]
  children?: ReactNode
}) {
  const { format } = useSite()
  const words = reconditionWords.list
  return (
    <section className={styles.section}>
      <h2>{title}</h2>
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
      {children}
    </section>
  )
}

function Waiting({ page }: { page: TurnoverPage }) {
  const { format } = useSite()
  const words = reconditionWords.list
  const { asked, waitingPart } = page
  const isLong = asked.find || waitingPart.total > waitingPart.pageRows
  return (
    <section className={styles.section}>
      <h2>{words.waiting}</h2>
      {isLong && (
        <ListBar
          path="/turnover"
          label={mediaWords.findLots}
          hint={mediaWords.findHint}
          find={asked.find ?? ''}
        />
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
        addressOf={(to) => listAddress('/turnover', { ...asked, page: to })}
      />
    </section>
  )
}
