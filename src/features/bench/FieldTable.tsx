import { useState } from 'react'
import type { UseFormReturn } from 'react-hook-form'
import { Button } from '../../ui/Button'
import { CellField, type Refusal } from '../../ui/Field'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import type { BenchValues } from './benchBody'
import type { BenchField } from './benchFields'
import styles from './FieldTable.module.css'

const words = benchWords.fields

/** Rows that stand there before anything is entered: three pots with it, three without. */
const FIRST_ROWS = 6

/** The same few answers of each pot: a row a pot, and another row on asking. */
export function FieldTable({
  fields,
  form,
  errorOf,
}: {
  readonly fields: readonly BenchField[]
  readonly form: UseFormReturn<BenchValues>
  readonly errorOf: (field: string) => Refusal | undefined
}) {
  const count = 1 + Math.max(...fields.map(({ cell }) => cell?.row ?? 0))
  const rows = Array.from({ length: count }, (_, row) =>
    fields.filter(({ cell }) => cell?.row === row),
  )
  const typed = form.watch()
  const isUsed = (row: readonly BenchField[]) =>
    row.some(({ name }) => String(typed[name] ?? '') !== '')
  const [asked, setAsked] = useState(FIRST_ROWS)
  const shown = Math.max(asked, rows.findLastIndex(isUsed) + 1)
  const heads = rows[0]?.map(({ cell }) => cell?.head ?? '') ?? []
  return (
    <div className={styles.table}>
      <table>
        <thead>
          <tr>
            <th scope="col">{words.pot}</th>
            {heads.map((head) => (
              <th key={head} scope="col">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.slice(0, shown).map((row, at) => (
            <tr key={row[0]?.name}>
              <th scope="row">{at + 1}</th>
              {row.map(({ name, label }) => (
                <td key={name}>
                  <CellField
                    label={label}
                    inputMode="decimal"
                    error={errorOf(name)}
                    {...form.register(name)}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {shown < rows.length && (
        <Button weight="quiet" onClick={() => setAsked(shown + 1)}>
          {words.onePotMore}
        </Button>
      )}
    </div>
  )
}
