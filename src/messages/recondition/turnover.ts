import Joi from 'joi'
import type { Crop } from '../../core/chemistry'
import type { LotState } from '../../core/media'
import type {
  CropBar,
  Intake,
  Load,
  LotTriage,
  Recipe,
  RecipeRanges,
  RootMass,
  Schools,
  StepAmount,
  StepNote,
  SurplusUse,
  TippedFor,
  WorkStep,
} from '../../core/recondition'
import type { FoundPot } from '../containers/potViews'
import { type ListPart, type ListQuery, listFields } from '../list'
import type { FoundView, TriageView } from '../media/found'
import { LOT_ORDERS, type LotOrder } from '../media/lots'
import type { InningsMark, LotPage, LotRow, Stratum } from '../media/lotViews'
import type { PotView } from '../media/potViews'
import { id, key, LARGEST_LITRES, line, version } from '../rules'
import type { IntakeAnswers } from './answers'

export interface CropChoice
  extends Pick<Crop, 'id' | 'name' | 'rotationGroup' | 'pHLow' | 'pHHigh'> {
  readonly airMin: number
  readonly airMax: number
}

export interface PotChoice
  extends Pick<FoundPot, 'id' | 'code' | 'name' | 'place' | 'shape' | 'litres'> {
  readonly headspaceCm: number
  /** Holds this lot now. */
  readonly own: boolean
}

/** A pot that was seen too wet or too dry again. */
export interface TroubleView {
  readonly kind: 'wet' | 'dry'
  readonly code: string
  readonly times: number
  /** Days it should last; null where it stayed wet. */
  readonly everyDays: number | null
}

export interface IntakePage
  extends Pick<LotPage, 'families' | 'openOrderId' | 'found' | 'triage' | 'story' | 'problems'> {
  /** What was logged twice at one of its pots since its mix was made, and what the recipe makes of it. */
  readonly trouble: TroubleView | null
  readonly lot: {
    readonly id: number
    readonly name: string
    readonly litres: number
    readonly where: string
    readonly strata: readonly Stratum[]
    readonly innings: readonly InningsMark[]
    readonly lastCropId: string | null
    readonly lastCropName: string | null
    /** Level drop that the ledger lets expect, cm; null in a store bin. */
    readonly expectedDropCm: number | null
  }
  readonly crops: readonly CropChoice[]
  readonly pots: readonly PotChoice[]
  /** What its tests answer already; null where they do not. */
  readonly answers: {
    readonly side: 'yes' | 'no' | null
    /** ISO day of that test. */
    readonly sideOn: string | null
    readonly sieveLossShare: number | null
    readonly sieveOn: string | null
    /** What somebody found in its pots already; null where nobody looked since its mix was made. */
    readonly looked: {
      readonly dropCm: number | null
      readonly roots: RootMass
      readonly side: 'yes' | 'no'
      /** Seasons in use, as told. */
      readonly years: number | null
      readonly on: string
    } | null
    /** Days between waterings, as told for its last recipe. */
    readonly every: number | null
  }
  /** How this garden usually works. */
  readonly usual: {
    readonly share: number
    readonly feed: Intake['feed']
    readonly place: Schools['place']
    readonly way: Schools['way']
  }
  /** A plant that lives for years stands in it now. */
  readonly standing: {
    readonly cropName: string
    readonly plantGroup: string
    readonly cropId: string
    readonly potId: number | null
  } | null
}

/** Why there is no recipe for a crop in a lot, and the ways out. */
export interface RecipeStop {
  readonly lot: IntakePage['lot']
  readonly answers: IntakeAnswers
  readonly crop: CropChoice
  readonly bars: readonly CropBar[]
  readonly found: readonly FoundView[]
  readonly triage: TriageView | null
  /** Crops nothing speaks against, used alike first. */
  readonly otherCrops: readonly CropChoice[]
}

export interface NamedThing {
  readonly name: string
  readonly stratum: Stratum | null
  readonly caution: string | null
}

export interface RecipePage {
  /** Why it aims at more air, or at more days, than the crop alone would ask for. */
  readonly trouble: TroubleView | null
  readonly lot: IntakePage['lot']
  readonly answers: IntakeAnswers
  readonly intake: Intake
  readonly crop: CropChoice & { readonly ecMaxSme: number; readonly nSeasonMgPerL: number }
  readonly pots: readonly PotChoice[]
  readonly recipe: Recipe
  readonly ranges: RecipeRanges
  readonly loads: readonly Load[]
  readonly names: Readonly<Record<string, NamedThing>>
  readonly before: PotView | null
  readonly after: PotView
  readonly readyOn: string
  readonly minutes: number
  /** Why it is tipped out although it was to be worked in place; null where it is not, or nobody wanted that. */
  readonly tippedFor: TippedFor | null
  /** What may become of what is left over, beside the store. */
  readonly spare: SurplusUse | null
  /** The wait that is not kept, where this garden plants at once. */
  readonly passedOver: Extract<StepNote, { id: 'not-waited' }> | null
  readonly cautions: WorkStep['cautions']
  readonly freshPricePerLitre: number | null
  readonly pricesMissing: readonly string[]
  readonly found: readonly FoundView[]
  readonly triage: TriageView | null
  /** ISO day on which the old mix's pH was measured; null where it was predicted or not known. */
  readonly lotPhMeasuredOn: string | null
  readonly openOrderId: number | null
}

