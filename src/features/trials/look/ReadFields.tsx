import { useId, useRef, useState } from 'react'
import { GROWTH_SCORES } from '../../../core/season'
import { MEASURE_RANGE, type TrialMeasure, usualSummary } from '../../../core/trials'
import type { LookPage, LookPot } from '../../../messages/trials/lookViews'
import { useSite } from '../../../ui/SiteContext'
import { look as words } from '../../../ui/texts/trials/look'
import { BalanceReading } from '../../instruments/BalanceReading'
import styles from './Look.module.css'
import { type PadKey, pressed, readTyped, type Typed } from './look'

const PAD: readonly PadKey[] = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '.', '0', 'wipe']
const DIGIT = /^[1-5]$/
/** Read off a balance where there is one. */
const WEIGHED: readonly TrialMeasure[] = ['picked', 'harvest']

/**
 * The numbers of one pot, each beside what it was before; keys for wet gloves write into the one that is chosen. The fields
 * are real ones, without the phone's own keys.
 */
export function ReadFields({
  page,
  pot,
  typed,
  onType,
  onKeep,
}: {
  readonly page: LookPage
  readonly pot: LookPot
  readonly typed: Typed
  readonly onType: (more: { measure: TrialMeasure; value: string } | { note: string }) => void
  readonly onKeep: () => void
}) {
  const { measures, seeds } = page
  const id = useId()
  const [active, setActive] = useState<TrialMeasure | null>(measures[0] ?? null)
  const [asked, setAsked] = useState<readonly TrialMeasure[]>([])
  const fields = useRef(new Map<TrialMeasure, HTMLInputElement>())
  const goOn = (from: TrialMeasure) => {
    setAsked((all) => [...all, from])
    const next = measures[measures.indexOf(from) + 1]
    if (next) fields.current.get(next)?.focus()
    return next !== undefined
  }
  const put = (measure: TrialMeasure, value: string) => {
    onType({ measure, value })
    if (measure === 'vigour' && DIGIT.test(value)) goOn(measure)
  }
  const press = (key: PadKey) => {
    if (!active) return
    fields.current.get(active)?.focus()
    put(active, pressed(typed.values[active] ?? '', key, active))
  }
  const isWeighed = page.balance !== 'none' && active !== null && WEIGHED.includes(active)
  return (
    <div className={styles.read}>
      <ul className={styles.measures}>
        {measures.map((measure) => {
          const text = typed.values[measure] ?? ''
          const { problem } = readTyped(measure, text, seeds)
          const isTold = problem !== null && (asked.includes(measure) || text.length > 3)
          return (
            <li key={measure} className={active === measure ? styles.active : undefined}>
              <label htmlFor={`${id}-${measure}`}>{words.short[measure]}</label>
              <span className={styles.value}>
                <input
                  id={`${id}-${measure}`}
                  ref={(element) => {
                    if (element) fields.current.set(measure, element)
                    else fields.current.delete(measure)
                  }}
                  inputMode="none"
                  autoComplete="off"
                  enterKeyHint="next"
                  value={text}
                  aria-invalid={isTold || undefined}
                  aria-describedby={`${id}-${measure}-before`}
                  onFocus={() => setActive(measure)}
                  onChange={(event) => put(measure, event.target.value)}
                  onKeyDown={(event) => {
                    if (event.key !== 'Enter') return
                    event.preventDefault()
                    if (!goOn(measure)) onKeep()
                  }}
                />
                <small>{MEASURE_RANGE[measure].unit}</small>
              </span>
              <Before
                id={`${id}-${measure}-before`}
                pot={pot}
                measure={measure}
                onPut={(value) => {
                  setActive(measure)
                  put(measure, value)
                  goOn(measure)
                }}
              />
              {isTold && (
                <span role="alert" className={styles.problem}>
                  {problem}
                </span>
              )}
            </li>
          )
        })}
        <li className={active === null ? styles.active : undefined}>
          <label htmlFor={`${id}-note`}>{words.note}</label>
          <span className={styles.note}>
            <input
              id={`${id}-note`}
              value={typed.note}
              maxLength={500}
              autoComplete="off"
              onFocus={() => setActive(null)}
              onChange={(event) => onType({ note: event.target.value })}
              onKeyDown={(event) => {
                if (event.key !== 'Enter') return
                event.preventDefault()
                onKeep()
              }}
            />
          </span>
        </li>
      </ul>
      {isWeighed && (
        <BalanceReading
          code={pot.code}
          pot={{ trialId: page.trialId, potId: pot.id }}
          onTake={(grams) => {
            fields.current.get(active)?.focus()
            put(active, String(grams))
          }}
        />
      )}
      {active === 'vigour' ? (
        <ol className={styles.scores} aria-label={words.short.vigour}>
          {GROWTH_SCORES.map((score) => (
            <li key={score}>
              <PadButton
                isOn={typed.values.vigour === String(score)}
                onPress={() => put('vigour', String(score))}
              >
                <strong>{score}</strong> <span>{words.scores[score - 1]}</span>
              </PadButton>
            </li>
          ))}
        </ol>
      ) : active ? (
        <fieldset className={`plain ${styles.pad}`} aria-label={words.keys}>
          {PAD.map((key) => (
            <PadButton
              key={key}
              label={key === 'wipe' ? words.wipe : undefined}
              isOff={key === '.' && MEASURE_RANGE[active].decimals === 0}
              onPress={() => press(key)}
            >
              {key === 'wipe' ? '⌫' : key}
            </PadButton>
          ))}
        </fieldset>
      ) : null}
    </div>
  )
}

/** What was read the last time, taken over by a press; of what is picked, what it came to altogether. */
function Before({
  id,
  pot,
  measure,
  onPut,
}: {
  readonly id: string
  readonly pot: LookPot
  readonly measure: TrialMeasure
  readonly onPut: (value: string) => void
}) {
  const { format } = useSite()
  const before = pot.before[measure]
  if (!before) {
    return (
      <span id={id} className={styles.before}>
        {words.first}
      </span>
    )
  }
  const isTotal = usualSummary(measure) === 'total'
  const value = format.number(before.value, MEASURE_RANGE[measure].decimals)
  const earlier = (isTotal ? words.sofar : words.before)(value, format.day(before.on))
  if (isTotal) {
    return (
      <span id={id} className={styles.before}>
        {earlier}
      </span>
    )
  }
  return (
    <button
      id={id}
      type="button"
      className={styles.before}
      title={words.asBefore}
      aria-label={`${words.asBefore}: ${earlier}`}
      onPointerDown={(event) => event.preventDefault()}
      onClick={() => onPut(String(before.value))}
    >
      {earlier}
    </button>
  )
}

/** A key that leaves the field it writes into where it is. */
function PadButton({
  label,
  isOn,
  isOff = false,
  onPress,
  children,
}: {
  readonly label?: string | undefined
  readonly isOn?: boolean
  readonly isOff?: boolean
  readonly onPress: () => void
  readonly children: React.ReactNode
}) {
  return (
    <button
      type="button"
      className={styles.key}
      aria-label={label}
      aria-pressed={isOn}
      disabled={isOff}
      onPointerDown={(event) => event.preventDefault()}
      onClick={onPress}
    >
      {children}
    </button>
  )
}
