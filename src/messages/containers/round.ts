import Joi from 'joi'
import type { ProblemChoice } from '../media/found'
import { id, line } from '../rules'
import type { FoundPot } from './potViews'

/** A pot as one comes by it. */
export interface RoundPot extends Pick<FoundPot, 'id' | 'code' | 'name' | 'place'> {
  /** What grows in it, by name. */
  readonly crops: readonly string[]
}

export interface RoundQuery {
  readonly place?: string
  readonly pot?: number
}

/** All that a round needs, so that it goes on without a connection. */
export interface RoundPage {
  readonly asked: RoundQuery
  /** Those a mix stands in, by place and code. */
  readonly pots: readonly RoundPot[]
  readonly problems: readonly ProblemChoice[]
}

export const roundQuerySchema = Joi.object<RoundQuery>({
  place: line('The place', 80),
  pot: id('The pot'),
}).unknown()
