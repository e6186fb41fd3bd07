import assert from 'node:assert/strict'
import { test } from 'node:test'
import type { MeasureView, ResultsPage } from '../../../messages/trials/resultViews'
import { doseChart, growthChart, toneOf } from './resultCharts'

type Growth = NonNullable<ResultsPage['growth']>
type Line = Growth['lines'][number]

const TREATMENTS = [
  { number: 0, name: 'bagged mix' },
  { number: 1, name: 'home-made mix' },
] as unknown as ResultsPage['treatments']

const pot = (code: string, treatment: number | null, ...points: Line['points']): Line =>
  ({ code, treatment, points }) as Line
const page = (lines: readonly Line[], isHidden = false) =>
  ({
    growth: { measure: 'height', lines },
    treatments: TREATMENTS,
    isHidden,
  }) as unknown as Pick<ResultsPage, 'growth' | 'isHidden' | 'treatments'>

test('the control is drawn in ink, the others by turns and never in it', () => {
  assert.equal(toneOf(0), 'ink')
  const others = [1, 2, 3, 4, 5, 6].map(toneOf)
  assert.ok(!others.includes('ink'))
  assert.equal(others[0], others[4], 'after four they begin again')
  assert.equal(new Set(others.slice(0, 4)).size, 4)
})

test('each pot is a thin line, each treatment a thick one of its means', () => {
  const chart = growthChart(
    page([
      pot('A1', 0, [7, 10], [14, 20]),
      pot('A2', 0, [7, 14], [14, 30]),
      pot('B1', 1, [7, 8], [14, 12]),
    ]),
  )
  const thick = chart?.series.filter(({ isThin }) => !isThin) ?? []
  assert.equal(chart?.series.filter(({ isThin }) => isThin).length, 3)
  assert.deepEqual(
    thick.map(({ name, points }) => [name, points]),
    [
      [
        'bagged mix',
        [
          [7, 12],
          [14, 25],
        ],
      ],
      [
        'home-made mix',
        [
          [7, 8],
          [14, 12],
        ],
      ],
    ],
  )
  assert.equal(chart?.y.unit, 'cm')
})

test('a mean of the few pots that were left would jump: such a day is left out', () => {
  const chart = growthChart(
    page([
      pot('A1', 0, [7, 10], [14, 20], [21, 60]),
      pot('A2', 0, [7, 14], [14, 30]),
      pot('A3', 0, [7, 12], [14, 25]),
    ]),
  )
  const mean = chart?.series.find(({ isThin }) => !isThin)
  assert.deepEqual(
    mean?.points.map(([day]) => day),
    [7, 14],
  )
})

test('one day is no growth: no mean is drawn, and without readings no chart', () => {
  const chart = growthChart(page([pot('A1', 0, [7, 10])]))
  assert.ok(chart?.series.every(({ isThin }) => isThin))
  assert.equal(
    growthChart({ growth: null, treatments: TREATMENTS, isHidden: false } as Parameters<
      typeof growthChart
    >[0]),
    null,
  )
})

test('scored blind, no line tells what is in its pot', () => {
  const chart = growthChart(
    page([pot('A1', null, [7, 10], [14, 20]), pot('B1', null, [7, 8], [14, 12])], true),
  )
  assert.deepEqual([...new Set(chart?.series.map(({ tone }) => tone))], ['quiet'])
  assert.ok(
    chart?.series.every(({ isThin }) => isThin),
    'nor are there means',
  )
})

test('more pots than can be told apart are drawn by their means alone', () => {
  const many = Array.from({ length: 61 }, (_, at) => pot(`A${at}`, 0, [7, 10], [14, 20]))
  const chart = growthChart(page(many))
  assert.equal(chart?.series.length, 1)
  assert.equal(chart?.series[0]?.name, 'bagged mix')
})

const dosed = (dose: unknown, isShare = false) =>
  doseChart(
    {
      treatments: [
        { number: 0, dose: 0 },
        { number: 1, dose: 20 },
        { number: 2, dose: 40 },
      ],
      pots: [
        { treatment: 0, value: 30 },
        { treatment: 1, value: 28 },
        { treatment: 2, value: 12 },
        { treatment: 2, value: null },
        { treatment: null, value: 5 },
      ],
    } as unknown as ResultsPage,
    { by: 'means', measure: 'height', isShare, dose } as unknown as Extract<
      MeasureView,
      { by: 'means' }
    >,
  )

test('pots stand at their dose, over the steps that were fitted to them', () => {
  const chart = dosed({ doses: [0, 20, 40], fitted: [30, 28, 12] })
  const [steps, dots] = chart?.series ?? []
  assert.deepEqual(steps?.points, [
    [0, 30],
    [20, 30],
    [20, 28],
    [40, 28],
    [40, 12],
    [40, 12],
  ])
  assert.deepEqual(
    dots?.points,
    [
      [0, 30],
      [20, 28],
      [40, 12],
    ],
    'a pot not read, or of no known treatment, is no dot',
  )
  assert.equal(chart?.y.max, undefined)
})

test('shares end at a hundred; a trial that is no series of doses has no such chart', () => {
  assert.equal(dosed({ doses: [0, 20, 40], fitted: [90, 80, 10] }, true)?.y.max, 100)
  assert.equal(dosed(null), null)
})
