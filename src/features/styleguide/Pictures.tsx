import type { StyleguidePage } from '../../messages/styleguide'
import { CoreSample } from '../../ui/pictures/CoreSample'
import { InningsStrip } from '../../ui/pictures/InningsStrip'
import { PotPlayer } from '../../ui/pictures/PotPlayer'
import { PotSection } from '../../ui/pictures/PotSection'
import { styleguide as styleguideWords } from '../../ui/texts/styleguide'
import styles from './Styleguide.module.css'

const words = styleguideWords.pictures
const SIZES = ['row', 'card', 'stage'] as const

export function Pictures({ page }: { readonly page: StyleguidePage }) {
  return (
    <>
      <h3>{words.sample}</h3>
      <div className={styles.pictures}>
        {SIZES.map((size) => (
          <figure key={size}>
            <CoreSample
              strata={page.strata}
              size={size}
              split={size === 'row' ? null : page.split}
            />
            <figcaption>{words[size]}</figcaption>
          </figure>
        ))}
      </div>
      <h3>{words.pot}</h3>
      <div className={styles.pictures}>
        {SIZES.map((size) => (
          <figure key={size}>
            <PotSection pot={page.pot} size={size} planted={size === 'stage'} />
            <figcaption>{words[size]}</figcaption>
          </figure>
        ))}
        <figure>
          <PotSection pot={page.trough} />
          <figcaption>{words.trough}</figcaption>
        </figure>
        <figure>
          <PotSection pot={page.bowl} />
          <figcaption>{words.bowl}</figcaption>
        </figure>
        <figure>
          <PotSection pot={page.layered} />
          <figcaption>{words.layered}</figcaption>
        </figure>
        <figure>
          <PotSection pot={page.onFiller} />
          <figcaption>{words.onFiller}</figcaption>
        </figure>
      </div>
      <h3>{words.played}</h3>
      <PotPlayer
        runs={[{ name: words.pot, pot: page.pot, frames: page.frames }]}
        label={words.played}
      />
      <h3>{words.strip}</h3>
      <InningsStrip innings={page.innings} />
    </>
  )
}
