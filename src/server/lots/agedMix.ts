import { warmDays } from '../../core/chemistry'
import { ageMedia, type Component, HUMIFIED_FINES, withMeasuredWater } from '../../core/media'
import { ecWithoutStarter, seasonsServed } from '../../core/recondition'
import { weeklyTemperatures } from '../../core/season'
import { addDays, daysBetween } from '../../core/units'
import type { LotCard } from '../../data/media'
import { dayAt } from '../clock'
import type { CardFacts, Tables } from './lotFacts'
import { isNeverPlanted, sharesOf } from './lotParts'

const DAYS_PER_MONTH = 30.4
const DAYS_A_YEAR = 365
/** Of a nursery's oldest lots: older than that a mix changes no more that anybody could tell. */
const MOST_WEEKS = 520
/** Shorter than this it has not changed. */
const LEAST_DAYS = 7
const FINES = 'humified-fines'

export interface AgedMix {
  readonly components: readonly Component[]
  /** Seasons it has served, where it was not worked over since. */
  readonly seasons: number
  /** It changed since it was filled or worked out: what it was then does not tell its air any more. */
  readonly isAged: boolean
}

/**
 * A mix as it is by now: aged since it was filled, or since it was last worked out, by what is known and was told of it. An
 * estimate: tests come before it.
 * @param components as its ledger has them
 * @param sunkShare how far its surface lies below its fill, as a share of that; null where nobody looked
 */
export function agedMix(
  lot: LotCard,
  components: readonly Component[],
  sunkShare: number | null,
  tables: Tables,
): AgedMix {
  if (components.length === 0) return { components, seasons: 0, isAged: false }
  if (lot.carried) {
    const served = new Map(lot.carried.served?.map(({ materialId, days }) => [materialId, days]))
    const before = components.map((one) => ({
      ...one,
      servedDays: served.get(one.material.id) ?? 0,
    }))
    const made = dayAt(tables.timeZone, laterOf(lot.mixedAt, lot.createdAt))
    const days = warmDaysSince(made, tables)
    if (days < LEAST_DAYS) return { components: before, seasons: 0, isAged: false }
    const shifted = withMeasuredWater(sharesOf(before), lot.carried)
    const total = components.reduce((sum, { parts }) => sum + parts, 0)
    const asMixed = shifted.map((one, at) => ({
      ...one,
      parts: one.parts * total,
      measured: components[at]?.measured ?? {},
    }))
    return { components: aged(asMixed, days, tables), seasons: 0, isAged: true }
  }
  const yearDays = warmDaysSince(addDays(tables.today, -DAYS_A_YEAR), tables)
  const yearMeanTempC = 20 + 10 * Math.log2(yearDays / DAYS_A_YEAR)
  const humifiedFines = finesOf(tables)
  const yearsServed = lot.looked?.years ?? lot.yearsTold
  const seasons = seasonsServed(
    {
      years: yearsServed,
      seasons: lot.innings.length,
      roots: lot.looked?.roots ?? null,
      life: lot.looked?.life ?? null,
      sunkShare,
    },
    { components, yearMeanTempC, humifiedFines },
  )
  const isNew = isNeverPlanted(lot) && !(seasons > 0)
  if (isNew) return { components, seasons: 0, isAged: false }
  const spent = components.map(withoutStarter)
  const toldAt = lot.looked?.years == null ? lot.createdAt : lot.looked.at
  const start = lot.innings[0]?.startedOn ?? dayAt(tables.timeZone, lot.createdAt)
  const days =
    yearsServed === null
      ? Math.max(warmDaysSince(start, tables), seasons * yearDays)
      : yearsServed * yearDays + warmDaysSince(dayAt(tables.timeZone, toldAt), tables)
  // Its decay was written into its ledger: only what it gives is less.
  const isBooked = components.some(({ material }) => material.id === FINES)
  if (isBooked || days < LEAST_DAYS) {
    const served = spent.map((one) => ({ ...one, servedDays: days }))
    return { components: served, seasons, isAged: false }
  }
  return { components: aged(spent, days, tables), seasons, isAged: true }
}

/** The same litres of it: what has gone was counted where somebody looked. */
function aged(components: readonly Component[], days: number, tables: Tables): Component[] {
  const total = components.reduce((sum, { parts }) => sum + parts, 0)
  const old = ageMedia({
    components,
    months: days / DAYS_PER_MONTH,
    meanTempC: 20,
    humifiedFines: finesOf(tables),
  }).components
  const left = old.reduce((sum, { parts }) => sum + parts, 0)
  return old.map((one) => ({
    ...one,
    parts: (one.parts * total) / left,
    // What rot has made brings no starter charge either.
    measured: one.measured ?? { starterNMgPerL: 0 },
  }))
}

function withoutStarter(component: Component): Component {
  const { material, measured } = component
  return {
    ...component,
    measured: { ...measured, starterNMgPerL: 0, ec1to2: ecWithoutStarter(material) },
  }
}

function finesOf({ materials }: Pick<Tables, 'materials'>) {
  return materials.get(FINES) ?? HUMIFIED_FINES
}

function laterOf(one: Date | null, other: Date): Date {
  return one && one > other ? one : other
}

/** Days at 20 °C since an ISO day, by the months of the site. */
function warmDaysSince(day: string, { today, site }: Pick<Tables, 'today' | 'site'>): number {
  const days = daysBetween(day, today)
  const weeks = Math.min(MOST_WEEKS, Math.ceil(days / 7))
  if (!(weeks > 0)) return 0
  const monthlyMeanTempC = site.climateByMonth.map(({ tMinC, tMaxC }) => (tMinC + tMaxC) / 2)
  const byWeek = warmDays(weeks, weeklyTemperatures({ monthlyMeanTempC, startDate: day, weeks }))
  return ((byWeek[weeks - 1] ?? 0) * Math.min(days, 7 * weeks)) / (7 * weeks)
}

/** How far the surface was seen below the fill, as a share of it. */
export function sunkShareOf(
  { looked }: Pick<LotCard, 'looked'>,
  container: CardFacts['container'],
): number | null {
  if (looked?.dropCm == null || !container) return null
  return Math.min(0.9, Math.max(0, looked.dropCm / container.fillHeightCm))
}
