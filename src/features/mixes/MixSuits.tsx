import type { MixInPlace } from '../../core/mixes'
import type { MixDesignPage } from '../../messages/mixes/mixViews'
import { mixes as mixesWords } from '../../ui/texts/mixes/mixes'
import styles from './MixDesign.module.css'

const words = mixesWords.suits

/** Which plant groups the mix suits in this pot by air and pH: opposite ones may share it, when the watering differs. */
export function MixSuits({
  page,
  answer: { capacity, ph },
}: {
  readonly page: MixDesignPage
  readonly answer: MixInPlace
}) {
  const air = capacity.airFraction
  const suited = page.groups.filter(
    ({ airMin, airMax, pHLow, pHHigh }) =>
      air >= airMin && air <= airMax && ph >= pHLow && ph <= pHHigh,
  )
  if (suited.length === 0) return <p className={styles.note}>{words.none}</p>
  const dry = suited.some(({ waterPreference }) => waterPreference === 'dry-between')
  const wet = suited.some(({ waterPreference }) => waterPreference !== 'dry-between')
  return (
    <p className={styles.note}>
      {words.also(
        suited.map(({ id, waterPreference }) => words.group(id, words.water[waterPreference])),
      )}
      {dry && wet && ` ${words.watering}`}
    </p>
  )
}
