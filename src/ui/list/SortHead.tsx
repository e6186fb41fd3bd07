import { list as listWords } from '../texts/list'
import styles from './List.module.css'

/** A heading that sorts its list by an address. */
export function SortHead({
  name,
  address,
  sorted,
}: {
  readonly name: string
  readonly address: string
  /** How the list is sorted by this column now. */
  readonly sorted: 'up' | 'down' | null
}) {
  return (
    <th
      aria-sort={sorted === 'up' ? 'ascending' : sorted === 'down' ? 'descending' : undefined}
      className={styles.head}
    >
      <a href={address} title={listWords.sortBy(name)}>
        {name}
        <span aria-hidden="true" className={styles.arrow}>
          {sorted === 'up' ? '▲' : sorted === 'down' ? '▼' : ''}
        </span>
      </a>
    </th>
  )
}
