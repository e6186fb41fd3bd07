import { type ReactNode, useState } from 'react'
import type { WaterStart } from '../../core/media'
import { LinkButton } from '../../ui/Button'
import { SelectField } from '../../ui/Field'
import { PageHead } from '../../ui/PageHead'
import { QuantityField } from '../../ui/QuantityField'
import { mixPictures } from '../../ui/texts/mixes/mixPictures'
import { useReady } from '../../ui/useReady'
import type { MixRun } from '../../workers/jobs'
import type { NamedFill } from './runViews'
import { useLastQuantity } from './useLastQuantity'
import { WaterRuns } from './WaterRuns'
import styles from './WaterRuns.module.css'

const words = mixPictures.runs

/** Pots that are watered together: what stands in them is chosen above, how much is poured beside it. */
export function WateredScreen({
  title,
  lead,
  choices,
  more,
  fills,
  say,
  children,
}: {
  readonly title: string
  readonly lead: string
  readonly choices: ReactNode
  /** A second row of choices. */
  readonly more?: ReactNode
  /** Kept the same while nothing has changed. */
  readonly fills: readonly NamedFill[]
  readonly say?: (runs: readonly MixRun[]) => string | null
  readonly children?: ReactNode
}) {
  const ready = useReady()
  const [poured, litres, setPoured] = useLastQuantity('2 L', 'volume')
  const [start, setStart] = useState<WaterStart>('watered')
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
        <SelectField
          label={words.before}
          value={start}
          onChange={(event) => setStart(event.target.value === 'rested' ? 'rested' : 'watered')}
        >
          {(['watered', 'rested'] as const).map((one) => (
            <option key={one} value={one}>
              {words.starts[one].name}
            </option>
          ))}
        </SelectField>
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
      <WaterRuns
        fills={fills}
        millilitres={1000 * litres}
        untilMl={1000 * untilLitres}
        start={start}
        say={say}
      />
      {children}
    </fieldset>
  )
}
