import { amendments } from '../chemistry/tables'
import { materials, type Origin } from '../media/materialTables'
import { crops, problems } from '../season/tables'
import type { ShippedList } from '../site/correctionTables'
import { defaultAmendments, defaultCrops, defaultMaterials, defaultProblems } from './readDefaults'

/** What a row says of its values until a garden has its own. */
export const SHIPPED_ORIGIN: Origin = 'typical published range'

/** All of them have what a list needs: an id, where its values are from, and a version. */
type ListTable = typeof materials | typeof amendments | typeof crops | typeof problems

export type ShippedRow = Readonly<Record<string, unknown>> & { readonly id: string }

/** The shipped lists, each row as its table holds it. */
export function shippedLists(): readonly {
  readonly list: ShippedList
  readonly table: ListTable
  readonly rows: readonly ShippedRow[]
}[] {
  const shippedMaterials = defaultMaterials().map(
    ({ curve: { thetaR, alpha, n }, ...material }) => ({
      ...material,
      thetaR,
      alpha,
      n,
    }),
  )
  return [
    { list: 'materials', table: materials, rows: shippedMaterials },
    { list: 'amendments', table: amendments, rows: rowsOf(defaultAmendments()) },
    { list: 'crops', table: crops, rows: rowsOf(defaultCrops()) },
    { list: 'problems', table: problems, rows: rowsOf(defaultProblems()) },
  ]
}

function rowsOf(rows: readonly { readonly id: string }[]): ShippedRow[] {
  return rows.map((row) => ({ ...row }))
}
