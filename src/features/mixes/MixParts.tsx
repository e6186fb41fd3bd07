import type { ReactNode } from 'react'
import { useFieldArray } from 'react-hook-form'
import { Button } from '../../ui/Button'
import { CoreSample } from '../../ui/pictures/CoreSample'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { useSite } from '../../ui/SiteContext'
import { mixes as mixesWords } from '../../ui/texts/mixes/mixes'
import { useMixDesign } from './DesignContext'
import styles from './MixDesign.module.css'
import { strataOfMix } from './mixPot'
import { litresForShare, litresText } from './mixValues'

const words = mixesWords.design
const FIRST_LITRES = 10

/** What is measured out: typed in any unit or drawn along a slider, and the column it makes. */
export function MixParts({ children }: { readonly children?: ReactNode }) {
  const { form, page, components, answer, errorOf } = useMixDesign()
  const { format, site } = useSite()
  const rows = useFieldArray({ control: form.control, name: 'parts' })
  const typed = form.watch('parts')
  const litres = typed.map((row) => readQuantity(row.litres, 'volume', site.measures).value ?? 0)
  const total = litres.reduce((sum, one) => sum + one, 0)
  const free = page.materials.filter(
    ({ material, putAway }) =>
      !putAway && !typed.some(({ materialId }) => materialId === material.id),
  )
  const materialOf = (id: string) => page.materials.find(({ material }) => material.id === id)
  return (
    <section className={styles.panel} aria-labelledby="measured-out">
      <h2 id="measured-out">{words.parts}</h2>
      <div className={styles.measured}>
        {components.length > 0 && (
          <div className={styles.core}>
            <CoreSample strata={strataOfMix(components)} size="stage" />
          </div>
        )}
        <ul className={styles.parts}>
          {rows.fields.map((field, index) => {
            const row = typed[index]
            const found = row && materialOf(row.materialId)
            if (!row || !found) return null
            const mine = litres[index] ?? 0
            const share = total > 0 ? mine / total : 0
            const { name } = found.material
            return (
              <li key={field.id} className={styles.part}>
                <QuantityField
                  label={found.putAway ? `${name} (${words.putAway})` : name}
                  dimension="volume"
                  echoes="converted"
                  typed={row.litres}
                  error={errorOf(`parts.${index}.litres`) ?? errorOf(`parts.${index}.materialId`)}
                  {...form.register(`parts.${index}.litres`)}
                />
                <input
                  type="range"
                  className={styles.slider}
                  min={0}
                  max={95}
                  step={1}
                  value={Math.round(share * 100)}
                  disabled={total - mine <= 0}
                  aria-label={words.share(name)}
                  aria-valuetext={format.plain(format.percent(share))}
                  onChange={(event) =>
                    form.setValue(
                      `parts.${index}.litres`,
                      litresText(litresForShare(Number(event.target.value) / 100, total - mine)),
                    )
                  }
                />
                <span className={styles.share}>{format.plain(format.percent(share))}</span>
                <Button
                  weight="quiet"
                  aria-label={words.remove(name)}
                  onClick={() => rows.remove(index)}
                >
                  ✕
                </Button>
                {found.material.note && <small className={styles.use}>{found.material.note}</small>}
              </li>
            )
          })}
          <li>
            <select
              className={styles.add}
              aria-label={words.add}
              value=""
              onChange={(event) => {
                if (!event.target.value) return
                rows.append({
                  materialId: event.target.value,
                  litres: litresText(total > 0 ? total / 10 : FIRST_LITRES),
                })
              }}
            >
              <option value="">{words.chooseMaterial}</option>
              {free.map(({ material }) => (
                <option key={material.id} value={material.id}>
                  {material.name}
                </option>
              ))}
            </select>
          </li>
          {answer && total > 0 && (
            <li className={styles.makes}>
              {words.makes(
                format.plain(format.litres(total * answer.blend.volumeYield)),
                format.plain(format.litres(total)),
              )}
              {answer.blend.volumeYield < 0.995 && <span> — {words.fines}</span>}
            </li>
          )}
        </ul>
      </div>
      {children}
    </section>
  )
}
