import { type InputHTMLAttributes, type ReactNode, type SelectHTMLAttributes, useId } from 'react'
import styles from './Field.module.css'

interface Frame {
  readonly label: string
  readonly hint?: ReactNode
  readonly error?: string | undefined
}

/** Ties label, hint and error to a control. */
function describe(id: string, { hint, error }: Frame) {
  const describedBy = [hint ? `${id}-hint` : '', error ? `${id}-error` : ''].filter(Boolean)
  return {
    id,
    'aria-invalid': error ? (true as const) : undefined,
    'aria-describedby': describedBy.length > 0 ? describedBy.join(' ') : undefined,
  }
}

function Around({ id, frame, children }: { id: string; frame: Frame; children: ReactNode }) {
  return (
    <div className={styles.field}>
      <label className={styles.label} htmlFor={id}>
        {frame.label}
      </label>
      {children}
      <Notes id={id} frame={frame} />
    </div>
  )
}

function Notes({ id, frame: { hint, error } }: { id: string; frame: Frame }) {
  return (
    <>
      {error && (
        <span className={styles.error} id={`${id}-error`} role="alert">
          {error}
        </span>
      )}
      {hint && (
        <span className={styles.hint} id={`${id}-hint`}>
          {hint}
        </span>
      )}
    </>
  )
}

export function TextField({
  label,
  hint,
  error,
  ...rest
}: Frame & InputHTMLAttributes<HTMLInputElement>) {
  const id = useId()
  const frame = { label, hint, error }
  return (
    <Around id={id} frame={frame}>
      <input
        type="text"
        autoComplete="off"
        {...describe(id, frame)}
        {...rest}
        className={styles.input}
      />
    </Around>
  )
}

export function SelectField({
  label,
  hint,
  error,
  children,
  ...rest
}: Frame & SelectHTMLAttributes<HTMLSelectElement>) {
  const id = useId()
  const frame = { label, hint, error }
  return (
    <Around id={id} frame={frame}>
      <select {...describe(id, frame)} {...rest} className={styles.input}>
        {children}
      </select>
    </Around>
  )
}

export interface ChoiceOption {
  readonly value: string
  readonly label: string
  readonly note?: string | undefined
}

/** Big chips for wet gloves: one of several, or any of several. */
export function Choice({
  label,
  hint,
  error,
  options,
  kind = 'radio',
  isChosen,
  ...rest
}: Frame & {
  options: readonly ChoiceOption[]
  kind?: 'radio' | 'checkbox'
  /** Where no form keeps what is chosen. */
  isChosen?: (value: string) => boolean
} & Omit<InputHTMLAttributes<HTMLInputElement>, 'type' | 'value'>) {
  const id = useId()
  const frame = { label, hint, error }
  const { 'aria-describedby': describedBy } = describe(id, frame)
  return (
    <fieldset className={styles.field} aria-describedby={describedBy}>
      <legend className={styles.label}>{label}</legend>
      <div className={styles.chips}>
        {options.map((option) => (
          <label key={option.value} className={styles.chip}>
            <input
              type={kind}
              value={option.value}
              {...(isChosen ? { checked: isChosen(option.value) } : {})}
              {...rest}
            />
            <span>
              {option.label}
              {option.note && <small>{option.note}</small>}
            </span>
          </label>
        ))}
      </div>
      <Notes id={id} frame={frame} />
    </fieldset>
  )
}
