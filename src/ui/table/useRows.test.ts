import assert from 'node:assert/strict'
import { test } from 'node:test'
import { renderHook } from '../../../testing/renderHook'
import { asText, type Column, type TableOrder } from './column'
import { useRows, useTableState } from './useRows'

interface Lot {
  readonly id: number
  readonly name: string
  readonly litres: number | null
}

const LOTS: readonly Lot[] = [
  { id: 1, name: 'Tub 10', litres: 4 },
  { id: 2, name: 'tub 2', litres: null },
  { id: 3, name: 'Bag, opened', litres: 12.5 },
]
const COLUMNS: readonly Column<Lot>[] = [
  { id: 'name', name: 'Lot', value: ({ name }) => name, fixed: true },
  { id: 'litres', name: 'Litres', value: ({ litres }) => litres, numeric: true },
  { id: 'id', name: 'Number', value: ({ id }) => id, startsHidden: true },
]

const table = (start?: TableOrder, served = false) =>
  renderHook(() => {
    const state = useTableState(COLUMNS, start)
    const rows = useRows({
      rows: LOTS,
      columns: COLUMNS,
      rowId: ({ id }: Lot) => String(id),
      served,
      state,
    })
    return { state, rows, shown: rows.getRowModel().rows.map(({ original }) => original.id) }
  }, undefined)

test('numbers in names are sorted as numbers, and what is not known comes last both ways', async () => {
  const hook = await table({ columnId: 'name', descending: false })
  assert.deepEqual(hook.now().shown, [3, 2, 1])
  await hook.act(() => hook.now().rows.getColumn('litres')?.toggleSorting(false))
  assert.deepEqual(hook.now().shown, [1, 3, 2])
  await hook.act(() => hook.now().rows.getColumn('litres')?.toggleSorting(true))
  assert.deepEqual(hook.now().shown, [3, 1, 2])
  assert.deepEqual(hook.now().state.order, { columnId: 'litres', descending: true })
  await hook.unmount()
})

test('a filter looks into every column, whatever the case', async () => {
  const hook = await table()
  assert.equal(hook.now().state.order, null)
  await hook.act(() => hook.now().rows.setGlobalFilter(' TUB '))
  assert.deepEqual(hook.now().shown, [1, 2])
  await hook.act(() => hook.now().rows.setGlobalFilter('12.5'))
  assert.deepEqual(hook.now().shown, [3])
  await hook.act(() => hook.now().rows.setGlobalFilter('nowhere'))
  assert.deepEqual(hook.now().shown, [])
  await hook.unmount()
})

test('columns are hidden and shown, the name never', async () => {
  const hook = await table()
  const visible = () =>
    hook
      .now()
      .rows.getVisibleLeafColumns()
      .map(({ id }) => id)
  assert.deepEqual(visible(), ['name', 'litres'])
  await hook.act(() => hook.now().rows.getColumn('id')?.toggleVisibility(true))
  assert.deepEqual(visible(), ['name', 'litres', 'id'])
  assert.equal(hook.now().rows.getColumn('name')?.getCanHide(), false)
  await hook.unmount()
})

test('what the server sorted and filtered stays in its order', async () => {
  const hook = await table({ columnId: 'name', descending: true }, true)
  assert.deepEqual(hook.now().shown, [1, 2, 3])
  await hook.act(() => hook.now().rows.setGlobalFilter('tub'))
  assert.deepEqual(hook.now().shown, [1, 2, 3])
  await hook.unmount()
})

test('rows chosen stay chosen by what they are, not by where they stand', async () => {
  const hook = await table({ columnId: 'name', descending: false })
  await hook.act(() => hook.now().rows.getRow('2').toggleSelected(true))
  await hook.act(() => hook.now().rows.getColumn('litres')?.toggleSorting(true))
  assert.deepEqual(
    hook
      .now()
      .rows.getSelectedRowModel()
      .rows.map(({ id }) => id),
    ['2'],
  )
  await hook.unmount()
})

test('rows are copied as a spreadsheet takes them: a line each, nothing that breaks one', () => {
  const [first] = LOTS
  const odd = { ...(first as Lot), name: 'Tub\t10\nby the door' }
  const [name, litres] = COLUMNS
  assert.equal(
    asText([name as Column<Lot>, litres as Column<Lot>], [odd, LOTS[1] as Lot]),
    'Lot\tLitres\nTub 10 by the door\t4\ntub 2\t',
  )
})
