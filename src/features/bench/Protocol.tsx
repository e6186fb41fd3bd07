import { areaAt } from '../../core/containers'
import type { TestKind, TestKit } from '../../messages/bench/benchViews'
import { useSite } from '../../ui/SiteContext'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import styles from './Bench.module.css'
import firstStyles from './Protocol.module.css'

const words = benchWords.protocol

/** Why, how and what spoils it, on half a page. */
export function Protocol({ kind }: { readonly kind: TestKind }) {
  const { why, mistakes } = benchWords.tests[kind]
  return (
    <details className={styles.protocol}>
      <summary>{words.title}</summary>
      <p>{why}</p>
      <h3>{words.how}</h3>
      <How kind={kind} />
      <h3>{words.mistakes}</h3>
      <ul>
        {mistakes.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </details>
  )
}

/** How, with the amounts of the kit, for whoever does it for the first time. */
export function FirstTime({ kind, kit }: { readonly kind: TestKind; readonly kit: TestKit }) {
  const { format } = useSite()
  const { mixLitres, columnShape, pouredMl, pourS } = kit
  // As wide as a round one of the same mouth.
  const widthCm = 2 * Math.sqrt(areaAt({ shape: columnShape, zCm: columnShape.heightCm }) / Math.PI)
  return (
    <section className={firstStyles.firstTime} aria-label={words.how}>
      <How kind={kind} />
      {(kind === 'drain' || kind === 'layers') && (
        <p>
          {words.kit(
            format.plain(format.litres(mixLitres)),
            format.plain(format.cm(widthCm)),
            `${format.number(pouredMl)} mL`,
            `${format.number(pourS)} s`,
          )}
        </p>
      )}
    </section>
  )
}

function How({ kind }: { readonly kind: TestKind }) {
  return (
    <ol>
      {benchWords.tests[kind].how.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ol>
  )
}
