import type { Table as TableModel } from '@tanstack/react-table'
import { type ReactNode, useRef } from 'react'
import { Button } from '../Button'
import { TextField } from '../Field'
import { useSite } from '../SiteContext'
import { table as tableWords } from '../texts/workshop'
import { showToast } from '../toast'
import { ColumnChoice } from './ColumnChoice'
import { asText, type Column, type TableOrder } from './column'
import { copyText } from './copyText'
import styles from './DataTable.module.css'
import { Head, Rows } from './TableParts'
import { useRows, useTableState } from './useRows'
import { type Served, useServedRows } from './useServedRows'

/** Something that can be done with all rows that are chosen. */
export interface BulkAction<Row> {
  readonly name: string
  readonly act: (rows: readonly Row[]) => void
}

export interface DataTableProps<Row> {
  /** What the table lists, for those who do not see it. */
  readonly label: string
  readonly columns: readonly Column<Row>[]
  readonly rowId: (row: Row) => string
  /** What a row is called. */
  readonly rowName: (row: Row) => string
  readonly startOrder?: TableOrder
  readonly onOpen?: (row: Row) => void
  /** With actions, rows can be chosen. */
  readonly bulk?: readonly BulkAction<Row>[]
}

/** A table of rows that are all here. */
export function DataTable<Row>({
  rows,
  empty,
  ...props
}: DataTableProps<Row> & { readonly rows: readonly Row[]; readonly empty?: ReactNode }) {
  const state = useTableState(props.columns, props.startOrder)
  const table = useRows({ ...props, rows, served: false, state })
  if (rows.length === 0 && empty) return <>{empty}</>
  return <Table {...props} table={table} filter={state.filter} total={rows.length} />
}

/** A table too large to send whole: the server sorts, filters and sends page by page. */
export function ServedTable<Row>({
  served,
  ...props
}: DataTableProps<Row> & { readonly served: Served<Row> }) {
  const state = useTableState(props.columns, props.startOrder)
  const answer = useServedRows(served, state.order, state.filter)
  const table = useRows({ ...props, rows: answer.rows, served: true, state })
  return (
    <Table
      {...props}
      table={table}
      filter={state.filter}
      total={answer.total}
      foot={
        answer.failed ? (
          <>
            {tableWords.failed} <Button onClick={answer.again}>{tableWords.again}</Button>
          </>
        ) : answer.fetching ? (
          tableWords.loading
        ) : null
      }
      onEnd={answer.more && !answer.fetching ? answer.fetchMore : undefined}
    />
  )
}

function Table<Row>({
  label,
  columns,
  rowName,
  onOpen,
  bulk,
  table,
  filter,
  total,
  foot,
  onEnd,
}: DataTableProps<Row> & {
  readonly table: TableModel<Row>
  readonly filter: string
  readonly total: number
  readonly foot?: ReactNode
  readonly onEnd?: (() => void) | undefined
}) {
  const { format } = useSite()
  const scroller = useRef<HTMLDivElement>(null)
  const { rows } = table.getRowModel()
  const chosen = rows.filter((row) => row.getIsSelected())
  const shown = columns.filter(({ id }) => table.getColumn(id)?.getIsVisible())
  const copy = async () => {
    const copied = chosen.length > 0 ? chosen : rows
    const done = await copyText(
      asText(
        shown,
        copied.map(({ original }) => original),
      ),
    )
    showToast({ text: done ? tableWords.copied(copied.length) : tableWords.copyFailed })
  }
  return (
    <div className={styles.frame}>
      <div className={styles.bar}>
        <TextField
          type="search"
          label={tableWords.filter}
          placeholder={tableWords.filterHint}
          value={filter}
          onChange={(event) => table.setGlobalFilter(event.target.value)}
        />
        <span className={styles.count} aria-live="polite">
          {tableWords.shown(rows.length, total)}
        </span>
        <ColumnChoice table={table} columns={columns} />
        <Button onClick={copy}>{tableWords.copy}</Button>
      </div>
      {bulk && chosen.length > 0 && (
        <div className={styles.bulk} role="toolbar" aria-label={tableWords.chosen(chosen.length)}>
          <strong>{tableWords.chosen(chosen.length)}</strong>
          {bulk.map(({ name, act }) => (
            <Button key={name} onClick={() => act(chosen.map(({ original }) => original))}>
              {name}
            </Button>
          ))}
          <Button weight="quiet" onClick={() => table.resetRowSelection(true)}>
            {tableWords.clear}
          </Button>
        </div>
      )}
      <div className={styles.scroller} ref={scroller}>
        {/* biome-ignore lint/a11y/noNoninteractiveElementToInteractiveRole: rows take the focus, as in the ARIA grid pattern */}
        <table className={styles.table} role="grid" aria-label={label} aria-rowcount={total + 1}>
          <Head table={table} columns={shown} choosable={bulk !== undefined} />
          <Rows
            table={table}
            columns={shown}
            rowName={rowName}
            choosable={bulk !== undefined}
            onOpen={onOpen}
            onEnd={onEnd}
            scroller={scroller}
            format={format}
          />
        </table>
        {rows.length === 0 && !foot && (
          <p className={styles.none}>
            {tableWords.none}{' '}
            <Button weight="quiet" onClick={() => table.setGlobalFilter('')}>
              {tableWords.showAll}
            </Button>
          </p>
        )}
      </div>
      {foot && <p className={styles.foot}>{foot}</p>}
    </div>
  )
}
