import Joi from 'joi'
import type { HouseholdMeasures } from '../../core/units'
import { version, zone } from '../rules'

/** What every page knows of the site: how to write numbers, days and money, and what day it is there. */
export interface SiteView {
  readonly name: string
  readonly locale: string
  readonly timeZone: string
  readonly unitSystem: 'metric' | 'us'
  readonly currency: string | null
  readonly measures: HouseholdMeasures
  /** ISO date at the site. */
  readonly today: string
}

/** A day on which no copy of the garden could be taken. */
export interface MissedCopy {
  /** ISO date at the site. */
  readonly day: string
  /** Of the disk, as it is written; null where it was not for want of room. */
  readonly room: { readonly free: string; readonly needed: string } | null
  /** It was taken, and could not be brought to the second folder. */
  readonly isHere: boolean
}

/** Rows that nobody can have removed and that are not there any more. */
export interface LostRowsView {
  /** Of the copy that holds them, by which it is put back. */
  readonly copy: string
  readonly tables: readonly {
    readonly table: string
    readonly now: number
    readonly before: number
  }[]
}

/** Where on the globe the pots stand, as far as days, times and the growing year go. */
export interface SitePlace {
  readonly timeZone: string
  readonly southern: boolean
  readonly version: number
}

/** How the salt meter counts ppm. */
export interface PpmFactor {
  readonly ppmPerDsM: number
}

export const ppmFactorSchema = Joi.object<PpmFactor>({
  ppmPerDsM: Joi.number().min(400).max(800).required().label('The ppm for 1 mS/cm'),
})

export const sitePlaceSchema = Joi.object<SitePlace>({
  timeZone: zone('The time zone').required(),
  southern: Joi.boolean().required(),
  version: version(),
})
