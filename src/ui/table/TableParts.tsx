import type { Row as ModelRow, Table } from '@tanstack/react-table'
import { type KeyboardEvent, type RefObject, useState } from 'react'
import type { Format } from '../format'
import { table as tableWords } from '../texts/workshop'
import type { Column } from './column'
import styles from './DataTable.module.css'
import { useWindow } from './useWindow'

/** Headings; a press sorts by that column, the next turns the order round. */
export function Head<Row>({
  table,
  columns,
  choosable,
}: {
  readonly table: Table<Row>
  readonly columns: readonly Column<Row>[]
  readonly choosable: boolean
}) {
  return (
    <thead>
      <tr>
        {choosable && (
          <th className={styles.tick}>
            <input
              type="checkbox"
              aria-label={tableWords.chooseAll}
              checked={table.getIsAllRowsSelected()}
              onChange={(event) => table.toggleAllRowsSelected(event.target.checked)}
            />
          </th>
        )}
        {columns.map(({ id, name, numeric, unsortable }) => {
          const sorted = table.getColumn(id)?.getIsSorted() || false
          return (
            <th
              key={id}
              className={numeric ? styles.number : undefined}
              aria-sort={
                sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : undefined
              }
            >
              {unsortable ? (
                name
              ) : (
                <button
                  type="button"
                  className={styles.sort}
                  onClick={() => table.getColumn(id)?.toggleSorting(sorted === 'asc')}
                >
                  {name}
                  <span className={styles.arrow} aria-hidden="true">
                    {sorted === 'asc' ? '▲' : sorted === 'desc' ? '▼' : ''}
                  </span>
                </button>
              )}
            </th>
          )
        })}
      </tr>
    </thead>
  )
}

/** Rows; one of them is in the tab order, arrows move on, Space chooses, Enter opens. */
export function Rows<Row>({
  table,
  columns,
  rowName,
  choosable,
  onOpen,
  onEnd,
  scroller,
  format,
}: {
  readonly table: Table<Row>
  readonly columns: readonly Column<Row>[]
  readonly rowName: (row: Row) => string
  readonly choosable: boolean
  readonly onOpen?: ((row: Row) => void) | undefined
  readonly onEnd?: (() => void) | undefined
  readonly scroller: RefObject<HTMLDivElement | null>
  readonly format: Format
}) {
  const { rows } = table.getRowModel()
  const [at, setAt] = useState(0)
  const present = Math.min(at, Math.max(0, rows.length - 1))
  const view = useWindow(rows.length, scroller, onEnd)
  const width = columns.length + (choosable ? 1 : 0)

  const go = (to: number) => {
    const next = Math.max(0, Math.min(rows.length - 1, to))
    setAt(next)
    view.show(next)
    // The row may only now be drawn.
    requestAnimationFrame(() =>
      scroller.current?.querySelector<HTMLElement>(`[data-row="${next}"]`)?.focus(),
    )
  }
  const onKey = (event: KeyboardEvent, row: ModelRow<Row>, index: number) => {
    if (event.target !== event.currentTarget) return
    const moves: Readonly<Record<string, number>> = {
      ArrowDown: index + 1,
      ArrowUp: index - 1,
      PageDown: index + 10,
      PageUp: index - 10,
      Home: 0,
      End: rows.length - 1,
    }
    const to = moves[event.key]
    if (to !== undefined) go(to)
    else if (event.key === ' ' && choosable) row.toggleSelected()
    else if (event.key === 'Enter' && onOpen) onOpen(row.original)
    else return
    event.preventDefault()
  }

  return (
    <tbody>
      {view.above > 0 && <Spacer height={view.above} columns={width} />}
      {rows.slice(view.from, view.to).map((row, offset) => {
        const index = view.from + offset
        return (
          <tr
            key={row.id}
            data-row={index}
            aria-rowindex={index + 2}
            aria-selected={choosable ? row.getIsSelected() : undefined}
            tabIndex={index === present ? 0 : -1}
            onKeyDown={(event) => onKey(event, row, index)}
            onFocus={() => setAt(index)}
            onDoubleClick={() => onOpen?.(row.original)}
          >
            {choosable && (
              <td className={styles.tick}>
                <input
                  type="checkbox"
                  tabIndex={-1}
                  aria-label={tableWords.choose(rowName(row.original))}
                  checked={row.getIsSelected()}
                  onChange={(event) => row.toggleSelected(event.target.checked)}
                />
              </td>
            )}
            {columns.map((column) => (
              <td key={column.id} className={column.numeric ? styles.number : undefined}>
                {shownValue(column, row.original, format)}
              </td>
            ))}
          </tr>
        )
      })}
      {view.below > 0 && <Spacer height={view.below} columns={width} />}
    </tbody>
  )
}

function shownValue<Row>(column: Column<Row>, row: Row, format: Format) {
  if (column.cell) return column.cell(row)
  const value = column.value(row)
  return typeof value === 'number' ? format.number(value, column.digits ?? 0) : value
}

/** Stands for the rows that are not drawn. */
function Spacer({ height, columns }: { readonly height: number; readonly columns: number }) {
  return (
    // biome-ignore lint/a11y/noAriaHiddenOnFocusable: a row with no focus of its own
    <tr aria-hidden="true">
      <td colSpan={columns} className={styles.spacer} style={{ height }} />
    </tr>
  )
}
