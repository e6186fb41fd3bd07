import type { ReactNode } from 'react'
import { Button } from '../Button'
import { TextField } from '../Field'
import { list as listWords } from '../texts/list'
import styles from './List.module.css'

export interface ColumnOption {
  readonly id: string
  readonly name: string
  readonly shown: boolean
}

/**
 * What stands above a list: words to find, more ways to narrow it, columns to choose. It is an ordinary form that goes
 * to an address, so it works before the page's scripts have come, and "back" undoes it.
 */
export function ListBar({
  path,
  label,
  hint,
  find,
  name = 'find',
  keep = {},
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
  readonly columns?: readonly ColumnOption[]
  readonly children?: ReactNode
}) {
  return (
    <form className={styles.bar} action={path} method="get" aria-label={label}>
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
      {children}
      {columns.length > 0 && (
        <details className={styles.columns}>
          <summary>{listWords.columns}</summary>
          <div className={styles.choices}>
            {columns.map(({ id, name, shown }) => (
              <label key={id}>
                <input type="checkbox" name="columns" value={id} defaultChecked={shown} />
                {name}
              </label>
            ))}
          </div>
        </details>
      )}
      {Object.entries(keep).map(
        ([name, value]) =>
          value !== undefined && <input key={name} type="hidden" name={name} value={value} />,
      )}
      <Button type="submit">{listWords.show}</Button>
    </form>
  )
}
