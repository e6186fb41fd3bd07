import type { EcMethod, Jar } from '../chemistry'
import type { HeatReading } from './heatRecord'
import type { SeedlingPot } from './judgeSeedlings'
import type { Sight, Smell } from './lookChips'
import type { PorosityObservation } from './porosityReadings'
import type { Ball, Drops } from './squeezeTest'
import type { TestKind } from './testKinds'

/** Leaves that are looked at in a seedling test. */
export const SEEDLING_SIGNS = ['cupped', 'twisted', 'pale', 'scorched', 'mould', 'smell'] as const
/** What is usually sown, by the rotation group it belongs to. */
export const SEEDLING_SORTS = ['legume', 'lettuce', 'brassica', 'solanum', 'cucurbit'] as const
export type SeedlingSort = (typeof SEEDLING_SORTS)[number]
/** Those that show weedkiller residue in their leaves. */
export const SHOWS_WEEDKILLER: readonly SeedlingSort[] = [
  'legume',
  'lettuce',
  'solanum',
  'cucurbit',
]
export type SeedlingSign = (typeof SEEDLING_SIGNS)[number]

interface DrainAnswers {
  readonly pouredMl: number
  readonly drainedMl: number
  /** Water stood on the mix. */
  readonly stoodOnTop: boolean
  /** Seconds since pouring began; null for what did not happen before the end, or was not timed. */
  readonly firstDripS: number | null
  readonly markS: number | null
  readonly stoppedS: number | null
}

/** What is observed in each kind of test, as it is kept. */
export interface Observations {
  readonly drain: DrainAnswers
  readonly layers: DrainAnswers & {
    readonly bottomMaterialId: string
    readonly bottomCm: number
    readonly wetZoneCm: number
  }
  readonly porosity: PorosityObservation
  readonly squeeze: { readonly ball: Ball; readonly drops: Drops }
  readonly palm: { readonly threads: boolean; readonly grit: boolean; readonly stain: boolean }
  readonly wetting: {
    /** Seconds until each drop was gone; null where it never was. */
    readonly dropsS: readonly (number | null)[]
    readonly runsDownSide: boolean
    readonly gapMm: number
  }
  /** From the base: after filling, after watering, and later. */
  readonly settling: { readonly heightsCm: readonly number[] }
  readonly phEc: {
    readonly method: EcMethod
    readonly ph: number | null
    readonly ecDsPerM: number | null
    readonly tempC: number
    readonly compensated: boolean
    readonly penId: number | null
    readonly waterEcDsPerM: number
  }
  readonly jar: {
    readonly amendmentId: string
    readonly target: number
    readonly days: number
    readonly points: readonly Jar[]
  }
  readonly seedling: {
    /** One row a pot; in older tests one row a share. */
    readonly pots: readonly SeedlingPot[]
    readonly signs: readonly SeedlingSign[]
    /** Since sowing; null in older tests. */
    readonly days?: number | null
    /** Share of the mix it will be used at, per cent. */
    readonly useSharePercent?: number
    /** null where it was not said. */
    readonly sownAs?: SeedlingSort | null
  }
  readonly weeds: {
    readonly areaCm2: number
    /** Mix in the tray; null where it was not measured. */
    readonly litres?: number | null
    readonly counts: readonly { readonly on: string; readonly count: number }[]
    readonly untreatedAreaCm2: number | null
    readonly untreatedCount: number | null
  }
  readonly heat: { readonly problemId: string | null; readonly readings: readonly HeatReading[] }
  readonly sieve: {
    readonly litresIn: number
    readonly litresOut: number
    readonly woodyLitres: number
  }
  readonly look: {
    readonly smell: Smell
    readonly sights: readonly Sight[]
    /** The mix was tipped out and searched through for grubs. */
    readonly searched?: boolean
  }
}

/** What was observed in a test of one kind; of any kind where none is named. */
export type Observation<Kind extends TestKind = TestKind> = {
  readonly [One in Kind]: { readonly kind: One } & Observations[One]
}[Kind]
