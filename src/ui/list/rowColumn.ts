import type { ReactNode } from 'react'

/**
 * What a column shows; it decides where the cell stands in a row, on a wide screen and on a narrow one:
 * the thing's picture, its name with what may be skipped below, a number on its point, the same against its band, words, the innings strip, its
 * state with what is to be done, or a key where rows differ in what is done next.
 */
export type ColumnKind =
  | 'picture'
  | 'name'
  | 'number'
  | 'band'
  | 'words'
  | 'strip'
  | 'state'
  | 'key'

export interface RowColumn<Row> {
  readonly id: string
  /** Said once for all rows; of a picture only to those who do not see it. */
  readonly head: string
  readonly kind: ColumnKind
  /** What the address calls the order by it; left out where the list cannot be sorted by it. */
  readonly order?: string
  /** False where it was not picked. */
  readonly isShown?: boolean
  /** Beside the name on a phone: the one number a row is read for. */
  readonly isLead?: boolean
  /** Left out on a phone, where what is below the name says it. */
  readonly isWide?: boolean
  readonly cell: (row: Row) => ReactNode
  /** Of a name: what may be skipped, below it. */
  readonly below?: (row: Row) => ReactNode
  /** Of a name: what its link does, for who hears it, where it is not to open the thing itself. */
  readonly linkName?: (row: Row) => string
  /** What is below it on a phone, where it takes the place of columns that are left out. */
  readonly belowOnPhone?: (row: Row) => ReactNode
}

/** Columns with those that may be picked marked by what the address says. */
export function pickColumns<Row, Id extends string>(
  columns: readonly (RowColumn<Row> & { readonly id: Id })[],
  pickable: readonly Id[],
  asked: string | undefined,
  usual: readonly Id[] = pickable,
): readonly (RowColumn<Row> & { readonly id: Id })[] {
  const shown: readonly string[] = asked === undefined ? usual : asked.split(',')
  return columns.map((column) => ({
    ...column,
    isShown: pickable.includes(column.id) ? shown.includes(column.id) : column.isShown !== false,
    // What somebody asked for is there at every width.
    isWide: column.isWide === true && (asked === undefined || !shown.includes(column.id)),
  }))
}

/** Columns for the sentence of choices. */
export function columnChoices<Id extends string>(
  columns: readonly { readonly id: Id; readonly head: string; readonly isShown?: boolean }[],
  pickable: readonly Id[],
): readonly { readonly id: Id; readonly name: string; readonly shown: boolean }[] {
  return columns
    .filter(({ id }) => pickable.includes(id))
    .map(({ id, head, isShown }) => ({ id, name: head, shown: isShown !== false }))
}
