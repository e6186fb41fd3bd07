import { useState } from 'react'
import type { PotColumn, PotsQuery } from '../../messages/containers/pots'
import type { PotRow, PotsPage } from '../../messages/containers/potViews'
import type { SiteView } from '../../messages/site/site'
import { LinkButton } from '../../ui/Button'
import { SelectField } from '../../ui/Field'
import { ListBar } from '../../ui/list/ListBar'
import { listAddress } from '../../ui/list/listAddress'
import { Pager } from '../../ui/list/Pager'
import { PageHead } from '../../ui/PageHead'
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

const POT_COLUMNS: readonly PotColumn[] = ['grows', 'lot', 'litres', 'size', 'exposure']
/** Shown where nothing was chosen. */
const USUAL_POT_COLUMNS: readonly PotColumn[] = ['grows', 'lot', 'litres']

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
  const { asked, counts, places, rows, part } = page
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set())
  const shown = shownColumns(asked)
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
  const choose = (id: number, on: boolean) => {
    const next = new Set(chosen)
    if (on) next.add(id)
    else next.delete(id)
    setChosen(next)
  }
  return (
    <>
      <PageHead
        title={words.title}
        lead={words.summary(
          format.number(counts.growing),
          format.number(counts.waiting),
          format.number(counts.empty),
        )}
        actions={
          <>
            <LinkButton
              href={asked.place ? `/log?place=${encodeURIComponent(asked.place)}` : '/log'}
            >
              {words.goRound}
            </LinkButton>
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
      <ListBar
        path="/pots"
        label={words.find}
        hint={words.findHint}
        find={asked.find ?? ''}
        columns={POT_COLUMNS.map((id) => ({
          id,
          name: words.columns[id],
          shown: shown.includes(id),
        }))}
      >
        <SelectField label={words.place} name="place" defaultValue={asked.place ?? ''}>
          <option value="">{words.anywhere}</option>
          {places.map((place) => (
            <option key={place} value={place}>
              {place}
            </option>
          ))}
        </SelectField>
        <SelectField label={words.which} name="state" defaultValue={asked.state ?? ''}>
          <option value="">{words.all}</option>
          {Object.entries(words.states).map(([state, name]) => (
            <option key={state} value={state}>
              {name}
            </option>
          ))}
        </SelectField>
        <SelectField label={words.order} name="order" defaultValue={asked.order ?? ''}>
          {Object.entries(words.orders).map(([order, name]) => (
            <option key={order} value={order === 'code' ? '' : order}>
              {name}
            </option>
          ))}
        </SelectField>
      </ListBar>
      {chosen.size > 0 && <ManyPots pots={[...chosen]} crops={page.crops} places={places} />}
      {rows.length === 0 ? (
        <p>
          {listWords.nothing} <a href="/pots">{listWords.showAll}</a>
        </p>
      ) : (
        <table className={styles.table}>
          <thead>
            <tr>
              <td />
              <th scope="col">{words.columns.pot}</th>
              {shown.map((id) => (
                <th key={id} scope="col">
                  {words.columns[id]}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <Row
                key={row.id}
                row={row}
                shown={shown}
                chosen={chosen.has(row.id)}
                onChoose={(on) => choose(row.id, on)}
              />
            ))}
          </tbody>
        </table>
      )}
      {chosen.size === 0 && rows.some(({ lotId }) => lotId !== null) && (
        <p className={styles.note}>{words.chooseToPlant}</p>
      )}
      <Pager part={part} addressOf={(to) => listAddress('/pots', { ...asked, page: to })} />
    </>
  )
}

function shownColumns({ columns }: PotsQuery): readonly PotColumn[] {
  const named = columns?.split(',')
  return POT_COLUMNS.filter((id) => (named ? named.includes(id) : USUAL_POT_COLUMNS.includes(id)))
}

function Row({
  row,
  shown,
  chosen,
  onChoose,
}: {
  readonly row: PotRow
  readonly shown: readonly PotColumn[]
  readonly chosen: boolean
  readonly onChoose: (on: boolean) => void
}) {
  const { id, code, name, place } = row
  return (
    <tr>
      <td className={styles.choose}>
        <input
          type="checkbox"
          aria-label={words.choose(code)}
          checked={chosen}
          onChange={(event) => onChoose(event.target.checked)}
        />
      </td>
      <td>
        <a className={styles.name} href={`/pots/${id}`}>
          {code} {name}
        </a>
        <small>{place}</small>
      </td>
      {shown.map((column) => (
        <td key={column} className={styles[column]}>
          <Cell row={row} column={column} />
        </td>
      ))}
    </tr>
  )
}

function Cell({ row, column }: { readonly row: PotRow; readonly column: PotColumn }) {
  const { format } = useSite()
  const { litres, shape, exposure, lotId, lotName, plantings } = row
  switch (column) {
    case 'grows':
      if (plantings.length === 0) return lotId === null ? words.noMix : words.nobody
      return plantings.map(({ cropName, since }) => (
        <span key={`${cropName}${since}`} className={styles.crop}>
          <strong>{cropName}</strong> {words.since(format.day(since))}
        </span>
      ))
    case 'lot':
      return lotId !== null && <a href={`/lots/${lotId}`}>{lotName}</a>
    case 'litres':
      return format.plain(format.litres(litres))
    case 'size':
      return words.sizeOf(lengthsOf(shape).map((cm) => format.cm(cm)))
    case 'exposure':
      return exposures[exposure]
  }
}
