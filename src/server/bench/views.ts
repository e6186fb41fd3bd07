import {
  type BenchExpected,
  besideReference,
  penSlope,
  penTrust,
  runsDisagree,
  spreadOf,
} from '../../core/bench'
import type { Crop } from '../../core/chemistry'
import { containerCapacity } from '../../core/media'
import { DAY_MS } from '../../core/units'
import type { BenchTest, Pen, StoredCalibrationOfSample, StoredTest } from '../../data/bench'
import type {
  CalibrationView,
  MomentView,
  PenView,
  RunView,
  SampleView,
  SpreadView,
  TestRow,
} from '../../messages/bench/benchViews'
import { dayAt } from '../clock'
import type { SampleFacts } from './sampleFacts'

/** A pH near which most mixes lie: what a pen is judged by before it has read anything. */
const USUAL_PH = 6.5

export function testRow(test: StoredTest, sample: SampleView, timeZone: string): TestRow {
  return {
    id: test.id,
    setId: test.setId ?? test.id,
    kind: test.kind,
    sample,
    isReference: test.isReference,
    startedAt: test.startedAt.toISOString(),
    startedOn: dayAt(timeZone, test.startedAt),
    endedAt: test.endedAt?.toISOString() ?? null,
    innings: test.innings,
    outcome: test.outcome,
  }
}

export function momentView({
  id,
  key,
  at,
  tappedAt,
  value,
}: BenchTest['moments'][number]): MomentView {
  return { id, key, at: at.toISOString(), tappedAt: tappedAt.toISOString(), value }
}

export function runViews(
  set: readonly BenchTest[],
  nameOf: (test: BenchTest) => string,
  timeZone: string,
): RunView[] {
  return set.flatMap((test) =>
    test.outcome
      ? [
          {
            id: test.id,
            sampleName: nameOf(test),
            isReference: test.isReference,
            startedOn: dayAt(timeZone, test.startedAt),
            outcome: test.outcome,
          },
        ]
      : [],
  )
}

/**
 * Each value of a set over the repeats of one sample, with those of the other beside.
 * @param ofReference whether the sample that is told is the one that the set was begun beside
 */
export function spreadViews(
  set: readonly BenchTest[],
  crop: Pick<Crop, 'pHLow' | 'pHHigh' | 'ecMaxSme'> | null = null,
  ofReference = false,
): SpreadView[] {
  const expected = set.find(({ isReference }) => isReference === ofReference)?.expected ?? null
  const valuesOf = (name: string, reference: boolean) =>
    set
      .filter(({ isReference }) => isReference === reference)
      .flatMap(({ outcome }) => outcome?.values.filter((one) => one.name === name) ?? [])
      .map(({ value }) => value)
  const names = new Map(
    set.flatMap(
      ({ outcome }) => outcome?.values.map(({ name, unit }) => [name, unit] as const) ?? [],
    ),
  )
  return [...names].flatMap(([name, unit]) => {
    const own = valuesOf(name, ofReference)
    if (own.length === 0) return []
    const beside = valuesOf(name, !ofReference)
    const compared = besideReference(own, beside)
    return [
      {
        name,
        unit,
        ...spreadOf(own),
        values: own,
        disagree: runsDisagree(unit, own),
        expected: expectedOf(name, expected),
        wanted: crop && wantedOf(name, crop),
        reference: compared && {
          values: beside,
          mean: spreadOf(beside).mean,
          n: beside.length,
          apart: compared.apart,
        },
      },
    ]
  })
}

function expectedOf(name: string, expected: BenchExpected | null): SpreadView['expected'] {
  if (!expected) return null
  const at = (value: number | null) => (value === null ? null : { from: value, to: value })
  switch (name) {
    case 'airFraction': {
      const likely = expected.airLikely
      return likely ? { from: likely.p10, to: likely.p90 } : at(expected.airFraction)
    }
    case 'firstDrip':
      return at(expected.firstDripS)
    case 'mark':
      return at(expected.markS)
    case 'drained':
      return at(expected.drainedMl)
    default:
      return null
  }
}

/** Air is wanted in the crop's own pot, not in that of the test: it says nothing here. */
function wantedOf(
  name: string,
  { pHLow, pHHigh, ecMaxSme }: Pick<Crop, 'pHLow' | 'pHHigh' | 'ecMaxSme'>,
): SpreadView['wanted'] {
  if (name === 'ph' || name === 'ph0') return { low: pHLow, high: pHHigh }
  return name === 'ecSme' ? { low: null, high: ecMaxSme } : null
}

export function penView(
  { id, name, compensates, calibrations }: Pen,
  at: Date,
  timeZone: string,
): PenView {
  const [last] = calibrations
  return {
    id,
    name,
    compensates,
    calibratedOn: last ? dayAt(timeZone, last.at) : null,
    trust: penTrust({
      ph: USUAL_PH,
      calibration: last
        ? {
            tempC: last.tempC,
            buffers: last.buffers,
            daysAgo: Math.max(0, (at.getTime() - last.at.getTime()) / DAY_MS),
          }
        : null,
    }),
    log: calibrations.map((one) => ({
      on: dayAt(timeZone, one.at),
      tempC: one.tempC,
      buffers: one.buffers.map(({ ph }) => ph),
      slopePercent: penSlope(one),
    })),
  }
}

/** Air and conductivity as they were expected and as tests have them, in the pot of the sample. */
export function calibrationView(
  calibration: StoredCalibrationOfSample,
  { pot, crop }: Pick<SampleFacts, 'pot' | 'crop'>,
  timeZone: string,
): CalibrationView | null {
  if (!pot) return null
  const { prior, measured, from, doubts, at } = calibration
  const airOf = ({ curve }: typeof prior) =>
    containerCapacity({ curve, shape: pot.shape, fillHeightCm: pot.fillHeightCm }).airFraction
  return {
    on: dayAt(timeZone, at),
    from,
    doubts,
    expected: { air: airOf(prior), ksCmPerS: prior.ksCmPerS },
    measured: { air: airOf(measured), ksCmPerS: measured.ksCmPerS },
    potName: pot.name,
    wanted: crop && {
      crop: crop.name,
      low: crop.airMinPercent / 100,
      high: crop.airMaxPercent / 100,
    },
  }
}
