import type { MixesPage, MixRow } from '../../messages/mixes/mixViews'
import type { SiteView } from '../../messages/site/site'
import { AgainstWanted } from '../../ui/AgainstWanted'
import { LinkButton } from '../../ui/Button'
import { ChoiceSentence } from '../../ui/list/ChoiceSentence'
import { listAddress } from '../../ui/list/listAddress'
import { Pager } from '../../ui/list/Pager'
import { RowList } from '../../ui/list/RowList'
import { RowNumber } from '../../ui/list/RowNumber'
import type { RowColumn } from '../../ui/list/rowColumn'
import { PageHead } from '../../ui/PageHead'
import { CoreSample } from '../../ui/pictures/CoreSample'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { EmptyState } from '../../ui/States'
import { list as listWords } from '../../ui/texts/list'
import { mixList } from '../../ui/texts/mixes/mixList'
import { groups } from '../../ui/texts/mixes/plantGroups'
import styles from './Mixes.module.css'

const words = mixList

/** All mixes that were written down, and where a new one may begin. */
export default function MixesScreen({
  page,
  site,
}: {
  readonly page: MixesPage
  readonly site: SiteView
}) {
  const isLong = page.asked.find || page.part.total > page.part.pageRows
  return (
    <SiteProvider site={site} isStill>
      <PageHead
        title={words.title}
        lead={words.lead}
        actions={
          <>
            <LinkButton href="/mixes/layers">{words.bottom}</LinkButton>
            <LinkButton href="/mixes/compare">{words.compare}</LinkButton>
            <LinkButton href="/trials/candidates">{words.candidates}</LinkButton>
          </>
        }
        main={
          <LinkButton weight="main" href="/mixes/design">
            {words.newMix}
          </LinkButton>
        }
      />
      {isLong && (
        <ChoiceSentence
          path="/mixes"
          label={words.findMixes}
          hint={words.findHint}
          find={page.asked.find ?? ''}
          says={words.mixCount(page.part.total)}
        />
      )}
      {page.mixes.length === 0 && page.asked.find ? (
        <p>
          {listWords.nothing} <a href="/mixes">{listWords.showAll}</a>
        </p>
      ) : page.mixes.length === 0 ? (
        <EmptyState title={words.empty} next={words.emptyNext} />
      ) : (
        <Mixes mixes={page.mixes} />
      )}
      <Pager
        part={page.part}
        addressOf={(to) => listAddress('/mixes', { ...page.asked, page: to })}
      />
      <section aria-labelledby="begin" className={styles.begin}>
        <h2 id="begin">{words.begin}</h2>
        <p className={styles.note}>{words.beginNote}</p>
        <ul className={styles.groups}>
          {page.groups.map(({ id }) => (
            <li key={id}>
              <a href={`/mixes/design?group=${id}`}>{groups[id].name}</a>
              <span>{groups[id].why}</span>
            </li>
          ))}
        </ul>
        <p>
          {words.beginElse} {words.bag}:{' '}
          {page.bags.map(({ id, name }, index) => (
            <span key={id}>
              {index > 0 && ', '}
              <a href={`/mixes/design?bag=${id}`}>{name}</a>
            </span>
          ))}
        </p>
        <p>
          {words.beginElse} {words.lot}:{' '}
          {page.lots.map(({ id, name }, index) => (
            <span key={id}>
              {index > 0 && ', '}
              <a href={`/mixes/design?lot=${id}`}>{name}</a>
            </span>
          ))}
          {page.lotsTotal > page.lots.length && (
            <>
              {' '}
              <a href="/lots">{words.moreLots(page.lotsTotal - page.lots.length)}</a>
            </>
          )}
        </p>
      </section>
      <Corrected page={page} />
    </SiteProvider>
  )
}

/** Typical values that came with an update: what changed under the grower's feet is told. */
function Corrected({ page: { corrections } }: { readonly page: MixesPage }) {
  const { format } = useSite()
  if (!corrections) return null
  const { on, taken, left } = corrections
  return (
    <p className={styles.note}>
      {words.corrected(format.day(on), taken)}
      {left.length > 0 && ` ${words.leftAsTheyWere(left.join(', '))}`}
    </p>
  )
}

function Mixes({ mixes }: { readonly mixes: readonly MixRow[] }) {
  const { format } = useSite()
  const { columns } = words
  const rows: readonly RowColumn<MixRow>[] = [
    {
      id: 'sample',
      head: columns.sample,
      kind: 'picture',
      cell: ({ strata }) => <CoreSample strata={strata} size="row" />,
    },
    {
      id: 'mix',
      head: columns.mix,
      kind: 'name',
      cell: ({ name }) => name,
      below: ({ version, cropName, groupId }) =>
        [cropName ?? (groupId ? groups[groupId].name : null), words.version(version)]
          .filter(Boolean)
          .join(' · '),
    },
    {
      id: 'pot',
      head: columns.pot,
      kind: 'words',
      isWide: true,
      cell: ({ containerName }) => containerName || words.ownPot,
    },
    {
      id: 'air',
      head: columns.air,
      kind: 'number',
      isLead: true,
      cell: ({ air, airTestedOn }) => (
        <RowNumber amount={format.percent(air)} measuredOn={airTestedOn} digits={0} />
      ),
    },
    {
      id: 'band',
      head: columns.band,
      kind: 'band',
      cell: ({ air, airMin, airMax }) =>
        airMin !== null &&
        airMax !== null && <AgainstWanted quantity="air" value={air} wanted={{ airMin, airMax }} />,
    },
    {
      id: 'days',
      head: columns.days,
      kind: 'number',
      cell: ({ days }) =>
        days === null ? (
          words.forEver
        ) : (
          <RowNumber
            amount={{ number: format.days(days), unit: words.daysUnit }}
            measuredOn={null}
          />
        ),
    },
  ]
  return (
    <div className={styles.mixes}>
      <RowList
        label={words.title}
        rows={mixes}
        columns={rows}
        idOf={({ id }) => id}
        addressOf={({ id }) => `/mixes/design?mix=${id}`}
      />
    </div>
  )
}
