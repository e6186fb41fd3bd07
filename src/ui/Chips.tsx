import styles from './Field.module.css'

/** Filters as chips: any number of them may be on, each is a button that says whether it is. */
export function FilterChips<Value extends string>({
  label,
  options,
  chosen,
  onChange,
}: {
  readonly label: string
  readonly options: readonly { readonly value: Value; readonly label: string }[]
  readonly chosen: readonly Value[]
  readonly onChange: (chosen: Value[]) => void
}) {
  return (
    <fieldset className={styles.field}>
      <legend className="visually-hidden">{label}</legend>
      <div className={styles.chips}>
        {options.map(({ value, label: name }) => {
          const on = chosen.includes(value)
          return (
            <button
              key={value}
              type="button"
              className={`${styles.chip} ${on ? styles.on : ''}`}
              aria-pressed={on}
              onClick={() =>
                onChange(on ? chosen.filter((one) => one !== value) : [...chosen, value])
              }
            >
              {on && <span aria-hidden="true">✓&nbsp;</span>}
              {name}
            </button>
          )
        })}
      </div>
    </fieldset>
  )
}
