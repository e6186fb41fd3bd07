import assert from 'node:assert/strict'
import { test } from 'node:test'
import type { MixAnswer } from '../../../core/mixes'
import type {
  Candidate,
  CandidatesPage,
  CandidatesTrial,
  CandidateTest,
} from '../../../messages/trials/candidateViews'
import { formatFor } from '../../../ui/format'
import { criteriaOf, rankPage, rankText } from './candidateRank'
import { sheetGroups } from './candidateRows'
import type { SheetCell } from './sheet'
import { planAddress, sheetAddress, waterAddress } from './sheetAddress'

const FORMAT = formatFor({
  locale: 'en-GB',
  unitSystem: 'metric',
  currency: '',
  timeZone: 'Europe/London',
})

/** What it does in a pot, as far as the sheet tells of it. */
function answer(air: number, likely: readonly [number, number], usable = 2): MixAnswer {
  const range = (p10: number, p90: number) => ({ p10, p50: (p10 + p90) / 2, p90 })
  return {
    capacity: { airFraction: air },
    dry: { days: usable, usableLitres: usable, heftCapacityKg: 3 },
    fillLitres: 10,
    ph: 6.2,
    ecSme: 1.2,
    nitrogen: null,
    seasons: [
      { air, downCm: 0 },
      { air, downCm: 1.2 },
    ],
    likely: {
      airFraction: range(...likely),
      usableFraction: range((0.9 * usable) / 10, (1.1 * usable) / 10),
      ph: range(5.8, 6.6),
      ecSme: range(0.8, 1.6),
    },
  } as unknown as MixAnswer
}

function candidate(name: string, more: Partial<Candidate> = {}): Candidate {
  return {
    key: `mix:${name}`,
    kind: 'mix',
    name,
    version: 1,
    address: null,
    strata: [],
    cost: { total: 2, perLitre: 0.2, missing: [] },
    costLitres: 10,
    answer: answer(0.15, [0.11, 0.19]),
    waterTestedOn: null,
    ph: null,
    ecSme: null,
    tests: [],
    standardFor: [],
    finding: null,
    ...more,
  }
}

function page(
  candidates: readonly Candidate[],
  more: Partial<CandidatesPage> = {},
): CandidatesPage {
  return {
    of: candidates.map(({ key }) => key),
    missing: 0,
    by: 'air',
    samples: { listed: [], lotsTotal: 0, mixesTotal: 0, isWhole: true },
    pots: [],
    crops: [{ id: 'chard', name: 'Chard' }],
    potId: 4,
    cropId: 'chard',
    potName: 'Tub',
    fillHeightCm: 20,
    wish: { airMin: 0.1, airMax: 0.2, pHLow: 6, pHHigh: 7, ecMaxSme: 2, rootDepthCm: null },
    place: {} as CandidatesPage['place'],
    month: 6,
    candidates,
    trials: [],
    ...more,
  }
}

function cellsOf(sheet: CandidatesPage, row: string): readonly (SheetCell | null)[] {
  const found = sheetGroups(sheet, FORMAT)
    .flatMap(({ rows }) => rows)
    .find(({ key }) => key === row)
  assert.ok(found, `there is no row ${row}`)
  return found.cells
}

const said = (sheet: CandidatesPage) =>
  rankText(
    rankPage(sheet),
    sheet.candidates.map(({ name }) => name),
  )

test('estimated air names no difference while the ranges meet, and says what the crop wants', () => {
  const sheet = page([
    candidate('A'),
    candidate('B', { answer: answer(0.18, [0.14, 0.22]) }),
    candidate('C', { answer: answer(0.04, [0.02, 0.07]) }),
  ])
  const [a, b, c] = cellsOf(sheet, 'air')
  assert.deepEqual(a?.notes, ['likely 11 to 19 %'])
  assert.equal(a?.measuredOn, null)
  assert.ok(b?.notes.includes('= not told apart'))
  assert.deepEqual(c?.notes, ['likely 2 to 7 %', 'too little for chard', '▼ less'])
  assert.equal(said(sheet), 'By air after draining, A comes first. B may be as good. C is behind.')
})

test('a test goes before the recipe, and one run of it tells nothing apart', () => {
  const test = (runs: readonly number[], on: string): CandidateTest => ({
    testId: 9,
    kind: 'phEc',
    on,
    runs: runs.length,
    values: [{ name: 'ph', unit: 'pH', values: runs }],
    verdicts: [],
    smell: null,
    sights: [],
  })
  const read = (runs: readonly number[]) => ({
    ph: { value: runs[0] ?? 0, measuredOn: '2026-10-01' },
    tests: [test(runs, '2026-10-01')],
  })
  const once = page([candidate('A'), candidate('B', read([7.4]))])
  const [, single] = cellsOf(once, 'ph')
  assert.equal(single?.measuredOn, '2026-10-01')
  assert.ok(single?.notes.includes('= not told apart'))
  assert.ok(single?.notes.includes('too alkaline for chard'))
  const twice = page([candidate('A'), candidate('B', read([7.4, 7.5]))])
  assert.ok(cellsOf(twice, 'ph')[1]?.notes.includes('▲ more'))
})

