import type { Table } from '@tanstack/react-table'
import { table as tableWords } from '../texts/workshop'
import type { Column } from './column'
import styles from './DataTable.module.css'

/** Which columns are shown. */
export function ColumnChoice<Row>({
  table,
  columns,
}: {
  readonly table: Table<Row>
  readonly columns: readonly Column<Row>[]
}) {
  return (
    <details className={styles.choice}>
      <summary>{tableWords.columns}</summary>
      <div className={styles.choices}>
        {columns
          .filter(({ fixed }) => !fixed)
          .map(({ id, name }) => (
            <label key={id}>
              <input
                type="checkbox"
                checked={table.getColumn(id)?.getIsVisible() ?? false}
                onChange={(event) => table.getColumn(id)?.toggleVisibility(event.target.checked)}
              />
              {name}
            </label>
          ))}
      </div>
    </details>
  )
}
