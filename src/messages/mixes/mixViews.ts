import type { Crop } from '../../core/chemistry'
import type { Material } from '../../core/media'
import type { MixAnswer, MixFor, MixPart, MixWish, PlaceForMix, PlantGroup } from '../../core/mixes'
import type { LotTriage } from '../../core/recondition'
import type { FoundPot } from '../containers/potViews'
import type { ListPart, ListQuery } from '../list'
import type { Stratum } from '../media/lotViews'
import type { TrialLink } from '../trials/trialViews'

export type { MixFor, MixPart, PlantGroup }
export type Wish = MixWish

/** A material to mix with. */
export interface MixMaterial {
  readonly material: Material
  /** null where no price was entered. */
  readonly pricePerLitre: number | null
  readonly stockLitres: number
  /** Still in an old recipe, but put away: it cannot be added anew. */
  readonly putAway: boolean
}

/** Containers of one size. */
export interface MixContainer extends Pick<FoundPot, 'name' | 'place' | 'shape' | 'exposure'> {
  readonly count: number
  readonly headspaceCm: number
}

export interface MixRow {
  readonly id: number
  readonly name: string
  readonly version: number
  readonly strata: readonly Stratum[]
  readonly air: number
  /** ISO day of the test it rests on; null where its recipe alone lets expect it. */
  readonly airTestedOn: string | null
  readonly days: number | null
  readonly containerName: string
  /** What it is for: a crop, a group, or neither. */
  readonly cropName: string | null
  readonly groupId: PlantGroup['id'] | null
  readonly airMin: number | null
  readonly airMax: number | null
}

export interface MixesPage {
  readonly asked: ListQuery
  readonly part: ListPart
  readonly mixes: readonly MixRow[]
  readonly groups: readonly PlantGroup[]
  readonly bags: readonly { readonly id: string; readonly name: string }[]
  /** Some to begin from. */
  readonly lots: readonly { readonly id: number; readonly name: string }[]
  readonly lotsTotal: number
  /** Typical values that an update corrected; rows that were changed here before were left as they are. */
  readonly corrections: {
    readonly on: string
    readonly taken: number
    readonly left: readonly string[]
  } | null
}

/** A lot that a mix begins with, and what may be grown in it. */
export interface BaseLot {
  readonly id: number
  readonly name: string
  readonly judged: Pick<LotTriage, 'verdict' | 'notFor' | 'forFood' | 'forSeedlings'> | null
}

/** The most of a material that a trial found to be safe. */
export interface MaterialCap {
  readonly trialId: number
  readonly trialName: string
  readonly materialId: string
  readonly materialName: string
  /** null: for whatever grows. */
  readonly cropId: string | null
  readonly cropName: string | null
  readonly maxPercent: number
}

export interface MixDesignPage {
  /** That hold one of its versions against something. */
  readonly trials: readonly TrialLink[]
  /** Crops that a trial made it the standard for; null: whatever grows. */
  readonly standardFor: readonly {
    readonly trialId: number
    readonly trialName: string
    readonly cropName: string | null
    readonly version: number
  }[]
  /** How much of a material trials found to be safe. */
  readonly caps: readonly MaterialCap[]
  /** The lot it begins with; null where it begins with none. */
  readonly from: BaseLot | null
  /** The recipe and the version it starts from; null for a new one. */
  readonly mix: { readonly id: number; readonly version: number } | null
  readonly versions: readonly {
    readonly number: number
    readonly on: string
    readonly note: string | null
  }[]
  readonly name: string
  readonly note: string
  readonly parts: readonly MixPart[]
  readonly madeFor: MixFor
  readonly materials: readonly MixMaterial[]
  readonly containers: readonly MixContainer[]
  readonly crops: readonly Crop[]
  readonly groups: readonly PlantGroup[]
  /** The month in which most water is used. */
  readonly place: Omit<PlaceForMix, 'exposureFactor'>
  readonly month: number
  /** Of the water from the tap. */
  readonly alkalinityMgPerL: number
  readonly humifiedFines: Material
  /** Worked out with the page; null where nothing is measured out yet. */
  readonly first: MixAnswer | null
  /** Air in its pot by porosity tests of this version; null where it was not tested. */
  readonly tested: {
    readonly on: string
    readonly air: number
    readonly expectedAir: number
  } | null
}

/** A mix to be watered: a recipe, or a bag as it is. */
export interface MixToRun {
  readonly key: string
  readonly name: string
  readonly parts: readonly MixPart[]
  /** Its materials as its own tests found the whole; none where it was not tested. */
  readonly asTested: readonly Material[]
}

/** What stands ready to be compared. */
export interface CompareMixesPage {
  readonly mixes: readonly MixToRun[]
  readonly containers: readonly MixContainer[]
  readonly materials: readonly Material[]
  /** Keys of the mixes and numbers of the pots that the address asks for. */
  readonly chosenMixes: readonly string[]
  readonly chosenPots: readonly number[]
}
