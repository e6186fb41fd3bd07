import type { Amendment, Crop, Dose } from '../../chemistry'
import type { ContainerShape } from '../../containers'
import type { Component, Material, MeasuredWater } from '../../media'
import type { HouseholdMeasures } from '../../units'
import type { Why } from '../../why'
import type { SolubleFeed } from './solubleFeed'

/** What triage said of a lot, as far as a recipe needs it. */
export interface TriageVerdict {
  readonly verdict: 'reuse' | 'clean' | 'treat' | 'restrict' | 'compost' | 'discard'
  /** false where seedlings are not to be raised in it. */
  readonly forSeedlings?: boolean
}

export interface RecipeLot {
  readonly id: string
  /** What stands in the pot now, by bulk volume. */
  readonly components: readonly Component[]
  readonly litres: number
  /** null where no trouble was found. */
  readonly triage: TriageVerdict | null
  /** Measured on the lot itself: takes the place of what its composition lets expect. */
  readonly measured?: LotMeasured
  /** Feed of earlier seasons that has not set its nitrogen free yet, g per L of what stands there. */
  readonly feedLeft?: readonly Dose[]
  /** true for a mix that nothing was grown in yet. */
  readonly neverPlanted?: boolean
}

export interface LotMeasured extends MeasuredWater {
  readonly ph?: number | undefined
  /** How far that may be off, where it was read with a pen nobody calibrated: a standard deviation. */
  readonly phSpread?: number | undefined
  /** g CaCO3-equivalent per L and pH unit. */
  readonly buffer?: number | undefined
  /** Saturated media extract, dS/m. */
  readonly ecSme?: number | undefined
  /** Lime of earlier corrections that has not reacted yet, g CaCO3-equivalent per L. */
  readonly unreactedLimeGPerL?: number | undefined
  /** Share of it that a sieve test held back: takes the place of the limit for cleaning. */
  readonly sieveLossShare?: number | undefined
}

export interface StockMaterial {
  readonly material: Material
  readonly litres: number
  /** null where it is not known. */
  readonly pricePerLitre: number | null
  /** The most of a mix that a trial found to be safe, 0 to 1: for a crop, or for whatever grows. */
  readonly mostFound?: readonly { readonly cropId: string | null; readonly share: number }[]
}

export interface StockAmendment {
  readonly amendment: Amendment
  readonly grams: number
  /** null where it is not known. */
  readonly pricePerKg: number | null
}

export type FeedSchool = 'organic' | 'coated' | 'soluble'

export interface RecipeLimits {
  /** How far the mix sinks when it is watered in, by its own test; null: by what it is made of. */
  readonly settlingShare: number | null
  readonly cleaningLossShare: number
  readonly maxCompostShare: number
  readonly maxAggregateShare: number
  readonly maxFreshShare: number
  /** Highest weight of the wet mix, kg/L; none when left out. */
  readonly maxKgPerL?: number | undefined
  readonly peatFree: boolean
}

export const DEFAULT_LIMITS: RecipeLimits = {
  settlingShare: null,
  cleaningLossShare: 0.1,
  maxCompostShare: 0.5,
  maxAggregateShare: 0.35,
  maxFreshShare: 0.5,
  peatFree: false,
}

export const DEFAULT_COMPOST_SHARE = 0.3

/** How a container is watered, and what it loses where it stands, its plants full-grown. */
export interface WateringHabit {
  readonly everyDays: number
  readonly lossLPerDay: number
  /** Suction at which its plants want water, cm: 50, or 100 for those that like it dry between waterings. */
  readonly refillSuctionCm: number
}

export interface RecipeInput {
  readonly lot: RecipeLot | null
  /** What a new mix starts from where there is no lot. */
  readonly base?: readonly Component[]
  readonly litresWanted: number
  readonly container: { readonly shape: ContainerShape; readonly fillHeightCm: number }
  readonly crop: Crop
  readonly school: {
    readonly compostShare?: number
    readonly feed: FeedSchool
    /** Fixes the aggregate's share; its kind is still the best one. */
    readonly aggregateShare?: number
    /** What a new mix is: a bagged one as it is where left out, one with what pot and crop ask for, or these parts. */
    readonly newMix?: 'adjusted' | readonly Component[]
    /** Trace minerals go in too, at the low rate of their label. */
    readonly minerals?: boolean
  }
  readonly stock: {
    readonly materials: readonly StockMaterial[]
    readonly amendments: readonly StockAmendment[]
  }
  readonly limits?: Partial<RecipeLimits>
  readonly season?: {
    readonly weeks?: number
    readonly weeklyMeanTempC?: number | readonly number[]
    /** Conductivity of the water used for leaching, dS/m. */
    readonly waterEc?: number
  }
  readonly measures?: Partial<HouseholdMeasures>
  /** Where it is told, water held counts as air does: what holds more goes in where the pot would dry out in between. */
  readonly watering?: WateringHabit | undefined
  /** What decayed matter is counted as, where the garden has a row of its own for it. */
  readonly humifiedFines?: Material
}

