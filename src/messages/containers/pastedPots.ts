import Joi from 'joi'

export type PastedColumn =
  | 'code'
  | 'name'
  | 'place'
  | 'exposure'
  | 'shape'
  | 'top'
  | 'length'
  | 'base'
  | 'height'
  | 'gap'
  | 'count'
  | 'mix'
  | 'years'

/** A row of a pasted table, as it was understood. */
export interface PastedRow {
  /** In the table, headings counted. */
  readonly line: number
  readonly code: string
  readonly name: string
  readonly place: string
  readonly kind: 'round' | 'rectangular' | 'bowl' | null
  /** Filled to its gap, L; null where it is not known what it is. */
  readonly litres: number | null
  readonly count: number
  /** Name of the mix it is filled with; null where it is empty. */
  readonly mix: string | null
  /** Seasons the mix has served, as told. */
  readonly years: number | null
  /** What was left empty and taken as usual. */
  readonly assumed: readonly ('base' | 'length' | 'gap')[]
  readonly errors: readonly { readonly column: PastedColumn; readonly message: string }[]
}

export interface PastedTable {
  readonly columns: readonly PastedColumn[]
  readonly passedOver: readonly string[]
  readonly rows: readonly PastedRow[]
  /** Of the pots that were made; empty where it was only looked at, or a row is wrong. */
  readonly ids: readonly number[]
}

export interface PastedPots {
  readonly text: string
  /** Only look what it would come to. */
  readonly check: boolean
}

export const pastedPotsSchema = Joi.object<PastedPots>({
  text: Joi.string().max(200_000).required().label('The table').meta({ text: 'lines' }).messages({
    'any.required': 'Paste a table first',
    'string.empty': 'Paste a table first',
    'string.max': 'That is more than can be read at once: paste up to 500 rows',
  }),
  check: Joi.boolean().required().label('Only look'),
})
