import Joi from 'joi'
import type { FindingKind } from '../../core/bench'
import type { LotTriage, Treatment, TriageChange, TriageRule } from '../../core/recondition'
import { id, key, lines } from '../rules'
import type { LotParams } from './lots'

/** What was found in a lot, as pages show it. */
export interface FoundView {
  readonly kind: FindingKind | 'problem'
  readonly state: 'clear' | 'known' | 'trouble'
  readonly problemName: string | null
  readonly numbers: Readonly<Record<string, number>>
  readonly word: string | null
  readonly families: readonly string[]
  /** ISO day. */
  readonly on: string
  readonly testId: number | null
  /** Of what somebody saw; null for what a test found. */
  readonly seenId: number | null
  readonly note: string | null
  /** Of what was found in another lot and reaches this one; null for its own. */
  readonly from: {
    readonly lotId: number
    readonly name: string
    readonly share: number
    readonly certainty: 'carried' | 'look'
  } | null
}

/** What may become of a lot, with the names of what it is because of. */
export interface TriageView extends Omit<LotTriage, 'reasons'> {
  readonly reasons: readonly { readonly problemName: string; readonly rule: TriageRule }[]
}

/** What was done with a lot and decided of it, newest first, and what changed by that and by the calendar. */
export interface TriageStory {
  readonly treatments: readonly Omit<Treatment, 'at' | 'problemIds'>[]
  readonly changes: readonly (TriageChange & { readonly problemName: string | null })[]
  /** It stands in pots: it has a top. */
  readonly isInPots: boolean
}

/** A problem that can be looked up by its name and signs. */
export interface ProblemChoice {
  readonly id: string
  readonly name: string
  readonly signs: string
  /** Where what is ill of the plant goes: "bin" or "compost". */
  readonly debrisTo: string | null
}

export interface NewFound {
  readonly problemId: string
  readonly note?: string
}

export const newFoundSchema = Joi.object<NewFound>({
  problemId: key('What you saw').required().messages({
    'any.required': 'Choose what you saw from the list',
    'string.empty': 'Choose what you saw from the list',
  }),
  note: lines('The note', 500).allow(''),
})

export interface FoundParams extends LotParams {
  readonly findingId: number
}

export const foundParamsSchema = Joi.object<FoundParams>({
  id: id('The number of the lot').required(),
  findingId: id('The number of the finding').required(),
})

export interface FoundCounts {
  readonly counts: boolean
}

export const foundCountsSchema = Joi.object<FoundCounts>({
  counts: Joi.boolean().required().label('Whether it counts'),
})