export type PartRole = 'lot' | 'compost' | 'aggregate' | 'water-holding' | 'fresh'
export type DoseRole = 'lime' | 'sulfur' | 'fertilizer' | 'mineral'

export interface RecipePart {
  readonly id: string
  readonly role: PartRole
  readonly litres: number
  readonly share: number
  readonly rounded: { readonly litres: number; readonly text: string }
}

export interface RecipeDose {
  readonly id: string
  readonly role: DoseRole
  /** g per L of mix, all of it. */
  readonly gPerL: number
  readonly grams: number
  /** What goes in now; the rest after a test. */
  readonly firstGrams: number
  /** Caustic: a step of its own, days apart from feeds and manure. */
  readonly apart?: boolean
  readonly rounded: { readonly grams: number; readonly text: string }
}

export interface Prediction {
  readonly volumeYield: number
  readonly airFraction: number
  readonly waterFraction: number
  readonly availableLitres: number
  readonly ph: number
  readonly buffer: number
  readonly ecSme: number
  readonly nCoverage: number
  readonly firstShortWeek: number | null
  readonly kgPerLWet: number
  /** Of what is added, per litre settled. */
  readonly costPerL: number
}

export type CheckId =
  | 'litres'
  | 'air'
  | 'ph'
  | 'ec'
  | 'nitrogen'
  | 'weight'
  | 'label'
  | 'stock'
  /** Only where a watering habit was told. */
  | 'water'

export interface RecipeCheck {
  readonly id: CheckId
  readonly ok: boolean
  readonly value: number
  readonly low: number | null
  readonly high: number | null
}

/** What another aggregate would do: offered beside the one chosen. */
export interface AggregateOption {
  readonly id: string
  /** Air gained by the first tenth of it, as a share of the volume. */
  readonly airPerTenth: number
  /** Share of parts it needs; null where it does not reach the band's low end. */
  readonly share: number | null
  readonly bestAir: number
  readonly cost: number
  /** How far its best share is from what is wanted: air short or over, share and money in one sum; the least was chosen. */
  readonly score: number
}

/** A correction that is not asked for until a test makes the pH surer. */
export interface TestFirst {
  readonly id: string
  readonly role: 'lime' | 'sulfur'
  /** What would be given if the pH were what it is taken for. */
  readonly gPerL: number
  readonly grams: number
  /** From p10 to p90 of the pH of the mix. */
  readonly phWidth: number
}

export interface Recipe {
  readonly parts: readonly RecipePart[]
  readonly doses: readonly RecipeDose[]
  /** How far the mix is from what is wanted, by the sum that chose its aggregate. */
  readonly score: number
  readonly leachLitres: number
  readonly partLitres: number
  readonly mixLitres: number
  /** How far it sinks when it is watered in. */
  readonly settlingShare: number
  readonly settledLitres: number
  readonly leftoverLitres: number
  readonly predicted: Prediction
  readonly predictedRounded: Prediction
  /** Where pH ends when all lime has reacted. */
  readonly phEventual: number
  readonly unreactedLimeGPerL: number
  /** Soluble feed for what is missing; null where nothing is, or no such feed is in the list. */
  readonly feedPlan: SolubleFeed | null
  /** A correction of pH that waits for a test; null where none does. */
  readonly testFirst: TestFirst | null
  readonly cost: number
  /** Ids of what the cost does not count, because no price is known. */
  readonly unpriced: readonly string[]
  readonly checks: readonly RecipeCheck[]
  readonly why: Readonly<Record<string, Why>>
  readonly aggregateOptions: readonly AggregateOption[]
  /** Air against the share of the chosen aggregate, for the chart beside its number. */
  readonly airByShare: readonly { readonly share: number; readonly air: number }[]
  /** How long a watered container lasts; null where no habit was told or nothing is lost. */
  readonly daysBetweenWaterings: number | null
  /** Extra height of the same pot at which the air would do; null where none up to double height does. */
  readonly tallerByCm: number | null
}
