import Joi from 'joi'
import { NO_LOOK, type PotLook, type RootMass, type TriageAnswer } from '../../core/recondition'
import type { FoundPot } from '../containers/potViews'
import type { FoundView, ProblemChoice } from '../media/found'
import { id, ids, key, lines, MOST_CHOSEN } from '../rules'

/** What was found in one pot. */
export interface PotFound {
  readonly potId: number
  /** How far its surface has sunk, cm; null where nobody looked. */
  readonly drop: number | null
  readonly roots: RootMass
  readonly side: 'yes' | 'no'
  readonly problems: readonly string[]
  readonly note: string
  readonly look: PotLook
  /** Its mix is parted from the other pots of its lot: what is found in it is its own. */
  readonly part: boolean
}

export interface ManyFound {
  readonly pots: readonly PotFound[]
}

const lookSchema = Joi.object<PotLook>({
  smell: Joi.string().valid('earth', 'sour').allow(null).default(null).label('The smell'),
  life: Joi.string().valid('much', 'little').allow(null).default(null).label('The life in it'),
  mulchCm: Joi.number().min(0).max(50).default(0).label('What lies on top in cm'),
  years: Joi.number().min(0).max(100).allow(null).default(null).label('The years in use'),
  drains: Joi.boolean().default(true).label('Whether it drains'),
  debris: Joi.string()
    .valid('left', 'compost', 'bin')
    .default('left')
    .label('Where the debris went'),
}).label('What was seen')

export const manyFoundSchema = Joi.object<ManyFound>({
  pots: Joi.array()
    .items(
      Joi.object<PotFound>({
        potId: id('The container').required(),
        drop: Joi.number().min(0).max(300).allow(null).required().label('The level drop in cm'),
        roots: Joi.string()
          .valid('fine', 'dense', 'bound', 'woody')
          .required()
          .label('The root mass'),
        side: Joi.string().valid('yes', 'no').required().label('Water running down the side'),
        problems: Joi.array()
          .items(key('What you saw'))
          .max(20)
          .unique()
          .default([])
          .label('What you saw'),
        note: lines('The note', 300).allow('').default(''),
        look: lookSchema.default(NO_LOOK),
        part: Joi.boolean().default(false).label('Whether its mix is parted'),
      }),
    )
    .min(1)
    .max(MOST_CHOSEN)
    .unique('potId')
    .required()
    .label('The containers')
    .messages({
      'array.min': 'Choose at least one container',
      'any.required': 'Choose at least one container',
      'array.unique': 'Say what was found once for each container',
    }),
})

export interface ManyFoundAnswer {
  readonly lots: readonly {
    readonly id: number
    readonly name: string
    readonly verdict: TriageAnswer
  }[]
}

/** Pots by their numbers, as "3,4"; what is no number is left out. */
export interface ManyFoundQuery {
  readonly pots?: string
}

export const manyFoundQuerySchema = Joi.object<ManyFoundQuery>({
  pots: ids('The containers', MOST_CHOSEN),
}).unknown()

/** A pot whose season is over, with what is known of it already. */
export interface WaitingPot extends Pick<FoundPot, 'id' | 'code' | 'name' | 'place'> {
  readonly lotId: number
  readonly lotName: string
  /** Other pots that hold the same mix. */
  readonly sharedWith: readonly string[]
  readonly lastCropName: string | null
  /** What the ledger lets expect, cm. */
  readonly expectedDropCm: number
  /** What tests and the log told already, the worst first. */
  readonly known: readonly FoundView[]
  /** What an earlier look told; null where nobody looked since its mix was made. */
  readonly answers: {
    readonly drop: number | null
    readonly roots: RootMass
    readonly side: 'yes' | 'no'
    readonly look: PotLook
    readonly on: string
  } | null
  /** Seasons its mix is in use by the ledger. */
  readonly innings: number
}

export interface ManyFoundPage {
  readonly pots: readonly WaitingPot[]
  readonly chosen: readonly number[]
  readonly problems: readonly ProblemChoice[]
}
