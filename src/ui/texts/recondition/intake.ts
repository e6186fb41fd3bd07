/** The steps from a tired lot to its next innings. */
export const turnoverWay = {
  label: 'The way of a turnover',
  names: ['What was found', 'Ways', 'Recipe', 'Work order', 'Next innings'],
} as const

/** Words of what was found in a tired lot. */
export const intake = {
  title: (name: string) => `Turn over ${name}`,
  lead: 'What did you find? Two minutes, then the ways to go on.',
  drop: 'How far has the surface sunk?',
  looked: (day: string, years: number | null) =>
    `as found on ${day}${years === null ? '' : `, in use ${years === 1 ? 'one season' : `${years} seasons`}`}; below where it stood when filled`,
  dropHint: 'below where it stood when filled',
  dropLitres: (litres: string, count: number) =>
    count > 1
      ? `So about ${litres} stand in the ${count} containers.`
      : `So about ${litres} stand in it.`,
  inBin: (litres: string) => `It waits in a store bin: ${litres} by the ledger.`,
  roots: 'Root mass',
  rootsOptions: {
    fine: ['Fine', 'crumbles away'],
    dense: ['Dense', 'a felt of roots'],
    bound: ['Bound', 'holds the pot’s shape'],
    woody: ['Woody', 'thick or stringy'],
  },
  side: 'Did water run down the side when you watered?',
  sideOptions: { no: 'No, it soaked in', yes: 'Yes, it ran down' },
  crop: 'What grows in it next?',
  chooseCrop: 'Choose a crop',
  choosePot: 'Choose at least one container',
  nothingLeft: 'With that level drop nothing would be left in the pot.',
  nothingWanted: 'Say more than 0, or leave it empty.',
  tooMuch: (asked: string, all: string) =>
    `You asked for ${asked}; these hold ${all}. Add a pot or make less.`,
  toLot: 'Back to the lot, answers kept',
  wants: (low: string, high: string, phLow: string, phHigh: string) =>
    `Wants ${low}–${high} air after draining and pH ${phLow}–${phHigh}.`,
  pots: 'In which containers?',
  noPots: 'No container is free: empty one first.',
  litres: 'How many litres of finished mix?',
  litresHint: (all: string) => `empty means: fill them, ${all}`,
  every: 'You water every … days in high summer',
  everyHint:
    '0.5 is twice a day. Where the pot would dry out in between, what holds more water goes in. Empty: not looked at.',
  everyUnread: 'Say a number of days, such as 2, or leave it empty.',
  share: 'How much compost?',
  shares: [
    ['0.2', 'A fifth', 'keeps air, little salt'],
    ['0.3', 'Just under a third', 'common'],
    ['0.5', 'Half', 'rich and heavy; settles'],
    ['0', 'None', ''],
  ],
  shareHint: 'Lowered where salt, lime, nitrogen or air forbid it; the recipe says so.',
  feed: 'How do you feed?',
  feeds: [
    ['organic', 'Organic', 'meals, granules: mixed in'],
    ['coated', 'Coated', 'slow grains: mixed in'],
    ['soluble', 'Soluble', 'with the water, all season'],
  ],
  found: 'What was found in it',
  byTest: (day: string) => `answered by the wetting test of ${day}`,
  sieved: (share: string, day: string) =>
    `The sieve test of ${day} held ${share} back: that counts, whatever the roots look like.`,
  standing: (crop: string) =>
    `A ${crop.toLowerCase()} stands in it and stays for years: it is not tipped out with the season.`,
  potOn: 'Pot it on: a mix for it',
  topUp: 'Top it up: write what you add on the lot',
  comesOut: 'Go on below only if the plant comes out of this mix for good.',
  place: 'How you work it',
  placeHint:
    'In place is less work where little has to go in; the recipe says where it has to come out.',
  places: [
    ['tipped', 'Tipped out', 'sorted and mixed on a sheet'],
    ['in-place', 'In its pot', 'forked over, topped up'],
  ] as const,
  usually: (way: string) => `Go on as usual: ${way.toLowerCase()}`,
  healthy:
    'Anything not listed here the recipe takes as healthy. If roots were rotten, galled or knobbly, or a wilt went round, add it above first.',
  toWays: 'Compare the ways to go on',
  go: 'Straight to the full recipe',
  openOrder: 'This lot has an open work order.',
  toOrder: 'Go on with it',
  throwAway: 'Throw these answers away',
} as const
