import type { Crop } from '../../core/chemistry'
import type { ContainerShape } from '../../core/containers'
import type { Exposure, HowPlanted, PotLogKind } from '../../core/season'
import type { Why } from '../../core/why'
import type { ListPart } from '../list'
import type { ProblemChoice, TriageView } from '../media/found'
import type { InningsMark, LotFamily } from '../media/lotViews'
import type { PotView } from '../media/potViews'
import type { TrialLink } from '../trials/trialViews'
import type { FillChoices } from './fillPot'
import type { GoingOn } from './goingOn'
import type { PotState, PotsQuery } from './pots'

/** A container as lists are narrowed and sorted by. */
export interface FoundPot {
  readonly id: number
  readonly code: string
  readonly name: string
  readonly place: string
  readonly litres: number
  readonly shape: ContainerShape
  readonly exposure: Exposure
  readonly lotId: number | null
  readonly lotName: string | null
  readonly state: PotState
  /** What grows in it now. */
  readonly plantings: readonly { readonly cropName: string; readonly since: string }[]
}

export interface PotRow extends FoundPot {
  /** Cut open, after draining; null where nothing stands in it. */
  readonly section: PotView | null
  /** Seasons of the mix in it. */
  readonly innings: readonly InningsMark[]
}

export interface PotsPage {
  readonly asked: PotsQuery
  readonly part: ListPart
  readonly places: readonly string[]
  readonly counts: Readonly<Record<PotState, number>>
  /** Lots that stand in pots here and ask for a turnover, or for help while something grows in them. */
  readonly tiredLots: number
  readonly rows: readonly PotRow[]
  readonly crops: readonly CropName[]
}

export interface CropName extends Pick<Crop, 'id' | 'name' | 'rotationGroup'> {}

export interface PlantingView {
  readonly id: number
  readonly cropName: string
  readonly cultivar: string | null
  readonly how: HowPlanted
  readonly count: number | null
  readonly startedOn: string
  readonly endedOn: string | null
  readonly growth: number | null
  readonly harvestG: number | null
  readonly endedWhy: string | null
  readonly note: string | null
  readonly despite: string | null
  /** The lot it grew in. */
  readonly lotId: number
  readonly lotName: string
  /** Only its year is known. */
  readonly yearOnly: boolean
  /** Its end can be taken back. */
  readonly canReopen: boolean
  /** The pot the same plants stood in before, and when they first went in. */
  readonly movedFrom: {
    readonly id: number
    readonly code: string
    readonly firstOn: string
  } | null
  /** The pot they go on in. */
  readonly movedTo: { readonly id: number; readonly code: string } | null
}

export interface LogView {
  readonly id: number
  readonly on: string
  readonly kind: PotLogKind
  readonly value: number | null
  readonly problemName: string | null
  /** Of a photo, its number. */
  readonly photoId: number | null
  readonly note: string | null
}

/** What would change least for a pot that was seen too wet or too dry again. */
export interface TroubleWays {
  readonly kind: 'wet' | 'dry'
  readonly times: number
  /** It was seen in last, counted from 0. */
  readonly month: number
  /** It lasts in that month; null where nothing is lost. */
  readonly days: number | null
  /** Of its mix in it after draining. */
  readonly air: number | null
  readonly place: { readonly name: string; readonly days: number } | null
  /** An empty one of the garden; its value is air where it stays wet, days where it dries too fast. */
  readonly pot: {
    readonly id: number
    readonly code: string
    readonly name: string
    readonly litres: number
    readonly value: number
  } | null
  /** Of the same form, where no empty one does it. */
  readonly size: {
    readonly shape: ContainerShape
    readonly litres: number
    readonly value: number
  } | null
}

export interface PotPage
  extends Pick<FoundPot, 'id' | 'shape' | 'exposure' | 'code' | 'name' | 'place' | 'litres'> {
  /** Of an empty pot: what it can be filled from; null where a mix stands in it. */
  readonly fill: FillChoices | null
  /** Where plants grow: what they can go on with. */
  readonly goingOn: GoingOn | null
  /** That stood in its mix this season and last. */
  readonly families: readonly LotFamily[]
  readonly version: number
  /** Of an inert filler on its base, 0 where there is none. */
  readonly fillerCm: number
  readonly headspaceCm: number
  /** All places of the garden. */
  readonly places: readonly string[]
  readonly lot: {
    readonly id: number
    readonly name: string
    readonly litres: number
    readonly innings: readonly InningsMark[]
    /** From when it can be planted, where it still rests. */
    readonly readyOn: string | null
    readonly openOrderId: number | null
  } | null
  readonly section: PotView | null
  /** With its plants full-grown and the weather of this month; null where nothing grows or nothing is lost. */
  readonly water: {
    /** Counted from 0. */
    readonly month: number
    readonly days: number
    readonly low: number
    readonly high: number
    readonly wetKg: number
    readonly thirstyKg: number
    readonly why: { readonly days: Why; readonly weight: Why }
  } | null
  readonly growing: readonly PlantingView[]
  readonly past: readonly PlantingView[]
  readonly log: readonly LogView[]
  /** What was seen once since its mix was made: that may be the weather. */
  readonly seenOnce: TroubleWays['kind'] | null
  /** Where it was seen too wet or too dry again since its mix was made. */
  readonly ways: TroubleWays | null
  readonly crops: readonly CropName[]
  readonly problems: readonly ProblemChoice[]
  readonly triage: TriageView | null
  /** It is scored blind in a trial: what is in it is not told here. */
  readonly isBlind: boolean
  /** That go on in it. */
  readonly trials: readonly TrialLink[]
}
