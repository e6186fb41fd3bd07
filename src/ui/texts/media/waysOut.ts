const times = (count: number) => (count === 2 ? 'twice' : `${count} times`)

/** What the second time of the same trouble asks for, the smallest change first. */
export const waysOut = {
  once: {
    wet: 'Stayed wet, once: that may be the weather. Water when a finger’s depth is dry; seen again three days later or more, what would help stands here.',
    dry: 'Dried out too fast, once: that may be the weather. Seen again three days later or more, what would help stands here.',
  },
  title: (kind: 'wet' | 'dry', count: number) =>
    kind === 'wet'
      ? `It stayed wet ${times(count)}. What would help, the smallest change first:`
      : `It dried out too fast ${times(count)}. What would help, the smallest change first:`,
  wait: (month: string, days: string) =>
    `Water it later: in ${month} it lasts about ${days} before it is thirsty.`,
  water: (month: string, days: string) =>
    `Water it before that: in ${month} it lasts about ${days}. Where it does not even last so long, water runs past instead of soaking in:`,
  toTests: 'a wetting test tells',
  place: (kind: 'wet' | 'dry', name: string, days: string, now: string) =>
    kind === 'wet'
      ? `Put it at ${name}: there it is thirsty after about ${days} instead of ${now}.`
      : `Put it at ${name}: there it lasts about ${days} instead of ${now}.`,
  noPlace: 'Another place does not help: none of this garden changes enough.',
  pot: (code: string) => `Pot it into ${code}`,
  potThen: (litres: string, then: string) => `, which is empty and holds ${litres}: ${then}`,
  size: (kind: 'wet' | 'dry', lengths: string, litres: string, then: string) =>
    kind === 'wet'
      ? `Take a taller pot, ${lengths} (${litres}): ${then}`
      : `Take a larger pot, ${lengths} (${litres}): ${then}`,
  air: (air: string, now: string) => `the mix holds ${air} air in it instead of ${now}.`,
  lasts: (days: string, now: string) => `it lasts about ${days} instead of ${now}.`,
  noPot: {
    wet: 'A taller pot does not help enough: it is the mix.',
    dry: 'A larger pot does not help enough: it is the mix or the place.',
  },
  mix: 'What the mix can do waits in its next recipe:',
  toRecipe: 'turn it over',
  why: (month: string) =>
    `Worked out from its mix, its size and the usual weather of ${month}, with its plants full-grown: good to compare by, up to 1.6 times out.`,
  days: (days: string) => `${days} days`,
}
