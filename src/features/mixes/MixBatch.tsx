import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { useForm } from '../../ui/form/useForm'
import { Caution, ProblemNotice } from '../../ui/Notice'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { useSite } from '../../ui/SiteContext'
import { mixBatch as words } from '../../ui/texts/mixes/mixBatch'
import { mixes as mixesWords } from '../../ui/texts/mixes/mixes'
import { useMixDesign } from './DesignContext'
import styles from './MixDesign.module.css'
import { costOf } from './mixCost'

/** So much of the mix: what to measure out in all, for each barrow and bucket, and the lot it becomes. */
export function MixBatch() {
  const { page, changed, components, answer } = useMixDesign()
  const { site, format } = useSite()
  const { values, field, quantity, submit, problem } = useForm('POST /api/mixes/[id]/lots', {
    draft: null,
    begin: { litres: '40 L', name: page.name, storeBin: '' },
    asked: ({ litres, ...typed }) =>
      page.mix && {
        params: { id: page.mix.id },
        body: { litres: readQuantity(litres, 'volume', site.measures).value, ...typed },
      },
    taken: ({ id }) => ({ to: `/lots/${id}` }),
  })
  const wanted = readQuantity(values.litres, 'volume', site.measures).value
  if (!answer || components.length === 0) return null
  const { barrowL, bucketL, cupL } = site.measures
  const total = components.reduce((sum, { parts }) => sum + parts, 0)
  const partLitres = wanted !== null && wanted > 0 ? wanted / answer.blend.volumeYield : 0
  // A barrow that the batch does not fill is no load.
  const loads = [
    { label: words.perBarrow, batch: barrowL },
    { label: words.perBucket, batch: bucketL },
    { label: words.perCup, batch: cupL },
  ].filter(({ batch }) => batch < partLitres)
  const amount = (one: number) => format.plain(format.litres(one))
  const cost = costOf(components, page.materials, answer)
  const { mix } = page

  return (
    <section className={styles.batch} aria-labelledby="batch">
      <h2 id="batch">{words.batch}</h2>
      <div className={styles.setting}>
        <QuantityField
          label={words.batchLitres}
          dimension="volume"
          echoes="converted"
          {...quantity('litres')}
        />
        {mix && !changed && (
          <>
            <TextField label={words.lotName} {...field('name')} />
            <TextField label={words.storeBin} {...field('storeBin')} />
          </>
        )}
      </div>
      {partLitres > 0 && (
        <>
          <p>
            {words.batchOut(amount(partLitres))}{' '}
            {cost.perLitre !== null &&
              wanted !== null &&
              words.batchCost(format.money(cost.perLitre * wanted))}
          </p>
          <div className={styles.scroll}>
            <table className={styles.seasons}>
              <thead>
                <tr>
                  <th scope="col">{words.batchMaterial}</th>
                  <th scope="col">{words.inAll}</th>
                  {loads.map(({ label, batch }) => (
                    <th key={label} scope="col">
                      {label} ({amount(batch)})
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {components.map(({ material, parts }) => (
                  <tr key={material.id}>
                    <th scope="row">{material.name}</th>
                    {[{ label: words.inAll, batch: partLitres }, ...loads].map(
                      ({ label, batch }) => (
                        <td key={label}>{amount((batch * parts) / total)}</td>
                      ),
                    )}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </>
      )}
      <Caution lines={[{ short: mixesWords.design.dust }]} />
      <ProblemNotice problem={problem} />
      {mix && !changed ? (
        <div className={styles.foot}>
          <Button data-needs="manage" onClick={() => submit()}>
            {words.makeLot}
          </Button>
          <Button weight="quiet" onClick={() => window.print()}>
            {words.card}
          </Button>
        </div>
      ) : (
        <p className={styles.note}>{words.batchSaveFirst}</p>
      )}
    </section>
  )
}
