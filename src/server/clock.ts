import { TZDate } from '@date-fns/tz'
import { format } from 'date-fns'
import { readConfig } from './config'

/** The present moment, or the standing clock of tests and pictures. */
export function now(): Date {
  return readConfig().fixedNow ?? new Date()
}

/** The calendar day at the site, as an ISO date. */
export function dayAt(timeZone: string, at: Date): string {
  return format(new TZDate(at, timeZone), 'yyyy-MM-dd')
}
