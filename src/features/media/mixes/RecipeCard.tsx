import type { Component } from '../../../core/media'
import type { MixInPlace } from '../../../core/season'
import { CoreSample } from '../../../ui/pictures/CoreSample'
import { useSite } from '../../../ui/SiteContext'
import { texts } from '../../../ui/texts'
import { strataOfMix } from './mixPot'
import styles from './RecipeCard.module.css'

const words = texts.mixes.card

/** The recipe on paper: drawn with the page, seen only in print. */
export function RecipeCard({
  name,
  version,
  note,
  what,
  pot,
  components,
  answer,
}: {
  readonly name: string
  readonly version: string
  readonly note: string
  readonly what: string | null
  readonly pot: string
  readonly components: readonly Component[]
  readonly answer: MixInPlace
}) {
  const { site, format } = useSite()
  const total = components.reduce((sum, { parts }) => sum + parts, 0)
  const amount = (litres: number) => format.plain(format.litres(litres))
  return (
    <article className={styles.card}>
      <h2>{name}</h2>
      <p>
        {version} · {format.day(site.today)} · {site.name}
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
      <p>{texts.mixes.design.makes(amount(total * answer.blend.volumeYield), amount(total))}</p>
      <p>
        {words.does(
          what,
          pot,
          format.plain(format.percent(answer.capacity.airFraction)),
          answer.dry.days === null ? null : format.number(answer.dry.days, 1),
          format.number(answer.ph, 1),
        )}
      </p>
      {note && <p>{note}</p>}
      <p>{texts.mixes.design.dust}</p>
    </article>
  )
}
