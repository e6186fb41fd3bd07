import type { RungId } from '../../../core/recondition'
import type { RungView } from '../../../messages/recondition/ladder'
import { useSite } from '../../../ui/SiteContext'
import { ladder as words } from '../../../ui/texts/recondition/ladder'
import styles from './Ladder.module.css'

/** A way's name and what it adds, to be chosen; where it is not open, why. */
export function LadderHead({
  rung,
  number,
  isBest,
  isUsual,
  isChosen,
  onPick,
}: {
  readonly rung: RungView
  readonly number: number
  readonly isBest: boolean
  readonly isUsual: boolean
  readonly isChosen: boolean
  readonly onPick: (way: RungId) => void
}) {
  const { format } = useSite()
  const { id, allowed, added, warnings } = rung
  const name = words.names[id]
  return (
    <>
      {allowed ? (
        <button
          type="button"
          className={styles.pick}
          data-paper
          aria-pressed={isChosen}
          onClick={() => onPick(id)}
        >
          <span className={styles.number}>{number}</span> {name}
        </button>
      ) : (
        <span className={styles.name}>
          <span className={styles.number}>{number}</span> {name}
        </span>
      )}
      {isBest && (
        <small className={styles.mark}>
          <span aria-hidden="true">● </span>
          {words.marked}
        </small>
      )}
      {isUsual && <small>{words.usual}</small>}
      <small>
        {added.length === 0
          ? words.nothingAdded
          : added
              .map(
                (one) =>
                  `${format.plain(one.unit === 'L' ? format.litres(one.amount) : format.grams(one.amount))} ${one.name.toLowerCase()}`,
              )
              .join(', ')}
      </small>
      {warnings
        .filter((warning) => warning !== 'unpriced')
        .map((warning) => (
          <small key={warning} className={styles.warning}>
            <span aria-hidden="true">▲ </span>
            {warning in words.bars
              ? words.bars[warning as keyof typeof words.bars]
              : words.notes[warning as keyof typeof words.notes]}
          </small>
        ))}
    </>
  )
}
