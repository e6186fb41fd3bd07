import type { PotColumn, PotsQuery } from '../../messages/containers/pots'
import type { PotRow, PotsPage } from '../../messages/containers/potViews'
import type { SiteView } from '../../messages/site/site'
import { LinkButton } from '../../ui/Button'
import type { Format } from '../../ui/format'
import { ChoiceSentence } from '../../ui/list/ChoiceSentence'
import { ChooseKey } from '../../ui/list/ChooseKey'
import { useChosen } from '../../ui/list/chosen'
import { listAddress } from '../../ui/list/listAddress'
import { narrowChoice } from '../../ui/list/narrowChoice'
import { orderChoice } from '../../ui/list/orderChoice'
import { Pager } from '../../ui/list/Pager'
import { RowList } from '../../ui/list/RowList'
import { RowNumber } from '../../ui/list/RowNumber'
import { columnChoices, pickColumns, type RowColumn } from '../../ui/list/rowColumn'
import { useStanding } from '../../ui/list/useStanding'
import { PageHead } from '../../ui/PageHead'
import { InningsStrip } from '../../ui/pictures/InningsStrip'
import { EmptyPot, PotSection } from '../../ui/pictures/PotSection'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { EmptyState } from '../../ui/States'
import { containers as words } from '../../ui/texts/containers/containers'
import { exposures } from '../../ui/texts/containers/exposures'
import { labels as labelWords } from '../../ui/texts/containers/labels'
import { manyPots as manyWords } from '../../ui/texts/containers/manyPots'
import { list as listWords } from '../../ui/texts/list'
import { lengthsOf } from './lengthsOf'
import { ManyPots } from './ManyPots'
import styles from './Pots.module.css'
import { potsSentence } from './potsSentence'

const POT_COLUMNS: readonly PotColumn[] = ['grows', 'lot', 'litres', 'innings', 'size', 'exposure']
/** Shown where nothing was chosen. */
const USUAL_POT_COLUMNS: readonly PotColumn[] = ['grows', 'lot', 'litres', 'innings']

/** All pots: what grows in each; many can be planted alike. */
export default function PotsScreen({ page, site }: { page: PotsPage; site: SiteView }) {
  return (
    <SiteProvider site={site}>
      <Pots page={page} />
    </SiteProvider>
  )
}

