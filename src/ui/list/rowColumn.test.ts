import assert from 'node:assert/strict'
import { test } from 'node:test'
import { orderChoice } from './orderChoice'
import { padOf } from './RowNumber'
import { columnChoices, pickColumns, type RowColumn } from './rowColumn'

type Row = { readonly litres: number }

const columns: readonly (RowColumn<Row> & { readonly id: 'lot' | 'litres' | 'air' })[] = [
  { id: 'lot', head: 'Lot', kind: 'name', order: 'name', cell: () => null },
  { id: 'litres', head: 'Litres', kind: 'number', order: 'litres', cell: () => null },
  { id: 'air', head: 'Air', kind: 'number', isWide: true, cell: () => null },
]

test('columns that may be picked are those the address names, at every width', () => {
  const shown = (asked?: string) =>
    pickColumns(columns, ['litres', 'air'], asked).flatMap(({ id, isShown }) => (isShown ? id : []))
  assert.deepEqual(shown(), ['lot', 'litres', 'air'])
  assert.deepEqual(shown('air'), ['lot', 'air'], 'the name always stands there')
  const [, , usual] = pickColumns(columns, ['litres', 'air'], undefined)
  const [, , picked] = pickColumns(columns, ['litres', 'air'], 'air')
  assert.equal(usual?.isWide, true)
  assert.equal(picked?.isWide, false)
  assert.deepEqual(
    columnChoices(pickColumns(columns, ['litres', 'air'], 'air'), ['litres', 'air']),
    [
      { id: 'litres', name: 'Litres', shown: false },
      { id: 'air', name: 'Air', shown: true },
    ],
  )
})

test('a list may be ordered by each column that says so, up and down', () => {
  const { value, options } = orderChoice(columns, 'litres.down', 'Number')
  assert.equal(value, 'litres.down')
  assert.deepEqual(
    options.map((one) => one.value),
    ['', 'name', 'name.down', 'litres', 'litres.down'],
  )
})

test('numbers of a column hang on their point', () => {
  assert.equal(padOf('27.4', 1), '')
  assert.equal(padOf('142', 1), '.0')
  assert.equal(padOf('0,3', 2), '0')
  assert.equal(padOf('6', 0), '')
  assert.equal(padOf('1,234', 1), '.0', 'a comma between thousands is no point')
})
