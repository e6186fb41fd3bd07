import type {
  BenchExpected,
  BenchOutcome,
  BenchUnit,
  BenchValue,
  BenchVerdict,
  CalibrationDoubt,
  ChangeOverInnings,
  HeatProblem,
  Observation,
  PenTrust,
  SampleKind,
  SeedlingLack,
  Spread,
  TestKind,
  TestKit,
  TestWater,
  VerdictKey,
} from '../../core/bench'
import type { ListPart } from '../list'
import type { Stratum } from '../media/lotViews'
import type { BenchQuery } from './tests'

export type {
  BenchExpected,
  BenchOutcome,
  BenchUnit,
  BenchValue,
  BenchVerdict,
  CalibrationDoubt,
  HeatProblem,
  Observation,
  SampleKind,
  SeedlingLack,
  TestKind,
  TestKit,
  VerdictKey,
}

export interface SampleView {
  readonly kind: SampleKind
  readonly id: number | string
  readonly name: string
  readonly strata: readonly Stratum[]
}

/** A test in a list. */
export interface TestRow {
  readonly id: number
  readonly setId: number
  readonly kind: TestKind
  readonly sample: SampleView
  readonly isReference: boolean
  readonly startedAt: string
  readonly startedOn: string
  readonly endedAt: string | null
  readonly innings: number | null
  readonly outcome: BenchOutcome | null
}

export interface SampleChoice extends Pick<SampleView, 'kind' | 'id' | 'name'> {}

/** What can be tested; in a large garden the first that fit what was typed. */
export interface SampleChoices {
  readonly listed: readonly SampleChoice[]
  readonly lotsTotal: number
  readonly mixesTotal: number
  /** Nothing was left out. */
  readonly isWhole: boolean
}

export interface BenchPage {
  /** The newest of them. */
  readonly running: readonly TestRow[]
  readonly runningTotal: number
  readonly finished: readonly TestRow[]
  readonly finishedPart: ListPart
  readonly asked: Pick<BenchQuery, 'find' | 'page' | 'test' | 'order'>
  readonly samples: SampleChoices
  /** Asked for by the address. */
  readonly chosen: string
  readonly pens: readonly PenView[]
}

export interface PenView {
  readonly id: number
  readonly name: string
  /** Whether it shows salts as at 25 °C; null until a reading told. */
  readonly compensates: boolean | null
  /** Of a reading made now at pH 6.5. */
  readonly trust: PenTrust
  readonly calibratedOn: string | null
  readonly log: readonly {
    readonly on: string
    readonly tempC: number
    readonly buffers: readonly number[]
    readonly slopePercent: number | null
  }[]
}

export interface PensPage {
  readonly pens: readonly PenView[]
  readonly tapWater: {
    readonly ph: number
    readonly ecDsPerM: number
    readonly alkalinityMgPerL: number
  }
  readonly siteVersion: number
}

export interface MomentView {
  readonly id: string
  readonly key: string
  readonly at: string
  readonly tappedAt: string
  readonly value: number | null
}

/** The present state of a test, as the screen asks for it again and again while its clock runs. */
export interface TestState {
  readonly moments: readonly MomentView[]
  readonly endedAt: string | null
  /** The server's time, so that two devices agree. */
  readonly now: string
}

export interface RunView extends Pick<TestRow, 'id' | 'isReference' | 'startedOn'> {
  readonly sampleName: string
  readonly outcome: BenchOutcome
}

/** One value over the repeats of a set. */
export interface SpreadView extends Spread {
  /** Its repeats contradict each other: their mean is the value of neither. */
  readonly disagree: boolean
  readonly name: string
  readonly unit: BenchUnit
  /** Of each run. */
  readonly values: readonly number[]
  /** What its recipe lets expect, likely from and to; null where nothing is. */
  readonly expected: { readonly from: number; readonly to: number } | null
  /** What the crop wants; null where that says nothing of this value. */
  readonly wanted: { readonly low: number | null; readonly high: number | null } | null
  /** Mean of the reference runs, and whether the two are apart. */
  readonly reference: {
    readonly mean: number
    readonly n: number
    readonly apart: boolean
    readonly values: readonly number[]
  } | null
}

