import { type BatchLot, planBatches } from '../../../core/recondition'
import type { BatchesPage } from '../../../messages/recondition/batches'
import type { SiteView } from '../../../messages/site/site'
import { Choice } from '../../../ui/Field'
import { useKept } from '../../../ui/form/useKept'
import { PageHead } from '../../../ui/PageHead'
import { SiteProvider, useSite } from '../../../ui/SiteContext'
import { batches as words } from '../../../ui/texts/recondition/batches'
import { verdictText } from '../../found/verdictText'
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
  const { values, change } = useKept(`batches/${page.chosen.join(',')}`, {
    chosen: page.chosen as readonly number[],
  })
  const chosen = page.lots.filter(({ id }) => values.chosen.includes(id))
  const heaps = planBatches(chosen satisfies readonly BatchLot[])
  return (
    <>
      <PageHead title={words.title} lead={words.lead} />
      <Choice
        kind="checkbox"
        label={words.choose}
        hint={words.chosen(chosen.length)}
        options={page.lots.map(({ id, name, litres, triage, stands }) => ({
          value: String(id),
          label: name,
          note: [
            format.plain(format.litres(litres)),
            stands && words.stands[stands],
            verdictText(triage, format)?.toLowerCase(),
          ]
            .filter(Boolean)
            .join(' · '),
        }))}
        isChosen={(value) => values.chosen.includes(Number(value))}
        onChange={(event) => {
          const id = Number(event.currentTarget.value)
          change({
            chosen: event.currentTarget.checked
              ? [...values.chosen, id]
              : values.chosen.filter((one) => one !== id),
          })
        }}
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
