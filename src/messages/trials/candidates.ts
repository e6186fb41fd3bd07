import Joi from 'joi'
import { id, key, line } from '../rules'

/** Which candidates are held against each other, where, for what, and by what they are put in order. */
export interface CandidatesQuery {
  /** Keys with commas: "mix:3,material:bagged,lot:12". */
  readonly of?: string
  /** The container that the pot is taken from. */
  readonly pot?: number
  /** A crop, or "none". */
  readonly crop?: string
  /** A criterion, or "trial:4". */
  readonly by?: string
}

export const candidatesQuerySchema = Joi.object<CandidatesQuery>({
  of: line('The candidates', 500).allow(''),
  pot: id('The pot'),
  crop: key('The crop'),
  by: key('What matters most'),
}).unknown()
