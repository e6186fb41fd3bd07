import type { UseFormReturn } from 'react-hook-form'
import type { TestPage } from '../../messages/bench/benchViews'
import { Choice, type Refusal, SelectField, TextField } from '../../ui/Field'
import { QuantityField } from '../../ui/QuantityField'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import styles from './Bench.module.css'
import type { BenchValues } from './benchBody'
import { type BenchField, benchFields, DIMENSIONS, WITH_WATER } from './benchFields'
import { FieldTable } from './FieldTable'

const words = benchWords.fields

const WATER = [
  { name: 'waterTempC', label: words.waterTempC, error: 'water.tempC', dimension: 'temperature' },
  { name: 'waterEc', label: words.waterEc, error: 'water.ecDsPerM', dimension: 'conductivity' },
  {
    name: 'waterAlkalinity',
    label: words.waterAlkalinity,
    error: 'water.alkalinityMgPerL',
    dimension: null,
  },
] as const
/** The answers of a test. */
export function BenchForm({
  page,
  form,
  errorOf,
  isClocked = false,
}: {
  readonly page: TestPage
  /** The clock of the page runs: its times count. */
  readonly isClocked?: boolean
  readonly form: UseFormReturn<BenchValues>
  readonly errorOf: (field: string) => Refusal | undefined
}) {
  const fields = benchFields[page.kind].filter(({ name }) => name !== 'problemId')
  const answer = (field: BenchField) => {
    const { name, beginsRow } = field
    const one = <Answer key={name} field={field} page={page} form={form} error={errorOf(name)} />
    if (!beginsRow) return one
    return (
      <div key={name} className={styles.beginsRow}>
        {one}
      </div>
    )
  }
  // What the pen was asked before: seldom, and out of the way of wet hands.
  const cells = fields.filter(({ cell }) => cell)
  const firstCell = cells[0]
  const pen = page.pens.find(({ id }) => String(id) === form.watch('penId'))
  const seldom = fields.filter(({ name }) => name === 'compensated' && pen?.compensates != null)
  const timed = fields.filter(({ kind }) => kind === 'time')
  const isTimed = timed.some(({ name }) => errorOf(name) || form.watch(name))
  const water = WITH_WATER.includes(page.kind) ? WATER : []
  const wrong =
    seldom.some(({ name }) => errorOf(name)) || water.some(({ error }) => errorOf(error))
  return (
    <>
      {timed.length > 0 && !isClocked && (
        <details className={styles.protocol} open={isTimed || undefined}>
          <summary>{words.stopwatch}</summary>
          <p>{words.stopwatchHow}</p>
          <div className={styles.form}>{timed.map(answer)}</div>
        </details>
      )}
      <div className={styles.form}>
        {fields
          .filter(
            (field) =>
              !seldom.includes(field) &&
              !timed.includes(field) &&
              (!field.cell || field === firstCell),
          )
          .map((field) =>
            field === firstCell ? (
              <FieldTable key="cells" fields={cells} form={form} errorOf={errorOf} />
            ) : (
              answer(field)
            ),
          )}
        <TextField label={words.note} {...form.register('note')} />
      </div>
      <details className={styles.protocol} open={wrong || undefined}>
        <summary>{words.more}</summary>
        <div className={styles.form}>
          {seldom.map(answer)}
          {water.map(({ name, label, error, dimension }) =>
            dimension ? (
              <QuantityField
                key={name}
                label={label}
                dimension={dimension}
                echoes="converted"
                typed={String(form.watch(name) ?? '')}
                error={errorOf(error)}
                {...form.register(name)}
              />
            ) : (
              <TextField
                key={name}
                label={label}
                inputMode="decimal"
                error={errorOf(error)}
                {...form.register(name)}
              />
            ),
          )}
          <TextField label={words.place} {...form.register('place')} />
          <TextField label={words.judge} {...form.register('judge')} />
        </div>
      </details>
    </>
  )
}

export function Answer({
  field,
  page,
  form,
  error,
}: {
  readonly field: BenchField
  readonly page: TestPage
  readonly form: UseFormReturn<BenchValues>
  readonly error: Refusal | undefined
}) {
  const registered = form.register(field.name)
  const { label } = field
  switch (field.kind) {
    case 'millilitres':
    case 'litres':
    case 'grams':
    case 'cm':
    case 'area':
    case 'conductivity':
    case 'celsius':
      return (
        <QuantityField
          label={label}
          {...(field.kind === 'millilitres' ? { bareUnit: 'ml' } : {})}
          dimension={DIMENSIONS[field.kind]}
          echoes="converted"
          typed={String(form.watch(field.name) ?? '')}
          error={error}
          hint={
            field.name === 'waterEcDsPerM'
              ? words.waterHint(String(page.tapWater.ecDsPerM))
              : (field.hint ?? words.bare[field.kind])
          }
          {...registered}
        />
      )
    case 'number':
    case 'time':
      return (
        <TextField
          label={label}
          hint={field.hint}
          inputMode={field.kind === 'time' ? 'text' : 'decimal'}
          error={error}
          {...registered}
        />
      )
    case 'day':
      return <TextField label={label} type="date" error={error} {...registered} />
    case 'check':
      return (
        <div className={styles.wide}>
          <Choice
            label={label}
            options={[
              { value: 'no', label: benchWords.no },
              { value: 'yes', label: benchWords.yes },
            ]}
            error={error}
            {...registered}
          />
        </div>
      )
    case 'choice':
    case 'several':
      return (
        <div className={styles.wide}>
          <Choice
            label={label}
            kind={field.kind === 'several' ? 'checkbox' : 'radio'}
            options={Object.entries(field.options).map(([value, name]) => ({
              value,
              label: name,
            }))}
            error={error}
            {...registered}
          />
        </div>
      )
    case 'from':
      return (
        <SelectField label={label} error={error} {...registered}>
          <option value="">{emptyOf(field.list)}</option>
          {page[field.list].map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
      )
  }
}

function emptyOf(list: 'pens' | 'problems' | 'amendments' | 'materials'): string {
  if (list === 'pens') return words.noPen
  return list === 'problems' ? benchWords.heat.nothing : words.chooseProduct
}
