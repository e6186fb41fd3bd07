import { type BatchLot, planBatches } from '../../../core/recondition'
import type { BatchesPage, BatchLotView } from '../../../messages/recondition/batches'
import type { SiteView } from '../../../messages/site/site'
import type { Format } from '../../../ui/format'
import { useChosen } from '../../../ui/list/chosen'
import { RowList } from '../../../ui/list/RowList'
import type { RowColumn } from '../../../ui/list/rowColumn'
import { PageHead } from '../../../ui/PageHead'
import { SiteProvider, useSite } from '../../../ui/SiteContext'
import { batches as words } from '../../../ui/texts/recondition/batches'
import { verdictText } from '../../found/verdictText'
import { litresColumn, lotColumn, sampleColumn } from '../../media/lotColumns'
import styles from './Batches.module.css'
import { HeapPart } from './HeapPart'

/** Lots grouped by what becomes of them and what they may be mixed with. */
export default function BatchesScreen({ page, site }: { page: BatchesPage; site: SiteView }) {
  return (
    <SiteProvider site={site}>
      <Batches page={page} />
    </SiteProvider>
  )
}

function Batches({ page }: { page: BatchesPage }) {
  const { format } = useSite()
  const chosen = useChosen(`batches/${page.chosen.join(',')}`, page.chosen)
  const lots = page.lots.filter(({ id }) => chosen.has(id))
  const heaps = planBatches(lots satisfies readonly BatchLot[])
  return (
    <>
      <PageHead title={words.title} lead={words.lead} />
      <h2>{words.choose}</h2>
      <p>{words.chosen(lots.length)}</p>
      <RowList
        label={words.choose}
        rows={page.lots}
        columns={lotColumns(format)}
        idOf={({ id }) => id}
        addressOf={({ id }) => `/lots/${id}`}
        chosen={{ ...chosen, isChoosing: true, nameOf: ({ name }) => name }}
      />
      {heaps.length === 0 ? (
        <p>{words.none}</p>
      ) : (
        <ol className={styles.heaps}>
          {heaps.map((heap) => (
            <li key={heap.lotIds.join(',')}>
              <HeapPart heap={heap} lots={page.lots} />
            </li>
          ))}
        </ol>
      )}
    </>
  )
}

function lotColumns(format: Format): readonly RowColumn<BatchLotView>[] {
  return [
    sampleColumn,
    lotColumn(({ where }) => where),
    litresColumn(format),
    {
      id: 'why',
      head: words.standsInTheWay,
      kind: 'words',
      cell: ({ stands, triage }) =>
        [stands && words.stands[stands], verdictText(triage, format)].filter(Boolean).join(' · '),
    },
  ]
}
