import type { ReactNode } from 'react'
import { GROWTH_SCORES, type PotLogKind } from '../../core/season'
import { potLog as words } from '../../ui/texts/containers/potLog'
import styles from './LogKeys.module.css'

const WITH_ONE_TAP = ['stays wet', 'dries fast', 'missed'] as const

/** What is written down at a pot with one tap: how it grows, and what went wrong with its water. */
export function LogKeys({
  isHeld = false,
  onTap,
  children,
}: {
  /** Taps are not taken just now. */
  readonly isHeld?: boolean
  readonly onTap: (kind: PotLogKind, value: number | null, said: string) => void
  /** Further keys beside them. */
  readonly children?: ReactNode
}) {
  return (
    <>
      <fieldset className={styles.scores} disabled={isHeld}>
        <legend>
          {words.kinds.growth} <small>{words.growthHint}</small>
        </legend>
        {GROWTH_SCORES.map((score) => (
          <LogKey
            key={score}
            label={words.growthOf(score)}
            onTap={() => onTap('growth', score, words.growthOf(score))}
          >
            {score}
          </LogKey>
        ))}
      </fieldset>
      <fieldset className={`plain ${styles.keys}`} disabled={isHeld}>
        {WITH_ONE_TAP.map((kind) => (
          <LogKey key={kind} onTap={() => onTap(kind, null, words.kinds[kind])}>
            {words.kinds[kind]}
          </LogKey>
        ))}
        {children}
      </fieldset>
    </>
  )
}

/** One large key; it may open something below. */
export function LogKey({
  label,
  isOpen,
  onTap,
  children,
}: {
  readonly label?: string
  readonly isOpen?: boolean
  readonly onTap: () => void
  readonly children: ReactNode
}) {
  return (
    <button
      type="button"
      className={styles.key}
      aria-label={label}
      aria-expanded={isOpen}
      onClick={onTap}
    >
      {children}
    </button>
  )
}
