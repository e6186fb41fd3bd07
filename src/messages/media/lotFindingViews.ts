import type { TriageAction, TriageAnswer } from '../../core/recondition'

/** The one sentence about a lot: which one it is and the numbers in it. */
export type LotFinding =
  | {
      readonly kind: 'order-open'
      readonly done: number
      readonly steps: number
      readonly orderId: number
    }
  | {
      readonly kind: 'air-short'
      readonly air: number
      readonly airMin: number
      readonly cropName: string
      /** Something grows in it: it cannot be opened up before it is turned over. */
      readonly isGrowing?: true
    }
  | {
      readonly kind: 'ph-off'
      readonly ph: number
      readonly low: number
      readonly high: number
      readonly cropName: string
      /** Left out where nothing by the gram brings it back. */
      readonly deed?: PhDeed
    }
  | {
      readonly kind: 'salty'
      readonly ecSme: number
      readonly ecMax: number
      readonly cropName: string
      /** Water that washes it down, for all of the lot, L; left out where this garden's water is as salty. */
      readonly washLitres?: number
    }
  | {
      /** Something that lives or lies in it. */
      readonly kind: 'found'
      readonly problemName: string
      readonly verdict: TriageAnswer
      /** What is done about it, where that is all that is asked. */
      readonly actions?: readonly TriageAction[]
      /** ISO day. */
      readonly on: string
      /** Where it came from, and the share of this lot that did; left out where it was found in this lot. */
      readonly from?: { readonly name: string; readonly share: number }
    }
  | {
      /** Found in a lot that mix of this one went to before. */
      readonly kind: 'look-for'
      readonly problemName: string
      readonly from: string
      /** ISO day. */
      readonly on: string
    }
  | {
      /** It rests, or somebody keeps it apart. */
      readonly kind: 'held'
      readonly why: 'rest' | 'quarantine'
      /** ISO day. */
      readonly until: string
    }
  | {
      /** Used all the same, against what was found. */
      readonly kind: 'overridden'
      readonly verdict: TriageAnswer
      readonly reason: string
      /** ISO day. */
      readonly on: string
    }
  | {
      /** Something was seen of which nobody said what it is. */
      readonly kind: 'asks'
      readonly what: 'grubs'
      /** ISO day. */
      readonly on: string
    }
  | { readonly kind: 'level-down'; readonly litres: number; readonly room: number }
  | { readonly kind: 'season-over'; readonly cropName: string }
  | { readonly kind: 'growing'; readonly cropName: string; readonly air: number }
  | {
      readonly kind: 'ready'
      readonly cropName: string
      readonly on: string
      readonly isReady: boolean
    }
  | { readonly kind: 'in-store'; readonly bin: string }
  | { readonly kind: 'unplanted'; readonly servedYears: number | null }
  | { readonly kind: 'empty' }

/** What is wrong with a lot. */
export type LotFault = Extract<
  LotFinding,
  {
    readonly kind:
      | 'found'
      | 'asks'
      | 'look-for'
      | 'held'
      | 'overridden'
      | 'air-short'
      | 'ph-off'
      | 'salty'
      | 'level-down'
  }
>

/** What is weighed in for all of a lot. */
export interface PhDeed {
  readonly name: string
  readonly grams: number
  /** Something grows in it: scattered on top and watered in. */
  readonly wateredIn: boolean
}
