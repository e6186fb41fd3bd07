import { CoreSample } from '../../ui/pictures/CoreSample'
import { useSite } from '../../ui/SiteContext'
import { mixAsked } from '../../ui/texts/mixes/mixAsked'
import { mixes as mixesWords } from '../../ui/texts/mixes/mixes'
import { useMixDesign } from './DesignContext'
import { strataOfMix } from './mixPot'
import styles from './RecipeCard.module.css'

const words = mixAsked.card
const design = mixesWords.design

/** The recipe on paper: drawn with the page, seen only in print. */
export function RecipeCard() {
  const { page, form, changed, components, container, what, answer } = useMixDesign()
  const { site, format } = useSite()
  if (!answer) return null
  const { name, note } = form.getValues()
  const { mix } = page
  const total = components.reduce((sum, { parts }) => sum + parts, 0)
  const amount = (litres: number) => format.plain(format.litres(litres))
  return (
    <article className={styles.card}>
      <h2>{name || design.untitled}</h2>
      <p>
        {mix && !changed ? design.saved(mix.version) : design.notSaved} · {format.day(site.today)} ·{' '}
        {site.name}
      </p>
      <div className={styles.body}>
        <CoreSample strata={strataOfMix(components)} size="card" />
        <table>
          <tbody>
            {components.map(({ material, parts }) => (
              <tr key={material.id}>
                <th scope="row">{material.name}</th>
                <td>{format.plain(format.percent(parts / total))}</td>
                <td>{amount(parts)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p>{design.makes(amount(total * answer.blend.volumeYield), amount(total))}</p>
      <p>
        {words.does(
          what,
          container?.name ?? '',
          format.plain(format.percent(answer.capacity.airFraction)),
          answer.dry.days === null ? null : format.days(answer.dry.days),
          format.number(answer.ph, 1),
        )}
      </p>
      {note && <p>{note}</p>}
      <p>{design.dust}</p>
    </article>
  )
}
