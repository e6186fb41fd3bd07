/** Words of the number of pots a trial needs. */
export const howManyPots = {
  title: 'How many pots do I need?',
  lead: 'So that a difference that matters to you is not missed, and one that is not there is not seen.',
  plan: 'Plan a trial',
  what: 'What is compared?',
  whats: {
    means: { name: 'pots', note: 'height, harvest, score: one number a pot' },
    counts: { name: 'seeds', note: 'how many come up in trays of each' },
    signs: { name: 'crops', note: 'which of two mixes each crop prefers' },
  },
  treatments: 'Treatments besides the control',
  treatmentsHint: 'Each more asks for more pots: 5 % for being wrong is shared out.',
  difference: 'Difference you want to see, percent',
  differenceHint: 'Of the control’s mean: 20 is what most growers would change a mix for.',
  cv: 'Variation from plant to plant, percent',
  varied: 'What your own trials varied by:',
  useCv: (cv: string) => `Use ${cv} %`,
  variedBy: (name: string, measure: string) => `${name}, ${measure}`,
  cvHint: 'How much pots treated alike differ: 20 is usual, seedlings 30 to 40.',
  pots: 'Pots of each that you have',
  potsHint: 'What so many could show is told as well.',
  trays: 'Trays of each',
  traysHint: 'Seeds of one tray share its luck: it takes three or more.',
  seeds: 'Seeds in each tray, 1 for pots of their own',
  expected: 'Expected to come up in the control, percent',
  crops: 'Crops, grown in each mix',
  wrong: (low: number, high: number, whole: boolean) =>
    `A ${whole ? 'whole ' : ''}number from ${low} to ${high}`,
  needed: (pots: number) => `About ${pots} pots of each`,
  neededInAll: (all: number, groups: number) => `${all} in all, for ${groups} groups.`,
  neededWhy:
    'They show the difference four times in five if it is there (power 80 %), and see one that is not there at most once in twenty.',
  outOfReach:
    'More than 10,000 pots of each: that difference cannot be shown with plants that vary so much.',
} as const
