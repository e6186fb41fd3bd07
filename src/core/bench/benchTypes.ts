import type { ContainerShape } from '../containers'
import type { Range } from '../ranges'
import type { VerdictKey } from './verdictKeys'

/** Columns, cups and volumes of the bench, defined once, so that tests compare. */
export interface TestKit {
  readonly columnShape: ContainerShape
  readonly mixLitres: number
  readonly pouredMl: number
  /** Water is poured within this time. */
  readonly pourS: number
  readonly markMl: number
  /** A drain test ends by itself then. */
  readonly endS: number
  /** Of the porosity test. */
  readonly porosityShape: ContainerShape
  readonly porosityLitres: number
  readonly drainMinutes: number
  readonly meshMm: number
}

/** Water used for a test; null for what was not read. */
export interface TestWater {
  readonly tempC: number | null
  readonly ecDsPerM: number | null
  readonly alkalinityMgPerL: number | null
}

export type BenchUnit =
  | 's'
  | 'mL'
  | 'mL/min'
  | 'share'
  | 'kg/L'
  | 'L'
  | 'cm'
  | 'cm/min'
  | 'pH'
  | 'dS/m'
  | 'g/L'
  | 'min'
  | '°C'
  | 'per 100 cm²'
  | 'times'
  | 'seedlings'
  | '%'

/** A value a test came to. */
export interface BenchValue {
  readonly name: string
  readonly value: number
  readonly unit: BenchUnit
}

/** What it means; the sentence stands in the catalogue of texts under the id. */
export interface BenchVerdict {
  readonly id: VerdictKey
  readonly tone: 'ok' | 'act' | 'stop'
  readonly told: Readonly<Record<string, number | string | null>>
}

export interface BenchOutcome {
  readonly values: readonly BenchValue[]
  readonly verdicts: readonly BenchVerdict[]
}

/** What the sample's composition lets expect of a test. */
export interface BenchExpected {
  readonly firstDripS: number | null
  readonly markS: number | null
  readonly drainedMl: number | null
  readonly airFraction: number | null
  /** Where it lies with four chances in five, by what is known of its parts; null or left out where that was not worked out. */
  readonly airLikely?: Pick<Range, 'p10' | 'p90'> | null
}

/** The pot in which a sample's air is told. */
export interface SamplePot {
  readonly name: string
  readonly shape: ContainerShape
  readonly fillHeightCm: number
}

/** A problem heat may help against; nulls where it does not. */
export interface HeatProblem {
  readonly id: string
  readonly name: string
  readonly tempC: number | null
  readonly minutes: number | null
  readonly caution: string | null
}

/** A reading that takes the place of an estimate of its lot. */
export interface SampleReading {
  readonly quantity: 'ph' | 'ecSme' | 'buffer'
  readonly value: number
  readonly method: string
  /** As it was read off, before it was converted. */
  readonly readAs: {
    readonly value: number
    readonly unit: 'pH' | 'dS/m' | 'g/L'
    readonly tempC?: number
  }
}
