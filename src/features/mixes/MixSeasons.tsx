import type { MixInPlace } from '../../core/mixes'
import { AskWhy } from '../../ui/AskWhy'
import { useSite } from '../../ui/SiteContext'
import { common as commonWords } from '../../ui/texts/common'
import { mixes as mixesWords } from '../../ui/texts/mixes/mixes'
import styles from './MixDesign.module.css'

const words = mixesWords.design
/** Written in whole per cents: what reads as enough is not marked. */
const ROUNDED = 0.005

/** How the mix ages in its pot when nobody tops it up. */
export function MixSeasons({
  seasons,
  airMin,
  asked,
  onAsk,
}: {
  readonly seasons: MixInPlace['seasons']
  readonly airMin: number | null
  readonly asked: boolean
  readonly onAsk: () => void
}) {
  const { format } = useSite()
  return (
    <section aria-labelledby="seasons">
      <h2 id="seasons">
        <AskWhy name={words.seasons} pressed={asked} onAsk={onAsk} />
      </h2>
      <table className={styles.seasons}>
        <thead>
          <tr>
            <td />
            <th scope="col">{words.seasonAir}</th>
            <th scope="col">{words.seasonDown}</th>
          </tr>
        </thead>
        <tbody>
          {seasons.map(({ air, downCm }, season) => (
            <tr key={words.seasonNames[season]}>
              <th scope="row">{words.seasonNames[season]}</th>
              <td className={airMin !== null && air < airMin - ROUNDED ? styles.short : undefined}>
                {airMin !== null && air < airMin - ROUNDED && <span aria-hidden="true">▲ </span>}≈{' '}
                {format.plain(format.percent(air))}
              </td>
              <td>{season === 0 ? commonWords.none : `≈ ${format.plain(format.cm(downCm))}`}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}
