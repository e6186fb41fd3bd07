import type { HouseholdMeasures } from '../core/units'

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
