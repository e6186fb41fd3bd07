import { TZDate } from '@date-fns/tz'
import { addDays, addHours } from 'date-fns'
import { timeOfDay } from './timeOfDay'

/** Half a day, and the hour by which one of summer time may differ. */
const FURTHEST_MS = 13 * 3_600_000

/**
 * The moment at which a clock at the site showed the time that was typed, the nearest to the one given: a second after
 * midnight is not a day before, and an hour that summer time repeats is the one meant. null for what is no time.
 */
export function withTimeOfDay(at: string, typed: string, timeZone: string): string | null {
  const time = readTime(typed)
  if (!time) return null
  const given = new TZDate(at, timeZone)
  const shown = [-1, 0, 1].flatMap((days) => {
    const there = addDays(given, days)
    there.setHours(time.hours, time.minutes, time.seconds, given.getMilliseconds())
    // Of an hour that comes twice, the calendar names one.
    return [addHours(there, -1), there, addHours(there, 1)]
  })
  const wanted = `${two(time.hours)}:${two(time.minutes)}:${two(time.seconds)}`
  const apart = (moment: Date) => Math.abs(moment.getTime() - given.getTime())
  const fitting = shown.filter(
    (moment) =>
      timeOfDay(moment.toISOString(), timeZone) === wanted && apart(moment) <= FURTHEST_MS,
  )
  const [nearest] = fitting.sort((a, b) => apart(a) - apart(b))
  return nearest ? new Date(nearest.getTime()).toISOString() : null
}

function readTime(text: string) {
  const found = /^\s*(\d{1,2}):(\d{2}):(\d{2})\s*$/.exec(text)
  if (!found) return null
  const [hours, minutes, seconds] = found.slice(1).map(Number) as [number, number, number]
  return hours < 24 && minutes < 60 && seconds < 60 ? { hours, minutes, seconds } : null
}

function two(value: number): string {
  return String(value).padStart(2, '0')
}
