import { list as listWords } from '../texts/list'
import styles from './List.module.css'

/** A heading that sorts its list by an address. */
export function SortHead({
  name,
  address,
  sorted,
  className = '',
}: {
  readonly name: string
  readonly address: string
  /** How the list is sorted by this column now. */
  readonly sorted: 'up' | 'down' | null
  readonly className?: string | undefined
}) {
  return (
    <th
      aria-sort={sorted === 'up' ? 'ascending' : sorted === 'down' ? 'descending' : undefined}
      scope="col"
      className={`${styles.head} ${className}`}
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
