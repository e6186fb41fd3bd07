import type { ReactNode } from 'react'
import { Button } from '../Button'
import { SelectField, TextField } from '../Field'
import { list as listWords } from '../texts/list'
import styles from './ChoiceSentence.module.css'

/** One of the ways a list may be narrowed or ordered. */
export interface ListChoice {
  /** As the address calls it. */
  readonly name: string
  readonly label: string
  /** What the address says; empty for the usual. */
  readonly value: string
  readonly options: readonly {
    readonly value: string
    readonly name: string
    /** As the sentence says it; left out of the sentence where it is null. */
    readonly says?: string | null
  }[]
}

/**
 * What a list shows, as one sentence that opens: how many, narrowed to what, in which order. It is an ordinary form
 * that goes to an address, so it works before the page's scripts have come, and "back" undoes it.
 */
export function ChoiceSentence({
  path,
  label,
  hint,
  find,
  name = 'find',
  keep = {},
  says,
  choices = [],
  columns = [],
  children,
}: {
  readonly path: string
  /** What is looked through, for those who do not see it. */
  readonly label: string
  readonly hint: string
  readonly find: string
  /** What the address calls the words. */
  readonly name?: string
  /** What else the address says and this form does not ask. */
  readonly keep?: Readonly<Record<string, string | undefined>>
  /** How many things the list has, such as "60 pots". */
  readonly says: string
  readonly choices?: readonly ListChoice[]
  readonly columns?: readonly {
    readonly id: string
    readonly name: string
    readonly shown: boolean
  }[]
  /** Beside the sentence, for what is chosen in it. */
  readonly children?: ReactNode
}) {
  const said = choices.flatMap(({ options, value }) => {
    const option = options.find((one) => one.value === value)
    return option && option.says !== null ? [option.says ?? option.name.toLowerCase()] : []
  })
  return (
    <form className={styles.choices} action={path} method="get" aria-label={label}>
      <details className={styles.sentence}>
        <summary>
          <span>{[says, ...(find ? [listWords.found(find)] : []), ...said].join(' · ')}</span>{' '}
          <span className={styles.change}>{listWords.change}</span>
        </summary>
        <div className={styles.fields}>
          {choices.map(({ name: choice, label: field, value, options }) => (
            <SelectField key={choice} label={field} name={choice} defaultValue={value}>
              {options.map((option) => (
                <option key={option.value} value={option.value}>
                  {option.name}
                </option>
              ))}
            </SelectField>
          ))}
          {columns.length > 0 && (
            <fieldset className={styles.columns}>
              <legend>{listWords.columns}</legend>
              {columns.map(({ id, name: column, shown }) => (
                <label key={id}>
                  <input type="checkbox" name="columns" value={id} defaultChecked={shown} />
                  {column}
                </label>
              ))}
            </fieldset>
          )}
          <Button type="submit">{listWords.show}</Button>
        </div>
      </details>
      {children}
      <search className={styles.search}>
        <TextField
          label={listWords.find}
          name={name}
          type="search"
          maxLength={80}
          placeholder={hint}
          defaultValue={find}
        />
      </search>
      {Object.entries(keep).map(
        ([kept, value]) =>
          value !== undefined && <input key={kept} type="hidden" name={kept} value={value} />,
      )}
    </form>
  )
}
