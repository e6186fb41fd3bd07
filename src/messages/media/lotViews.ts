import type { EcBand, PkVerdict } from '../../core/chemistry'
import type { LedgerKind, LotState, MaterialGroup } from '../../core/media'
import type { PotLook, RootMass } from '../../core/recondition'
import type { Exposure } from '../../core/season'
import type { Why } from '../../core/why'
import type { ListPart } from '../list'
import type { SitePlace } from '../site/site'
import type { TrialLink } from '../trials/trialViews'
import type { FoundView, ProblemChoice, TriageStory, TriageView } from './found'
import type { LotFault, LotFinding } from './lotFindingViews'
import type { LotsQuery } from './lots'
import type { PotView } from './potViews'

/** One material of a mix, as its share of the volume. */
export interface Stratum {
  readonly materialId: string
  readonly name: string
  readonly group: MaterialGroup
  readonly grainMm: number
  readonly share: number
}

/** A number that was measured on a day, or only estimated. */
export interface Reading {
  readonly value: number
  /** ISO date; null where it is an estimate. */
  readonly measuredOn: string | null
  /** The test of the bench it was read in; left out where it was written down by hand. */
  readonly testId?: number
}

export interface InningsMark {
  readonly number: number
  readonly cropName: string | null
  readonly season: number
  readonly outcome: 'well' | 'fair' | 'poor' | null
  readonly open: boolean
}

export type { LotState }

export interface LotRow {
  readonly id: number
  readonly name: string
  readonly litres: number
  /** What its containers hold when filled; null in a store bin. */
  readonly roomLitres: number | null
  readonly where: string
  readonly strata: readonly Stratum[]
  readonly innings: readonly InningsMark[]
  readonly air: Reading | null
  readonly ph: Reading | null
  readonly state: LotState
  readonly finding: LotFinding
  /** How many more things are wrong with it. */
  readonly moreFaults: number
}

export interface LotsPage {
  readonly asked: LotsQuery
  readonly part: ListPart
  readonly site: SitePlace
  /** Of this page. */
  readonly lots: readonly LotRow[]
  /** Of all pages. */
  readonly inPotsLitres: number
  readonly inStoreLitres: number
  /** Σ litres × innings. */
  readonly litreInnings: number
}

export interface LedgerRow {
  readonly id: number
  readonly on: string
  readonly kind: LedgerKind
  readonly litres: number
  readonly what: readonly {
    readonly name: string
    readonly amount: number
    readonly unit: 'L' | 'g'
  }[]
  readonly note: string | null
  readonly otherLotId: number | null
  readonly workOrderId: number | null
  /** What stood in the lot after this entry, L. */
  readonly balance: number
  readonly reversed: boolean
  readonly canReverse: boolean
}

/** The numbers of a lot's page that can be asked why. */
export type LotWhyKey =
  | 'litres'
  | 'air'
  | 'lowAir'
  | 'ph'
  | 'ec'
  | 'weight'
  | 'innings'
  | 'buffer'
  | 'freeLime'
  | 'drift'
  | 'nitrogen'
  | 'pk'

/** pH, salts and feed of a lot for its crop, or for the last one once more. */
export interface LotChemistry {
  readonly cropName: string
  /** false: worked out as if the last crop were grown again. */
  readonly growing: boolean
  /** g CaCO3-equivalent per L and pH unit. */
  readonly buffer: Reading
  readonly freeLimeGPerL: number
  /** Of that, from earlier corrections. */
  readonly unreactedLimeGPerL: number
  readonly ecBand: EcBand | null
  readonly drift: {
    readonly deltaPh: number
    readonly phAfter: number | null
    readonly monthsToLeave: number | null
    readonly rainShare: number | null
    readonly sulfurGPerL: number | null
  } | null
  readonly nitrogen: {
    /** mg N per L in each week. */
    readonly weeks: readonly {
      readonly week: number
      readonly released: number
      readonly tiedUp: number
      readonly wanted: number
      readonly taken: number
    }[]
    readonly coverage: number
    readonly coverageRange: readonly [number, number]
    readonly firstShortWeek: number | null
    readonly missingMgPerL: number
  }
  readonly p: PkVerdict
  readonly k: PkVerdict
  /** What was weighed in, newest first. */
  readonly added: readonly {
    readonly on: string
    readonly name: string
    readonly grams: number
  }[]
}

