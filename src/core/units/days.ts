import { DomainError } from '../errors'

/** Milliseconds of a day of 24 hours. */
export const DAY_MS = 86_400_000

/**
 * Calendar days added to an ISO date, whatever the zone.
 * @throws DomainError `bad-argument` for what is no date
 * @example addDays('2026-12-30', 5) // '2027-01-04'
 */
export function addDays(isoDate: string, days: number): string {
  const at = dateOf(isoDate)
  at.setUTCDate(at.getUTCDate() + days)
  return at.toISOString().slice(0, 10)
}

/**
 * Calendar months added to an ISO date, kept inside the month: a month after 31 January is the last of February. Parts of
 * a month count as 30 days to the month, rounded up.
 * @throws DomainError `bad-argument` for what is no date
 * @example addMonths('2026-01-31', 1) // '2026-02-28'
 */
export function addMonths(isoDate: string, months: number): string {
  const at = dateOf(isoDate)
  const day = at.getUTCDate()
  const whole = Math.floor(months)
  at.setUTCDate(1)
  at.setUTCMonth(at.getUTCMonth() + whole)
  const last = new Date(Date.UTC(at.getUTCFullYear(), at.getUTCMonth() + 1, 0)).getUTCDate()
  at.setUTCDate(Math.min(day, last))
  return addDays(at.toISOString().slice(0, 10), Math.ceil((months - whole) * 30))
}

/**
 * Whole days from one ISO date to another; negative where it lies before.
 * @throws DomainError `bad-argument` for what is no date
 * @example daysBetween('2026-03-01', '2026-04-15') // 45
 */
export function daysBetween(from: string, to: string): number {
  return Math.round((dateOf(to).getTime() - dateOf(from).getTime()) / DAY_MS)
}

function dateOf(isoDate: string): Date {
  const at = new Date(`${isoDate}T00:00:00Z`)
  if (Number.isNaN(at.getTime())) {
    throw new DomainError('bad-argument', `"${isoDate}" is not a date.`)
  }
  return at
}
