/** Words of planning the turnover of many lots at once. */
export const plan = {
  title: 'Plan the turnover',
  lead: 'The ways to go on with many lots at once, each in its own pots: what it takes and costs in all.',
  make: 'Plan them all',
  crop: 'What grows in them next?',
  cropHint: 'One crop for all of them; a lot that gets another one has its own page.',
  chooseCrop: 'Choose a crop',
  lots: 'Which lots?',
  chosen: (count: number, most: number) =>
    count > most
      ? `${count} lots chosen; ${most} at once are the most`
      : `${count} ${count === 1 ? 'lot' : 'lots'} chosen`,
  growing: 'plants stand in it',
  all: 'Choose all',
  noneOf: 'Choose none',
  chooseLots: 'Choose at least one lot',
  nothing: 'No lot that waits stands in pots.',
  inStore: (count: number) =>
    count === 1
      ? 'One more lot waits in the store: it is given its pots on its own page first.'
      : `${count} more lots wait in the store: they are given their pots on their own pages first.`,
  go: 'Work out the ways',
  fetching: 'Reading the lots',
  working: (count: number) =>
    `Working out five ways for ${count === 1 ? 'one lot' : `${count} lots`}`,
  stopped: 'Stopped: nothing was worked out.',
  table: 'The way of each lot, and what it comes to',
  columns: {
    lot: 'Lot',
    way: 'Way',
    air: 'Air',
    litres: 'Litres',
    cost: 'Cost',
    work: 'Work',
    from: 'Plant from',
    lift: 'To lift',
  },
  wayOf: (name: string) => `Way for ${name}`,
  best: 'fits best',
  closed: 'no way is open',
  wanted: (low: string) => `below the ${low} wanted`,
  short: (litres: string) => `of ${litres} wanted`,
  from: (money: string) => `from ${money}`,
  head: 'What it comes to',
  unpriced: '“from”: without what has no price in your list',
  toWays: (name: string) => `See the ways of ${name}`,
  ways: 'See its ways',
  now: 'now',
  total: 'All together',
  counted: (count: number, name: string) => `${count} × ${name.toLowerCase()}`,
  against: (money: string) => `new mix for all of them: ${money}`,
  left: 'Not worked out',
  estimate:
    'Worked out from what is known of each lot; a look at the pots and a test make it surer.',
} as const