/** A family that stood in a lot's mix in a season. */
export interface LotFamily {
  readonly rotationGroup: string
  readonly season: number
  /** Of the mix, 0 to 1. */
  readonly share: number
  /** Names of the crops, where they grew in this lot. */
  readonly crops: readonly string[]
}

/** Litres that came from another lot (positive) or went to one. */
export interface LotFlow {
  readonly entryId: number
  readonly on: string
  readonly litres: number
  readonly lotId: number
  readonly name: string
  /** It was put away since. */
  readonly isAway: boolean
}

export interface LotPage extends LotRow {
  /** That hold it against something, or filled their pots with it. */
  readonly trials: readonly TrialLink[]
  /** The newest season first. */
  readonly families: readonly LotFamily[]
  /** Newest first. */
  readonly flows: readonly LotFlow[]
  /** Seasons its air lasts when nothing is done; null where no crop says how much it needs. */
  readonly inningsLeft: { readonly value: number; readonly most: number } | null
  /** All that is wrong with it, the worst first. */
  readonly faults: readonly LotFault[]
  readonly found: readonly FoundView[]
  /** All that was answered when its pots were looked at, whatever it was; null where nobody looked since it was mixed. */
  readonly looked: LookedView | null
  readonly triage: TriageView | null
  readonly story: TriageStory
  readonly problems: readonly ProblemChoice[]
  /** Of its present innings; null between innings. */
  readonly present: {
    readonly number: number
    readonly readyOn: string | null
    readonly plantedOn: string | null
    readonly cropName: string | null
    /** When its crop is usually planted next. */
    readonly usualOn: string | null
    /** Soluble feed for what the mix does not give, by its work order. */
    readonly feedPlan: {
      readonly product: string
      readonly grams: number
      readonly litresPerFeed: number
      readonly feedsPerWeek: number
      /** ISO days. */
      readonly from: string
      readonly to: string
      /** The next one from today on; null where it is over. */
      readonly next: string | null
    } | null
  } | null
  readonly version: number
  readonly origin: string
  readonly containers: readonly {
    readonly id: number
    readonly code: string
    readonly name: string
  }[]
  /** How much sun and wind reaches them; null in a store bin. */
  readonly exposure: Exposure | null
  readonly pot: PotView | null
  readonly potCount: number
  readonly water: number | null
  readonly totalPorosity: number | null
  readonly bulkDensity: number | null
  readonly ecSme: Reading | null
  readonly ledger: readonly LedgerRow[]
  /** What stands in it cost; null where no price was ever known. */
  readonly cost: {
    readonly total: number
    readonly perLitre: number
    readonly innings: number
    /** That came in without a price, L. */
    readonly unknownLitres: number
  } | null
  readonly openOrderId: number | null
  readonly chemistry: LotChemistry | null
  /** Products a jar test can be made with. */
  readonly correctors: readonly { readonly id: string; readonly name: string }[]
  readonly why: Readonly<Partial<Record<LotWhyKey, Why>>>
  readonly crop: {
    readonly name: string
    readonly airMin: number
    readonly airMax: number
    readonly pHLow: number
    readonly pHHigh: number
    readonly ecMaxSme: number
  } | null
  /** What would bring the air back for the same crop: worked out by the recipe solver. */
  readonly remedy: {
    readonly name: string
    readonly litres: number
    readonly airAfter: number
  } | null
  readonly materials: readonly {
    readonly id: string
    readonly name: string
    readonly group: MaterialGroup
  }[]
}

/** What was answered when pots were looked at. */
export interface LookedView extends Omit<PotLook, 'debris'> {
  /** ISO day. */
  readonly on: string
  readonly roots: RootMass
  readonly runsDownSide: boolean
  readonly dropCm: number | null
}
