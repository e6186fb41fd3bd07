import assert from 'node:assert/strict'
import { test } from 'node:test'
import type { ChartSpec } from './chartSpec'
import { chartRows } from './chartSpec'
import { spreadLabels } from './spreadLabels'

const line = (name: string, ...ys: number[]) => ({
  kind: 'line' as const,
  name,
  tone: 'ink' as const,
  points: ys.map((y, x) => [x, y] as const),
})
const spec = (...series: ChartSpec['series'][number][]): ChartSpec => ({
  title: 'T',
  says: 'S',
  x: { name: 'week', unit: '' },
  y: { name: 'nitrogen', unit: 'mg/L', min: 0, max: 100 },
  series,
})

test('names at the end of lines never stand on each other', () => {
  const shift = spreadLabels(spec(line('a', 0, 1), line('b', 0, 1.5), line('c', 0, 80)))
  const px = [1, 1.5, 80].map((y, i) => ((100 - y) / 100) * 190 + (shift[i] ?? 0))
  const sorted = [...px].sort((a, b) => a - b)
  assert.ok(sorted.slice(1).every((y, i) => y - (sorted[i] ?? 0) >= 15 - 1e-9))
  assert.equal(shift[0], 0, 'the lowest keeps its place')
  assert.equal(shift[2], 0, 'one with room keeps its place')
  assert.ok((px[1] ?? 0) < (px[0] ?? 0), 'the higher line has the higher name')
})

test('where an axis ends by itself, its room above the highest line is reckoned with', () => {
  const free = { ...spec(line('a', 0, 29), line('b', 0, 33)), y: { name: 'height', unit: 'cm' } }
  const shift = spreadLabels(free)
  // The axis goes to 40: the lines end 19 px apart, which is room enough for one line of text, not for two.
  assert.deepEqual(shift, [0, 0])
  const long = { ...free, series: [line('a', 0, 29), line('a name of two lines', 0, 33)] }
  const [low = 0, high = 0] = spreadLabels(long)
  const px = (value: number, moved: number) => ((40 - value) / 40) * 190 + moved
  assert.ok(px(29, low) - px(33, high) >= 22.5 - 1e-9)
})

test('a name at the peak takes no room at the end', () => {
  const shift = spreadLabels(spec({ ...line('a', 9, 1), nameAt: 'peak' }, line('b', 0, 1)))
  assert.deepEqual(shift, [0, 0])
})

test('the numbers of a chart are one table, with a gap where a series has no point', () => {
  const rows = chartRows(spec(line('a', 5, 6), { ...line('b', 7), tone: 'ok' }))
  assert.deepEqual(rows, [
    ['week', 'a (mg/L)', 'b (mg/L)'],
    [0, 5, 7],
    [1, 6, ''],
  ])
})