test('a price that is not known stands last and says what has none', () => {
  const dear = candidate('Dear', { cost: { total: 5, perLitre: 0.5, missing: [] } })
  const unknown = candidate('Unknown', { cost: { total: 0, perLitre: null, missing: ['Coir'] } })
  const sheet = page([unknown, dear, candidate('Cheap')], { by: 'cost' })
  assert.deepEqual(rankPage(sheet).order, [2, 1, 0])
  assert.equal(
    said(sheet),
    'By what a litre costs, Cheap comes first. Dear is behind. Of Unknown it is not known.',
  )
  assert.deepEqual(cellsOf(sheet, 'cost')[0]?.notes, ['no price for Coir'])
})

const figures = (mean: number, verdict: 'better' | 'cannot-tell' | null) => ({
  points: [
    { day: 14, on: '2026-05-15', mean: mean / 2, n: 6 },
    { day: 28, on: '2026-05-29', mean, n: 5 },
  ],
  sides: null,
  verdict,
})
const inTrial = (number: number, name: string) => ({
  number,
  name,
  version: null,
  used: 5,
  planted: 6,
  weedsPerM2: null,
  sunkCm: null,
  yieldPerLitreG: null,
})
const TRIAL: CandidatesTrial = {
  trialId: 3,
  name: 'Spring',
  kind: 'comparison',
  cropId: 'chard',
  cropName: 'Chard',
  state: 'closed',
  isVoid: false,
  isHidden: false,
  controlName: 'Bag',
  measure: 'harvest',
  wish: 'more',
  treatments: [inTrial(0, 'Bag'), inTrial(1, 'Own'), inTrial(2, 'Other')],
  measures: [
    {
      measure: 'harvest',
      isShare: false,
      cells: [figures(140, null), figures(210, 'better'), figures(150, 'cannot-tell')],
    },
  ],
}

test('a trial decides by its own verdicts: two that were not held against each other are level', () => {
  const names = [candidate('Bagged'), candidate('Own mix'), candidate('Other mix')]
  const sheet = page(names, { trials: [TRIAL], by: 'trial:3' })
  assert.equal(
    said(sheet),
    'By fresh shoots in “Spring”, Own mix comes first. Other mix may be as good. Bagged is behind.',
  )
  const [control, own] = cellsOf(sheet, '3 harvest')
  assert.equal(own?.amount?.number, '210')
  assert.deepEqual(own?.notes, ['day 28, 5 of 6 pots', 'day 14: 105 g', 'better than Bagged'])
  assert.ok(control?.notes.includes('the control'))
  assert.equal(criteriaOf(sheet)[0]?.id, 'trial:3')
})

test('of a void trial nothing is ordered by, and a hidden one shows no number', () => {
  const two = [candidate('A'), candidate('B')]
  const isVoid = page(two, { trials: [{ ...TRIAL, isVoid: true }] })
  assert.ok(!criteriaOf(isVoid).some(({ id }) => id === 'trial:3'))
  const hidden = page(two, { trials: [{ ...TRIAL, isHidden: true, state: 'running' }] })
  const group = sheetGroups(hidden, FORMAT).find(({ key }) => key === 'trial 3')
  assert.deepEqual(group?.rows, [])
  assert.match(group?.note ?? '', /blind/)
})

test('weeds of single trays are held against each other by what such counts may be by chance', () => {
  const weeds = (per: number, low: number, high: number): Pick<Candidate, 'tests'> => ({
    tests: [
      {
        testId: 1,
        kind: 'weeds',
        on: '2026-09-01',
        runs: 1,
        values: [{ name: 'weeds', unit: 'per 100 cm²', values: [per] }],
        verdicts: [{ id: 'weeds', tone: 'ok', told: { per, low, high } }],
        smell: null,
        sights: [],
      },
    ],
  })
  const sheet = page(
    [
      candidate('Spent', weeds(9, 6, 13)),
      candidate('Steamed', weeds(0.4, 0, 1.5)),
      candidate('Fresh', weeds(5, 3, 8)),
    ],
    { by: 'weeds' },
  )
  assert.deepEqual(
    cellsOf(sheet, 'weeds').map((cell) => cell?.notes),
    [[], ['▼ less'], ['= not told apart']],
  )
  assert.match(
    said(sheet),
    /^By how few weeds come up, Steamed comes first\. Fresh and Spent are behind\.$/,
  )
})

test('addresses keep what was asked, and lead on to water and to a trial', () => {
  const sheet = page([candidate('A'), candidate('B')])
  const asked = new URL(sheetAddress(sheet, { cropId: null, of: ['mix:1', 'lot:2'] }), 'http://x')
  assert.deepEqual(Object.fromEntries(asked.searchParams), {
    of: 'mix:1,lot:2',
    pot: '4',
    crop: 'none',
    by: 'air',
  })
  assert.equal(planAddress(['material:bag', 'lot:2']), '/trials/new?kind=comparison&lot=2')
  assert.equal(waterAddress(['mix:1', 'lot:2']), null)
  assert.equal(waterAddress(['mix:1', 'material:bag']), '/mixes/compare?mixes=1,bag')
})
