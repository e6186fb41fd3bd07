import { Fragment } from 'react'
import type { LotColumn, LotRow, LotsPage, LotsQuery } from '../../messages/media/lots'
import type { SiteView } from '../../messages/site/site'
import { LinkButton } from '../../ui/Button'
import { SelectField } from '../../ui/Field'
import { Figure } from '../../ui/Figure'
import { ListBar } from '../../ui/list/ListBar'
import { listAddress } from '../../ui/list/listAddress'
import { Pager } from '../../ui/list/Pager'
import { SortHead } from '../../ui/list/SortHead'
import { PageHead } from '../../ui/PageHead'
import { CoreSample } from '../../ui/pictures/CoreSample'
import { InningsStrip } from '../../ui/pictures/InningsStrip'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { EmptyState } from '../../ui/States'
import { common as commonWords } from '../../ui/texts/common'
import { list as listWords } from '../../ui/texts/list'
import { media as mediaWords } from '../../ui/texts/media/media'
import { audit as auditWords } from '../../ui/texts/media/transfers'
import { findingText } from './findingText'
import styles from './LotsScreen.module.css'
import { StateMark } from './StateMark'

const LOT_COLUMNS = [
  'litres',
  'innings',
  'air',
  'ph',
  'now',
] as const satisfies readonly LotColumn[]

const SORTED = ['name', 'litres', 'innings', 'air', 'ph'] as const

/** All lots, read by their pictures. */
export default function LotsScreen({ page, site }: { page: LotsPage; site: SiteView }) {
  return (
    <SiteProvider site={site} isStill>
      {isEmpty(page) ? <NoLots page={page} /> : <LotsTable page={page} />}
    </SiteProvider>
  )
}

/** Nothing is there, rather than nothing fits. */
function isEmpty({ lots, asked: { find, state } }: LotsPage): boolean {
  return lots.length === 0 && !find && !state
}