export interface OrderStepView {
  readonly id: number
  readonly version: number
  readonly plan: WorkStep
  readonly amounts: readonly StepAmount[]
  readonly doneOn: string | null
  /** Why it was ticked before its wait was over. */
  readonly earlyFor: string | null
}

/** What others may have changed of an order since its page was made. */
export type OrderState = Pick<OrderPage, 'state' | 'steps' | 'finishedOn' | 'canUndo'>

export interface OrderPage {
  readonly id: number
  readonly version: number
  readonly state: 'open' | 'finished' | 'put-away'
  readonly lot: {
    readonly id: number
    readonly name: string
    readonly innings: readonly InningsMark[]
  }
  readonly cropName: string
  readonly litresWanted: number
  readonly litresFound: number
  readonly potCodes: readonly string[]
  readonly steps: readonly OrderStepView[]
  readonly names: Readonly<Record<string, NamedThing>>
  readonly readyOn: string
  readonly finishedOn: string | null
  readonly canUndo: boolean
  readonly leachLitres: number
  /** As planned: what goes into each load of the grower's barrow. */
  readonly loads: readonly Load[]
  readonly predictedAir: number
  readonly recipeAnswers: IntakeAnswers | null
}

export interface TurnoverOrder {
  readonly id: number
  readonly lotId: number
  readonly lotName: string
  readonly cropName: string
  readonly done: number
  readonly steps: number
  readonly readyOn: string
  readonly finishedOn: string | null
}

/** States of lots that wait for their turnover. */
export const WAITING_STATES = ['act', 'turn-over', 'store'] as const satisfies readonly LotState[]
export type WaitingState = (typeof WAITING_STATES)[number]

/** What stands between a lot and its next innings, the least first. */
export const WAITING_GROUPS = ['ready', 'limited', 'treat', 'lost', 'store', 'growing'] as const
export type WaitingGroup = (typeof WAITING_GROUPS)[number]

export interface WaitingLot
  extends Pick<LotRow, 'id' | 'name' | 'litres' | 'where' | 'strata' | 'innings' | 'finding'> {
  readonly group: WaitingGroup
  /** What may become of it; null where nothing was found. */
  readonly triage: Pick<LotTriage, 'verdict' | 'hold' | 'overridden'> | null
}

/** Which part of the lots that wait, and of the orders that are finished. */
export interface TurnoverQuery extends ListQuery {
  /** Of the lots that wait; by number where it is left out. */
  readonly order?: LotOrder
  /** Page of the finished orders. */
  readonly finished?: number
  readonly finishedFind?: string
  readonly finishedOrder?: (typeof FINISHED_ORDERS)[number]
}

/** How finished orders may be sorted; newest first where nothing is said. */
export const FINISHED_ORDERS = ['oldest', 'name'] as const

export const turnoverQuerySchema = Joi.object<TurnoverQuery>({
  ...listFields,
  order: Joi.string()
    .valid(...LOT_ORDERS)
    .label('The order'),
  finished: listFields.page,
  finishedFind: listFields.find,
  finishedOrder: Joi.string()
    .valid(...FINISHED_ORDERS)
    .label('The order'),
}).unknown()

export interface TurnoverPage {
  readonly asked: TurnoverQuery
  /** The newest of them. */
  readonly open: readonly TurnoverOrder[]
  readonly openTotal: number
  readonly waiting: readonly WaitingLot[]
  readonly waitingPart: ListPart
  readonly finished: readonly TurnoverOrder[]
  readonly finishedPart: ListPart
}

export interface OrderParams {
  readonly id: number
}
export const orderParamsSchema = Joi.object<OrderParams>({
  id: id('The work order').required(),
})

export interface StepParams extends OrderParams {
  readonly stepId: number
}
export const stepParamsSchema = Joi.object<StepParams>({
  id: id('The work order').required(),
  stepId: id('The step').required(),
})

export interface StepBody {
  readonly version: number
  readonly done?: boolean
  /** Why it is ticked before its wait is over. */
  readonly early?: string
  /** Actual amounts by id, L or g; null means as planned. */
  readonly actuals?: Readonly<Record<string, number | null>>
}

export const stepBodySchema = Joi.object<StepBody>({
  version: version(),
  done: Joi.boolean(),
  early: line('The reason', 200),
  actuals: Joi.object().pattern(
    key('The amount'),
    Joi.number().min(0).max(LARGEST_LITRES).allow(null).label('The amount'),
  ),
}).or('done', 'actuals')
