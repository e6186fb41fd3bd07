const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
]

/** The name of a month, counted from 0. */
export function monthName(index: number): string {
  return MONTHS[index] ?? ''
}
