/** How often something is given, as people say it. */
export function howOften(perWeek: number): string {
  if (perWeek < 1) return 'every other week'
  if (perWeek === 1) return 'once a week'
  return perWeek === 2 ? 'twice a week' : `${perWeek} times a week`
}
