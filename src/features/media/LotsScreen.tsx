import type { LotRow, LotsPage } from '../../messages/media/lots'
import type { SiteView } from '../../messages/site'
import { LinkButton } from '../../ui/Button'
import { Figure } from '../../ui/Figure'
import { PageHead } from '../../ui/PageHead'
import { CoreSample } from '../../ui/pictures/CoreSample'
import { InningsStrip } from '../../ui/pictures/InningsStrip'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { EmptyState } from '../../ui/States'
import { media as mediaWords } from '../../ui/texts/media'
import { why as whyWords } from '../../ui/texts/why'
import { findingText } from './findingText'
import styles from './LotsScreen.module.css'
import { StateMark } from './StateMark'

/** All lots, read by their pictures. */
export default function LotsScreen({ page, site }: { page: LotsPage; site: SiteView }) {
  return (
    <SiteProvider site={site}>
      {page.lots.length === 0 ? <NoLots page={page} /> : <LotsTable page={page} />}
    </SiteProvider>
  )
}

function NoLots({ page: { place } }: { page: LotsPage }) {
  const words = mediaWords
  if (place !== null) {
    return (
      <>
        <PageHead title={words.lotsAt(place)} lead={<a href="/lots">{words.allLots}</a>} />
        <EmptyState
          title={words.noneHere}
          next={words.noneHereNext}
          action={<LinkButton href="/lots/new">{words.newLot}</LinkButton>}
        />
      </>
    )
  }
  return (
    <>
      <PageHead title={words.lots} />
      <EmptyState
        title={words.emptyTitle}
        next={words.emptyNext}
        action={
          <LinkButton weight="main" href="/lots/new">
            {words.emptyAction}
          </LinkButton>
        }
      />
    </>
  )
}

function LotsTable({ page }: { page: LotsPage }) {
  const { format } = useSite()
  const words = mediaWords
  const litres = (value: number) => format.plain(format.litres(value))
  return (
    <>
      <PageHead
        title={page.place === null ? words.lots : words.lotsAt(page.place)}
        lead={
          <>
            {words.lotsSummary(
              page.lots.length,
              litres(page.inPotsLitres),
              litres(page.inStoreLitres),
              format.number(page.litreInnings),
            )}{' '}
            {page.place !== null && <a href="/lots">{words.allLots}</a>}
          </>
        }
        actions={
          <LinkButton weight="main" href="/lots/new">
            {words.newLot}
          </LinkButton>
        }
      />
      <table className={styles.table}>
        <thead>
          <tr>
            <th>
              <span className="visually-hidden">{words.columns.sample}</span>
            </th>
            <th>{words.columns.lot}</th>
            <th>{words.columns.litres}</th>
            <th>{words.columns.innings}</th>
            <th>{words.columns.air}</th>
            <th>{words.columns.ph}</th>
            <th>{words.columns.now}</th>
          </tr>
        </thead>
        <tbody>
          {page.lots.map((row) => (
            <Row key={row.id} row={row} />
          ))}
        </tbody>
      </table>
    </>
  )
}

function Row({ row }: { row: LotRow }) {
  const { format } = useSite()
  const { columns } = mediaWords
  return (
    <tr>
      <td className={styles.sampleCell}>
        <CoreSample strata={row.strata} />
      </td>
      <td>
        <a className={styles.name} href={`/lots/${row.id}`}>
          {row.name}
        </a>
        <span className={styles.small}>
          {mediaWords.lotNumber(row.id)} · {row.where}
        </span>
      </td>
      <td className={styles.litres}>
        <Figure amount={format.litres(row.litres)} large />
        {row.roomLitres !== null && (
          <span className={styles.small}>
            {mediaWords.ofRoom(format.plain(format.litres(row.roomLitres)))}
          </span>
        )}
      </td>
      <td className={styles.inningsCell}>
        <InningsStrip
          innings={row.innings}
          nextOpen={row.state !== 'growing' && row.state !== 'act'}
        />
      </td>
      <td className={styles.airCell} data-label={columns.air}>
        {row.air ? (
          <Figure amount={format.percent(row.air.value)} measuredOn={row.air.measuredOn} large />
        ) : (
          whyWords.none
        )}
      </td>
      <td className={styles.phCell} data-label={columns.ph}>
        {row.ph ? (
          <Figure
            amount={{ number: format.number(row.ph.value, 1), unit: '' }}
            measuredOn={row.ph.measuredOn}
            large
          />
        ) : (
          whyWords.none
        )}
      </td>
      <td className={styles.nowCell}>
        <StateMark state={row.state} />
        <span className={styles.small}>{findingText(row.finding, format)}</span>
      </td>
    </tr>
  )
}
