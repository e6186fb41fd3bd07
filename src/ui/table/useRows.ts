import {
  type ColumnDef,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  type SortingState,
  useReactTable,
} from '@tanstack/react-table'
import { useMemo, useState } from 'react'
import type { Column, TableOrder } from './column'

/** What a person set on a table: order, filter, columns shown and rows chosen. */
export function useTableState<Row>(columns: readonly Column<Row>[], startOrder?: TableOrder) {
  const [sorting, setSorting] = useState<SortingState>(
    startOrder ? [{ id: startOrder.columnId, desc: startOrder.descending }] : [],
  )
  const [filter, setFilter] = useState('')
  const [columnVisibility, setColumnVisibility] = useState<Record<string, boolean>>(() =>
    Object.fromEntries(columns.map(({ id, startsHidden }) => [id, !startsHidden])),
  )
  const [rowSelection, setRowSelection] = useState<Record<string, boolean>>({})
  const [first] = sorting
  const order = useMemo(
    () => (first ? { columnId: first.id, descending: first.desc } : null),
    [first],
  )
  return {
    order,
    filter,
    values: { sorting, globalFilter: filter, columnVisibility, rowSelection },
    changes: {
      onSortingChange: setSorting,
      onGlobalFilterChange: setFilter,
      onColumnVisibilityChange: setColumnVisibility,
      onRowSelectionChange: setRowSelection,
    },
  }
}

export type TableState = ReturnType<typeof useTableState>

/** The rows of a table as its state wants them. With `served` the server has sorted and filtered them. */
export function useRows<Row>({
  rows,
  columns,
  rowId,
  served,
  state,
}: {
  readonly rows: readonly Row[]
  readonly columns: readonly Column<Row>[]
  readonly rowId: (row: Row) => string
  readonly served: boolean
  readonly state: TableState
}) {
  const definitions = useMemo(
    () =>
      columns.map(
        ({ id, value, unsortable, fixed }): ColumnDef<Row> => ({
          id,
          accessorFn: (row) => value(row) ?? undefined,
          enableSorting: !unsortable,
          enableHiding: !fixed,
          sortUndefined: 'last',
          sortingFn: 'alphanumeric',
        }),
      ),
    [columns],
  )
  return useReactTable<Row>({
    data: rows as Row[],
    columns: definitions,
    getRowId: rowId,
    state: state.values,
    ...state.changes,
    getCoreRowModel: getCoreRowModel(),
    ...(served
      ? { manualSorting: true, manualFiltering: true }
      : { getSortedRowModel: getSortedRowModel(), getFilteredRowModel: getFilteredRowModel() }),
    globalFilterFn: (row, columnId, words: string) =>
      String(row.getValue(columnId) ?? '')
        .toLocaleLowerCase()
        .includes(words.trim().toLocaleLowerCase()),
    getColumnCanGlobalFilter: () => true,
  })
}
