import {
  type CellContext,
  type ColumnDef,
  getCoreRowModel,
  type RowData,
  useReactTable,
} from '@tanstack/react-table'
import { Fragment, type ReactNode } from 'react'
import { list as listWords } from '../texts/list'
import type { Chosen } from './chosen'
import styles from './RowList.module.css'
import type { ColumnKind, RowColumn } from './rowColumn'
import { SortHead } from './SortHead'

declare module '@tanstack/react-table' {
  interface ColumnMeta<TData extends RowData, TValue> {
    readonly kind: ColumnKind
    readonly order: string | undefined
    readonly isLead: boolean
    readonly isWide: boolean
  }
}

/** How the address orders the list, and the address that orders it otherwise. */
export interface RowOrder {
  readonly asked: string | undefined
  readonly addressOf: (order: string) => string
}

/**
 * Things in rows, each with its picture, name, numbers and state; the whole row leads to the thing. Sorted, narrowed
 * and leafed through by the address, so it stands there before any script has come.
 * @param groupOf rows that follow each other and have the same group stand under it as a heading
 * @param chosen where rows are chosen: by press, by a range with Shift, by arrows and Space
 */
export function RowList<Row>({
  label,
  rows,
  columns,
  idOf,
  addressOf,
  order,
  groupOf,
  chosen,
}: {
  readonly label: string
  readonly rows: readonly Row[]
  readonly columns: readonly RowColumn<Row>[]
  readonly idOf: (row: Row) => number
  /** Null where there is nothing to go to. */
  readonly addressOf: (row: Row) => string | null
  readonly order?: RowOrder
  readonly groupOf?: (row: Row) => string
  readonly chosen?: Chosen & { readonly nameOf: (row: Row) => string }
}) {
  const table = useReactTable<Row>({
    data: rows as Row[],
    columns: columns.map((column) => definitionOf(column, addressOf)),
    getRowId: (row) => String(idOf(row)),
    getCoreRowModel: getCoreRowModel(),
    manualSorting: true,
    manualPagination: true,
    state: {
      columnVisibility: Object.fromEntries(
        columns.map(({ id, isShown }) => [id, isShown !== false]),
      ),
    },
  })
  const shown = table.getRowModel().rows
  const ids = shown.map(({ original }) => idOf(original))
  const width = table.getVisibleLeafColumns().length + (chosen ? 1 : 0)
  let group: string | null = null
  return (
    <table
      className={`${styles.rows} ${chosen?.isChoosing ? styles.choosing : ''}`}
      aria-label={label}
    >
      <thead>
        <tr>
          {chosen && (
            <td className={styles.choose}>
              <AllHere ids={ids} chosen={chosen} />
            </td>
          )}
          {table.getFlatHeaders().map(({ id, column: { columnDef } }) => (
            <Head
              key={id}
              name={String(columnDef.header)}
              kind={columnDef.meta?.kind ?? 'words'}
              order={order}
              own={columnDef.meta?.order}
            />
          ))}
        </tr>
      </thead>
      <tbody>
        {shown.map(({ id, original, getVisibleCells }) => {
          const name = groupOf?.(original) ?? null
          const begins = name !== null && name !== group
          group = name
          const rowId = idOf(original)
          return (
            <Fragment key={id}>
              {begins && (
                <tr className={styles.group}>
                  <th colSpan={width} scope="colgroup">
                    {name}
                  </th>
                </tr>
              )}
              <tr aria-selected={chosen ? chosen.has(rowId) : undefined}>
                {chosen && (
                  <td className={styles.choose}>
                    <input
                      type="checkbox"
                      data-row-key
                      aria-label={chosen.nameOf(original)}
                      checked={chosen.has(rowId)}
                      onChange={(event) =>
                        chosen.choose(rowId, {
                          on: event.target.checked,
                          among: ids,
                          toLast: (event.nativeEvent as MouseEvent).shiftKey === true,
                        })
                      }
                    />
                  </td>
                )}
                {getVisibleCells().map(({ id: cellId, column: { columnDef }, getContext }) => (
                  <td
                    key={cellId}
                    className={[
                      styles[columnDef.meta?.kind ?? 'words'],
                      columnDef.meta?.isLead ? styles.lead : '',
                      columnDef.meta?.isWide ? styles.isWide : '',
                    ].join(' ')}
                    data-label={String(columnDef.header)}
                  >
                    {shownIn(columnDef.cell, getContext())}
                  </td>
                ))}
              </tr>
            </Fragment>
          )
        })}
      </tbody>
    </table>
  )
}

/**
 * What a cell shows. Called, not rendered as a component: a list makes its columns anew with its words each time, and
 * cells that were taken for another component would be put in anew, a link under a press with them.
 */
function shownIn<Row>(cell: ColumnDef<Row>['cell'], context: CellContext<Row, unknown>): ReactNode {
  return typeof cell === 'function' ? cell(context) : cell
}

function definitionOf<Row>(
  { id, head, kind, order, isLead = false, isWide = false, ...column }: RowColumn<Row>,
  addressOf: (row: Row) => string | null,
): ColumnDef<Row> {
  return {
    id,
    header: head,
    meta: { kind, order, isLead, isWide },
    cell: ({ row: { original } }): ReactNode =>
      kind === 'name' ? (
        <Name row={original} address={addressOf(original)} column={column} />
      ) : (
        column.cell(original)
      ),
  }
}

/** The name of a row's thing with what stands below it; its link takes the whole row. */
function Name<Row>({
  row,
  address,
  column: { cell, below, belowOnPhone, linkName },
}: {
  readonly row: Row
  readonly address: string | null
  readonly column: Pick<RowColumn<Row>, 'cell' | 'below' | 'belowOnPhone' | 'linkName'>
}) {
  return (
    <>
      {address ? (
        <a className={styles.link} href={address} aria-label={linkName?.(row)} data-row>
          {cell(row)}
        </a>
      ) : (
        <strong>{cell(row)}</strong>
      )}
      {below && (
        <span className={`${styles.below} ${belowOnPhone ? styles.onWide : ''}`}>{below(row)}</span>
      )}
      {belowOnPhone && (
        <span className={`${styles.below} ${styles.onPhone}`}>{belowOnPhone(row)}</span>
      )}
    </>
  )
}

function Head({
  name,
  kind,
  order,
  own,
}: {
  readonly name: string
  readonly kind: ColumnKind
  readonly order: RowOrder | undefined
  readonly own: string | undefined
}) {
  if (kind === 'picture' || kind === 'key') {
    return (
      <th scope="col">
        <span className="visually-hidden">{name}</span>
      </th>
    )
  }
  if (!order || own === undefined) {
    return (
      <th scope="col" className={styles[kind]}>
        {name}
      </th>
    )
  }
  const sorted = order.asked === own ? 'up' : order.asked === `${own}.down` ? 'down' : null
  return (
    <SortHead
      name={name}
      sorted={sorted}
      address={order.addressOf(sorted === 'up' ? `${own}.down` : own)}
      className={styles[kind]}
    />
  )
}

/** Chooses every row of this page, or none of them. */
function AllHere({ ids, chosen }: { readonly ids: readonly number[]; readonly chosen: Chosen }) {
  const count = ids.filter(chosen.has).length
  return (
    <input
      type="checkbox"
      aria-label={listWords.chooseAllHere}
      checked={count > 0 && count === ids.length}
      ref={(box) => {
        if (box) box.indeterminate = count > 0 && count < ids.length
      }}
      onChange={(event) => chosen.chooseAll(ids, event.target.checked)}
    />
  )
}
