import type { LotColumn, LotsQuery } from '../../messages/media/lots'
import type { LotRow, LotsPage } from '../../messages/media/lotViews'
import type { SiteView } from '../../messages/site/site'
import { LinkButton } from '../../ui/Button'
import type { Format } from '../../ui/format'
import { ChoiceSentence } from '../../ui/list/ChoiceSentence'
import { listAddress } from '../../ui/list/listAddress'
import { narrowChoice } from '../../ui/list/narrowChoice'
import { orderChoice } from '../../ui/list/orderChoice'
import { Pager } from '../../ui/list/Pager'
import { RowList } from '../../ui/list/RowList'
import { RowNumber } from '../../ui/list/RowNumber'
import { columnChoices, pickColumns, type RowColumn } from '../../ui/list/rowColumn'
import { PageHead } from '../../ui/PageHead'
import { InningsStrip } from '../../ui/pictures/InningsStrip'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { EmptyState } from '../../ui/States'
import { common as commonWords } from '../../ui/texts/common'
import { list as listWords } from '../../ui/texts/list'
import { media as mediaWords } from '../../ui/texts/media/media'
import { audit as auditWords } from '../../ui/texts/media/transfers'
import { findingText } from './findingText'
import styles from './LotsScreen.module.css'
import { litresColumn, lotColumn, sampleColumn } from './lotColumns'
import { StateMark } from './StateMark'

const LOT_COLUMNS = [
  'litres',
  'innings',
  'air',
  'ph',
  'now',
] as const satisfies readonly LotColumn[]

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
  const columns = pickColumns(columnsOf(format), LOT_COLUMNS, asked.columns)
  const litres = (value: number) => format.plain(format.litres(value))
  const address = (change: Partial<Record<keyof LotsQuery, string | number | undefined>>) =>
    listAddress('/lots', { ...asked, ...change })
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
        main={
          <LinkButton weight="main" data-needs="manage" href="/lots/new">
            {words.newLot}
          </LinkButton>
        }
      />
      <ChoiceSentence
        path="/lots"
        label={words.findLots}
        hint={words.findHint}
        find={asked.find ?? ''}
        keep={{ place: asked.place }}
        says={words.lotCount(part.total, format.number(part.total))}
        columns={columnChoices(columns, LOT_COLUMNS)}
        choices={[
          narrowChoice(
            'state',
            words.stateField,
            asked.state,
            words.allStates,
            Object.entries(words.states).map(([value, { word }]) => ({ value, name: word })),
          ),
          orderChoice(columns, asked.order, words.byNumber),
        ]}
      />
      {page.lots.length === 0 ? (
        <p>
          {listWords.nothing} <a href="/lots">{listWords.showAll}</a>
        </p>
      ) : (
        <RowList
          label={words.lots}
          rows={page.lots}
          columns={columns}
          idOf={({ id }) => id}
          addressOf={({ id }) => `/lots/${id}`}
          order={{ asked: asked.order, addressOf: (order) => address({ page: 1, order }) }}
        />
      )}
      <Pager part={part} addressOf={(to) => address({ page: to })} />
    </>
  )
}

function columnsOf(
  format: Format,
): readonly (RowColumn<LotRow> & { readonly id: LotColumn | 'sample' | 'lot' })[] {
  const { columns, lotNumber, ofRoom } = mediaWords
  return [
    sampleColumn,
    { ...lotColumn<LotRow>(({ id, where }) => `${lotNumber(id)} · ${where}`), order: 'name' },
    {
      ...litresColumn(format),
      order: 'litres',
      cell: ({ litres, roomLitres }) => (
        <>
          <RowNumber amount={format.litres(litres)} />
          {roomLitres !== null && (
            <span className={styles.small}>{ofRoom(format.plain(format.litres(roomLitres)))}</span>
          )}
        </>
      ),
    },
    {
      id: 'innings',
      head: columns.innings,
      kind: 'strip',
      order: 'innings',
      cell: ({ innings, state }) => (
        <InningsStrip
          innings={innings}
          nextOpen={!['growing', 'act', 'ready'].includes(state)}
          most={4}
        />
      ),
    },
    {
      id: 'air',
      head: columns.air,
      kind: 'number',
      order: 'air',
      isWide: true,
      cell: ({ air }) =>
        air ? (
          <RowNumber amount={format.percent(air.value)} measuredOn={air.measuredOn} digits={0} />
        ) : (
          commonWords.none
        ),
    },
    {
      id: 'ph',
      head: columns.ph,
      kind: 'number',
      order: 'ph',
      isWide: true,
      cell: ({ ph }) =>
        ph ? (
          <RowNumber
            amount={{ number: format.number(ph.value, 1), unit: '' }}
            measuredOn={ph.measuredOn}
          />
        ) : (
          commonWords.none
        ),
    },
    {
      id: 'now',
      head: columns.now,
      kind: 'state',
      cell: ({ state, finding }) => (
        <>
          <StateMark state={state} />
          <span className={styles.small}>{findingText(finding, format)}</span>
        </>
      ),
    },
  ]
}
