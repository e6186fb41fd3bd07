export const site = {
  title: 'Where your pots stand',
  says: (zone: string, southern: boolean) =>
    `Days and times are those of ${zone}, and the growing year is the ${southern ? 'southern' : 'northern'} one.`,
  guessed: 'Taken from this computer: change it if your pots stand elsewhere.',
  zone: 'Time zone',
  year: 'Growing year',
  northern: 'Northern',
  northernNote: 'summer in July',
  southern: 'Southern',
  southernNote: 'summer in January',
  use: (zone: string) => `Use ${zone.replaceAll('_', ' ')}`,
  useBrowsers: (zone: string) => `Use ${zone}, as in this browser`,
  kept: (zone: string, southern: boolean) =>
    `Kept: ${zone}, ${southern ? 'southern' : 'northern'} growing year.`,
} as const
