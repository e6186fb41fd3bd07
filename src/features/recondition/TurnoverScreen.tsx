import type { TurnoverPage } from '../../messages/recondition/turnover'
import type { SiteView } from '../../messages/site'
import { LinkButton } from '../../ui/Button'
import { PageHead } from '../../ui/PageHead'
import { CoreSample } from '../../ui/pictures/CoreSample'
import { InningsStrip } from '../../ui/pictures/InningsStrip'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { media as mediaWords } from '../../ui/texts/media'
import { recondition as reconditionWords } from '../../ui/texts/recondition'
import styles from './TurnoverScreen.module.css'

/** What is under way and which lots wait. */
export default function TurnoverScreen({ page, site }: { page: TurnoverPage; site: SiteView }) {
  const words = reconditionWords
  const open = page.orders.filter(({ finishedOn }) => finishedOn === null)
  const finished = page.orders.filter(({ finishedOn }) => finishedOn !== null)
  return (
    <SiteProvider site={site}>
      <PageHead title={words.turnover} lead={words.list.lead} />
      {open.length > 0 && <Orders title={words.list.under} orders={open} />}
      <Waiting page={page} />
      {finished.length > 0 && <Orders title={words.list.finished} orders={finished} />}
    </SiteProvider>
  )
}

function Orders({ title, orders }: { title: string; orders: TurnoverPage['orders'] }) {
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
    </section>
  )
}

function Waiting({ page }: { page: TurnoverPage }) {
  const { format } = useSite()
  const words = reconditionWords.list
  return (
    <section className={styles.section}>
      <h2>{words.waiting}</h2>
      {page.waiting.length === 0 && <p>{words.nothing}</p>}
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
    </section>
  )
}
