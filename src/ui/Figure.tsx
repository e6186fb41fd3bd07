import styles from './Figure.module.css'
import type { Amount } from './format'
import { useSite } from './SiteContext'
import { common as commonWords } from './texts/common'
import { useWhyAnswers } from './WhyText'

export interface FigureProps {
  readonly amount: Amount
  /** ISO day of the measurement; null for an estimate; leave out for what was counted or decided. */
  readonly measuredOn?: string | null
  readonly large?: boolean
  /** Digits it would need to be as long behind its point as the numbers above and below it. */
  readonly pad?: string
}

/** A number with its unit: estimated ones with ≈ and lighter, measured ones plain with a tick. */
export function Figure({ amount, measuredOn, large = false, pad }: FigureProps) {
  const { format } = useSite()
  const estimated = measuredOn === null
  const classes = [styles.figure, estimated && styles.estimated, large && styles.large]
  return (
    <span className={classes.filter(Boolean).join(' ')}>
      {estimated && (
        <span className={styles.sign} title={commonWords.estimated}>
          <span aria-hidden="true">≈</span>
          <span className="visually-hidden">{commonWords.about}</span>
        </span>
      )}
      {measuredOn && (
        <span className={styles.tick} title={commonWords.measuredOn(format.day(measuredOn))}>
          <span aria-hidden="true">✓</span>
          <span className="visually-hidden">{commonWords.measuredOn(format.day(measuredOn))}</span>
        </span>
      )}
      <span data-pad={pad || undefined}>{amount.number}</span>
      <span className={styles.unit}>{amount.unit}</span>
    </span>
  )
}

/** A computed number that can be asked why. */
export function WhyFigure({
  name,
  pressed,
  onAsk,
  ...figure
}: FigureProps & { name: string; pressed: boolean; onAsk: () => void }) {
  useWhyAnswers()
  return (
    <button type="button" className={styles.why} data-paper aria-pressed={pressed} onClick={onAsk}>
      <span className="visually-hidden">{commonWords.why(name)} </span>
      <Figure {...figure} />
    </button>
  )
}
