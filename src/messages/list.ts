import Joi from 'joi'
import { ids, line, MOST_CHOSEN } from './rules'

/** What every list may be asked for by its address. */
export interface ListQuery {
  /** Words that must all be found. */
  readonly find?: string
  /** Counted from 1. */
  readonly page?: number
}

/** Which part of a list a page shows. */
export interface ListPart {
  readonly page: number
  readonly pageRows: number
  /** Rows that fit what was asked for, on all pages. */
  readonly total: number
}

export const listFields = {
  find: line('What to find', 80).allow(''),
  page: Joi.number().integer().min(1).max(100_000).label('The page'),
}

/** Names of columns as an address carries them: "litres,air". */
export function columnsField(names: readonly string[]): Joi.StringSchema {
  const list = new RegExp(`^(?:${names.join('|')})(?:,(?:${names.join('|')}))*$`)
  return Joi.string()
    .pattern(list)
    .max(400)
    .label('The columns')
    .meta({ text: 'key' })
    .messages({ 'string.pattern.base': 'There is no such column' })
}

/** Rows of a list that are asked for by their numbers, as "3,4". */
export interface RowsAsked {
  readonly ids: string
}

export function rowsAskedSchema(label: string): Joi.ObjectSchema<RowsAsked> {
  return Joi.object<RowsAsked>({ ids: ids(label, MOST_CHOSEN).required() })
}

/** Those of the rows asked for that still stand in their list, and the litres each has or holds. */
export interface StandingRows {
  readonly rows: readonly { readonly id: number; readonly litres: number }[]
}
