import type { TestKind } from '../../messages/bench/benchViews'
import { bench as benchWords } from '../../ui/texts/bench'
import styles from './Bench.module.css'

const words = benchWords.protocol

/** Why, how and what spoils it, on half a page. */
export function Protocol({
  kind,
  isOpen = false,
}: {
  readonly kind: TestKind
  readonly isOpen?: boolean
}) {
  const { why, how, mistakes } = benchWords.tests[kind]
  return (
    <details className={styles.protocol} open={isOpen}>
      <summary>{words.title}</summary>
      <p>{why}</p>
      <h3>{words.how}</h3>
      <ol>
        {how.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ol>
      <h3>{words.mistakes}</h3>
      <ul>
        {mistakes.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </details>
  )
}
