import { readConfig } from './config'

/** The present moment, or the standing clock of tests and pictures. */
export function now(): Date {
  return readConfig().fixedNow ?? new Date()
}

/** The calendar day at the site, as an ISO date. */
export function dayAt(timeZone: string, at: Date): string {
  return new Intl.DateTimeFormat('en-CA', { timeZone, dateStyle: 'short' }).format(at)
}