function NoLots({ page: { asked } }: { page: LotsPage }) {
  const words = mediaWords
  if (asked.place) {
    return (
      <>
        <PageHead title={words.lotsAt(asked.place)} lead={<a href="/lots">{words.allLots}</a>} />
        <EmptyState
          title={words.noneHere}
          next={words.noneHereNext}
          action={
            <LinkButton data-needs="manage" href="/lots/new">
              {words.newLot}
            </LinkButton>
          }
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
          <LinkButton weight="main" data-needs="manage" href="/lots/new">
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
  const { asked, part } = page
  const shown = shownColumns(asked)
  const litres = (value: number) => format.plain(format.litres(value))
  const address = (change: Partial<Record<keyof LotsQuery, string | number | undefined>>) =>
    listAddress('/lots', { ...asked, ...change })
  const head = (id: LotColumn | 'lot') =>
    id === 'now' ? (
      <th>{words.columns.now}</th>
    ) : (
      <OrderHead asked={asked} order={id === 'lot' ? 'name' : id} name={words.columns[id]} />
    )
  return (
    <>
      <PageHead
        title={asked.place ? words.lotsAt(asked.place) : words.lots}
        lead={
          <>
            {words.lotsSummary(
              part.total,
              format.number(part.total),
              litres(page.inPotsLitres),
              litres(page.inStoreLitres),
              format.number(page.litreInnings),
            )}{' '}
            {asked.place ? (
              <a href="/lots">{words.allLots}</a>
            ) : (
              <>
                · <a href="/lots/audit">{auditWords.link}</a>
              </>
            )}
          </>
        }
        actions={
          <LinkButton weight="main" data-needs="manage" href="/lots/new">
            {words.newLot}
          </LinkButton>
        }
      />
      <ListBar
        path="/lots"
        label={words.findLots}
        hint={words.findHint}
        find={asked.find ?? ''}
        keep={{ place: asked.place }}
        columns={LOT_COLUMNS.map((id) => ({
          id,
          name: words.columns[id],
          shown: shown.has(id),
        }))}
      >
        <SelectField label={words.stateField} name="state" defaultValue={asked.state ?? ''}>
          <option value="">{words.allStates}</option>
          {Object.entries(words.states).map(([state, { word }]) => (
            <option key={state} value={state}>
              {word}
            </option>
          ))}
        </SelectField>
        {/* Where the table is too narrow for headings; elsewhere it only carries the order on. */}
        <div className={styles.order}>
          <SelectField label={words.orderField} name="order" defaultValue={asked.order ?? ''}>
            <option value="">{words.byNumber}</option>
            {SORTED.flatMap((column) => [
              <option key={column} value={column}>
                {words.upwards(words.columns[column === 'name' ? 'lot' : column])}
              </option>,
              <option key={`${column}.down`} value={`${column}.down`}>
                {words.downwards(words.columns[column === 'name' ? 'lot' : column])}
              </option>,
            ])}
          </SelectField>
        </div>
      </ListBar>
      {page.lots.length === 0 ? (
        <p>
          {listWords.nothing} <a href="/lots">{listWords.showAll}</a>
        </p>
      ) : (
        <table className={styles.table}>
          <thead>
            <tr>
              <th>
                <span className="visually-hidden">{words.columns.sample}</span>
              </th>
              {head('lot')}
              {LOT_COLUMNS.filter((id) => shown.has(id)).map((id) => (
                <Fragment key={id}>{head(id)}</Fragment>
              ))}
            </tr>
          </thead>
          <tbody>
            {page.lots.map((row) => (
              <Row key={row.id} row={row} shown={shown} />
            ))}
          </tbody>
        </table>
      )}
      <Pager part={part} addressOf={(to) => address({ page: to })} />
    </>
  )
}

function OrderHead({
  asked,
  order,
  name,
}: {
  asked: LotsQuery
  order: (typeof SORTED)[number]
  name: string
}) {
  const sorted = asked.order === order ? 'up' : asked.order === `${order}.down` ? 'down' : null
  const next = sorted === 'up' ? `${order}.down` : order
  return (
    <SortHead
      name={name}
      sorted={sorted}
      address={listAddress('/lots', { ...asked, page: 1, order: next })}
    />
  )
}

function shownColumns({ columns }: LotsQuery): ReadonlySet<LotColumn> {
  const named = columns?.split(',')
  return new Set(LOT_COLUMNS.filter((id) => !named || named.includes(id)))
}

function Row({ row, shown }: { row: LotRow; shown: ReadonlySet<LotColumn> }) {
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
      {shown.has('litres') && (
        <td className={styles.litres}>
          <Figure amount={format.litres(row.litres)} large />
          {row.roomLitres !== null && (
            <span className={styles.small}>
              {mediaWords.ofRoom(format.plain(format.litres(row.roomLitres)))}
            </span>
          )}
        </td>
      )}
      {shown.has('innings') && (
        <td className={styles.inningsCell}>
          <InningsStrip
            innings={row.innings}
            nextOpen={!['growing', 'act', 'ready'].includes(row.state)}
          />
        </td>
      )}
      {shown.has('air') && (
        <td className={styles.airCell} data-label={columns.air}>
          {row.air ? (
            <Figure amount={format.percent(row.air.value)} measuredOn={row.air.measuredOn} large />
          ) : (
            commonWords.none
          )}
        </td>
      )}
      {shown.has('ph') && (
        <td className={styles.phCell} data-label={columns.ph}>
          {row.ph ? (
            <Figure
              amount={{ number: format.number(row.ph.value, 1), unit: '' }}
              measuredOn={row.ph.measuredOn}
              large
            />
          ) : (
            commonWords.none
          )}
        </td>
      )}
      {shown.has('now') && (
        <td className={styles.nowCell}>
          <StateMark state={row.state} />
          <span className={styles.small}>{findingText(row.finding, format)}</span>
        </td>
      )}
    </tr>
  )
}
