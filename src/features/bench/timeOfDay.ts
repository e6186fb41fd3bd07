/** Hours, minutes and seconds of a moment in the site's zone: 10:04:30. */
export function timeOfDay(at: string, timeZone: string): string {
  return new Intl.DateTimeFormat('en-GB', {
    timeZone,
    hour: '2-digit',
    minute: '2-digit',
    second: '2-digit',
  }).format(new Date(at))
}

/**
 * The same day at another time of day, as it was typed; null for what is no time. A moment moves by the difference, so
 * that the zone's own offset does not matter.
 */
export function withTimeOfDay(at: string, typed: string, timeZone: string): string | null {
  const wanted = secondsOf(typed)
  const present = secondsOf(timeOfDay(at, timeZone))
  if (wanted === null || present === null) return null
  return new Date(Date.parse(at) + 1000 * (wanted - present)).toISOString()
}

function secondsOf(text: string): number | null {
  const found = /^\s*(\d{1,2}):(\d{2}):(\d{2})\s*$/.exec(text)
  if (!found) return null
  const [hours, minutes, seconds] = found.slice(1).map(Number) as [number, number, number]
  return hours < 24 && minutes < 60 && seconds < 60 ? 3600 * hours + 60 * minutes + seconds : null
}
