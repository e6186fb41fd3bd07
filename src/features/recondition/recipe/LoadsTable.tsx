import type { Load } from '../../../core/recondition'
import { useSite } from '../../../ui/SiteContext'
import { recondition as reconditionWords } from '../../../ui/texts/recondition/recondition'
import styles from './LoadsTable.module.css'

const words = reconditionWords.loads

interface Column {
  readonly numbers: readonly number[]
  readonly textOf: (id: string) => string
}

/**
 * What goes into each load, in whole steps of the measures, so that the loads add up to the batch. Loads that get the
 * same stand in one column.
 */
export function LoadsTable({
  loads,
  rows,
}: {
  readonly loads: readonly Load[]
  /** In the order of the recipe. */
  readonly rows: readonly { readonly id: string; readonly name: string }[]
}) {
  const { format } = useSite()
  const [first] = loads
  if (!first || loads.length < 2) return null
  const columns = columnsOf(loads)
  return (
    <div className={styles.wrap}>
      <table className={styles.loads}>
        <caption>{words.title(loads.length, format.plain(format.litres(first.litres)))}</caption>
        <thead>
          <tr>
            <td />
            {columns.map(({ numbers }) => (
              <th key={numbers[0]} scope="col">
                {numbers.length === loads.length ? words.each : words.of(numbers)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ id, name }) => (
            <tr key={id}>
              <th scope="row">{name}</th>
              {columns.map(({ numbers, textOf }) => (
                <td key={numbers[0]}>{textOf(id)}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

function columnsOf(loads: readonly Load[]): Column[] {
  const columns = new Map<string, { numbers: number[]; texts: Map<string, string> }>()
  for (const { n, parts, doses } of loads) {
    const texts = new Map([...parts, ...doses].map(({ id, text }) => [id, text]))
    const key = JSON.stringify([...texts])
    const column = columns.get(key) ?? { numbers: [], texts }
    column.numbers.push(n)
    columns.set(key, column)
  }
  return [...columns.values()].map(({ numbers, texts }) => ({
    numbers,
    textOf: (id) => texts.get(id) ?? '',
  }))
}
