import { AgainstWanted } from '../../../ui/AgainstWanted'
import { Figure, WhyFigure } from '../../../ui/Figure'
import { candidates as words } from '../../../ui/texts/mixes/candidates'
import type { MixWhyKey } from '../../mixes/whyOfMix'
import styles from './Candidates.module.css'
import type { SheetCell } from './sheet'

/** One number or sentence of a candidate, with where it comes from. */
export function CandidateCell({
  cell,
  name,
  pressed,
  onAsk,
}: {
  readonly cell: SheetCell | null
  /** Of the number, for those who hear it. */
  readonly name: string
  readonly pressed: boolean
  readonly onAsk: (why: MixWhyKey) => void
}) {
  if (!cell) {
    return (
      <span className={styles.quiet}>
        <span aria-hidden="true">–</span>
        <span className="visually-hidden">{words.unknown}</span>
      </span>
    )
  }
  const { amount, measuredOn, text, notes, origin, why, against } = cell
  const figure = {
    amount: amount ?? { number: '', unit: '' },
    ...(measuredOn === undefined ? {} : { measuredOn }),
  }
  return (
    <div className={styles.cell}>
      {amount &&
        (why ? (
          <WhyFigure name={name} pressed={pressed} onAsk={() => onAsk(why)} {...figure} />
        ) : (
          <Figure {...figure} />
        ))}
      {text && <span>{text}</span>}
      {against && <AgainstWanted {...against} />}
      {notes.map((note) => (
        <small key={note}>{note}</small>
      ))}
      {origin && (
        <small>
          <a href={origin.href}>{origin.name}</a>
        </small>
      )}
    </div>
  )
}
