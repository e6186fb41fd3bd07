import Joi from 'joi'
import { listFields } from '../list'
import { id, LARGEST_LITRES, line, lines, SMALLEST_LITRES } from '../rules'

/** Litres of a lot that go to another one, or become a lot of their own. */
export interface TransferBody {
  /** null: all there is. */
  readonly litres: number | null
  readonly to:
    | { readonly kind: 'lot'; readonly lotId: number }
    | {
        readonly kind: 'new'
        readonly name: string
        /** Empty pots it goes into; none: into the store. */
        readonly containerIds: readonly number[]
        readonly storeBin: string
      }
  readonly note: string
  /** Why they come together although something found speaks against it; empty where nothing does. */
  readonly despite: string
}

export interface TransferAnswer {
  readonly id: number
  readonly toLotId: number
  readonly litres: number
}

export const transferSchema = Joi.object<TransferBody>({
  litres: Joi.number()
    .min(SMALLEST_LITRES)
    .max(LARGEST_LITRES)
    .allow(null)
    .required()
    .label('The litres')
    .messages({
      'number.base': 'Say how much, such as 12 L',
      'any.required': 'Say how much, such as 12 L',
      'number.min': 'Say how much, such as 12 L',
    }),
  to: Joi.alternatives()
    .conditional('.kind', {
      switch: [
        {
          is: 'lot',
          then: Joi.object({
            kind: Joi.valid('lot').required(),
            lotId: id('The lot').required().messages({
              'any.required': 'Choose the lot it goes to',
              'number.min': 'Choose the lot it goes to',
            }),
          }),
        },
        {
          is: 'new',
          then: Joi.object({
            kind: Joi.valid('new').required(),
            name: line('The name', 80).required().messages({
              'string.empty': 'Give the new lot a name',
              'any.required': 'Give the new lot a name',
            }),
            containerIds: Joi.array().items(id('The pot')).max(200).unique().required(),
            storeBin: line('The place in the store', 80).allow('').default(''),
          }),
        },
      ],
      otherwise: Joi.forbidden().messages({ 'any.unknown': 'Choose where it goes' }),
    })
    .required()
    .messages({ 'any.required': 'Choose where it goes' }),
  note: lines('The note', 500).allow('').default(''),
  despite: line('The reason', 300).allow('').default(''),
})

/** Where a whole lot goes. */
export interface MoveBody {
  /** Empty pots; none: into the store. */
  readonly containerIds: readonly number[]
  readonly storeBin: string
  /** What becomes of litres that do not go in; refused where it is left out. */
  readonly rest?: 'store'
}

export interface MoveAnswer {
  /** Where it stood. */
  readonly before: { readonly containerIds: readonly number[]; readonly storeBin: string }
  /** The lot that took what did not go in. */
  readonly restId: number | null
}

export const moveSchema = Joi.object<MoveBody>({
  containerIds: Joi.array().items(id('The pot')).max(200).unique().required().label('The pots'),
  storeBin: line('The place in the store', 80).allow('').default(''),
  rest: Joi.string().valid('store'),
})

/** Where litres of a lot can go. */
export interface TransferTargets {
  readonly lots: readonly {
    readonly id: number
    readonly name: string
    readonly where: string
    readonly litres: number
    /** What its pots hold when filled; null in a store bin. */
    readonly roomLitres: number | null
  }[]
  readonly lotsTotal: number
  /** That stand empty. */
  readonly pots: readonly {
    readonly id: number
    readonly code: string
    readonly name: string
    readonly place: string
    readonly litres: number
  }[]
}

export interface TargetsQuery {
  readonly find?: string
}

export const targetsQuerySchema = Joi.object<TargetsQuery>({ find: listFields.find })