function Pots({ page }: { page: PotsPage }) {
  const { format } = useSite()
  const { asked, places, rows, part } = page
  const said = potsSentence(page, format)
  const chosen = useChosen('pots')
  useStanding('GET /api/containers/standing', chosen, rows)
  const columns = pickColumns(columnsOf(format), POT_COLUMNS, asked.columns, USUAL_POT_COLUMNS)
  const asksNothing = !asked.find && !asked.place && !asked.state
  if (rows.length === 0 && asksNothing) {
    return (
      <>
        <PageHead title={words.title} />
        <EmptyState
          title={words.emptyTitle}
          next={words.emptyNext}
          action={
            <>
              <LinkButton weight="main" data-needs="manage" href="/lots/new">
                {words.newLot}
              </LinkButton>{' '}
              <LinkButton data-needs="manage" href="/pots/paste">
                {manyWords.paste}
              </LinkButton>
            </>
          }
        />
      </>
    )
  }
  const address = (change: Partial<Record<keyof PotsQuery, string | number | undefined>>) =>
    listAddress('/pots', { ...asked, ...change })
  return (
    <>
      <PageHead
        title={words.title}
        lead={
          said && (
            <>
              <strong>{said.strong}</strong> {said.rest}
            </>
          )
        }
        main={
          <LinkButton
            // What is done with those chosen is the main action then.
            weight={chosen.ids.length > 0 ? 'plain' : 'main'}
            href={asked.place ? `/log?place=${encodeURIComponent(asked.place)}` : '/log'}
          >
            {words.goRound}
          </LinkButton>
        }
        actions={
          <>
            <LinkButton href="/pots/places">{words.places}</LinkButton>
            <LinkButton data-needs="manage" href="/pots/paste">
              {manyWords.paste}
            </LinkButton>
            <LinkButton
              href={asked.place ? `/labels?place=${encodeURIComponent(asked.place)}` : '/labels'}
            >
              {labelWords.ofAll}
            </LinkButton>
          </>
        }
      />
      <ChoiceSentence
        path="/pots"
        label={words.find}
        hint={words.findHint}
        find={asked.find ?? ''}
        says={words.potCount(part.total, format.number(part.total))}
        columns={columnChoices(columns, POT_COLUMNS)}
        choices={[
          narrowChoice(
            'place',
            words.place,
            asked.place,
            words.anywhere,
            places.map((place) => ({ value: place, name: place, says: place })),
          ),
          narrowChoice(
            'state',
            words.which,
            asked.state,
            words.all,
            Object.entries(words.states).map(([value, name]) => ({ value, name })),
          ),
          orderChoice(columns, asked.order, words.byCode),
        ]}
      >
        <ChooseKey chosen={chosen} />
      </ChoiceSentence>
      {chosen.ids.length > 0 && (
        <ManyPots pots={chosen.ids} crops={page.crops} places={places} onNone={chosen.chooseNone} />
      )}
      {rows.length === 0 ? (
        <p>
          {listWords.nothing} <a href="/pots">{listWords.showAll}</a>
        </p>
      ) : (
        <RowList
          label={words.title}
          rows={rows}
          columns={columns}
          idOf={({ id }) => id}
          addressOf={({ id }) => `/pots/${id}`}
          order={{ asked: asked.order, addressOf: (order) => address({ page: 1, order }) }}
          chosen={{ ...chosen, nameOf: ({ code }) => words.choose(code) }}
        />
      )}
      {chosen.ids.length === 0 && rows.some(({ lotId }) => lotId !== null) && (
        <p className={styles.note}>{words.chooseToPlant}</p>
      )}
      <Pager part={part} addressOf={(to) => address({ page: to })} />
    </>
  )
}

function columnsOf(
  format: Format,
): readonly (RowColumn<PotRow> & { readonly id: PotColumn | 'section' | 'pot' | 'place' })[] {
  const { columns } = words
  return [
    {
      id: 'section',
      head: columns.section,
      kind: 'picture',
      cell: ({ section, shape }) =>
        section ? <PotSection pot={section} size="row" /> : <EmptyPot shape={shape} />,
    },
    {
      id: 'pot',
      head: columns.pot,
      kind: 'name',
      order: 'code',
      cell: ({ code, name }) => `${code} ${name}`,
      below: ({ place }) => place,
      belowOnPhone: (row) => [cropsIn(row), row.place].join(' · '),
    },
    {
      id: 'place',
      head: words.place,
      kind: 'words',
      order: 'place',
      isShown: false,
      cell: ({ place }) => place,
    },
    {
      id: 'grows',
      head: columns.grows,
      kind: 'words',
      order: 'crop',
      isWide: true,
      cell: (row) =>
        row.plantings.length === 0
          ? cropsIn(row)
          : row.plantings.map(({ cropName, since }) => (
              <span key={`${cropName}${since}`} className={styles.crop}>
                <strong>{cropName}</strong> {words.since(format.day(since))}
              </span>
            )),
    },
    {
      id: 'lot',
      head: columns.lot,
      kind: 'words',
      isWide: true,
      cell: ({ lotName }) => lotName,
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
      cell: ({ innings, state }) =>
        state !== 'empty' && (
          <InningsStrip innings={innings} nextOpen={innings.every(({ open }) => !open)} most={4} />
        ),
    },
    {
      id: 'size',
      head: columns.size,
      kind: 'number',
      cell: ({ shape }) => words.sizeOf(lengthsOf(shape).map((cm) => format.cm(cm))),
    },
    {
      id: 'exposure',
      head: columns.exposure,
      kind: 'words',
      cell: ({ exposure }) => exposures[exposure],
    },
  ]
}

function cropsIn({ plantings, lotId }: PotRow): string {
  if (plantings.length === 0) return lotId === null ? words.noMix : words.nobody
  return plantings.map(({ cropName }) => cropName).join(', ')
}