export interface TestPage extends TestState {
  readonly id: number
  readonly kind: TestKind
  readonly sample: SampleView
  readonly isReference: boolean
  readonly runNumber: number
  readonly startedOn: string
  readonly place: string
  readonly judge: string
  readonly note: string
  readonly kit: TestKit
  readonly expected: BenchExpected | null
  /** What was typed so far, on whatever device. */
  readonly draft: Readonly<Record<string, string | readonly string[]>> | null
  readonly observation: Observation | null
  readonly outcome: BenchOutcome | null
  /** The finished test whose answers this one puts right. */
  readonly corrects: {
    readonly id: number
    readonly observation: Observation
    readonly note: string
  } | null
  /** The run before, of the same sample and kind, for "last time". */
  readonly last: {
    readonly observation: Observation
    readonly on: string
  } | null
  readonly runs: readonly RunView[]
  readonly spreads: readonly SpreadView[]
  readonly calibration: CalibrationView | null
  /** Readings of a heat record so far. */
  readonly problems: readonly HeatProblem[]
  readonly pens: readonly PenView[]
  readonly amendments: readonly { readonly id: string; readonly name: string }[]
  readonly materials: readonly { readonly id: string; readonly name: string }[]
  readonly samples: SampleChoices
  readonly tapWater: PensPage['tapWater']
  readonly water: TestWater | null
}

/** What tests made of a sample, beside what was expected. */
export interface CalibrationView {
  readonly on: string
  readonly from: readonly ('porosity' | 'drain')[]
  readonly doubts: readonly CalibrationDoubt[]
  readonly expected: { readonly air: number; readonly ksCmPerS: number }
  readonly measured: { readonly air: number; readonly ksCmPerS: number }
  /** The pot in which the air is told. */
  readonly potName: string
  /** Air the crop wants; null without a crop. */
  readonly wanted: { readonly crop: string; readonly low: number; readonly high: number } | null
}

/** Values of a sample over time. */
export interface HistorySeries {
  readonly name: 'airInPot' | 'ph' | 'ecSme' | 'conductivity' | 'buffer'
  readonly unit: BenchUnit
  readonly points: readonly {
    readonly on: string
    readonly innings: number | null
    readonly value: number
    /** Read with a pen that could not be trusted. */
    readonly uncertain: boolean
  }[]
  readonly change: ChangeOverInnings | null
}

export interface SamplePage {
  readonly sample: SampleView
  /** What the crop of a lot or mix wants; null without one. */
  readonly crop: {
    readonly name: string
    readonly airMin: number
    readonly airMax: number
    readonly pHLow: number
    readonly pHHigh: number
    readonly ecMaxSme: number
  } | null
  readonly potName: string | null
  readonly calibration: CalibrationView | null
  readonly series: readonly HistorySeries[]
  readonly sets: readonly {
    readonly setId: number
    readonly kind: TestKind
    readonly startedOn: string
    readonly innings: number | null
    readonly runs: readonly RunView[]
  }[]
  /** Finished tests that do not count any more. */
  readonly setAside: readonly {
    readonly id: number
    readonly kind: TestKind
    readonly startedOn: string
    readonly reason: string
    /** By another that put its answers right. */
    readonly corrected: boolean
    readonly verdicts: readonly BenchVerdict[]
  }[]
}

/** Two samples beside each other in the same test. */
export interface CompareTestsPage {
  readonly samples: SampleChoices
  /** Keys of the samples that are compared; empty where none was chosen. */
  readonly chosen: readonly [string, string]
  readonly names: readonly [string, string]
  /** Tests both were run in. */
  readonly kinds: readonly TestKind[]
  readonly kind: TestKind | null
  readonly runs: readonly [number, number]
  readonly onDays: readonly [string | null, string | null]
  readonly spreads: readonly SpreadView[]
}

export interface KitPage {
  readonly kit: TestKit
  readonly version: number
}
