import assert from 'node:assert/strict'
import { test } from 'node:test'
import { renderHook } from '../../../testing/renderHook'
import type { TableOrder, TablePage, TableQuery } from './column'
import { useServedRows } from './useServedRows'

// Answers are kept for minutes; the timers of that would hold the process up.
const realTimeout = globalThis.setTimeout
globalThis.setTimeout = ((work: () => void, ms?: number) =>
  realTimeout(work, ms).unref()) as typeof setTimeout
/** What was answered is shown in the turn after the next. */
const aMoment = async () => {
  for (let turn = 0; turn < 3; turn++) await new Promise<void>((resolve) => realTimeout(resolve))
}

interface Asked {
  readonly query: TableQuery
  readonly signal: AbortSignal
  readonly answer: (page: TablePage<number>) => void
}
const page = (from: number, count: number, total: number): TablePage<number> => ({
  rows: Array.from({ length: count }, (_, at) => from + at),
  total,
})

/** A table of 250 rows whose first hundred came with the page. */
async function table() {
  const asked: Asked[] = []
  const served = {
    key: 'lots',
    fetchPage: (query: TableQuery, signal: AbortSignal) =>
      new Promise<TablePage<number>>((answer) => asked.push({ query, signal, answer })),
    first: page(0, 100, 250),
  }
  const hook = await renderHook(
    ({ filter, order }: { filter: string; order: TableOrder | null }) =>
      useServedRows<number>(served, order, filter),
    { filter: '', order: null as TableOrder | null },
  )
  const answer = (at: number, rows: TablePage<number>) =>
    hook.act(async () => {
      asked[at]?.answer(rows)
      await aMoment()
    })
  return { asked, hook, answer }
}

const scroll = (hook: Awaited<ReturnType<typeof table>>['hook']) =>
  hook.act(async () => {
    hook.now().fetchMore()
    await aMoment()
  })

test('what came with the page is shown without asking for it', async () => {
  const { asked, hook } = await table()
  assert.equal(hook.now().rows.length, 100)
  assert.equal(hook.now().total, 250)
  assert.ok(hook.now().more)
  assert.equal(asked.length, 0)
  await hook.unmount()
})

test('scrolled on, the next rows are asked for until all are there', async () => {
  const { asked, hook, answer } = await table()
  await scroll(hook)
  assert.deepEqual(asked[0]?.query, { offset: 100, limit: 100, filter: '', order: null })
  await answer(0, page(100, 100, 250))
  await scroll(hook)
  assert.equal(asked[1]?.query.offset, 200)
  await answer(1, page(200, 50, 250))
  assert.equal(hook.now().rows.length, 250)
  assert.equal(hook.now().rows[249], 249)
  assert.ok(!hook.now().more)
  await hook.unmount()
})

test('rows that went meanwhile do not make it ask for ever', async () => {
  const { asked, hook, answer } = await table()
  await scroll(hook)
  await answer(0, page(100, 0, 250))
  assert.ok(!hook.now().more)
  assert.equal(asked.length, 1)
  await hook.unmount()
})

test('the newest question wins: an answer to an earlier one neither shows nor counts', async () => {
  const { asked, hook, answer } = await table()
  await hook.rerender({ filter: 'tu', order: null })
  await hook.rerender({ filter: 'tub', order: null })
  assert.equal(hook.now().rows.length, 100, 'meanwhile the rows before stay')
  const tub = asked.findIndex(({ query }) => query.filter === 'tub')
  const tu = asked.findIndex(({ query }) => query.filter === 'tu')
  await answer(tub, page(500, 2, 2))
  if (tu >= 0) {
    assert.ok(asked[tu]?.signal.aborted, 'the earlier one is called off')
    await answer(tu, page(900, 9, 9))
  }
  assert.deepEqual(hook.now().rows, [500, 501])
  assert.equal(hook.now().total, 2)
  await hook.unmount()
})

test('another order begins at the first row again', async () => {
  const { asked, hook, answer } = await table()
  const order = { columnId: 'litres', descending: true }
  await hook.rerender({ filter: '', order })
  assert.deepEqual(asked.at(-1)?.query, { offset: 0, limit: 100, filter: '', order })
  await answer(asked.length - 1, page(7, 1, 1))
  assert.deepEqual(hook.now().rows, [7])
  await hook.unmount()
})
