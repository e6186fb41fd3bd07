import {
  type Amendment,
  type Dose,
  type DoseEvent,
  feedLeft,
  reservesIn,
  warmDays,
} from '../../core/chemistry'
import type { LedgerDose, LedgerKind } from '../../core/media'
import { weeklyTemperatures } from '../../core/season'
import { addDays, daysBetween } from '../../core/units'
import type { Lot } from '../../data/media'
import type { Site } from '../../data/site'
import { dayAt } from '../clock'
import type { Tables } from './lotFacts'

type Of = Pick<Tables, 'amendments' | 'timeZone' | 'today'>
/** Of a nursery's oldest lots; what went in before has set all free. */
const LONGEST_WEEKS = 520

/** What is packed, sinks or is counted anew keeps all that was weighed in. */
const KEEPS: readonly LedgerKind[] = ['packed', 'settled', 'recounted']

/** A lot's ledger as far as what was weighed in goes, oldest first. */
export function doseEvents(
  { ledger }: Pick<Lot, 'ledger'>,
  { amendments, timeZone, today }: Of,
): DoseEvent<Amendment>[] {
  const since = (day: string) => Math.max(0, daysBetween(day, today))
  // What was reversed never happened: what left by it is back, with all that was weighed in.
  const reversed = new Set(ledger.flatMap(({ reversesId }) => reversesId ?? []))
  const standing = ledger.filter(({ id, reversesId }) => reversesId === null && !reversed.has(id))
  return standing.map(({ at, kind, litres, doses }) => ({
    daysAgo: since(dayAt(timeZone, at)),
    litres,
    keeps: KEEPS.includes(kind),
    doses: doses.flatMap(({ amendmentId, grams, mixedOn }) => {
      const amendment = amendments.get(amendmentId)
      return amendment
        ? [{ amendment, grams, ...(mixedOn ? { daysAgo: since(mixedOn) } : {}) }]
        : []
    }),
  }))
}

/** Feed of earlier mixing that is still to come, g per L of what is in the lot, by the warmth there was since. */
export function feedLeftOf(
  events: readonly DoseEvent<Amendment>[],
  today: string,
  site: Pick<Site, 'climateByMonth'>,
): Dose[] {
  const monthlyMeanTempC = site.climateByMonth.map(({ tMinC, tMaxC }) => (tMinC + tMaxC) / 2)
  return feedLeft({
    events,
    warmDaysSince: (daysAgo, q10) => {
      const weeks = Math.min(LONGEST_WEEKS, Math.ceil(daysAgo / 7))
      if (weeks === 0) return 0
      const startDate = addDays(today, -daysAgo)
      const byWeek = warmDays(
        weeks,
        weeklyTemperatures({ monthlyMeanTempC, startDate, weeks }),
        q10,
      )
      // The last week is hardly ever whole.
      const whole = byWeek[weeks - 2] ?? 0
      const part = (daysAgo - 7 * (weeks - 1)) / 7
      return whole + ((byWeek[weeks - 1] ?? 0) - whole) * Math.min(1, part)
    },
  })
}

/** The same as it was on an earlier day. */
export function feedLeftOn(
  day: string,
  events: readonly DoseEvent<Amendment>[],
  today: string,
  site: Pick<Site, 'climateByMonth'>,
): Dose[] {
  const since = daysBetween(day, today)
  const before = events
    .filter(({ daysAgo }) => daysAgo > since)
    .map((event) => ({
      ...event,
      daysAgo: event.daysAgo - since,
      doses: event.doses.map((dose) =>
        dose.daysAgo === undefined ? dose : { ...dose, daysAgo: dose.daysAgo - since },
      ),
    }))
  return feedLeftOf(before, day, site)
}

/** What was ever weighed into so many litres of a lot, with the day it went in: it goes with them to another lot. */
export function dosesIn(
  litres: number,
  events: readonly DoseEvent<Amendment>[],
  today: string,
): LedgerDose[] {
  const found = reservesIn(events)
  if (!(found.litres > 0)) return []
  return found.reserves
    .filter(({ grams }) => grams > 0)
    .map(({ amendment, grams, daysAgo }) => ({
      amendmentId: amendment.id,
      grams: (grams * litres) / found.litres,
      mixedOn: addDays(today, -daysAgo),
    }))
}
