import {
  type ComponentProps,
  type ReactNode,
  type SelectHTMLAttributes,
  useId,
  useState,
} from 'react'
import styles from './Field.module.css'

/** What a server refused; it stands at its field until what stands there is changed. */
export interface Refusal {
  readonly message: string
  /** Of the answer that said so: the same refusal again is another one. */
  readonly stamp: number
}

export type FieldProblem = string | Refusal

interface Frame {
  readonly label: string
  readonly hint?: ReactNode
  readonly error?: FieldProblem | undefined
}

/** The sentence that stands at a field now, and what tells that the field was changed. */
function useProblem(error: FieldProblem | undefined) {
  const [changedSince, setChangedSince] = useState<number | null>(null)
  const refusal = typeof error === 'object' ? error : null
  const isStale = refusal !== null && changedSince === refusal.stamp
  const message = typeof error === 'string' ? error : isStale ? undefined : refusal?.message
  return {
    message,
    onInput: () => {
      if (refusal && !isStale) setChangedSince(refusal.stamp)
    },
  }
}

interface Said extends Omit<Frame, 'error'> {
  readonly error?: string | undefined
}

/** Ties label, hint and error to a control. */
function describe(id: string, { hint, error }: Said) {
  const describedBy = [hint ? `${id}-hint` : '', error ? `${id}-error` : ''].filter(Boolean)
  return {
    id,
    'aria-invalid': error ? (true as const) : undefined,
    'aria-describedby': describedBy.length > 0 ? describedBy.join(' ') : undefined,
  }
}

function Around({
  id,
  frame,
  onInput,
  children,
}: {
  id: string
  frame: Said
  onInput: () => void
  children: ReactNode
}) {
  return (
    <div className={styles.field} onInput={onInput}>
      <label className={styles.label} htmlFor={id}>
        {frame.label}
      </label>
      {children}
      <Notes id={id} frame={frame} />
    </div>
  )
}

function Notes({ id, frame: { hint, error } }: { id: string; frame: Said }) {
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
  suggestions = [],
  ...rest
}: Frame &
  ComponentProps<'input'> & {
    /** What may be meant; anything else can be typed as well. */
    readonly suggestions?: readonly string[]
  }) {
  const id = useId()
  const { message, onInput } = useProblem(error)
  const frame = { label, hint, error: message }
  return (
    <Around id={id} frame={frame} onInput={onInput}>
      <input
        type="text"
        autoComplete="off"
        list={suggestions.length > 0 ? `${id}-list` : undefined}
        {...describe(id, frame)}
        {...rest}
        className={styles.input}
      />
      {suggestions.length > 0 && (
        <datalist id={`${id}-list`}>
          {suggestions.map((one) => (
            <option key={one} value={one} />
          ))}
        </datalist>
      )}
    </Around>
  )
}

/** A field of a table: its column and its row name it to the eye. */
export function CellField({ label, error, ...rest }: Frame & ComponentProps<'input'>) {
  const id = useId()
  const { message, onInput } = useProblem(error)
  const frame = { label, error: message }
  return (
    <div className={styles.field} onInput={onInput}>
      <input
        type="text"
        autoComplete="off"
        aria-label={label}
        {...describe(id, frame)}
        {...rest}
        className={styles.input}
      />
      <Notes id={id} frame={frame} />
    </div>
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
  const { message, onInput } = useProblem(error)
  const frame = { label, hint, error: message }
  return (
    <Around id={id} frame={frame} onInput={onInput}>
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
  defaultValue,
  ...rest
}: Frame & {
  options: readonly ChoiceOption[]
  kind?: 'radio' | 'checkbox'
  /** Where no form keeps what is chosen. */
  isChosen?: (value: string) => boolean
} & Omit<ComponentProps<'input'>, 'type' | 'value'>) {
  const id = useId()
  const { message, onInput } = useProblem(error)
  const frame = { label, hint, error: message }
  const { 'aria-describedby': describedBy } = describe(id, frame)
  const written = Array.isArray(defaultValue) ? defaultValue : [defaultValue]
  return (
    <fieldset className={styles.field} aria-describedby={describedBy} onInput={onInput}>
      <legend className={styles.label}>{label}</legend>
      <div className={styles.chips}>
        {options.map((option) => (
          <label key={option.value} className={styles.chip}>
            <input
              type={kind}
              value={option.value}
              {...(isChosen
                ? { checked: isChosen(option.value) }
                : defaultValue !== undefined && {
                    defaultChecked: written.includes(option.value),
                  })}
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
