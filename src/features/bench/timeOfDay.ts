const formats = new Map<string, Intl.DateTimeFormat>()

/** Hours, minutes and seconds of a moment in the site's zone: 10:04:30. */
export function timeOfDay(at: string, timeZone: string): string {
  const format =
    formats.get(timeZone) ??
    // As it is typed when it is corrected, whatever the language.
    new Intl.DateTimeFormat('en-GB', { timeZone, timeStyle: 'medium', hourCycle: 'h23' })
  formats.set(timeZone, format)
  return format.format(new Date(at))
}
