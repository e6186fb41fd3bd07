import type { ReactNode } from 'react'

/** A column of a table: how a row's value is sorted, filtered and copied, and how it is shown. */
export interface Column<Row> {
  readonly id: string
  readonly name: string
  /** What is sorted, filtered and copied. */
  readonly value: (row: Row) => string | number | null
  /** How it is shown; the value itself where left out. */
  readonly cell?: (row: Row) => ReactNode
  /** Numbers stand to the right. */
  readonly numeric?: boolean
  /** Places after the point that all numbers of the column are written with. */
  readonly digits?: number
  /** A picture cannot be sorted. */
  readonly unsortable?: boolean
  /** May not be hidden: what the row is called. */
  readonly fixed?: boolean
  readonly startsHidden?: boolean
}

export interface TableOrder {
  readonly columnId: string
  readonly descending: boolean
}

/** What a table asks a server for. */
export interface TableQuery {
  readonly offset: number
  readonly limit: number
  readonly filter: string
  readonly order: TableOrder | null
}

export interface TablePage<Row> {
  readonly rows: readonly Row[]
  /** How many fit the filter in all. */
  readonly total: number
}

/** Rows as lines of text with tabs between, as spreadsheets take them. */
export function asText<Row>(columns: readonly Column<Row>[], rows: readonly Row[]): string {
  const clean = (value: string | number | null) => String(value ?? '').replace(/[\t\r\n]+/g, ' ')
  const lines = [
    columns.map(({ name }) => clean(name)),
    ...rows.map((row) => columns.map(({ value }) => clean(value(row)))),
  ]
  return lines.map((cells) => cells.join('\t')).join('\n')
}
