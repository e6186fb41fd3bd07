import type { ReactNode } from 'react'
import { LinkButton } from '../../ui/Button'
import { PageHead } from '../../ui/PageHead'
import { QuantityField } from '../../ui/QuantityField'
import { mixes as mixesWords } from '../../ui/texts/mixes'
import { useReady } from '../../ui/useReady'
import type { NamedFill } from './runViews'
import { useLastQuantity } from './useLastQuantity'
import { WaterRuns } from './WaterRuns'
import styles from './WaterRuns.module.css'

const words = mixesWords.runs

/** Pots that are watered together: what stands in them is chosen above, how much is poured beside it. */
export function WateredScreen({
  title,
  lead,
  choices,
  more,
  fills,
  children,
}: {
  readonly title: string
  readonly lead: string
  readonly choices: ReactNode
  /** A second row of choices. */
  readonly more?: ReactNode
  /** Kept the same while nothing has changed. */
  readonly fills: readonly NamedFill[]
  readonly children?: ReactNode
}) {
  const ready = useReady()
  const [poured, litres, setPoured] = useLastQuantity('2 L', 'volume')
  const [until, untilLitres, setUntil] = useLastQuantity('1 L', 'volume')
  return (
    <fieldset disabled={!ready} className="plain">
      <PageHead
        title={title}
        lead={lead}
        actions={<LinkButton href="/mixes">{words.back}</LinkButton>}
      />
      <div className={styles.choices}>
        {choices}
        <QuantityField
          label={words.pour}
          dimension="volume"
          echoes="converted"
          typed={poured}
          value={poured}
          onChange={(event) => setPoured(event.target.value)}
        />
        <QuantityField
          label={words.untilField}
          dimension="volume"
          echoes="converted"
          typed={until}
          value={until}
          onChange={(event) => setUntil(event.target.value)}
        />
      </div>
      {more && <div className={styles.choices}>{more}</div>}
      <WaterRuns fills={fills} millilitres={1000 * litres} untilMl={1000 * untilLitres} />
      {children}
    </fieldset>
  )
}
