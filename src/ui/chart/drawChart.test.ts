import assert from 'node:assert/strict'
import { test } from 'node:test'
import type { ChartSpec, Series } from './chartSpec'
import { labelOf, optionOf, type Palette } from './drawChart'

const COLOURS: Palette = {
  ink: 'ink',
  water: 'blue',
  ok: 'green',
  act: 'red',
  loam: 'brown',
  quiet: 'grey',
  band: 'yellow',
  short: 'pink',
}

const line = (more: Partial<Series> = {}): Series => ({
  kind: 'line',
  name: 'as mixed',
  tone: 'water',
  points: [
    [0, 10],
    [1, 30],
    [2, 20],
  ],
  ...more,
})
const drawn = (series: readonly Series[], more: Partial<ChartSpec> = {}) =>
  optionOf(
    {
      title: 'Water held',
      says: 'It falls.',
      x: { name: 'suction', unit: 'cm', min: 0 },
      y: { name: 'water', unit: '%', min: 0, max: 100 },
      series,
      ...more,
    },
    COLOURS,
    'Barlow',
    14,
  )

test('axes carry their units, and only the ends that were asked for', () => {
  const option = drawn([line()])
  assert.equal(option.yAxis.name, 'water, %')
  assert.equal(labelOf({ name: 'pH', unit: '' }), 'pH')
  assert.equal(option.yAxis.max, 100)
  assert.equal(option.xAxis.min, 0)
  assert.ok(!('max' in option.xAxis), 'an end that is not given follows the numbers')
  assert.equal(option.animation, false)
})

test('places and decades are axes of their own', () => {
  assert.equal(drawn([line()]).xAxis.type, 'value')
  assert.equal(drawn([line()], { x: { name: 's', unit: 'cm', log: true } }).xAxis.type, 'log')
  const placed = drawn([line({ kind: 'bars' })], {
    x: { name: 'mix', unit: '', places: ['a', 'b', 'c'] },
  })
  assert.equal(placed.xAxis.type, 'category')
  assert.deepEqual((placed.xAxis as { data?: string[] }).data, ['a', 'b', 'c'])
  assert.deepEqual(placed.series[0]?.data, [10, 30, 20], 'bars take one number a place')
})

test('a line is named at its end, in its colour; a thin one among many is not', () => {
  const [thick, thin, dashed] = drawn([
    line(),
    line({ isThin: true }),
    line({ dashed: true, tone: 'loam' }),
  ]).series as {
    endLabel: { show: boolean; color: string; formatter: string }
    lineStyle: { width: number; type: string; color: string }
  }[]
  assert.deepEqual(
    [thick?.endLabel.show, thick?.endLabel.color, thick?.endLabel.formatter],
    [true, 'blue', 'as mixed'],
  )
  assert.equal(thin?.endLabel.show, false)
  assert.ok((thin?.lineStyle.width ?? 9) < (thick?.lineStyle.width ?? 0))
  assert.deepEqual(
    [dashed?.lineStyle.type, thick?.lineStyle.type, dashed?.lineStyle.color],
    ['dashed', 'solid', 'brown'],
  )
})

test('where ends meet a line is named once, at its highest point', () => {
  const [series] = drawn([line({ nameAt: 'peak' })]).series
  const labels = ((series?.data ?? []) as { label: { show: boolean } }[]).map(
    ({ label }) => label.show,
  )
  assert.deepEqual(labels, [false, true, false])
  assert.equal((series as { endLabel: { show: boolean } }).endLabel.show, false)
})

test('dots carry their name only where they are told apart by it', () => {
  const shown = (named?: boolean) =>
    (
      drawn([line({ kind: 'dots', ...(named === undefined ? {} : { named }) })]).series[0] as {
        label: { show: boolean }
      }
    ).label.show
  assert.equal(shown(), false)
  assert.equal(shown(true), true)
})

test('stretches lie under the first series, wanted and short ones in their own colour', () => {
  const option = drawn([line(), line()], {
    stretches: [
      { axis: 'y', from: 10, to: 20, name: 'wanted' },
      { axis: 'x', from: 0, to: 1, name: 'too dry', tone: 'short' },
    ],
  })
  const [first, second] = option.series as {
    markArea?: { data: [Record<string, unknown>, Record<string, unknown>][] }
  }[]
  assert.ok(!second?.markArea)
  const [wanted, short] = first?.markArea?.data ?? []
  assert.equal(wanted?.[0].yAxis, 10)
  assert.equal(wanted?.[1].yAxis, 20)
  assert.deepEqual(wanted?.[0].itemStyle, { color: 'yellow', opacity: 0.5 })
  assert.equal(short?.[0].xAxis, 0)
  assert.deepEqual(short?.[0].itemStyle, { color: 'pink', opacity: 1 })
  assert.ok(!('markArea' in (drawn([line()]).series[0] ?? {})), 'none where none is asked for')
})
